#pragma once
#include "core/project/project.h"

namespace rl::transfer {

/// One sheet: the part of the canvas printed on it at 1:1.
struct Tile {
    int column = 0, row = 0;
    Rect canvas; ///< cm on the canvas; bleed and wrapped edges lie outside of its face
};
inline constexpr int kMostSheets = 2000;

/// How the canvas is laid out over sheets of paper.
struct TilePlan {
    double paperWidth = 21, paperHeight = 29.7; ///< cm, as turned
    double margin = 1; ///< cm no printer is trusted with
    double foot = 1.6; ///< cm at the bottom for the check ruler and the label
    double overlap = 1; ///< cm shared by neighbours
    int columns = 1, rows = 1;
    std::vector<Tile> tiles; ///< row by row; empty where there were more than kMostSheets
    double correction = 1; ///< × every length on the paper
    /// What of the canvas goes on one sheet, cm.
    double printableWidth() const { return (paperWidth - 2 * margin) / correction; }
    double printableHeight() const { return (paperHeight - 2 * margin - foot) / correction; }
};

/// Upright or turned, whichever takes fewer sheets.
TilePlan tilesOf(const Project& project);
/// The same for one part of the canvas, cm.
TilePlan tilesOver(const Project& project, const Rect& part);

} // namespace rl::transfer
