#pragma once
#include "core/paint/mixing.h"

/// How a recipe is said, wherever it is: on the board, on cards and sheets, by the command line.
namespace rl::paint {

/// "¼", "8".
std::string amountSaid(double parts);
/// "phthalo green (1 in 20 white)": the painter's own name of a tube of the box, else the pigment's.
std::string paintSaid(const MixingBox& box, const std::string& paint);
/// "8 titanium white + ½ phthalo green (1 in 20 white)", the most first.
std::string recipeSaid(const MixingBox& box, Recipe recipe);
/// The recipe that is advised for a puddle, in words; "no recipe" where there is none.
std::string recipeSaid(const Mixing& mixing, std::size_t puddle);
/// "light of Tortoise, shade of the backdrop".
std::string whoseSaid(const Project& project, const Puddle& puddle);
/// "12.4 ml": one decimal everywhere; a trace is "under 0.1 ml".
std::string mlSaid(double ml);

} // namespace rl::paint
