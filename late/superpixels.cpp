#include "late/superpixels.h"
#include <opencv2/ximgproc/slic.hpp>

namespace {
cv::Mat superpixels(const cv::Mat& lab, int side, int rounds, int least, int& count)
{
    const auto slic = cv::ximgproc::createSuperpixelSLIC(lab, cv::ximgproc::SLICO, side);
    slic->iterate(rounds);
    slic->enforceLabelConnectivity(least);
    cv::Mat labels;
    slic->getLabels(labels);
    count = slic->getNumberOfSuperpixels();
    return labels;
}
} // namespace

const rl::late::Superpixels* rlLateSuperpixels()
{
    static const rl::late::Superpixels found{superpixels};
    return &found;
}
