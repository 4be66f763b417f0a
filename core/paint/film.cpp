#include "core/paint/film.h"
#include <cassert>

namespace rl::paint {

namespace {
constexpr double kOuter = 0.04, kInner = 0.60; // share thrown back at the surface from outside, from inside
}

double surfaceShare(Finish finish)
{
    return finish == Finish::Gloss ? 0 : finish == Finish::Satin ? 0.5 : 1;
}

Spectrum opaque(const Optics& o)
{
    Spectrum r;
    for (std::size_t i = 0; i < kBands; ++i) {
        const double u = o.k[i] / o.s[i];
        r[i] = 1 / (1 + u + std::sqrt(u * (u + 2))); // a - √(a² - 1) would lose every digit of a black
    }
    return r;
}

Spectrum film(const Optics& o, double wetUm, double mediumParts, const Spectrum& under)
{
    Spectrum r;
    for (std::size_t i = 0; i < kBands; ++i) {
        const double sx = o.s[i] / (1 + mediumParts) * kFilmPerMicron * wetUm, a = 1 + o.k[i] / o.s[i],
                     b = std::sqrt(std::max(a * a - 1, 1e-14)), e = std::exp(-2 * std::min(b * sx, 300.0)),
                     g = under[i];
        r[i] = ((1 - a * g) * (1 - e) + g * b * (1 + e)) / ((a - g) * (1 - e) + b * (1 + e));
    }
    return r;
}

double seen(double inside, double share)
{
    return share * kOuter + (1 - kOuter) * (1 - kInner) * inside / (1 - kInner * inside);
}
double insideOf(double seen, double share)
{
    const double over = seen - share * kOuter;
    return over / ((1 - kOuter) * (1 - kInner) + kInner * over);
}
Spectrum seen(const Spectrum& inside, Finish finish)
{
    Spectrum r;
    for (std::size_t i = 0; i < kBands; ++i)
        r[i] = seen(inside[i], surfaceShare(finish));
    return r;
}
Spectrum inside(const Spectrum& seen, Finish finish)
{
    Spectrum r;
    for (std::size_t i = 0; i < kBands; ++i)
        r[i] = std::clamp(insideOf(seen[i], surfaceShare(finish)), 0.0, 1.0);
    return r;
}

Optics mixed(std::span<const OpticsPart> parts)
{
    double total = 0;
    Optics o;
    for (const OpticsPart& p : parts) {
        total += p.parts;
        for (std::size_t i = 0; i < kBands; ++i)
            o.k[i] += p.parts * p.optics->k[i], o.s[i] += p.parts * p.optics->s[i];
    }
    assert(total > 0);
    for (std::size_t i = 0; i < kBands; ++i)
        o.k[i] /= total, o.s[i] /= total;
    return o;
}

} // namespace rl::paint
