#pragma once
#include "core/relief/photo_light.h"
#include "core/relief/relief.h"

namespace rl::relief {

/// Folds and bumps read off the shading: where a photograph is lighter than its surroundings on the object, the surface
/// turns towards the light.
///
///     N' = unit(N + g r (cos az, sin az, 0)),  r = clamp(l - blurred l, ±1),  l = log luminance
///
/// Worked at 112 px, blurred over 0.3 of the object's radius. Nothing is done where the light is not known (confidence
/// under 0.25).
/// \param picture, alpha those the relief was made of \param amount g, 0…1; beyond 0.7 texture is read as relief
void addDetail(
    Relief& relief, const Photo& picture, const Mask& alpha, const MeasuredLight& light, double amount = 0.35);

/// Adds to a puffed relief what the shading of the photograph tells; see PhotoReading. Nothing happens without.
void lift(Relief& relief, const PhotoReading& reading);

} // namespace rl::relief
