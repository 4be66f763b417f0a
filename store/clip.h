#pragma once
#include "core/base/progress.h"
#include "core/base/raster.h"
#include "core/base/result.h"
#include <filesystem>
#include <vector>

/// Stills out of video clips (OpenCV's videoio).
namespace rl::store {

struct ClipFacts {
    double seconds = 0, framesPerSecond = 0;
    int width = 0, height = 0; ///< px
};
Result<ClipFacts> clipFactsOf(const std::filesystem::path& path);

struct Still {
    double second = 0;
    double sharpness = 0; ///< variance of the Laplacian of the luminance, code values²
    Photo picture;
};
/// The sharpest frames near a moment, best first, no two closer than a fifth of a second.
/// \param moment s \param reach s either way, 0…10 \param most stills wanted, 1…12
/// Sharpness: variance of the Laplacian, Pech-Pacheco et al. (2000).
Result<std::vector<Still>> sharpestStills(
    const std::filesystem::path& path, double moment, double reach, int most, Progress& progress);

} // namespace rl::store
