#include "core/paint/parts.h"

namespace rl::paint {

using colour::ExactLab;

std::span<const float> partsLadder()
{
    static const std::vector<float> all = [] {
        std::vector<float> v{0.25f, 0.5f};
        for (int i = 1; i <= int(kMostParts); ++i)
            v.push_back(float(i));
        return v;
    }();
    return all;
}

Aim::Aim(const ExactLab& wanted, bool keepHue)
    : m_wanted(wanted)
    , m_keepHue(keepHue)
    , m_sl(colour::deltaTerms(wanted, wanted).sl)
{
}

namespace {
float luminance(double lightness)
{
    return colour::luminanceOf(float(std::max(lightness, 0.0)));
}
/// S_L is at most 1.75 anywhere, and at the middle of a short way about that of the target.
double widestLightness(double sl, double limit)
{
    return limit * (limit < 8 ? sl + 0.12 : 1.8) + 0.05;
}
} // namespace

std::pair<float, float> Aim::luminances(double limit) const
{
    const double reach = widestLightness(m_sl, limit);
    return {luminance(m_wanted.L - reach), luminance(m_wanted.L + reach)};
}

double Aim::of(const float* xyz, double limit) const
{
    const float fx = std::cbrt(xyz[0]), fy = std::cbrt(xyz[1]), fz = std::cbrt(xyz[2]);
    constexpr float kLinear = 216.f / 24389.f;
    const ExactLab lab = xyz[0] > kLinear && xyz[1] > kLinear && xyz[2] > kLinear
        ? ExactLab(double(116 * fy - 16), double(500 * (fx - fy)), double(200 * (fy - fz)))
        : labOf({double(xyz[0]), double(xyz[1]), double(xyz[2])});
    // In a and b no weight divides by more than 1 + 0.045 C', and C' is at most 1.5 C.
    const double da = lab.a - m_wanted.a, db = lab.b - m_wanted.b, away = std::hypot(da, db),
                 weight = 1 + 0.045 * 1.5 * (m_wanted.chroma() + away / 2);
    if (!m_keepHue && away > 1.6 * limit * weight)
        return 1e9;
    double de = colour::deltaE2000(m_wanted, lab);
    if (m_keepHue && !keepsHue(m_wanted, lab))
        de += 100;
    return de;
}

namespace {
/// Both ways a recipe may be said: 2 + 2 is 1 + 1.
bool halves(const PartsFit& f, const float* parts)
{
    for (int i = 0; i < f.count; ++i)
        if (parts[i] < 0.5f || (parts[i] >= 1 && std::fmod(parts[i], 2.f) != 0))
            return false;
    return true;
}

struct Sweep {
    PartsFit& fit;
    const Aim& aim;
    double limit;
    float parts[4] = {};
    float xyz[3 * 26] = {};
    std::pair<float, float> range{};

    explicit Sweep(PartsFit& f, const Aim& a, double l)
        : fit(f)
        , aim(a)
        , limit(l)
        , range(a.luminances(l))
    {
    }
    void take(double de)
    {
        fit.de = de, limit = std::min(limit, de);
        std::copy(parts, parts + 4, fit.parts.begin());
        range = aim.luminances(limit);
    }
    /// All of the ladder for the last paint.
    void last(const Packed& sum, float left)
    {
        const auto ladder = partsLadder();
        const int count = int(std::upper_bound(ladder.begin(), ladder.end(), left) - ladder.begin());
        mixSweep(sum, *fit.paints[std::size_t(fit.count - 1)], ladder.data(), count, xyz);
        for (int m = 0; m < count; ++m) {
            const float y = xyz[3 * m + 1];
            if (y < range.first || y > range.second)
                continue;
            parts[fit.count - 1] = ladder[std::size_t(m)];
            if (const double de = aim.of(xyz + 3 * m, limit); de < limit - 1e-6 && !halves(fit, parts))
                take(de);
        }
    }
    void deeper(int at, const Packed& sum, float left)
    {
        if (at >= fit.count - 1 || at > 2)
            return last(sum, left);
        for (const float p : partsLadder()) {
            if (p + 0.25f * float(fit.count - 1 - at) > left)
                break;
            Packed next;
            addTo(next, sum, *fit.paints[std::size_t(at)], p);
            parts[at] = p;
            deeper(at + 1, next, left - p);
        }
    }
};
} // namespace

void enumerate(PartsFit& fit, const Aim& aim, double limit)
{
    static const Packed nothing{};
    Sweep s(fit, aim, limit);
    if (fit.count == 1) {
        const float one = 1;
        mixSweep(nothing, *fit.paints[0], &one, 1, s.xyz);
        s.parts[0] = 1;
        if (const double de = aim.of(s.xyz, limit); de < limit)
            s.take(de);
        return;
    }
    s.deeper(0, nothing, float(kMostParts));
}

void roundAbout(PartsFit& fit, const std::array<double, 4>& shares, const Aim& aim)
{
    const auto ladder = partsLadder();
    const int n = fit.count;
    static const Packed nothing{};
    std::array<float, 4> last{};
    auto range = aim.luminances(fit.de);
    for (double total = 1; total <= 30; total *= 1.06) {
        std::array<float, 4> low{}, high{};
        for (int i = 0; i < n; ++i) {
            const auto up = std::lower_bound(ladder.begin(), ladder.end(), float(total * shares[std::size_t(i)]));
            high[std::size_t(i)] = up == ladder.end() ? ladder.back() : *up;
            low[std::size_t(i)] = up == ladder.begin() ? ladder.front() : up[-1];
        }
        if (low == last)
            continue; // the same corners as before
        last = low;
        for (int which = 0; which < 1 << n; ++which) {
            Packed sum = nothing;
            float parts[4] = {}, all = 0;
            for (int i = 0; i < n; ++i) {
                parts[i] = ((which >> i) & 1 ? high : low)[std::size_t(i)];
                all += parts[i];
            }
            if (all > float(kMostParts))
                continue;
            for (int i = 0; i + 1 < n; ++i)
                addTo(sum, sum, *fit.paints[std::size_t(i)], parts[i]);
            float xyz[3];
            mixSweep(sum, *fit.paints[std::size_t(n - 1)], parts + n - 1, 1, xyz);
            if (xyz[1] < range.first || xyz[1] > range.second)
                continue;
            if (const double de = aim.of(xyz, fit.de); de < fit.de - 1e-6) {
                fit.de = de, range = aim.luminances(de);
                std::copy(parts, parts + 4, fit.parts.begin());
            }
        }
    }
}

} // namespace rl::paint
