#pragma once
#include "core/base/progress.h"
#include "core/base/raster.h"
#include "core/base/result.h"
#include <QString>

namespace rl::output {

/// A picture written at another size, strip by strip: never more than the picture itself and a strip in memory.
/// Cubic (Keys 1981) where it grows, means of areas where it shrinks.
/// \param widthPx, heightPx 1…100000 \param pixelsPerInch > 0, written into the file
/// \return NotWritable, Cancelled (nothing is left behind), Invalid for an absurd size
Result<Done> writeTiff(
    const Photo& picture, int widthPx, int heightPx, double pixelsPerInch, const QString& path, Progress& progress);

} // namespace rl::output
