#pragma once
#include "core/base/progress.h"
#include "core/gather/vanishing.h"

namespace rl::gather {

/// What seems to be a figure in a photograph, when nothing was cut out of it.
struct Figure {
    Mask mask; ///< 0 or 255, as large as the picture
    double sure = 0; ///< 0…1: how far its outline is an edge of the picture, and not a border that was guessed
};

/// Up to three, the main one first; they do not overlap. What stands out from the picture's border (or from all of it
/// but below) is cut along its edges; where nothing does, what a graph cut keeps of several frames. It is a figure when
/// its outline follows edges that are stronger than the picture has everywhere. Of those that are as sure the larger
/// is the main one. Empty for a picture of a ground, a texture, a view.
std::vector<Figure> figuresOf(const Photo& picture, const Horizon& horizon, Progress& progress);

} // namespace rl::gather
