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

/// \pre picture and ids of one size
ContrastMaps contrastMaps(const LinearPicture& picture, const IdMap& ids, const Viewing& viewing, int longest);

/// Blur that ends at the border: G*x / G*1.
cv::Mat blurred(const cv::Mat& m, double sigma);

} // namespace rl::reading
