#pragma once
#include "core/project/project.h"
#include <map>

namespace rl::transfer {

/// Where an element is seen in the plan.
struct SeenThing {
    int element = 0;
    Rect place; ///< plan cm
    double weight = 0; ///< of the eye's pull, 0…1
};
/// From a picture's ids. \param pixelsPerCm of the plan \param weights of elements; 0 where there is none
std::vector<SeenThing> seenThings(const IdMap& ids, double pixelsPerCm, const std::map<int, double>& weights);

/// Does the plan fit the canvas, do the sheets hold together, is the grid of a useful size; what the real canvas cuts
/// off, what a joint goes through, what is too small to be seen, printers that stray, bridges that tear. \param seen
/// empty: nothing is said of where things lie \param faces plan cm
Findings carryFindings(
    const Project& project, const std::vector<SeenThing>& seen = {}, const std::vector<Rect>& faces = {});

} // namespace rl::transfer
