#include "core/base/text.h"
#include "core/base/words.h"
#include "core/cutout/cut.h"
#include "core/project/fixes.h"
#include "core/stage/camera.h"
#include "core/stage/stage_rules.h"

namespace rl::stage {

Findings cutFindings(const Project& p, SurfaceCache& cache)
{
    Findings out;
    for (const Element& e : p.elements) {
        const Cutout* c = p.cutout(e.cutout);
        const Reference* r = c ? p.reference(c->reference) : nullptr;
        const std::string id = std::string(":").append(std::to_string(e.id));
        if (!e.cutout && e.standin.solid != Solid::None)
            continue; // a stand-in has the edge it was drawn with
        if (!r || c->alpha.empty()) {
            out.push_back({"cut.no-edge" + id, Station::Cut, Severity::Broken, tr("“%1” has no outline yet.", e.name),
                0, 1, "outlines", {}, e.id, tr("Without an edge there is nothing to stand in the scene."), {}});
            continue;
        }
        const Placement place = placed(p, e, cache);
        // One cut-out may stand in the scene several times: it is spoken of once.
        const auto sameCut = [&](const Element& x) { return x.cutout == e.cutout; };
        if (std::find_if(p.elements.begin(), p.elements.end(), sameCut)->id != e.id)
            continue;
        const auto surface = cache.surface(p, e);
        const cutout::EdgeQuality q = cutout::edgeQuality(surface->colour, surface->alpha);
        const double mm = q.transitionPx / surface->scale * place.cmPerPixel * 10,
                     border = cutout::borderShare(c->alpha);
        if (border > 0.01)
            out.push_back({"cut.border" + id, Station::Cut, Severity::Watch,
                tr("“%1” runs off its photograph: %2 % of its edge is the picture's border.", e.name,
                    fixed(100 * border)),
                100 * border, 1, "%", place.canvas, e.id,
                tr("A straight border in the middle of the scene reads as a mistake; hide it behind something or at "
                   "the canvas edge."),
                {}});
        // Three arc minutes are seen as a soft edge; sharper needs care, wider looks out of focus.
        const double limit = 30 * p.brief.viewingDistanceCm * std::tan(radians(3.0 / 60));
        if (place.visible && mm > limit)
            out.push_back({"cut.soft" + id, Station::Cut, Severity::Watch,
                tr("The edge of “%1” is %2 mm wide on the canvas.", e.name, fixed(mm)), mm, limit, "mm", place.canvas,
                e.id,
                tr("Wider than this it looks out of focus beside sharper neighbours from where the painting is seen."),
                {}});
        if (q.halo > 14)
            out.push_back({"cut.halo" + id, Station::Cut, Severity::Watch,
                tr("The edge pixels of “%1” differ from what lies just inside by ΔE %2.", e.name, fixed(q.halo)),
                q.halo, 14, "ΔE00", place.canvas, e.id,
                tr("That is colour of the old background. Drawn in by a pixel, the edge leaves it behind."),
                Fix{tr("Draw the edge in by a pixel"), [cut = c->id](Project q) {
                        const Cutout* found = q.cutout(cut);
                        if (!found)
                            return q;
                        Cutout k = *found;
                        k.alpha = cutout::drawnIn(k.alpha);
                        return edits::withCutout(std::move(q), std::move(k));
                    }}});
    }
    return out;
}

} // namespace rl::stage
