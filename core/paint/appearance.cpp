#include "core/paint/appearance.h"
#include <array>

namespace rl::paint {

namespace {
using Three = std::array<double, 3>;
using Matrix = std::array<Three, 3>;
constexpr Matrix kCat02{{{0.7328, 0.4296, -0.1624}, {-0.7036, 1.6975, 0.0061}, {0.0030, 0.0136, 0.9834}}};
constexpr Matrix kFromCat02{
    {{1.096124, -0.278869, 0.182745}, {0.454369, 0.473533, 0.072098}, {-0.009628, -0.005698, 1.015326}}};
constexpr Matrix kHpe{{{0.38971, 0.68898, -0.07868}, {-0.22981, 1.18340, 0.04641}, {0, 0, 1}}};
constexpr Three kWhite{95.047, 100, 108.883};

Three times(const Matrix& m, const Three& v)
{
    Three out{};
    for (std::size_t i = 0; i < 3; ++i)
        for (std::size_t k = 0; k < 3; ++k)
            out[i] += m[i][k] * v[k];
    return out;
}
/// The achromatic response of X, Y, Z (white 100).
double achromatic(const Three& xyz, double inducedNbb)
{
    constexpr double kAdapting = 64 / 5.0; // cd/m²
    const double k = 1 / (5 * kAdapting + 1),
                 fl
        = 0.2 * std::pow(k, 4) * 5 * kAdapting + 0.1 * std::pow(1 - std::pow(k, 4), 2) * std::cbrt(5 * kAdapting);
    const double d = 1 - 1 / 3.6 * std::exp((-kAdapting - 42) / 92);
    const Three rgb = times(kCat02, xyz), white = times(kCat02, kWhite);
    Three adapted;
    for (std::size_t i = 0; i < 3; ++i)
        adapted[i] = (d * 100 / white[i] + 1 - d) * rgb[i];
    const Three cone = times(kHpe, times(kFromCat02, adapted));
    Three response;
    for (std::size_t i = 0; i < 3; ++i) {
        const double p = std::pow(std::max(0.0, fl * cone[i] / 100), 0.42);
        response[i] = 400 * p / (p + 27.13) + 0.1;
    }
    return (2 * response[0] + response[1] + response[2] / 20 - 0.305) * inducedNbb;
}
} // namespace

double warmthOf(const colour::ExactLab& lab)
{
    constexpr double kFull = 45, kOrange = 60; // C*, degrees
    return std::clamp(lab.chroma() / kFull, 0.0, 1.0) * std::cos(radians(lab.hue() - kOrange));
}

double apparentLightness(const colour::ExactLab& patch, double backgroundY)
{
    constexpr double kC = 0.69; // average surround
    const double n = std::clamp(backgroundY, 0.001, 1.0), nbb = 0.725 * std::pow(1 / n, 0.2), z = 1.48 + std::sqrt(n);
    const double y = (patch.L + 16) / 116, x = y + patch.a / 500, zz = y - patch.b / 200;
    const auto linear = [](double f) {
        return std::max(0.0, f * f * f > 216.0 / 24389 ? f * f * f : (116 * f - 16) / (24389.0 / 27));
    };
    const Three xyz{linear(x) * kWhite[0], linear(y) * kWhite[1], linear(zz) * kWhite[2]};
    const double a = std::max(0.0, achromatic(xyz, nbb));
    return 100 * std::pow(a / achromatic(kWhite, nbb), kC * z);
}

} // namespace rl::paint
