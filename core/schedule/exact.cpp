#include "core/schedule/decoder.h"
#include <algorithm>
#include <array>
#include <limits>
#include <unordered_map>

namespace rl::schedule {

namespace {
constexpr Minutes kGrid = 15;
constexpr std::size_t kMost = 12;

/// Where a plan stands: what is left, what may begin when.
struct State {
    Minutes t = 0;
    std::size_t sitting = 0;
    bool used = false; ///< the sitting at t
    int sittings = 0; ///< used before it, and it
    Minutes wasted = 0; ///< in those that are over
    std::array<Minutes, kMost> left{}, ready{}, end{};
    int last = -1; ///< worked on just before t
};

class Search {
public:
    Search(const Network& n, const std::vector<Window>& sittings, int nodes, Decoded& best)
        : m_n(n)
        , m_sittings(sittings)
        , m_nodes(nodes)
        , m_best(best)
    {
        m_sum.push_back(0);
        for (const Window& w : sittings)
            m_sum.push_back(m_sum.back() + w.to - w.from);
        order();
    }
    bool run()
    {
        State s;
        s.t = m_sittings.front().from;
        for (std::size_t i = 0; i < m_n.tasks.size(); ++i) {
            s.left[i] = m_n.tasks[i].length, s.end[i] = kNever;
            s.ready[i] = m_n.tasks[i].before.empty() ? s.t : kNever;
        }
        go(s);
        return m_nodes > 0;
    }

private:
    std::size_t count() const { return m_n.tasks.size(); }
    void order()
    {
        std::vector<int> open;
        for (const Node& n : m_n.tasks)
            open.push_back(int(n.before.size()));
        while (m_order.size() < count())
            for (std::size_t i = 0; i < count(); ++i)
                if (open[i] == 0) {
                    open[i] = -1;
                    m_order.push_back(i);
                    for (const int j : m_n.tasks[i].next)
                        --open[std::size_t(j)];
                }
    }
    /// When so much work is done, from a time on, alone in all sittings.
    Minutes after(Minutes from, Minutes work) const
    {
        if (work <= 0)
            return from;
        std::size_t s
            = std::size_t(std::upper_bound(m_sittings.begin(), m_sittings.end(), from, [](Minutes t, const Window& w) {
                  return t < w.to;
              }) - m_sittings.begin());
        if (s >= m_sittings.size())
            return kNever;
        const Minutes before = m_sum[s] + std::max<Minutes>(0, from - m_sittings[s].from), want = before + work;
        const auto at = std::lower_bound(m_sum.begin(), m_sum.end(), want);
        if (at == m_sum.end())
            return kNever;
        s = std::size_t(at - m_sum.begin()) - 1;
        return m_sittings[s].from + want - m_sum[s];
    }
    /// No plan from here ends sooner.
    Minutes bound(const State& s) const
    {
        std::array<Minutes, kMost> end{};
        Minutes last = 0, work = 0;
        for (const std::size_t i : m_order) {
            if (s.left[i] <= 0) {
                end[i] = s.end[i];
                last = std::max(last, end[i]);
                continue;
            }
            Minutes start = s.t;
            if (s.ready[i] < kNever)
                start = std::max(start, s.ready[i]);
            else
                for (const Link& b : m_n.tasks[i].before)
                    start = std::max(start, end[std::size_t(b.task)] + b.lag);
            end[i] = m_n.tasks[i].pause ? start + s.left[i] : after(start, s.left[i]);
            work += m_n.tasks[i].pause ? 0 : s.left[i];
            last = std::max(last, end[i]);
            if (end[i] >= kNever)
                return kNever;
        }
        return std::max(last, after(s.t, work));
    }
    Minutes workLeft(const State& s) const
    {
        Minutes work = 0;
        for (std::size_t i = 0; i < count(); ++i)
            work += m_n.tasks[i].pause ? 0 : s.left[i];
        return work;
    }
    bool hopeless(const State& s) const
    {
        const Minutes b = bound(s);
        if (b >= kNever)
            return true;
        if (!m_best.whole)
            return false;
        if (b != m_best.finish)
            return b > m_best.finish;
        // As soon at best: fewer sittings then, or less time lost.
        const Minutes work = workLeft(s), here = s.sitting < m_sittings.size() ? m_sittings[s.sitting].to - s.t : 0;
        const int more = work <= 0 ? 0 : s.used ? (work > here ? 1 : 0) : 1;
        if (s.sittings + more != m_best.sittings)
            return s.sittings + more > m_best.sittings;
        return s.wasted >= m_best.wasted;
    }
    /// \return whether that state was reached as well before
    bool known(const State& s)
    {
        std::uint64_t h = 1469598103934665603ull;
        const auto mix = [&](std::uint64_t v) {
            h = (h ^ v) * 1099511628211ull;
            h ^= h >> 29;
        };
        mix(std::uint64_t(s.t)), mix(s.used), mix(std::uint64_t(s.last + 1));
        for (std::size_t i = 0; i < count(); ++i) {
            mix(std::uint64_t(s.left[i]));
            mix(std::uint64_t(s.left[i] <= 0 ? 0
                    : s.ready[i] == kNever   ? 1
                                             : std::max<Minutes>(s.ready[i] - s.t, 0) + 2));
            if (s.left[i] <= 0) // how long ago it ended matters while others wait for more than it
                for (const int j : m_n.tasks[i].next)
                    if (s.ready[std::size_t(j)] == kNever)
                        mix(std::uint64_t(s.end[i]));
        }
        const std::pair<int, Minutes> value{s.sittings, s.wasted};
        Minutes last = 0;
        for (std::size_t i = 0; i < count(); ++i)
            last = s.left[i] <= 0 ? std::max(last, s.end[i]) : last;
        mix(std::uint64_t(last > s.t ? last : 0));
        const auto [at, fresh] = m_seen.try_emplace(h, value);
        if (!fresh && at->second <= value)
            return true;
        at->second = value;
        return false;
    }
    void finished(const State& s)
    {
        Decoded d;
        d.whole = true, d.done = int(count());
        d.pieces = m_way;
        Minutes inUsed = s.wasted;
        for (const Piece& p : m_way)
            d.finish = std::max(d.finish, p.to);
        d.sittings = s.sittings;
        // The sitting at the end is charged whole.
        if (s.used) {
            const Window& w = m_sittings[s.sitting];
            Minutes worked = 0;
            for (const Piece& p : m_way)
                if (!m_n.tasks[std::size_t(p.task)].pause && p.from >= w.from && p.to <= w.to)
                    worked += p.to - p.from;
            inUsed += w.to - w.from - worked;
        }
        d.wasted = inUsed;
        d.lastSitting = int(s.sitting);
        if (better(d, m_best))
            m_best = d;
    }
    void put(State& s, std::size_t i, Minutes from, Minutes to)
    {
        m_way.push_back({int(i), from, to});
        s.left[i] -= to - from;
        s.t = to;
        if (s.left[i] > 0)
            return;
        s.left[i] = 0, s.end[i] = to;
        for (const int j : m_n.tasks[i].next) {
            Minutes ready = 0;
            for (const Link& b : m_n.tasks[std::size_t(j)].before) {
                const Minutes e = s.end[std::size_t(b.task)];
                ready = e == kNever || ready == kNever ? kNever : std::max(ready, e + b.lag);
            }
            s.ready[std::size_t(j)] = ready;
        }
    }
    /// Into the next sitting when the one at t is over.
    void settle(State& s) const
    {
        while (s.sitting < m_sittings.size() && s.t >= m_sittings[s.sitting].to)
            leave(s);
        if (s.sitting < m_sittings.size() && s.t < m_sittings[s.sitting].from)
            s.last = -1;
    }
    void leave(State& s) const
    {
        if (s.used) {
            const Window& w = m_sittings[s.sitting];
            Minutes worked = 0;
            for (auto p = m_way.rbegin(); p != m_way.rend() && p->to > w.from; ++p)
                if (!m_n.tasks[std::size_t(p->task)].pause && p->from >= w.from && p->to <= w.to)
                    worked += p->to - p->from;
            s.wasted += w.to - w.from - worked;
        }
        s.used = false, ++s.sitting, s.last = -1;
    }
    void go(State s)
    {
        settle(s);
        if (std::all_of(s.left.begin(), s.left.begin() + std::ptrdiff_t(count()), [](Minutes l) { return l <= 0; }))
            return finished(s);
        if (--m_nodes <= 0 || s.sitting >= m_sittings.size() || hopeless(s) || known(s))
            return;
        const Window& w = m_sittings[s.sitting];
        const std::size_t mark = m_way.size();
        if (s.t >= w.from)
            for (const std::size_t i : m_order)
                if (!m_n.tasks[i].pause && s.left[i] > 0 && s.ready[i] <= s.t && int(i) != s.last)
                    pieces(s, i, w, mark);
        pauses(s, mark);
        idle(s, w);
    }
    void pieces(const State& s, std::size_t i, const Window& w, std::size_t mark)
    {
        const Node& n = m_n.tasks[i];
        const Minutes room = w.to - s.t, most = std::min(s.left[i], room);
        const auto take = [&](Minutes l) {
            State next = s;
            next.sittings += !s.used, next.used = true;
            put(next, i, s.t, s.t + l);
            next.last = int(i);
            go(next);
            m_way.resize(mark);
        };
        if (!n.splittable) {
            if (n.length <= room)
                take(n.length);
            return;
        }
        const Minutes least = std::min(n.least, n.length);
        for (Minutes l = most; l >= least; l = l == most && most % kGrid ? most - most % kGrid : l - kGrid)
            if (s.left[i] - l == 0 || s.left[i] - l >= n.least)
                take(l);
    }
    void pauses(const State& s, std::size_t mark)
    {
        const Window& w = m_sittings[s.sitting];
        const Minutes gapEnd = s.t < w.from     ? w.from
            : s.sitting + 1 < m_sittings.size() ? m_sittings[s.sitting + 1].from
                                                : kNever;
        for (const std::size_t i : m_order) {
            if (!m_n.tasks[i].pause || s.left[i] <= 0 || s.ready[i] == kNever)
                continue;
            const Minutes start = std::max(s.t, s.ready[i]);
            if (start >= gapEnd)
                continue;
            State next = s;
            if (start >= w.to && s.t < w.to)
                leave(next);
            put(next, i, start, start + m_n.tasks[i].length);
            next.last = -1;
            go(next);
            m_way.resize(mark);
        }
    }
    /// On to the next thing that happens.
    void idle(const State& s, const Window& w)
    {
        State next = s;
        next.last = -1;
        if (s.t < w.from) {
            next.t = w.from;
            return go(next);
        }
        Minutes at = w.to;
        for (std::size_t i = 0; i < count(); ++i)
            if (s.left[i] > 0 && s.ready[i] > s.t)
                at = std::min(at, s.ready[i]);
        next.t = at;
        go(next);
    }
    const Network& m_n;
    const std::vector<Window>& m_sittings;
    std::vector<Minutes> m_sum;
    std::vector<std::size_t> m_order;
    int m_nodes;
    Decoded& m_best;
    std::vector<Piece> m_way;
    std::unordered_map<std::uint64_t, std::pair<int, Minutes>> m_seen;
};
} // namespace

bool searched(const Network& network, const std::vector<Window>& sittings, int nodes, Decoded& best)
{
    if (network.tasks.size() > kMost)
        return false;
    return Search(network, sittings, nodes, best).run();
}

} // namespace rl::schedule
