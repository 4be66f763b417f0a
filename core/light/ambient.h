#pragma once
#include "core/light/irradiance.h"

namespace rl::light {

/// What the surroundings give without any lamp: sky, ground and the backdrop around things.

/// The backdrop made small and soft, to be looked up quickly.
struct Surroundings {
    LinearPicture soft; ///< 1/24 of the frame, blurred: what spills onto edges
    LinearPicture clear; ///< 1/6 of the frame: what polish mirrors
};
Surroundings surroundingsOf(const stage::StageFrame& frame);

/// Sky, ground and the blurred backdrop around it, falling on one row of a layer; darker towards the foot.
/// \param spill 0…2: share of the backdrop at surfaces that turn away from the viewer, 1 = all of it there
/// \param out as wide as the layer
void ambientRow(const stage::StageFrame& frame, const stage::Layer& layer, const Surroundings& around, float spill,
    int y, Rgb* out);

/// What a polished layer mirrors of its surroundings, and the share of its own colour that is left.
struct Mirrored {
    Rgb light;
    float left = 1; ///< 1 - Fresnel
};
/// \param out as wide as the layer; of glass also what is seen through its turned rim, upside down as a lens shows it
void mirroredRow(
    const stage::StageFrame& frame, const stage::Layer& layer, const Surroundings& around, int y, Mirrored* out);

/// How open the ground is under and around what stands on it, 0…1: e^-share of the contacts of all bodies.
std::vector<float> groundOpenness(const stage::StageFrame& frame);
/// Brings it to a frame of the same size and eye; the same bytes as anew.
void followOpenness(std::vector<float>& open, const FrameStep& step);
/// How much still water would mirror at every pixel of the ground.
void groundMirrorRow(const stage::StageFrame& frame, int y, float* out);
/// Water in canals and the like, whatever the weather; empty when there is none.
std::vector<float> waterOf(const stage::StageFrame& frame);

/// Fresnel reflectance of water seen at a grazing angle. Source: Schlick (1994), F0 = 0.02.
double waterMirror(double cosine);

} // namespace rl::light
