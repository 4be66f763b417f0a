#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/project/project.h"

namespace rl::demo {

/// Builds a work step by step from the shipped pictures and outlines; mattes are cut by the program itself. Stops at
/// the first thing that fails.
class Builder {
public:
    explicit Builder(Progress& progress);
    int picture(const char* name, Permission permission = Permission::Own); ///< \return its id
    int cutout(const char* name, int reference, double bandPx);
    int cast(const char* name);
    Element& element(const char* name, int cast, int cutout, Vec2 baseCm, double heightM);
    void idea(const char* words);
    /// Told by a place on an element, shares of its box; empty: by all of it.
    void clue(const char* words, const char* element, Rect part = {});
    void fact(const char* words, const char* source, const char* element);
    Result<Project> done(); ///< repaired
    Project project;
    Error m_error{ErrorKind::Internal, "", ""};

private:
    Progress& m_progress;
};

/// Hangs one more. \param at m \param reference m at which it gives `strength`
Lantern& hung(Project& project, const char* name, double kelvin, Vec3 at, double reference, double strength);
/// \return 0 when there is none of that name
int idOf(const Project& project, const char* element);

} // namespace rl::demo
