#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/project/project.h"
#include "core/stage/surface.h"
#include <QString>

namespace rl::output {

struct ExportWish {
    int widthPx = 0; ///< across the plan; 0 = what print wants, see printWidthPx
    double pixelsPerInch = 0; ///< written into PNG and TIFF, and for those the size; 0 = as widthPx says
};
/// The work in a format that other programs open, by the name's ending:
///   *.svg  lines in millimetres, a layer for each element and kind, the grid, landmarks (SVG 1.1)
///   *.ora  OpenRaster 0.0.5: a layer for each element as lit with its matte, its matte alone, and the light passes
///   *.png  *.tif  the picture with its resolution; TIFF in strips, of any size
/// \return Invalid for another ending, NotWritable, Cancelled
Result<Done> exportWork(const Project& project, const QString& path, const ExportWish& wish, stage::SurfaceCache& cache,
    Progress& progress);

} // namespace rl::output
