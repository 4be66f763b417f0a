#pragma once
#include "core/base/raster.h"
#include <span>

namespace rl::light {

/// Fits a lit picture to what a surface can hold: exposure in stops, then a shoulder that leaves everything under
/// 0.6 alone and brings any brightness under 1 by scaling the colour as a whole, so hue is never clipped.
void fitRow(std::span<Rgb> row, float gain);
float exposureGain(double stops); ///< 2^stops
Rgb fitted(Rgb colour, double exposureStops);

} // namespace rl::light
