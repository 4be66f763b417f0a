#pragma once
#include <opencv2/core.hpp>
#include <vector>

/// Square printed marks that a photograph is straightened by (OpenCV's ArUco, 4 x 4 squares, fifty of them). Its
/// versions before and after 4.7 differ in how they are asked; only here.
namespace rl::paint {

struct Markers {
    std::vector<std::vector<cv::Point2f>> squares; ///< four corners each, clockwise from the mark's upper left
    std::vector<int> ids; ///< 0 to 49
};

enum class Corners { AsFound, Refined }; ///< refined: settled on the grey beside them

/// \param grey 8 bit
Markers markersIn(const cv::Mat& grey, Corners corners);
cv::Mat markerPicture(int id, int side); ///< 8 bit, black and white, its black border one square wide

} // namespace rl::paint
