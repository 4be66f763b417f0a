#pragma once
#include "core/light/irradiance.h"

namespace rl::light {

/// The points of one row of pixels, and the sight lines through them for what is deep.
struct Row {
    PointRow points;
    const float* depth = nullptr; ///< m, or null: points.z everywhere
    const float* fuzz = nullptr; ///< share of each pixel, or null: none
    std::array<float, 2> reach{}; ///< least and most of the depth that matters
    double ray0 = 0, ray = 0, rayY = 0; ///< X/Z of the first pixel's centre and from pixel to pixel; (Y - h)/Z
    double eyeHeight = 0;
    stage::RayRow rays(std::size_t count) const
    {
        if (!depth)
            return {{}, {points.x0, points.y, points.z}, {points.dx, 0, 0}, nullptr, int(count)};
        return {{0, eyeHeight, 0}, {ray0, rayY, 1}, {ray, 0, 0}, depth, int(count), double(reach[0]), double(reach[1])};
    }
};

/// \param begin first column of it
Row layerRow(const stage::StageFrame& frame, const stage::Layer& layer, int y, int begin);
PointRow groundRow(const stage::StageFrame& frame, int y);

/// How the light of one direction falls on a patch that is thin or fuzzy, more than max(0, n·l). \param l towards the
/// light, unit \param n outward, unit \param fuzz share of the pixel
float fallsOn(const stage::Layer& layer, Vec3f l, Vec3f n, float fuzz);
/// Unit direction from a row's point to the viewer.
Vec3f toViewer(const Row& row, std::size_t i);
float glossTo(Vec3f l, Vec3f v, Vec3f n, float alpha);
/// Inverse square and cosine along a row: E = ref² max(0, d·n) / (max(|d|², r²) |d|), d towards the lamp.
void fallFlat(float* out, int count, const Vec3f* n, float x0, float dx, float dy, float dz, float r2, float ref2);
void fallGround(float* out, int count, float x0, float dx, float dy, float dz, float r2, float ref2);
/// The same for points at depths of their own. \param q the lamp from the eye, m
void fallDeep(float* out, int count, const float* depth, const Vec3f* n, Vec3f q, float ray0, float ray, float rayY,
    float r2, float ref2);
void facingSun(float* out, int count, const Vec3f* n, Vec3f sun);

/// How much of a light falls on rows of points, shadows left aside.
struct SunFacing {
    explicit SunFacing(const Sun& sun)
        : shadow(sunForShadows(sun.azimuth, sun.elevation, sun.diameter))
        , wide(float(radians(sun.diameter) / 4))
    {
        const Vec3 d = stage::sceneDirection(sun.azimuth, sun.elevation);
        x = float(d.x), y = float(d.y), z = float(d.z);
        up = float(std::max(0.0, d.y)); // below the horizon only what stands up still catches a little
    }
    void onLayer(std::span<float> out, const Row& r, const Vec3f* n, const stage::Layer& layer) const
    {
        if (layer.through > 0 || layer.rim > 0) {
            for (std::size_t i = 0; i < out.size(); ++i)
                out[i] = fallsOn(layer, {x, y, z}, n[i], r.fuzz ? r.fuzz[i] : 0);
            return;
        }
        facingSun(out.data(), int(out.size()), n, {x, y, z});
    }
    void shine(std::span<float> out, const Row& r, const Vec3f* n, float alpha) const
    {
        for (std::size_t i = 0; i < out.size(); ++i)
            out[i] = glossTo({x, y, z}, toViewer(r, i), n[i], std::min(1.f, alpha + wide));
    }
    void onGround(std::span<float> out, const PointRow&) const { std::fill(out.begin(), out.end(), up); }
    ShadowLight shadow;
    float wide, x, y, z, up;
    int spares = 0;
};

struct LanternFacing {
    explicit LanternFacing(const Lantern& l)
        : shadow{false, l.position, l.radius}
        , q(l.position)
        , facing(facingOf(l))
        , r2(float(l.radius * l.radius))
        , ref2(float(l.reference * l.reference))
        , panel(l.kind == LampKind::Panel)
        , spares(l.within)
    {
    }
    /// From the point to the light, m.
    Vec3f towards(const Row& r, std::size_t i) const
    {
        const double z = r.depth ? double(r.depth[i]) : r.points.z, y = r.depth ? r.eyeHeight + r.rayY * z : r.points.y,
                     x = r.depth ? (r.ray0 + double(i) * r.ray) * z : r.points.x0 + double(i) * r.points.dx;
        return {float(q.x - x), float(q.y - y), float(q.z - z)};
    }
    void panelCosine(std::span<float> out, const Row& r) const
    {
        for (std::size_t i = 0; i < out.size(); ++i) {
            const Vec3f d = towards(r, i);
            const float length = std::sqrt(d.x * d.x + d.y * d.y + d.z * d.z) + 1e-6f;
            out[i] *= std::max(0.f, -(d.x * float(facing.x) + d.y * float(facing.y) + d.z * float(facing.z)) / length);
        }
    }
    void special(std::span<float> out, const Row& r, const Vec3f* n, const stage::Layer& layer) const
    {
        for (std::size_t i = 0; i < out.size(); ++i) {
            const Vec3f d = towards(r, i);
            const float d2 = d.x * d.x + d.y * d.y + d.z * d.z + 1e-9f, k = 1 / std::sqrt(d2);
            // Inside a thin thing the light comes from all over its wall.
            const float on = layer.element == spares
                ? std::max(layer.through, 0.2f)
                : fallsOn(layer, {d.x * k, d.y * k, d.z * k}, n[i], r.fuzz ? r.fuzz[i] : 0);
            out[i] = ref2 * on / std::max(d2, r2);
        }
    }
    void onLayer(std::span<float> out, const Row& r, const Vec3f* n, const stage::Layer& layer) const
    {
        if (layer.through > 0 || layer.rim > 0)
            special(out, r, n, layer);
        else if (layer.element == spares && layer.material == Material::Glowing)
            std::fill(out.begin(), out.end(), 0.f); // it shows its own light already
        else
            plain(out, r, n);
        if (panel)
            panelCosine(out, r);
    }
    void plain(std::span<float> out, const Row& r, const Vec3f* n) const
    {
        if (r.depth) {
            fallDeep(out.data(), int(out.size()), r.depth, n, {float(q.x), float(q.y - r.eyeHeight), float(q.z)},
                float(r.ray0), float(r.ray), float(r.rayY), r2, ref2);
            return;
        }
        const PointRow& p = r.points;
        fallFlat(out.data(), int(out.size()), n, float(q.x - p.x0), float(p.dx), float(q.y - p.y), float(q.z - p.z), r2,
            ref2);
    }
    void shine(std::span<float> out, const Row& r, const Vec3f* n, float alpha) const
    {
        for (std::size_t i = 0; i < out.size(); ++i) {
            const Vec3f d = towards(r, i);
            const float d2 = d.x * d.x + d.y * d.y + d.z * d.z + 1e-9f, k = 1 / std::sqrt(d2);
            const float wider = std::min(1.f, alpha + 0.5f * std::sqrt(r2) * k); // a large light, a large highlight
            out[i] = ref2 / std::max(d2, r2) * glossTo({d.x * k, d.y * k, d.z * k}, toViewer(r, i), n[i], wider);
        }
        if (panel)
            panelCosine(out, r);
    }
    void onGround(std::span<float> out, const PointRow& p) const
    {
        fallGround(out.data(), int(out.size()), float(q.x - p.x0), float(p.dx), float(q.y), float(q.z - p.z), r2, ref2);
        if (panel) {
            Row r;
            r.points = p;
            panelCosine(out, r);
        }
    }
    ShadowLight shadow;
    Vec3 q, facing;
    float r2, ref2;
    bool panel;
    int spares;
};

} // namespace rl::light
