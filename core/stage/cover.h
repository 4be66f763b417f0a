#pragma once
#include "core/stage/surface.h"

namespace rl::stage {

/// What one element covers, by itself and without the canvas' border.
struct Cover {
    Plane share; ///< 0…1
    Vec2 originCm; ///< canvas place of the upper left corner
    double pixelsPerCm = 1;
    bool empty() const { return share.width() == 0; }
};
/// \param longest side, px, 8…2000
Cover coverOf(const Project& project, const Element& element, SurfaceCache& cache, int longest);

} // namespace rl::stage
