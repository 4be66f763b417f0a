#pragma once
#include "core/colour/lab.h"
#include <array>

namespace rl::paint {

/// Bands of 10 nm, 380…730 nm.
inline constexpr int kBands = 36;
inline constexpr double kFirstNm = 380, kStepNm = 10;
using Spectrum = std::array<double, kBands>;

enum class Illuminant { Daylight, Lamp }; ///< D65; A (2856 K)

/// What each band adds to X, Y and Z, over those of the white: a perfect white sums to 1 in each.
/// Source: CIE 15:2004, CIE 1931 2° observer, sums over 380…730 nm.
using Weights = std::array<Spectrum, 3>;
const Weights& weightsOf(Illuminant illuminant);

/// X, Y and Z over the white's.
std::array<double, 3> tristimulus(const Spectrum& reflectance, Illuminant illuminant = Illuminant::Daylight);
/// CIELAB of a reflectance (0…1) against the white of that light. The white is the sum of the weights (D65: 95.012,
/// 100, 108.816), so that greys stay grey.
colour::ExactLab toLab(const Spectrum& reflectance, Illuminant illuminant = Illuminant::Daylight);
/// The same from tristimulus values over the white's.
colour::ExactLab labOf(const std::array<double, 3>& xyz);
Spectrum evenly(double value);

} // namespace rl::paint
