#include "core/light/lamps.h"
#include "core/colour/lab.h"
#include "core/colour/temperature.h"
#include "core/stage/mesh.h"

namespace rl::light {

double chanceOf(std::uint64_t a, std::uint64_t b) // SplitMix64; Steele, Lea, Flood (2014)
{
    std::uint64_t x = a * 0x9E3779B97F4A7C15ULL + b * 0xD1B54A32D192ED03ULL + 0x632BE59BD9B4E019ULL;
    x = (x ^ (x >> 30)) * 0xBF58476D1CE4E5B9ULL;
    x = (x ^ (x >> 27)) * 0x94D049BB133111EBULL;
    return double((x ^ (x >> 31)) >> 11) / 9007199254740992.0;
}

float SoftNoise::at(float x, float y)
{
    const float fx = std::floor(x), fy = std::floor(y), s = x - fx, t = y - fy;
    if (fx != m_x || fy != m_y) {
        const auto corner = [&](float i, float j) {
            return float(chanceOf(
                m_seed * 7919 + std::uint64_t(std::int64_t(i) + 100000), std::uint64_t(std::int64_t(j) + 100000)));
        };
        m_x = fx, m_y = fy;
        m_corners = {corner(fx, fy), corner(fx + 1, fy), corner(fx, fy + 1), corner(fx + 1, fy + 1)};
    }
    const float u = s * s * (3 - 2 * s), v = t * t * (3 - 2 * t);
    return (m_corners[0] * (1 - u) + m_corners[1] * u) * (1 - v) + (m_corners[2] * (1 - u) + m_corners[3] * u) * v;
}

float softNoise(float x, float y, std::uint64_t seed)
{
    return SoftNoise(seed).at(x, y);
}

Rgb colourOf(const Sun& s)
{
    return s.hue >= 0 ? colour::hueLight(s.hue, s.chroma) : colour::blackBody(s.kelvin);
}
Rgb colourOf(const Lantern& l)
{
    return l.hue >= 0 ? colour::hueLight(l.hue, l.chroma) : colour::blackBody(l.kelvin);
}

Vec3 facingOf(const Lantern& panel)
{
    return stage::sceneDirection(panel.facing, 0);
}

std::array<Vec3, 4> cornersOf(const Lantern& l)
{
    const Vec3 f = facingOf(l), right{-f.z, 0, f.x}; // to the right of someone who faces its bright side
    const Vec3 across = right * (l.wide / 2), up{0, l.high / 2, 0};
    return {l.position - across + up, l.position + across + up, l.position + across - up, l.position - across - up};
}

namespace {
std::vector<Lantern> panelFields(const Lantern& l)
{
    const double ratio = l.wide / l.high;
    const int across = ratio > 2.5 ? 3 : ratio < 0.4 ? 1 : 2, down = ratio > 2.5 ? 1 : ratio < 0.4 ? 3 : 2;
    const auto corner = cornersOf(l);
    std::vector<Lantern> out;
    for (int j = 0; j < down; ++j)
        for (int i = 0; i < across; ++i) {
            Lantern field = l;
            const double u = (i + 0.5) / across, v = (j + 0.5) / down;
            field.position = corner[0] + (corner[1] - corner[0]) * u + (corner[3] - corner[0]) * v;
            field.radius = std::max({0.005, 0.56 * l.wide / across, 0.56 * l.high / down});
            field.strength = l.strength / (across * down);
            out.push_back(field);
        }
    return out;
}

/// Along its longest side the swarm falls into clusters of like size.
std::vector<Lantern> swarmClusters(const Lantern& l)
{
    std::vector<Vec3> sparks = sparksOf(l);
    const auto along = [&](Vec3 p) { return l.wide >= std::max(l.high, l.deep) ? p.x : l.high >= l.deep ? p.y : p.z; };
    std::stable_sort(sparks.begin(), sparks.end(), [&](Vec3 a, Vec3 b) { return along(a) < along(b); });
    const std::size_t count = std::min<std::size_t>(3, sparks.size());
    std::vector<Lantern> out;
    for (std::size_t k = 0; k < count; ++k) {
        const std::size_t from = sparks.size() * k / count, to = sparks.size() * (k + 1) / count;
        Vec3 mean{};
        for (std::size_t i = from; i < to; ++i)
            mean = mean + sparks[i] * (1 / double(to - from));
        double spread = 0;
        for (std::size_t i = from; i < to; ++i)
            spread += (sparks[i] - mean).length() / double(to - from);
        Lantern cluster = l;
        cluster.kind = LampKind::Flame;
        cluster.position = mean;
        cluster.radius = std::max(l.radius, spread);
        cluster.strength = l.strength * double(to - from) / double(sparks.size());
        out.push_back(cluster);
    }
    return out;
}
} // namespace

std::vector<Vec3> sparksOf(const Lantern& l)
{
    std::vector<Vec3> out;
    if (l.kind != LampKind::Swarm)
        return out;
    const auto seed = std::uint64_t(l.id);
    for (int i = 0; i < l.count; ++i) {
        const auto k = std::uint64_t(i) * 3;
        out.push_back(l.position
            + Vec3{(chanceOf(seed, k) - 0.5) * l.wide, (chanceOf(seed, k + 1) - 0.5) * l.high,
                (chanceOf(seed, k + 2) - 0.5) * l.deep});
        out.back().y = std::max(out.back().y, 0.02);
        out.back().z = std::max(out.back().z, 0.1);
    }
    return out;
}

std::vector<Lantern> pointsOf(const Lantern& l)
{
    switch (l.kind) {
    case LampKind::Panel:
        return panelFields(l);
    case LampKind::Swarm:
        return swarmClusters(l);
    case LampKind::Flame:
        break;
    }
    return {l};
}

std::optional<Lantern> glowOf(const stage::StageFrame& f, const stage::Layer& l)
{
    if (l.material != Material::Glowing || l.glow <= 0 || l.cover.empty())
        return {};
    double cover = 0, x = 0, y = 0;
    Rgb sum{};
    for (int row = 0; row < l.height(); row += 2) // a quarter of the pixels tells as much
        for (int column = 0; column < l.width(); column += 2) {
            const float a = l.cover.at(column, row);
            cover += double(a), x += double(a) * column, y += double(a) * row;
            sum = sum + l.albedo.at(column, row) * a;
        }
    const double perPx = l.distance / f.eye.focalCm, area = 4 * cover * perPx * perPx;
    const Rgb mean = sum * float(1 / std::max(cover, 1e-9));
    const double shows = double(kGlowing * l.glow * luminance(mean));
    if (cover < 2 || shows < 1e-4)
        return {};
    Lantern lamp;
    lamp.id = -l.element;
    lamp.within = l.element;
    lamp.hidden = true;
    lamp.position = {(l.left + x / cover + 0.5 - f.eye.x0) * perPx,
        f.eye.heightM - (l.top + y / cover + 0.5 - f.eye.horizon) * perPx, l.distance};
    lamp.position.y = std::max(lamp.position.y, 0.02);
    lamp.radius = std::max(0.01, std::sqrt(area / kPi));
    lamp.reference = 1;
    lamp.strength = shows * area / kPi;
    const Rgb even = mean * (1 / std::max(luminance(mean), 1e-6f));
    const colour::Lab lab = colour::toLab(even * 0.4828f); // L* 75
    lamp.hue = wrapped360(degrees(std::atan2(double(lab.b), double(lab.a))));
    lamp.chroma = std::hypot(double(lab.a), double(lab.b));
    return lamp;
}

std::vector<Lantern> burningOf(const Lights& lights, const stage::StageFrame* frame)
{
    std::vector<Lantern> out;
    for (const Lantern& l : lights.lanterns) {
        if (!lights.burns(l))
            continue;
        Lantern lamp = l;
        lamp.strength = lights.strengthOf(l);
        // What it hangs in keeps part of its light.
        if (frame && l.within)
            for (const stage::Layer& host : frame->layers)
                if (host.element == l.within)
                    lamp.strength *= host.material == Material::Thin ? double(host.through)
                        : host.material == Material::Glass           ? 0.9
                                                                     : 1.0;
        for (Lantern& point : pointsOf(lamp))
            out.push_back(std::move(point));
    }
    if (frame)
        for (const stage::Layer& l : frame->layers)
            if (auto glow = glowOf(*frame, l))
                out.push_back(std::move(*glow));
    return out;
}

} // namespace rl::light
