#include "core/light/light_rules.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/light/relight.h"
#include "core/project/fixes.h"

namespace rl::light {

namespace {
std::string keyOf(const char* kind, int id)
{
    return std::string(kind) + ":" + std::to_string(id);
}

void side(const Project& p, const Element& e, stage::SurfaceCache& cache, Findings& out)
{
    const auto s = sideOff(p, e, cache);
    if (!s || s->off <= SideOff::kSideOff)
        return;
    const bool sure = s->own.confidence >= SideOff::kSure;
    out.push_back({keyOf("light.side", e.id), Station::Light, s->off > 90 && sure ? Severity::Broken : Severity::Watch,
        tr("“%1” was photographed with its light %2° away from where %3 is%4%5", e.name, fixed(s->off, 0),
            s->plan.strongest,
            s->mirrorHelps() ? tr("; mirrored it would be %1° off", fixed(s->mirrored, 0)) : std::string(),
            sure ? "." : tr(". Its light is uncertain (%1 % sure).", fixed(100 * s->own.confidence, 0))),
        s->off, SideOff::kSideOff, "°", stage::placed(p, e, cache).canvas, e.id,
        tr("Light from two sides is the first thing that makes an element look stuck on."),
        s->mirrorHelps() ? fixes::mirror(e) : fixes::ownLightOff(e)});
}

bool lanternBurns(const Project& p)
{
    return std::any_of(
        p.lights.lanterns.begin(), p.lights.lanterns.end(), [&](const Lantern& l) { return p.lights.burns(l); });
}
Fix sunSet(const std::string& label, const std::function<void(Sun&)>& change)
{
    return {label, [=](Project q) {
                Sun s = q.lights.sun;
                change(s);
                return edits::withSun(std::move(q), s);
            }};
}

void lanternPlace(const Project& p, const Lantern& l, Findings& out)
{
    if (!l.on || l.position.y >= l.radius)
        return;
    const Vec2 at = stage::projected(stage::eyeOf(p), l.position);
    out.push_back({keyOf("light.in-ground", l.id), Station::Light, Severity::Broken,
        tr("“%1” is %2 cm into the ground.", l.name, fixed(100 * (l.radius - l.position.y), 0)), l.position.y, l.radius,
        "m", {at.x - 2, at.y - 2, 4, 4}, 0, tr("From there it lights nothing that stands."),
        Fix{tr("Lift it clear"), [l](Project q) {
                Lantern lifted = l;
                lifted.position.y = std::max(0.5, 2 * l.radius);
                return edits::withLantern(std::move(q), std::move(lifted));
            }}});
}

void sunUnder(const Project& p, Findings& out)
{
    const Sun& s = p.lights.sun;
    if (!s.on || s.strength <= 0 || s.elevation >= 0)
        return;
    out.push_back({"light.sun-under", Station::Light, Severity::Watch,
        tr("The sun is %1° under the horizon and still lights upright things.", fixed(-s.elevation, 0)), s.elevation, 0,
        "°", {}, 0, tr("After sunset only the sky is left; warm light on a figure then needs a lantern."),
        lanternBurns(p) ? sunSet(tr("Put the sun out"), [](Sun& sun) { sun.on = false; })
                        : sunSet(tr("Raise the sun to 8°"), [](Sun& sun) { sun.elevation = 8; })});
}

void clearAir(const Project& p, stage::SurfaceCache& cache, Findings& out)
{
    double farthest = 0;
    Rect where;
    int who = 0;
    for (const Element& e : p.elements) {
        const stage::Placement place = stage::placed(p, e, cache);
        if (place.visible && place.distance > farthest)
            farthest = place.distance, where = place.canvas, who = e.id;
    }
    const double left = 100 * throughAir(farthest, p.lights.air.halfContrastM);
    if (farthest < 40 || left < 92)
        return;
    out.push_back({"light.clear-air", Station::Light, Severity::Watch,
        tr("At %1 m the air still lets %2 % of the contrast through.", fixed(farthest, 0), fixed(left, 0)), left, 85,
        "%", where, who, tr("Far things as dark and as coloured as near ones flatten the depth."),
        fixes::air(tr("Let contrast halve at %1 m", fixed(2 * farthest, 0)),
            [d = 2 * farthest](Air& a) { a.halfContrastM = d; })});
}

void dark(const Project& p, Findings& out)
{
    const bool sun = p.lights.sun.on && p.lights.sun.strength > 0;
    if (sun || lanternBurns(p))
        return;
    out.push_back({"light.no-light", Station::Light, Severity::Watch,
        tr("No light is burning: everything is filled by the sky alone."), 0, 1, "lights", {}, 0,
        tr("Without a direction of light no form turns and nothing casts a shadow."),
        sunSet(tr("Light the sun"), [](Sun& sun) {
            sun.on = true, sun.strength = std::max(sun.strength, 0.6);
            sun.elevation = std::max(sun.elevation, 8.0);
        })});
}
} // namespace

PlannedLight plannedLight(const Project& p, const Element& e, stage::SurfaceCache& cache)
{
    PlannedLight plan;
    const stage::Placement place = stage::placed(p, e, cache);
    if (!place.visible)
        return plan;
    const stage::Eye eye = stage::eyeOf(p);
    const Vec3 middle = stage::atDistance(eye, place.canvas.centre(), place.distance);
    Vec3 sum{};
    double most = 0, all = 0;
    const auto add = [&](Vec3 towards, double level, const std::string& name) {
        sum = sum + towards * level;
        all += level;
        if (level > most)
            most = level, plan.strongest = name;
    };
    const Sun& s = p.lights.sun;
    if (s.on)
        add(stage::sceneDirection(s.azimuth, s.elevation), s.strength, tr("the sun"));
    for (const Lantern& l : burningOf(p.lights, nullptr)) {
        if (l.within == e.id) // shines out of it: no photograph of it needs to show that
            continue;
        const Vec3 to = l.position - middle;
        const double d = std::max(to.length(), 1e-6);
        add(to * (1 / d), l.strength * lanternIrradiance(l, middle, to * (1 / d)), tr("“%1”", l.name));
    }
    plan.level = all;
    if (sum.length() > 1e-9)
        plan.direction = stage::pictureLight(sum);
    plan.direction.confidence = all > 0 ? most / all : 0;
    return plan;
}

std::optional<SideOff> sideOff(const Project& p, const Element& e, stage::SurfaceCache& cache)
{
    const stage::Placement place = stage::placed(p, e, cache);
    if (!place.visible || e.material == Material::Glowing || e.delight >= 0.95)
        return {};
    SideOff s{stage::ownLight(p, e, cache), plannedLight(p, e, cache)};
    if (s.own.confidence < 0.25 || s.plan.level < 0.02 || s.own.elevation > 60 || s.plan.direction.elevation > 60)
        return {};
    s.off = std::abs(turnBetween(s.own.azimuth, s.plan.direction.azimuth));
    s.mirrored = std::abs(turnBetween(180 - s.own.azimuth, s.plan.direction.azimuth));
    return s;
}

Findings lightFindings(const Project& p, stage::SurfaceCache& cache)
{
    Findings out;
    for (const Element& e : p.elements)
        side(p, e, cache, out);
    for (const Lantern& l : p.lights.lanterns)
        lanternPlace(p, l, out);
    sunUnder(p, out);
    clearAir(p, cache, out);
    dark(p, out);
    return out;
}

} // namespace rl::light
