#pragma once
#include "core/stage/compose.h"
#include "core/stage/raster_mesh.h"
#include <optional>
#include <span>

/// How single elements become layers of a frame; used by compose() alone.
namespace rl::stage {

/// Nothing when it stands above the horizon or has no shape; a layer without pixels when it lies off the canvas (it
/// may still throw a shadow onto it).
std::optional<Layer> layerOf(
    const StageFrame& frame, const Project& project, const Element& element, SurfaceCache& cache);

/// Black point, white point and cast brought towards those of the surroundings.
void takeTone(std::span<Rgb> albedo, const Tone& tone);
/// A pattern laid over a layer, following its relief.
/// \param metresPerPx of the frame at the layer's distance \param centre px in the layer: where the pattern starts
void layPattern(std::span<Rgb> albedo, const Layer& layer, const Pattern& pattern, double metresPerPx, Vec2 centre);

} // namespace rl::stage
