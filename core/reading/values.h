#pragma once
#include "core/light/relight.h"
#include <map>

namespace rl::reading {

/// One step of a picture reduced to few values, as a paint chip.
struct ValueStep {
    double lightness = 0; ///< mean L* of the canvas in this step
    double from = 0, to = 0; ///< L* bounds
    double share = 0; ///< of the canvas, 0…1
};

/// The picture in 2…9 values. Bounds by the k-means of Lloyd (1982) on the L* histogram, so that each step is as
/// even in itself as it can be; darkest first.
std::vector<ValueStep> valueSteps(const LinearPicture& picture, int steps);
/// The picture in the steps between given bounds. \param bounds L*, ascending; one step more than there are bounds
std::vector<ValueStep> valueSteps(const LinearPicture& picture, const std::vector<double>& bounds);
/// Values of one element, or of the whole picture.
struct ElementValues {
    int element = 0; ///< 0 = the whole picture
    double darkest = 0, middle = 50, lightest = 100; ///< L* under which 2, 50 and 98 % of it lie
};
enum class KeyHeight { Low, Middle, High };
/// How the lights and darks of a picture are spread.
struct ValuePlan {
    ElementValues all;
    std::vector<ElementValues> elements; ///< in the order of their ids
    std::vector<ElementValues>
        planes; ///< of depth: near, middle, far, backdrop as 1, 2, 3, 4; those that hold anything
    KeyHeight height = KeyHeight::Middle; ///< middle under L* 38, over 62, or between
    bool major = true; ///< darkest and lightest 60 L* apart or more
    double blackShare = 0, whiteShare = 0; ///< of the canvas, under L* 12 and over 95: black and white are for accents
    Vec2 darkestAt, lightestAt; ///< px: middle of the darkest and of the lightest two hundredths…
    int darkestIn = 0, lightestIn = 0; ///< …and the element that holds most of them, 0 = none
};
/// \param planeOf depth plane of each element, 1…3; empty: planes are not told
ValuePlan valuePlan(const LinearPicture& picture, const IdMap& ids, const std::map<int, int>& planeOf = {});
/// Near, middle and far as 1, 2, 3: parted at the two widest gaps of log distance, each a third wider than the one
/// before.
std::map<int, int> depthPlanes(const std::map<int, double>& distance);
const char* nameOf(KeyHeight height); ///< "low", "middle", "high"

/// Grey picture of the steps.
LinearPicture posterised(const LinearPicture& picture, const std::vector<ValueStep>& steps);
/// As with half-closed eyes: blurred in linear light by `degrees` of the viewer's field, and darkened a little.
/// \param pixelsPerDegree of the picture at the viewing distance
LinearPicture squinted(const LinearPicture& picture, double pixelsPerDegree, double degrees = 0.35);

/// Pixels of the picture in one degree of the viewer's field.
double pixelsPerDegree(double widthPx, double canvasWidthCm, double distanceCm);

} // namespace rl::reading
