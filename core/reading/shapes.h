#pragma once
#include "core/reading/silhouette.h"
#include "core/stage/compose.h"

namespace rl::reading {

/// How a silhouette alone reads when the picture is as small as a thumb.
struct ThumbShape {
    int element = 0;
    double kept = 0; ///< overlap of the shape at 64 px with itself, 0…1 (intersection over union)
    double limbs = 1; ///< share of its thin parts that survive, 0…1
    bool thin = false; ///< thin parts are more than 3 % of it
    double told = 0; ///< how much its outline has to say, 0 round…1 deeply cut: (1 − solidity) / 0.3
    int notches = 0, notchesLeft = 0; ///< spikes and notches deeper than 6 % of its size, at full size and at 64 px
    double hidden = 0; ///< share of it behind others or off the canvas, 0…1
    double read = 0; ///< 0.6 and more reads well, 0.3 and less is lost; it cannot tell whether it is recognisable
};
/// kept · (limbs where thin) · (½ + ½ told).
std::vector<ThumbShape> thumbShapes(const light::Picture& picture);

/// Of each element the share that lies behind others or off the canvas, 0…1.
std::map<int, double> hiddenShares(const stage::StageFrame& frame, const IdMap& ids);

/// Two shapes that repeat one another.
struct Repeat {
    int first = 0, second = 0;
    double alike = 0; ///< best overlap, mirrored or turned by up to 15°, 0…1; 0.82 and more repeats
    double ratio = 1; ///< size of the first over that of the second
};
std::vector<Repeat> repeats(const light::Picture& picture);

/// What stands against the sky.
struct Skyline {
    int peaks = 0; ///< that rise 4 % of the height over the dips beside them
    double heights = 0, spacing = 0; ///< coefficient of variation of each; under 0.12 all peaks are alike
};
Skyline skylineOf(const IdMap& ids);

/// Two things that run into one shape: most of the border they share is lost.
struct Merged {
    int first = 0, second = 0;
    double lost = 0; ///< share of the shared border
    Vec2 at; ///< px
    double lengthPx = 0;
};
std::vector<Merged> merged(const std::vector<Silhouette>& shapes);

} // namespace rl::reading
