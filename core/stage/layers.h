#pragma once
#include "core/stage/compose.h"
#include "core/stage/raster_mesh.h"
#include <opencv2/core.hpp>
#include <optional>

/// How single elements become layers of a frame; used by compose() alone.
namespace rl::stage {

/// The part of an image that lands on a grid: grid pixel (i, j) centre ↔ source (ox + (i + .5) sx, oy + (j + .5) sy).
cv::Mat resampled(
    const cv::Mat& source, double ox, double oy, double stepX, double stepY, int width, int height, int border);

/// Nothing when it stands above the horizon or has no shape; a layer without pixels when it lies off the canvas (it
/// may still throw a shadow onto it).
std::optional<Layer> layerOf(
    const StageFrame& frame, const Project& project, const Element& element, SurfaceCache& cache);

/// Share of the light that its substance stops, 0…1.
double opacityOf(const Element& element);
/// The card's coverage in up to a few strips, as it is turned, about its own foot.
/// \param alpha as seen from the front, 0…255
std::shared_ptr<const Caster> casterOf(const cv::Mat& alpha, const Element& element, double widthM, double foot);
/// A solid in slabs across its depth, about its own foot. \param opacity 0…1 of its material
std::shared_ptr<const Caster> casterOf(const Mesh& mesh, double opacity);
/// The same carried to where it stands; lifted or sunk it touches no ground.
std::shared_ptr<const Caster> carried(const Caster& own, const Element& element, const Vec3& foot);

/// Black point, white point and cast brought towards those of the surroundings.
void takeTone(std::vector<Rgb>& albedo, const Tone& tone);
/// A pattern laid over a layer, following its relief.
/// \param metresPerPx of the frame at the layer's distance \param centre px in the layer: where the pattern starts
void layPattern(std::vector<Rgb>& albedo, const Layer& layer, const Pattern& pattern, double metresPerPx, Vec2 centre);

} // namespace rl::stage
