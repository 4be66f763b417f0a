#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/project/project.h"

namespace rl::demo {

/// Low Tide Caravan, from the shipped pictures and outlines; mattes are cut by the program itself. Its planted faults:
/// a tea house lit from the wrong side, a pylon that melts into the far shore, a heap of salt too bright at the edge,
/// a kite with too few pixels that kisses a pylon.
/// It lies on its take "as first thought"; the next one, "put right", has the cure of each.
Result<Project> lowTideCaravan(Progress& progress);
/// The same on the take that may be hung on the wall.
Result<Project> caravanPutRight(Progress& progress);

/// The Moth Court: a round panel, inside, one window and a stove; a turned brass orrery, a patterned cloak, a head.
Result<Project> mothCourt(Progress& progress);

} // namespace rl::demo
