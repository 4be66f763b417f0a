#include "core/light/caster.h"
#include <array>

namespace rl::light {

ShadowLight sunForShadows(double azimuth, double elevation, double diameter)
{
    Vec3 d = stage::sceneDirection(azimuth, elevation);
    const double flat = std::hypot(d.x, d.z), least = 0.342 * flat; // sin 20°
    if (flat > 1e-9 && std::abs(d.z) < least) {
        d.z = d.z < 0 ? -least : least;
        const double x = std::sqrt(std::max(0.0, flat * flat - d.z * d.z));
        d.x = d.x < 0 ? -x : x;
    }
    return {true, d, std::tan(radians(diameter) / 2)};
}

namespace {
/// One row of a card's coverage between two heights and two sharpness levels, ready to be read along u.
class CardRow {
public:
    CardRow(const stage::CasterCard& card, double level, double v)
        : m_level(std::clamp(level, 0.0, double(card.mips.size() - 1)))
        , m_low(card.mips[std::size_t(m_level)], std::ldexp(v, -int(m_level)))
        , m_high(
              card.mips[std::min(std::size_t(m_level) + 1, card.mips.size() - 1)], std::ldexp(v, -(int(m_level) + 1)))
        , m_mix(float(m_level - std::floor(m_level)))
        , m_lowScale(float(std::ldexp(1.0, -int(m_level))))
        , m_highScale(m_lowScale / 2)
    {
        if (std::size_t(m_level) + 1 >= card.mips.size())
            m_mix = 0;
    }
    /// \param u px of the finest level
    float at(float u) const
    {
        const float low = m_low.at(u * m_lowScale);
        return m_mix > 0 ? low + m_mix * (m_high.at(u * m_highScale) - low) : low;
    }

private:
    struct Level {
        Level(const Plane& p, double v)
            : width(p.width())
        {
            const double row = v - 0.5, floor = std::floor(row);
            const int y = int(std::clamp(floor, -2.0, double(p.height()) + 1));
            mix = float(row - floor);
            upper = y >= 0 && y < p.height() ? p.row(y) : nullptr;
            lower = y + 1 >= 0 && y + 1 < p.height() ? p.row(y + 1) : nullptr;
        }
        float value(int x) const
        {
            if (x < 0 || x >= width)
                return 0;
            return (upper ? upper[x] * (1 - mix) : 0) + (lower ? lower[x] * mix : 0);
        }
        float at(float u) const
        {
            const float s = u - 0.5f, floor = std::floor(s);
            const int x = int(floor);
            const float a = value(x);
            return a + (s - floor) * (value(x + 1) - a);
        }
        int width;
        float mix = 0;
        const float *upper = nullptr, *lower = nullptr;
    };
    double m_level;
    Level m_low, m_high;
    float m_mix, m_lowScale, m_highScale;
};

/// Where rays from the row cross the card's plane: X = x0 + i dx, at height y, with a penumbra of `blur` m.
struct Crossing {
    bool hit = false;
    double x0 = 0, dx = 0, y = 0, blur = 0;
};
Crossing crossingOf(const PointRow& row, const ShadowLight& light, double z)
{
    Crossing c;
    if (light.isSun) {
        const double t = std::abs(light.at.z) > 1e-9 ? (z - row.z) / light.at.z : -1;
        if (t <= 1e-4 || t > 1e5)
            return c;
        return {true, row.x0 + t * light.at.x, row.dx, row.y + t * light.at.y, t * light.size};
    }
    const double span = light.at.z - row.z, t = std::abs(span) > 1e-9 ? (z - row.z) / span : -1;
    if (t <= 1e-4 || t >= 1 - 1e-4)
        return c;
    return {
        true, row.x0 * (1 - t) + light.at.x * t, row.dx * (1 - t), row.y * (1 - t) + light.at.y * t, t * light.size};
}
} // namespace

namespace {
struct Tables {
    std::array<Shade, 4096> depth;
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

bool shadeByCard(
    std::span<Shade> row, const PointRow& points, const ShadowLight& light, const stage::CasterCard& card, int sign)
{
    const double n = double(row.size());
    const Crossing c = crossingOf(points, light, card.z);
    if (!c.hit || card.mips.empty())
        return false;
    const double k = card.pixelsPerM, v = (card.top - c.y) * k, blur = 2 * c.blur * k, reach = 2 + 2 * blur;
    const Plane& fine = card.mips.front();
    if (v < -reach || v > fine.height() + reach)
        return false;
    const double u0 = (c.x0 - card.left) * k, du = c.dx * k;
    if (std::abs(du) < 1e-12)
        return false;
    double first = (-reach - u0) / du, last = (fine.width() + reach - u0) / du;
    if (first > last)
        std::swap(first, last);
    const int begin = int(std::clamp(std::floor(first), 0.0, n)), end = int(std::clamp(std::ceil(last) + 1, 0.0, n));
    if (begin >= end)
        return false;
    // Never read finer than the points lie apart, or thin things would flicker.
    const CardRow coverage(card, std::log2(std::max({blur, std::abs(du), 1.0})), v);
    for (int i = begin; i < end; ++i)
        row[std::size_t(i)] += sign * shadeOf(coverage.at(float(u0 + i * du)));
    return true;
}
} // namespace

Shade shadeOf(float coverage)
{
    return kTables.depth[std::size_t(std::clamp(coverage, 0.f, 1.f) * 4095.f + 0.5f)];
}

float lightThrough(Shade shade)
{
    const int whole = shade >> 12;
    return whole >= 20 ? 0.f : std::ldexp(kTables.part[std::size_t(shade & 4095)], -whole);
}

bool shade(
    std::span<Shade> row, const PointRow& points, const ShadowLight& light, const stage::Caster& caster, int sign)
{
    bool any = false;
    for (const stage::CasterCard& card : caster.cards)
        any = shadeByCard(row, points, light, card, sign) || any;
    return any;
}

} // namespace rl::light
