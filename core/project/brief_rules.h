#pragma once
#include "core/project/project.h"

namespace rl {

/// Findings of the first two stations: is the cast complete and shown, is the format sound, are credits and
/// permissions in order.
Findings briefFindings(const Project& project);
/// \param today YYYY-MM-DD
Findings deadlineFindings(const Project& project, const std::string& today);
Findings creditFindings(const Project& project);

} // namespace rl
