#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/light/relight.h"
#include "core/transfer/lineart.h"
#include "core/transfer/tiles.h"
#include <QString>

namespace rl::output {

enum class SheetContent { LineArt, Picture, Grid };

struct SheetJob {
    Project project;
    light::Picture picture; ///< for pictures: as rendered, at about 200 px/inch of canvas where the references carry it
    std::optional<transfer::LineSource> lines; ///< for line art
    SheetContent content = SheetContent::LineArt;
    bool withGrid = true;
};

/// The work lit as its sheets are: the board shows the lines of the same picture.
Result<SheetJob> sheetJob(
    const Project& project, SheetContent content, bool withGrid, stage::SurfaceCache& cache, Progress& progress);

/// Writes the tiles of the canvas at 1:1 as a PDF: a first page with the sheet map, then one page a tile with overlap,
/// cut marks, a label and a 10 cm check ruler. Lines stay vector. Written beside, then renamed.
Result<Done> writeSheets(const SheetJob& job, const QString& path, Progress& progress);

/// Pixels across the canvas wanted for printing the picture: 200 px/inch, at most 6000.
int printWidthPx(const Project& project);

} // namespace rl::output
