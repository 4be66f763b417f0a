#pragma once
#include "core/base/progress.h"
#include "core/gather/vanishing.h"

namespace rl::gather {

/// What seems to be a figure in a photograph, when nothing was cut out of it.
struct Figure {
    Mask mask; ///< 0 or 255, as large as the picture
    double sure = 0; ///< 0…1: how far its outline is an edge of the picture, and not a border that was guessed
};

/// Up to three, the surest first; they do not overlap. What a graph cut keeps of several frames (whole, narrow, left,
/// right, cut off below) is one when its outline follows edges that are stronger than the picture has everywhere, and
/// it is of one piece. Empty for a picture of a ground, a texture, a view.
std::vector<Figure> figuresOf(const Photo& picture, const Horizon& horizon, Progress& progress);

} // namespace rl::gather
