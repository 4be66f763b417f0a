#pragma once
#include "core/colour/lab.h"

namespace rl::paint {

/// How light a patch looks against what surrounds it: the lightness J of CIECAM02, 0…100, average surround,
/// adapted to D65 at 64 cd/m². \param backgroundY relative luminance of what surrounds it, 0…1
/// Source: Moroney et al., "The CIECAM02 color appearance model" (2002); CIE 159:2004.
double apparentLightness(const colour::ExactLab& patch, double backgroundY);

/// How warm a colour reads, −1 cool … 1 warm: its chroma along the line from orange to the blue opposite.
double warmthOf(const colour::ExactLab& lab);

/// Palettes of which the same puddle looks different: relative luminance of white, grey and wood.
inline constexpr double kWhitePalette = 0.85, kGreyPalette = 0.2, kWoodPalette = 0.3;

} // namespace rl::paint
