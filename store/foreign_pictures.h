#pragma once
#include "core/base/result.h"
#include "store/picture_header.h"
#include <opencv2/core.hpp>

/// Pictures that phones, cameras and drawing programs make. Each decoder checks the size before it decodes.
namespace rl::store {

/// What a decoder gives back: pixels as OpenCV orders them (BGR), already upright, and the colours that are meant.
struct ForeignPicture {
    cv::Mat bgr; ///< CV_8UC3 or CV_8UC4
    std::vector<unsigned char> profile; ///< ICC; empty = sRGB
    std::string note;
};

Result<ForeignPicture> decodeHeif(Bytes bytes); ///< libheif; the picture named as the main one
/// LibRaw: camera white balance, half of the sensor's contrast curve left to sRGB, full size.
Result<ForeignPicture> decodeRaw(Bytes bytes);
Result<ForeignPicture> decodeSvg(Bytes bytes); ///< librsvg, 2400 px on the long side, over white

} // namespace rl::store
