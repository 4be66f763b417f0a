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
using stage::Layer;
using stage::StageFrame;

/// The points of one row of pixels, and the sight lines through them for what is deep.
struct Row {
    PointRow points;
    const float* depth = nullptr; ///< m, or null: points.z everywhere
    double ray0 = 0, ray = 0, rayY = 0; ///< X/Z of the first pixel's centre and from pixel to pixel; (Y - h)/Z
    double eyeHeight = 0;
};

Row layerRow(const StageFrame& f, const Layer& l, int y)
{
    Row r;
    r.ray = 1 / f.eye.focalCm;
    r.ray0 = (l.left + 0.5 - f.eye.x0) * r.ray;
    r.rayY = -(l.top + y + 0.5 - f.eye.horizon) * r.ray;
    r.eyeHeight = f.eye.heightM;
    r.depth = l.depth.empty() ? nullptr : l.depth.row(y);
    const double z = r.depth ? double(l.rowDepth[std::size_t(y)]) : l.distance;
    r.points = {r.ray0 * z, r.ray * z, l.lies ? 0 : f.eye.heightM + r.rayY * z, z};
    return r;
}
PointRow groundRow(const StageFrame& f, int y)
{
    const double down = std::max(f.groundTop + y + 0.5 - f.eye.horizon, 0.25);
    const double z = f.eye.focalCm * f.eye.heightM / down, m = z / f.eye.focalCm;
    return {(0.5 - f.eye.x0) * m, m, 0, z};
}

struct SunFacing {
    explicit SunFacing(const Sun& sun)
        : shadow(sunForShadows(sun.azimuth, sun.elevation, sun.diameter))
    {
        const Vec3 d = stage::sceneDirection(sun.azimuth, sun.elevation);
        x = float(d.x), y = float(d.y), z = float(d.z);
        up = float(std::max(0.0, d.y)); // below the horizon only what stands up still catches a little
    }
    void onLayer(std::span<float> out, const Row&, const Vec3f* n) const
    {
        for (std::size_t i = 0; i < out.size(); ++i)
            out[i] = std::max(0.f, n[i].x * x + n[i].y * y + n[i].z * z);
    }
    void onGround(std::span<float> out, const PointRow&) const { std::fill(out.begin(), out.end(), up); }
    ShadowLight shadow;
    float x, y, z, up;
};

struct LanternFacing {
    explicit LanternFacing(const Lantern& l)
        : shadow{false, l.position, l.radius}
        , q(l.position)
        , r2(float(l.radius * l.radius))
        , ref2(float(l.reference * l.reference))
    {
    }
    float fall(float dx, float dy, float dz, float nx, float ny, float nz) const
    {
        const float d2 = dx * dx + dy * dy + dz * dz + 1e-9f;
        const float facing = std::max(0.f, dx * nx + dy * ny + dz * nz);
        return ref2 * facing / (std::max(d2, r2) * std::sqrt(d2));
    }
    void onLayer(std::span<float> out, const Row& r, const Vec3f* n) const
    {
        if (r.depth) {
            for (std::size_t i = 0; i < out.size(); ++i) {
                const double z = double(r.depth[i]);
                out[i] = fall(float(q.x - (r.ray0 + double(i) * r.ray) * z), float(q.y - r.eyeHeight - r.rayY * z),
                    float(q.z - z), n[i].x, n[i].y, n[i].z);
            }
            return;
        }
        const PointRow& p = r.points;
        const float dy = float(q.y - p.y), dz = float(q.z - p.z), x0 = float(q.x - p.x0), dx = float(p.dx);
        for (std::size_t i = 0; i < out.size(); ++i)
            out[i] = fall(x0 - float(i) * dx, dy, dz, n[i].x, n[i].y, n[i].z);
    }
    void onGround(std::span<float> out, const PointRow& p) const
    {
        const float dy = float(q.y), dz = float(q.z - p.z), x0 = float(q.x - p.x0), dx = float(p.dx);
        for (std::size_t i = 0; i < out.size(); ++i)
            out[i] = fall(x0 - float(i) * dx, dy, dz, 0, 1, 0);
    }
    ShadowLight shadow;
    Vec3 q;
    float r2, ref2;
};

void dimmed(std::span<float> row, const Shade* shade)
{
    for (std::size_t i = 0; i < row.size(); ++i)
        if (shade[i])
            row[i] *= lightThrough(shade[i]);
}

/// Some rows of one layer, or of the ground: what one core does at a time.
struct Piece {
    int layer = -1; ///< -1: the ground
    int begin = 0, end = 0;
};
std::vector<Piece> piecesOf(const StageFrame& f)
{
    std::vector<Piece> all;
    const auto cut = [&](int layer, int rows) {
        for (int y = 0; y < rows; y += 48)
            all.push_back({layer, y, std::min(rows, y + 48)});
    };
    for (std::size_t i = 0; i < f.layers.size(); ++i)
        cut(int(i), f.layers[i].height());
    cut(-1, std::max(f.height - f.groundTop, 0));
    return all;
}

template <class T> std::span<T> rowOf(std::vector<T>& plane, int y, std::size_t width)
{
    return {plane.data() + std::size_t(y) * width, width};
}

template <class Facing>
void freshRow(
    const StageFrame& f, const Layer& l, const Facing& facing, std::span<float> row, std::span<Shade> shades, int y)
{
    const Row at = layerRow(f, l, y);
    facing.onLayer(row, at, l.normal.row(y));
    for (const Layer& other : f.layers)
        if (other.element != l.element)
            shade(shades, at.points, facing.shadow, *other.caster, 1);
    dimmed(row, shades.data());
}

template <class Facing>
void freshGround(const StageFrame& f, const Facing& facing, std::span<float> row, std::span<Shade> shades, int y)
{
    const PointRow points = groundRow(f, y);
    facing.onGround(row, points);
    for (const Layer& l : f.layers)
        shade(shades, points, facing.shadow, *l.caster, 1);
    dimmed(row, shades.data());
}

void makeRoom(std::vector<float>& e, std::vector<Shade>& s, std::size_t size)
{
    e.assign(size, 0.f);
    s.assign(size, 0);
}

template <class Facing> LightPlanes planes(const StageFrame& f, const Facing& facing, LightPlanes out)
{
    out.touched.clear();
    out.layers.resize(f.layers.size());
    out.layerShade.resize(f.layers.size());
    for (std::size_t i = 0; i < f.layers.size(); ++i)
        makeRoom(out.layers[i], out.layerShade[i], f.layers[i].cover.size());
    makeRoom(out.ground, out.groundShade, std::size_t(std::max(f.height - f.groundTop, 0)) * std::size_t(f.width));
    const std::vector<Piece> pieces = piecesOf(f);
    parallelItems(int(pieces.size()), [&](int k) {
        const Piece& p = pieces[std::size_t(k)];
        for (int y = p.begin; y < p.end; ++y) {
            if (p.layer < 0) {
                const auto w = std::size_t(f.width);
                freshGround(f, facing, rowOf(out.ground, y, w), rowOf(out.groundShade, y, w), y);
                continue;
            }
            const auto i = std::size_t(p.layer);
            const auto w = std::size_t(f.layers[i].width());
            freshRow(f, f.layers[i], facing, rowOf(out.layers[i], y, w), rowOf(out.layerShade[i], y, w), y);
        }
    });
    return out;
}

/// Takes what has gone from a row and adds what has come. \return was it touched?
bool stepRow(std::span<Shade> shades, const PointRow& points, const ShadowLight& light, const FrameStep& step)
{
    bool any = false;
    for (const auto& c : step.gone)
        any = shade(shades, points, light, *c, -1) || any;
    for (const auto& c : step.come)
        any = shade(shades, points, light, *c, 1) || any;
    return any;
}

template <class Facing>
bool stepLayerRow(LightPlanes& p, std::size_t i, const FrameStep& step, const Facing& facing, int y)
{
    const StageFrame& f = *step.after;
    const Layer& l = f.layers[i];
    const auto w = std::size_t(l.width());
    const std::span<Shade> shades = rowOf(p.layerShade[i], y, w);
    const std::span<float> row = rowOf(p.layers[i], y, w);
    if (step.from[i] < 0) {
        freshRow(f, l, facing, row, shades, y);
        return true;
    }
    const Row at = layerRow(f, l, y);
    if (!stepRow(shades, at.points, facing.shadow, step))
        return false;
    facing.onLayer(row, at, l.normal.row(y));
    dimmed(row, shades.data());
    return true;
}

template <class Facing> void stepGroundRow(LightPlanes& p, const FrameStep& step, const Facing& facing, int y)
{
    const StageFrame& f = *step.after;
    const auto w = std::size_t(f.width);
    const PointRow points = groundRow(f, y);
    const std::span<Shade> shades = rowOf(p.groundShade, y, w);
    if (!stepRow(shades, points, facing.shadow, step))
        return;
    const std::span<float> row = rowOf(p.ground, y, w);
    facing.onGround(row, points);
    dimmed(row, shades.data());
}

template <class Facing> void followed(LightPlanes& p, const FrameStep& step, const Facing& facing)
{
    const StageFrame& f = *step.after;
    LightPlanes old;
    std::swap(old.layers, p.layers);
    std::swap(old.layerShade, p.layerShade);
    p.layers.resize(f.layers.size());
    p.layerShade.resize(f.layers.size());
    for (std::size_t i = 0; i < f.layers.size(); ++i) {
        if (step.from[i] < 0) {
            makeRoom(p.layers[i], p.layerShade[i], f.layers[i].cover.size());
            continue;
        }
        p.layers[i] = std::move(old.layers[std::size_t(step.from[i])]);
        p.layerShade[i] = std::move(old.layerShade[std::size_t(step.from[i])]);
    }
    const std::vector<Piece> pieces = piecesOf(f);
    std::vector<char> touched(pieces.size(), 0);
    parallelItems(int(pieces.size()), [&](int k) {
        const Piece& piece = pieces[std::size_t(k)];
        for (int y = piece.begin; y < piece.end; ++y) {
            if (piece.layer < 0)
                stepGroundRow(p, step, facing, y);
            else if (stepLayerRow(p, std::size_t(piece.layer), step, facing, y))
                touched[std::size_t(k)] = 1;
        }
    });
    p.touched.assign(f.layers.size(), 0);
    for (std::size_t k = 0; k < pieces.size(); ++k)
        if (pieces[k].layer >= 0 && touched[k])
            p.touched[std::size_t(pieces[k].layer)] = 1;
}
} // namespace

LightPlanes sunPlanes(const StageFrame& f, const Sun& sun, LightPlanes room)
{
    return planes(f, SunFacing(sun), std::move(room));
}
LightPlanes lanternPlanes(const StageFrame& f, const Lantern& lantern, LightPlanes room)
{
    return planes(f, LanternFacing(lantern), std::move(room));
}
void follow(LightPlanes& p, const FrameStep& step, const Sun& sun)
{
    followed(p, step, SunFacing(sun));
}
void follow(LightPlanes& p, const FrameStep& step, const Lantern& lantern)
{
    followed(p, step, LanternFacing(lantern));
}

FrameStep stepBetween(const StageFrame& before, const StageFrame& after)
{
    FrameStep step;
    step.after = &after;
    std::vector<char> stays(before.layers.size(), 0);
    for (const Layer& l : after.layers) {
        const auto same = [&](const Layer& o) { return o.caster == l.caster; };
        const auto found = std::find_if(before.layers.begin(), before.layers.end(), same);
        step.from.push_back(found == before.layers.end() ? -1 : int(found - before.layers.begin()));
        if (step.from.back() < 0)
            step.come.push_back(l.caster);
        else
            stays[std::size_t(step.from.back())] = 1;
    }
    for (std::size_t i = 0; i < before.layers.size(); ++i)
        if (!stays[i])
            step.gone.push_back(before.layers[i].caster);
    return step;
}

} // namespace rl::light
