#pragma once
#include "core/light/relight.h"
#include "core/project/project.h"

namespace rl::reading {

/// A limb of a posed figure that has hardly an outline of its own.
struct LostLimb {
    int element = 0;
    const char* name = ""; ///< "left forearm", the figure's own left
    double inside = 0; ///< share of its length with the figure's own body to both sides, 0…1
    Vec2 at; ///< its middle, px
    double spread = 0; ///< degrees that it would have to be spread farther to come out; 0 = none does
};
/// Forearms and shins of posed figures with the body to both sides over half their length. A photograph does not tell
/// where its arms are: of cut-outs nothing is said here.
std::vector<LostLimb> lostLimbs(const Project& project, const light::Picture& picture);
/// The pose with that limb spread as far as it says.
Pose withSpread(Pose pose, const LostLimb& limb);

} // namespace rl::reading
