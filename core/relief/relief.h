#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include "core/relief/inflate.h"
#include <optional>

namespace rl::relief {

enum class Shape { Puffed, Ball, Column, Slab, Card, Corner, Ground };

/// A part shaped by itself. Places are shares of the relief's box, y down.
struct Part {
    std::vector<Vec2> outline; ///< closed; empty = the whole
    std::optional<Shape> shape; ///< none = what is there is kept, tilted and puffed
    double tiltX = 0, tiltY = 0; ///< degrees its face turns to the right and upwards
    double puff = 1; ///< slopes are multiplied by it; 0 = flat
};
/// A line along which the surface stands up (height > 0) or sinks in: h = height · width · e^(-d / width).
struct Crease {
    std::vector<Vec2> line;
    double height = 1; ///< slope of the flanks at the line
    double width = 0.08; ///< share of the larger side
};

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
/// only; a card is flat; a corner is two walls meeting at an upright edge in the middle; ground faces up. An empty mask
/// gives an empty relief. Parts are laid on in order with soft borders, creases after them.
Relief reliefOf(const Mask& alpha, Shape shape, int longest = 384, const std::vector<Part>& parts = {},
    const std::vector<Crease>& creases = {});

/// Normals of a form by itself, as large as the mask. \param inside 0 or 255 \param cropped sides at which it goes on
Raster<Vec3f> formOver(const Mask& inside, Shape shape, CropSides cropped);

/// Half the thickness of a body of that outline and form, px: k √u as above. Card, corner and ground have none.
/// \param inside 0 or 255 \param cropped sides at which the body goes on, so that it is not rounded off there
Plane heightOf(const Mask& inside, Shape shape, CropSides cropped);

} // namespace rl::relief
