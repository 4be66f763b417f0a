#pragma once
#include "core/survey/canvas_view.h"
#include <optional>

/// Where the sides of a canvas lie in a photograph, near where they are thought to be.
namespace rl::survey {

struct SideSearch {
    double windowCm = 1.4; ///< on both sides of where the side is thought to be
    double k1From = 0, k1To = 0, k1Step = 0.01;
    double inwards = 1; ///< share of the window towards the canvas' middle
    double pull = 0; ///< how much an edge at the end of the window loses against one where the side is thought to be
    double borderCm = 0; ///< a second edge runs so far outside of it
};
struct SidesFound {
    CanvasView view;
    std::array<double, 4> clear{}; ///< 0…1 of each side (top, right, bottom, left): share of its length with an edge
    double total = 0;
};
/// Straight lines, in coordinates without the radial term, along which the colour changes most: mean of min(1, ΔE over
/// 5 px / 10) at 110 places, thinned to ridges; the radial term with the largest sum is kept.
/// \param lab CIELAB of the photograph, CV_32FC3
SidesFound sidesNear(const cv::Mat& lab, const CanvasView& start, const SideSearch& search);
/// The radial term alone, where the corners are given.
CanvasView withRadialTerm(const cv::Mat& lab, const CanvasView& given);

} // namespace rl::survey
