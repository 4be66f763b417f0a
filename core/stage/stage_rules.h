#pragma once
#include "core/stage/surface.h"

namespace rl::stage {

/// Finest detail the eye resolves, as picture pixels per cm on the canvas: one arc minute at the viewing distance,
/// never more than 60. Source: normal acuity 1.0 resolves 1′ (ISO 8596).
double neededPixelsPerCm(double viewingDistanceCm);
/// The same for a reference: at least 60 where it is for a face, since faces are looked at from near.
double neededPixelsPerCm(const Project& project, const Reference& reference);

/// References: enough pixels at their size on the canvas; lit so that a direction can be told.
Findings gatherFindings(const Project& project, SurfaceCache& cache);
/// Cut-outs: run off their picture, edges too wide or with a halo.
Findings cutFindings(const Project& project, SurfaceCache& cache);
/// Under a third of a degree a shape is a dot to the viewer. \return cm
double leastReadableCm(const Brief& brief);
/// Elements: off the ground or hovering, of an impossible size, crowding the margin, too small to be painted, repeated,
/// short of room, cut at joints.
Findings stageFindings(const Project& project, SurfaceCache& cache);

} // namespace rl::stage
