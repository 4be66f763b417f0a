#pragma once
#include "core/stage/surface.h"

namespace rl::stage {

/// Black and white points, L*, and the colour of the darks.
struct ToneRange {
    double darkL = 0, lightL = 100; ///< under which, and above which, 2 % of the pixels lie
    double a = 0, b = 0; ///< mean of the darkest third, CIELAB
};
/// Of a cut-out's own colours, as photographed.
ToneRange toneOf(const Surface& surface);
/// Of the backdrop where the element stands: from its head to its foot, half its width to either side.
ToneRange toneBehind(const Project& project, const Element& element, SurfaceCache& cache);

/// What would bring the element to the backdrop at its depth, with the wished amount 0…1. Its lights are never made
/// brighter than they are, nor its darks darker than the backdrop's.
Tone matchedTone(const Project& project, const Element& element, SurfaceCache& cache, double amount);

} // namespace rl::stage
