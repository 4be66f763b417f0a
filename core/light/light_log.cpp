#include "core/light/light_log.h"
#include "core/light/presets.h"

namespace rl::light {

double reachOf(const Lights& lights, const Lantern& l)
{
    return l.reference * std::sqrt(std::max(0.0, lights.strengthOf(l)) / levelForCard(50));
}

Lantern withReach(const Lights& lights, Lantern l, double metres)
{
    const LightGroup* g = lights.group(l.group);
    const double d = std::clamp(metres, 0.05, 1000.0) / l.reference;
    l.strength = std::clamp(levelForCard(50) * d * d / (g ? std::exp2(g->stops) : 1.0), 0.0, 100.0);
    return l;
}

double levelAt(const Project& p, const Lantern& l, const Element* e, stage::SurfaceCache& cache)
{
    const auto place = e ? stage::placed(p, *e, cache) : stage::Placement{};
    if (!place.visible)
        return l.reference * l.reference / 4;
    const Vec3 to = l.position - stage::atDistance(stage::eyeOf(p), place.canvas.centre(), place.distance);
    return lanternIrradiance(l, l.position - to, to * (1 / std::max(1e-6, to.length())));
}

Reached firstReached(const Project& p, const Lantern& l, stage::SurfaceCache& cache)
{
    Reached most;
    for (const Element& e : p.elements) {
        const auto place = stage::placed(p, e, cache);
        if (!place.visible)
            continue;
        const Vec3 middle = stage::atDistance(stage::eyeOf(p), place.canvas.centre(), place.distance);
        const double level = p.lights.strengthOf(l) * levelAt(p, l, &e, cache);
        if (level > most.level)
            most = {e.id, (l.position - middle).length(), level};
    }
    return most;
}

Lantern freshLantern(const Project& p, const Element* beside, stage::SurfaceCache& cache)
{
    Lantern l;
    l.kelvin = 2300;
    l.strength = 0.6;
    const auto place = beside ? stage::placed(p, *beside, cache) : stage::Placement{};
    if (place.visible) { // by its shoulder, an arm's length before it, on the side with more room
        const Rect& c = place.canvas;
        const bool left = c.x > p.brief.widthCm - c.right();
        const double z = std::max(0.3, place.distance - std::clamp(0.3 * place.heightM, 0.1, 3.0));
        const Vec2 at{left ? c.x - 0.12 * c.height : c.right() + 0.12 * c.height, c.y + 0.3 * c.height};
        l.position = stage::atDistance(stage::eyeOf(p), at, z);
        l.position.y = std::max(l.position.y, 0.05);
        l.reference = std::clamp(0.8 * place.heightM, 0.3, 20.0),
        l.radius = std::clamp(0.05 * place.heightM, 0.01, 0.5);
        return l;
    }
    const double z = p.elements.empty() ? 10 : 0.8 * stage::groundDistance(stage::eyeOf(p), p.elements.back().baseCm.y);
    l.position = {0.6, 2.0, std::isfinite(z) ? std::max(3.0, z) : 8.0};
    return l;
}

Lantern hungIn(const Project& p, Lantern l, const Element* host, stage::SurfaceCache& cache)
{
    const auto place = host ? stage::placed(p, *host, cache) : stage::Placement{};
    l.within = host ? host->id : 0;
    if (place.visible)
        l.position = stage::atDistance(stage::eyeOf(p), place.canvas.centre(), place.distance);
    l.position.y = std::max(l.position.y, 0.05);
    return l;
}

Mist freshMist(const Project& p, const Element* before, stage::SurfaceCache& cache)
{
    const auto place = before ? stage::placed(p, *before, cache) : stage::Placement{};
    Mist m;
    m.z = place.visible ? place.distance * 1.15 : 20;
    m.topM = std::max(0.3, 0.06 * m.z);
    return m;
}

} // namespace rl::light
