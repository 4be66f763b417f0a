#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/project/project.h"

namespace rl::demo {

/// Low Tide Caravan, from the shipped pictures and outlines; mattes are cut by the program itself. Its planted faults:
/// a tea house lit from the wrong side, a pylon that melts into the far shore, a heap of salt too bright at the edge,
/// a kite with too few pixels that kisses a pylon.
Result<Project> lowTideCaravan(Progress& progress);

} // namespace rl::demo
