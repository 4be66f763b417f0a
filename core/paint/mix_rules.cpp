#include "core/base/text.h"
#include "core/base/words.h"
#include "core/paint/glaze.h"
#include "core/paint/mixing.h"
#include "core/project/edits.h"
#include <map>

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
        return tr("Puddle %1 (%2 of %3)", std::to_string(p.number), p.light ? tr("light") : tr("shade"),
            e ? tr("“%1”", e->name) : tr("the backdrop"));
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
        Finding f{"mix.reach:" + std::to_string(p.number), Station::Mix,
            a.reachDe > 8 ? Severity::Broken : Severity::Watch,
            tr("%1 cannot be reached: the nearest is %2, by %3 ΔE on %4 % of the canvas.%5", v.nameOf(i), a.missed,
                fixed(a.reachDe), fixed(100 * p.share, 1),
                pigment ? tr(" With %1 (%2) it would be %3 ΔE.", pigment->name, pigment->id, fixed(other.de))
                        : tr(" No other tube brings it much nearer: change its light or its colour.")),
            a.reachDe, kMissed, "ΔE00", v.placeOf(p), p.element,
            tr("What no tube here gives is better changed in the plan (its light, its colour) or bought now than "
               "missed in paint."),
            {}};
        if (pigment && other.de <= kMissed) // else it would only come nearer
            f.fix = Fix{tr("Put %1 on the shopping list", pigment->name), [id = pigment->id](Project q) {
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
        tr("%1 wants less of a tube than a brush can measure: its parts miss by %2 ΔE more than they need; so do "
           "colours on %3 % of the canvas.",
            v.nameOf(which), fixed(worst), fixed(100 * share, 0)),
        worst, kMissed, "ΔE00", v.placeOf(v.mixing.map.puddles[which]), v.mixing.map.puddles[which].element,
        tr("A strong tube let down in white beforehand can be measured in whole parts."), {}};
    if (v.project.mix.letDown == 0)
        f.fix = Fix{tr("Keep tints pre-mixed 1 : 20"), [](Project q) {
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
        const Puddle &first = v.mixing.map.puddles[std::size_t(a.first)],
                     &p = v.mixing.map.puddles[std::size_t(a.second)];
        Finding f{(a.twoLights ? "mix.two-lights:" : "mix.alike:") + std::to_string(first.number) + ","
                + std::to_string(p.number),
            Station::Mix, Severity::Watch,
            tr("%1 and %2%3 (%4 ΔE).", v.nameOf(std::size_t(a.first)), std::to_string(p.number),
                a.twoLights ? tr(" do two lights' work with one colour") : tr(" can hardly be kept apart"),
                fixed(a.de)),
            a.de, 2, "ΔE00", v.placeOf(p), p.element,
            a.twoLights ? tr("What is light on one thing and shade on another reads as one surface where both meet.")
                        : tr("One mix for both saves paint and a place on the palette."),
            {}};
        if (const double within = std::ceil(10 * a.de + 1e-6) / 10; !a.twoLights)
            f.fix = Fix{tr("Mix what lies within %1 ΔE as one", fixed(within)), [within](Project q) {
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
                tr("%1 runs out in coat %2: %3 ml are needed, %4 ml are left; another tube, or %5 ml less of it.",
                    v.tubeName(t.id), std::to_string(t.runsOutInCoat), fixed(t.ml, 1), fixed(t.leftMl, 1),
                    fixed(t.missingMl, 1)),
                t.leftMl, t.ml, "ml", v.whole(), 0,
                tr("A colour mixed again from another tube never matches quite; mix all of it at once."), {}});
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
        tr("The backdrop's passage of %1 cm cannot be blended in time: two of its %2 bands take %3 min, the paint "
           "stays open for %4 min.",
            fixed(s.lengthCm, 0), std::to_string(s.bands), fixed(s.minutes, 0), fixed(v.project.mix.openMinutes, 0)),
        s.minutes, v.project.mix.openMinutes, translatable("min"), s.at, 0,
        tr("Two neighbours must both be wet where they meet. What helps: %1%2", specOf(v.box.medium).longer,
            others.empty() ? "." : tr("; or a medium that stays open long enough: %1.", others)),
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
    const std::string sealed = worst > limit
        ? tr(" That is more than the %1 layers that %2 usually takes before it seals or cracks.", std::to_string(limit),
            wordOf(v.box.medium))
        : std::string();
    v.say({"mix.underlayer", Station::Mix, worst > limit ? Severity::Broken : Severity::Watch,
        tr("The toned ground still shows after %1 on %2 % of the canvas; %3 needs %4: lay white or its lightest opaque "
           "neighbour under it first.%5",
            trn("%n coats", coats), fixed(100 * share, 0), v.nameOf(which),
            worst > kMostCoats ? tr("more than 12") : tr("%1 to %2", std::to_string(worst), std::to_string(worst + 1)),
            sealed),
        double(worst), double(coats), translatable("coats"), v.placeOf(v.mixing.map.puddles[which]),
        v.mixing.map.puddles[which].element,
        tr("A transparent colour over a dark ground never reaches its light; one opaque coat under it does in one go."),
        {}});
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
    std::map<int, int> by;
    for (const FineDetail& x : all)
        ++by[x.element];
    const auto most
        = std::max_element(by.begin(), by.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    const Element* m = v.project.element(most->first);
    v.say({"mix.fine", Station::Mix, Severity::Watch,
        tr("%1 finer than %2, %3, most on %4 (%5); the finest, %6 mm, on %7. The map of puddles shows where. Leave "
           "them "
           "out, make them wider%8",
            trn("%n details are", int(all.size())),
            ground ? tr("this ground holds (%1 mm after %2)", fixed(10 * weave),
                trn("%n coats of primer", v.project.brief.ground.coats))
                   : tr("the finest stroke of the brushes at hand (%1 mm)", fixed(v.project.mix.finestMm)),
            tr("some %1", trn("%n strokes", strokesFor(all))), m ? tr("“%1”", m->name) : tr("the backdrop"),
            std::to_string(most->second), fixed(10 * d.widthCm), e ? tr("“%1”", e->name) : tr("the backdrop"),
            ground ? tr(", or take a finer weave, a coat more or a panel.")
                   : tr(", or take a finer brush and more fluid paint.")),
        10 * d.widthCm, 10 * v.mixing.finestCm, "mm", {d.box.x / k, d.box.y / k, d.box.width / k, d.box.height / k},
        d.element, tr("A line thinner than brush or weave breaks up into dots."), {}});
}

/// Tubes in the palette that no recipe may use.
void glowing(const View& v)
{
    for (const Tube& t : v.box.tubes)
        if (const Pigment* p = t.chosen ? pigmentOf(t.pigment) : nullptr; p && p->fluorescent)
            v.say({"mix.glowing:" + std::to_string(t.id), Station::Mix, Severity::Watch,
                tr("%1 glows by day and fades fast: it is in no recipe; keep it for what need not last.",
                    t.name.empty() ? p->name : t.name),
                0, 0, "", v.whole(), 0, tr("Fluorescent dyes fade within months in daylight."),
                Fix{tr("Leave it out of this palette"), [t](Project q) {
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
                tr("%1 fades in light (class %2): not for a work that is to last.", v.tubeName(t.id), p->lightfastness),
                0, 0, "", v.whole(), 0, tr("What fades takes every mix with it that it is in."), {}});
        if (p->neverSpray && v.box.medium == PaintMedium::AcrylicFluid)
            v.say({"mix.spray:" + t.id, Station::Mix, Severity::Watch,
                tr("%1 must not be sprayed or sanded dry: %2.", v.tubeName(t.id), p->hazard), 0, 0, "", v.whole(), 0,
                tr("Fluid paint is often sprayed; this pigment must not be breathed in."), {}});
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
        tr("%1 lifts when it is touched again, and %2 planned: %3.", wordOf(v.box.medium), trn("%n coats are", coats),
            rule ? tr(rule->reason) : std::string(tr("one stroke"))),
        double(coats), 1, translatable("coats"), v.whole(), 0,
        tr("A glaze over soluble paint turns to mud where the brush goes twice."), {}});
}

void range(const View& v)
{
    const Mixing& m = v.mixing;
    if (m.planDarkest < m.darkest - 2)
        v.say({"mix.darks", Station::Mix, Severity::Watch,
            tr("The plan's darks lie at L* %1, these paints reach L* %2%3", fixed(m.planDarkest, 0),
                fixed(m.darkest, 0),
                v.project.mix.finish == Finish::Matt ? tr(" where they dry matt: lift the darks, or varnish.") : "."),
            m.planDarkest, m.darkest, "L*", v.whole(), 0,
            tr("What is darker than the paint comes out as one flat shape."),
            v.project.mix.finish == Finish::Gloss ? std::optional<Fix>()
                                                  : Fix{tr("Plan for a gloss varnish"), [](Project q) {
                                                            MixPlan mix = q.mix;
                                                            mix.finish = Finish::Gloss;
                                                            return edits::withMix(std::move(q), mix);
                                                        }}});
    if (m.planLightest > m.lightest + 2)
        v.say({"mix.lights", Station::Mix, Severity::Watch,
            tr("The plan's lights lie at L* %1, these paints reach L* %2.", fixed(m.planLightest, 0),
                fixed(m.lightest, 0)),
            m.planLightest, m.lightest, "L*", v.whole(), 0,
            tr("Glow comes from what is around it once white is used up."), {}});
}

void cards(const View& v, const std::string& today)
{
    int typical = 0;
    for (const BoxPaint& b : v.mixing.box.tubes)
        typical += !b.calibrated;
    if (typical)
        v.say({"mix.card", Station::Mix, Severity::Watch,
            tr("%1 typical, not measured: expect colours to be off by 3 ΔE in the median, 6 in the worst of twenty; "
               "one tint in white of each brings that to about 0.5 and 2.",
                trn("%n tubes are", typical)),
            double(typical), 0, translatable("tubes"), v.whole(), 0,
            tr("Tubes of one name differ from maker to maker."), {}});
    for (const Tube& t : v.box.tubes)
        if (const auto age = today.empty() || !t.card.any() ? std::nullopt : daysBetween(t.card.date, today);
            age && *age > 365)
            v.say({"mix.card-old:" + std::to_string(t.id), Station::Mix, Severity::Watch,
                trn("The swatches of %1 are %n days old.", *age, t.pigment), double(*age), 365, translatable("days"),
                v.whole(), 0, tr("A new tube of an old name may be another paint."), {}});
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
