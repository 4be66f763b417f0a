#pragma once
#include "core/base/raster.h"

namespace rl::colour {

/// CIELAB against D65; L 0…100.
struct Lab {
    float L = 0, a = 0, b = 0;
};

/// From linear sRGB. Source: CIE 15:2004; matrix of IEC 61966-2-1, white 0.95047, 1, 1.08883.
Lab toLab(Rgb linear);
Rgb fromLab(Lab lab);
/// L* of a relative luminance, 0…100 (clamped at 0).
float lightness(float y);
/// Relative luminance of an L*.
float luminanceOf(float lightness);

/// CIEDE2000 colour difference, kL = kC = kH = 1. Source: Sharma, Wu & Dalal (2005); hues 180° apart are
/// ordered with a tolerance of 1e-9, so that the published rows 10 and 14 come out either way round.
double deltaE2000(Lab x, Lab y);

} // namespace rl::colour
