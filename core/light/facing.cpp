// How much of a light falls on a patch.
#include "core/light/facing.h"
#include "core/base/hot.h"

namespace rl::light {

using stage::Layer;
using stage::StageFrame;

double lanternIrradiance(const Lantern& lantern, Vec3 at, Vec3 normal)
{
    const Vec3 to = lantern.position - at;
    const double d = std::max(to.length(), 1e-9), used = std::max(d, lantern.radius);
    double cosine = (to.x * normal.x + to.y * normal.y + to.z * normal.z) / d;
    if (lantern.kind == LampKind::Panel) {
        const Vec3 f = facingOf(lantern);
        cosine *= std::max(0.0, -(to.x * f.x + to.y * f.y + to.z * f.z) / d);
    }
    return lantern.reference * lantern.reference / (used * used) * std::max(0.0, cosine);
}

Row layerRow(const StageFrame& f, const Layer& l, int y, int begin)
{
    Row r;
    r.ray = 1 / f.eye.focalCm;
    r.ray0 = (l.left + begin + 0.5 - f.eye.x0) * r.ray;
    r.rayY = -(l.top + y + 0.5 - f.eye.horizon) * r.ray;
    r.eyeHeight = f.eye.heightM;
    r.depth = l.depth.empty() ? nullptr : l.depth.row(y) + begin;
    r.fuzz = l.fuzz.empty() ? nullptr : l.fuzz.row(y) + begin;
    if (r.depth)
        r.reach = l.rowReach[std::size_t(y)];
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

float fallsOn(const Layer& layer, Vec3f l, Vec3f n, float fuzz)
{
    constexpr float forward = 2.5f; // hairs send most light on the way it came
    const float cosine = n.x * l.x + n.y * l.y + n.z * l.z;
    float e = cosine > 0 ? cosine : -cosine * layer.through;
    if (layer.rim > 0 && l.z > 0) { // from behind: on the side it comes from
        const float across = std::sqrt(n.x * n.x + n.y * n.y),
                    side = across > 1e-6f ? (n.x * l.x + n.y * l.y) / across : 0.f;
        e += layer.rim * forward * fuzz * l.z * std::clamp(0.4f + 0.8f * side, 0.f, 1.f);
    }
    return e;
}
Vec3f toViewer(const Row& r, std::size_t i)
{
    const float x = float(-(r.ray0 + double(i) * r.ray)), y = float(-r.rayY), k = 1 / std::sqrt(x * x + y * y + 1);
    return {x * k, y * k, -k};
}
float glossTo(Vec3f l, Vec3f v, Vec3f n, float alpha)
{
    const float cosine = n.x * l.x + n.y * l.y + n.z * l.z;
    if (cosine <= 0)
        return 0;
    Vec3f h{l.x + v.x, l.y + v.y, l.z + v.z};
    const float k = 1 / std::max(std::sqrt(h.x * h.x + h.y * h.y + h.z * h.z), 1e-6f);
    return gloss(cosine, (n.x * h.x + n.y * h.y + n.z * h.z) * k, (l.x * h.x + l.y * h.y + l.z * h.z) * k, alpha);
}

RL_HOT void fallFlat(
    float* out, int count, const Vec3f* n, float x0, float dx, float dy, float dz, float r2, float ref2)
{
    const float yz = dy * dy + dz * dz + 1e-9f;
    for (int i = 0; i < count; ++i) {
        const float x = x0 - float(i) * dx, d2 = x * x + yz;
        const float on = std::max(0.f, x * n[i].x + dy * n[i].y + dz * n[i].z);
        out[i] = ref2 * on / (std::max(d2, r2) * std::sqrt(d2));
    }
}
RL_HOT void fallGround(float* out, int count, float x0, float dx, float dy, float dz, float r2, float ref2)
{
    const float yz = dy * dy + dz * dz + 1e-9f, on = ref2 * std::max(0.f, dy);
    for (int i = 0; i < count; ++i) {
        const float x = x0 - float(i) * dx, d2 = x * x + yz;
        out[i] = on / (std::max(d2, r2) * std::sqrt(d2));
    }
}
RL_HOT void fallDeep(float* out, int count, const float* depth, const Vec3f* n, Vec3f q, float ray0, float ray,
    float rayY, float r2, float ref2)
{
    for (int i = 0; i < count; ++i) {
        const float z = depth[i], x = q.x - (ray0 + float(i) * ray) * z, y = q.y - rayY * z, away = q.z - z;
        const float d2 = x * x + y * y + away * away + 1e-9f;
        const float on = std::max(0.f, x * n[i].x + y * n[i].y + away * n[i].z);
        out[i] = ref2 * on / (std::max(d2, r2) * std::sqrt(d2));
    }
}
RL_HOT void facingSun(float* out, int count, const Vec3f* n, Vec3f sun)
{
    for (int i = 0; i < count; ++i)
        out[i] = std::max(0.f, n[i].x * sun.x + n[i].y * sun.y + n[i].z * sun.z);
}

float glossAlpha(Material m)
{
    switch (m) {
    case Material::Satin:
        return 0.16f;
    case Material::Wet:
        return 0.04f;
    case Material::Gloss:
        return 0.015f;
    case Material::Glass:
        return 0.006f;
    default:
        return 0;
    }
}

float gloss(float cosine, float half, float along, float alpha)
{
    const float a2 = alpha * alpha, t = half * half * (a2 - 1) + 1;
    const float away = 1 - std::clamp(along, 0.f, 1.f), away2 = away * away,
                fresnel = 0.04f + 0.96f * away2 * away2 * away;
    // π D = a² / t²
    return std::max(0.f, cosine) * a2 / (t * t) * fresnel / (4 * std::max(along * along, 0.05f));
}

} // namespace rl::light
