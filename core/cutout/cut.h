#pragma once
#include "core/base/progress.h"
#include "core/cutout/outline.h"

namespace rl::cutout {

struct CutOptions {
    double bandPx = 6; ///< width of the uncertain band, px of the picture
    double pullPx = 4; ///< how far the outline may be pulled onto the picture's edge, 0 = taken as drawn
};
struct Cut {
    Mask alpha; ///< 0…255, as large as the picture
    std::vector<std::vector<Vec2>> lines; ///< the outlines where they came to lie, px
};

/// From drawn loops to a soft-edged matte: flatten, pull onto the edge, fill, soften.
/// \return an empty alpha when cancelled or when no loop has three nodes
Cut cut(const Photo& picture, const std::vector<Loop>& loops, const CutOptions& options, Progress& progress);

/// How the edge came out.
struct EdgeQuality {
    double transitionPx = 0; ///< median width over which alpha goes from 10 % to 90 %
    double halo = 0; ///< ΔE00 between the half-covered pixels and the sure pixels just inside, median
    double jaggedness = 0; ///< length of the outline over that of its smoothed self, minus 1, in %
};
/// \param colours of the cut-out, linear, as large as its matte
EdgeQuality edgeQuality(const LinearPicture& colours, const Mask& alpha);
/// Share of the outline that is the picture's own border, 0…1.
double borderShare(const Mask& alpha);

} // namespace rl::cutout
