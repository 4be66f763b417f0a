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
/// A shadow in two layers: first warm and soft, then dark.
struct ShadowStages {
    Formula warm, dark;
};
/// What a school lets a string end in.
enum class Ends { Free, NoBlack, NearBlackAndWhite };
struct ColourString {
    std::vector<StringStep> steps; ///< the lightest first
    ShadowStages shadow;
    Recipe body; ///< the middle one, which the plain string lets down
};
/// Steps even in L* from light to dark, chroma and hue led through the body colour (straight in a and b on each side of
/// it), so that neither end greys. A school may leave out tubes of black, and pure ends: L* 12 … 93 then.
/// near-black only. \param count 3…15 steps
ColourString colourString(const Search& search, const colour::ExactLab& light, const colour::ExactLab& body,
    const colour::ExactLab& dark, int count, Ends ends, Progress& progress);

} // namespace rl::paint
