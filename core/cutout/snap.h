#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include <vector>

namespace rl::cutout {

/// Pulls a closed line onto the strongest edge of the picture within `reach` px on either side: at each sample the
/// offset along the normal is chosen so that the sum of edge strength, closeness and smoothness is best over the
/// whole line. Source: dynamic programming on active contours, Amini, Weymouth & Jain (1990).
/// \param line closed, about 1…4 px between samples \param reach px, > 0
std::vector<Vec2> snapped(const std::vector<Vec2>& line, const Photo& picture, double reach);

} // namespace rl::cutout
