#pragma once
#include "core/light/relight.h"

namespace rl::reading {

/// Two outlines that come close without crossing or parting clearly.
struct Tangent {
    enum class Kind {
        Kiss, ///< they just touch, or all but touch
        Graze, ///< they cross at so flat an angle that they run into one another
        Edge ///< one touches the canvas edge without being cut by it
    };
    Kind kind = Kind::Kiss;
    int first = 0, second = 0; ///< element ids, second 0 = the canvas edge
    double gapPx = 0;
    Vec2 at;
    double severity = 1; ///< 0…1
    Vec2 way; ///< unit: the first moved along it parts from the second
    double freePx = 0; ///< the least move of the first along `way` that frees them; under 0: further over the other
};
/// Where three outlines meet at under 40°, or a short shared border (up to 1.5 R) is all two things share; gaps up to
/// g₀ along less than 35 % of the smaller outline; R = 2.5 %, g₀ = 1 % of the long side.
std::vector<Tangent> tangents(const light::Picture& picture);

} // namespace rl::reading
