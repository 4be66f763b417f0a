#pragma once
#include "app/desk/live_light.h"
#include "core/transfer/lineart.h"
#include <set>

namespace rl::app {

/// What is thrown onto the canvas, as values that a worker can take along.
struct ToThrow {
    enum What { Lines, GridAlone, Both, Element, Values, Picture, Pass };
    Project project;
    int what = Lines, step = 2, element = 0; ///< step: of five values, for Values
    double bright = 100; ///< %
    bool inverted = false;
    std::set<int> pass; ///< elements
    std::vector<transfer::Stroke> lines;
    std::shared_ptr<const LitWork> lit;
};

/// As it lies on the canvas, before it is bent for the projector; 1500 px on its longer side.
QImage thrownPicture(const ToThrow& wish);

} // namespace rl::app
