#include "core/stage/stage_rules.h"
#include "core/base/text.h"
#include "core/stage/camera.h"

namespace rl::stage {

namespace {
std::string keyOf(const char* kind, const Element& e)
{
    return std::string(kind) + ":" + std::to_string(e.id);
}

void offTheGround(const Project& p, const Element& e, Findings& out)
{
    const double y = p.camera.horizonCm + 0.04 * p.brief.heightCm;
    out.push_back({keyOf("stage.floats", e), Station::Stage, Severity::Broken,
        "The base of “" + e.name + "” lies above the horizon, where there is no ground to stand on.", e.baseCm.y,
        p.camera.horizonCm, "cm", {e.baseCm.x - 2, e.baseCm.y - 2, 4, 4}, e.id,
        "On level ground every foot is below eye level; one above it belongs to another picture.",
        Fix{"Set it on the far ground", [id = e.id, y](Project& q) {
                if (Element* x = q.element(id))
                    x->baseCm.y = y;
            }}});
}

/// Closer to the edge than a fiftieth of the long side, but not cut by it.
void crowded(const Project& p, const Element& e, const Rect& r, Findings& out)
{
    const double w = p.brief.widthCm, h = p.brief.heightCm, room = std::max(w, h) / 50;
    const double left = r.x, right = w - r.right(), top = r.y, bottom = h - r.bottom();
    const double least = std::min({left, right, top, bottom});
    if (least < 0 || least >= room)
        return;
    const double move = room - least;
    const Vec2 by = least == left ? Vec2{move, 0} : least == right ? Vec2{-move, 0} : Vec2{0, 0};
    const char* side = least == left ? "left" : least == right ? "right" : least == top ? "upper" : "lower";
    Finding f{keyOf("stage.crowded", e), Station::Stage, Severity::Watch,
        "“" + e.name + "” comes within " + fixed(10 * least, 0) + " mm of the " + side
            + " edge without being cut by it.",
        10 * least, 10 * room, "mm", r, e.id,
        "The gap becomes a shape of its own and pulls the gaze out; give room, or cut boldly.", {}};
    if (by.x != 0)
        f.fix = Fix{"Move it in by " + fixed(10 * move, 0) + " mm", [id = e.id, by](Project& q) {
                        if (Element* x = q.element(id))
                            x->baseCm = x->baseCm + by;
                    }};
    out.push_back(std::move(f));
}

/// Smaller than the finest brush mark that can be read at the viewing distance: twenty arc minutes.
void tooSmall(const Project& p, const Element& e, const Placement& place, Findings& out)
{
    const double least = p.brief.viewingDistanceCm * std::tan(radians(20.0 / 60));
    const double size = std::max(place.canvas.width, place.canvas.height);
    if (size >= least)
        return;
    out.push_back({keyOf("stage.too-small", e), Station::Stage, Severity::Watch,
        "“" + e.name + "” is only " + fixed(10 * size, 0) + " mm on the canvas at " + fixed(place.distance, 0)
            + " m away.",
        10 * size, 10 * least, "mm", place.canvas, e.id,
        "Under a third of a degree a shape is a dot to the viewer, however well it is painted.",
        Fix{"Bring it near enough to be read", [id = e.id, k = least / size](Project& q) {
                if (Element* x = q.element(id))
                    x->baseCm.y = q.camera.horizonCm + (x->baseCm.y - q.camera.horizonCm) * k;
            }}});
}

void emptyStage(const Project& p, Findings& out)
{
    if (!p.elements.empty())
        return;
    out.push_back({"stage.empty", Station::Stage, Severity::Watch, "Nothing stands in the scene yet.", 0, 1, "elements",
        {}, 0, "Cut something out of a reference first; it then stands where you put it, at its true size.", {}});
}
} // namespace

Findings stageFindings(const Project& p, SurfaceCache& cache)
{
    Findings out;
    emptyStage(p, out);
    for (const Element& e : p.elements) {
        if (e.baseCm.y <= p.camera.horizonCm) {
            offTheGround(p, e, out);
            continue;
        }
        const Cutout* c = p.cutout(e.cutout);
        if (!c || c->alpha.empty())
            continue;
        const Placement place = placementOf(p, e, cache.shape(*c));
        if (!place.visible)
            continue;
        crowded(p, e, place.canvas, out);
        tooSmall(p, e, place, out);
    }
    return out;
}

} // namespace rl::stage
