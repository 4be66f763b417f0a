#pragma once
#include "core/paint/search.h"

namespace rl::paint {

/// A gradient in centimetres, laid in bands that are blended while two neighbours are open.
struct GradientWish {
    colour::ExactLab from, to;
    std::optional<colour::ExactLab> via; ///< a third colour on the way
    double viaShare = 0.5; ///< how far along it lies, above 0 and below 1
    double lengthCm = 10; ///< > 0
    double stepDe = 2; ///< CIEDE2000 between neighbours that no eye should find, > 0
    double openMinutes = 0; ///< how long the paint can be moved; 0: no matter
    double paceCmPerMinute = 0; ///< how fast this width is laid and blended
    std::vector<int> only; ///< places in the list of paints; empty: all
};
struct Band {
    double fromCm = 0, toCm = 0;
    colour::ExactLab lab;
    Recipe recipe; ///< any amounts, sum 1
    double off = 0; ///< CIEDE2000 from the wanted colour there
};
struct Gradient {
    std::vector<Band> bands; ///< the same tubes in each, from first to last
    double largestStep = 0; ///< CIEDE2000 between neighbours
    double off = 0; ///< the most that a band misses the straight way in CIELAB
    double minutes = 0; ///< to lay two neighbours, at the pace; 0 where none is said
    bool forTime
        = false; ///< more bands than the step alone needs, so that two neighbours can be laid while both are open
};
/// The smallest number of bands that keeps the step and the time: at least 2 length / (open · pace). Empty when the
/// list is or it was given up. At most 400 bands.
Gradient gradient(const Search& search, const GradientWish& wish, Progress& progress);

} // namespace rl::paint
