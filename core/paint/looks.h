#pragma once
#include "core/paint/appearance.h"
#include "core/paint/recipes.h"
#include "core/paint/surprises.h"

namespace rl::paint {

/// How a recipe looks where it matters.
struct Looks {
    colour::ExactLab dry, wet, lamp; ///< opaque: dry and wet in daylight; dry under a lamp (A), against its white
    double lampShift = 0; ///< CIEDE2000 between daylight and lamp
    double slip = 0; ///< CIEDE2000 to expect of a hand that doses within ±10 %
    double onWhite = 0, onGrey = 0, onWood = 0, inPlace = 0; ///< apparent lightness J against each
    std::vector<Warning> warnings;
};
/// \param around what surrounds the place on the canvas
Looks looksOf(
    const Formula& formula, const Paints& paints, const colour::ExactLab& around, PaintMedium medium, Finish finish);

} // namespace rl::paint
