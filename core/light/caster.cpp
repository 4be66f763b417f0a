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
/// One row of a card's coverage between two heights, laid out with room to both sides, ready to be read along u.
class CardRow {
public:
    /// \param first, last of u that will be read, px of the finest level
    CardRow(const stage::CasterCard& card, double level, double v, double first, double last)
    {
        const double at = std::clamp(level, 0.0, double(card.mips.size() - 1));
        const auto low = std::size_t(at);
        m_mix = low + 1 < card.mips.size() ? float(at - std::floor(at)) : 0;
        m_low.lay(card.mips[low], std::ldexp(1.0, -int(low)), v, first, last);
        if (m_mix > 0)
            m_high.lay(card.mips[low + 1], std::ldexp(1.0, -int(low) - 1), v, first, last);
    }
    float at(float u) const
    {
        const float low = m_low.at(u);
        return m_mix > 0 ? low + m_mix * (m_high.at(u) - low) : low;
    }

private:
    struct Line {
        /// Pixels from `begin` on; outside the card there is nothing.
        void lay(const Plane& p, double s, double v, double first, double last)
        {
            scale = float(s);
            begin = int(std::floor(first * s - 0.5)) - 1;
            const int count = int(std::ceil(last * s - 0.5)) + 3 - begin;
            row.assign(std::size_t(std::max(count, 2)), 0.f);
            const double at = v * s - 0.5, floor = std::floor(at);
            const int y = int(std::clamp(floor, -2.0, double(p.height()) + 1));
            const float mix = float(at - floor);
            const int from = std::max(0, begin), to = std::min(p.width(), begin + count);
            const auto add = [&](int line, float weight) {
                if (line < 0 || line >= p.height())
                    return;
                const float* source = p.row(line);
                for (int x = from; x < to; ++x)
                    row[std::size_t(x - begin)] += source[x] * weight;
            };
            add(y, 1 - mix);
            add(y + 1, mix);
        }
        float at(float u) const
        {
            const float s = u * scale - 0.5f - float(begin);
            const auto x = std::size_t(std::clamp(s, 0.f, float(row.size() - 2)));
            const float a = row[x];
            return a + (s - float(x)) * (row[x + 1] - a);
        }
        std::vector<float> row;
        float scale = 1;
        int begin = 0;
    };
    Line m_low, m_high;
    float m_mix = 0;
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
    std::array<float, 20> half; // 2^-i
    Tables()
    {
        for (int i = 0; i < 4096; ++i) {
            depth[std::size_t(i)] = Shade(std::lround(-4096 * std::log2(1 - std::min(i / 4095.0, 1 - 1e-7))));
            part[std::size_t(i)] = float(std::exp2(-i / 4096.0));
        }
        for (int i = 0; i < 20; ++i)
            half[std::size_t(i)] = float(std::exp2(-i));
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
    const double edge = u0 + begin * du, other = u0 + (end - 1) * du;
    const CardRow coverage(
        card, std::log2(std::max({blur, std::abs(du), 1.0})), v, std::min(edge, other), std::max(edge, other));
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
    return whole >= 20 ? 0.f : kTables.part[std::size_t(shade & 4095)] * kTables.half[std::size_t(whole)];
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
