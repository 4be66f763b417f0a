#include "core/colour/lab.h"
#include "core/base/geometry.h"
#include <bit>
#include <cmath>
#include <cstdint>

namespace rl::colour {

namespace {
constexpr float kEpsilon = 216.f / 24389.f, kKappa = 24389.f / 27.f;
/// Cube root of what is over nothing: a third of the exponent, Halley's rule, then Newton's; within 1e-9 before it is
/// rounded.
float cubeRoot(float t)
{
    const float guess = std::bit_cast<float>(std::bit_cast<std::uint32_t>(t) / 3 + 0x2a5119f2);
    const float c = guess * guess * guess;
    const double r = double(guess * (c + t + t) / (c + c + t)), square = r * r;
    return float(r - (square * r - double(t)) / (3 * square));
}
float curve(float t)
{
    return t > kEpsilon ? cubeRoot(t) : (kKappa * t + 16) / 116;
}
float uncurve(float f)
{
    return f * f * f > kEpsilon ? f * f * f : (116 * f - 16) / kKappa;
}
} // namespace

Lab toLab(Rgb c)
{
    const float x = (0.4124564f * c.r + 0.3575761f * c.g + 0.1804375f * c.b) / 0.95047f;
    const float y = 0.2126729f * c.r + 0.7151522f * c.g + 0.0721750f * c.b;
    const float z = (0.0193339f * c.r + 0.1191920f * c.g + 0.9503041f * c.b) / 1.08883f;
    const float fx = curve(x), fy = curve(y), fz = curve(z);
    return {116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)};
}

Rgb fromLab(Lab lab)
{
    const float fy = (lab.L + 16) / 116, fx = fy + lab.a / 500, fz = fy - lab.b / 200;
    const float x = 0.95047f * uncurve(fx), y = uncurve(fy), z = 1.08883f * uncurve(fz);
    return {3.2404542f * x - 1.5371385f * y - 0.4985314f * z, -0.9692660f * x + 1.8760108f * y + 0.0415560f * z,
        0.0556434f * x - 0.2040259f * y + 1.0572252f * z};
}

float lightness(float y)
{
    return 116 * curve(std::max(y, 0.f)) - 16;
}
float luminanceOf(float L)
{
    return uncurve((L + 16) / 116);
}

namespace {
double hueOf(double a, double b)
{
    return a == 0 && b == 0 ? 0 : wrapped360(degrees(std::atan2(b, a)));
}
} // namespace

namespace {
double seventh(double x)
{
    const double cube = x * x * x;
    return cube * cube * x;
}
} // namespace

double DeltaTerms::total() const
{
    return std::sqrt(std::max(0.0, lightness * lightness + chroma * chroma + hue * hue + rotation * chroma * hue));
}

DeltaTerms deltaTerms(const ExactLab& p, const ExactLab& q)
{
    constexpr double kTie = 180 + 1e-9, k25to7 = 6103515625.0;
    const double c1 = std::hypot(p.a, p.b), c2 = std::hypot(q.a, q.b);
    const double c7 = seventh((c1 + c2) / 2), g = 0.5 * (1 - std::sqrt(c7 / (c7 + k25to7)));
    const double a1 = (1 + g) * p.a, a2 = (1 + g) * q.a;
    const double C1 = std::hypot(a1, p.b), C2 = std::hypot(a2, q.b);
    const double h1 = hueOf(a1, p.b), h2 = hueOf(a2, q.b);
    double dh = 0, hMean = h1 + h2;
    if (C1 * C2 > 0) {
        dh = h2 - h1;
        if (dh > kTie)
            dh -= 360;
        else if (dh < -kTie)
            dh += 360;
        if (std::abs(h1 - h2) <= kTie)
            hMean = (h1 + h2) / 2;
        else
            hMean = (h1 + h2 + (h1 + h2 < 360 ? 360 : -360)) / 2;
    }
    const double dL = q.L - p.L, dC = C2 - C1, dH = 2 * std::sqrt(C1 * C2) * std::sin(radians(dh) / 2);
    const double L = (p.L + q.L) / 2, C = (C1 + C2) / 2;
    const double t = 1 - 0.17 * std::cos(radians(hMean - 30)) + 0.24 * std::cos(radians(2 * hMean))
        + 0.32 * std::cos(radians(3 * hMean + 6)) - 0.20 * std::cos(radians(4 * hMean - 63));
    const double C7 = seventh(C), rc = 2 * std::sqrt(C7 / (C7 + k25to7));
    const double around = (hMean - 275) / 25, turn = 30 * std::exp(-around * around), l50 = (L - 50) * (L - 50);
    DeltaTerms d;
    d.sl = 1 + 0.015 * l50 / std::sqrt(20 + l50), d.sc = 1 + 0.045 * C, d.sh = 1 + 0.015 * C * t;
    d.lightness = dL / d.sl, d.chroma = dC / d.sc, d.hue = dH / d.sh;
    d.rotation = -std::sin(radians(2 * turn)) * rc;
    d.fromChroma = C1, d.toChroma = C2, d.turn = dh, d.stretch = 1 + g;
    return d;
}

double deltaE2000(const ExactLab& x, const ExactLab& y)
{
    return deltaTerms(x, y).total();
}

double deltaE2000(Lab x, Lab y)
{
    return deltaE2000(ExactLab(x), ExactLab(y));
}

} // namespace rl::colour
