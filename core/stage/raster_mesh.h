#pragma once
#include "core/base/raster.h"
#include "core/stage/camera.h"
#include "core/stage/mesh.h"

namespace rl::stage {

/// A mesh as the eye sees it, over the rectangle it covers of a frame.
struct SeenMesh {
    int left = 0, top = 0; ///< px
    Plane cover; ///< 0…1, share of the samples
    Plane depth; ///< m, Z of what is seen
    Raster<Vec3f> normal; ///< scene axes, unit, turned towards the viewer; empty of a mesh without
    Plane wet; ///< share of water; empty when there is none
};
/// \param mesh in the scene, m \param eye in pixels of the frame
/// \param sub samples a pixel each way
/// What lies nearer than 0.1 m is cut off. Depth-buffered, perspective-correct; the same bytes with any number of
/// threads.
SeenMesh seen(const Mesh& mesh, const Eye& eye, int frameWidth, int frameHeight, int sub = 3);

/// Where the mesh lands, px (or the eye's own unit); empty when all of it lies behind the eye.
Rect boundsOf(const Mesh& mesh, const Eye& eye);

} // namespace rl::stage
