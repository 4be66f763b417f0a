#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include <vector>

namespace rl::transfer {

/// A line to trace, cm on the canvas.
struct Stroke {
    std::vector<Vec2> points;
    bool closed = false;
    bool contour = false; ///< outline of an element; else an edge inside one or in the backdrop
    int element = 0;
};

/// Outlines of the elements, and inner edges where a difference of Gaussians of L* crosses zero at a strong slope.
/// \param ids same size as the picture \param pixelsPerCm > 0 \param slope least slope of L* per px at an inner edge
/// Source: zero crossings of a band-pass, Marr & Hildreth (1980); simplified after Douglas & Peucker (1973).
std::vector<Stroke> lineArt(const LinearPicture& picture, const IdMap& ids, double pixelsPerCm, double slope = 1.4);

} // namespace rl::transfer
