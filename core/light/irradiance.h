#pragma once
#include "core/base/uncleared.h"
#include "core/light/lamps.h"
#include "core/light/shadow_rows.h"

namespace rl::light {

/// Irradiance of a small patch lit by a lantern of strength 1, relative and linear.
///
///     E = (d_ref / max(d, r))² · max(0, n·l)
///
/// \param at the patch, m, scene axes \param normal outward, unit
/// A panel shines to its side only, by the cosine; pointsOf() takes wide ones apart.
/// \return 1.0 for a patch facing the lantern at d_ref; finite, never negative
/// Source: inverse-square and cosine laws, J. H. Lambert, Photometria (1760); inside the radius the fall-off stops.
double lanternIrradiance(const Lantern& lantern, Vec3 at, Vec3 normal);

/// What light a polished surface throws towards the viewer, against what a white card would show.
///
///     C = E · π D(h) F(l·h) / (4 (l·h)²)
///
/// \param cosine n·l \param half n·h \param along l·h, h halfway between light and viewer \param alpha roughness
/// squared, 0…1
/// Source: Walter et al. (2007), GGX; visibility by Kelemen & Szirmay-Kalos (2001); Fresnel by Schlick (1994), F0 0.04.
float gloss(float cosine, float half, float along, float alpha);
/// Roughness squared of a material; 0 = it does not shine.
float glossAlpha(Material material);

/// Irradiance of one light of strength 1 over a frame: one plane a layer and one for the ground, shadows included.
/// A thin layer also takes light on its back, a fuzzy one catches some from behind at its edge.
struct LightPlanes {
    std::vector<Uncleared<float>> layers; ///< as large as each layer's rectangle; outside of its spans nothing is said
    Uncleared<float> ground; ///< as large as the ground
    std::vector<Uncleared<Shade>> layerShade;
    Uncleared<Shade> groundShade;
    std::vector<Uncleared<float>> layerShine; ///< of polished layers what gloss() says, shadows included; else empty
    std::vector<Uncleared<Shade>> layerThin; ///< what thin casters do of the shade; empty without any
    Uncleared<Shade> groundThin;
    /// Of each row of a layer: columns outside of which this light falls on nothing, so that no shadow is looked for.
    std::vector<std::vector<std::array<int, 2>>> layerLit;
    ShadowMaps maps; ///< of the frame's casters, held for whoever reads this light's shadows
    std::vector<char> touched; ///< layers whose plane differs from that of the frame before; empty = all
};
LightPlanes sunPlanes(const stage::StageFrame& frame, const Sun& sun);
LightPlanes lanternPlanes(const stage::StageFrame& frame, const Lantern& lantern);

/// Planes of several lights go faster together.
struct PlanesOf {
    const Sun* sun = nullptr; ///< or else
    const Lantern* lantern = nullptr;
    LightPlanes* planes = nullptr; ///< to be filled, or to follow a frame
};
/// What they held does not matter, their memory is used again.
void planesOf(const stage::StageFrame& frame, std::span<const PlanesOf> wanted);

/// The same, one row at a time, for pictures too large to keep planes of.
struct LightRow {
    std::vector<float> e, shine;
    std::vector<Shade> shade, thin;
};
/// \param maps of that light \param sun or lantern: the other is null
void layerRowOf(const stage::StageFrame& frame, std::size_t layer, int y, const ShadowMaps& maps, const Sun* sun,
    const Lantern* lantern, LightRow& out);
void groundRowOf(const stage::StageFrame& frame, int y, const ShadowMaps& maps, const Sun* sun, const Lantern* lantern,
    LightRow& out);
/// Does anything in the frame let tinted light through? Its mean colour, luminance 1.
std::optional<Rgb> thinTint(const stage::StageFrame& frame);

/// How one frame follows another of the same size and eye: which layers it still has, what has left and what has come.
struct FrameStep {
    const stage::StageFrame* after = nullptr;
    std::vector<int> from; ///< for each layer of the frame after: its place in the one before, -1 = new
    std::vector<std::shared_ptr<const stage::Caster>> gone, come;
};
FrameStep stepBetween(const stage::StageFrame& before, const stage::StageFrame& after);
/// Brings planes of several lights from the frame before to the frame after; only what is touched is worked out again.
/// The result is the same bytes as planes made anew.
void follow(const FrameStep& step, std::span<const PlanesOf> kept);

} // namespace rl::light
