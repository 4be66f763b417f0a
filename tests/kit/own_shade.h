#pragma once
#include "core/light/shadow_rows.h"
#include "tests/kit/rays.h"

namespace rl::kit {

/// What a thing shades of itself, against rays through its mesh or body, at pixels (every so many) where its surface
/// faces the light.
struct OwnShadeHeld {
    int seen = 0, shaded = 0, wrong = 0; ///< pixels: looked at; in shade by rays; told differently
    double share() const { return seen ? double(wrong) / seen : 0; }
};
OwnShadeHeld ownShadeHeld(
    const stage::StageFrame& frame, const stage::Layer& layer, const light::ShadowLight& light, int every);

/// How much of the light a lamp's glint adds to wet ground is left when a box stands before the lamp, 0…1.
double glintThroughBox(int widthPx);

} // namespace rl::kit
