#pragma once
#include "core/project/project.h"

namespace rl::transfer {

/// A squared grid over the canvas; columns lettered from the left, rows numbered from the top.
struct Grid {
    double sideCm = 5;
    std::vector<double> xs, ys; ///< cm of every line, borders included
    int columns = 0, rows = 0; ///< a last narrower one counts
    std::string column(int index) const; ///< "A" … "Z", "AA" …
};

/// Side from {1, 2, 2.5, 5, 10 cm} or {½, 1, 2, 4 in} (20 and 50 cm, 8 and 20 in beyond) so that 6 to 14 squares span
/// the long side; the largest that does.
double chosenSideCm(double widthCm, double heightCm, LengthUnit unit);
/// The work's own grid: its set side, or the chosen one.
Grid gridOf(const Project& project);

} // namespace rl::transfer
