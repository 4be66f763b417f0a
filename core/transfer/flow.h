#pragma once
#include "core/base/geometry.h"
#include "core/base/progress.h"
#include "core/base/raster.h"
#include <vector>

namespace rl::transfer {

/// Which way fur, grass, hair, feathers or folds run at each pixel of a picture.
struct FlowField {
    Plane angle; ///< degrees counter-clockwise from the right, y up, 0…180; 0 outside the mask
    Plane clear; ///< how much one direction stands out: peak over mean of the votes, ≥ 1; 0 outside
    Mask reliable; ///< 255 where the direction can be told
    double lengthPx = 0; ///< typical length of a strand as seen; 0 = not known
    bool empty() const { return angle.empty(); }
};

/// A place of a field, kept coarse.
struct FlowPoint {
    Vec2 at; ///< px
    double angle = 0; ///< degrees, 0…180
    double length = 0; ///< px, of a strand there
    double clear = 0; ///< see FlowField
    bool reliable = false;
};

/// Orientation votes, fine first: the log of luminance, without what is broader than a strand and with its local
/// contrast made even, is looked at in four sizes; each gradient votes for its own direction (von Mises kernel, 24
/// bins), votes are gathered over some 12 px, and the mode is taken, which keeps seams that averages smear. Where a
/// size shows no direction the next coarser fills in. Told apart from mere grain by letting two halves of the votes,
/// which share no pixel, find it each for itself (split-half reliability, Spearman 1910). Source: the mode of a
/// smoothed local histogram (van de Weijer & van den Boomgaard 2001), kernel of directions after von Mises; local
/// contrast as in divisive normalisation (Heeger 1992). \param mask same size, 255 inside; empty: all of it \return
/// empty when given up or nothing is inside
FlowField flowOf(const Photo& photo, const Mask& mask, Progress& progress);

/// The field at every `step` px inside the mask, and how long strands are there.
std::vector<FlowPoint> flowPoints(const FlowField& field, const Photo& photo, const Mask& mask, double step);

/// A stroke along the flow: its middle line, wide in the middle, pointed at its ends.
struct FlowStroke {
    std::vector<Vec2> points; ///< px
    double clear = 0;
};
/// Strokes as long as the strands, about `apart` px from each other, none where the direction cannot be told.
std::vector<FlowStroke> flowStrokes(const FlowField& field, double lengthPx, double apart);

} // namespace rl::transfer
