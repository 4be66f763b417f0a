#pragma once
#include "core/paint/recipe_map.h"
#include "core/project/brief.h"

namespace rl::paint {

/// A patch or line of the picture that stands out from what is about it and is thin.
struct FineDetail {
    int element = 0; ///< whose; 0 = the backdrop
    double widthCm = 0; ///< at its widest
    double lengthCm = 0; ///< of its box, the longer way
    double de = 0; ///< CIEDE2000 to the nearest of what it lies in
    Rect box; ///< px
};
/// What of a recipe map is thinner than that, the thinnest first. Bands that lie in colour between both their
/// neighbours (soft edges, passages) are none, nor is what is shorter than three times its width and under 2 mm.
/// Nothing thinner than a pixel of the map is seen.
/// Width: twice the largest distance to the border (Borgefors 1986).
std::vector<FineDetail> fineDetails(const RecipeMap& map, double pixelsPerCm, double underCm);

/// Strokes that they would take: one for every 4 cm begun.
int strokesFor(const std::vector<FineDetail>& details);

/// The finest that a ground holds, cm: two threads of a canvas, less what primer and sanding fill of its weave (a
/// model, not measured: hollows a quarter of the pitch deep, 0.04 mm a coat, half as much again when sanded); the grain
/// of papers and boards.
double weaveHolds(const PaintGround& ground);

} // namespace rl::paint
