#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include <vector>

namespace rl::transfer {

/// A shape to be cut with a knife: its pieces, each without holes, so that nothing falls out of the card.
struct Stencil {
    std::vector<std::vector<Vec2>> cuts; ///< closed, cm in the shape's own frame
    int islands = 0; ///< what would have fallen out
    int bridges = 0; ///< that hold it
    double narrowestCm = 0; ///< of the card's bridges, as drawn; 0 = there are none
    int dropped = 0; ///< specks too small for a knife
};
/// \param shape 255 where the card is cut away \param bridgeCm least width of what holds islands \param knifeCm nothing
/// finer than that is cut: notches are closed, spikes taken off
Stencil stencilOf(const Mask& shape, double pixelsPerCm, double bridgeCm, double knifeCm = 0.1);

/// A mask that covers a shape while something else is sprayed: its outlines, holes cut out of it.
/// \param growCm how far it reaches beyond the shape
std::vector<std::vector<Vec2>> maskOutlines(const Mask& shape, double pixelsPerCm, double growCm, double knifeCm = 0.1);

/// Whether every bit of the card still hangs together when the cuts are taken out; drawn anew at that scale.
bool holdsTogether(const Stencil& stencil, double widthCm, double heightCm, double pixelsPerCm);

/// Shapes side by side on a sheet, the tallest of each row first found. \return the upper left of each, cm
std::vector<Vec2> laidOut(const std::vector<Vec2>& sizes, double sheetWidthCm, double gapCm);

} // namespace rl::transfer
