#include "core/schedule/sittings.h"
#include "core/base/words.h"
#include "core/schedule/decoder.h"
#include <algorithm>
#include <cmath>
#include <map>
#include <random>
#include <set>

namespace rl::schedule {

namespace {
std::optional<Error> wrong(const std::vector<Task>& tasks, const std::vector<Window>& sittings)
{
    std::set<std::string> ids;
    Minutes longest = 0, all = 0, work = 0;
    for (const Window& w : sittings)
        longest = std::max(longest, w.to - w.from), all += w.to - w.from;
    for (const Task& t : tasks) {
        if (!ids.insert(t.id).second)
            return Error{ErrorKind::Invalid, tr("Two tasks are called “%1”.", t.id), {}};
        if (t.length <= 0)
            return Error{ErrorKind::Invalid, tr("The task “%1” takes no time.", t.id), {}};
        if (!t.pause && !t.splittable && t.length > longest)
            return Error{ErrorKind::Invalid,
                tr("The task “%1” is one piece and longer than any sitting: split it, or keep a longer evening free.",
                    t.id),
                {}};
        work += t.pause ? 0 : t.length;
    }
    for (const Task& t : tasks)
        for (const After& a : t.after)
            if (!ids.contains(a.task))
                return Error{
                    ErrorKind::Invalid, tr("The task “%1” waits for “%2”, which is not there.", t.id, a.task), {}};
    if (work > all)
        return Error{ErrorKind::Missing, tr("The sittings run out: there is more work than free hours."), {}};
    return {};
}

/// A task that waits for itself in the end; empty when there is none.
std::string roundabout(const Network& n)
{
    std::vector<int> open(n.tasks.size());
    std::vector<std::size_t> free;
    for (std::size_t i = 0; i < n.tasks.size(); ++i)
        if ((open[i] = int(n.tasks[i].before.size())) == 0)
            free.push_back(i);
    std::size_t done = 0;
    while (!free.empty()) {
        const std::size_t i = free.back();
        free.pop_back();
        ++done;
        for (const auto& next : n.tasks[i].next)
            if (--open[std::size_t(next)] == 0)
                free.push_back(std::size_t(next));
    }
    if (done == n.tasks.size())
        return {};
    std::string names; // of those that wait for each other: walk back among the open ones until one comes again
    std::size_t at = 0;
    while (open[at] == 0)
        ++at;
    std::vector<std::size_t> way;
    while (std::find(way.begin(), way.end(), at) == way.end()) {
        way.push_back(at);
        for (const auto& b : n.tasks[at].before)
            if (open[std::size_t(b.task)] > 0) {
                at = std::size_t(b.task);
                break;
            }
    }
    for (auto i = std::find(way.begin(), way.end(), at); i != way.end(); ++i)
        names += (names.empty() ? "“" : ", “") + n.tasks[*i].id + "”";
    return names;
}

Plan planOf(const Decoded& d)
{
    return {d.pieces, d.finish, d.sittings, d.wasted, false};
}

/// Priorities, holds and skipped sittings changed a little, again and again.
Decoded annealed(const Network& n, const std::vector<Window>& sittings, int rounds, Progress& progress)
{
    Wishes best = firstWishes(n, sittings), now = best;
    Decoded bestPlan = decoded(n, sittings, best), nowPlan = bestPlan;
    const double scale = std::max(1.0, 0.02 * double(sittings.back().to - sittings.front().from));
    std::mt19937 random(20310301);
    const auto uniform = [&] { return double(random()) / 4294967296.0; };
    const auto cost = [&](const Decoded& d, bool spread) {
        if (!d.whole)
            return 1e15 - double(d.done);
        return double(d.finish) + (spread ? 2 * d.meanEnd : 60.0 * d.sittings + double(d.wasted));
    };
    const int steps = std::max(60, int(double(rounds) / std::sqrt(double(std::max<std::size_t>(n.tasks.size(), 8)))));
    double nowCost = cost(nowPlan, true);
    for (int i = 0; i < steps && !progress.cancelled(); ++i) {
        const double share = double(i) / steps;
        const bool spread = share < 0.6;
        if (i > 0 && !spread && double(i - 1) / steps < 0.6)
            now = best, nowPlan = bestPlan, nowCost = cost(nowPlan, false);
        Wishes tried = now;
        const std::size_t k = random() % n.tasks.size();
        const double which = uniform();
        if (which < 0.45)
            tried.urgency[k] += (uniform() - 0.5) * 4 * scale;
        else if (which < 0.65)
            std::swap(tried.urgency[k], tried.urgency[random() % n.tasks.size()]);
        else if (which < 0.85)
            tried.hold[k] = !tried.hold[k];
        else {
            const std::size_t used = std::min(sittings.size(), std::size_t(nowPlan.lastSitting) + 1);
            const std::size_t s = random() % std::max<std::size_t>(used, 1);
            tried.skip[s] = !tried.skip[s];
        }
        const Decoded plan = decoded(n, sittings, tried);
        const double c = cost(plan, spread), heat = scale * (1 - share) * (spread ? 1 : 0.3);
        if (c <= nowCost || uniform() < std::exp((nowCost - c) / std::max(heat, 1e-9)))
            now = tried, nowPlan = plan, nowCost = c;
        if (better(plan, bestPlan))
            best = tried, bestPlan = plan;
        if (i % 512 == 0)
            progress.report(share, "sittings");
    }
    return bestPlan;
}
} // namespace

Result<std::vector<Window>> sittingsOf(std::vector<Window> windows)
{
    std::vector<Window> out;
    std::sort(windows.begin(), windows.end(), [](const Window& a, const Window& b) { return a.from < b.from; });
    for (const Window& w : windows) {
        if (w.to <= w.from)
            return Error{ErrorKind::Invalid, tr("Free hours end before they begin."), {}};
        if (!out.empty() && w.from <= out.back().to)
            out.back().to = std::max(out.back().to, w.to);
        else
            out.push_back(w);
    }
    return out;
}

Result<Plan> planned(
    const std::vector<Task>& tasks, const std::vector<Window>& windows, const Effort& effort, Progress& progress)
{
    auto made = sittingsOf(windows);
    if (!made)
        return made.error();
    const std::vector<Window> sittings = made.take();
    if (tasks.empty())
        return Plan{{}, sittings.empty() ? 0 : sittings.front().from, 0, 0, true};
    if (sittings.empty())
        return Error{ErrorKind::Missing, tr("There are no free hours: the sittings run out before they begin."), {}};
    if (const auto error = wrong(tasks, sittings))
        return *error;
    const Network network = networkOf(tasks);
    if (const std::string names = roundabout(network); !names.empty())
        return Error{ErrorKind::Invalid, tr("These tasks wait for each other: %1.", names), {}};
    Decoded best = annealed(network, sittings, effort.rounds, progress);
    bool proved = false;
    if (effort.nodes > 0 && tasks.size() <= 12)
        proved = searched(network, sittings, effort.nodes, best);
    if (!best.whole)
        return Error{ErrorKind::Missing,
            tr("The sittings run out: “%1” finds no free hours any more.", tasks[std::size_t(best.firstOpen)].id), {}};
    Plan plan = planOf(best);
    plan.proved = proved;
    return plan;
}

std::vector<std::string> faultsOf(const Plan& plan, const std::vector<Task>& tasks, const std::vector<Window>& sittings)
{
    std::vector<std::string> bad;
    std::map<std::string, std::pair<Minutes, Minutes>> span;
    Minutes end = INT64_MIN;
    for (std::size_t i = 0; i < tasks.size(); ++i) {
        const Task& t = tasks[i];
        std::vector<Piece> own;
        for (const Piece& p : plan.pieces)
            if (p.task == int(i)) {
                if (!own.empty() && own.back().to == p.from)
                    own.back().to = p.to;
                else
                    own.push_back(p);
            }
        Minutes sum = 0;
        for (const Piece& p : own) {
            sum += p.to - p.from;
            end = std::max(end, p.to);
            const bool inside = std::any_of(
                sittings.begin(), sittings.end(), [&](const Window& w) { return p.from >= w.from && p.to <= w.to; });
            if (!t.pause && !inside)
                bad.push_back(tr("%1 outside of sittings", t.id));
            if (t.splittable && p.to - p.from < std::min(t.leastPiece, t.length))
                bad.push_back(tr("%1 in too short a piece", t.id));
        }
        if (own.empty() || (t.pause ? sum < t.length : sum != t.length))
            bad.push_back(tr("%1 not done in its time", t.id));
        else
            span[t.id] = {own.front().from, own.back().to};
        if ((!t.splittable || t.pause) && own.size() > 1)
            bad.push_back(tr("%1 interrupted", t.id));
    }
    for (const Task& t : tasks)
        for (const After& a : t.after)
            if (span.contains(t.id) && span.contains(a.task) && span[t.id].first < span[a.task].second + a.lag)
                bad.push_back(tr("%1 too soon after %2", t.id, a.task));
    std::vector<Piece> all = plan.pieces;
    std::sort(all.begin(), all.end(), [](const Piece& a, const Piece& b) { return a.from < b.from; });
    for (std::size_t i = 1; i < all.size(); ++i)
        if (all[i].from < all[i - 1].to)
            bad.push_back(tr("two at once"));
    if (!tasks.empty() && end != plan.finish)
        bad.push_back(tr("its end misstated"));
    return bad;
}

} // namespace rl::schedule
