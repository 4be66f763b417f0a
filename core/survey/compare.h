#pragma once
#include "core/survey/drift.h"
#include <optional>
#include <span>
#include <vector>

/// What is painted, and how its values and colours differ from what they should be.
namespace rl::survey {

/// Light and ground as they were made out.
struct Evened {
    cv::Mat lab; ///< CV_32FC3 of the squared-up photograph, each place of the plan where it was painted, in even light
    cv::Mat paint; ///< CV_8U: 255 painted, 0 bare or not seen
    cv::Mat seen; ///< CV_8U
    std::optional<cv::Vec3f> ground; ///< CIELAB of what is bare; nothing where all is painted
    double share = 0; ///< painted, of what is seen
    double stops = 0; ///< by which the light differs over the canvas
    bool known = false; ///< lightness was fixed by something known, not by the plan itself
};
/// Linear RGB of a place, cm of the canvas; it may lie beside it.
struct Known {
    Vec2 at;
    cv::Vec3f colour;
};
/// The light of the photograph is a quadratic surface in the logarithm of linear light, fitted to painted places by
/// Tukey's biweight; the ground is the commonest colour among the smooth places that are unlike the plan.
/// \param planLinear, photoLinear linear RGB, CV_32FC3, of one size \param flow, agreement see
/// Registration \param known
/// places of something in the photograph whose lightness, L*, is known
Evened evened(const cv::Mat& planLinear, const cv::Mat& photoLinear, const cv::Mat& flow, const cv::Mat& agreement,
    const cv::Mat& seen, double perCm, const std::vector<Known>& known, double knownLightness);

struct Zone {
    Rect place; ///< cm of the canvas
    double dL = 0; ///< painted minus planned, L*
    double dC = 0; ///< chroma
    double dHue = 0; ///< degrees counter-clockwise; 0 where either is grey
    double painted = 0; ///< share
    bool judged = false; ///< enough of it is painted
};
Zone zoneOf(const Evened& evened, const cv::Mat& planLab, const Rect& place, double perCm);
/// The same of any shape. \param mask CV_8U, what of it is painted
Zone zoneOf(const Evened& evened, const cv::Mat& planLab, const cv::Mat& mask);
/// Whether a place of the plan is painted.
bool paintedAt(const Evened& evened, Vec2 cm, double perCm);

cv::Mat labOf(const cv::Mat& linear); ///< CIELAB of linear RGB, CV_32FC3
cv::Mat linearOf(const cv::Mat& rgb8); ///< linear RGB of sRGB, 8 bit

} // namespace rl::survey
