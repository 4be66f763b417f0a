#include "core/survey/corners.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
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
/// \param few the photograph on fewer pixels
Recognised recognised(const cv::Mat& planLab, const cv::Mat& few, const CanvasView& view)
{
    constexpr int kLong = 420;
    const double perCm = kLong / view.longCm();
    const int wide = int(std::lround(view.widthCm() * perCm));
    const cv::Mat flat = squared(few, view.scaled(double(few.cols) / view.photo().width), wide);
    const cv::Mat plan = fitted(planLab, flat.size());
    const Registration reg(plan, flat, view.longCm(), true);
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
    const cv::Mat H = cv::findHomography(from, to, cv::RANSAC, 0.35 * perCm, in, 1500, 0.999);
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

namespace {
struct Search {
    cv::Mat plan, photo, few; ///< CIELAB; the photograph on fewer pixels as well
    double w = 0, h = 0, borderCm = 0, scale = 1; ///< of `few`
    double u = 1; ///< what a millimetre is for a canvas of this size, mm
};
struct Settled {
    CanvasFound found;
    double score = -1;
};

/// From a first guess to the sides, in ever narrower windows.
Settled settledFrom(const Search& of, const Start& start)
{
    CanvasView v = start.view.scaled(double(of.photo.cols) / start.view.photo().width);
    // photographs' sizes are whole
    v = CanvasView(of.w, of.h, of.photo.size(), v.corners(), 0);
    Recognised known = recognised(of.plan, of.few, v);
    if (known.inliers > 0.3)
        v = known.view;
    SidesFound sides;
    double off = 0, score = -1e9, k1 = 0;
    for (const double window : {1.8, 1.4, 0.8}) {
        const double span = window > 1.5 ? 0.13 : window > 1 ? 0.08 : 0.04;
        const double trust = std::clamp((known.agreement - 0.42) / 0.15, 0.0, 1.0) * known.inliers;
        SidesFound now = sidesNear(of.photo, v,
            {window * of.u, std::max(-0.14, k1 - span), std::min(0.14, k1 + span), window > 1.5 ? 0.02 : 0.01, 1,
                0.25 + 0.6 * trust, of.borderCm});
        known = recognised(of.plan, of.few, now.view);
        const double far = apartMm(now.view, known.view) / of.u;
        const double worth = now.total + 4 * known.agreement - far * far / 60;
        if (worth > score)
            score = worth, sides = now, off = far;
        v = known.inliers > 0.3 ? known.view : now.view, k1 = now.view.k1();
    }
    for (const double window : {0.25, 0.12}) {
        const double span = window > 0.15 ? 0.03 : 0.01, at = std::clamp(sides.view.k1(), -0.14, 0.14);
        sides = sidesNear(of.photo, sides.view, {window * of.u, at - span, at + span, span / 6, 1, 0.1, of.borderCm});
    }
    const double ncc = agreementOf(greyOf(of.plan, 1), greyOf(of.few, 1), sides.view.scaled(of.scale));
    const double weakest = *std::min_element(sides.clear.begin(), sides.clear.end());
    const auto unit = [](double v01) { return std::clamp(v01, 0.0, 1.0); };
    const double confidence
        = unit((ncc - 0.1) / 0.3) * unit((weakest - 0.15) / 0.35) * unit(1.4 - off / (ncc < 0.4 ? 25 : 12));
    return {{true, sides.view, confidence, {}}, confidence + 0.01 * ncc};
}
} // namespace

CanvasFound canvasIn(const cv::Mat& planLab, const cv::Mat& photoLab, double w, double h, double borderCm,
    Progress& progress, const std::function<void(const CanvasView&)>& first)
{
    Search of{planLab, photoLab, {}, w, h, borderCm};
    of.u = std::max(1.0, std::max(w, h) / 60);
    of.scale = std::min(1.0, 1100.0 / std::max(photoLab.cols, photoLab.rows));
    cv::resize(photoLab, of.few, {}, of.scale, of.scale, cv::INTER_AREA);
    bool told = false;
    const auto tell = [&](const Start& s) {
        if (first && !std::exchange(told, true))
            first(s.view.scaled(1 / of.scale));
    };
    const auto starts = startsOf(greyOf(planLab, 1), greyOf(of.few, 1), photoLab, w, h, tell);
    if (starts.empty())
        return {false, {}, 0, tr("No canvas with this plan was found in the photograph.")};
    progress.report(0.3, tr("Looking for the canvas"));
    if (progress.cancelled())
        return {};
    tell(starts[0]);
    const bool two = starts.size() > 1 && starts[1].agreement >= 0.6 * starts[0].agreement
        && apartMm(starts[0].view, starts[1].view) > 4 * of.u;
    std::array<Settled, 2> ends;
    parallelRanges(two ? 2 : 1, [&](int from, int to) {
        for (int i = from; i < to; ++i)
            ends[std::size_t(i)] = settledFrom(of, starts[std::size_t(i)]);
    });
    const std::size_t better = ends[1].score > ends[0].score;
    CanvasFound best = ends[better].found;
    // Two answers that are as good as each other: neither is sure.
    if (two && ends[1 - better].found.confidence > 0.7 * best.confidence
        && apartMm(best.view, ends[1 - better].found.view) > 5 * of.u)
        best.confidence *= 0.5;
    if (!inside(best.view)) {
        best.found = false, best.confidence = std::min(best.confidence, 0.2);
        best.why = tr("A corner of the canvas lies outside the photograph: step back, or set the corners by hand.");
    } else if (best.confidence < 0.01) {
        best.found = false;
        best.why = tr("The canvas cannot be separated from what surrounds it: set the corners by hand.");
    }
    return best;
}

} // namespace rl::survey
