#pragma once
#include <memory>
#include <opencv2/core.hpp>
#include <string>

/// Video clips (late/pictures.h says why they stand apart).
namespace rl::late {

/// cv::VideoCapture behind a table of functions.
class Clip {
public:
    virtual ~Clip() = default;
    virtual bool opened() const = 0;
    virtual double pixelsWide() const = 0;
    virtual double pixelsHigh() const = 0;
    virtual double framesPerSecond() const = 0;
    virtual double frames() const = 0;
    virtual void seek(double second) = 0;
    virtual bool read(cv::Mat& bgr) = 0; ///< \return false where it ends
};

struct Clips {
    std::unique_ptr<Clip> (*open)(const std::string& path);
};

} // namespace rl::late

extern "C" const rl::late::Clips* rlLateClips();
