#include "core/schedule/work_plan.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/schedule/paint_rules.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace rl::schedule {

Minutes PlannedSitting::worked() const
{
    Minutes sum = 0;
    for (const Part& p : parts)
        sum += p.to - p.from;
    return sum;
}

Diary usualDiary()
{
    Diary d;
    d.hours = {{1, 19 * 60, 21 * 60}, {3, 19 * 60, 21 * 60}, {5, 14 * 60, 17 * 60}};
    return d;
}

namespace {
/// Open tasks for the planner; those that are done only hold back what dries.
struct Open {
    std::vector<Task> tasks;
    std::vector<int> places; ///< in the list of work
};

Minutes rounded(double hours, Minutes least)
{
    return std::max(least, Minutes(std::lround(hours * 12)) * 5); // five minutes
}

/// When a done task was worked on last, local minutes; nothing where it was not logged.
std::optional<Minutes> workedOn(const Painting& p, const std::string& key)
{
    std::optional<Minutes> last;
    for (const Sitting& s : p.sittings)
        for (const WorkSpan& w : s.spans)
            if (w.task == key || w.task.starts_with(key + "#")) {
                const Minutes end = Minutes((w.at + Instant(w.seconds)) / 60) + s.utcMinutes;
                last = std::max(last.value_or(end), end);
            }
    return last;
}

Open openOf(const std::vector<WorkTask>& all, const Painting& painting, Minutes now, Minutes longest,
    double share(const WorkTask&))
{
    Open open;
    std::map<std::string, const WorkTask*> known;
    for (const WorkTask& t : all)
        known[t.key] = &t;
    std::map<std::string, Minutes> drying; ///< done tasks whose paint is still wet
    for (std::size_t i = 0; i < all.size(); ++i) {
        const WorkTask& t = all[i];
        if (t.done)
            continue;
        Task task;
        task.id = t.key, task.pause = t.pause;
        const double hours = share(t) - (t.pause ? 0 : loggedHours(painting, t));
        task.length = rounded(std::max(0.0, hours), t.pause ? 0 : 10);
        task.splittable = !t.pause && (!t.wet || task.length > longest);
        task.leastPiece = std::min<Minutes>(task.length, 20);
        for (const std::string& a : t.after) {
            const auto it = known.find(a);
            if (it == known.end())
                continue;
            const Minutes lag = Minutes(std::lround(it->second->dry.overHours * 60));
            if (!it->second->done) {
                task.after.push_back({a, lag});
            } else if (const auto last = workedOn(painting, a); last && *last + lag > now) {
                const std::string wait = "wet:" + a;
                drying[wait] = *last + lag - now;
                task.after.push_back({wait, 0});
            }
        }
        open.tasks.push_back(std::move(task)), open.places.push_back(int(i));
    }
    for (const auto& [id, minutes] : drying) {
        Task wait;
        wait.id = id, wait.pause = false, wait.length = 0, wait.leastPiece = 0;
        open.tasks.push_back(std::move(wait)), open.places.push_back(-1);
        for (Task& t : open.tasks)
            for (After& a : t.after)
                if (a.task == id)
                    a.lag = minutes;
    }
    return open;
}

/// \param waiting days that pass in pauses and drying, at most
std::vector<Window> windowsFor(const Diary& diary, Minutes from, double hours, double waiting)
{
    std::vector<Window> all;
    for (Minutes days = 60; days <= 3660; days *= 2) {
        all = freeWindows(diary, from, from + days * kDay);
        double minutes = 0;
        for (const Window& w : all)
            minutes += double(w.to - w.from);
        if (minutes > 60 * hours * 1.6 + 600 && all.size() > 12 && double(days) > 1.5 * waiting + 30)
            break;
    }
    return all;
}

void intoSittings(WorkPlan& out, const Plan& plan, const Open& open, const std::vector<Window>& windows)
{
    std::map<int, Minutes> ends;
    for (const Piece& p : plan.pieces)
        ends[p.task] = std::max(ends[p.task], p.to);
    for (const Piece& p : plan.pieces) {
        const int place = open.places[std::size_t(p.task)];
        if (place < 0 || out.tasks[std::size_t(place)].pause)
            continue;
        const auto w = std::find_if(
            windows.begin(), windows.end(), [&](const Window& one) { return one.from <= p.from && p.to <= one.to; });
        if (w == windows.end())
            continue;
        if (out.sittings.empty() || out.sittings.back().free.from != w->from)
            out.sittings.push_back({*w, {}});
        out.sittings.back().parts.push_back({place, p.from, p.to, ends[p.task] == p.to});
    }
}
} // namespace

WorkPlan planWork(const Project& project, const PlanFacts& facts, const paint::Mixing* mixing, Minutes now,
    const Effort& effort, Progress& progress)
{
    WorkPlan out;
    out.tasks = workOf(project, facts, mixing);
    now -= ((now % 15) + 15) % 15;
    out.now = now;
    const Minutes begins = std::max(now, minutesFrom(project.painting.from).value_or(now));
    Diary diary = project.painting.diary;
    out.assumed = diary.hours.empty()
        && std::none_of(diary.days.begin(), diary.days.end(), [](const DayHours& d) { return d.free; });
    if (out.assumed)
        diary.hours = usualDiary().hours;
    for (const WorkTask& t : out.tasks) {
        const double logged = t.pause ? 0 : loggedHours(project.painting, t);
        out.loggedHours += logged;
        if (t.done || t.pause)
            continue;
        out.hours += std::max(0.0, t.hours - logged);
        out.lowHours += std::max(0.0, t.low - logged), out.highHours += std::max(0.0, t.high - logged);
    }
    // Errors of many tasks partly cancel; those they share do not: halfway between both.
    const double spread = 0.5 * (std::sqrt(out.highHours / std::max(1e-9, out.hours)) - 1) + 0.5;
    out.lowHours = out.hours - spread * (out.hours - out.lowHours),
    out.highHours = out.hours + spread * (out.highHours - out.hours);
    double waiting = 0;
    for (const WorkTask& t : out.tasks)
        if (!t.done)
            waiting += (t.pause ? t.hours : t.dry.overHours) / 24;
    const auto windows = windowsFor(diary, begins, out.highHours, waiting);
    Minutes longest = 0;
    for (const Window& w : windows)
        longest = std::max(longest, w.to - w.from);
    const Open open = openOf(out.tasks, project.painting, now, longest, [](const WorkTask& t) { return t.hours; });
    out.finish = out.early = out.late = begins;
    if (!open.tasks.empty()) {
        const auto plan = planned(open.tasks, windows, effort, progress);
        if (!plan) {
            out.problem = plan.error();
        } else {
            out.finish = plan->finish, out.proved = plan->proved;
            intoSittings(out, *plan, open, windows);
            // The range: the same work with fewer and with more hours, one list each.
            const double low = out.lowHours / std::max(1e-9, out.hours),
                         high = out.highHours / std::max(1e-9, out.hours);
            const auto ends = [&](double k) {
                Open other = open;
                for (Task& t : other.tasks)
                    if (!t.pause)
                        t.length = std::max<Minutes>(10, Minutes(std::lround(double(t.length) * k / 5)) * 5),
                        t.splittable = t.splittable || t.length > longest;
                const auto p = planned(other.tasks, windows, {60, 0}, progress);
                return p ? p->finish : out.finish;
            };
            out.early = std::min(out.finish, ends(low)), out.late = std::max(out.finish, ends(high));
        }
    }
    out.findings = workFindings(project, facts, mixing, out);
    return out;
}

std::vector<CalendarEntry> calendarOf(const WorkPlan& plan, const std::string& title)
{
    std::vector<CalendarEntry> out;
    for (const PlannedSitting& s : plan.sittings) {
        CalendarEntry e;
        e.from = s.parts.front().from, e.to = s.parts.back().to;
        e.what = tr("Paint: ");
        e.what += title;
        for (const auto& p : s.parts) {
            const WorkTask& t = plan.tasks[std::size_t(p.task)];
            if (!e.about.empty())
                e.about += '\n';
            e.about += clockOf(p.from);
            e.about += ' ';
            e.about += t.words;
            if (!p.last)
                e.about += tr(" (goes on)");
        }
        out.push_back(std::move(e));
    }
    return out;
}

} // namespace rl::schedule
