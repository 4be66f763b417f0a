#pragma once
#include "core/base/geometry.h"
#include <array>
#include <vector>

namespace rl::transfer {

/// Cubic pieces, each beginning where the last ends: end point, two handles, end point.
using Curve = std::vector<std::array<Vec2, 4>>;

/// A smooth path through points: cubic pieces, no farther than `error` from them, corners sharper than 50° kept.
/// \param error in the unit of the points, > 0 \param closed the last point joins the first
/// Source: least-squares fit of a cubic with its parameters found anew by Newton's steps (Schneider, Graphics Gems
/// 1990).
Curve curveThrough(const std::vector<Vec2>& points, double error, bool closed);

Vec2 onCubic(const std::array<Vec2, 4>& piece, double t);

/// The points that stand for a line no farther than `error` from it. Source: Douglas & Peucker (1973).
std::vector<Vec2> thinnedLine(const std::vector<Vec2>& points, double error);

double lengthOf(const std::vector<Vec2>& points, bool closed = false);

} // namespace rl::transfer
