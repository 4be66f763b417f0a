#pragma once
#include "core/base/raster.h"

namespace rl::light {

/// Fits a lit picture to what a surface can hold: exposure in stops, then a shoulder that leaves everything under
/// 0.6 alone and brings any brightness under 1 by scaling the colour as a whole, so hue is never clipped.
void fitInPlace(std::vector<Rgb>& pixels, double exposureStops);
Rgb fitted(Rgb colour, double exposureStops);

} // namespace rl::light
