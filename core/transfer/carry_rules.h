#pragma once
#include "core/project/project.h"

namespace rl::transfer {

/// Does the plan fit the canvas, do the sheets hold together, is the grid of a useful size.
Findings carryFindings(const Project& project);

} // namespace rl::transfer
