#include "late/clip.h"
#include <opencv2/videoio.hpp>

namespace rl::late {

namespace {
class Captured : public Clip {
public:
    explicit Captured(const std::string& path)
        : m_clip(path)
    {
    }
    bool opened() const override { return m_clip.isOpened(); }
    double pixelsWide() const override { return m_clip.get(cv::CAP_PROP_FRAME_WIDTH); }
    double pixelsHigh() const override { return m_clip.get(cv::CAP_PROP_FRAME_HEIGHT); }
    double framesPerSecond() const override { return m_clip.get(cv::CAP_PROP_FPS); }
    double frames() const override { return m_clip.get(cv::CAP_PROP_FRAME_COUNT); }
    void seek(double second) override { m_clip.set(cv::CAP_PROP_POS_MSEC, second * 1000); }
    bool read(cv::Mat& bgr) override { return m_clip.read(bgr) && !bgr.empty(); }

private:
    cv::VideoCapture m_clip;
};
} // namespace

} // namespace rl::late

const rl::late::Clips* rlLateClips()
{
    static const rl::late::Clips clips{[](const std::string& path) -> std::unique_ptr<rl::late::Clip> {
        return std::make_unique<rl::late::Captured>(path);
    }};
    return &clips;
}
