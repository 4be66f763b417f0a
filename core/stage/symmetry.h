#pragma once
#include "core/stage/cover.h"

namespace rl::stage {

/// How far the left half of an outline differs from the right one.
struct Symmetry {
    bool known = false;
    double axisCm = 0; ///< across the canvas, of the middle line at half height
    double leanDegrees = 0; ///< of the middle line from upright, positive = its top to the right
    double worstMm = 0; ///< largest difference of the two half widths, on the canvas
    double worstAtCm = 0; ///< down the canvas, where that is
    double meanMm = 0;
    bool wideRight = false; ///< at the worst place the right half is the wider
};
/// Half widths are taken row by row about a straight middle line, fitted to the row middles (least absolute values).
/// An upright line is used where `upright`; then a lean counts as a difference.
Symmetry symmetryOf(const Cover& cover, bool upright);

} // namespace rl::stage
