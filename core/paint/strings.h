#pragma once
#include "core/base/progress.h"
#include "core/paint/recipes.h"

namespace rl::paint {

/// A row of mixes from light to dark for one thing.
struct StringStep {
    colour::ExactLab wanted;
    Formula formula;
    colour::ExactLab plain; ///< the same lightness by white or black alone
    double chalk = 0; ///< C* that white or black alone would lose against the living one
};
struct ColourString {
    std::vector<StringStep> steps; ///< the lightest first
    Recipe body; ///< the middle one, which the plain string lets down
};
/// Steps even in L* from light to dark, chroma and hue led through the body colour (straight in a and b on each side of
/// it), so that neither end greys. Blacks are left out where `noBlack` (a school), as are pure ends: near-white and
/// near-black only. \param count 3…15 steps
ColourString colourString(const Search& search, const colour::ExactLab& light, const colour::ExactLab& body,
    const colour::ExactLab& dark, int count, bool noBlack, Progress& progress);

} // namespace rl::paint
