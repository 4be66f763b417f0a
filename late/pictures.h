#pragma once
#include <cstdint>
#include <opencv2/core.hpp>
#include <span>
#include <string>
#include <vector>

/// Libraries that drag a hundred others along, each behind a shared library of ours that is loaded when first asked for
/// (core/base/late.h): what never opens a picture never pays for them. Nothing of the core is linked into them, so
/// they speak in plain values; sentences are made by who asks.
namespace rl::late {

enum class Read { Fine, Damaged, TooLarge, NoSize };

/// A picture of a phone, a camera or a drawing program.
struct Foreign {
    Read outcome = Read::Fine;
    std::string detail; ///< the library's own words where it is damaged
    std::uint64_t width = 0, height = 0; ///< where it is too large
    cv::Mat bgr; ///< CV_8UC3, upright
    std::vector<unsigned char> profile; ///< ICC; empty = sRGB
};

struct Pictures {
    using Bytes = std::span<const unsigned char>;
    cv::Mat (*decode)(const cv::Mat& bytes, int flags); ///< cv::imdecode; throws cv::Exception
    bool (*encode)(const char* extension, const cv::Mat& bgr, std::vector<unsigned char>& out,
        const std::vector<int>& options); ///< cv::imencode
    // Each checks the size before it decodes. \param most pixels in all
    Foreign (*heif)(Bytes bytes, std::uint64_t most); ///< libheif; the picture named as the main one
    /// LibRaw: camera white balance, half of the sensor's contrast curve left to sRGB, full size.
    Foreign (*raw)(Bytes bytes, std::uint64_t most);
    Foreign (*svg)(Bytes bytes, int longSide); ///< librsvg, over white
};

} // namespace rl::late

extern "C" const rl::late::Pictures* rlLatePictures();
