#pragma once
#include "core/base/raster.h"

namespace rl::cutout {

/// Colours of the cut-out with the old background taken out of its edge pixels. Linear light; as large as the
/// picture; pixels wholly in stay as they are.
/// Source: fast multi-level foreground estimation, Germer, Uelwer, Conrad & Harmeling (2020).
LinearPicture cleanColours(const LinearPicture& picture, const Mask& alpha);

} // namespace rl::cutout
