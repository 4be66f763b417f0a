#include "core/paint/spectrum.h"
#include "core/paint/csv.h"
#include "paint_tables.h"
#include <cassert>

namespace rl::paint {

namespace {
std::array<Weights, 2> readWeights()
{
    std::array<Weights, 2> out{};
    const auto rows = csvRows({reinterpret_cast<const char*>(k_cie1931_2deg_10nm), sizeof k_cie1931_2deg_10nm});
    assert(rows.size() == kBands + 1);
    for (std::size_t light = 0; light < 2; ++light) {
        double white[3] = {0, 0, 0};
        for (std::size_t i = 0; i < kBands; ++i)
            for (std::size_t c = 0; c < 3; ++c) {
                out[light][c][i] = numberIn(rows[i + 1][c + 1]) * numberIn(rows[i + 1][4 + light]);
                white[c] += out[light][c][i];
            }
        for (std::size_t c = 0; c < 3; ++c)
            for (double& w : out[light][c])
                w /= white[c];
    }
    return out;
}
double curved(double t)
{
    return t > 216.0 / 24389 ? std::cbrt(t) : (24389.0 / 27 * t + 16) / 116;
}
} // namespace

const Weights& weightsOf(Illuminant illuminant)
{
    static const std::array<Weights, 2> both = readWeights();
    return both[std::size_t(illuminant)];
}

std::array<double, 3> tristimulus(const Spectrum& reflectance, Illuminant illuminant)
{
    const Weights& w = weightsOf(illuminant);
    std::array<double, 3> xyz{};
    for (std::size_t c = 0; c < 3; ++c)
        for (std::size_t i = 0; i < kBands; ++i)
            xyz[c] += w[c][i] * reflectance[i];
    return xyz;
}

colour::ExactLab labOf(const std::array<double, 3>& xyz)
{
    const double x = curved(xyz[0]), y = curved(xyz[1]), z = curved(xyz[2]);
    return {116 * y - 16, 500 * (x - y), 200 * (y - z)};
}

colour::ExactLab toLab(const Spectrum& reflectance, Illuminant illuminant)
{
    return labOf(tristimulus(reflectance, illuminant));
}

Spectrum evenly(double value)
{
    Spectrum s;
    s.fill(value);
    return s;
}

} // namespace rl::paint
