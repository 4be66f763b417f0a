#pragma once
#include "core/project/project.h"
#include <QString>
#include <functional>
#include <vector>

namespace rl::kit {

/// One thing a work can hold, made in it.
struct Held {
    const char* name;
    std::function<Project(Project)> made;
};
/// Everything a work can hold, each made of what postWork() has. Each leaves the work as a file gives it back.
std::vector<Held> allAWorkHolds();

} // namespace rl::kit
