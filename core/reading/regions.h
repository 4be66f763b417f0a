#pragma once
#include "core/base/progress.h"
#include "core/colour/lab.h"
#include "core/light/relight.h"

namespace rl::reading {

/// A part of a picture that hangs together by colour.
struct Region {
    int id = 0; ///< in the id map
    Rect at; ///< px
    Vec2 middle; ///< px
    colour::Lab mean;
    double share = 0; ///< of the canvas, 0…1
    std::string name; ///< "dark blue, upper left" until the painter gives it one
};
struct Regions {
    IdMap ids; ///< 0 = what lies behind all of it
    std::vector<Region> all; ///< largest first
};

/// Superpixels (SLIC: Achanta et al. 2012) merged pairwise, the least loss of colour first (Ward 1963, on CIELAB),
/// until `wanted` are left; what covers most of the rim of the canvas becomes the ground. Worked out at 512 px. \param
/// wanted 2…60 \return empty when cancelled
Regions regionsIn(const LinearPicture& picture, int wanted, Progress& progress);

/// "dark blue", "pale grey": lightness and hue in plain words.
std::string colourName(colour::Lab c);

} // namespace rl::reading
