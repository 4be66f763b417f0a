#pragma once
#include "core/stage/surface.h"

namespace rl::stage {

/// A level circle as it lies on the canvas.
struct SeenEllipse {
    Vec2 centre; ///< cm on the canvas (of the ellipse, which is not where the circle's own centre is seen)
    double longCm = 0, shortCm = 0; ///< whole axes
    double tilt = 0; ///< degrees, of the long axis, counter-clockwise from level; within ±90
    double heightM = 0, radiusM = 0; ///< of the circle in the scene
    bool fromAbove = false; ///< it lies under eye level: its upper side is seen
};

/// \param centre m, in the scene \param across, away the circle's two half axes on the ground plane, m (equal and
/// crossing at right angles for a true circle)
/// Exact: the conic that a plane's collineation makes of a circle, C' = H⁻ᵀ C H⁻¹ (Hartley & Zisserman, Multiple View
/// Geometry, 2.2.3). At eye level itself the ellipse is a line: shortCm = 0. Empty axes when it reaches behind the eye.
SeenEllipse seenEllipse(const Eye& eye, Vec3 centre, Vec2 across, Vec2 away);

/// The circles a ruler and a string need for a round stand-in, from the base up: base, rim, every edge and every widest
/// or narrowest place. Empty for what is not round.
std::vector<SeenEllipse> ellipsesOf(const Project& project, const Element& element);

} // namespace rl::stage
