#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"

namespace rl::relief {

enum class Shape { Puffed, Ball, Column, Slab, Card };

/// Relief of a cut-out over its bounding box. Normals: x right, y up, z towards the viewer, unit length.
struct Relief {
    Rect box; ///< px in the picture
    double scale = 1; ///< relief px per picture px, ≤ 1
    Raster<Vec3f> normals;
    Mask inside; ///< 0 or 255, as large as the normals
};

/// From the outline alone: height h = k √u with u of inflated(); N = normalize(-k/2 u_x, -k/2 u_y, √u).
/// \param alpha of the whole picture \param longest side of the relief, px
/// k is 1.3 for a puffed form, 2 for a ball (a disc becomes a half sphere), 0.5 for a slab; a column bends across
/// only; a card is flat. An empty mask gives an empty relief.
Relief reliefOf(const Mask& alpha, Shape shape, int longest = 384);

} // namespace rl::relief
