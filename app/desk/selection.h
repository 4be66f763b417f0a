#pragma once

namespace rl::app {

/// What the painter holds. Ids of the project, 0 = nothing; indices −1 = nothing (of a relief: the whole).
struct Selection {
    int element = 0, lantern = 0, reference = 0;
    int mist = -1; ///< index in the air
    int tube = 0; ///< of the paint box
    int puddle = -1; ///< index in the recipe map
    int part = -1; ///< index in the held element's relief
    bool operator==(const Selection&) const = default;
};

} // namespace rl::app
