#include "core/survey/survey_rules.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/schools.h"
#include <algorithm>
#include <map>

namespace rl::survey {

std::string driftWords(double dx, double dy)
{
    std::string s;
    if (std::abs(dy) >= 0.5)
        s = tr("%1 mm %2", fixed(std::abs(dy), std::abs(dy) < 3 ? 1 : 0), dy > 0 ? tr("low") : tr("high"));
    if (std::abs(dx) >= 0.5)
        s += tr("%1%2 mm to the %3", s.empty() ? "" : tr(" and "), fixed(std::abs(dx), std::abs(dx) < 3 ? 1 : 0),
            dx > 0 ? tr("right") : tr("left"));
    return s.empty() ? tr("in its place") : s;
}

namespace {
std::string nameOf(const Project& p, int element)
{
    const Element* e = p.element(element);
    return e ? tr("“%1”", e->name) : tr("the backdrop");
}

/// What usually passes: × by the school, by the element, by the canvas' size.
double tolerance(const PaintedWork& w, int element)
{
    const double school = w.project.brief.school(School::Plan) == 1 ? 2 : 1;
    return school * w.project.painting.toleranceOf(element);
}

/// Number of the puddle of an element's light or shade nearest to a lightness; 0 = none is mixed.
int puddleFor(const PaintedWork& w, int element, double lightness)
{
    if (!w.mixing)
        return 0;
    int best = 0;
    double nearest = 1e9;
    const auto& all = w.mixing->map.puddles;
    for (std::size_t i = 0; i < all.size(); ++i)
        if (const double d = std::abs(all[i].wanted.L - lightness) + (all[i].element == element ? 0 : 200); d < nearest)
            nearest = d, best = all[i].number;
    return nearest < 200 ? best : 0;
}

bool accepted(const Project& p, Vec2 cm)
{
    return std::any_of(
        p.painting.accepted.begin(), p.painting.accepted.end(), [&](const Accepted& a) { return a.part.contains(cm); });
}

void drifts(const PaintedWork& w, const WorkSurvey& s, Findings& out)
{
    std::map<int, std::size_t> worst;
    const auto canvas = transfer::canvasPlanOf(w.project);
    const auto length
        = [&](std::size_t i) { return std::hypot(s.compared.landmarks[i].dxMm, s.compared.landmarks[i].dyMm); };
    for (std::size_t i = 0; i < s.compared.landmarks.size(); ++i) {
        const Drift& d = s.compared.landmarks[i];
        if (!d.painted || !d.seen || d.confidence < 0.6 || accepted(w.project, canvas.toPlan(d.at)))
            continue;
        const int e = s.elements[i];
        if (length(i) > 3 * tolerance(w, e) && (!worst.contains(e) || length(i) > length(worst[e])))
            worst[e] = i;
    }
    for (const auto& [element, i] : worst) {
        const Drift& d = s.compared.landmarks[i];
        Finding f;
        f.key = "paint.drift:" + std::to_string(element), f.station = Station::Paint, f.element = element;
        f.severity = length(i) > 8 ? Severity::Broken : Severity::Watch;
        f.sentence = tr("%1 is %2: move it %3 while its edge is repainted.", s.names[i], driftWords(d.dxMm, d.dyMm),
            std::abs(d.dyMm) > std::abs(d.dxMm) ? d.dyMm > 0 ? tr("up") : tr("down")
                : d.dxMm > 0 ? tr("to the left")
                                                : tr("to the right"));
        f.measured = length(i), f.target = 3 * tolerance(w, element), f.unit = "mm";
        const Vec2 at = canvas.toPlan(d.at);
        f.place = {at.x - 1.5, at.y - 1.5, 3, 3};
        f.why = tr("What has wandered pulls what is drawn after it along.");
        f.fix = Fix{tr("Let it stand: this thing need not follow"), [element](Project p) {
                        std::erase_if(p.painting.tolerances, [&](const Tolerance& t) { return t.element == element; });
                        p.painting.tolerances.push_back({element, 4});
                        return p;
                    }};
        out.push_back(std::move(f));
    }
}

void values(const PaintedWork& w, const WorkSurvey& s, Findings& out)
{
    for (const PartCheck& c : s.parts) {
        const double most = 4 * tolerance(w, c.element);
        if (!c.judged || std::abs(c.dL) <= most)
            continue;
        const int puddle = puddleFor(w, c.element, c.lightness);
        const bool lights = choiceOf(w.project.brief, School::Darks).key == std::string("lights");
        Finding f;
        f.key = "paint.value:" + std::to_string(c.element), f.station = Station::Paint, f.element = c.element;
        f.severity = std::abs(c.dL) > 2 * most ? Severity::Broken : Severity::Watch;
        f.sentence = tr("%1 is %2 L* too %3 for this stage: %4%5%6", nameOf(w.project, c.element),
            fixed(std::abs(c.dL), 0), c.dL > 0 ? tr("light") : tr("dark"),
            c.dL > 0     ? tr("darken it")
                : lights ? tr("lift it with a damp brush while it moves, for every layer only darkens")
                         : tr("lighten it"),
            puddle && (c.dL > 0 || !lights) ? tr(", puddle %1", std::to_string(puddle)) : std::string(),
            c.dL > 0     ? std::abs(c.dL) < 10 ? tr(", one glaze.") : tr(", opaque.")
                    : lights ? std::string(".")
                         : std::string(tr(", opaque, in its lights first.")));
        f.measured = c.dL, f.target = 0, f.unit = "L*", f.against = Against::Plan;
        f.why = tr("Every later value is judged against this one.");
        out.push_back(std::move(f));
    }
}

void colours(const PaintedWork& w, const WorkSurvey& s, Findings& out)
{
    for (const PartCheck& c : s.parts) {
        if (!c.judged || std::abs(c.dC) <= 8 * tolerance(w, c.element))
            continue;
        Finding f;
        f.key = "paint.colour:" + std::to_string(c.element), f.station = Station::Paint, f.element = c.element;
        f.sentence = tr("%1 is %2 C* too %3%4", nameOf(w.project, c.element), fixed(std::abs(c.dC), 0),
            c.dC > 0 ? tr("strong") : tr("dull"),
            c.dC > 0 ? tr(": a thin glaze of its complement.")
                     : tr(": one glaze of its own colour, unmixed with white."));
        f.measured = c.dC, f.target = 0, f.unit = "C*", f.against = Against::Plan;
        f.why = tr("Strong colour is read first, dull colour last.");
        out.push_back(std::move(f));
    }
}

void bare(const PaintedWork& w, const WorkSurvey& s, Findings& out)
{
    for (const PartCheck& c : s.parts) {
        const std::string key = "pass:" + std::to_string(c.element);
        const auto t = std::find_if(w.tasks.begin(), w.tasks.end(), [&](const auto& k) { return k.key == key; });
        if (t == w.tasks.end() || !t->done || c.painted > 0.85)
            continue;
        Finding f;
        f.key = "paint.bare:" + std::to_string(c.element), f.station = Station::Paint, f.element = c.element;
        f.sentence = tr("%1 % of %2 is still bare ground, and its pass is ticked as done.",
            fixed(100 * (1 - c.painted), 0), nameOf(w.project, c.element));
        f.measured = 100 * c.painted, f.target = 85, f.unit = "%";
        f.why = tr("Bare patches are found again when the paint for them is gone.");
        f.fix = Fix{tr("Not done yet"), [key](Project p) {
                        for (TaskOverride& word : p.painting.tasks)
                            if (word.task == key)
                                word.done = false;
                        return p;
                    }};
        out.push_back(std::move(f));
    }
}

bool quiet(const PaintedWork& w, int element)
{
    const Element* e = w.project.element(element);
    return e && e->quiet;
}

/// Does its own value, put right as it is said already, part it from its ground again? And the backdrop's?
bool partsByValue(const PaintedWork& w, const WorkSurvey& s, const PartCheck& c)
{
    const auto told = [&](const PartCheck& o) { return o.judged && std::abs(o.dL) > 4 * tolerance(w, o.element); };
    double after = c.contrast - (told(c) ? c.dL : 0);
    bool any = told(c);
    for (const PartCheck& o : s.parts)
        if (o.element == 0 && told(o))
            after += o.dL, any = true;
    return any && std::abs(c.planned - after) < std::abs(c.planned - c.contrast);
}

void melting(const PaintedWork& w, const WorkSurvey& s, Findings& out)
{
    for (const PartCheck& c : s.parts) {
        if (!c.judged || !c.element || std::abs(c.planned) < 8 || std::abs(c.contrast) >= 0.5 * std::abs(c.planned))
            continue;
        if (quiet(w, c.element) || partsByValue(w, s, c))
            continue; // it may; or the value that makes it is told already
        const double by = std::abs(c.planned) - std::abs(c.contrast);
        Finding f;
        f.key = "paint.melts:" + std::to_string(c.element), f.station = Station::Paint, f.element = c.element;
        f.severity = Severity::Broken;
        const int puddle = puddleFor(w, 0, c.planned > 0 ? 30 : 80);
        f.sentence = tr("%1 parts from what is about it by %2 L*, planned are %3: %4 behind it by %5 L*%6%7",
            nameOf(w.project, c.element), fixed(std::abs(c.contrast), 0), fixed(std::abs(c.planned), 0),
            c.planned > 0 ? tr("darken") : tr("lighten"), fixed(by, 0),
            puddle ? tr(", puddle %1", std::to_string(puddle)) : std::string(),
            c.planned > 0 ? tr(", one glaze.") : tr(", opaque."));
        f.measured = std::abs(c.contrast), f.target = std::abs(c.planned), f.unit = "L*";
        f.why = tr("A thing that melts into its ground is not read.");
        out.push_back(std::move(f));
    }
}

void edges(const PaintedWork& w, const WorkSurvey& s, Findings& out)
{
    for (const PartCheck& c : s.parts) {
        const double by = c.lost - c.plannedLost, most = 0.2 * std::min(2.0, tolerance(w, c.element));
        // what melts as a whole is told already
        if (!c.judged || !c.element || c.painted < 0.7 || std::abs(by) <= most || (by > 0 && quiet(w, c.element))
            || (std::abs(c.planned) >= 8 && std::abs(c.contrast) < 0.5 * std::abs(c.planned)))
            continue;
        Finding f;
        f.key = "paint.edge:" + std::to_string(c.element), f.station = Station::Paint, f.element = c.element;
        f.sentence = tr("The edge of %1 is lost along %2 %, planned are %3 %: %4", nameOf(w.project, c.element),
            fixed(100 * c.lost, 0), fixed(100 * c.plannedLost, 0),
            by > 0 ? tr("restate it where it matters, one stroke, and leave the rest.")
                   : tr("soften it with a damp clean brush, or drag it into its ground."));
        f.measured = 100 * c.lost, f.target = 100 * c.plannedLost, f.unit = "%", f.against = Against::Plan;
        if (by > 0)
            f.place = c.lostPlace;
        f.why = by > 0 ? tr("A thing without an edge is not read.")
                       : tr("Where every edge is found, none of them leads.");
        out.push_back(std::move(f));
    }
}

void leaks(const PaintedWork& w, const WorkSurvey& s, Findings& out)
{
    static const char* const sides[] = {"left", "right", "top", "bottom"};
    const auto& b = w.project.brief;
    for (std::size_t i = 0; i < 4; ++i) {
        if (s.compared.painted < 0.7 || s.leaks[i] < 1.3 || s.leaks[i] < 1.4 * s.plannedLeaks[i])
            continue;
        Finding f;
        f.key = std::string("paint.leak:") + sides[i], f.station = Station::Paint;
        f.sentence = tr("On the canvas the %1 side draws the eye out, %2 times an even one, at this stage %3 are "
                        "planned: glaze it down, or soften what ends there.",
            sides[i], fixed(s.leaks[i], 1), fixed(s.plannedLeaks[i], 1));
        f.measured = s.leaks[i], f.target = s.plannedLeaks[i], f.unit = "x", f.against = Against::Plan;
        const double band = 0.08 * std::max(b.widthCm, b.heightCm);
        f.place = i == 0 ? Rect{0, 0, band, b.heightCm}
            : i == 1     ? Rect{b.widthCm - band, 0, band, b.heightCm}
            : i == 2     ? Rect{0, 0, b.widthCm, band}
                         : Rect{0, b.heightCm - band, b.widthCm, band};
        f.why = tr("An eye that has left the picture does not come back by itself.");
        out.push_back(std::move(f));
    }
}

/// What should draw most by now: of what is painted, the first of the cast; without a cast, what the plan's stage
/// shows.
int wantedFirst(const PaintedWork& w, const WorkSurvey& s)
{
    const auto painted = [&](int element) {
        return std::any_of(s.parts.begin(), s.parts.end(),
            [=](const PartCheck& c) { return c.element == element && c.painted > 0.3; });
    };
    for (const CastMember& m : w.project.brief.cast)
        for (const int id : s.plannedOrder)
            if (const Element* e = w.project.element(id); e && e->cast == m.id && painted(id))
                return id;
    return s.plannedOrder.front();
}

void order(const PaintedWork& w, const WorkSurvey& s, Findings& out)
{
    if (s.order.empty() || s.plannedOrder.empty())
        return;
    const int wanted = wantedFirst(w, s), first = s.order.front();
    const Element *is = w.project.element(first), *meant = w.project.element(wanted);
    if (first == wanted || first == s.plannedOrder.front() || (is && meant && is->cast && is->cast == meant->cast))
        return; // as meant, or as the plan has it, of which the plan's own findings speak
    Finding f;
    f.key = "paint.order-read", f.station = Station::Paint, f.element = first;
    f.sentence = tr("On the canvas %1 draws most; at this stage it should be %2.", nameOf(w.project, first),
        nameOf(w.project, wanted));
    const auto at = std::find(s.order.begin(), s.order.end(), wanted);
    f.measured = double(at - s.order.begin()) + 1, f.target = 1, f.unit = translatable("place");
    f.why = tr("What draws first now will be hard to hold back later.");
    out.push_back(std::move(f));
}
} // namespace

Findings surveyFindings(const PaintedWork& w, const WorkSurvey& s)
{
    Findings out;
    drifts(w, s, out);
    values(w, s, out);
    colours(w, s, out);
    bare(w, s, out);
    melting(w, s, out);
    edges(w, s, out);
    leaks(w, s, out);
    order(w, s, out);
    std::erase_if(out, [&](const Finding& f) { return w.project.setAside.contains(f.key); });
    return out;
}

} // namespace rl::survey
