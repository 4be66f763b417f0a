#pragma once
#include "core/base/result.h"
#include "core/stage/surface.h"
#include "core/transfer/flow.h"
#include <optional>

namespace rl::transfer {

/// How an element's surface runs, where it lies on the canvas: bent, turned and mirrored as its cut-out is.
struct ElementFlow {
    int element = 0;
    Vec2 originCm; ///< plan cm of the field's upper left
    double pixelsPerCm = 1;
    FlowField field;
    std::vector<FlowPoint> points; ///< px of the field
    double reliable = 0; ///< share of the element whose direction can be told, 0…1
    double lengthCm = 0; ///< of a strand, median; strands that lie over each other hide part of theirs
    double waviness = 0; ///< degrees: r.m.s. of the direction about an even bend, along one strand
    std::vector<std::vector<Vec2>> strokes; ///< plan cm, from root to tip as far as can be told
};
/// Measured on the photograph as placed, without the stage's light. \return Missing without a photograph, Invalid where
/// it is smaller than 40 px on the canvas, Cancelled
Result<ElementFlow> elementFlow(
    const Project& project, int element, double apartCm, stage::SurfaceCache& cache, Progress& progress);

/// Half the width of a tapering stroke at a share of its length, as a share of its greatest half width: round at the
/// root, pointed at the tip.
double taper(double share);

} // namespace rl::transfer
