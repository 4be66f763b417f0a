#pragma once
#include "core/project/paint_box.h"
#include "core/project/project.h"

namespace rl::schedule {

/// The medium a work is painted in: its box's, or what its brief says.
PaintMedium mediumOf(const Project& project);

struct Drying {
    double touchHours = 0; ///< until it can be touched
    double overHours = 0; ///< until it can be painted over without lifting or closing in what is wet
};
/// Water-borne films dry as fast as water leaves: in proportion to the film and to 1 − relative humidity (first-order
/// evaporation; 50 % is usual), a hair dryer in a fifth of the time. Oil dries by taking up oxygen: in proportion to
/// the film, hardly by humidity, and no dryer helps. Usual figures at 120 µm wet; the maker's data sheet comes first.
Drying dryingOf(PaintMedium medium, double wetUm, double humidity, bool dryer);
/// Days from the last stroke to the varnish: acrylic 3, oil 180; 0 where the medium is not varnished (water-colour,
/// gouache: framed behind glass).
double varnishDaysOf(PaintMedium medium);

} // namespace rl::schedule
