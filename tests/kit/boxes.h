#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include <vector>

namespace rl::kit {

/// A made-up photograph of boxes on the ground, seen by a level camera: what its eye level is, is known.
struct Boxes {
    Photo photo;
    double eyeLevel = 0; ///< px from the top
    double focalPx = 0;
};
Boxes boxes(unsigned seed, int width = 1200, int height = 900);

} // namespace rl::kit
