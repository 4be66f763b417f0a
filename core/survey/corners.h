#pragma once
#include "core/base/progress.h"
#include "core/survey/canvas_view.h"
#include <functional>
#include <optional>

namespace rl::survey {

/// Where the canvas was found.
struct CanvasFound {
    bool found = false;
    CanvasView view; ///< in px of the photograph handed over
    double confidence = 0; ///< 0…1
    std::string why; ///< why it was not found
    bool byTags = false; ///< by four printed tags
};
/// Finds the four corners and the radial term: features and contours give first guesses; where the plan is recognised
/// says where the sides ought to be; straight lines are laid along the edges there, closer in four rounds.
/// \param planLab, photoLab CIELAB, CV_32FC3 \param borderCm of a white border about the canvas, 0 = none
/// \param first told the best first guess; may be empty
CanvasFound canvasIn(const cv::Mat& planLab, const cv::Mat& photoLab, double widthCm, double heightCm, double borderCm,
    Progress& progress, const std::function<void(const CanvasView&)>& first = {});

} // namespace rl::survey
