#pragma once
#include "core/survey/canvas_view.h"
#include <functional>
#include <vector>

/// First guesses of where a canvas lies in a photograph.
namespace rl::survey {

struct Start {
    CanvasView view;
    double agreement = 0; ///< correlation with the plan, lightness locally normalised
};
/// Features that the plan and the photograph share (AKAZE; Alcantarilla 2013; MAGSAC, Barath 2019), and quadrangles of
/// strong contours; the best first. \param plan, photo 8-bit grey; views are in px of `photo`
/// \param photoLab the photograph in CIELAB, CV_32FC3, any size: quadrangles of one colour are looked for in it too
/// \param early told one that is good enough to be shown, long before all are known; may be empty
std::vector<Start> startsOf(const cv::Mat& plan, const cv::Mat& photo, const cv::Mat& photoLab, double widthCm,
    double heightCm, const std::function<void(const Start&)>& early = {});
/// How well the plan agrees with what a view squares up. \param plan, photo 8-bit grey
double agreementOf(const cv::Mat& plan, const cv::Mat& photo, const CanvasView& view);

} // namespace rl::survey
