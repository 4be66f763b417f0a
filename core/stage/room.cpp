#include "core/stage/room.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/fixes.h"
#include "core/project/usual_heights.h"
#include "core/stage/solids.h"

namespace rl::stage {

namespace {
/// Shares of stature where a cut hurts, and the middles between them where it does not.
constexpr std::pair<const char*, double> kJoints[]{{translatable("ankle"), 0.039}, {translatable("knee"), 0.285},
    {translatable("hip"), 0.530}, {translatable("neck"), 0.855}};
constexpr double kGoodCuts[]{0.16, 0.41, 0.69};

bool isPerson(const Project& p, const Element& e)
{
    if (!e.cutout && e.standin.solid == Solid::Figure)
        return true;
    return usualHeight(p, e.usual).person;
}

const Element* leadOf(const Project& p)
{
    for (const CastMember& m : p.brief.cast)
        for (const Element& e : p.elements)
            if (e.cast == m.id)
                return &e;
    return nullptr;
}

Rect around(Rect a, const Rect& b)
{
    const double l = std::min(a.x, b.x), t = std::min(a.y, b.y);
    return {l, t, std::max(a.right(), b.right()) - l, std::max(a.bottom(), b.bottom()) - t};
}

/// Which edge cuts what reaches from inside to outside there.
const char* edgeAt(const Project& p, const Rect& r, Vec2 q, double near)
{
    const double w = p.brief.widthCm, h = p.brief.heightCm;
    if (r.bottom() > h && r.y < h && std::abs(q.y - h) < near)
        return "bottom";
    if (r.y < 0 && r.bottom() > 0 && std::abs(q.y) < near)
        return "top";
    if (r.x < 0 && r.right() > 0 && std::abs(q.x) < near)
        return "left";
    if (r.right() > w && r.x < w && std::abs(q.x - w) < near)
        return "right";
    return nullptr;
}

/// The base at which the lower edge cuts at a share of the height; nothing sensible = 0.
double baseForCut(const Project& p, const Element& e, double share)
{
    const double up = (e.altitudeM + share * e.heightM) / p.camera.eyeHeightM, h = p.brief.heightCm;
    if (up >= 0.95)
        return 0;
    const double base = (h - up * p.camera.horizonCm) / (1 - up);
    return base > p.camera.horizonCm + 0.5 && base < 4 * h ? base : 0;
}

void addCut(const Project& p, const Element& e, const Rect& r, const std::string& joint, Vec2 q, double near,
    std::vector<JointCut>& out)
{
    const char* side = edgeAt(p, r, q, near);
    if (!side
        || std::any_of(out.begin(), out.end(), [&](const JointCut& c) { return c.element == e.id && c.side == side; }))
        return;
    JointCut cut{e.id, joint, side, q, 0, 0};
    const std::string s = side;
    cut.offCm = s == "bottom" ? q.y - p.brief.heightCm : s == "top" ? q.y : s == "left" ? q.x : q.x - p.brief.widthCm;
    if (s == "bottom") {
        double best = 1e300;
        for (const double share : kGoodCuts)
            if (const double base = baseForCut(p, e, share); base > 0 && std::abs(base - e.baseCm.y) < best)
                best = std::abs(base - e.baseCm.y), cut.betterBaseCm = base;
    }
    out.push_back(cut);
}
} // namespace

Room roomOf(const Project& p, SurfaceCache& cache)
{
    Room room;
    const Element* lead = leadOf(p);
    const Placement place = lead ? placed(p, *lead, cache) : Placement{};
    if (!place.visible)
        return room;
    room.known = true;
    room.lead = lead->id;
    room.group = place.canvas;
    for (const Element& e : p.elements)
        if (lead->group && e.group == lead->group && e.id != lead->id)
            if (const Placement other = placed(p, e, cache); other.visible)
                room.group = around(room.group, other.canvas);
    const double w = p.brief.widthCm, h = p.brief.heightCm;
    room.left = room.group.x, room.right = w - room.group.right();
    room.top = room.group.y, room.bottom = h - room.group.bottom();
    room.headRoomCm = place.canvas.y;
    room.facing = lead->facing;
    const double middle = place.canvas.centre().x;
    room.aheadCm = room.facing == Facing::Left ? middle : w - middle;
    room.behindCm = w - room.aheadCm;
    return room;
}

Vec2 seenOnFigure(const Eye& eye, const Element& e, Vec3 q)
{
    const Vec3 foot = footOf(eye, e);
    const double c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw));
    const double x = (e.mirrored ? -1 : 1) * e.stretch * e.heightM * q.x, z = e.heightM * q.z;
    return projected(
        eye, {foot.x + x * c - z * s, e.altitudeM + e.heightM * q.y, std::max(0.1, foot.z + x * s + z * c)});
}

std::vector<JointCut> jointCuts(const Project& p, SurfaceCache& cache)
{
    std::vector<JointCut> out;
    const Eye eye = eyeOf(p);
    for (const Element& e : p.elements) {
        const Placement place = isPerson(p, e) ? placed(p, e, cache) : Placement{};
        if (!place.visible)
            continue;
        const double near = 0.03 * place.heightCm;
        if (e.cutout || e.standin.solid != Solid::Figure) {
            const double foot = place.canvas.bottom();
            for (const auto& [joint, share] : kJoints)
                addCut(p, e, place.canvas, joint, {place.canvas.centre().x, foot - share * place.heightCm}, near, out);
            continue;
        }
        const Skeleton s = skeletonOf(e.standin.pose);
        const auto seenAt = [&](Vec3 q) { return seenOnFigure(eye, e, q); };
        addCut(p, e, place.canvas, "neck", seenAt(s.neck), near, out);
        for (const std::size_t i : {std::size_t(0), std::size_t(1)}) {
            addCut(p, e, place.canvas, "hip", seenAt(s.hip[i]), near, out);
            addCut(p, e, place.canvas, "knee", seenAt(s.knee[i]), near, out);
            addCut(p, e, place.canvas, "ankle", seenAt(s.ankle[i]), near, out);
            addCut(p, e, place.canvas, "elbow", seenAt(s.elbow[i]), near, out);
            addCut(p, e, place.canvas, "wrist", seenAt(s.wrist[i]), near, out);
        }
    }
    return out;
}

namespace {
void gazeRoom(const Project& p, const Room& r, Findings& out)
{
    if ((r.facing != Facing::Left && r.facing != Facing::Right) || r.aheadCm >= r.behindCm)
        return;
    const double shift = (r.facing == Facing::Left ? 1 : -1) * (0.55 * p.brief.widthCm - r.aheadCm);
    const std::string name = p.element(r.lead)->name;
    out.push_back({"stage.gaze-room:" + std::to_string(r.lead), Station::Stage, Severity::Watch,
        tr("“%1” looks towards the near edge: %2 cm before the eyes, %3 cm behind the back.", name, fixed(r.aheadCm),
            fixed(r.behindCm)),
        r.aheadCm, r.behindCm, "cm", r.group, r.lead,
        tr("A gaze wants somewhere to go; with less room before it than behind it runs out of the picture."),
        fixes::shift(*p.element(r.lead),
            tr("Move it %1 cm %2", fixed(std::abs(shift)), shift > 0 ? tr("right") : tr("left")), {shift, 0})});
}

void headRoom(const Project& p, const Room& r, Findings& out)
{
    const double share = r.headRoomCm / p.brief.heightCm;
    if (share <= 0.35 || r.bottom < 0 || r.bottom > r.headRoomCm / 3)
        return;
    const std::string name = p.element(r.lead)->name;
    out.push_back({"stage.head-room:" + std::to_string(r.lead), Station::Stage, Severity::Watch,
        tr("Over the head of “%1” lie %2 cm, %3 % of the canvas, and only %4 cm under its feet.", name,
            fixed(r.headRoomCm), fixed(100 * share, 0), fixed(r.bottom)),
        100 * share, 35, "%", {r.group.x, 0, r.group.width, r.headRoomCm}, r.lead,
        tr("With most of the air above, a figure looks as if it were slipping out at the bottom."), {}});
}
} // namespace

Findings roomFindings(const Project& p, SurfaceCache& cache)
{
    Findings out;
    const Room r = roomOf(p, cache);
    if (r.known) {
        gazeRoom(p, r, out);
        headRoom(p, r, out);
    }
    for (const JointCut& c : jointCuts(p, cache)) {
        Finding f{"stage.joint:" + std::to_string(c.element), Station::Stage, Severity::Watch,
            tr("The %1 edge cuts “%2” at the %3.", c.side.c_str(), p.element(c.element)->name, c.joint.c_str()),
            10 * std::abs(c.offCm), 30, "mm", {c.at.x - 2, c.at.y - 2, 4, 4}, c.element,
            tr("Cut at a joint a limb looks amputated; through the middle of it, it goes on outside the picture."), {}};
        if (c.betterBaseCm > 0)
            f.fix = fixes::foot(*p.element(c.element),
                tr("Move its foot to %1 cm, so that the edge passes mid limb", fixed(c.betterBaseCm)),
                {p.element(c.element)->baseCm.x, c.betterBaseCm});
        out.push_back(std::move(f));
    }
    return out;
}

} // namespace rl::stage
