#include "core/schedule/decoder.h"
#include <algorithm>
#include <limits>
#include <map>

namespace rl::schedule {

namespace {

/// A plan as it grows.
class Growing {
public:
    Growing(const Network& n, const std::vector<Window>& sittings, const Wishes& w)
        : m_n(n)
        , m_sittings(sittings)
        , m_w(w)
        , m_left(n.tasks.size())
        , m_ready(n.tasks.size(), kNever)
        , m_end(n.tasks.size(), kNever)
    {
        for (std::size_t i = 0; i < n.tasks.size(); ++i) {
            m_left[i] = n.tasks[i].length;
            if (n.tasks[i].before.empty())
                m_ready[i] = sittings.front().from;
        }
    }
    Decoded run()
    {
        for (std::size_t s = 0; s < m_sittings.size() && m_open > 0; ++s) {
            if (!(s < m_w.skip.size() && m_w.skip[s]))
                work(s);
            rest(m_sittings[s].to, s + 1 < m_sittings.size() ? m_sittings[s + 1].from : kNever);
        }
        finish();
        return std::move(m_out);
    }

private:
    std::size_t count() const { return m_n.tasks.size(); }
    void done(std::size_t i, Minutes at)
    {
        m_end[i] = at;
        --m_open;
        for (const int j : m_n.tasks[i].next) {
            Minutes ready = m_sittings.front().from;
            for (const Link& b : m_n.tasks[std::size_t(j)].before)
                ready = m_end[std::size_t(b.task)] == kNever ? kNever
                    : ready == kNever                        ? kNever
                                                             : std::max(ready, m_end[std::size_t(b.task)] + b.lag);
            m_ready[std::size_t(j)] = ready;
        }
    }
    void put(std::size_t i, Minutes from, Minutes to)
    {
        m_out.pieces.push_back({int(i), from, to});
        m_left[i] -= to - from;
        if (m_left[i] <= 0)
            done(i, to);
    }
    bool openAt(std::size_t i, Minutes t) const { return m_left[i] > 0 && m_ready[i] <= t; }
    /// When something more urgent than a task comes free, before `until`.
    Minutes moreUrgent(std::size_t than, Minutes t, Minutes until) const
    {
        Minutes first = kNever;
        for (std::size_t j = 0; j < count(); ++j)
            if (m_left[j] > 0 && m_ready[j] > t && m_ready[j] < until && m_w.urgency[j] > m_w.urgency[than]
                && !(m_n.tasks[j].pause && m_w.hold[j]))
                first = std::min(first, m_ready[j]);
        return first;
    }
    /// How long a task can be worked on from here; 0 = not.
    Minutes pieceOf(std::size_t i, Minutes t, Minutes to) const
    {
        const Node& n = m_n.tasks[i];
        if (!n.splittable) {
            if (t + n.length > to || (m_w.hold[i] && moreUrgent(i, t, t + n.length) < kNever))
                return 0;
            return n.length;
        }
        // Joined to its own piece just before, even a short rest will do.
        const bool goesOn = !m_out.pieces.empty() && m_out.pieces.back().task == int(i) && m_out.pieces.back().to == t;
        const Minutes least = goesOn ? 1 : std::min(n.least, n.length);
        const auto fits = [&](Minutes l) {
            const Minutes rest = m_left[i] - l;
            return l >= least && (rest == 0 || rest >= n.least);
        };
        Minutes l = std::min(m_left[i], to - t);
        if (l < m_left[i] && m_left[i] - l < n.least)
            l = m_left[i] - n.least;
        if (const Minutes at = moreUrgent(i, t, t + l); at < kNever) {
            if (fits(at - t))
                l = at - t;
            else if (m_w.hold[i])
                return 0;
        }
        return fits(l) ? l : 0;
    }
    void work(std::size_t s)
    {
        const Minutes to = m_sittings[s].to;
        Minutes t = std::max(m_sittings[s].from, m_blocked);
        bool used = false;
        while (t < to && m_open > 0) {
            std::size_t chosen = count();
            Minutes length = 0;
            for (std::size_t i = 0; i < count(); ++i) {
                if (!openAt(i, t) || (chosen < count() && m_w.urgency[i] <= m_w.urgency[chosen]))
                    continue;
                const bool pause = m_n.tasks[i].pause;
                if (const Minutes l = pause ? (m_w.hold[i] ? 0 : m_n.tasks[i].length) : pieceOf(i, t, to); l > 0)
                    chosen = i, length = l;
            }
            if (chosen == count()) {
                Minutes next = to;
                for (std::size_t i = 0; i < count(); ++i)
                    if (m_left[i] > 0 && m_ready[i] > t)
                        next = std::min(next, m_ready[i]);
                t = next;
                continue;
            }
            put(chosen, t, t + length);
            t += length;
            if (m_n.tasks[chosen].pause)
                m_blocked = t;
            else
                used = true, m_lastWork = t;
        }
        if (used) {
            m_out.lastSitting = int(s), ++m_out.sittings;
            m_out.wasted += m_sittings[s].to - m_sittings[s].from;
        }
    }
    /// Pauses between two sittings.
    void rest(Minutes from, Minutes to)
    {
        Minutes t = std::max({m_blocked, std::min(from, std::max(m_lastWork, m_blocked))});
        for (;;) {
            std::size_t first = count();
            Minutes start = kNever;
            for (std::size_t i = 0; i < count(); ++i)
                if (m_n.tasks[i].pause && m_left[i] > 0 && m_ready[i] < kNever)
                    if (const Minutes at = std::max(m_ready[i], t); at < start)
                        start = at, first = i;
            if (first == count() || start >= to)
                return;
            put(first, start, start + m_n.tasks[first].length);
            t = m_blocked = start + m_n.tasks[first].length;
        }
    }
    void finish()
    {
        m_out.whole = m_open == 0;
        m_out.done = int(count()) - m_open;
        Minutes work = 0;
        for (const Piece& p : m_out.pieces) {
            m_out.finish = std::max(m_out.finish, p.to);
            work += m_n.tasks[std::size_t(p.task)].pause ? 0 : p.to - p.from;
        }
        m_out.wasted -= work;
        double sum = 0;
        for (std::size_t i = 0; i < count(); ++i) {
            if (m_left[i] > 0)
                m_out.firstOpen = int(i);
            sum += double(m_end[i] < kNever ? m_end[i] : 0);
        }
        m_out.meanEnd = sum / double(count()) - double(m_sittings.front().from);
    }
    const Network& m_n;
    const std::vector<Window>& m_sittings;
    const Wishes& m_w;
    std::vector<Minutes> m_left, m_ready, m_end;
    Minutes m_blocked = -kNever, m_lastWork = -kNever;
    int m_open = int(m_left.size());
    Decoded m_out;
};
} // namespace

Network networkOf(const std::vector<Task>& tasks)
{
    Network n;
    std::map<std::string, int> place;
    for (std::size_t i = 0; i < tasks.size(); ++i) {
        place[tasks[i].id] = int(i);
        n.tasks.push_back({tasks[i].id, tasks[i].length, tasks[i].leastPiece, tasks[i].splittable && !tasks[i].pause,
            tasks[i].pause, {}, {}});
    }
    for (std::size_t i = 0; i < tasks.size(); ++i)
        for (const After& a : tasks[i].after)
            if (const auto at = place.find(a.task); at != place.end()) {
                n.tasks[i].before.push_back({at->second, std::max<Minutes>(0, a.lag)});
                n.tasks[std::size_t(at->second)].next.push_back(int(i));
            }
    return n;
}

Wishes firstWishes(const Network& n, const std::vector<Window>& sittings)
{
    Minutes free = 0;
    for (const Window& w : sittings)
        free += w.to - w.from;
    const double stretch = double(sittings.back().to - sittings.front().from) / double(std::max<Minutes>(free, 1));
    Wishes w;
    w.urgency.assign(n.tasks.size(), -1);
    w.hold.assign(n.tasks.size(), 0);
    w.skip.assign(sittings.size(), 0);
    // The longest way from each to the end; there are no rounds.
    std::vector<std::size_t> way;
    for (std::size_t root = 0; root < n.tasks.size(); ++root) {
        way.push_back(root);
        while (!way.empty()) {
            const std::size_t i = way.back();
            double tail = 0;
            bool known = true;
            for (const int j : n.tasks[i].next) {
                if (w.urgency[std::size_t(j)] < 0) {
                    way.push_back(std::size_t(j));
                    known = false;
                    break;
                }
                for (const Link& b : n.tasks[std::size_t(j)].before)
                    if (b.task == int(i))
                        tail = std::max(tail, double(b.lag) + w.urgency[std::size_t(j)]);
            }
            if (!known)
                continue;
            w.urgency[i] = tail + double(n.tasks[i].length) * (n.tasks[i].pause ? 1 : stretch);
            w.hold[i] = n.tasks[i].pause;
            way.pop_back();
        }
    }
    return w;
}

bool better(const Decoded& a, const Decoded& b)
{
    if (a.whole != b.whole)
        return a.whole;
    if (!a.whole)
        return a.done > b.done;
    if (a.finish != b.finish)
        return a.finish < b.finish;
    return a.sittings != b.sittings ? a.sittings < b.sittings : a.wasted < b.wasted;
}

Decoded decoded(const Network& network, const std::vector<Window>& sittings, const Wishes& wishes)
{
    return Growing(network, sittings, wishes).run();
}

} // namespace rl::schedule
