#pragma once
#include "core/base/geometry.h"
#include <opencv2/core.hpp>
#include <vector>

/// How far what is painted lies from where it was planned.
namespace rl::survey {

/// One place of the plan, found again.
struct Drift {
    Vec2 at; ///< cm of the canvas
    double dxMm = 0, dyMm = 0; ///< painted minus planned place, x right, y down
    double confidence = 0; ///< 0…1: about the share of such places that are told within 2 mm
    bool painted = true;
    bool seen = true; ///< lies in the photograph
};

/// The plan and a squared-up photograph of one size, laid over each other: dense inverse search (Kroeger et al. 2016)
/// on locally normalised lightness, then at each place a Gaussian-windowed correlation in lightness and colour about
/// it.
class Registration {
public:
    /// \param planLab, photoLab CIELAB, CV_32FC3, the long side about 900 px
    Registration(const cv::Mat& planLab, const cv::Mat& photoLab, double longCm, bool rough = false);
    const cv::Mat& flow() const { return m_flow; } ///< CV_32FC2, px, at each place of the plan
    /// Places where paint is counted; CV_32F 0…1, empty = everywhere.
    void setPainted(const cv::Mat& weight) { m_painted = weight; }
    Drift at(Vec2 cm) const;
    double perCm() const { return m_perCm; }
    /// How well each place agrees with the plan once the flow is taken off: correlation within a Gaussian of half a
    /// centimetre; CV_32F −1…1, 0 where the plan is plain.
    cv::Mat agreement() const;

private:
    struct Found {
        Vec2 d;
        double ncc = -1;
    };
    Found blockAt(Vec2 px, Vec2 about, double halfCm, double reachMm, double penalty) const;
    double m_longCm, m_perCm, m_unit;
    cv::Mat m_plan, m_photo; ///< CV_32FC3: normalised lightness, a and b high-passed
    cv::Mat m_flow, m_painted;
};

/// Lightness locally normalised, d / (√G(d²) + 2.5), d = L − G(L); CV_32F.
cv::Mat normalised(const cv::Mat& lightness, double sigmaPx);

} // namespace rl::survey
