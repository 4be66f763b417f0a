#pragma once
#include "core/light/irradiance.h"

/// What a lantern does where it hangs, in figures, and where a new one goes.
namespace rl::light {

/// Distance at which a lantern gives a white card facing it L* 50, its group's stops included, m.
double reachOf(const Lights& lights, const Lantern& lantern);
/// With just the strength that gives it that reach. \param metres 0.05…1000
Lantern withReach(const Lights& lights, Lantern lantern, double metres);

/// Level of a lantern of strength 1 on a card facing it where an element stands; null: 2 m from it.
double levelAt(const Project& project, const Lantern& lantern, const Element* element, stage::SurfaceCache& cache);

/// The element a lantern lights most.
struct Reached {
    int element = 0; ///< 0 = none
    double metres = 0; ///< from it
    double level = 0; ///< × full key light
};
Reached firstReached(const Project& project, const Lantern& lantern, stage::SurfaceCache& cache);

/// A lantern where a new one is of use: by the shoulder of a thing; without one 2 m high, at four fifths of the way to
/// what was stood up last. \param beside may be null
Lantern freshLantern(const Project& project, const Element* beside, stage::SurfaceCache& cache);
/// Hung in the middle of an element, inside it; null: free again, where it is.
Lantern hungIn(const Project& project, Lantern lantern, const Element* host, stage::SurfaceCache& cache);
/// A sheet of mist behind an element, or at 20 m.
Mist freshMist(const Project& project, const Element* before, stage::SurfaceCache& cache);

} // namespace rl::light
