#pragma once
#include "core/project/project.h"

namespace rl {

/// Findings of the first two stations: is the cast complete and shown, is the format sound, are credits and
/// permissions in order.
Findings briefFindings(const Project& project);
Findings creditFindings(const Project& project);

} // namespace rl
