#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include <algorithm>
#include <array>
#include <opencv2/core.hpp>

namespace rl::survey {

/// Four corners: upper left, upper right, lower right, lower left.
using Corners = std::array<Vec2, 4>;

/// How a flat canvas lies in a photograph: a homography, then one radial term about the photograph's middle,
/// x = c + (u − c)(1 + k1 r²), r in half diagonals. Pixel centres lie at whole numbers.
class CanvasView {
public:
    CanvasView() = default;
    /// \param corners as they are seen, px; they need not lie inside the photograph
    CanvasView(double widthCm, double heightCm, cv::Size photo, const Corners& corners, double k1);
    Vec2 photoAt(Vec2 cm) const;
    Vec2 cmAt(Vec2 px) const;
    Corners corners() const; ///< px
    double k1() const { return m_k1; }
    double widthCm() const { return m_width; }
    double heightCm() const { return m_height; }
    cv::Size photo() const { return m_photo; }
    double longCm() const { return std::max(m_width, m_height); }
    double pxPerCm() const; ///< in the middle
    Vec2 distorted(Vec2 u) const;
    Vec2 undistorted(Vec2 px) const;
    Vec2 straightAt(Vec2 cm) const; ///< px without the radial term
    /// The same corners, in a photograph `scale` times as large.
    CanvasView scaled(double scale) const;

private:
    double m_width = 1, m_height = 1, m_k1 = 0;
    cv::Size m_photo;
    cv::Matx33d m_toPhoto = cv::Matx33d::eye(), m_toCanvas = cv::Matx33d::eye(); ///< cm ↔ px without the radial term
};

/// What is seen of the canvas (or of `margin` cm more on every side), squared up. \param photo any type of matrix
/// \return widthPx across the canvas without the margin; outside the photograph the edge goes on
cv::Mat squared(const cv::Mat& photo, const CanvasView& view, int widthPx, double marginCm = 0);
/// 255 where a squared-up picture of that size shows the photograph, 0 where the canvas goes on outside it.
cv::Mat seen(const CanvasView& view, cv::Size size);

} // namespace rl::survey
