#pragma once
#include "core/light/painter.h"

namespace rl::light {

/// The colours of a solid's own mirror image, drawn by its mesh: what stands at height Y and distance Z is mirrored at
/// -Y, so a picture row y shows the row 2 (horizon + f h / Z) - y.
void drawImage(std::vector<Rgb>& out, const stage::StageFrame& frame, const stage::Layer& layer,
    const stage::SeenMesh& image, const std::vector<Rgb>& lit);
/// Puts the mirrored layers on one row of ground; `mirror` is how much the water gives back there. Rippled water
/// spreads the image up and down, more the farther it lies from the contact.
void mirrorRow(Rgb* row, int y, const stage::StageFrame& frame, const LitLayers& layers,
    const std::vector<float>& mirror, std::vector<float>& room, int own = 0);
/// Water under a row of ground: it darkens what lies there and mirrors the sky, as far as its Fresnel share goes.
void waterRow(Rgb* row, int y, const stage::StageFrame& frame, float sky, const float* water, const float* fresnel,
    std::vector<float>& mirror);
/// A lantern's low light drawn out towards the viewer on wet ground.
/// \param shade of the lamp on that row: what keeps its light from the ground keeps its glint from the eye; or null
void glitterRow(Rgb* row, int y, const stage::StageFrame& frame, const Lantern& lantern, Rgb colour, const Shade* shade,
    const std::vector<float>& mirror);
/// The sun's path on wet ground or water: wavelets that happen to face halfway between sun and viewer.
///     C = E F e^(-tan²b / s²) / (4 cos v cos⁴b s²), slope variance s² = 0.006 of a shallow film
/// Source: Cox & Munk (1954).
void sunPathRow(Rgb* row, int y, const stage::StageFrame& frame, Vec3 sun, Rgb colour, const Shade* shade,
    const std::vector<float>& mirror);

} // namespace rl::light
