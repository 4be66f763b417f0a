#pragma once
#include "core/base/progress.h"
#include "core/stage/camera.h"
#include "core/stage/caster.h"
#include "core/stage/surface.h"

namespace rl::stage {

/// One element as it lies in the frame, before any light.
struct Layer {
    int element = 0;
    int left = 0, top = 0; ///< px in the frame
    LinearPicture albedo;
    Plane cover; ///< 0…1
    Raster<Vec3f> normal; ///< scene axes, unit
    Plane depth; ///< m, of each pixel; empty: `distance` everywhere
    std::vector<float> rowDepth; ///< m, mean over what each row covers; empty with `depth`
    std::vector<std::array<float, 2>> rowReach; ///< m, least and most of what each row covers; empty with `depth`
    double distance = 1; ///< m, of its foot
    float nearest = 0, farthest = 0; ///< m, of `depth` where it covers; 0 without
    double order = 1; ///< m: what is painted later stands nearer
    bool lies = false; ///< on the ground rather than standing up
    double groundRow = 0; ///< px: where the ground lies at that distance
    double footRow = 0, headRow = 0; ///< px: extent of the whole element, seen or not
    Material material = Material::Matt;
    float glow = 1; ///< × of a glowing one
    float through = 0; ///< share of the light that comes through it from behind, 0…1
    float rim = 0; ///< 0…1: fuzz at its edge
    Plane fuzz; ///< with `rim`: how much of each pixel it takes, 0…1
    std::vector<Vec3> eyes; ///< px in the frame: middle (x, y) and radius (z) of balls that show catch-lights
    std::shared_ptr<const Caster> caster; ///< never null; made anew with the layer, so equal pointers mean equal layers
    /// Of a card: where the front of its body lies, m, over a coarse grid that holds something everywhere. A place x px
    /// in the frame is column x perPx - left.
    struct Front {
        Plane depth;
        int left = 0, top = 0;
        double perPx = 1;
    };
    Front front;
    Plane outline; ///< of glass: its whole coverage, while `cover` is what it hides; otherwise empty
    Plane water; ///< share of the ground it turns to water; empty for nearly all
    std::vector<std::array<int, 2>> spans; ///< of each row: columns [first, last) outside of which it covers nothing
    int width() const { return cover.width(); }
    int height() const { return cover.height(); }
    std::size_t at(int x, int y) const { return std::size_t(y) * std::size_t(width()) + std::size_t(x); }
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
    int surfacePx = 1400; ///< the longest side of the surfaces its layers are made of
    Eye eye; ///< in pixels of this frame: focalCm, x0 and horizon are px here
    LinearPicture backdrop; ///< as photographed
    int groundTop = 0; ///< first row of ground
    SkyLight sky;
    /// What the sky lays on open ground at strength 1.
    Rgb skyOnGround() const { return sky.zenith * 0.6f + sky.horizon * 0.4f; }
    /// What lay on the ground as it was photographed: its sky's light, its own sun's, and as much more where the ground
    /// shows more than those can have given (lamps, flash, a dark sky over a lit street).
    Rgb ownLight{1, 1, 1};
    /// Of that, what came from above and stays: what is put up anew hides it or lays its own sun on top.
    Rgb skyShare{1, 1, 1};
    /// What the ground is made of: the photograph over the light that lay on it, at most 2. \param y from groundTop
    Rgb groundAlbedo(int x, int y) const
    {
        const Rgb shown = backdrop.at(x, groundTop + y);
        return {std::min(shown.r / ownLight.r, 2.f), std::min(shown.g / ownLight.g, 2.f),
            std::min(shown.b / ownLight.b, 2.f)};
    }
    std::vector<Layer> layers;
    /// The topmost element covering half that pixel or more, 0 = ground and sky.
    int idAt(int x, int y) const;
};

/// idAt() of every pixel.
IdMap idsOf(const StageFrame& frame);

/// The backdrop as it lies on the canvas, dimmed as wished; nothing else. \param widthPx 16…20000
LinearPicture backdropOf(const Project& project, int widthPx);

/// Composes frame after frame and keeps what has not changed: while one element is dragged, only that one is stood up
/// anew. Not thread-safe; one worker owns one. The frame is the same bytes with or without what was kept.
class Composer {
public:
    Composer() = default;
    /// \param surfacePx the longest side of the surfaces that are put together: less is a sooner, coarser first look
    explicit Composer(int surfacePx)
        : m_surfacePx(surfacePx)
    {
    }
    /// \param widthPx of the frame, 16…20000 \return null when cancelled
    std::shared_ptr<const StageFrame> compose(
        const Project& project, int widthPx, SurfaceCache& cache, Progress& progress);

private:
    struct Kept;
    const Kept* known(const Project& project, const Element& element) const; ///< null: to be stood up anew
    void keepGround(StageFrame& frame) const;
    void makeSurfaces(const Project& project, bool kept, SurfaceCache& cache) const;
    struct Kept {
        Element element;
        Mask alpha; ///< of its cut-out, held so that its address stands for its content
        LazyPhoto photo; ///< the same
        std::vector<Pin> pins;
        Layer layer; ///< before it was put inside another
    };
    bool sameGround(const Project& project, int widthPx) const;
    bool sameEye(const Project& project, int widthPx) const;
    std::shared_ptr<const StageFrame> m_frame;
    std::vector<Kept> m_kept;
    Camera m_camera;
    Backdrop m_backdrop;
    LazyPhoto m_backdropPixels;
    bool m_backdropMissing = false;
    double m_widthCm = 0, m_heightCm = 0;
    int m_widthPx = 0, m_surfacePx = 1400;
};

/// One frame on its own.
std::shared_ptr<const StageFrame> compose(const Project& project, int widthPx, SurfaceCache& cache, Progress& progress);

} // namespace rl::stage
