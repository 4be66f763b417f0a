// The picture taken apart: one thing at a time out of which it is made.
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/light/relight.h"

namespace rl::light {

namespace {
using stage::Layer;
using stage::StageFrame;

/// Layers over ground and sky, each pixel by a rule of its own; `blended` by coverage, else the topmost half a pixel.
template <class Under, class On>
LinearPicture layered(const StageFrame& f, const Under& under, const On& on, bool blended)
{
    std::vector<Rgb> out(std::size_t(f.width) * std::size_t(f.height));
    parallelRows(f.height, [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            Rgb* row = out.data() + std::size_t(y) * std::size_t(f.width);
            for (int x = 0; x < f.width; ++x)
                row[x] = under(x, y);
            for (std::size_t k = 0; k < f.layers.size(); ++k) {
                const Layer& l = f.layers[k];
                if (y < l.top || y >= l.top + l.height())
                    continue;
                const float* cover = l.cover.row(y - l.top);
                for (int x = 0; x < l.width(); ++x) {
                    const float a = blended ? cover[x] : cover[x] >= 0.5f ? 1.f : 0.f;
                    if (a > 0)
                        row[l.left + x] = row[l.left + x] * (1 - a) + on(k, x, y - l.top) * a;
                }
            }
        }
    });
    return {f.width, f.height, std::move(out)};
}

Rgb grey(float v)
{
    return {v, v, v};
}

/// However dark a shadow, what is left of the light tells how much there was.
constexpr float kLeastLeft = 1e-30f;

double groundZ(const StageFrame& f, int y)
{
    return f.eye.focalCm * f.eye.heightM / std::max(y + 0.5 - f.eye.horizon, 0.25);
}

float median(std::vector<float> v)
{
    if (v.empty())
        return 1;
    const auto mid = v.begin() + long(v.size() / 2);
    std::nth_element(v.begin(), mid, v.end());
    return *mid;
}
} // namespace

Zone zoneOf(float facing, float through, float open, int steps)
{
    Zone z = Zone::Light;
    if (facing < 0.12f)
        z = open < 0.8f ? Zone::Occlusion : open > 1.08f ? Zone::Reflected : Zone::Core;
    else if (through < 0.5f)
        z = open < 0.8f ? Zone::Occlusion : Zone::Cast;
    else if (facing < 0.55f)
        z = Zone::HalfTone;
    if (steps < 6 && z == Zone::Occlusion)
        z = facing < 0.12f ? Zone::Core : Zone::Cast;
    if (steps < 5 && z == Zone::Cast)
        z = Zone::Core;
    if (steps < 4 && z == Zone::Reflected)
        z = Zone::Core;
    if (steps < 3 && z == Zone::HalfTone)
        z = Zone::Light;
    return z;
}

float lightnessOf(Zone z)
{
    switch (z) {
    case Zone::Light:
        return 92;
    case Zone::HalfTone:
        return 68;
    case Zone::Reflected:
        return 44;
    case Zone::Cast:
        return 30;
    case Zone::Core:
        return 20;
    case Zone::Occlusion:
        return 8;
    case Zone::None:
        break;
    }
    return 80;
}

std::vector<Zone> Relighter::zonesOn(std::size_t k, const std::vector<Lamp>& lamps, int steps) const
{
    const Layer& l = m_frame->layers[k];
    std::vector<Zone> out(l.cover.size(), Zone::None);
    std::vector<float> facing(l.cover.size(), 0.f), through(l.cover.size(), 1.f), ambient;
    // The strongest lamp on this form decides, shadows left aside.
    double best = 0;
    for (const Lamp& lamp : lamps) {
        std::vector<float> own(l.cover.size(), 0.f), lets(l.cover.size(), 1.f);
        const float strength = luminance(lamp.colour);
        double sum = 0;
        for (std::size_t i = 0; i < own.size(); ++i) {
            if (l.cover.data()[i] <= 0)
                continue; // beside what is covered nothing is said of light
            lets[i] = lightThrough(lamp.planes->layerShade[k][i]);
            own[i] = strength * lamp.planes->layers[k][i] / std::max(lets[i], kLeastLeft);
            sum += double(own[i] * l.cover.data()[i]);
        }
        if (sum > best)
            best = sum, facing = std::move(own), through = std::move(lets);
    }
    float most = 0;
    for (std::size_t i = 0; i < out.size(); ++i)
        if (l.cover.data()[i] > 0.5f) {
            most = std::max(most, facing[i]);
            ambient.push_back(luminance(m_layers[k].ambient[i]));
        }
    const float middle = std::max(median(ambient), 1e-6f);
    for (std::size_t i = 0; i < out.size(); ++i)
        if (l.cover.data()[i] > 0)
            out[i] = zoneOf(
                most > 0 ? facing[i] / most : 0.f, through[i], luminance(m_layers[k].ambient[i]) / middle, steps);
    return out;
}

LinearPicture Relighter::pass(std::shared_ptr<const StageFrame> frame, const Lights& lights, Pass which, int zoneSteps)
{
    meet(std::move(frame), float(lights.air.spill));
    const StageFrame& f = *m_frame;
    const std::vector<Lamp> lamps = planesOf(lights);
    const auto at
        = [](const Layer& l, int x, int y) { return std::size_t(y) * std::size_t(l.width()) + std::size_t(x); };
    const auto ground
        = [&](int x, int y) { return std::size_t(y - f.groundTop) * std::size_t(f.width) + std::size_t(x); };
    switch (which) {
    case Pass::Albedo:
        return layered(
            f, [&](int x, int y) { return y < f.groundTop ? f.backdrop.at(x, y) : f.groundAlbedo(x, y - f.groundTop); },
            [&](std::size_t k, int x, int y) { return f.layers[k].albedo.at(x, y); }, true);
    case Pass::Normal:
        return layered(
            f,
            [&](int, int y) {
                return y < f.groundTop ? Rgb{0.5f, 0.5f, 0.f} : Rgb{0.5f, 1.f, 0.5f};
            },
            [&](std::size_t k, int x, int y) {
                const Vec3f n = f.layers[k].normal.at(x, y);
                return Rgb{(n.x + 1) / 2, (n.y + 1) / 2, (n.z + 1) / 2};
            },
            false);
    case Pass::Depth:
        return layered(
            f, [&](int, int y) { return grey(y < f.groundTop ? 0.f : float(groundZ(f, y))); },
            [&](std::size_t k, int x, int y) {
                const Layer& l = f.layers[k];
                return grey(l.depth.empty() ? float(l.distance) : l.depth.at(x, y));
            },
            false);
    case Pass::Shadow: {
        float all = 1e-9f;
        for (const Lamp& lamp : lamps)
            all += luminance(lamp.colour);
        const auto share = [&](const auto& shadeOn) {
            float sum = 0;
            for (const Lamp& lamp : lamps)
                sum += luminance(lamp.colour) * lightThrough(shadeOn(*lamp.planes));
            return grey(lamps.empty() ? 1.f : std::min(1.f, sum / all));
        };
        return layered(
            f,
            [&](int x, int y) {
                return y < f.groundTop ? grey(1)
                                       : share([&](const LightPlanes& p) { return p.groundShade[ground(x, y)]; });
            },
            [&](std::size_t k, int x, int y) {
                return share([&](const LightPlanes& p) { return p.layerShade[k][at(f.layers[k], x, y)]; });
            },
            true);
    }
    case Pass::Ambient: {
        const float sky = float(lights.air.skyStrength);
        const Rgb up = f.ownLight * f.skyShare;
        return layered(
            f,
            [&](int x, int y) {
                return y < f.groundTop ? f.backdrop.at(x, y) * sky : up * (sky * m_groundOpen[ground(x, y)]);
            },
            [&](std::size_t k, int x, int y) { return m_layers[k].ambient[at(f.layers[k], x, y)] * sky; }, true);
    }
    case Pass::Id:
        return layered(
            f, [](int, int) { return Rgb{}; },
            [&](std::size_t k, int, int) { return grey(float(f.layers[k].element)); }, false);
    case Pass::Zones: {
        std::vector<std::vector<Zone>> zones;
        for (std::size_t k = 0; k < f.layers.size(); ++k)
            zones.push_back(zonesOn(k, lamps, zoneSteps));
        const auto shown = [](Zone z) { return grey(luminance(colour::fromLab({lightnessOf(z), 0, 0}))); };
        // On the ground only what is cast counts: where less than half of the lamps' light arrives.
        const auto onGround = [&](int x, int y) {
            if (y < f.groundTop)
                return Zone::None;
            float all = 0, arrives = 0;
            for (const Lamp& lamp : lamps) {
                const float e = luminance(lamp.colour) * lamp.planes->ground[ground(x, y)],
                            lets = lightThrough(lamp.planes->groundShade[ground(x, y)]);
                arrives += e, all += e / std::max(lets, kLeastLeft);
            }
            const bool faint = all < 0.05f * luminance(f.sky.zenith) * float(lights.air.skyStrength);
            if (faint || arrives > 0.5f * all)
                return Zone::None;
            return zoneSteps < 5 ? Zone::Core : Zone::Cast;
        };
        return layered(
            f, [&](int x, int y) { return shown(onGround(x, y)); },
            [&](std::size_t k, int x, int y) { return shown(zones[k][at(f.layers[k], x, y)]); }, true);
    }
    }
    return {};
}

} // namespace rl::light
