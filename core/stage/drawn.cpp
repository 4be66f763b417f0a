#include "core/stage/drawn.h"
#include "core/base/words.h"
#include "core/cutout/outline.h"
#include "core/project/stage_edits.h"

namespace rl::stage {

namespace {
const Element* standinOfKind(const Project& p, int id, Solid solid)
{
    const Element* e = p.element(id);
    return e && !e->cutout && e->standin.solid == solid ? e : nullptr;
}

/// Its foot where the place ends, or far off when that is above the horizon.
void fillPlace(const Project& p, Element& e, double middle, double top, double bottom)
{
    const double base = std::max(bottom, p.camera.horizonCm + 0.01 * p.brief.heightCm);
    const double metresPerCm = p.camera.eyeHeightM / (base - p.camera.horizonCm);
    e.baseCm = {middle, base};
    e.heightM = std::max(0.01, (bottom - top) * metresPerCm);
    e.altitudeM = (base - bottom) * metresPerCm;
}

DrawnThing put(Project p, const Element& e, bool redraw)
{
    p = edits::withElement(std::move(p), e);
    const int id = redraw ? e.id : p.elements.back().id;
    return {std::move(p), id};
}

Error tooSmall()
{
    return {ErrorKind::Invalid, tr("This is too small to cut out; draw it larger."), {}};
}
/// The first of a name has no number.
std::string numbered(const Project& p, const std::string& name)
{
    const auto taken = [&](const std::string& n) {
        return std::any_of(p.elements.begin(), p.elements.end(), [&](const Element& e) { return e.name == n; });
    };
    std::string out = name;
    for (int i = 2; taken(out); ++i)
        out = name + " " + std::to_string(i);
    return out;
}
} // namespace

Result<DrawnThing> withShapeDrawn(Project p, const std::vector<OutlinePoint>& points, int redraw)
{
    cutout::Loop loop;
    for (const OutlinePoint& q : points)
        loop.nodes.push_back({q.at, q.curved});
    double l = 1e300, t = 1e300, r = -1e300, b = -1e300;
    for (const Vec2& q : cutout::flattened(loop, 0.05))
        l = std::min(l, q.x), r = std::max(r, q.x), t = std::min(t, q.y), b = std::max(b, q.y);
    const double high = b - t;
    if (!(high >= 0.05) || r - l < 0.05)
        return tooSmall();
    const Element* held = standinOfKind(p, redraw, Solid::Shape);
    Element e = held ? *held : edits::standinOf(Solid::Shape);
    fillPlace(p, e, (l + r) / 2, t, b);
    Outline outline;
    for (const OutlinePoint& q : points)
        outline.points.push_back({{(q.at.x - (l + r) / 2) / high, (b - q.at.y) / high}, q.curved});
    e.standin.outlines = {outline};
    return put(std::move(p), e, held);
}

Result<DrawnThing> withProfileDrawn(Project p, std::vector<OutlinePoint> points, int redraw)
{
    if (points.size() < 2)
        return tooSmall();
    const Element* held = standinOfKind(p, redraw, Solid::Turned);
    Element e = held ? *held : edits::standinOf(Solid::Turned);
    const double axis = held ? held->baseCm.x : points.front().at.x;
    if (points.front().at.y < points.back().at.y)
        std::reverse(points.begin(), points.end());
    double t = 1e300, b = -1e300;
    for (const OutlinePoint& q : points)
        t = std::min(t, q.at.y), b = std::max(b, q.at.y);
    if (b - t < 0.05)
        return tooSmall();
    fillPlace(p, e, axis, t, b);
    e.standin.profile.clear();
    for (const OutlinePoint& q : points)
        e.standin.profile.push_back({{std::abs(q.at.x - axis) / (b - t), (b - q.at.y) / (b - t)}, q.curved});
    return put(std::move(p), e, held);
}

Result<DrawnThing> withCourseLaid(
    Project p, const std::vector<Vec2>& metres, int redraw, Track as, const std::string& name)
{
    if (metres.size() < 2)
        return tooSmall();
    const Element* held = standinOfKind(p, redraw, Solid::Path);
    Element e = held ? *held : edits::standinOf(Solid::Path);
    if (!held) {
        e.standin.track = as;
        if (!name.empty())
            e.name = numbered(p, name);
    }
    e.baseCm = projected(eyeOf(p), {metres.front().x, 0, metres.front().y});
    e.yaw = 0;
    e.standin.path.clear();
    for (const Vec2& q : metres)
        e.standin.path.push_back(q - metres.front());
    return put(std::move(p), e, held);
}

DrawnThing withStandinUp(Project p, Element e)
{
    const Brief& b = p.brief;
    const double below = std::max(0.0, b.heightCm - p.camera.horizonCm);
    // From the middle outwards, then nearer and farther: the first place where no foot is close by.
    const auto freeAt = [&](Vec2 at) {
        return std::none_of(p.elements.begin(), p.elements.end(), [&](const Element& o) {
            return std::abs(o.baseCm.x - at.x) < 0.07 * b.widthCm && std::abs(o.baseCm.y - at.y) < 0.06 * below;
        });
    };
    e.baseCm = {b.widthCm / 2, below > 1 ? p.camera.horizonCm + 0.62 * below : b.heightCm + 2};
    bool found = below <= 1;
    for (const double down : {0.62, 0.44, 0.8, 0.34})
        for (int i = 0; i < 11 && !found; ++i) {
            const Vec2 at{
                b.widthCm * (0.5 + 0.085 * ((i + 1) / 2) * (i % 2 ? 1 : -1)), p.camera.horizonCm + down * below};
            if ((found = freeAt(at)))
                e.baseCm = at;
        }
    return put(std::move(p), e, false);
}

Vec2 seenOfFigure(const Project& p, const Element& e, Vec3 q)
{
    const Eye eye = eyeOf(p);
    const Vec3 foot = footOf(eye, e);
    const double c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw));
    const double x = (e.mirrored ? -1 : 1) * e.stretch * e.heightM * q.x, z = e.heightM * q.z;
    return projected(
        eye, {foot.x + x * c - z * s, e.altitudeM + e.heightM * q.y, std::max(0.1, foot.z + x * s + z * c)});
}

std::optional<Vec2> groundAt(const Project& p, Vec2 at)
{
    const Eye eye = eyeOf(p);
    const double z = groundDistance(eye, at.y);
    if (!std::isfinite(z) || z > 5000)
        return {};
    return Vec2{(at.x - eye.x0) * z / eye.focalCm, std::max(0.3, z)};
}

namespace {
Project withShare(Project p, int id, double share, SurfaceCache& cache)
{
    const Element* e = p.element(id);
    if (!e || !isCard(p, *e) || e->locked)
        return p;
    const Placement before = placed(p, *e, cache);
    Element moved = *e;
    moved.footShare = share;
    const Placement after = placed(p, moved, cache);
    if (before.visible && after.visible)
        moved.baseCm.x += before.canvas.x - after.canvas.x;
    return edits::withElement(std::move(p), moved);
}
} // namespace

Project withFootFound(Project p, int id, SurfaceCache& cache)
{
    return withShare(std::move(p), id, -1, cache);
}

Project withFootAt(Project p, int id, double seen, SurfaceCache& cache)
{
    const Element* e = p.element(id);
    const double share = std::clamp(seen, 0.0, 1.0);
    const bool mirrored = e && e->mirrored;
    return withShare(std::move(p), id, mirrored ? 1 - share : share, cache);
}

} // namespace rl::stage
