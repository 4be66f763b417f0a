// Light thrown back by the ground and by large neighbours.
#include "core/light/painter.h"
#include "core/stage/mesh.h"

namespace rl::light {

using stage::Layer;
using stage::StageFrame;

namespace {
/// A patch that throws light: what it shows, how large it is, where, and whither it faces.
struct Patch {
    Rgb shows;
    double area = 0; ///< m²
    Vec3 at, facing;
    int element = 0; ///< 0 = ground
    double soft = 0; ///< share that goes sideways too, 0…1
};

Rgb lampsOnGround(const StageFrame& f, const LampSources& lamps, int x, int y, LightRow& scratch)
{
    Rgb sum{};
    for (const auto& lamp : lamps)
        sum = sum + lamp->colour * lamp->groundRow(y, scratch).e[x];
    return sum * f.groundAlbedo(x, y);
}

double metresPerPx(const StageFrame& f, const Layer& l)
{
    return l.distance / f.eye.focalCm;
}
double heightOf(const StageFrame& f, const Layer& l)
{
    return std::max(0.05, (l.footRow - l.headRow) * metresPerPx(f, l));
}
/// Middle of what is seen of a layer, m.
Vec3 middleOf(const StageFrame& f, const Layer& l)
{
    const double m = metresPerPx(f, l);
    return {(l.left + l.width() / 2.0 - f.eye.x0) * m,
        std::max(0.02, f.eye.heightM - ((l.headRow + l.footRow) / 2 - f.eye.horizon) * m), l.distance};
}

/// The ground around a foot, in six pieces.
void groundPatches(
    const StageFrame& f, const Layer& l, const LampSources& lamps, LightRow& scratch, std::vector<Patch>& out)
{
    const Vec3 middle = middleOf(f, l);
    const double reach = std::clamp(0.55 * heightOf(f, l), 0.15, 6.0);
    for (const double dz : {-0.7, 0.5})
        for (const double dx : {-1.0, 0.0, 1.0}) {
            const Vec3 at{middle.x + dx * reach, 0, l.distance + dz * reach};
            if (at.z < 0.3)
                continue;
            const Vec2 c = stage::projected(f.eye, at);
            const int x = int(std::floor(c.x)), y = int(std::floor(c.y)) - f.groundTop;
            if (x < 0 || x >= f.width || y < 0 || y >= f.height - f.groundTop)
                continue;
            out.push_back({lampsOnGround(f, lamps, x, y, scratch), 0.8 * reach * reach, at, {0, 1, 0}, 0, 0});
        }
}

/// A layer as one patch: the mean of what it shows in the lamps' light alone.
Patch patchOf(const StageFrame& f, std::size_t k, const LampSources& lamps, LightRow& scratch)
{
    const Layer& l = f.layers[k];
    Patch p;
    p.element = l.element;
    if (l.cover.empty() || l.lies)
        return p;
    const int stepY = std::max(1, l.height() / 16), stepX = std::max(1, l.width() / 16);
    double cover = 0;
    Rgb sum{};
    for (int y = stepY / 2; y < l.height(); y += stepY)
        for (const auto& lamp : lamps) {
            const LampSource::View v = lamp->layerRow(k, y, scratch);
            for (int x = stepX / 2; x < l.width(); x += stepX)
                if (const float c = l.cover.at(x, y); c > 0) // elsewhere nothing is said of light
                    sum = sum + l.albedo.at(x, y) * lamp->colour * (v.e[x] * c);
        }
    for (int y = stepY / 2; y < l.height(); y += stepY)
        for (int x = stepX / 2; x < l.width(); x += stepX)
            cover += double(l.cover.at(x, y));
    if (cover < 1)
        return p;
    const double m = metresPerPx(f, l);
    p.shows = sum * float(1 / cover);
    p.area = cover * stepX * stepY * m * m;
    p.at = middleOf(f, l);
    p.facing = {0, 0, -1};
    p.soft = 0.35;
    return p;
}

void addPatch(BounceLight::Level& to, Vec3 at, const Patch& p, double strength, double least, bool& any)
{
    const Vec3 way = p.at - at;
    const double d2 = std::max({stage::dot(way, way), p.area / kPi, 1e-4}), d = std::sqrt(d2);
    const double facing = std::clamp(p.soft - (1 - p.soft) * stage::dot(way, p.facing) / d, 0.0, 1.0);
    const double share = strength * p.area * facing / (kPi * d2);
    if (share * double(luminance(p.shows)) < least)
        return;
    any = true;
    const Rgb h = p.shows * float(std::min(share, 1.0));
    to.even = to.even + h * 0.25f;
    to.x = to.x + h * float(0.5 * way.x / d);
    to.y = to.y + h * float(0.5 * way.y / d);
    to.z = to.z + h * float(0.5 * way.z / d);
}
} // namespace

std::vector<BounceLight> bouncesOf(const StageFrame& f, const LampSources& lamps, double strength)
{
    std::vector<BounceLight> out(f.layers.size());
    if (strength <= 0 || lamps.empty())
        return out;
    LightRow scratch;
    std::vector<Patch> layers;
    for (std::size_t k = 0; k < f.layers.size(); ++k)
        layers.push_back(patchOf(f, k, lamps, scratch));
    for (std::size_t k = 0; k < f.layers.size(); ++k) {
        const Layer& l = f.layers[k];
        if (l.cover.empty() || l.lies)
            continue;
        std::vector<Patch> ground;
        groundPatches(f, l, lamps, scratch, ground);
        const Vec3 middle = middleOf(f, l);
        const double high = heightOf(f, l);
        for (const auto& [level, share] : {std::pair(&out[k].foot, -0.35), std::pair(&out[k].head, 0.35)}) {
            const Vec3 at = middle + Vec3{0, share * high, 0};
            for (const Patch& p : ground)
                addPatch(*level, at, p, strength, 1e-4, out[k].any);
            for (const Patch& p : layers)
                if (p.element != l.element && p.area > 0)
                    addPatch(*level, at, p, strength, 0.006, out[k].any);
        }
    }
    return out;
}

} // namespace rl::light
