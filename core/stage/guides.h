#pragma once
#include "core/stage/surface.h"

namespace rl::stage {

struct GuideLine {
    Guide guide = Guide::Thirds;
    std::vector<Vec2> points; ///< cm
};
/// The lines of one guide on this canvas.
std::vector<GuideLine> guideLines(const Project& project, Guide guide);
const char* nameOf(Guide guide);
const char* explained(Guide guide); ///< what it is and what painters use it for, in a sentence

/// How near an element keeps to a guide.
struct OnGuide {
    Guide guide = Guide::Thirds;
    int element = 0;
    double percent = 0; ///< distance from the nearest line, % of the canvas' long side
};
/// Elements whose middle lies within `percent` of the long side of a line that is shown.
std::vector<OnGuide> onGuides(const Project& project, SurfaceCache& cache, double percent = 2);
/// Distance of a point from a polyline, same unit.
double distanceTo(const std::vector<Vec2>& line, Vec2 point);

} // namespace rl::stage
