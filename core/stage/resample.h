#pragma once
#include "core/base/raster.h"
#include "core/base/uncleared.h"

namespace rl::stage {

/// Where a grid lies on a picture: its pixel (i, j) covers (ox + i stepX … ox + (i + 1) stepX, oy + j stepY …), in the
/// picture's pixels. Steps over 0.
struct Grid {
    double ox = 0, oy = 0, stepX = 1, stepY = 1;
    int width = 0, height = 0;
    bool mirrored = false; ///< the picture turned left to right first
};
/// What lies outside of the picture.
enum class Beyond { Nothing, Edge };

/// What lands on the grid, row by row: each of its pixels is the mean of what it covers, at least of one pixel of the
/// picture (which is linear interpolation where the grid is finer). Box filter, exact to float; rows at once, the same
/// bytes with any number of threads.
Uncleared<float> resampled(const Mask& mask, const Grid& grid, Beyond beyond); ///< 0…1
Uncleared<Rgb> resampled(const LinearPicture& picture, const Grid& grid, Beyond beyond);
Uncleared<Rgb> resampled(const Photo& photo, const Grid& grid, Beyond beyond); ///< in linear light
Uncleared<Vec3f> resampled(const Raster<Vec3f>& field, const Grid& grid, Beyond beyond);

} // namespace rl::stage
