#pragma once
#include "core/stage/camera.h"

namespace rl::light {

/// One arc in the sky as it lies on the canvas.
struct SkyArc {
    std::string name; ///< "rainbow", "second rainbow", "halo"
    double radius = 42; ///< degrees about its centre
    bool redOutside = true;
    std::vector<Vec2> points; ///< cm, only what lies above the horizon and on or near the canvas
};

/// What the sun can draw into this sky.
struct SkyOptics {
    bool rainbow = false, halo = false; ///< can some of it be seen in this picture?
    std::string why; ///< when there can be no rainbow: the reason, in a sentence
    std::vector<SkyArc> arcs;
    Vec2 sunCm, opposite; ///< where light rays and shadows meet: at the sun, or at the point opposite; cm
    std::vector<Vec2> path; ///< cm: outline of the sun's path on water, left side down and right side up; empty = none
    bool sunAhead = false; ///< the sun stands before the viewer: rays meet at it, and a glitter path leads to it
};
/// Rainbows: circles of 42.4° (red outside) and 50.4° (red inside) about the point opposite the sun (R. L. Lee & A. B.
/// Fraser, The Rainbow Bridge, 2001); only with the sun under 42° and behind the viewer. Halo: 22° about the sun (ice
/// prisms of 60°, R. Greenler, Rainbows, Halos and Glories, 1980).
/// Path on water: where wavelets of slope variance 0.006 (Cox & Munk 1954) still send half its brightest light.
SkyOptics skyOptics(const Project& project);

} // namespace rl::light
