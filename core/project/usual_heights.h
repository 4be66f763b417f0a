#pragma once
#include "core/project/project.h"

namespace rl {

/// How tall things usually are, and the painter's own additions and changes to that, which come first.
/// Means of adults and children: rounded from ISO 7250-3; doors, storeys, steps, carts: common building and cart sizes.
std::vector<UsualHeight> heightsOf(const Project& project);
/// By name. Empty name when it is not known.
UsualHeight usualHeight(const Project& project, const std::string& name);
/// The painter's word on how tall something is: added, or in place of what was known. Cleared of nonsense by repair().
Project withUsualHeight(Project project, UsualHeight height);
/// Takes the painter's word back; what the program knows itself stays.
Project withoutUsualHeight(Project project, const std::string& name);

} // namespace rl
