#pragma once
#include "core/project/project.h"

namespace rl::transfer {

/// How the plan lies on the real canvas. Plan cm and canvas cm both count from the upper left of what is seen.
struct CanvasPlan {
    double widthCm = 0, heightCm = 0; ///< of the canvas' face
    double scale = 1; ///< canvas cm of a plan cm
    Vec2 offset; ///< cm on the canvas: where the plan's upper left comes to lie
    Rect whole; ///< canvas cm: with bleed and what is wrapped round the edges
    Rect seen; ///< canvas cm: what bevel or rebate leave to be seen
    double lostAcross = 0, lostDown = 0; ///< cm of the plan cut off, both sides together
    double emptyAcross = 0, emptyDown = 0; ///< cm of the canvas that the plan does not fill, both sides together
    std::vector<double> jointsX, jointsY; ///< canvas cm: where boards meet
    Vec2 toCanvas(Vec2 plan) const { return plan * scale + offset; }
    Vec2 toPlan(Vec2 canvas) const { return (canvas - offset) * (1 / scale); }
    Rect toCanvas(const Rect& r) const;
    Rect toPlan(const Rect& r) const;
};
CanvasPlan canvasPlanOf(const Project& project);

/// The plan's format made that of the canvas, with the scene going on at the sides: things keep their places and sizes
/// in every take; the backdrop covers the new format.
Project withPlanExtended(Project project);

} // namespace rl::transfer
