#include "core/paint/markers.h"
#include <opencv2/core/version.hpp>
#define RL_MARKERS_IN_OBJDETECT (CV_VERSION_MAJOR > 4 || (CV_VERSION_MAJOR == 4 && CV_VERSION_MINOR >= 7))
#if RL_MARKERS_IN_OBJDETECT
#include <opencv2/objdetect/aruco_detector.hpp>
#else
#include <opencv2/aruco.hpp>
#endif

namespace rl::paint {

#if RL_MARKERS_IN_OBJDETECT
namespace {
const cv::aruco::Dictionary& markerWords()
{
    static const auto all = cv::aruco::getPredefinedDictionary(cv::aruco::DICT_4X4_50);
    return all;
}
} // namespace

Markers markersIn(const cv::Mat& grey, Corners corners)
{
    cv::aruco::DetectorParameters options;
    if (corners == Corners::Refined)
        options.cornerRefinementMethod = cv::aruco::CORNER_REFINE_SUBPIX;
    Markers m;
    cv::aruco::ArucoDetector(markerWords(), options).detectMarkers(grey, m.squares, m.ids);
    return m;
}

cv::Mat markerPicture(int id, int side)
{
    cv::Mat mark;
    cv::aruco::generateImageMarker(markerWords(), id, side, mark, 1);
    return mark;
}
#else
namespace {
const cv::Ptr<cv::aruco::Dictionary>& markerWords()
{
    static const auto all = cv::aruco::getPredefinedDictionary(cv::aruco::DICT_4X4_50);
    return all;
}
} // namespace

Markers markersIn(const cv::Mat& grey, Corners corners)
{
    const auto options = cv::aruco::DetectorParameters::create();
    if (corners == Corners::Refined)
        options->cornerRefinementMethod = cv::aruco::CORNER_REFINE_SUBPIX;
    Markers m;
    cv::aruco::detectMarkers(grey, markerWords(), m.squares, m.ids, options);
    return m;
}

cv::Mat markerPicture(int id, int side)
{
    cv::Mat mark;
    cv::aruco::drawMarker(markerWords(), id, side, mark, 1);
    return mark;
}
#endif

} // namespace rl::paint
