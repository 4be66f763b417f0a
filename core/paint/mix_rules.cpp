#include "core/base/text.h"
#include "core/paint/glaze.h"
#include "core/paint/mixing.h"
#include "core/project/edits.h"

namespace rl::paint {

namespace {
struct View {
    const Project& project;
    const Mixing& mixing;
    const PaintBox& box;
    Findings& out;

    Rect placeOf(const Puddle& p) const
    {
        const double k = mixing.pixelsPerCm;
        return {p.box.x / k, p.box.y / k, p.box.width / k, p.box.height / k};
    }
    std::string nameOf(std::size_t puddle) const
    {
        const Puddle& p = mixing.map.puddles[puddle];
        const Element* e = project.element(p.element);
        return "Puddle " + std::to_string(puddle + 1) + " (" + (p.light ? "light" : "shade") + " of "
            + (e ? "“" + e->name + "”" : std::string("the backdrop")) + ")";
    }
    std::string tubeName(const std::string& id) const
    {
        const BoxPaint* b = mixing.box.of(id);
        return b ? b->name : id;
    }
    void say(Finding f) const { out.push_back(std::move(f)); }
    Rect whole() const { return {0, 0, project.brief.widthCm, project.brief.heightCm}; }
};

void outOfReach(const View& v)
{
    constexpr double kMissed = 4, kLeastShare = 0.004;
    std::vector<std::size_t> far;
    for (std::size_t i = 0; i < v.mixing.recipes.size(); ++i)
        if (v.mixing.recipes[i].reachDe > kMissed && v.mixing.map.puddles[i].share > kLeastShare)
            far.push_back(i);
    std::sort(far.begin(), far.end(), [&](std::size_t a, std::size_t b) {
        return v.mixing.recipes[a].reachDe * v.mixing.map.puddles[a].share
            > v.mixing.recipes[b].reachDe * v.mixing.map.puddles[b].share;
    });
    far.resize(std::min<std::size_t>(far.size(), 5));
    for (const std::size_t i : far) {
        const Answer& a = v.mixing.recipes[i];
        const Puddle& p = v.mixing.map.puddles[i];
        const OtherTube other = i < v.mixing.others.size() ? v.mixing.others[i] : OtherTube{};
        const Pigment* pigment = pigmentOf(other.pigment);
        Finding f{"mix.reach:" + std::to_string(i), Station::Mix, a.reachDe > 8 ? Severity::Broken : Severity::Watch,
            v.nameOf(i) + " cannot be reached: the nearest is " + a.missed + ", by " + fixed(a.reachDe) + " ΔE on "
                + fixed(100 * p.share, 1) + " % of the canvas."
                + (pigment ? " With " + pigment->name + " (" + pigment->id + ") it would be " + fixed(other.de) + " ΔE."
                           : std::string(" No other tube brings it much nearer: change its light or its colour.")),
            a.reachDe, kMissed, "ΔE00", v.placeOf(p), p.element,
            "What no tube here gives is better changed in the plan (its light, its colour) or bought now than missed "
            "in paint.",
            {}};
        if (pigment)
            f.fix = Fix{"Put " + pigment->name + " on the shopping list", [id = pigment->id](Project q) {
                            Tube t;
                            t.pigment = id, t.leftMl = 0;
                            return edits::withTube(std::move(q), t);
                        }};
        v.say(std::move(f));
    }
}

/// Colours within reach that the ladder of parts cannot measure out: mostly pale ones, a trace in much white.
void tooPale(const View& v)
{
    constexpr double kMissed = 2, kLeastShare = 0.004;
    double share = 0, worst = 0;
    std::size_t which = 0;
    for (std::size_t i = 0; i < v.mixing.recipes.size(); ++i) {
        const Answer& a = v.mixing.recipes[i];
        const double lost = a.formulas.empty() ? 0 : a.formulas[0].de - a.reachDe;
        if (lost < kMissed || v.mixing.map.puddles[i].share < kLeastShare)
            continue;
        share += v.mixing.map.puddles[i].share;
        if (lost > worst)
            worst = lost, which = i;
    }
    if (share <= 0)
        return;
    Finding f{"mix.parts", Station::Mix, worst > 5 ? Severity::Broken : Severity::Watch,
        v.nameOf(which) + " wants less of a tube than a brush can measure: its parts miss by " + fixed(worst)
            + " ΔE more than they need; so do colours on " + fixed(100 * share, 0) + " % of the canvas.",
        worst, kMissed, "ΔE00", v.placeOf(v.mixing.map.puddles[which]), v.mixing.map.puddles[which].element,
        "A strong tube let down in white beforehand can be measured in whole parts.", {}};
    if (v.project.mix.letDown == 0)
        f.fix = Fix{"Keep let-downs of 1 in 20", [](Project q) {
                        MixPlan mix = q.mix;
                        mix.letDown = 20;
                        return edits::withMix(std::move(q), mix);
                    }};
    v.say(std::move(f));
}

void alikeOnes(const View& v)
{
    int said = 0;
    for (const Alike& a : v.mixing.alike) {
        if (++said > 4)
            break;
        const Puddle& p = v.mixing.map.puddles[std::size_t(a.second)];
        Finding f{
            (a.twoLights ? "mix.two-lights:" : "mix.alike:") + std::to_string(a.first) + "," + std::to_string(a.second),
            Station::Mix, Severity::Watch,
            v.nameOf(std::size_t(a.first)) + " and " + std::to_string(a.second + 1)
                + (a.twoLights ? " do two lights' work with one colour" : " can hardly be told apart") + " ("
                + fixed(a.de) + " ΔE).",
            a.de, 2, "ΔE00", v.placeOf(p), p.element,
            a.twoLights ? "What is light on one thing and shade on another reads as one surface where both meet."
                        : "One mix for both saves paint and a place on the palette.",
            {}};
        if (const double within = std::ceil(10 * a.de + 1e-6) / 10; !a.twoLights)
            f.fix = Fix{"Mix what lies within " + fixed(within) + " ΔE as one", [within](Project q) {
                            MixPlan mix = q.mix;
                            mix.mergeDe = within;
                            return edits::withMix(std::move(q), mix);
                        }};
        v.say(std::move(f));
    }
}

void runsOut(const View& v)
{
    for (const TubeNeed& t : v.mixing.needs.tubes)
        if (t.runsOutInCoat)
            v.say({"mix.runs-out:" + std::to_string(t.tube), Station::Mix, Severity::Broken,
                v.tubeName(t.id) + " runs out in coat " + std::to_string(t.runsOutInCoat) + ": " + fixed(t.ml, 0)
                    + " ml are needed, " + fixed(t.leftMl, 0) + " ml are left; another tube, or "
                    + fixed(t.missingMl, 0) + " ml less of it.",
                t.leftMl, t.ml, "ml", v.whole(), 0,
                "A colour mixed again from another tube never matches quite; mix all of it at once.", {}});
}

void blending(const View& v)
{
    const Passage& s = v.mixing.sky;
    if (s.lengthCm < 5 || s.de < 6 || s.minutes <= v.project.mix.openMinutes)
        return;
    std::string others; // that stay open long enough
    for (int m = 0; m < kPaintMediumCount; ++m)
        if (const auto medium = PaintMedium(m); medium != v.box.medium && specOf(medium).openMinutes >= s.minutes)
            others += (others.empty() ? "" : ", ") + std::string(wordOf(medium));
    v.say({"mix.blend", Station::Mix, Severity::Broken,
        "The backdrop's passage of " + fixed(s.lengthCm, 0) + " cm cannot be blended in time: two of its "
            + std::to_string(s.bands) + " bands take " + fixed(s.minutes, 0) + " min, the paint stays open for "
            + fixed(v.project.mix.openMinutes, 0) + " min.",
        s.minutes, v.project.mix.openMinutes, "min", s.at, 0,
        std::string("Two neighbours must both be wet where they meet. What helps: ") + specOf(v.box.medium).longer
            + (others.empty() ? "." : "; or a medium that stays open long enough: " + others + "."),
        {}});
}

void underlayers(const View& v)
{
    const Spectrum ground = groundInside(v.project);
    const int coats = v.project.mix.coats;
    int worst = 0;
    std::size_t which = 0;
    double share = 0;
    for (std::size_t i = 0; i < v.mixing.recipes.size(); ++i) {
        if (v.mixing.recipes[i].formulas.empty())
            continue;
        const Optics o = opticsOf(v.mixing.recipes[i].formulas[0].recipe, v.mixing.box.paints);
        const int n = coatsToHide(o, v.project.mix.wetUm, ground);
        const int needed = n == 0 ? kMostCoats + 1 : n;
        if (needed <= coats)
            continue;
        share += v.mixing.map.puddles[i].share;
        if (needed > worst)
            worst = needed, which = i;
    }
    if (share < 0.01)
        return;
    const int limit = specOf(v.box.medium).layers;
    v.say({"mix.underlayer", Station::Mix, worst > limit ? Severity::Broken : Severity::Watch,
        "The toned ground still shows after " + counted(coats, "coat", "coats") + " on " + fixed(100 * share, 0)
            + " % of the canvas; " + v.nameOf(which) + " needs "
            + (worst > kMostCoats ? std::string("more than 12")
                                  : std::to_string(worst) + " to " + std::to_string(worst + 1))
            + ": lay white or its lightest opaque neighbour under it first.",
        double(worst), double(coats), "coats", v.placeOf(v.mixing.map.puddles[which]),
        v.mixing.map.puddles[which].element,
        "A transparent colour over a dark ground never reaches its light; one opaque coat under it does in one go.",
        {}});
    if (worst > limit)
        v.say({"mix.layers", Station::Mix, Severity::Broken,
            "That is more than the " + std::to_string(limit) + " layers that " + wordOf(v.box.medium)
                + " usually takes before it seals or cracks.",
            double(worst), double(limit), "layers", v.whole(), 0, "Too many films lose their hold on each other.", {}});
}

void tooFine(const View& v)
{
    const auto& all = v.mixing.fine;
    if (all.empty())
        return;
    const FineDetail& d = all.front();
    const double k = v.mixing.pixelsPerCm, weave = weaveHolds(v.project.brief.ground);
    const bool ground = weave * 10 > v.project.mix.finestMm;
    const Element* e = v.project.element(d.element);
    v.say({"mix.fine", Station::Mix, Severity::Watch,
        counted(int(all.size()), "detail is", "details are") + " thinner than "
            + (ground ? "what this ground holds (" + fixed(10 * weave) + " mm: two threads)"
                      : "the finest stroke of the brushes at hand (" + fixed(v.project.mix.finestMm) + " mm)")
            + "; the thinnest, " + fixed(10 * d.widthCm) + " mm, on " + (e ? "“" + e->name + "”" : "the backdrop")
            + ": leave " + (all.size() > 1 ? "them" : "it") + " out, or make " + (all.size() > 1 ? "them" : "it")
            + " wider"
            + (ground ? ", or take a finer weave or a panel." : ", or take a finer brush and more fluid paint."),
        10 * d.widthCm, 10 * v.mixing.finestCm, "mm", {d.box.x / k, d.box.y / k, d.box.width / k, d.box.height / k},
        d.element, "A line thinner than brush or weave breaks up into dots.", {}});
}

/// Tubes in the palette that no recipe may use.
void glowing(const View& v)
{
    for (const Tube& t : v.box.tubes)
        if (const Pigment* p = t.chosen ? pigmentOf(t.pigment) : nullptr; p && p->fluorescent)
            v.say({"mix.glowing:" + std::to_string(t.id), Station::Mix, Severity::Watch,
                (t.name.empty() ? p->name : t.name)
                    + " glows by day and fades fast: it is in no recipe; keep it for what need not last.",
                0, 0, "", v.whole(), 0, "Fluorescent dyes fade within months in daylight.",
                Fix{"Leave it out of this palette", [t](Project q) {
                        Tube out = t;
                        out.chosen = false;
                        return edits::withTube(std::move(q), out);
                    }}});
}

void tubesThemselves(const View& v)
{
    for (const TubeNeed& t : v.mixing.needs.tubes) {
        const Pigment* p = pigmentOf(t.id.substr(0, t.id.find('#')));
        if (!p)
            continue;
        if (p->fugitive)
            v.say({"mix.fugitive:" + t.id, Station::Mix, Severity::Broken,
                v.tubeName(t.id) + " fades in light (class " + p->lightfastness + "): not for a work that is to last.",
                0, 0, "", v.whole(), 0, "What fades takes every mix with it that it is in.", {}});
        if (p->neverSpray && v.box.medium == PaintMedium::AcrylicFluid)
            v.say({"mix.spray:" + t.id, Station::Mix, Severity::Watch,
                v.tubeName(t.id) + " must not be sprayed or sanded dry: " + p->hazard + ".", 0, 0, "", v.whole(), 0,
                "Fluid paint is often sprayed; this pigment must not be breathed in.", {}});
    }
}

/// Soluble paint, painted over: what lies under comes up.
void lifting(const View& v)
{
    const int coats = v.project.mix.coats;
    if (!specOf(v.box.medium).lifts || coats < 2)
        return;
    const LayerRule* rule = layerRule(familyOf(v.box.medium), familyOf(v.box.medium));
    v.say({"mix.lifts", Station::Mix, Severity::Watch,
        std::string(wordOf(v.box.medium)) + " lifts when it is touched again, and "
            + counted(coats, "coat is", "coats are") + " planned: " + (rule ? rule->reason : std::string("one stroke"))
            + ".",
        double(coats), 1, "coats", v.whole(), 0, "A glaze over soluble paint turns to mud where the brush goes twice.",
        {}});
}

void range(const View& v)
{
    const Mixing& m = v.mixing;
    if (m.planDarkest < m.darkest - 2)
        v.say({"mix.darks", Station::Mix, Severity::Watch,
            "The plan's darks lie at L* " + fixed(m.planDarkest, 0) + ", these paints reach L* " + fixed(m.darkest, 0)
                + (v.project.mix.finish == Finish::Matt ? " where they dry matt: lift the darks, or varnish." : "."),
            m.planDarkest, m.darkest, "L*", v.whole(), 0, "What is darker than the paint comes out as one flat shape.",
            v.project.mix.finish == Finish::Gloss ? std::optional<Fix>()
                                                  : Fix{"Plan for a gloss varnish", [](Project q) {
                                                            MixPlan mix = q.mix;
                                                            mix.finish = Finish::Gloss;
                                                            return edits::withMix(std::move(q), mix);
                                                        }}});
    if (m.planLightest > m.lightest + 2)
        v.say({"mix.lights", Station::Mix, Severity::Watch,
            "The plan's lights lie at L* " + fixed(m.planLightest, 0) + ", these paints reach L* "
                + fixed(m.lightest, 0) + ".",
            m.planLightest, m.lightest, "L*", v.whole(), 0, "Glow comes from what is around it once white is used up.",
            {}});
}

void cards(const View& v, const std::string& today)
{
    int typical = 0;
    for (const BoxPaint& b : v.mixing.box.tubes)
        typical += !b.calibrated;
    if (typical)
        v.say({"mix.card", Station::Mix, Severity::Watch,
            counted(typical, "tube is", "tubes are")
                + " typical, not measured: expect colours to be off by 3 ΔE in the "
                  "median, 6 in the worst of twenty; one tint in white of each brings that to about 0.5 and 2.",
            double(typical), 0, "tubes", v.whole(), 0, "Tubes of one name differ from maker to maker.", {}});
    for (const Tube& t : v.box.tubes)
        if (const auto age = today.empty() || !t.card.any() ? std::nullopt : daysBetween(t.card.date, today);
            age && *age > 365)
            v.say({"mix.card-old:" + std::to_string(t.id), Station::Mix, Severity::Watch,
                "The swatches of " + t.pigment + " are " + std::to_string(*age) + " days old.", double(*age), 365,
                "days", v.whole(), 0, "A new tube of an old name may be another paint.", {}});
}
} // namespace

Findings mixFindings(const Project& project, const Mixing& mixing, const std::string& today)
{
    Findings out;
    const PaintBox* box = project.paintBox();
    if (!box || mixing.recipes.empty())
        return out;
    const View view{project, mixing, *box, out};
    outOfReach(view);
    tooPale(view);
    alikeOnes(view);
    runsOut(view);
    blending(view);
    underlayers(view);
    tooFine(view);
    tubesThemselves(view);
    glowing(view);
    lifting(view);
    range(view);
    cards(view, today);
    return out;
}

} // namespace rl::paint
