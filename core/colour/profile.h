#pragma once
#include "core/base/raster.h"
#include "core/base/result.h"
#include <span>

namespace rl::colour {

/// The pixels brought from an embedded ICC profile to sRGB, perceptual intent.
/// \param icc the profile as it stands in the file; a damaged one, or one that is not RGB, is an Error and the
///            caller shows the pixels as they are
Result<Photo> toSrgb(const Photo& pixels, std::span<const unsigned char> icc);

} // namespace rl::colour
