#pragma once
#include "core/light/irradiance.h"

namespace rl::light {

/// The light an element gets as planned, summed over sun and lanterns at its middle.
struct PlannedLight {
    PictureLight direction; ///< of the sum; confidence = share of the strongest light
    double level = 0; ///< irradiance of all lights facing it, 1 = full key light
    std::string strongest; ///< "the sun" or the lantern's name
};
PlannedLight plannedLight(const Project& project, const Element& element, stage::SurfaceCache& cache);

/// Was it photographed with its light from another side than the scene's? What the finding "light.side" says.
bool wrongSide(const Project& project, const Element& element, stage::SurfaceCache& cache);

/// Does every element obey the scene's light: side of the light, lanterns in the ground, a sun under the horizon,
/// air too clear for the depth.
Findings lightFindings(const Project& project, stage::SurfaceCache& cache);

} // namespace rl::light
