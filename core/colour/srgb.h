#pragma once
#include "core/base/raster.h"

namespace rl::colour {

/// sRGB transfer curve, both ways; 0…1. Source: IEC 61966-2-1.
double toLinear(double encoded);
double toEncoded(double linear);

float linearOf(std::uint8_t code); ///< from a table; exact to float
std::uint8_t codeOf(float linear); ///< clamps; from a table of 65536, within half a code

Rgb linearOf(Rgb8 c);
Rgb8 codeOf(Rgb c);

LinearPicture linearOf(const Photo& photo);
/// Clamps each channel; fit the range first (light/tone.h) where hue matters.
Photo codeOf(const LinearPicture& picture);

} // namespace rl::colour
