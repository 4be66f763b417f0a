#pragma once
#include "core/base/geometry.h"
#include "core/cutout/closed_form.h"

/// Cutting out by touch: a rough rectangle or a few strokes, and by the distance of colours from a plain ground.
namespace rl::cutout {

/// Marks for a rough rectangle around the thing: out surely outside of it, unknown inside. Drawn to within
/// 3 % of the picture's lower side it reaches down to it. \param rect px
Marks marksOf(const Rect& rect, int width, int height);

/// A hard cut, and how sure each place is.
struct Rough {
    Mask hard; ///< 0 or 255; empty when there is none
    Plane evidence; ///< log of how much likelier "in" is by colour; any size, stretched over the picture; may be empty
};

/// In or out by colour and by edges, 0 or 255. Worked out at `longest` px and brought back to full size.
/// Source: iterated graph cuts, Rother, Kolmogorov & Blake (2004), OpenCV's; started from distances that count change
/// of colour along the way (geodesic, Bai & Sapiro 2007).
/// \return empty when cancelled, or when nothing is marked at all
Rough roughCut(const Photo& picture, const Marks& strokes, int longest, Progress& progress);

/// Soft alpha, 0…255, from a hard mask: the band is solved, and widened where it turns out to end in the middle of
/// something soft (hair, blur). \param strokes may be empty
Mask refined(const Photo& picture, const Rough& rough, const Marks& strokes, double bandPx, Progress& progress);

/// The whole way: strokes to soft alpha.
Mask touchCut(const Photo& picture, const Marks& strokes, double bandPx, Progress& progress);

/// What differs from a plain ground: the colour of the ground is taken from `ground` (a place on it, px), everything
/// within `tolerance` (ΔE00) of it and joined to it or not is out. 0 or 255.
Mask unlike(const Photo& picture, Vec2 ground, double tolerance);

} // namespace rl::cutout
