#pragma once
#include <opencv2/core.hpp>

/// Regions of like colour (late/pictures.h says why they stand apart).
namespace rl::late {

struct Superpixels {
    /// \param lab CV_8UC3 \param side of a region, px \param rounds of settling
    /// \param least area of a region beside the mean one, % \return CV_32S, a number a region; count is how many there
    /// are
    cv::Mat (*find)(const cv::Mat& lab, int side, int rounds, int least, int& count);
};

} // namespace rl::late

extern "C" const rl::late::Superpixels* rlLateSuperpixels();
