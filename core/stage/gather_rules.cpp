#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/fixes.h"
#include "core/project/usual_heights.h"
#include "core/stage/camera.h"
#include "core/stage/stage_rules.h"

namespace rl::stage {

double neededPixelsPerCm(double distance)
{
    return std::min(60.0, 1 / (distance * std::tan(radians(1.0 / 60))));
}

double neededPixelsPerCm(const Project& p, const Reference& r)
{
    const double eye = neededPixelsPerCm(p.brief.viewingDistanceCm);
    return r.is(Role::Face) ? std::max(60.0, eye) : eye;
}

namespace {
std::string keyOf(const char* kind, int id)
{
    return std::string(kind) + ":" + std::to_string(id);
}

void enoughPixels(const Project& p, const Element& e, const Placement& place, Findings& out)
{
    const double have = 1 / place.cmPerPixel, need = neededPixelsPerCm(p, *p.reference(p.cutout(e.cutout)->reference));
    if (have >= need)
        return;
    const double height = e.heightM * have / need;
    // Not where it would be no size it may have, nor a dot: those rules would make it larger again.
    const UsualHeight u = usualHeight(p, e.usual);
    const double across = std::max(place.canvas.width, place.canvas.height) * have / need;
    const bool may = (u.name.empty() || height >= u.least) && across >= leastReadableCm(p.brief);
    out.push_back({keyOf("gather.pixels", e.id), Station::Gather, have < need / 2 ? Severity::Broken : Severity::Watch,
        tr("“%1” has too few pixels for its size: %2 a centimetre, and from %3 cm the eye can tell %4%5", e.name,
            fixed(have), fixed(p.brief.viewingDistanceCm, 0), fixed(neededPixelsPerCm(p.brief.viewingDistanceCm)),
            need >= 60 ? tr("; a face wants 60.") : "."),
        have, need, "px/cm", place.canvas, e.id,
        tr("What the picture does not hold must be invented at the easel; better to know it before."),
        may ? std::optional(
            fixes::trueHeight(e, tr("Show it no larger than its pixels carry (%1 m)", fixed(height, 2)), height))
            : std::nullopt});
}

void litFlat(const Project& p, const Element& e, const Placement& place, SurfaceCache& cache, Findings& out)
{
    const auto sameCut = [&](const Element& x) { return x.cutout == e.cutout; };
    if (std::find_if(p.elements.begin(), p.elements.end(), sameCut)->id != e.id)
        return; // one cut-out may stand in the scene several times
    if (e.ownLightSet || e.material == Material::Glowing)
        return;
    const auto light = cache.light(p, e);
    if (light.confidence >= 0.25)
        return;
    out.push_back({keyOf("gather.flat", e.id), Station::Gather, Severity::Watch,
        tr("“%1” shows no clear light side: the light's direction cannot be measured.", e.name), light.confidence, 0.25,
        "confidence", place.canvas, e.id,
        tr("Its own light cannot be taken off, so new light falls on top of the old. Set where it came from, or keep "
           "it in shade."),
        {}});
}
} // namespace

Findings gatherFindings(const Project& p, SurfaceCache& cache)
{
    Findings out;
    for (const Element& e : p.elements) {
        const Cutout* c = p.cutout(e.cutout);
        if (!c || c->alpha.empty())
            continue;
        const Placement place = placed(p, e, cache);
        if (!place.visible)
            continue;
        enoughPixels(p, e, place, out);
        litFlat(p, e, place, cache, out);
    }
    return out;
}

} // namespace rl::stage
