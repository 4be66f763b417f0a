#pragma once
#include "core/stage/cover.h"

namespace rl::stage {

enum class Spread { Path, Area, Depth };

/// How to scatter kin of an element over the ground.
struct KinWish {
    int of = 0; ///< element
    int count = 6; ///< 1…100
    Spread spread = Spread::Path;
    std::vector<Vec2> ground; ///< X and Z, m: along a line; the corners of an area; from where to where in depth
    double turn = 40; ///< degrees either way about the upright axis, 0…180; cards at most 60
    double scale = 0.25; ///< largest share taller or lower, 0…0.9
    bool mirror = true; ///< every second one, by chance
    double reshape = 0.15; ///< largest share wider or narrower, and lean, 0…0.6
    std::uint32_t seed = 1; ///< equal seeds scatter alike
};
/// Adds the kin in one group with the element. Of one seed the same ones come, whatever the machine.
/// Fewer ground points than the spread needs (two; an area three), or no such element: as it was.
Project withKin(Project project, const KinWish& wish);
/// Places on the ground, X and Z in m. Path: even steps. Area: each as far from the others as chance allows
/// (Mitchell's best candidate, 1991). Depth: even steps on the canvas, that is in 1/Z.
std::vector<Vec2> spreadPlaces(const KinWish& wish);

/// How alike two elements look on the canvas.
struct Likeness {
    int a = 0, b = 0;
    double shape = 0; ///< overlap of the outlines brought to one size, 0…1 (intersection over union)
    double size = 0; ///< smaller over larger height on the canvas
    double alike = 0; ///< shape × size^½, 0…1; 1 = stamped
};
/// Between elements of one cut-out, one kin, or one kind of stand-in; most alike first.
std::vector<Likeness> repetition(const Project& project, SurfaceCache& cache);
inline constexpr double kStamped = 0.86; ///< from here on the eye sees a copy

/// Makes one of them differ: turned over, leaner or wider, another size.
Project withVaried(Project project, int element, std::uint32_t seed);

} // namespace rl::stage
