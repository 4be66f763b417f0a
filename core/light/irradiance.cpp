#include "core/light/irradiance.h"
#include "core/base/parallel.h"

namespace rl::light {

double lanternIrradiance(const Lantern& lantern, Vec3 at, Vec3 normal)
{
    const Vec3 to = lantern.position - at;
    const double d = std::max(to.length(), 1e-9), used = std::max(d, lantern.radius);
    const double cosine = (to.x * normal.x + to.y * normal.y + to.z * normal.z) / d;
    return lantern.reference * lantern.reference / (used * used) * std::max(0.0, cosine);
}

namespace {
/// Metres per pixel and the scene place of pixel centres at one distance.
PointRow layerRow(const stage::StageFrame& f, const stage::Layer& l, int y)
{
    const double m = l.distance / f.eye.focalCm;
    return {(l.left + 0.5 - f.eye.x0) * m, m, f.eye.heightM - (l.top + y + 0.5 - f.eye.horizon) * m, l.distance};
}
PointRow groundRow(const stage::StageFrame& f, int y)
{
    const double down = std::max(f.groundTop + y + 0.5 - f.eye.horizon, 0.25);
    const double z = f.eye.focalCm * f.eye.heightM / down, m = z / f.eye.focalCm;
    return {(0.5 - f.eye.x0) * m, m, 0, z};
}

/// Fills every row of every layer and of the ground with `facing`, then takes the shadows away.
template <class LayerRow, class GroundRow>
LightPlanes planes(const stage::StageFrame& f, const ShadowLight& shadow, LayerRow onLayer, GroundRow onGround)
{
    LightPlanes out;
    for (const stage::Layer& l : f.layers) {
        std::vector<float> e(l.cover.size(), 0.f);
        parallelRows(l.height(), [&](int begin, int end) {
            for (int y = begin; y < end; ++y) {
                const std::span<float> row(e.data() + std::size_t(y) * std::size_t(l.width()), std::size_t(l.width()));
                const PointRow points = layerRow(f, l, y);
                onLayer(row, points, l.normal.row(y));
                shade(row, points, shadow, f.layers, l.element);
            }
        });
        out.layers.push_back(std::move(e));
    }
    const int rows = f.height - f.groundTop;
    out.ground.resize(std::size_t(std::max(rows, 0)) * std::size_t(f.width));
    parallelRows(rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            const std::span<float> row(out.ground.data() + std::size_t(y) * std::size_t(f.width), std::size_t(f.width));
            const PointRow points = groundRow(f, y);
            onGround(row, points);
            shade(row, points, shadow, f.layers, 0);
        }
    });
    return out;
}
} // namespace

LightPlanes sunPlanes(const stage::StageFrame& f, const Sun& sun)
{
    const Vec3 d = stage::sceneDirection(sun.azimuth, sun.elevation);
    const float x = float(d.x), y = float(d.y), z = float(d.z);
    // Below the horizon only what stands up still catches a little; the ground gets nothing.
    const float up = float(std::max(0.0, d.y));
    return planes(
        f, sunForShadows(sun.azimuth, sun.elevation, sun.diameter),
        [=](std::span<float> row, const PointRow&, const Vec3f* n) {
            for (std::size_t i = 0; i < row.size(); ++i)
                row[i] = std::max(0.f, n[i].x * x + n[i].y * y + n[i].z * z);
        },
        [=](std::span<float> row, const PointRow&) { std::fill(row.begin(), row.end(), up); });
}

LightPlanes lanternPlanes(const stage::StageFrame& f, const Lantern& lantern)
{
    const Vec3 q = lantern.position;
    const float r2 = float(lantern.radius * lantern.radius), ref2 = float(lantern.reference * lantern.reference);
    const auto fall = [=](float dx, float dy, float dz, float nx, float ny, float nz) {
        const float d2 = dx * dx + dy * dy + dz * dz + 1e-9f;
        const float facing = std::max(0.f, dx * nx + dy * ny + dz * nz);
        return ref2 * facing / (std::max(d2, r2) * std::sqrt(d2));
    };
    return planes(
        f, ShadowLight{false, q, lantern.radius},
        [=](std::span<float> row, const PointRow& p, const Vec3f* n) {
            const float dy = float(q.y - p.y), dz = float(q.z - p.z), x0 = float(q.x - p.x0), dx = float(p.dx);
            for (std::size_t i = 0; i < row.size(); ++i)
                row[i] = fall(x0 - float(i) * dx, dy, dz, n[i].x, n[i].y, n[i].z);
        },
        [=](std::span<float> row, const PointRow& p) {
            const float dy = float(q.y), dz = float(q.z - p.z), x0 = float(q.x - p.x0), dx = float(p.dx);
            for (std::size_t i = 0; i < row.size(); ++i)
                row[i] = fall(x0 - float(i) * dx, dy, dz, 0, 1, 0);
        });
}

} // namespace rl::light
