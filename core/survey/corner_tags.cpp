#include "core/survey/corner_tags.h"
#include <opencv2/aruco.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::survey {

namespace {
constexpr int kFirst = 40; ///< swatch cards have the lower ones

const cv::Ptr<cv::aruco::Dictionary>& tagWords()
{
    static const auto all = cv::aruco::getPredefinedDictionary(cv::aruco::DICT_4X4_50);
    return all;
}
} // namespace

Mask tagPicture(int corner, int px)
{
    const double whole = kTagCm + 2 * kTagMarginCm;
    const int margin = int(std::lround(px * kTagMarginCm / whole)), side = std::max(12, px - 2 * margin);
    cv::Mat sheet(px, px, CV_8U, cv::Scalar(255)), mark;
    cv::aruco::drawMarker(tagWords(), kFirst + std::clamp(corner, 0, 3), side, mark, 1);
    mark.copyTo(sheet(cv::Rect(margin, margin, side, side)));
    return Mask::fromMat(sheet);
}

namespace {
/// The black square's corners in cm, from the corner of the paper that touches the canvas, the paper upright.
std::array<Vec2, 4> squareOf(int corner, double shrink)
{
    const double a = kTagMarginCm, b = kTagMarginCm + kTagCm;
    const double left = corner == 0 || corner == 3 ? -b : a, top = corner < 2 ? -b : a;
    const double l = left + shrink, t = top + shrink, r = left + kTagCm - shrink, d = top + kTagCm - shrink;
    return {Vec2{l, t}, Vec2{r, t}, Vec2{r, d}, Vec2{l, d}};
}

/// Corners of the canvas, radial term, and how each tag is turned about the corner it touches: what is fitted.

/// … and last how much smaller black looks than it is, cm: blur in light is not blur in code values.
constexpr int kUnknown = 14;
using Unknowns = cv::Vec<double, kUnknown>;

CanvasView viewOf(const Unknowns& u, double w, double h, cv::Size photo)
{
    return {w, h, photo, {Vec2{u[0], u[1]}, Vec2{u[2], u[3]}, Vec2{u[4], u[5]}, Vec2{u[6], u[7]}}, u[8]};
}

cv::Vec<double, 32> seenAt(const Unknowns& u, double w, double h, cv::Size photo)
{
    const CanvasView v = viewOf(u, w, h, photo);
    const Vec2 corners[4]{{0, 0}, {w, 0}, {w, h}, {0, h}};
    cv::Vec<double, 32> out;
    for (int c = 0; c < 4; ++c) {
        const double co = std::cos(u[9 + c]), si = std::sin(u[9 + c]);
        const auto square = squareOf(c, u[13]);
        for (int k = 0; k < 4; ++k) {
            const Vec2 q = square[std::size_t(k)],
                       p = v.photoAt(corners[c] + Vec2{co * q.x - si * q.y, si * q.x + co * q.y});
            out[8 * c + 2 * k] = p.x, out[8 * c + 2 * k + 1] = p.y;
        }
    }
    return out;
}
} // namespace

std::optional<CanvasView> taggedView(const cv::Mat& grey, double widthCm, double heightCm)
{
    std::vector<std::vector<cv::Point2f>> squares;
    std::vector<int> ids;
    auto options = cv::aruco::DetectorParameters::create();
    options->cornerRefinementMethod = cv::aruco::CORNER_REFINE_SUBPIX;
    options->cornerRefinementWinSize = 5;
    options->cornerRefinementMaxIterations = 60;
    options->cornerRefinementMinAccuracy = 0.01;
    cv::aruco::detectMarkers(grey, tagWords(), squares, ids, options);
    cv::Vec<double, 32> seen;
    Unknowns u;
    unsigned known = 0;
    for (std::size_t i = 0; i < ids.size(); ++i) {
        const int c = ids[i] - kFirst;
        if (c < 0 || c > 3)
            continue;
        known |= 1U << c;
        for (int k = 0; k < 4; ++k) {
            const cv::Point2f p = squares[i][std::size_t(k)];
            seen[8 * c + 2 * k] = double(p.x), seen[8 * c + 2 * k + 1] = double(p.y);
        }
        const cv::Point2f nearest = squares[i][std::size_t((c + 2) % 4)]; // the one towards the canvas
        u[2 * c] = double(nearest.x), u[2 * c + 1] = double(nearest.y);
    }
    if (known != 15)
        return {};
    for (int round = 0; round < 12; ++round) { // Gauss and Newton, a little damped
        const cv::Vec<double, 32> now = seenAt(u, widthCm, heightCm, grey.size());
        cv::Matx<double, 32, kUnknown> J;
        for (int c = 0; c < kUnknown; ++c) {
            const double step = c < 8 ? 0.05 : 1e-4;
            Unknowns moved = u;
            moved[c] += step;
            const cv::Vec<double, 32> d = (seenAt(moved, widthCm, heightCm, grey.size()) - now) * (1 / step);
            for (int r = 0; r < 32; ++r)
                J(r, c) = d[r];
        }
        cv::Matx<double, kUnknown, kUnknown> A = J.t() * J;
        for (int c = 0; c < kUnknown; ++c)
            A(c, c) += 1e-6 * A(c, c)
                + (c == 8       ? 400.0
                        : c > 8 ? 10.0
                                : 0.0); // tags lie about square, lenses bend little
        Unknowns b = J.t() * (seen - now);
        for (int c = 8; c < kUnknown; ++c)
            b[c] -= (c == 8 ? 400.0 : 10.0) * u[c];
        u += A.solve(b, cv::DECOMP_CHOLESKY);
    }
    return viewOf(u, widthCm, heightCm, grey.size());
}

} // namespace rl::survey
