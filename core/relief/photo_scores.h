#pragma once
#include "core/base/raster.h"
#include <array>
#include <opencv2/core.hpp>

namespace rl::relief {

/// How well each direction of light explains the brightness of a thing.

constexpr int kAzimuths = 72, kElevations = 12;
inline double azimuthOf(int i)
{
    return 5.0 * i;
}
inline double elevationOf(int i)
{
    return -30.0 + 10.0 * i;
}

/// The object averaged down to 112 px, without background bleeding in.
struct Work {
    cv::Mat luminance, alpha; // float
    cv::Mat inside, valid; // 0 or 255
    double radius = 0;
    bool atLeft = false, atTop = false, atRight = false, atBottom = false; // cropped by the picture
};
Work workCopy(const Photo& picture, const Mask& alpha);

/// Brightness just inside the outline by the direction it faces.
struct ContourBins {
    std::vector<double> mean, weight, centre; ///< centre: degrees
    double contrast = 0;
};
ContourBins contourBins(const Work& work);

using AzimuthScore = std::array<double, kAzimuths>;
/// Correlation with max(0, cos) + sky · sin: what faces up sees more sky. \param sky 0…1
AzimuthScore contourScore(const ContourBins& bins, double sky);

using InteriorScore = std::array<std::array<double, kElevations>, kAzimuths>;
/// Correlation of the brightness inside with max(0, N·L) + sky · N_y.
/// \param luminance float \param valid 0 or 255 \param normals 3 floats; all of one size
InteriorScore interiorScore(const cv::Mat& luminance, const cv::Mat& valid, const cv::Mat& normals, double sky);

} // namespace rl::relief
