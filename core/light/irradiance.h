#pragma once
#include "core/light/caster.h"

namespace rl::light {

/// Irradiance of a small patch lit by a lantern of strength 1, relative and linear.
///
///     E = (d_ref / max(d, r))² · max(0, n·l)
///
/// \param at the patch, m, scene axes \param normal outward, unit
/// \return 1.0 for a patch facing the lantern at d_ref; finite, never negative
/// Source: inverse-square and cosine laws, J. H. Lambert, Photometria (1760); inside the radius the fall-off stops.
double lanternIrradiance(const Lantern& lantern, Vec3 at, Vec3 normal);

/// Irradiance of one light of strength 1 over a frame: one plane a layer and one for the ground, shadows included.
struct LightPlanes {
    std::vector<std::vector<float>> layers; ///< as large as each layer's rectangle
    std::vector<float> ground; ///< as large as the ground
};
LightPlanes sunPlanes(const stage::StageFrame& frame, const Sun& sun);
LightPlanes lanternPlanes(const stage::StageFrame& frame, const Lantern& lantern);

} // namespace rl::light
