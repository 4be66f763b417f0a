#pragma once
#include "core/reading/order.h"
#include "core/stage/compose.h"
#include <functional>

namespace rl::review {

/// One change that helps to put a work in order, with a switch of its own.
struct Remedy {
    int element = 0; ///< what it is about; 0 = a light
    std::string words; ///< "“Salt heap” 9 L* darker"
    std::function<Project(Project)> apply;
};

/// What makes the measured order of a work the intended one.
struct PutRight {
    bool already = false; ///< it is: nothing is changed
    bool solved = false; ///< it is afterwards, measured on the work lit anew
    double margin = 0; ///< least ratio of pull between what must be over what, afterwards; under 1.1 is thin
    std::vector<Remedy> remedies; ///< in the order they are applied: light first, then tone
    std::vector<std::pair<int, int>> remain; ///< elements that are still the wrong way round: first must draw more
    std::vector<int> before, after; ///< orders
};

/// First what light can do: the one change that mends most, if it mends a third: a lamp (or the sun) at half, √½, √2 or
/// double strength, a lantern warmer, cooler or a metre aside, the haze thicker or thinner. Then tone, as
/// reading::putInOrder() finds it, carried over to what things are made of and proved on the work lit anew. \param
/// widthPx of the picture that is measured \return what was reached so far when cancelled
PutRight putRight(const Project& project, stage::SurfaceCache& cache, Progress& progress, int widthPx = 640);

/// The work with those remedies whose switch is on. \param on as many as remedies
Project withRemedies(Project project, const std::vector<Remedy>& remedies, const std::vector<bool>& on);

/// An element's values and chroma changed as it is seen: its tone, in terms of its own colours.
/// \param frame in which it stands \param litL its mean L* as lit
Project withTouch(Project project, const stage::StageFrame& frame, const reading::Touch& touch, double litL);

/// A look on one element, or (element 0) on all of the work, backdrop included, as tones of its parts. A picture lit
/// anew is close to the look, not the same: light falls on what was changed.
Project withLook(
    Project project, const stage::StageFrame& frame, const light::Picture& picture, const reading::Touch& look);

} // namespace rl::review
