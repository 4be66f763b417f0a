#pragma once
#include "core/base/raster.h"

namespace rl::transfer {

/// What in a picture a draughtsman would draw as a line: borders of colour and dark or light lines, each once.
struct EdgeField {
    Plane strength; ///< L* and more, after what only belongs to a texture is taken off
    Plane tx, ty; ///< unit: along the line
};
/// Local energy of a step and a line detector across the direction of least change (Morrone & Owens 1987), gathered
/// along that direction as far as `gather` (flow-based filtering, Kang, Lee & Chui 2007), less what surrounds it
/// (Grigorescu, Petkov & Westenberg 2003), so that grain, dust and bark stay out.
/// \param sigma px of the detector \param gather px, standard deviation along the line \param normals may be empty
EdgeField edgesOf(const LinearPicture& picture, const Raster<Vec3f>& normals, double sigma, double gather);

} // namespace rl::transfer
