#pragma once
#include "core/light/irradiance.h"
#include <optional>

namespace rl::light {

/// The light an element gets as planned, summed over sun and lanterns at its middle.
struct PlannedLight {
    PictureLight direction; ///< of the sum; confidence = share of the strongest light
    double level = 0; ///< irradiance of all lights facing it, 1 = full key light
    std::string strongest; ///< "the sun" or the lantern's name
};
PlannedLight plannedLight(const Project& project, const Element& element, stage::SurfaceCache& cache);

/// How the light a thing was photographed in lies to that of the scene, as it stands there (turned, mirrored,
/// overruled).
struct SideOff {
    PictureLight own;
    PlannedLight plan;
    double off = 0, mirrored = 0; ///< degrees between both; likewise if it were mirrored
    bool mirrorHelps() const { return mirrored < kSideOff && mirrored + 25 < off; }
    static constexpr double kSideOff = 50; ///< from here on it is spoken of
    static constexpr double kSure = 0.55; ///< confidence under which it is uncertain
};
/// Nothing where it cannot be told: its own light is unknown (confidence under 0.25) or taken off, hardly a lamp
/// reaches it, or either light comes from where one stands. What is not told here is held against nothing.
std::optional<SideOff> sideOff(const Project& project, const Element& element, stage::SurfaceCache& cache);

/// Does every element obey the scene's light: side of the light, lanterns in the ground, a sun under the horizon,
/// air too clear for the depth.
Findings lightFindings(const Project& project, stage::SurfaceCache& cache);

} // namespace rl::light
