#include "core/light/caster.h"
#include "core/base/hot.h"
#include "core/base/parallel.h"
#include <array>
#include <bit>

namespace rl::light {

ShadowLight sunForShadows(double azimuth, double elevation, double diameter)
{
    return {true, stage::sceneDirection(azimuth, elevation), std::tan(radians(diameter) / 2)};
}

namespace {
struct Tables {
    alignas(64) std::array<Shade, 4096> depth;
    std::array<float, 4096> part; // 2^-(i / 4096)
    Tables()
    {
        for (int i = 0; i < 4096; ++i) {
            depth[std::size_t(i)] = Shade(std::lround(-4096 * std::log2(1 - std::min(i / 4095.0, 1 - 1e-7))));
            part[std::size_t(i)] = float(std::exp2(-i / 4096.0));
        }
    }
};
const Tables kTables;

/// row[i] += sign · depth of the coverage of each point.
RL_HOT void addShade(Shade* row, const float* coverage, int count, const Shade* depth, int sign)
{
    for (int i = 0; i < count; ++i)
        row[i] += sign * depth[int(std::min(std::max(coverage[i], 0.f), 1.f) * 4095.f + 0.5f)];
}

RL_HOT void dim(float* row, const Shade* shade, int count, const float* part)
{
    for (int i = 0; i < count; ++i) {
        const int whole = std::min(shade[i] >> 12, 100);
        const float half = std::bit_cast<float>((127 - whole) << 23); // 2^-whole
        row[i] *= part[shade[i] & 4095] * half;
    }
}
} // namespace

Shade shadeOf(float coverage)
{
    return kTables.depth[std::size_t(std::clamp(coverage, 0.f, 1.f) * 4095.f + 0.5f)];
}

float lightThrough(Shade shade)
{
    const int whole = std::min(shade >> 12, 100);
    return kTables.part[std::size_t(shade & 4095)] * std::bit_cast<float>((127 - whole) << 23);
}

void dimmed(std::span<float> row, const Shade* shade)
{
    dim(row.data(), shade, int(row.size()), kTables.part.data());
}

bool shade(std::span<Shade> row, const stage::RayRow& points, const ShadowLight& light, const stage::BodyMap& map,
    int sign, float weight)
{
    if (row.empty())
        return false;
    static thread_local std::vector<float> kept; // one row is read at a time
    if (kept.size() < row.size())
        kept.resize(row.size());
    const auto [from, to] = map.stopped(kept.data(), points, light.size);
    if (from >= to)
        return false;
    for (int i = from; i < to && weight != 1; ++i)
        kept[std::size_t(i)] *= weight;
    addShade(row.data() + from, kept.data() + from, to - from, kTables.depth.data(), sign);
    return true;
}

bool shade(std::span<Shade> row, const PointRow& p, const ShadowLight& light, const stage::Caster& caster, int sign)
{
    const stage::RayRow points{{}, {p.x0, p.y, p.z}, {p.dx, 0, 0}, nullptr, int(row.size())};
    return !caster.empty() && shade(row, points, light, *caster.seenFrom(light.place()), sign);
}

ShadowMaps mapsOf(const stage::StageFrame& f, const ShadowLight& light)
{
    ShadowMaps maps(f.layers.size());
    parallelItems(int(f.layers.size()), [&](int i) {
        const stage::Caster& caster = *f.layers[std::size_t(i)].caster;
        if (!caster.empty())
            maps[std::size_t(i)] = caster.seenFrom(light.place());
    });
    return maps;
}

} // namespace rl::light
