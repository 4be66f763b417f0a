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
    std::vector<std::vector<Shade>> layerShade;
    std::vector<Shade> groundShade;
    std::vector<char> touched; ///< layers whose plane differs from that of the frame before; empty = all
};
/// \param room whose memory may be used again; what is in it does not matter
LightPlanes sunPlanes(const stage::StageFrame& frame, const Sun& sun, LightPlanes room = {});
LightPlanes lanternPlanes(const stage::StageFrame& frame, const Lantern& lantern, LightPlanes room = {});

/// How one frame follows another of the same size and eye: which layers it still has, what has left and what has come.
struct FrameStep {
    const stage::StageFrame* after = nullptr;
    std::vector<int> from; ///< for each layer of the frame after: its place in the one before, -1 = new
    std::vector<std::shared_ptr<const stage::Caster>> gone, come;
};
FrameStep stepBetween(const stage::StageFrame& before, const stage::StageFrame& after);
/// Brings planes of the frame before to the frame after; only what is touched is worked out again. The result is the
/// same bytes as planes made anew.
void follow(LightPlanes& planes, const FrameStep& step, const Sun& sun);
void follow(LightPlanes& planes, const FrameStep& step, const Lantern& lantern);

} // namespace rl::light
