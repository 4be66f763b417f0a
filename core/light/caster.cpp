#include "core/light/caster.h"
#include "core/base/hot.h"
#include <array>
#include <bit>

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
/// out[i] += upper[i] · up + lower[i] · down. Rows may be null.
RL_HOT void layRows(float* out, int count, const float* upper, float up, const float* lower, float down)
{
    if (upper && lower)
        for (int i = 0; i < count; ++i)
            out[i] += upper[i] * up + lower[i] * down;
    else if (const float* only = upper ? upper : lower) {
        const float weight = upper ? up : down;
        for (int i = 0; i < count; ++i)
            out[i] += only[i] * weight;
    }
}

/// One row of a card's coverage between two heights and two sharpness levels, laid out with room to both sides, ready
/// to be read along u.
class CardRow {
public:
    /// \param first, last of u that will be read, px of the finest level
    CardRow(const stage::CasterCard& card, double level, double v, double first, double last)
    {
        const double at = std::clamp(level, 0.0, double(card.mips.size() - 1));
        const auto low = std::size_t(at);
        const float mix = low + 1 < card.mips.size() ? float(at - std::floor(at)) : 0;
        const double s = std::ldexp(1.0, -int(low));
        m_scale = float(s);
        m_begin = int(std::floor(first * s - 0.5)) - 1;
        const int count = std::max(2, int(std::ceil(last * s - 0.5)) + 3 - m_begin);
        static thread_local std::vector<float> kept; // one row is read at a time
        kept.assign(std::size_t(count), 0.f);
        m_row = kept;
        lay(card.mips[low], 0, v * s, 1 - mix);
        if (mix > 0)
            lay(card.wides[low], -1, v * s / 2, mix);
        m_from = 0, m_to = count;
        while (m_from < m_to && m_row[std::size_t(m_from)] == 0)
            ++m_from;
        while (m_to > m_from && m_row[std::size_t(m_to - 1)] == 0)
            --m_to;
    }
    bool empty() const { return m_from >= m_to; }
    /// Where it is more than nothing, px of the finest level.
    double first() const { return (m_begin + m_from - 0.5) / double(m_scale); }
    double last() const { return (m_begin + m_to + 0.5) / double(m_scale); }
    const float* values() const { return m_row.data(); }
    int count() const { return int(m_row.size()); }
    /// Place in the values of a u, px of the finest level.
    double placeOf(double u) const { return u * double(m_scale) - 0.5 - m_begin; }
    double scale() const { return double(m_scale); }

private:
    /// \param left column of the card at which the plane begins
    void lay(const Plane& p, int left, double v, float weight)
    {
        const double at = v - 0.5, floor = std::floor(at);
        const int y = int(std::clamp(floor, -2.0, double(p.height()) + 1));
        const float mix = float(at - floor);
        const int from = std::max(left, m_begin), to = std::min(left + p.width(), m_begin + int(m_row.size()));
        const auto line = [&](int j) { return j >= 0 && j < p.height() ? p.row(j) + (from - left) : nullptr; };
        if (from < to)
            layRows(m_row.data() + (from - m_begin), to - from, line(y), (1 - mix) * weight, line(y + 1), mix * weight);
    }
    std::span<float> m_row;
    float m_scale = 1;
    int m_begin = 0, m_from = 0, m_to = 0;
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

/// row[i] += sign · depth of what `values` hold at from + i · step.
RL_HOT void addShade(
    Shade* row, int count, float from, float step, const float* values, int last, const Shade* depth, int sign)
{
    const float most = float(last);
    for (int i = 0; i < count; ++i) {
        const float s = std::min(std::max(from + float(i) * step, 0.f), most);
        const int x = int(s);
        const float a = values[x], b = values[x + 1], c = a + (s - float(x)) * (b - a);
        const int k = int(std::min(std::max(c, 0.f), 1.f) * 4095.f + 0.5f);
        row[i] += sign * depth[k];
    }
}

RL_HOT void dim(float* row, const Shade* shade, int count, const float* part)
{
    for (int i = 0; i < count; ++i) {
        const int whole = std::min(shade[i] >> 12, 100);
        const float half = std::bit_cast<float>((127 - whole) << 23); // 2^-whole
        row[i] *= part[shade[i] & 4095] * half;
    }
}

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
    const double level = std::log2(std::max({blur, std::abs(du), 1.0}));
    // What stands on the ground is tight down to it: no light leaks in between its lowest row and the ground.
    const bool stands = card.top * k <= fine.height() + 0.5;
    const double tight = stands ? std::min(v, fine.height() - 3 * std::exp2(std::floor(std::max(level, 0.0)))) : v;
    const CardRow coverage(card, level, tight, std::min(edge, other), std::max(edge, other));
    if (coverage.empty())
        return false;
    double some = (coverage.first() - u0) / du, more = (coverage.last() - u0) / du;
    if (some > more)
        std::swap(some, more);
    const int from = int(std::clamp(std::floor(some), double(begin), double(end))),
              to = int(std::clamp(std::ceil(more) + 1, double(begin), double(end)));
    // From the row's own beginning, so that where it is cut does not show.
    const double start = coverage.placeOf(u0 + from * du);
    addShade(row.data() + from, to - from, float(start), float(du * coverage.scale()), coverage.values(),
        coverage.count() - 2, kTables.depth.data(), sign);
    return true;
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

namespace {
/// A lamp beside a thing sees its cards from the edge; it then throws the shadow it would throw 20° off their plane, as
/// the sun does.
ShadowLight seenFrom(const ShadowLight& light, const stage::Caster& caster)
{
    if (light.isSun || caster.cards.empty())
        return light;
    const stage::CasterCard& card = caster.cards.front();
    const double x = card.left + 0.5 * card.mips.front().width() / card.pixelsPerM;
    double dx = light.at.x - x, dz = light.at.z - caster.footZ;
    const double d2 = dx * dx + dz * dz, least2 = 0.117 * d2; // sin² 20°
    if (dz * dz >= least2)
        return light;
    dz = dz < 0 ? -std::sqrt(least2) : std::sqrt(least2);
    dx = dx < 0 ? -std::sqrt(d2 - least2) : std::sqrt(d2 - least2);
    return {false, {x + dx, light.at.y, caster.footZ + dz}, light.size};
}
} // namespace

bool shade(
    std::span<Shade> row, const PointRow& points, const ShadowLight& light, const stage::Caster& caster, int sign)
{
    bool any = false;
    const ShadowLight seen = seenFrom(light, caster);
    for (const stage::CasterCard& card : caster.cards)
        any = shadeByCard(row, points, seen, card, sign) || any;
    return any;
}

} // namespace rl::light
