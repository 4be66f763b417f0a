#pragma once
#include "core/transfer/grid.h"

namespace rl::transfer {

enum class LandmarkKind { Extreme, End, Corner, Crossing, Eye };
/// A point that fixes the drawing, and how to find it with a ruler. Lengths: cm on the canvas, as the ruler tells them.
struct Landmark {
    Vec2 at; ///< cm on the canvas, exact
    LandmarkKind kind = LandmarkKind::Corner;
    int element = 0;
    std::string name; ///< "top of “Lamplighter”"
    double weight = 0; ///< what it fixes, 0…1; the first is 1
    bool fromRight = false, fromBottom = false; ///< measured from that edge, which is nearer
    double across = 0, down = 0; ///< from those edges
    std::array<int, 2> near{-1, -1}; ///< two others, well apart in direction
    std::array<double, 2> toNear{0, 0};
};
/// A distance to check the whole drawing with.
struct CheckSpan {
    int first = 0, second = 0;
    double cm = 0;
};
struct Landmarks {
    std::vector<Landmark> points; ///< the most telling first, 12…40 where the drawing has so many
    std::vector<CheckSpan> spans;
};
/// Extremes and ends of outlines, sharp turns, crossings, eyes; chosen one by one, always the one that is most telling
/// and farthest from those chosen already (weighed farthest-point sampling, Gonzalez 1985).
/// \param lines of the plan, all of them
Landmarks landmarksOf(const Project& project, const std::vector<Stroke>& lines, const CanvasPlan& canvas);

/// Where a landmark comes to lie by its measures alone, with the others where they say: what a painter's ruler gives.
/// Least squares of the two edges and two neighbours.
Vec2 byMeasures(const Landmarks& all, std::size_t which, const CanvasPlan& canvas);

} // namespace rl::transfer
