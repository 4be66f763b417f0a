#pragma once
#include "core/base/raster.h"

namespace rl::colour {

/// Colour of a black body, linear sRGB with luminance 1; blue may be 0 for very warm lights.
/// \param kelvin clamped to 1000…15000
/// Source: M. Krystek, Color Research & Application 10 (1985), chromaticity within 1e-3 of the locus.
Rgb blackBody(double kelvin);

/// Colour of a light named by its hue: CIELCh at L* 75, linear sRGB with luminance 1, what lies outside sRGB cut off.
/// \param hue degrees \param chroma 0…120
Rgb hueLight(double hue, double chroma);

} // namespace rl::colour
