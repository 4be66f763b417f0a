#pragma once
#include "core/reading/attention.h"
#include <array>
#include <opencv2/core.hpp>

namespace rl::reading {

inline constexpr int kFeatures = 5; ///< value, colour, orientation, detail, sharpness

/// The picture at its measuring size with its five contrast maps, each normalised over the canvas.
struct ContrastMaps {
    cv::Mat L, a, b; ///< CIELAB, float
    cv::Mat ids; ///< CV_32S
    double unit = 16; ///< px in a layout degree
    std::array<cv::Mat, kFeatures> feature;
    cv::Mat gradient, softGradient; ///< of L*, fine and after a blur of 2.5 px
    cv::Mat jDiff, jCross, jTrace; ///< structure tensor
};

/// Ids as they are measured, CV_32S. \param longest px of the longer side
cv::Mat measuringIds(const IdMap& ids, int longest);
/// px in a layout degree of a picture of that size
double layoutDegree(cv::Size size, const Viewing& viewing);
/// \param ids as they are measured, of a map of the picture's size
ContrastMaps contrastMaps(const LinearPicture& picture, const cv::Mat& ids, const Viewing& viewing);

/// Blur that ends at the border: G*x / G*1.
cv::Mat blurred(const cv::Mat& m, double sigma);

} // namespace rl::reading
