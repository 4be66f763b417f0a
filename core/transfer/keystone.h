#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include "core/base/result.h"
#include <array>
#include <opencv2/core.hpp>
#include <optional>
#include <span>
#include <vector>

namespace rl::transfer {

/// Four corners: upper left, upper right, lower right, lower left.
using Corners = std::array<Vec2, 4>;

/// A projector before a canvas: where each of its pixels falls.
struct Keystone {
    cv::Matx33d toCanvas = cv::Matx33d::eye(); ///< projector px to canvas cm
    double errorMm = 0; ///< r.m.s. of what it was fitted to, on the canvas; 0 with four corners
    int points = 4; ///< that it was fitted to
    Vec2 canvasAt(Vec2 projectorPx) const;
    Vec2 projectorAt(Vec2 canvasCm) const;
};

/// From the projector's pixels that fall on the canvas' corners. \return Invalid where they do not go round, or lie on
/// a line
Result<Keystone> keystoneOf(const Corners& projectorPx, double widthCm, double heightCm);

/// What is thrown to find it: dark dots on white, a grid of `columns` × `rows`; the first has a larger one beside it.
struct DotPattern {
    int widthPx = 1280, heightPx = 800;
    int columns = 9, rows = 6;
    std::vector<Vec2> centres() const; ///< px, row by row
    double radius() const { return heightPx / 60.0; }
    Mask picture() const;
};
/// From a photograph of the canvas with the dots thrown on it: dots by their middles (least squares, outliers left out
/// by RANSAC, Fischler & Bolles 1981), the canvas by its four corners in the photograph. \param corners px; unset:
/// looked for, see canvasCorners \return Missing where dots or corners are not found
Result<Keystone> keystoneOf(const Photo& photo, const DotPattern& pattern, double widthCm, double heightCm,
    std::optional<Corners> corners = {});

/// The four corners of a canvas in a photograph, px: the quadrangle whose sides stand out best.
/// \param thrown a quadrangle that is none: the edge of what the projector throws
Result<Corners> canvasCorners(const Photo& photo, const std::optional<Corners>& thrown = {});

/// A picture of the canvas bent so that the projector throws it true. \param canvas a picture of the whole canvas
/// \return as large as the projector's, black outside
Photo prewarped(
    const Photo& canvas, const Keystone& keystone, double widthCm, double heightCm, int widthPx, int heightPx);

} // namespace rl::transfer
