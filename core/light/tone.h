#pragma once
#include "core/base/raster.h"
#include <span>

namespace rl::light {

/// Fits a lit picture to what a surface can hold: exposure in stops, then a shoulder over luminance that leaves
/// everything under 0.6 alone and brings any brightness under 1; a colour that still exceeds paper white in a channel
/// is drawn towards the grey of its luminance. Hue is kept, and more light is never darker.
void fitRow(std::span<Rgb> row, float gain);
float exposureGain(double stops); ///< 2^stops
Rgb fitted(Rgb colour, double exposureStops);

} // namespace rl::light
