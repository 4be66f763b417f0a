#pragma once
#include "core/light/relight.h"

namespace rl::reading {

/// One step of a picture reduced to few values, as a paint chip.
struct ValueStep {
    double lightness = 0; ///< mean L* of the canvas in this step
    double from = 0, to = 0; ///< L* bounds
    double share = 0; ///< of the canvas, 0…1
};

/// The picture in 2…5 values. Bounds by the k-means of Lloyd (1982) on the L* histogram, so that each step is as
/// even in itself as it can be; darkest first.
std::vector<ValueStep> valueSteps(const LinearPicture& picture, int steps);
/// Grey picture of the steps.
LinearPicture posterised(const LinearPicture& picture, const std::vector<ValueStep>& steps);
/// As with half-closed eyes: blurred in linear light by `degrees` of the viewer's field, and darkened a little.
/// \param pixelsPerDegree of the picture at the viewing distance
LinearPicture squinted(const LinearPicture& picture, double pixelsPerDegree, double degrees = 0.35);

/// Pixels of the picture in one degree of the viewer's field.
double pixelsPerDegree(double widthPx, double canvasWidthCm, double distanceCm);

} // namespace rl::reading
