#pragma once
#include "core/base/progress.h"
#include "core/base/raster.h"

namespace rl::cutout {

/// What is certain of a cut-out: 255 surely in, 0 surely out, anything else unknown.
using Marks = Mask;

/// What colours alone say of a pixel's share, and how far that is to be believed.
struct ColourGuess {
    Plane alpha; ///< 0…1
    Plane trust; ///< ≥ 0: weight against the windows, whose own is of order 1
};

/// Alpha of the unknown pixels such that, within every 3 × 3 window, it is as nearly a linear function of colour as
/// it can be, held to the certain pixels and drawn to the guess where that is trusted. Coarse to fine; only the
/// unknown pixels are worked on.
/// \param start 0…1, where to begin (any plane of the picture's size)
/// \return 0…1; what was reached so far when cancelled
/// Source: closed-form matting, Levin, Lischinski & Weiss (2008); applied without building the matrix after He, Sun &
/// Tang (2010), solved by conjugate gradients.
Plane closedForm(
    const LinearPicture& picture, const Marks& marks, const ColourGuess& guess, const Plane& start, Progress& progress);

} // namespace rl::cutout
