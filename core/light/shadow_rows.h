#pragma once
#include "core/stage/compose.h"
#include <span>

namespace rl::light {

/// A light as shadows see it. For the sun `at` is the direction towards it (unit); for a lantern its place, m.
struct ShadowLight {
    bool isSun = true;
    Vec3 at;
    double size = 0; ///< sun: tan of half its angular diameter; lantern: radius, m
    stage::LightPlace place() const { return {isSun, at}; }
};
ShadowLight sunForShadows(double azimuth, double elevation, double diameter);

/// A row of points (x0 + i dx, y, z), all at one height and distance.
struct PointRow {
    double x0 = 0, dx = 0, y = 0, z = 1;
};

/// How much a row is shaded, as an optical depth: so many halvings of the light, in 4096ths. Whole numbers, so that
/// what one caster adds can be taken away again exactly, in any order.
using Shade = std::int32_t;
/// What a coverage of 0…1 takes away; coverage counts in 4095ths.
Shade shadeOf(float coverage);
/// Share of light left, 0…1.
float lightThrough(Shade shade);
/// Multiplies a row by the share of light left.
void dimmed(std::span<float> row, const Shade* shade);

/// Every caster's map from one light. Whoever works row by row holds them meanwhile, or they are made at each row.
using ShadowMaps = std::vector<std::shared_ptr<const stage::BodyMap>>;
ShadowMaps mapsOf(const stage::StageFrame& frame, const ShadowLight& light);

/// A row of points and the shade on it, one value a point.
struct ShadedRow {
    std::span<Shade> shade;
    stage::RayRow points;
    std::array<int, 2> touched{0, 0}; ///< set by what changes it: where, from the first to behind the last
    bool reached() const { return touched[0] < touched[1]; }
};
/// Adds (sign 1) or takes away (sign -1) what one body does to rows of points, by its map from that light. Many rows
/// together go faster, and come out as each alone. \param weight share of it
void shade(std::span<ShadedRow> rows, const ShadowLight& light, const stage::BodyMap& map, int sign, float weight = 1);
/// \return false when the row is not reached
bool shade(
    std::span<Shade> row, const PointRow& points, const ShadowLight& light, const stage::Caster& caster, int sign);

} // namespace rl::light
