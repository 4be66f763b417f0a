#include "core/gather/eye_levels.h"
#include "core/base/parallel.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/gather/measure.h"
#include "core/project/fixes.h"

namespace rl::gather {

std::optional<double> EyeLevels::of(const Reference& r)
{
    if (r.overrule.eyeLevelSet)
        return r.overrule.eyeLevel;
    {
        const std::lock_guard lock(m_mutex);
        if (const auto known = m_known.find(r.sha256()); known != m_known.end())
            return known->second;
    }
    const Photo whole = r.pixels;
    if (whole.empty())
        return {}; // missing: not measured, and not remembered
    const Photo photo = atMost(whole, kMeasuredPx);
    std::optional<double> level;
    if (photo.height() > 0)
        if (const auto told = weighed(eyeLevelOf(photo), horizonOf(photo), photo.height()); told.confidence >= 0.55)
            level = told.y / photo.height();
    const std::lock_guard lock(m_mutex);
    m_known[r.sha256()] = level;
    return level;
}

Findings eyeLevelFindings(const Project& p, stage::SurfaceCache& cache, EyeLevels& levels)
{
    Findings out;
    const stage::Eye eye = stage::eyeOf(p);
    parallelItems(int(p.references.size()), [&](int i) {
        const Reference& r = p.references[std::size_t(i)];
        if (std::any_of(p.elements.begin(), p.elements.end(), [&](const Element& e) {
                const Cutout* c = p.cutout(e.cutout);
                return c && c->reference == r.id;
            }))
            (void)levels.of(r);
    });
    for (const Element& e : p.elements) {
        const Cutout* c = p.cutout(e.cutout);
        const Reference* r = c ? p.reference(c->reference) : nullptr;
        const stage::Placement place = r ? stage::placed(p, e, cache) : stage::Placement{};
        if (!place.visible || place.altitudeM > 0)
            continue;
        const auto level = levels.of(*r);
        if (!level)
            continue;
        const Rect shape = cache.shape(*c);
        const double y = place.canvas.y + (*level * r->pixels.height() - shape.y) / shape.height * place.canvas.height,
                     off = y - p.camera.horizonCm, turn = degrees(std::atan(std::abs(off) / eye.focalCm));
        if (turn < kAgreeDegrees)
            continue;
        const bool cheat = turn <= kCheatDegrees;
        out.push_back(
            {"stage.eye-level:" + std::to_string(e.id), Station::Stage, cheat ? Severity::Watch : Severity::Broken,
                tr("“%1” was photographed from an eye level that lies %2 cm %3 the stage's here, %4° off%5", e.name,
                    fixed(std::abs(off)), off > 0 ? tr("under") : tr("over"), fixed(turn),
                    cheat ? tr("; under %1° it can be cheated: hide its foot, or keep flat tops out of sight.",
                        fixed(kCheatDegrees, 0))
                          : "."),
                turn, kAgreeDegrees, "°", place.canvas, e.id,
                tr("Level edges of one space run to one line; from another eye level they fan out against their "
                   "neighbours."),
                {}});
        // At another true height both eye levels meet, where that is a size it may have.
        const double needed = e.heightM * (e.baseCm.y - p.camera.horizonCm) / std::max(1e-6, e.baseCm.y - y);
        if (e.baseCm.y > y && needed > 0.5 * e.heightM && needed < 2 * e.heightM)
            out.back().fix
                = fixes::trueHeight(e, tr("Give it %1 m, so that both eye levels meet", fixed(needed, 2)), needed);
    }
    return out;
}

} // namespace rl::gather
