#include "core/light/shadow_rows.h"
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

void shade(std::span<ShadedRow> rows, const ShadowLight& light, const stage::BodyMap& map, int sign, float weight)
{
    static thread_local std::vector<float> kept; // each thread shades some rows at a time
    static thread_local std::vector<float*> out;
    static thread_local std::vector<stage::RayRow> points;
    static thread_local std::vector<stage::BodyMap::Runs> runs;
    std::size_t room = 0;
    points.clear(), out.clear();
    for (const ShadedRow& r : rows)
        points.push_back(r.points), room += r.shade.size();
    kept.resize(std::max(kept.size(), room));
    runs.resize(std::max(runs.size(), rows.size()));
    room = 0;
    for (const ShadedRow& r : rows)
        out.push_back(kept.data() + room), room += r.shade.size();
    map.stopped(points, out, light.size, std::span(runs).first(rows.size()));
    for (std::size_t k = 0; k < rows.size(); ++k)
        for (const auto& [from, to] : runs[k]) {
            for (int i = from; i < to && weight != 1; ++i)
                out[k][i] *= weight;
            addShade(rows[k].shade.data() + from, out[k] + from, to - from, kTables.depth.data(), sign);
            auto& [first, last] = rows[k].touched;
            first = last > first ? std::min(first, from) : from, last = std::max(last, to);
        }
}

bool shade(std::span<Shade> row, const PointRow& p, const ShadowLight& light, const stage::Caster& caster, int sign)
{
    if (caster.empty())
        return false;
    ShadedRow one{row, {{}, {p.x0, p.y, p.z}, {p.dx, 0, 0}, nullptr, int(row.size())}};
    shade({&one, 1}, light, *caster.seenFrom(light.place()), sign);
    return one.reached();
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
