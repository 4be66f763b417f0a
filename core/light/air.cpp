// What lies in the air: haze, mist, beams.
#include "core/light/air.h"
#include "core/base/parallel.h"
#include "core/light/shadow_rows.h"
#include "core/stage/mesh.h"
#include <map>

namespace rl::light {

using stage::StageFrame;

double throughAir(double distance, double half)
{
    return half > 0 ? std::exp2(-distance / half) : 1;
}

Vignette::Vignette(const Air& air, const StageFrame& f)
    : m_amount(float(air.vignette))
    , m_reach(float(air.vignetteReach))
    , m_x(float(air.vignetteAt.x < 0 ? f.width / 2.0 : air.vignetteAt.x * f.pixelsPerCm))
    , m_y(float(air.vignetteAt.x < 0 ? f.height / 2.0 : air.vignetteAt.y * f.pixelsPerCm))
    , m_per(float(2 / std::hypot(double(f.width), double(f.height))))
{
}

namespace {
float forward(float cosine)
{
    constexpr float g = 0.5f;
    return 0.25f * (1 - g * g) / std::pow(1 + g * g - 2 * g * cosine, 1.5f);
}
Rgb airlightOf(const AirLamp& lamp, Vec3 at, Vec3 sight)
{
    if (!lamp.lantern)
        return lamp.colour * forward(float(stage::dot(lamp.sunward, sight)));
    const Lantern& q = *lamp.lantern;
    const Vec3 to = q.position - at;
    const double d2 = stage::dot(to, to), r2 = q.radius * q.radius;
    double level = 0.25 * q.reference * q.reference / std::max({d2, r2, 1e-6});
    if (q.kind == LampKind::Panel)
        level *= std::max(0.0, -stage::dot(to, facingOf(q)) / std::sqrt(std::max(d2, 1e-9)));
    return lamp.colour * float(level);
}
} // namespace

Rgb airlightAt(const std::vector<AirLamp>& lamps, Vec3 at, Vec3 sight)
{
    Rgb sum{};
    for (const AirLamp& lamp : lamps)
        sum = sum + airlightOf(lamp, at, sight);
    return sum;
}

namespace {
class MistSheet final : public Between {
public:
    MistSheet(const StageFrame& f, const Air& air, const Mist& mist, std::size_t seed, std::vector<AirLamp> lamps)
        : m_f(f)
        , m_mist(mist)
        , m_seed(seed)
        , m_lamps(std::move(lamps))
        , m_sky(f.sky.horizon * float(air.skyStrength))
        , m_haze(air, f.eye.heightM)
    {
    }
    double z() const override { return m_mist.z; }
    void addRow(Rgb* row, int y) const override
    {
        const double m = m_mist.z / m_f.eye.focalCm, Y = m_f.eye.heightM - (y + 0.5 - m_f.eye.horizon) * m;
        const double top = m_mist.topM, thick = Y >= 0 ? std::exp(-Y / top) : std::exp(Y / (0.5 * top));
        const float density = float(m_mist.density * thick);
        if (density < 0.003f)
            return;
        const float clear = m_haze.clear(float(m_mist.z), float(std::max(Y, 0.0)));
        // Lit at every eighth pixel and carried between: mist has no edges.
        constexpr int step = 8;
        Rgb last = colourAt(0, Y, m), next = last;
        for (int x0 = 0; x0 < m_f.width; x0 += step, last = next) {
            next = colourAt(x0 + step, Y, m);
            const float a0 = swirl(x0, Y, m), a1 = swirl(x0 + step, Y, m);
            for (int x = x0; x < std::min(m_f.width, x0 + step); ++x) {
                const float t = float(x - x0) / step;
                const float a = std::clamp(density * (a0 + (a1 - a0) * t), 0.f, 1.f);
                const Rgb lit = (last * (1 - t) + next * t) * clear + m_sky * (1 - clear);
                row[x] = row[x] * (1 - a) + lit * a;
            }
        }
    }

private:
    float swirl(int x, double Y, double m) const
    {
        const float u = float((x - m_f.eye.x0) * m / (3 * m_mist.topM)), v = float(Y / m_mist.topM);
        return 0.55f + 0.6f * softNoise(u, v, m_seed) + 0.3f * softNoise(2.7f * u, 2.7f * v, m_seed + 17);
    }
    Rgb colourAt(int x, double Y, double m) const
    {
        const Vec3 at{(x + 0.5 - m_f.eye.x0) * m, std::max(Y, 0.05), m_mist.z};
        return m_sky + airlightAt(m_lamps, at, stage::unit(at - Vec3{0, m_f.eye.heightM, 0}));
    }
    const StageFrame& m_f;
    Mist m_mist;
    std::size_t m_seed;
    std::vector<AirLamp> m_lamps;
    Rgb m_sky;
    Haze m_haze;
};

/// Between which two layers a distance lies: how many layers are nearer.
std::size_t gapOf(const StageFrame& f, double z)
{
    return std::size_t(
        std::count_if(f.layers.begin(), f.layers.end(), [=](const stage::Layer& l) { return l.order < z; }));
}

/// However deep in shadow air lies, this share of what is seen through it is left.
constexpr float kDarkest = 0.6f;

/// Light of beams, small; drawn large between two layers. Less than nothing where air lies in shadow.
class Beams final : public Between {
public:
    Beams(const StageFrame& f, int width, int height)
        : m_f(f)
        , m_width(width)
        , m_height(height)
        , m_light(std::size_t(width) * std::size_t(height))
    {
    }
    /// \param light its rows lie at four depths by turns, so that each counts with its neighbours
    void add(double z, const std::vector<Rgb>& light)
    {
        m_z = std::max(m_z, z);
        constexpr float weights[5]{0.125f, 0.25f, 0.25f, 0.25f, 0.125f};
        for (int y = 0; y < m_height; ++y)
            for (int tap = -2; tap <= 2; ++tap) {
                const int from = std::clamp(y + tap, 0, m_height - 1);
                for (int x = 0; x < m_width; ++x) {
                    Rgb& sum = m_light[std::size_t(y) * std::size_t(m_width) + std::size_t(x)];
                    sum = sum + light[std::size_t(from) * std::size_t(m_width) + std::size_t(x)] * weights[tap + 2];
                }
            }
    }
    double z() const override { return m_z; }
    void addRow(Rgb* row, int y) const override
    {
        const float sx = float(m_width) / float(m_f.width), sy = float(m_height) / float(m_f.height);
        const float v = std::clamp((float(y) + 0.5f) * sy - 0.5f, 0.f, float(m_height - 1));
        const int j = std::min(int(v), m_height - 2);
        const float t = v - float(j);
        const Rgb *a = m_light.data() + std::size_t(j) * std::size_t(m_width), *b = a + m_width;
        for (int x = 0; x < m_f.width; ++x) {
            const float u = std::clamp((float(x) + 0.5f) * sx - 0.5f, 0.f, float(m_width - 1));
            const int i = std::min(int(u), m_width - 2);
            const float s = u - float(i);
            const Rgb beam = (a[i] * (1 - s) + a[i + 1] * s) * (1 - t) + (b[i] * (1 - s) + b[i + 1] * s) * t;
            const Rgb was = row[x];
            row[x] = {std::max(was.r + beam.r, kDarkest * was.r), std::max(was.g + beam.g, kDarkest * was.g),
                std::max(was.b + beam.b, kDarkest * was.b)};
        }
    }

private:
    const StageFrame& m_f;
    int m_width, m_height;
    double m_z = 0;
    std::vector<Rgb> m_light;
};

/// Held while rows are read.
std::vector<ShadowMaps> heldMaps(const StageFrame& f, const std::vector<ShadowLight>& shadows)
{
    std::vector<ShadowMaps> maps;
    for (const ShadowLight& s : shadows)
        maps.push_back(mapsOf(f, s));
    return maps;
}

/// One row of one slice of air: what reaches it, cut out by what stands in the way.
/// \param had of each light: the share of it that haze and glow show already
void sliceRow(const StageFrame& f, const std::vector<AirLamp>& lamps, const std::vector<ShadowLight>& shadows,
    const std::vector<float>& had, double z, double Y, int width, Rgb* out)
{
    const double step = double(f.width) / width, m = z / f.eye.focalCm;
    const PointRow points{(0.5 * step - f.eye.x0) * m, step * m, Y, z};
    std::vector<Shade> shades(std::size_t(width), 0);
    for (std::size_t k = 0; k < lamps.size(); ++k) {
        std::fill(shades.begin(), shades.end(), 0);
        const int spared = lamps[k].lantern ? lamps[k].lantern->within : 0;
        for (const stage::Layer& l : f.layers)
            if (!spared || l.element != spared)
                shade(shades, points, shadows[k], *l.caster, 1);
        for (int x = 0; x < width; ++x) {
            const Vec3 at{points.x0 + x * points.dx, Y, z};
            const Vec3 sight = stage::unit(at - Vec3{0, f.eye.heightM, 0});
            out[x] = out[x] + airlightOf(lamps[k], at, sight) * (lightThrough(shades[std::size_t(x)]) - had[k]);
        }
    }
}
} // namespace

void addMists(const StageFrame& f, const Air& air, const std::vector<AirLamp>& lamps, Betweens& out)
{
    std::size_t seed = 1;
    for (const Mist& mist : air.mists) {
        ++seed;
        if (mist.on && mist.density > 0)
            out.push_back(std::make_unique<MistSheet>(f, air, mist, seed, lamps));
    }
}

void addShafts(const StageFrame& f, const Air& air, const Sun& sun, const std::vector<AirLamp>& lamps, Betweens& out)
{
    if (air.shafts <= 0 || air.halfContrastM <= 0 || lamps.empty())
        return;
    constexpr int slices = 28;
    const int width = std::clamp(f.width / 6, 16, 400), height = std::max(8, width * f.height / f.width);
    double far = 12;
    for (const stage::Layer& l : f.layers)
        far = std::max(far, 1.6 * l.distance);
    const double near = 0.8, ratio = std::pow(std::min(far, 120.0) / near, 1.0 / slices);
    std::vector<ShadowLight> shadows;
    for (const AirLamp& lamp : lamps)
        shadows.push_back(lamp.lantern ? ShadowLight{false, lamp.lantern->position, lamp.lantern->radius}
                                       : sunForShadows(sun.azimuth, sun.elevation, std::max(sun.diameter, 1.5)));
    std::vector<float> had; // half of the sun's is in the haze, a shown lamp's in its veil
    for (const AirLamp& lamp : lamps)
        had.push_back(!lamp.lantern ? 0.5f : lamp.lantern->hidden ? 0.f : float(std::min(1.0, air.glow)));
    const std::vector<ShadowMaps> held = heldMaps(f, shadows);
    const Haze haze(air, f.eye.heightM);
    std::map<std::size_t, std::unique_ptr<Beams>> gaps;
    for (int k = 0; k < slices; ++k) {
        const double z0 = near * std::pow(ratio, k), z1 = z0 * ratio, middle = std::sqrt(z0 * z1);
        const double path = air.shafts * std::log(2.0) / air.halfContrastM * (z1 - z0);
        std::vector<Rgb> light(std::size_t(width) * std::size_t(height));
        parallelRows(height, [&](int begin, int end) {
            for (int y = begin; y < end; ++y) {
                constexpr double places[4]{0.125, 0.625, 0.375, 0.875};
                const double z = z0 * std::pow(ratio, places[y % 4]), py = (y + 0.5) * f.height / height;
                const double Y = f.eye.heightM - (py - f.eye.horizon) * z / f.eye.focalCm;
                if (Y < 0)
                    continue;
                Rgb* row = light.data() + std::size_t(y) * std::size_t(width);
                sliceRow(f, lamps, shadows, had, z, Y, width, row);
                const double thin = air.hazeTopM > 0 ? std::exp(-Y / air.hazeTopM) : 1;
                const float gain = float(path * thin) * haze.clear(float(z), float(Y));
                for (int x = 0; x < width; ++x)
                    row[x] = row[x] * gain;
            }
        });
        auto& beams = gaps[gapOf(f, middle)];
        if (!beams)
            beams = std::make_unique<Beams>(f, width, height);
        beams->add(middle, light);
    }
    for (auto& [gap, beams] : gaps)
        out.push_back(std::move(beams));
}

namespace {
struct Speck {
    float x, y, radius, length; ///< px; length of a streak upwards
    Rgb light;
    float hides; ///< 0…1
};
class DriftBand final : public Between {
public:
    DriftBand(int width, double z)
        : m_width(width)
        , m_z(z)
    {
    }
    void add(Speck s, double z)
    {
        m_z = std::max(m_z, z);
        m_specks.push_back(s);
    }
    double z() const override { return m_z; }
    void addRow(Rgb* row, int y) const override
    {
        const float at = float(y) + 0.5f;
        for (const Speck& s : m_specks) {
            const float over = at > s.y ? at - s.y : at < s.y - s.length ? s.y - s.length - at : 0;
            const float reach = s.radius + 0.7f;
            if (over > reach)
                continue;
            const float wide = std::sqrt(reach * reach - over * over);
            const int begin = std::max(0, int(s.x - wide)), end = std::min(m_width, int(s.x + wide) + 1);
            for (int x = begin; x < end; ++x) {
                const float dx = float(x) + 0.5f - s.x, d = std::sqrt(dx * dx + over * over);
                const float a = s.hides * std::clamp(reach - d, 0.f, 1.f);
                row[x] = row[x] * (1 - a) + s.light * a;
            }
        }
    }

private:
    int m_width;
    double m_z;
    std::vector<Speck> m_specks;
};

/// Light on a speck: airlight of each lamp that reaches it.
Rgb speckLight(const StageFrame& f, const std::vector<AirLamp>& lamps, const std::vector<ShadowLight>& shadows, Vec3 at)
{
    Rgb sum{};
    const Vec3 sight = stage::unit(at - Vec3{0, f.eye.heightM, 0});
    for (std::size_t k = 0; k < lamps.size(); ++k) {
        std::array<Shade, 2> shades{};
        const PointRow points{at.x, 0.01, at.y, at.z};
        const int spared = lamps[k].lantern ? lamps[k].lantern->within : 0;
        for (const stage::Layer& l : f.layers)
            if (!spared || l.element != spared)
                shade(shades, points, shadows[k], *l.caster, 1);
        sum = sum + airlightOf(lamps[k], at, sight) * lightThrough(shades[0]);
    }
    return sum;
}

Speck speckOf(const StageFrame& f, DriftKind kind, Vec3 at, double chance, Rgb light, Rgb sky)
{
    const Vec2 c = stage::projected(f.eye, at);
    const double k = f.eye.focalCm / at.z;
    Speck s{float(c.x), float(c.y), 0, 0, {}, 1};
    switch (kind) {
    case DriftKind::Dust: // seen by what it scatters, many times over its size
        s.radius = float(std::max(0.35, k * 0.004 * (0.5 + chance)));
        s.light = light * 2.2f + sky * 0.9f;
        s.hides = 0.55f;
        break;
    case DriftKind::Rain: // a streak of a fiftieth of a second at 8 m/s
        s.radius = float(std::clamp(k * 0.0008, 0.1, 1.0));
        s.length = float(k * 0.10 * (0.7 + 0.6 * chance));
        s.light = light * 1.6f + sky * 1.1f;
        s.hides = 0.20f;
        break;
    default: // sparks shine themselves
        s.radius = float(std::max(0.35, k * 0.0022 * (0.4 + chance)));
        s.length = float(k * 0.006 * chance * chance);
        s.light = Rgb{1.5f, 0.5f, 0.08f} * float(0.35 + 0.5 * chance);
        s.hides = 0.9f;
    }
    return s;
}
} // namespace

void addDrift(const StageFrame& f, const Air& air, const std::vector<AirLamp>& lamps, Betweens& out)
{
    const DriftKind kind = air.drift.kind;
    if (kind == DriftKind::None || air.drift.amount <= 0)
        return;
    const int count = int(air.drift.amount * (kind == DriftKind::Rain ? 2600 : kind == DriftKind::Dust ? 1500 : 260));
    std::vector<ShadowLight> shadows;
    for (const AirLamp& lamp : lamps)
        shadows.push_back(lamp.lantern ? ShadowLight{false, lamp.lantern->position, lamp.lantern->radius}
                                       : ShadowLight{true, lamp.sunward, 0.01});
    const std::vector<ShadowMaps> held = heldMaps(f, shadows);
    const Rgb sky = f.sky.horizon * float(air.skyStrength);
    const Haze haze(air, f.eye.heightM);
    std::map<std::size_t, std::unique_ptr<DriftBand>> gaps;
    for (int i = 0; i < count; ++i) {
        const auto seed = std::uint64_t(i);
        const double u = chanceOf(seed, 1), v = chanceOf(seed, 2), far = chanceOf(seed, 3), size = chanceOf(seed, 4);
        const double z = 2 * std::pow(kind == DriftKind::Rain ? 15.0 : 10.0, far);
        const double reach = kind == DriftKind::Sparks ? 0.9 : 1.0;
        Vec3 at = stage::atDistance(f.eye, {u * f.width, (1 - reach + reach * v) * f.height}, z);
        if (at.y < 0.01)
            continue;
        const Rgb light = kind == DriftKind::Sparks ? Rgb{} : speckLight(f, lamps, shadows, at);
        Speck s = speckOf(f, kind, at, size, light, sky);
        const float clear = haze.clear(float(z), float(at.y));
        s.light = s.light * clear + sky * (1 - clear);
        auto& band = gaps[gapOf(f, z)];
        if (!band)
            band = std::make_unique<DriftBand>(f.width, z);
        band->add(s, z);
    }
    for (auto& [gap, band] : gaps)
        out.push_back(std::move(band));
}

} // namespace rl::light
