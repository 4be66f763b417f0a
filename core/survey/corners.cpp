#include "core/survey/corners.h"
#include "core/survey/drift.h"
#include "core/survey/sides.h"
#include "core/survey/starts.h"
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::survey {

namespace {
cv::Mat greyOf(const cv::Mat& lab, double scale)
{
    cv::Mat L, out;
    cv::extractChannel(lab, L, 0);
    if (scale < 1)
        cv::resize(L, L, {}, scale, scale, cv::INTER_AREA);
    L.convertTo(out, CV_8U, 2.55);
    return out;
}

cv::Mat fitted(const cv::Mat& planLab, cv::Size size)
{
    cv::Mat out;
    cv::resize(planLab, out, size, 0, 0, planLab.cols > size.width ? cv::INTER_AREA : cv::INTER_LINEAR);
    return out;
}

struct Recognised {
    CanvasView view;
    double agreement = 0, inliers = 0;
};

/// Where the sides ought to be by what is painted: dense flow from the plan, and the homography most of it agrees on.
Recognised recognised(const cv::Mat& planLab, const cv::Mat& photoLab, const CanvasView& view)
{
    constexpr int kLong = 420;
    const double perCm = kLong / view.longCm();
    const int wide = int(std::lround(view.widthCm() * perCm));
    const cv::Mat flat = squared(photoLab, view, wide);
    const cv::Mat plan = fitted(planLab, flat.size());
    const Registration reg(plan, flat, view.longCm());
    const cv::Mat agrees = reg.agreement();
    std::vector<cv::Point2f> from, to;
    for (int y = 4; y < flat.rows; y += 8)
        for (int x = 4; x < flat.cols; x += 8) {
            if (agrees.at<float>(y, x) < 0.45f)
                continue;
            const cv::Vec2f f = reg.flow().at<cv::Vec2f>(y, x);
            from.emplace_back(float(x), float(y)), to.emplace_back(float(x) + f[0], float(y) + f[1]);
        }
    Recognised r{view, cv::mean(agrees)[0], 0};
    if (from.size() < 40)
        return r;
    std::vector<std::uint8_t> in;
    const cv::Mat H = cv::findHomography(from, to, cv::RANSAC, 0.35 * perCm, in, 3000, 0.999);
    if (H.empty())
        return r;
    r.inliers = double(cv::countNonZero(in)) / double(in.size());
    const float w = float(flat.cols), h = float(flat.rows);
    std::vector<cv::Point2f> c{{-0.5f, -0.5f}, {w - 0.5f, -0.5f}, {w - 0.5f, h - 0.5f}, {-0.5f, h - 0.5f}}, moved;
    cv::perspectiveTransform(c, moved, H);
    Corners corners;
    for (std::size_t i = 0; i < 4; ++i)
        corners[i] = view.photoAt({(moved[i].x + 0.5) / perCm, (moved[i].y + 0.5) / perCm});
    r.view = CanvasView(view.widthCm(), view.heightCm(), view.photo(), corners, view.k1());
    return r;
}

double apartMm(const CanvasView& a, const CanvasView& b)
{
    double worst = 0;
    const Corners p = a.corners(), q = b.corners();
    for (std::size_t i = 0; i < 4; ++i)
        worst = std::max(worst, (p[i] - q[i]).length() / a.pxPerCm() * 10);
    return worst;
}

bool inside(const CanvasView& v)
{
    for (const Vec2 c : v.corners())
        if (c.x < -1 || c.y < -1 || c.x > v.photo().width || c.y > v.photo().height)
            return false;
    return true;
}
} // namespace

CanvasFound canvasIn(
    const cv::Mat& planLab, const cv::Mat& photoLab, double w, double h, double borderCm, Progress& progress)
{
    const double u = std::max(1.0, std::max(w, h) / 60);
    const double scale = std::min(1.0, 1100.0 / std::max(photoLab.cols, photoLab.rows));
    const auto starts = startsOf(greyOf(planLab, 1), greyOf(photoLab, scale), photoLab, w, h);
    if (starts.empty())
        return {false, {}, 0, "There is nothing in the photograph like a canvas with this plan."};
    progress.report(0.3, "Looking for the canvas");
    CanvasFound best;
    double bestScore = -1;
    for (std::size_t i = 0; i < std::min<std::size_t>(2, starts.size()); ++i) {
        if (progress.cancelled())
            return {};
        if (i && starts[i].agreement < 0.6 * starts[0].agreement)
            break;
        CanvasView v = starts[i].view.scaled(double(photoLab.cols) / starts[i].view.photo().width);
        // photographs' sizes are whole
        v = CanvasView(w, h, photoLab.size(), v.corners(), 0);
        Recognised known = recognised(planLab, photoLab, v);
        if (known.inliers > 0.3)
            v = known.view;
        SidesFound sides;
        double off = 0, score = -1e9, k1 = 0;
        for (const double window : {1.8, 1.4, 0.8}) {
            const double span = window > 1.5 ? 0.13 : window > 1 ? 0.08 : 0.04;
            const double trust = std::clamp((known.agreement - 0.42) / 0.15, 0.0, 1.0) * known.inliers;
            SidesFound now = sidesNear(photoLab, v,
                {window * u, std::max(-0.14, k1 - span), std::min(0.14, k1 + span), 0.01, 1, 0.25 + 0.6 * trust,
                    borderCm});
            known = recognised(planLab, photoLab, now.view);
            const double far = apartMm(now.view, known.view) / u;
            const double worth = now.total + 4 * known.agreement - far * far / 60;
            if (worth > score)
                score = worth, sides = now, off = far;
            v = known.inliers > 0.3 ? known.view : now.view, k1 = now.view.k1();
        }
        for (const double window : {0.25, 0.12}) {
            const double span = window > 0.15 ? 0.03 : 0.01, at = std::clamp(sides.view.k1(), -0.14, 0.14);
            sides = sidesNear(photoLab, sides.view, {window * u, at - span, at + span, span / 6, 1, 0.1, borderCm});
        }
        const double ncc = agreementOf(greyOf(planLab, 1), greyOf(photoLab, scale), sides.view.scaled(scale));
        const double weakest = *std::min_element(sides.clear.begin(), sides.clear.end());
        const auto unit = [](double v01) { return std::clamp(v01, 0.0, 1.0); };
        const double confidence
            = unit((ncc - 0.1) / 0.3) * unit((weakest - 0.15) / 0.35) * unit(1.4 - off / (ncc < 0.4 ? 25 : 12));
        if (confidence + 0.01 * ncc > bestScore) {
            bestScore = confidence + 0.01 * ncc;
            best = {true, sides.view, confidence, {}};
        }
    }
    if (!inside(best.view)) {
        best.found = false, best.confidence = std::min(best.confidence, 0.2);
        best.why = "A corner of the canvas lies outside the photograph: step back, or set the corners by hand.";
    } else if (best.confidence < 0.01) {
        best.found = false;
        best.why = "The canvas cannot be told from what is about it: set the corners by hand.";
    }
    return best;
}

} // namespace rl::survey
