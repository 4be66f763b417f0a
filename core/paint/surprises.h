#pragma once
#include "core/paint/recipe.h"

namespace rl::paint {

/// What a mix does that its paints do not promise.
enum class Surprise { Greens, Neutralises, Darkens, Chalks, TakenOver };
struct Warning {
    Surprise what = Surprise::Neutralises;
    std::string sentence; ///< what happens and what to do about it
    double measured = 0; ///< C*, L* or share, as the sentence says
};
/// Pairs are compared as tints of one depth in titanium white, else every dark transparent pair would count as mud.
/// Yellow with blue is green to nobody's surprise.
std::vector<Warning> surprises(const Recipe& recipe, const Paints& paints);

/// L* by which the dry colour of a mix lies under the wet one: the mean of its acrylic paints by volume (typical).
double dryingShift(const Recipe& recipe);

} // namespace rl::paint
