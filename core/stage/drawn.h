#pragma once
#include "core/base/result.h"
#include "core/stage/surface.h"
#include <optional>

/// What is drawn on the canvas or pointed at on the ground becomes an element.
namespace rl::stage {

/// The project after it, and the element it was about.
struct DrawnThing {
    Project project;
    int element = 0;
};

/// A shape by its outline, cm on the canvas, closed. \param redraw an element whose shape it replaces; 0 = a new one
/// \return Invalid when it has no extent
Result<DrawnThing> withShapeDrawn(Project project, const std::vector<OutlinePoint>& outline, int redraw);
/// A turned thing by half its profile, cm on the canvas; its axis stands where the first point is, or where the one
/// redrawn stands.
Result<DrawnThing> withProfileDrawn(Project project, std::vector<OutlinePoint> half, int redraw);
/// A way by its course on the ground, X and Z in m, two places or more. \param as what it is when it is new
Result<DrawnThing> withCourseLaid(
    Project project, const std::vector<Vec2>& metres, int redraw, Track as, const std::string& name);

/// A stand-in on free ground: of those stood up before none is in its way.
DrawnThing withStandinUp(Project project, Element standin);

/// Where a place of a posed figure is seen, cm. \param local shares of its height, its own axes
Vec2 seenOfFigure(const Project& project, const Element& figure, Vec3 local);
/// The ground at a canvas point, X and Z in m; nothing at and above the horizon or beyond 5 km.
std::optional<Vec2> groundAt(const Project& project, Vec2 canvasCm);
/// Where an element's foot is found by itself again, its picture staying where it is.
Project withFootFound(Project project, int element, SurfaceCache& cache);
/// Where across the element's box its foot is set, 0…1 as seen, its picture staying where it is; locked stays.
Project withFootAt(Project project, int element, double shareSeen, SurfaceCache& cache);

} // namespace rl::stage
