#pragma once
#include "core/base/raster.h"
#include "core/project/project.h"
#include "core/reading/attention.h"

namespace rl::reading {

/// Faces seen from the front, px: the cascade of Viola & Jones (2001) that Debian's opencv-data ships. Empty where that
/// package is missing; sides of heads, masks and beasts are not found and can be marked by hand.
std::vector<Rect> facesIn(const Photo& picture);
/// Whether faces can be looked for here.
bool facesCanBeFound();

/// A face that is looked for anyway pulls about this much more, for want of a better figure; the painter's own word
/// stands where it is larger.
inline constexpr double kFacePull = 1.8;
/// Pull with what things mean taken in: measured shares lifted by each element's `meaning` and by faces on it. Shown
/// beside the measured ones, never in their place. Sums to 1.
std::map<int, double> meantShares(
    const Project& project, const Attention& attention, const IdMap& ids, const std::vector<Rect>& faces);

} // namespace rl::reading
