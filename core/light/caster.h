#pragma once
#include "core/stage/compose.h"
#include <span>

namespace rl::light {

/// A light as shadows see it. For the sun `at` is the direction towards it (unit); for a lantern its place, m.
struct ShadowLight {
    bool isSun = true;
    Vec3 at;
    double size = 0; ///< sun: tan of half its angular diameter; lantern: radius, m
};

/// The sun for shadows: a card has an assumed thickness of about a third of its width, so a sun closer than 20° to
/// the plane of the cards throws the shadow it would throw at 20°. Length stays T / tan(elevation).
ShadowLight sunForShadows(double azimuth, double elevation, double diameter);

/// A row of points (x0 + i dx, y, z), all at one height and distance.
struct PointRow {
    double x0 = 0, dx = 0, y = 0, z = 1;
};

/// Multiplies `visible` (one value a point, 0…1) by what each card lets through. Every ray crosses a card's plane in
/// one point; the coverage there is read from a level matched to the penumbra (light size × distance from the
/// blocker / distance to the light).
/// \param skip an element that does not shade this row (itself), 0 = none
void shade(std::span<float> visible, const PointRow& row, const ShadowLight& light,
    const std::vector<stage::Layer>& layers, int skip);

} // namespace rl::light
