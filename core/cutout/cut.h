#pragma once
#include "core/base/progress.h"
#include "core/cutout/outline.h"
#include "core/cutout/rough_cut.h"

namespace rl::cutout {

struct CutOptions {
    double bandPx = 6; ///< width of the uncertain band, px of the picture
    double pullPx = 4; ///< how far the outline may be pulled onto the picture's edge, 0 = taken as drawn
};
struct Cut {
    Mask alpha; ///< 0…255, as large as the picture
    std::vector<std::vector<Vec2>> lines; ///< the outlines where they came to lie, px
};

/// Everything that was said of a cut-out, freely mixed.
struct Wanted {
    std::vector<Loop> loops; ///< threads
    Marks strokes; ///< may be empty
    std::vector<std::pair<Vec2, double>> grounds; ///< places on plain grounds, px, and tolerances, ΔE00
};

/// Threads are pulled onto the edge and filled; plain grounds are taken out; where strokes are drawn, colours and edges
/// decide what they leave open (within the threads, when there are any). Then the edge is softened.
/// \param longest side at which strokes are worked out, px
/// \return an empty alpha when cancelled or when nothing usable was said
Cut cut(const Photo& picture, const Wanted& wanted, const CutOptions& options, Progress& progress, int longest = 900);

/// How the edge came out.
struct EdgeQuality {
    double transitionPx = 0; ///< median width over which alpha goes from 10 % to 90 %
    double halo = 0; ///< ΔE00 between the half-covered pixels and the sure pixels just inside, median
    double jaggedness = 0; ///< length of the outline over that of its smoothed self, minus 1, in %
};
/// \param colours of the cut-out, linear, as large as its matte
EdgeQuality edgeQuality(const LinearPicture& colours, const Mask& alpha);
/// The matte with its edge drawn in by one pixel, as soft as before.
Mask drawnIn(const Mask& alpha);
/// Share of the outline that is the picture's own border, 0…1.
double borderShare(const Mask& alpha);

} // namespace rl::cutout
