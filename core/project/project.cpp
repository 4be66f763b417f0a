#include "core/project/project.h"
#include <set>

namespace rl {

namespace {
template <class V> auto* found(V& items, int id)
{
    for (auto& item : items)
        if (item.id == id)
            return &item;
    return decltype(&items.front())(nullptr);
}

/// Brings a number into its range; NaN becomes the fallback.
class Ranges {
public:
    void keep(double& v, double low, double high, double fallback)
    {
        const double kept = std::isfinite(v) ? std::clamp(v, low, high) : fallback;
        m_clean = m_clean && kept == v;
        v = kept;
    }
    void changed() { m_clean = false; }
    bool clean() const { return m_clean; }

private:
    bool m_clean = true;
};

void repairPose(Pose& pose, Ranges& r)
{
    for (Limb* limb : {&pose.leftArm, &pose.rightArm, &pose.leftLeg, &pose.rightLeg}) {
        r.keep(limb->swing, -180, 180, 0);
        r.keep(limb->spread, -60, 180, 0);
        r.keep(limb->bend, 0, 160, 0);
    }
    for (double* angle : {&pose.stoop, &pose.sway, &pose.nod, &pose.turn})
        r.keep(*angle, -90, 90, 0);
}

/// Drops what is not a number or beyond reach, and what is more than anyone draws.
template <class V, class At> void repairPoints(V& points, double reach, At at, Ranges& r)
{
    const auto bad = [&](const auto& p) {
        const Vec2 q = at(p);
        return !(std::abs(q.x) <= reach && std::abs(q.y) <= reach);
    };
    if (std::erase_if(points, bad) > 0)
        r.changed();
    if (points.size() > 2000) {
        points.resize(2000);
        r.changed();
    }
}

void repairStandin(Standin& s, Ranges& r)
{
    r.keep(s.wide, 0.001, 1000, 0.5);
    r.keep(s.deep, 0.001, 1000, 0.5);
    r.keep(s.wall, 0, 0.5, 0);
    r.keep(s.lightness, 2, 98, 60);
    r.keep(s.hue, -360, 720, 60);
    r.keep(s.chroma, 0, 80, 6);
    r.keep(s.pathWidthM, 0.01, 1000, 2);
    s.count = std::clamp(s.count, 1, 64);
    repairPose(s.pose, r);
    const auto at = [](const OutlinePoint& p) { return p.at; };
    if (s.outlines.size() > 64)
        s.outlines.resize(64);
    for (Outline& o : s.outlines)
        repairPoints(o.points, 100, at, r);
    repairPoints(s.profile, 100, at, r);
    for (OutlinePoint& p : s.profile)
        r.keep(p.at.x, 0, 100, 0);
    repairPoints(
        s.path, 5000, [](Vec2 p) { return p; }, r);
}

void repairShape(Element& e, Ranges& r)
{
    r.keep(e.yaw, -360, 360, 0);
    r.keep(e.stretch, 0.2, 5, 1);
    r.keep(e.shear, -45, 45, 0);
    r.keep(e.pattern.sizeM, 0.001, 100, 0.2);
    r.keep(e.pattern.strength, 0, 1, 0.5);
    r.keep(e.pattern.fromL, 0, 100, 0);
    r.keep(e.pattern.toL, 0, 100, 100);
    r.keep(e.pattern.turn, -360, 360, 0);
    repairStandin(e.standin, r);
}

void repairRelief(Element& e, Ranges& r)
{
    const auto at = [](Vec2 q) { return q; };
    const auto fewer = [&](auto& items, std::size_t most) {
        if (items.size() > most) {
            items.resize(most);
            r.changed();
        }
    };
    fewer(e.parts, 64);
    fewer(e.ridges, 64);
    fewer(e.eyes, 32);
    for (ReliefPart& part : e.parts) {
        repairPoints(part.outline, 4, at, r);
        r.keep(part.tiltX, -80, 80, 0);
        r.keep(part.tiltY, -80, 80, 0);
        r.keep(part.puff, 0, 3, 1);
    }
    for (Ridge& ridge : e.ridges) {
        repairPoints(ridge.line, 4, at, r);
        r.keep(ridge.height, -3, 3, 1);
        r.keep(ridge.width, 0.005, 0.5, 0.08);
    }
    for (EyeBall& eye : e.eyes) {
        r.keep(eye.at.x, -1, 2, 0.5);
        r.keep(eye.at.y, -1, 2, 0.2);
        r.keep(eye.radius, 0.001, 0.5, 0.02);
    }
    r.keep(e.glow, 0, 20, 1);
    r.keep(e.through, 0, 1, 0.5);
    r.keep(e.rim, 0, 1, 0);
}

void repairScene(Project& p, Ranges& r)
{
    r.keep(p.camera.horizonCm, -2000, 4000, 16);
    r.keep(p.camera.eyeHeightM, 0.05, 500, 1.7);
    r.keep(p.camera.fovDegrees, 5, 120, 50);
    r.keep(p.backdrop.horizon, 0.02, 0.98, 0.5);
    r.keep(p.backdrop.dimL, 0, 60, 0);
    for (Element& e : p.elements) {
        r.keep(e.baseCm.x, -4000, 6000, p.brief.widthCm / 2);
        r.keep(e.baseCm.y, -4000, 6000, p.brief.heightCm);
        r.keep(e.heightM, 0.01, 2000, 1);
        r.keep(e.altitudeM, -2000, 2000, 0);
        repairShape(e, r);
        r.keep(e.delight, 0, 1, 0.7);
        r.keep(e.ownLight.azimuth, -360, 720, 0);
        r.keep(e.ownLight.elevation, -90, 90, 0);
        r.keep(e.ownLight.confidence, 0, 1, 0);
        r.keep(e.tone.darkFrom, 0, 100, 0);
        r.keep(e.tone.darkTo, 0, 100, 0);
        r.keep(e.tone.lightFrom, 0, 100, 100);
        r.keep(e.tone.lightTo, 0, 100, 100);
        r.keep(e.tone.a, -100, 100, 0);
        r.keep(e.tone.b, -100, 100, 0);
        r.keep(e.tone.amount, 0, 1, 0);
        repairRelief(e, r);
    }
}

void repairReferences(Project& p, Ranges& r)
{
    for (Reference& x : p.references) {
        r.keep(x.wallAt.x, -1e4, 1e4, 0);
        r.keep(x.wallAt.y, -1e4, 1e4, 0);
        r.keep(x.overrule.light.azimuth, -360, 720, 0);
        r.keep(x.overrule.light.elevation, -90, 90, 0);
        r.keep(x.overrule.light.confidence, 0, 1, 1);
        r.keep(x.overrule.softness, 0, 1, 0.5);
        r.keep(x.overrule.kelvin, 1000, 25000, 5500);
        r.keep(x.overrule.eyeLevel, -20, 20, 0.5);
        x.roles &= (1U << kRoleCount) - 1;
    }
    if (p.lead && !p.reference(p.lead)) {
        p.lead = 0;
        r.changed();
    }
    for (Cutout& c : p.cutouts)
        if (std::erase_if(c.pins,
                [](const Pin& q) {
                    return !(std::abs(q.from.x) < 1e5 && std::abs(q.from.y) < 1e5 && std::abs(q.to.x) < 1e5
                        && std::abs(q.to.y) < 1e5);
                })
            > 0)
            r.changed();
}

void repairAir(Air& a, Ranges& r)
{
    r.keep(a.halfContrastM, 0, 100000, 150);
    r.keep(a.skyStrength, 0, 10, 1);
    r.keep(a.wetness, 0, 1, 0.6);
    r.keep(a.exposureStops, -8, 8, 0);
    r.keep(a.hazeTopM, 0, 10000, 0);
    r.keep(a.spill, 0, 2, 1);
    r.keep(a.bounce, 0, 2, 1);
    r.keep(a.glow, 0, 3, 1);
    r.keep(a.shafts, 0, 1, 0);
    r.keep(a.vignette, 0, 1, 0);
    r.keep(a.vignetteAt.x, -4000, 6000, -1);
    r.keep(a.vignetteAt.y, -4000, 6000, -1);
    r.keep(a.vignetteReach, 0.1, 2, 0.6);
    r.keep(a.drift.amount, 0, 1, 0.4);
    if (a.mists.size() > 12) {
        a.mists.resize(12);
        r.changed();
    }
    for (Mist& m : a.mists) {
        r.keep(m.z, 0.2, 5000, 20);
        r.keep(m.density, 0, 1, 0.5);
        r.keep(m.topM, 0.01, 1000, 1.5);
    }
}

void repairLights(Lights& l, Ranges& r)
{
    r.keep(l.sun.azimuth, -360, 720, 320);
    r.keep(l.sun.elevation, -10, 90, 12);
    r.keep(l.sun.diameter, 0.01, 60, 0.53);
    r.keep(l.sun.kelvin, 1000, 15000, 5200);
    r.keep(l.sun.strength, 0, 50, 0.6);
    r.keep(l.sun.hue, -1, 360, -1);
    r.keep(l.sun.chroma, 0, 120, 60);
    for (Lantern& n : l.lanterns) {
        r.keep(n.position.x, -5000, 5000, 0);
        r.keep(n.position.y, -10, 1000, 2);
        r.keep(n.position.z, 0.05, 5000, 8);
        r.keep(n.radius, 0.005, 20, 0.12);
        r.keep(n.kelvin, 1000, 15000, 2100);
        r.keep(n.reference, 0.05, 500, 2);
        r.keep(n.strength, 0, 100, 1);
        r.keep(n.hue, -1, 360, -1);
        r.keep(n.chroma, 0, 120, 60);
        for (double* side : {&n.wide, &n.high, &n.deep})
            r.keep(*side, 0.01, 500, 0.9);
        r.keep(n.facing, -360, 720, 180);
        n.count = std::clamp(n.count, 2, 200);
        if (n.group && !l.group(n.group))
            n.group = 0, r.changed();
    }
    if (l.groups.size() > 100)
        l.groups.resize(100);
    for (LightGroup& g : l.groups)
        r.keep(g.stops, -10, 10, 0);
    repairAir(l.air, r);
}

void repairLinks(Project& p, Ranges& r)
{
    const auto dropIf = [&](auto& items, auto bad) {
        if (std::erase_if(items, bad) > 0)
            r.changed();
    };
    dropIf(p.references, [](const Reference& x) { return x.pixels.empty(); });
    dropIf(p.cutouts, [&](const Cutout& c) { return !p.reference(c.reference); });
    for (Cutout& c : p.cutouts) {
        r.keep(c.bandPx, 1, 200, 6);
        const LazyPhoto& of = p.reference(c.reference)->pixels;
        if (!c.alpha.empty() && (c.alpha.width() != of.width() || c.alpha.height() != of.height())) {
            c.alpha = {};
            r.changed();
        }
        if (!c.strokes.empty() && (c.strokes.width() != of.width() || c.strokes.height() != of.height())) {
            c.strokes = {};
            r.changed();
        }
        for (PlainGround& g : c.grounds) {
            r.keep(g.at.x, 0, of.width() - 1, 0);
            r.keep(g.at.y, 0, of.height() - 1, 0);
            r.keep(g.tolerance, 0.5, 100, 8);
        }
        for (Outline& o : c.pieces)
            dropIf(o.points, [](const OutlinePoint& q) { return !std::isfinite(q.at.x) || !std::isfinite(q.at.y); });
    }
    for (Element& e : p.elements)
        if (e.cutout && !p.cutout(e.cutout)) { // its stand-in takes over again, when it has one
            e.cutout = 0;
            r.changed();
        }
    dropIf(p.elements, [&](const Element& e) { return !e.cutout && e.standin.solid == Solid::None; });
    for (Element& e : p.elements) {
        if (e.group && !p.group(e.group)) {
            e.group = 0;
            r.changed();
        }
        if (e.inside && (e.inside == e.id || !p.element(e.inside))) {
            e.inside = 0;
            r.changed();
        }
    }
    for (Lantern& l : p.lights.lanterns)
        if (l.within && !p.element(l.within)) {
            l.within = 0;
            r.changed();
        }
    if (p.backdrop.reference && !p.reference(p.backdrop.reference)) {
        p.backdrop.reference = 0;
        r.changed();
    }
    for (Element& e : p.elements)
        if (e.cast && !p.castMember(e.cast)) {
            e.cast = 0;
            r.changed();
        }
}

void repairIds(Project& p, Ranges& r)
{
    int highest = 0;
    const auto unique = [&](auto& items) {
        std::set<int> seen;
        for (const auto& i : items)
            highest = std::max(highest, i.id);
        if (std::erase_if(items, [&](const auto& i) { return i.id <= 0 || !seen.insert(i.id).second; }) > 0)
            r.changed();
    };
    unique(p.references);
    unique(p.cutouts);
    unique(p.elements);
    unique(p.lights.lanterns);
    unique(p.brief.cast);
    unique(p.groups);
    unique(p.lights.groups);
    unique(p.takes);
    for (const Take& t : p.takes)
        for (const Element& e : t.scene.elements)
            highest = std::max(highest, e.id);
    if (p.lastId < highest) {
        p.lastId = highest;
        r.changed();
    }
}
} // namespace

const LightGroup* Lights::group(int id) const
{
    return found(groups, id);
}
bool Lights::burns(const Lantern& l) const
{
    const LightGroup* g = group(l.group);
    return l.on && l.strength > 0 && (!g || g->on);
}
double Lights::strengthOf(const Lantern& l) const
{
    const LightGroup* g = group(l.group);
    return l.strength * (g ? std::exp2(g->stops) : 1.0);
}

const Reference* Project::reference(int id) const
{
    return found(references, id);
}
const Cutout* Project::cutout(int id) const
{
    return found(cutouts, id);
}
const Element* Project::element(int id) const
{
    return found(elements, id);
}
const Lantern* Project::lantern(int id) const
{
    return found(lights.lanterns, id);
}
const Group* Project::group(int id) const
{
    return found(groups, id);
}
const Take* Project::takeOf(int id) const
{
    return found(takes, id);
}
const CastMember* Project::castMember(int id) const
{
    return found(brief.cast, id);
}
Element* Project::element(int id)
{
    return found(elements, id);
}
Lantern* Project::lantern(int id)
{
    return found(lights.lanterns, id);
}
Cutout* Project::cutout(int id)
{
    return found(cutouts, id);
}

namespace {
void repairTakes(Project& p, Ranges& r)
{
    if (p.takes.size() > 200) {
        p.takes.resize(200);
        r.changed();
    }
    if (p.take && !p.takeOf(p.take)) {
        p.take = 0;
        r.changed();
    }
    if (!p.take && !p.takes.empty())
        p.take = p.takes.front().id;
    if (std::erase_if(p.votes, [&](const Vote& v) { return !p.takeOf(v.take); }) > 0)
        r.changed();
    if (p.guides.corners.size() > 3)
        p.guides.corners.resize(3);
    p.guides.shown &= (1U << kGuideCount) - 1;
    p.guides.spiralTurn &= 3;
    p.guides.rings = std::clamp(p.guides.rings, 1, 12);
    r.keep(p.guides.meet.x, -4000, 6000, -1);
    r.keep(p.guides.meet.y, -4000, 6000, -1);
    for (Vec2& c : p.guides.corners) {
        r.keep(c.x, -4000, 6000, 0);
        r.keep(c.y, -4000, 6000, 0);
    }
    if (p.heights.size() > 500)
        p.heights.resize(500);
    for (UsualHeight& h : p.heights) {
        r.keep(h.metres, 0.001, 5000, 1);
        r.keep(h.least, 0.001, h.metres, h.metres);
        r.keep(h.most, h.metres, 10000, h.metres);
    }
}

/// The scenes kept in takes are put right as the one being worked on is.
void repairKeptScenes(Project& p, Ranges& r)
{
    if (p.takes.empty())
        return;
    const auto swapScene = [&](Scene& s) {
        std::swap(p.elements, s.elements);
        std::swap(p.groups, s.groups);
        std::swap(p.camera, s.camera);
        std::swap(p.backdrop, s.backdrop);
        std::swap(p.lights, s.lights);
    };
    for (Take& t : p.takes) {
        if (t.id == p.take)
            continue;
        swapScene(t.scene);
        repairLinks(p, r);
        repairScene(p, r);
        repairLights(p.lights, r);
        swapScene(t.scene);
    }
}
} // namespace

bool repair(Project& p)
{
    Ranges r;
    r.keep(p.brief.widthCm, 1, 2000, 60);
    r.keep(p.brief.heightCm, 1, 2000, 40);
    r.keep(p.brief.viewingDistanceCm, 10, 5000, 200);
    r.keep(p.sheets.overlapCm, 0, 5, 1);
    r.keep(p.sheets.gridCm, 0, 500, 0);
    if (p.sheets.paper != "A4" && p.sheets.paper != "Letter") {
        p.sheets.paper = "A4";
        r.changed();
    }
    repairIds(p, r);
    repairLinks(p, r);
    repairReferences(p, r);
    repairScene(p, r);
    repairLights(p.lights, r);
    repairTakes(p, r);
    repairKeptScenes(p, r);
    return r.clean();
}

} // namespace rl
