#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include <vector>

namespace rl::cutout {

struct Node {
    Vec2 at; ///< px
    bool curved = false;
};
/// A closed line of nodes, and whether it cuts a hole.
struct Loop {
    std::vector<Node> nodes;
    bool hole = false;
};

/// The loop as a dense polyline: straight between plain nodes, through curved ones along a centripetal-free
/// Catmull-Rom curve (Catmull & Rom 1974). \param step wanted spacing, px, > 0
std::vector<Vec2> flattened(const Loop& loop, double step);

/// Coverage of the loops, 0…255, anti-aliased to 1/16 of a pixel; holes are taken out.
Mask filled(const std::vector<std::vector<Vec2>>& lines, const std::vector<bool>& holes, int width, int height);

} // namespace rl::cutout
