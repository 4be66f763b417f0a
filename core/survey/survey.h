#pragma once
#include "core/base/progress.h"
#include "core/base/raster.h"
#include "core/base/result.h"
#include "core/survey/canvas_view.h"
#include "core/survey/compare.h"
#include "core/survey/corners.h"
#include <functional>

/// A photograph of the canvas squared up and held against the plan.
namespace rl::survey {

/// Something of known lightness in the photograph.
struct KnownGrey {
    std::vector<Rect> places; ///< cm of the canvas; may lie beside it
    std::optional<Rect> inPhoto; ///< px: where it lies in the photograph, if that is what is known
    double lightness = 50; ///< L*
    double borderCm = 0; ///< it is a border of that width about the canvas; then `places` are not needed
};
struct Asked {
    double widthCm = 60, heightCm = 40; ///< of the canvas
    std::optional<Corners> corners; ///< px, given by hand; nothing: looked for
    bool tags = true; ///< printed corner tags are looked for first
    std::vector<Vec2> landmarks; ///< cm
    std::function<std::vector<Vec2>()> landmarksLater; ///< asked for once the corners are found; may be empty
    /// Told as soon as it is known roughly where the canvas lies; px of the photograph. May be empty.
    std::function<void(const CanvasView&)> first;
    std::vector<Rect> zones; ///< cm
    std::optional<KnownGrey> grey;
};
struct Surveyed {
    bool found = false;
    std::string why; ///< why not
    CanvasView view; ///< in px of the photograph
    double confidence = 0; ///< of the corners
    bool byTags = false;
    std::vector<Drift> landmarks;
    std::vector<Zone> zones;
    double painted = 0; ///< share of what is seen
    Evened light;
    cv::Mat planLab; ///< CV_32FC3, as large as the pictures of `light`
    double perCm = 1; ///< of both
};
/// \return Invalid for sizes or pictures of nothing; Cancelled
Result<Surveyed> surveyed(const Photo& plan, const Photo& photo, const Asked& asked, Progress& progress);
/// The corners alone: the first squared-up picture needs no more.
Result<CanvasFound> cornersOf(const Photo& plan, const Photo& photo, const Asked& asked, Progress& progress);
/// The photograph squared up, light as it is. \param widthPx of the whole canvas
Photo squaredUp(const Photo& photo, const CanvasView& view, int widthPx);

} // namespace rl::survey
