#pragma once
#include "core/base/raster.h"
#include "core/project/project.h"
#include "core/reading/attention.h"
#include <opencv2/core.hpp>

namespace rl::reading {

/// Faces seen from the front, by the cascade of Viola & Jones (2001) that Debian's opencv-data ships. None where that
/// package is missing; sides of heads, masks and beasts, and faces under a twentieth of the picture's long side, are
/// not found and can be marked by hand.
struct FaceSearch {
    std::vector<Rect> faces; ///< px
    struct Level {
        cv::Mat grey; ///< the picture at a size at which a face has 20 px
        std::vector<cv::Point> windows; ///< upper left corners of what looks like one, px of it
    };
    std::vector<Level> levels; ///< finest first, each 1.22 times coarser than the one before
};
/// \param before a search in a picture of the same size: rows in which nothing has changed are not searched again
FaceSearch searchFaces(const Photo& picture, const FaceSearch* before = nullptr);
/// Whether faces can be looked for here.
bool facesCanBeFound();

/// A face that is looked for anyway pulls about this much more, for want of a better figure; the painter's own word
/// stands where it is larger.
inline constexpr double kFacePull = 1.8;
/// Pull with what things mean taken in: measured shares lifted by each element's `meaning` and by faces on it. Shown
/// beside the measured ones, never in their place. Sums to 1.
std::map<int, double> meantShares(
    const Project& project, const Attention& attention, const IdMap& ids, const std::vector<Rect>& faces);

} // namespace rl::reading
