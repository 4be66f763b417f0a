// What of the light audit is worth saying, and its cures.
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/light/light_rules.h"
#include "core/project/fixes.h"
#include "core/review/light_audit.h"
#include "core/stage/match.h"

namespace rl::review {

namespace {
/// Changes an element's tone on top of what it does already.
Fix toned(const std::string& label, int id, const std::function<void(Tone&)>& change)
{
    return {label, [=](Project p) {
                const Element* e = p.element(id);
                if (!e)
                    return p;
                Tone t = e->tone.amount > 0 ? e->tone : Tone{};
                change(t);
                t.amount = 1;
                return edits::withTone(std::move(p), id, t);
            }};
}

Fix shifted(bool cool, double by, int id)
{
    return toned((cool ? tr("Cool it by ") : tr("Warm it by ")) + fixed(by, 0) + " b*", id,
        [b = cool ? -by : by](Tone& t) { t.b = std::clamp(t.b + b, -40.0, 40.0); });
}

/// b* by which a light is off, from its distance in mired: about 12 mired a unit near daylight.
double shiftFor(double mired, double more = 1)
{
    return std::clamp(std::abs(mired) * 0.08 * more, 3.0, 20.0 * more);
}
double miredOff(const AuditRow& row) ///< positive: warmer than planned
{
    return 1e6 / row.now.kelvin - 1e6 / row.planned.kelvin;
}

std::string keyOf(const char* kind, const Element& e)
{
    return std::string(kind) + ":" + std::to_string(e.id);
}

std::optional<Fix> cureOf(
    CauseKind kind, const Project& p, const Element& e, const AuditRow& row, stage::SurfaceCache& cache)
{
    switch (kind) {
    case CauseKind::Direction:
        if (const auto side = light::sideOff(p, e, cache); side && side->mirrorHelps())
            return fixes::mirror(e);
        return e.delight < 0.95 ? std::optional(fixes::ownLightOff(e)) : std::nullopt;
    case CauseKind::Warmth:
        if (row.now.kelvin > 0 && row.planned.kelvin > 0)
            return shifted(miredOff(row) > 0, shiftFor(miredOff(row)), e.id);
        break;
    case CauseKind::Darks:
        if (p.cutout(e.cutout))
            return Fix{tr("Match its tones to what surrounds it"),
                [id = e.id, tone = stage::matchedTone(p, e, cache, 0.7)](
                    Project q) { return edits::withTone(std::move(q), id, tone); }};
        break;
    case CauseKind::Contact:
    case CauseKind::Halo: // has a finding of its own at Cut
        break;
    }
    return {};
}

void sticker(const Project& p, const Element& e, const AuditRow& row, const std::vector<CauseKind>& told,
    stage::SurfaceCache& cache, Findings& out)
{
    std::vector<Cause> left;
    double clean = 1;
    for (const Cause& c : row.causes)
        if (std::find(told.begin(), told.end(), c.kind) == told.end()) {
            left.push_back(c);
            clean *= 1 - c.weight;
        }
    // Without causes told apart the whole stands for itself (a row made by hand).
    const double share = row.causes.empty() ? 0 : 1 - clean;
    if (share < kSticker || left.empty())
        return;
    // The strongest first, each with its part in the whole.
    double weights = 0;
    for (const Cause& c : left)
        weights += c.weight;
    std::string why;
    for (std::size_t i = 0; i < std::min<std::size_t>(3, left.size()); ++i)
        why += tr("%1%2 (%3 % of it)", i ? "; " : "", left[i].what, fixed(100 * left[i].weight / weights, 0));
    Finding f{keyOf("light.sticker", e), Station::Light, share > 0.6 ? Severity::Broken : Severity::Watch,
        tr("“%1” looks pasted in, %2 of 100: %3.%4", e.name, fixed(100 * share, 0), why,
            row.sideTold || !e.cutout ? std::string() : tr(" Its own light's direction is unknown and is not judged.")),
        100 * share, 100 * kSticker, tr("of 100"), stage::placed(p, e, cache).canvas, e.id,
        tr("What does not share the light, the darks and the ground of its neighbours looks pasted in, however well "
           "painted."),
        {}};
    for (const Cause& c : left)
        if (!f.fix)
            f.fix = cureOf(c.kind, p, e, row, cache);
    out.push_back(std::move(f));
}

void softness(const Element& e, const AuditRow& row, const Rect& where, Findings& out)
{
    if (row.photographed.softness < 0 || row.planned.softness < 0 || row.photographed.direction.confidence < 0.25)
        return;
    const double off = row.photographed.softness - row.planned.softness;
    if (std::abs(off) <= 0.35)
        return;
    Finding f{keyOf("light.softness", e), Station::Light, Severity::Watch,
        tr("“%1” was photographed in %2 light than planned: %3 % from everywhere against %4 %.", e.name,
            off > 0 ? tr("softer") : tr("harder"), fixed(100 * row.photographed.softness, 0),
            fixed(100 * row.planned.softness, 0)),
        100 * row.photographed.softness, 100 * row.planned.softness, translatable("% from everywhere"), where, e.id,
        off > 0 ? tr("Soft photographs have no core shadow to paint from; it must be made up.")
                : tr("Hard shadows baked into a photograph show through any new light."),
        {}, Against::Plan};
    if (off < 0 && e.delight < 0.95)
        f.fix = fixes::ownLightOff(e);
    if (off > 0 && e.tone.amount <= 0) { // a soft photograph lacks depth in its shades
        const double by = std::round(std::clamp(20 * off, 4.0, 14.0));
        f.fix = toned(tr("Deepen its shades by %1 L*", fixed(by, 0)), e.id, [by](Tone& t) { t.darkFrom = by; });
    }
    out.push_back(std::move(f));
}

/// Its light as it is now against the plan; or warm light where hardly any lamp reaches. \return whether it was said
bool warmth(const Element& e, const AuditRow& row, const Rect& where, Findings& out)
{
    if (row.now.kelvin <= 0 || row.planned.kelvin <= 0 || row.now.direction.confidence < 0.25)
        return false;
    const double mired = miredOff(row), by = shiftFor(mired);
    if (row.reached < 0.15 && 1e6 / row.now.kelvin > 240) {
        out.push_back({keyOf("light.warm-shade", e), Station::Light, Severity::Watch,
            tr("“%1” is lit warm, %2 K, though only %3 % of the lamps' light reaches it.", e.name,
                fixed(row.now.kelvin, 0), fixed(100 * row.reached, 0)),
            row.now.kelvin, 6500, "K", where, e.id,
            tr("In full shade only the sky lights a thing; warm light there has no source."), shifted(true, by, e.id)});
        return true;
    }
    if (std::abs(mired) < 90 || row.reached < 0.4)
        return false;
    const bool warm = mired > 0;
    out.push_back({keyOf("light.warmth", e), Station::Light, Severity::Watch,
        warm ? tr("“%1” looks warmer than the light falling on it: %2 K against %3 K.", e.name,
            fixed(row.now.kelvin, 0), fixed(row.planned.kelvin, 0))
             : tr("“%1” looks cooler than the light falling on it: %2 K against %3 K.", e.name,
                 fixed(row.now.kelvin, 0), fixed(row.planned.kelvin, 0)),
        row.now.kelvin, row.planned.kelvin, "K", where, e.id,
        tr("One lamp lights all its neighbours in one colour; what differs looks lit elsewhere."),
        shifted(warm, by, e.id), Against::Plan});
    return true;
}

/// Lighter than a white card could be in the light that falls there.
void tooBright(const Element& e, const AuditRow& row, const Rect& where, Findings& out)
{
    if (row.lightest < 0 || row.cardL < 0 || row.lightest < row.cardL + 6)
        return;
    out.push_back({keyOf("light.too-bright", e), Station::Light, Severity::Broken,
        tr("“%1” shows L* %2; a white card in the light there shows %3.", e.name, fixed(row.lightest, 0),
            fixed(row.cardL, 0)),
        row.lightest, row.cardL, "L*", where, e.id,
        tr("Nothing can be lighter than white in its light; it then seems to shine by itself."),
        toned(tr("Lower its lights to L* %1", fixed(row.cardL, 0)), e.id,
            [share = row.cardL / row.lightest](Tone& t) { t.lightTo *= share; })});
}

/// A lamp so strong that colours clip: what seems too cold or too pale there comes of that alone. \return was it said?
bool overlit(const Project& p, const Element& e, const AuditRow& row, const Rect& where, Findings& out)
{
    if (row.overStops < 1 || row.overBy < 0)
        return false;
    std::string name = tr("the sun");
    for (const Lantern& l : p.lights.lanterns)
        if (l.id == row.overBy)
            name = tr("“%1”", l.name);
    out.push_back({keyOf("light.over", e), Station::Light, row.overStops > 2 ? Severity::Broken : Severity::Watch,
        tr("“%1” is lit brighter than paint can show on %4 % of it, a fifth of it by %2 stops, mostly by %3.", e.name,
            fixed(row.overStops, 1), name, fixed(100 * row.overShare, 0)),
        row.overStops, 0, translatable("stops"), where, e.id,
        tr("What is brighter than paper white loses its form and its colour; whatever the lamp, it comes out pale."),
        Fix{tr("Lower %1 by %2 stops", name, fixed(row.overStops, 1)),
            [id = row.overBy, k = std::exp2(-row.overStops)](Project q) {
                if (id == 0) {
                    Sun s = q.lights.sun;
                    s.strength *= k;
                    return edits::withSun(std::move(q), s);
                }
                for (Lantern l : q.lights.lanterns)
                    if (l.id == id) {
                        l.strength *= k;
                        return edits::withLantern(std::move(q), l);
                    }
                return q;
            }}});
    return true;
}

void spill(const Project& p, Findings& out)
{
    if (p.lights.air.spill >= 0.25 || p.elements.empty())
        return;
    out.push_back({"light.spill", Station::Light, Severity::Watch,
        tr("Only %1 % of the backdrop's light falls into edges.", fixed(100 * p.lights.air.spill, 0)),
        100 * p.lights.air.spill, 25, "%", {}, 0,
        tr("Edges that take nothing of what lies behind them look cut out with scissors."),
        fixes::air(tr("Let the backdrop spill into edges"), [](Air& a) { a.spill = 1; })});
}

/// A far thing darker at its darkest than a near one: air does the opposite.
void farDark(const Project& p, const std::vector<AuditRow>& rows, stage::SurfaceCache& cache, Findings& out)
{
    for (const AuditRow& far : rows)
        for (const AuditRow& near : rows) {
            const Element &a = *p.element(far.element), &b = *p.element(near.element);
            const double za = stage::placed(p, a, cache).distance, zb = stage::placed(p, b, cache).distance;
            if (za < 2 * zb || za < 15 || far.shade.empty() || near.shade.empty())
                continue;
            const double la = far.shade.back().L, lb = near.shade.back().L;
            if (la > lb - 8)
                continue;
            out.push_back({keyOf("light.far-dark", a), Station::Light, Severity::Watch,
                tr("At %1 m “%2” has darks of %3 L*, darker than “%4” at %5 m (%6 L*).", fixed(za, 0), a.name,
                    fixed(la, 0), b.name, fixed(zb, 0), fixed(lb, 0)),
                la, lb, "L*", stage::placed(p, a, cache).canvas, a.id,
                tr("Air lifts the darks of what is far; dark and far together pull it forward."),
                fixes::air(tr("Let the air halve contrast at %1 m", fixed(za, 0)),
                    [za](Air& air) { air.halfContrastM = za; })});
            break;
        }
}
} // namespace

Fix warmthFix(const AuditRow& row, double more)
{
    return shifted(miredOff(row) > 0, shiftFor(miredOff(row), more), row.element);
}

Findings auditFindings(const Project& p, const std::vector<AuditRow>& rows, stage::SurfaceCache& cache)
{
    Findings out;
    for (const AuditRow& row : rows) {
        const Element* e = p.element(row.element);
        if (!e || e->material == Material::Glowing || e->material == Material::Glass)
            continue;
        const Rect where = stage::placed(p, *e, cache).canvas;
        std::vector<CauseKind> told;
        if (const auto side = light::sideOff(p, *e, cache); side && side->off > light::SideOff::kSideOff)
            told.push_back(CauseKind::Direction);
        const bool over = overlit(p, *e, row, where, out);
        if (over || warmth(*e, row, where, out))
            told.push_back(CauseKind::Warmth);
        sticker(p, *e, row, told, cache, out);
        softness(*e, row, where, out);
        if (!over)
            tooBright(*e, row, where, out);
    }
    spill(p, out);
    farDark(p, rows, cache, out);
    return out;
}

} // namespace rl::review
