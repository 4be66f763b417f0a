#include "core/stage/stage_rules.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/fixes.h"
#include "core/project/usual_heights.h"
#include "core/stage/camera.h"
#include "core/stage/kin.h"
#include "core/stage/room.h"

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
        tr("The base of “%1” lies above the horizon, where there is no ground to stand on.", e.name), e.baseCm.y,
        p.camera.horizonCm, "cm", {e.baseCm.x - 2, e.baseCm.y - 2, 4, 4}, e.id,
        tr("On level ground every foot is below eye level; one above it belongs to another picture."),
        fixes::foot(e, tr("Set it on the far ground"), {e.baseCm.x, y})});
}

/// Closer to the edge than a fiftieth of the long side, but not cut by it.
void crowded(const Project& p, const Element& e, const Rect& r, Findings& out)
{
    const double w = p.brief.widthCm, h = p.brief.heightCm, room = std::max(w, h) / 50;
    const double left = r.x, right = w - r.right(), top = r.y, bottom = h - r.bottom();
    const double least = std::min({left, right, top, bottom});
    if (least < 0 || least >= room)
        return;
    const double move = 1.1 * room - least; // clear of it, not to the very line
    const Vec2 by = least == left ? Vec2{move, 0} : least == right ? Vec2{-move, 0} : Vec2{0, 0};
    const char* side = least == left ? "left" : least == right ? "right" : least == top ? "upper" : "lower";
    Finding f{keyOf("stage.crowded", e), Station::Stage, Severity::Watch,
        tr("“%1” comes within %2 mm of the %3 edge without being cut by it.", e.name, fixed(10 * least, 0), side),
        10 * least, 10 * room, "mm", r, e.id,
        tr("The gap becomes a shape of its own and pulls the gaze out; give room, or cut boldly."), {}};
    if (by.x != 0)
        f.fix = fixes::shift(e, tr("Move it in by %1 mm", fixed(10 * move, 0)), by);
    out.push_back(std::move(f));
}

} // namespace

double leastReadableCm(const Brief& b)
{
    return b.viewingDistanceCm * std::tan(radians(20.0 / 60));
}

namespace {
/// Smaller than the finest brush mark that can be read at the viewing distance: twenty arc minutes.
void tooSmall(const Project& p, const Element& e, const Placement& place, Findings& out)
{
    const double least = leastReadableCm(p.brief);
    const double size = std::max(place.canvas.width, place.canvas.height);
    if (size >= least)
        return;
    out.push_back({keyOf("stage.too-small", e), Station::Stage, Severity::Watch,
        tr("“%1” is only %2 mm on the canvas at %3 m away.", e.name, fixed(10 * size, 0), fixed(place.distance, 0)),
        10 * size, 10 * least, "mm", place.canvas, e.id,
        tr("Under a third of a degree a shape is a dot to the viewer, however well it is painted."),
        fixes::foot(e, tr("Bring it near enough to be read"),
            {e.baseCm.x, p.camera.horizonCm + (e.baseCm.y - p.camera.horizonCm) * least / size})});
}

/// Out of the range of what it is said to be.
void impossibleSize(const Project& p, const Element& e, const Placement& place, Findings& out)
{
    const UsualHeight u = usualHeight(p, e.usual);
    if (u.name.empty() || (e.heightM >= u.least && e.heightM <= u.most))
        return;
    const bool tall = e.heightM > u.most;
    const double limit = tall ? u.most : u.least, cm = u.metres * place.heightCm / e.heightM;
    // The same size on the canvas is right at another distance.
    const double y = p.camera.horizonCm + (e.baseCm.y - p.camera.horizonCm) * e.heightM / u.metres;
    out.push_back({keyOf("stage.size", e), Station::Stage,
        e.heightM > 1.5 * u.most || e.heightM < u.least / 1.5 ? Severity::Broken : Severity::Watch,
        tr("At %1 m away “%2” is %3 m tall, %4 cm on the canvas; %5: %6 to %7 m. At %8 m it would cover %9 cm here, or "
           "keep its size with its foot at %10 cm.",
            fixed(place.distance), e.name, fixed(e.heightM, 2), fixed(place.heightCm), u.name.c_str(),
            fixed(u.least, 2), fixed(u.most, 2), fixed(u.metres, 2), fixed(cm), fixed(y)),
        e.heightM, limit, "m", place.canvas, e.id,
        tr("Every size implies a distance; an impossible one makes the space fall apart."),
        fixes::trueHeight(e, tr("Give it %1 m", fixed(u.metres, 2)), u.metres)});
}

/// Does something carry it: another's top close under its foot, near enough on the ground?
bool carried(const Project& p, const Element& e, const Eye& eye, SurfaceCache& cache)
{
    const Vec3 at = footOf(eye, e);
    for (const Element& o : p.elements) {
        if (o.id == e.id || o.baseCm.y <= p.camera.horizonCm)
            continue;
        const Placement place = placed(p, o, cache);
        const Vec3 foot = footOf(eye, o);
        const double reach = std::max(place.widthM, 0.4 * e.heightM) / 2 + 0.5;
        if (place.visible && std::abs(foot.x - at.x) < reach && std::abs(foot.z - at.z) < std::max(reach, 0.1 * at.z)
            && o.altitudeM + o.heightM > 0.5 * e.altitudeM)
            return true;
    }
    return false;
}

void contact(
    const Project& p, const Element& e, const Placement& place, const Eye& eye, SurfaceCache& cache, Findings& out)
{
    if (e.standin.solid == Solid::Path || std::abs(e.altitudeM) < 0.01 * e.heightM)
        return;
    const bool sinks = e.altitudeM < 0;
    const double mm = 10 * std::abs(e.altitudeM) * eye.focalCm / place.distance;
    if (!sinks && (e.altitudeM > 0.25 * e.heightM || carried(p, e, eye, cache)))
        return;
    out.push_back({keyOf(sinks ? "stage.sinks" : "stage.hovers", e), Station::Stage, Severity::Watch,
        tr("“%1” %2%3 m %4: %5 mm on the canvas.", e.name, sinks ? tr("sinks ") : tr("hovers "),
            fixed(std::abs(e.altitudeM), 2),
            sinks ? tr("into the ground") : tr("over the ground with nothing under it"), fixed(mm, 0)),
        mm, 0, "mm", {place.canvas.x, e.baseCm.y - 1, place.canvas.width, 2}, e.id,
        sinks ? tr("Fine in water or snow; on firm ground the feet go missing.")
              : tr("Too low to fly and too high to stand: its shadow will part from its foot."),
        fixes::moves(e, tr("Set it on the ground"),
            [id = e.id](Project q) { return edits::withAltitude(std::move(q), id, 0); })});
}

void repeated(const Project& p, SurfaceCache& cache, Findings& out)
{
    for (const Likeness& l : repetition(p, cache)) {
        if (l.alike < kStamped || out.size() > 200)
            break;
        const Element &a = *p.element(l.a), &b = *p.element(l.b);
        if (std::any_of(out.begin(), out.end(), [&](const Finding& f) { return f.key == keyOf("stage.repeated", b); }))
            continue; // each is spoken of once, beside what it is most alike
        out.push_back({keyOf("stage.repeated", b), Station::Stage, Severity::Watch,
            tr("“%1” repeats “%2”: outlines %3 % alike, heights %4 %.", b.name, a.name, fixed(100 * l.shape, 0),
                fixed(100 * l.size, 0)),
            100 * l.alike, 100 * kStamped, translatable("% alike"), placed(p, b, cache).canvas, b.id,
            tr("The eye finds a copy at once, and then sees the trick instead of the scene."),
            Fix{tr("Vary it"), [id = b.id](Project q) { return withVaried(std::move(q), id, 7); }}});
    }
}

void emptyStage(const Project& p, Findings& out)
{
    if (!p.elements.empty())
        return;
    out.push_back(
        {"stage.empty", Station::Stage, Severity::Watch, tr("Nothing stands in the scene yet."), 0, 1, "elements", {},
            0, tr("Cut something out of a reference first; it then stands where you put it, at its true size."), {}});
}
} // namespace

Findings stageFindings(const Project& p, SurfaceCache& cache)
{
    Findings out;
    const Eye eye = eyeOf(p);
    emptyStage(p, out);
    for (const Element& e : p.elements) {
        if (e.baseCm.y <= p.camera.horizonCm) {
            offTheGround(p, e, out);
            continue;
        }
        const Placement place = placed(p, e, cache);
        if (!place.visible)
            continue;
        if (e.standin.solid != Solid::Path || e.cutout) {
            crowded(p, e, place.canvas, out);
            tooSmall(p, e, place, out);
        }
        impossibleSize(p, e, place, out);
        contact(p, e, place, eye, cache, out);
    }
    repeated(p, cache, out);
    for (Finding& f : roomFindings(p, cache))
        out.push_back(std::move(f));
    return out;
}

} // namespace rl::stage
