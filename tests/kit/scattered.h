#pragma once
#include "core/project/project.h"

namespace rl::kit {

/// Things that stand anywhere, in any light and size, a few of them in a cast: what a painter may leave lying about.
/// \param seed the same seed gives the same work
Project scatteredWork(unsigned seed);

} // namespace rl::kit
