#pragma once
#include <opencv2/core.hpp>

namespace rl::gather {

/// Which edges of a picture are taken for ground.
enum class Surround {
    All, ///< the whole border
    AllButBelow ///< the upper edge and the upper half of the sides: what stands is often cut off below
};

/// How far each place stands out from the border: how much colour changes at least on the way to it, and how unlike
/// the colours of each side it is. 0…1 of the most.
/// \param lab CIELAB, 3 floats, at most some hundred px
/// Source: minimum barrier distance by raster scans, and colours of the border's sides, after Zhang, Sclaroff, Lin,
/// Shen, Price & Mech (2015), ICCV.
cv::Mat standingOut(const cv::Mat& lab, Surround surround);

} // namespace rl::gather
