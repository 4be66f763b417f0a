#pragma once
#include "core/paint/box.h"
#include "core/paint/recipes.h"

namespace rl::paint {

/// A tube that is not in the box and what it would bring.
struct OtherTube {
    std::string pigment; ///< empty: none brings it much nearer
    double de = 0; ///< CIEDE2000 of the nearest mix with it, in any amounts
};
/// Of all pigments that ship, are not in the box, last and do not glow: the one that brings a colour nearest.
/// \param reachDe of the box as it is \return nothing where none gains a third of that
OtherTube otherTube(const MixingBox& box, const colour::ExactLab& wanted, double reachDe);

} // namespace rl::paint
