#include "core/schedule/paint_rules.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/painting_edits.h"
#include "core/transfer/canvas_plan.h"
#include <algorithm>
#include <map>

namespace rl::schedule {

std::vector<std::pair<int, double>> hoursByElement(const Painting& p)
{
    std::map<int, double> sums;
    for (const Sitting& s : p.sittings)
        for (const WorkSpan& w : s.spans)
            sums[w.element] += w.seconds / 3600;
    std::vector<std::pair<int, double>> out(sums.begin(), sums.end());
    std::stable_sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.second > b.second; });
    return out;
}

std::array<double, kWorkKindCount> hoursByKind(const Painting& p)
{
    std::array<double, kWorkKindCount> out{};
    for (const Sitting& s : p.sittings)
        for (const WorkSpan& w : s.spans)
            out[std::size_t(w.kind)] += w.seconds / 3600;
    return out;
}

int layersOn(const std::vector<WorkTask>& tasks, int element, bool doneOnly)
{
    int n = 0;
    for (const WorkTask& t : tasks)
        if ((t.element == element || (t.element == 0 && t.kind != WorkKind::Pass && t.kind != WorkKind::Detail))
            && (!doneOnly || t.done) && t.key.find("#") == std::string::npos)
            n += t.layers;
        else if (t.element == element && t.key.ends_with("#1") && (!doneOnly || t.done))
            n += t.layers;
    return n;
}

std::optional<EatsHours> eatsTheEvening(const Project& p, const PlanFacts& facts, const std::vector<WorkTask>& tasks)
{
    std::map<int, double> hours, reckoned;
    for (const auto& [element, h] : hoursByElement(p.painting))
        hours[element] = h;
    for (const WorkTask& t : tasks)
        reckoned[t.element] += t.hours;
    std::optional<EatsHours> worst;
    for (const PartFacts& a : facts.parts)
        for (const PartFacts& b : facts.parts) {
            if (!a.element || !b.element || !b.rank || (a.rank && a.rank <= b.rank))
                continue;
            const double over = hours[a.element] - reckoned[a.element];
            if (hours[a.element] > 0.5 && over > 0.25 && hours[a.element] > hours[b.element]
                && (!worst || over > worst->hours - worst->reckoned))
                worst = EatsHours{a.element, b.element, hours[a.element], reckoned[a.element], hours[b.element]};
        }
    return worst;
}

namespace {
std::string nameOf(const Project& p, int element)
{
    const Element* e = p.element(element);
    return e ? tr("“%1”", e->name) : tr("the backdrop");
}
const WorkTask* taskOf(const std::vector<WorkTask>& tasks, const std::string& key)
{
    const auto it = std::find_if(tasks.begin(), tasks.end(), [&](const WorkTask& t) { return t.key == key; });
    return it == tasks.end() ? nullptr : &*it;
}
Finding made(const std::string& key, Severity severity, const std::string& sentence, double measured, double target,
    const char* unit, const char* why)
{
    Finding f;
    f.key = "paint." + key, f.station = Station::Paint, f.severity = severity, f.sentence = sentence;
    f.measured = measured, f.target = target, f.unit = unit, f.why = why;
    return f;
}

void hours(const Project& p, const WorkPlan& plan, Findings& out)
{
    if (plan.assumed) {
        Finding f = made("no-hours", Severity::Watch,
            tr("The plan of work does not know when you paint: Tuesday and Thursday evenings and Saturday afternoon "
               "are taken."),
            0, 1, translatable("hours a week"), tr("A finish date is only as good as the hours it is laid over."));
        f.fix = Fix{tr("Paint at those hours"), [](Project q) {
                        q.painting.diary.hours = usualDiary().hours;
                        return q;
                    }};
        out.push_back(std::move(f));
    }
    if (plan.problem)
        out.push_back(made("no-room", Severity::Broken, plan.problem->sentence, 0, 1, translatable("plans"),
            tr("What has no place among your hours will not be painted.")));
    const auto deadline = minutesFrom(p.brief.deadline);
    if (!deadline || plan.problem)
        return;
    const Minutes end = *deadline + kDay;
    if (plan.finish > end) {
        Finding f = made("late", Severity::Broken,
            trn("At these hours the work ends on %1, %n days after the deadline.", (plan.finish - end) / kDay + 1,
                daySaid(plan.finish)),
            double((plan.finish - *deadline) / kDay), 0, translatable("days"),
            tr("Better known now than in the last week."));
        // the longest details of what nobody looks at first
        const WorkTask* least = nullptr;
        for (const WorkTask& t : plan.tasks)
            if (t.kind == WorkKind::Detail && !t.done && (!least || t.slight) && t.hours > 0.2)
                least = &t;
        if (least)
            f.fix = Fix{tr("Leave out: %1", least->words), [key = least->key](Project q) {
                            TaskOverride w;
                            if (const TaskOverride* known = q.painting.word(key))
                                w = *known;
                            w.task = key, w.dropped = true;
                            return edits::withTaskWord(std::move(q), w);
                        }};
        out.push_back(std::move(f));
    } else if (plan.late > end) {
        out.push_back(made("tight", Severity::Watch,
            tr("Estimated to end on %1; if it goes slowly, on %2, after the deadline.", daySaid(plan.finish),
                daySaid(plan.late)),
            double((plan.late - *deadline) / kDay), 0, translatable("days"), tr("Every forecast has a range.")));
    }
}

void orders(const Project& p, const PlanFacts& facts, const WorkPlan& plan, Findings& out)
{
    for (const auto& [task, needed] : turnedRound(p, facts)) {
        const WorkTask *t = taskOf(plan.tasks, task), *n = taskOf(plan.tasks, needed);
        if (!t || !n || t->done)
            continue;
        const char* why = n->kind == WorkKind::Look ? tr("What fresh eyes would see is painted before they look.")
            : t->kind == WorkKind::Pass             ? tr("What is behind would have to be painted round it.")
            : n->kind == WorkKind::Carry            ? tr("The drawing would lie over paint.")
                                                    : tr("What it goes over would be painted over it.");
        Finding f = made("order:" + task, Severity::Watch, tr("“%1” comes before “%2”.", t->words, n->words), 1, 0,
            tr("turned round"), why);
        f.element = t->element;
        f.fix = Fix{tr("Put it back in its order"), [task](Project q) {
                        TaskOverride w;
                        if (const TaskOverride* known = q.painting.word(task))
                            w = *known;
                        w.task = task, w.before.clear();
                        q = edits::withTaskWord(std::move(q), w);
                        std::erase_if(q.painting.tasks, [&](const TaskOverride& o) { return o.before == task; });
                        return q;
                    }};
        out.push_back(std::move(f));
    }
}

void layers(const Project& p, const PlanFacts& facts, const WorkPlan& plan, Findings& out)
{
    const int most = paint::specOf(mediumOf(p)).layers;
    std::vector<std::pair<int, int>> thick; // layers, element
    for (const PartFacts& part : facts.parts)
        if (const int n = layersOn(plan.tasks, part.element, false); n > most && part.areaCm2 > 0)
            thick.emplace_back(n, part.element);
    std::stable_sort(thick.begin(), thick.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    if (!thick.empty()) { // one cause, told once for all it touches
        std::string names;
        for (std::size_t i = 0; i < std::min<std::size_t>(4, thick.size()); ++i)
            names += (i ? ", " : "") + nameOf(p, thick[i].second);
        if (thick.size() > 4)
            names += tr(" and %1 more", std::to_string(thick.size() - 4));
        const int n = thick.front().first;
        Finding f = made("layers", Severity::Watch,
            tr("%1: up to %2 layers; after about %3 this ground is sealed, and paint slides or cracks.", names,
                std::to_string(n), std::to_string(most)),
            n, most, translatable("layers"), tr("A sealed ground holds no more paint."));
        f.element = thick.front().second;
        if (p.mix.coats > 1)
            f.fix = Fix{tr("One coat less in every pass"), [](Project q) {
                            q.mix.coats = std::max(1, q.mix.coats - 1);
                            return q;
                        }};
        else if (taskOf(plan.tasks, "darks") && taskOf(plan.tasks, "middles") && taskOf(plan.tasks, "lights"))
            f.fix = Fix{tr("Darks, middles and lights in one go"), [](Project q) {
                            for (const char* key : {"darks", "middles"}) {
                                TaskOverride w;
                                if (const TaskOverride* known = q.painting.word(key))
                                    w = *known;
                                w.task = key, w.into = "lights";
                                q = edits::withTaskWord(std::move(q), w);
                            }
                            return q;
                        }};
        out.push_back(std::move(f));
    }
}

/// The family of paint a task is done in; empty where it lays none.
std::string paintOf(const Project& p, const WorkTask& t)
{
    if (const TaskOverride* w = p.painting.word(t.key.substr(0, t.key.find('#'))); w && !w->paint.empty())
        return w->paint;
    return t.layers > 0 ? paint::familyOf(mediumOf(p)) : "";
}

/// What may go over what. Only tasks not done are told: what is on the canvas stays.
void over(const Project& p, const WorkPlan& plan, Findings& out)
{
    for (std::size_t i = 0; i < plan.tasks.size(); ++i) {
        const WorkTask& t = plan.tasks[i];
        const std::string mine = paintOf(p, t);
        if (t.done || mine.empty())
            continue;
        for (std::size_t k = 0; k < i; ++k) {
            const WorkTask& under = plan.tasks[k];
            const std::string its = paintOf(p, under);
            const bool meet = !t.element || !under.element || t.element == under.element;
            const paint::LayerRule* rule = its.empty() || !meet ? nullptr : paint::layerRule(mine, its);
            if (!rule || rule->allowed)
                continue;
            Finding f = made("over:" + t.key, Severity::Broken,
                tr("“%1” puts %2 over the %3 of “%4”: %5.", t.words, tr(mine), tr(its), under.words, tr(rule->reason)),
                1, 0, "layers", tr("What lies under moves on; what lies over it cannot follow."));
            f.element = t.element;
            const auto whole = [](const std::string& key) { return key.substr(0, key.find('#')); };
            const TaskOverride* known = p.painting.word(whole(t.key));
            const bool changes = known && !known->paint.empty();
            f.fix = Fix{tr("Paint it in %1", its),
                [key = whole(changes ? t.key : under.key), other = changes ? its : mine](Project q) {
                    TaskOverride w;
                    if (const TaskOverride* had = q.painting.word(key))
                        w = *had;
                    w.task = key, w.paint = other;
                    return edits::withTaskWord(std::move(q), w);
                }};
            if (!changes)
                f.fix->label = tr("Paint what lies under in %1", mine);
            out.push_back(std::move(f));
            break;
        }
    }
}

void wet(const Project& p, const WorkPlan& plan, Findings& out)
{
    const double open = p.mix.openMinutes;
    for (const WorkTask& t : plan.tasks) {
        if (t.done || !t.key.starts_with("blend") || t.hours * 60 <= open)
            continue;
        Finding f = made("open:" + t.key, Severity::Watch,
            tr("“%1” takes %2 min; the paint stays open for %3 min.", t.words, fixed(t.hours * 60, 0), fixed(open, 0)),
            t.hours * 60, open, translatable("min"), tr("A blend that dries in the hand leaves a seam."));
        f.sentence += tr(" Keep it open longer: %1.", paint::specOf(mediumOf(p)).longer);
        out.push_back(std::move(f));
    }
}

constexpr double kSignedWide = 4, kSignedHigh = 1.6; ///< cm
constexpr double kClear = 0.4; ///< cm: nearer than that, two edges touch for the eye

Rect signedAt(Vec2 cm, double more = 0)
{
    return {
        cm.x - kSignedWide / 2 - more, cm.y - kSignedHigh / 2 - more, kSignedWide + 2 * more, kSignedHigh + 2 * more};
}

/// A thing whose outline runs through a place of the plan. Nothing where none does.
std::optional<int> outlineIn(const PlanFacts& f, const Rect& cm)
{
    const auto px = [&](double v, int most) { return std::clamp(int(std::floor(v * f.outlinesPerCm)), 0, most - 1); };
    const int w = f.outlines.width(), h = f.outlines.height();
    if (f.outlines.empty())
        return {};
    for (int y = px(cm.y, h); y <= px(cm.bottom(), h); ++y)
        for (int x = px(cm.x, w); x <= px(cm.right(), w); ++x) {
            const int here = f.outlines.at(x, y);
            for (const int other : {f.outlines.at(std::min(x + 1, w - 1), y), f.outlines.at(x, std::min(y + 1, h - 1))})
                if (other != here)
                    return std::max(here, other);
        }
    return {};
}

/// The nearest place where a signature stands free.
std::optional<Vec2> freeFor(const PlanFacts& f, const Rect& within, Vec2 from)
{
    std::optional<Vec2> best;
    for (double y = within.y; y <= within.bottom(); y += 0.5)
        for (double x = within.x; x <= within.right(); x += 0.5) {
            const Vec2 at{x, y};
            if (best && (at - from).length() >= (*best - from).length())
                continue;
            if (!outlineIn(f, signedAt(at, 1.5 * kClear)))
                best = at;
        }
    return best;
}

/// A signature across an outline, or all but touching it, is a tangent like any other.
void signature(const Project& p, const PlanFacts& facts, Findings& out)
{
    const Vec2 at = p.painting.signatureAt;
    if (at.x < 0 || at.y < 0)
        return;
    const auto across = outlineIn(facts, signedAt(at)), beside = outlineIn(facts, signedAt(at, kClear));
    if (!across && !beside)
        return;
    const int element = *(across ? across : beside);
    Finding f = made("signature-edge", Severity::Watch,
        tr("The signature %1 the edge of %2.", std::string(across ? tr("lies across") : tr("all but touches")),
            nameOf(p, element)),
        across ? 0 : kClear * 5, kClear * 10, "mm", tr("Where a signature meets an outline, the eye stops at it."));
    f.element = element, f.place = signedAt(at);
    const auto canvas = transfer::canvasPlanOf(p);
    const Rect within
        = canvas.toPlan(Rect{canvas.seen.x + 2.5, canvas.seen.y + 2, canvas.seen.width - 5, canvas.seen.height - 4});
    if (const auto free = freeFor(facts, within, at))
        f.fix = Fix{tr("Move it where it stands free"),
            [at = *free](Project q) { return edits::withSignature(std::move(q), at); }};
    out.push_back(std::move(f));
}

void ends(const Project& p, const WorkPlan& plan, Findings& out)
{
    const WorkTask* sign = taskOf(plan.tasks, "sign");
    int open = 0;
    for (const Fact& f : p.brief.facts)
        open += !f.checked;
    const WorkTask* check = taskOf(plan.tasks, "facts");
    if (sign && open && (sign->done || (check && check->done)))
        out.push_back(made("facts", Severity::Broken,
            tr("%1%2 not checked, and it is to be signed.", std::to_string(open),
                open == 1 ? tr(" fact is") : tr(" facts are")),
            open, 0, translatable("facts"), tr("After signing and varnish nothing is put right.")));
    const Vec2 at = p.painting.signatureAt;
    if (at.x < 0 || at.y < 0)
        return;
    const auto canvas = transfer::canvasPlanOf(p);
    const Vec2 c = canvas.toCanvas(at);
    const double edge
        = std::min({c.x - canvas.seen.x, c.y - canvas.seen.y, canvas.seen.right() - c.x, canvas.seen.bottom() - c.y});
    if (edge < 1.5) {
        Finding f = made("signature", Severity::Watch,
            tr("The signature stands %1 cm from what the frame or trim takes.", fixed(std::max(0.0, edge), 1)),
            std::max(0.0, edge), 1.5, "cm", tr("A frame's rebate takes about a centimetre."));
        f.place = {at.x - 2, at.y - 1, 4, 2};
        f.fix = Fix{tr("Move it inwards"), [canvas](Project q) {
                        Vec2 s = canvas.toCanvas(q.painting.signatureAt);
                        s.x = std::clamp(s.x, canvas.seen.x + 2.5, canvas.seen.right() - 2.5);
                        s.y = std::clamp(s.y, canvas.seen.y + 2, canvas.seen.bottom() - 2);
                        return edits::withSignature(std::move(q), canvas.toPlan(s));
                    }};
        out.push_back(std::move(f));
    }
}
} // namespace

Findings workFindings(const Project& p, const PlanFacts& facts, const paint::Mixing*, const WorkPlan& plan)
{
    Findings out;
    hours(p, plan, out);
    orders(p, facts, plan, out);
    layers(p, facts, plan, out);
    over(p, plan, out);
    wet(p, plan, out);
    ends(p, plan, out);
    signature(p, facts, out);
    if (const auto e = eatsTheEvening(p, facts, plan.tasks)) {
        Finding f = made("rank:" + std::to_string(e->element), Severity::Watch,
            tr("%1 has had %2 h, %3 h more than reckoned; %4, which is to be read before it, %5 h.",
                nameOf(p, e->element), fixed(e->hours, 1), fixed(e->hours - e->reckoned, 1), nameOf(p, e->above),
                fixed(e->hoursAbove, 1)),
            e->hours, e->reckoned, "h", tr("Hours show: what is worked on longest is looked at first."));
        f.element = e->element;
        out.push_back(std::move(f));
    }
    std::erase_if(out, [&](const Finding& f) { return p.setAside.contains(f.key); });
    return out;
}

namespace {
std::string quoted(const std::string& s)
{
    if (s.find_first_of(",\"\n\r") == std::string::npos)
        return s;
    std::string out = "\"";
    for (const char c : s)
        out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}
std::string stamp(Instant at)
{
    const Instant day = at - ((at % 86400) + 86400) % 86400;
    char text[32];
    const int s = int(at - day);
    std::snprintf(text, sizeof text, "T%02d:%02d:%02dZ", s / 3600, s / 60 % 60, s % 60);
    return dateOf(Minutes(day / 60)) + text;
}
} // namespace

std::string csvOf(const Project& p)
{
    std::string out = "what,sitting,begins,minutes,task,kind,element,words,reason,picture\r\n";
    const auto name = [&](int element) {
        const Element* e = p.element(element);
        return e ? e->name : std::string();
    };
    for (const Sitting& s : p.painting.sittings) {
        for (const WorkSpan& w : s.spans)
            out += "work," + std::to_string(s.id) + "," + stamp(w.at) + "," + fixed(w.seconds / 60, 1) + ","
                + quoted(w.task) + "," + wordOf(w.kind) + "," + quoted(name(w.element)) + ",,,\r\n";
        out += "sitting," + std::to_string(s.id) + "," + stamp(s.began) + "," + fixed(s.pausedSeconds / 60, 1)
            + ",,paused,," + quoted(s.notes) + "," + quoted(s.paints) + ",\r\n";
    }
    for (const Decision& d : p.painting.decisions)
        out += std::string(d.scrapped ? "scrapped" : "decision") + ",," + stamp(d.at) + ",,,,," + quoted(d.words) + ","
            + quoted(d.reason) + "," + (d.photo ? std::to_string(d.photo) : "") + "\r\n";
    for (const CanvasPhoto& c : p.painting.photos) {
        const Reference* r = p.reference(c.reference);
        out += "photograph,," + stamp(c.at) + ",," + quoted(c.task) + ",,,,," + quoted(r ? r->name : "") + "\r\n";
    }
    return out;
}

} // namespace rl::schedule
