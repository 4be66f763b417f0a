#pragma once
#include "core/survey/canvas_view.h"
#include <optional>
#include <utility>
#include <vector>

/// Four printed tags, stuck beside the canvas so that each touches a corner of it.
namespace rl::survey {

inline constexpr double kTagCm = 4; ///< side of the black square
inline constexpr double kTagMarginCm = 0.8; ///< of white paper about it; its outer corner touches the canvas' corner

inline constexpr double kTagPaperL = 94; ///< L* of common white paper: it tells the light at the corners

/// A tag as it is printed, with its margin, upright: the corner that touches the canvas lies lower right for the upper
/// left one, and so on round. \param corner 0 upper left, 1 upper right, 2 lower right, 3 lower left
Mask tagPicture(int corner, int px);
/// How the canvas lies, by four tags: their sixteen corners fitted at once, each tag free to be turned about the corner
/// it touches. \param grey 8 bit \return nothing where one of them is not seen
std::optional<CanvasView> taggedView(const cv::Mat& grey, double widthCm, double heightCm);

} // namespace rl::survey
