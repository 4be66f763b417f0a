#pragma once
#include "core/colour/lab.h"
#include "core/project/brief.h"

namespace rl::reading {

/// One thing to be done before painting.
struct GroundTask {
    std::string words;
    double minutes = 0; ///< of work
    double dryHours = 0; ///< before the next
    double ml = 0; ///< of primer, size or thinned paint
    std::string caution; ///< said where it is done; empty = none
};
/// How the ground is made ready, in order.
struct GroundPlan {
    std::vector<GroundTask> tasks;
    colour::Lab tone; ///< of the toned ground; L 96 where it stays white
    std::string toneWhy;
    double hours() const; ///< from the first stroke of primer to the first of paint, drying included
    double ml() const;
};

/// Primer: 110 ml a square metre and coat, a fifth more in the first coat of a canvas and in proportion to how open its
/// weave is; toning: 60 ml. Work: ten minutes a square metre and coat and five to clean up. Usual figures of the trade;
/// the maker's data sheet comes first.
/// \param darkest, middle L* of the plan \param mean of all its colours
GroundPlan preparing(const Brief& brief, double darkest, double middle, colour::Lab mean);

} // namespace rl::reading
