#pragma once
#include <array>
#include <opencv2/core.hpp>

namespace rl::reading {

inline constexpr int kOctaves = 4;
/// What a surface is strewn with: how strongly L* varies in four octaves of size, and which way it runs.
struct Grain {
    std::array<double, kOctaves> rms{}; ///< L*, of detail about 2, 4, 8 and 16 px across
    double along = 0, across = 0; ///< double-angle direction, each −1…1; both 0 = no direction
    bool known = false; ///< there was room to measure it
    double strength() const;
};

/// Grain of every place of a picture, kept coarse.
class GrainMaps {
public:
    /// \param L CV_32F, L*
    explicit GrainMaps(const cv::Mat& L);
    static constexpr int kCoarse = 4; ///< px in one cell

    /// Means of one side of a contour.
    struct Side {
        cv::Mat sums, weight; ///< CV_32FC(7), CV_32F, of the box in cells
    };
    /// \param box in cells \param mask of that box in the picture, 255 inside \return both sides, a cell off the
    /// contour
    std::array<Side, 2> sides(const cv::Mat& mask, const cv::Rect& box, double sigmaCells) const;
    static Grain at(const Side& side, cv::Point cell);
    cv::Size cells() const { return m_maps.size(); }

private:
    cv::Mat m_maps; ///< mean size of four octaves, then the structure tensor (xx − yy, 2 xy, trace)
};

/// How differently two surfaces are strewn, in L* (r.m.s. over octaves and direction).
double grainGap(const Grain& a, const Grain& b);

/// How far two surfaces stand apart to the eye, in ΔE00: their colours, masked by grain they share (contrast masking of
/// like by like, Legge & Foley 1980: √(1 + (c / c₀)²), c₀ = 3 L*), and their difference in grain beyond
/// 3 L* beside it.
double separation(double deltaE, const Grain& inside, const Grain& outside);

} // namespace rl::reading
