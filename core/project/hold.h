#pragma once
#include "core/project/project.h"

namespace rl {

/// What to hold when nothing is: what shows the first of the cast, else the last stood up; 0 = nothing there.
int firstToHold(const Project& project);

} // namespace rl
