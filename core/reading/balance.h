#pragma once
#include "core/light/relight.h"
#include "core/project/project.h"

namespace rl::reading {

/// How heavy the parts of a picture look.
struct Balance {
    double left = 0.5, top = 0.5; ///< share of all weight in the left and the upper half, 0…1
    Vec2 centreCm; ///< centre of weight on the canvas
    bool deadEven = false; ///< both halves weigh the same and mirror each other
    double mirrored = 0; ///< how alike the halves' weights lie, 0…1 (correlation of one with the other turned over)
    struct Counterweight {
        bool wanted = false;
        Vec2 atCm; ///< middle
        double areaCm2 = 0; ///< at `againstL` of difference from what lies behind it
        double againstL = 0; ///< L*
        double weight = 0; ///< share of all weight
    } counter;
};
/// Visual weight of a pixel: how far its colour lies from the picture's mean, |ΔL*| + ½ ΔC*; the lever law about the
/// middle (R. Arnheim, Art and Visual Perception, 1954, ch. 1). The counterweight brings the centre of weight back
/// within a twentieth of the width of the middle, from a third of the width on the lighter side.
Balance balanceOf(const light::Picture& picture);

Findings balanceFindings(const Project& project, const Balance& balance);

} // namespace rl::reading
