#pragma once
#include "core/base/raster.h"
#include "core/project/lamps.h"
#include <span>

namespace rl::light {

/// How a lit picture is brought to what a surface can hold.
struct Exposure {
    float gain = 1; ///< times
    float darks = 0; ///< 0…0.3: how far darks are deepened again, that air has made pale
};
Exposure exposureOf(const Air& air);

/// Exposure; darks y deepened to y² (1 + d) / (y + d) of the luminance; then a shoulder over the middle of luminance
/// and strongest channel that leaves everything under 0.6 alone and brings any brightness under 1. What is brighter
/// still whitens slowly, so that a lamp keeps its colour around a white core. Hue is kept, and more light is never
/// darker.
void fitRow(std::span<Rgb> row, const Exposure& exposure);
Rgb fitted(Rgb colour, const Exposure& exposure);

} // namespace rl::light
