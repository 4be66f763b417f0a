#pragma once
#include "core/base/progress.h"
#include "core/stage/camera.h"
#include "core/stage/surface.h"

namespace rl::stage {

/// What throws an element's shadow: its coverage as a card standing in the plane Z = z, at halving resolutions.
struct CasterCard {
    std::vector<Plane> mips; ///< 0…1
    double left = 0, top = 0; ///< m: X of the left edge, Y of the upper edge
    double pixelsPerM = 1; ///< of mips[0]
    double z = 1;
    std::vector<float> foot; ///< share of each column of mips[0] that touches the ground, 0…1
};

/// One element as it lies in the frame, before any light.
struct Layer {
    int element = 0;
    int left = 0, top = 0; ///< px in the frame
    LinearPicture albedo;
    Plane cover; ///< 0…1
    Raster<Vec3f> normal; ///< scene axes, unit
    double distance = 1; ///< m
    double groundRow = 0; ///< px: where the ground lies at that distance
    double footRow = 0, headRow = 0; ///< px: extent of the whole element, seen or not
    Material material = Material::Matt;
    CasterCard caster;
    int width() const { return cover.width(); }
    int height() const { return cover.height(); }
};

/// Mean radiance of the backdrop in three parts, linear: what fills the shade.
struct SkyLight {
    Rgb zenith, horizon, ground;
};

/// Everything known per canvas pixel before light. Elements stay layers, far to near, so that soft edges are lit
/// before they are blended.
struct StageFrame {
    int width = 0, height = 0;
    double pixelsPerCm = 1;
    Eye eye; ///< in pixels of this frame: focalCm, x0 and horizon are px here
    LinearPicture backdrop; ///< as photographed
    LinearPicture groundAlbedo; ///< rows from groundTop down
    int groundTop = 0; ///< first row of ground
    SkyLight sky;
    std::vector<Layer> layers;
    IdMap ids; ///< topmost element covering half a pixel or more
};

/// The backdrop as it lies on the canvas, dimmed as wished; nothing else. \param widthPx 16…20000
LinearPicture backdropOf(const Project& project, int widthPx);

/// \param widthPx of the frame, 16…20000 \return null when cancelled
std::shared_ptr<const StageFrame> compose(const Project& project, int widthPx, SurfaceCache& cache, Progress& progress);

} // namespace rl::stage
