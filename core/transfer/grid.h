#pragma once
#include "core/transfer/canvas_plan.h"
#include "core/transfer/lineart.h"

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
/// The work's own grid, cm on the canvas: its set side, or the chosen one; or only cross and quarter lines.
Grid gridOf(const Project& project);

/// A length as a ruler says it: "143 mm" and halves of it, "5 5/8 in" and thirty-seconds.
std::string onRuler(double cm, LengthUnit unit);
double rulerStepCm(LengthUnit unit); ///< the finest that onRuler tells apart

/// Squares (column, row) with so much to draw in them that finer squares help.
std::vector<std::pair<int, int>> denseSquares(
    const Grid& grid, const std::vector<Stroke>& lines, const CanvasPlan& canvas);

} // namespace rl::transfer
