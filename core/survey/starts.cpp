#include "core/survey/starts.h"
#include "core/base/parallel.h"
#include "core/survey/drift.h"
#include <opencv2/calib3d.hpp>
#include <opencv2/features2d.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::survey {

double agreementOf(const cv::Mat& plan, const cv::Mat& photo, const CanvasView& view)
{
    constexpr int kWide = 160;
    cv::Mat a, b, small;
    squared(photo, view, kWide).convertTo(b, CV_32F, 100.0 / 255);
    cv::resize(plan, small, b.size(), 0, 0, cv::INTER_AREA);
    small.convertTo(a, CV_32F, 100.0 / 255);
    a = normalised(a, 8), b = normalised(b, 8);
    return a.dot(b) / std::sqrt(std::max(1e-9, a.dot(a) * b.dot(b)));
}

namespace {
double areaOf(const Corners& c)
{
    double a = 0;
    for (std::size_t i = 0; i < 4; ++i)
        a += c[i].x * c[(i + 1) % 4].y - c[(i + 1) % 4].x * c[i].y;
    return a / 2;
}
bool goesRound(const Corners& c)
{
    for (std::size_t i = 0; i < 4; ++i) {
        const Vec2 a = c[(i + 1) % 4] - c[i], b = c[(i + 2) % 4] - c[(i + 1) % 4];
        if (!(a.x * b.y - a.y * b.x > 1e-3 * a.length() * b.length()))
            return false;
    }
    return true;
}

/// Through the features both share.
void byFeatures(const cv::Mat& plan, const cv::Mat& photo, double w, double h, std::vector<Start>& out)
{
    cv::Mat p, q;
    cv::equalizeHist(plan, p);
    cv::equalizeHist(photo, q);
    std::vector<cv::KeyPoint> kp, kq;
    cv::Mat dp, dq;
    parallelRanges(2, [&](int from, int to) {
        for (int i = from; i < to; ++i)
            cv::AKAZE::create(cv::AKAZE::DESCRIPTOR_MLDB, 0, 3, 0.0008f)
                ->detectAndCompute(i ? q : p, {}, i ? kq : kp, i ? dq : dp);
    });
    if (kp.size() < 8 || kq.size() < 8)
        return;
    std::vector<std::vector<cv::DMatch>> pairs;
    cv::BFMatcher(cv::NORM_HAMMING).knnMatch(dp, dq, pairs, 2);
    std::vector<cv::Point2f> from, to;
    for (const auto& m : pairs)
        if (m.size() == 2 && m[0].distance < 0.82f * m[1].distance)
            from.push_back(kp[std::size_t(m[0].queryIdx)].pt), to.push_back(kq[std::size_t(m[0].trainIdx)].pt);
    if (from.size() < 8)
        return;
    const cv::Mat H = cv::findHomography(from, to, cv::USAC_MAGSAC, 6, {}, 5000, 0.999);
    if (H.empty())
        return;
    const float x = float(plan.cols), y = float(plan.rows);
    std::vector<cv::Point2f> c{{-0.5f, -0.5f}, {x - 0.5f, -0.5f}, {x - 0.5f, y - 0.5f}, {-0.5f, y - 0.5f}}, seen;
    cv::perspectiveTransform(c, seen, H);
    Corners corners;
    for (std::size_t i = 0; i < 4; ++i)
        corners[i] = {double(seen[i].x), double(seen[i].y)};
    const double a = areaOf(corners), whole = double(photo.total());
    if (goesRound(corners) && a > 0.03 * whole && a < 4 * whole)
        out.push_back({{w, h, photo.size(), corners, 0}, 0});
}

/// The quadrangles among contours. \param scale px of the photograph a px of theirs
void quadsOf(
    std::vector<std::vector<cv::Point>>& all, cv::Size photo, double scale, double w, double h, std::vector<Start>& out)
{
    std::sort(all.begin(), all.end(),
        [](const auto& a, const auto& b) { return cv::boundingRect(a).area() > cv::boundingRect(b).area(); });
    std::size_t tried = 0;
    for (const auto& contour : all) {
        if (++tried > 40)
            break;
        std::vector<cv::Point> hull, quad;
        cv::convexHull(contour, hull);
        if (cv::contourArea(hull) < 0.04 * double(photo.area()) / (scale * scale))
            continue;
        for (double e = 0.01; e < 0.12 && quad.size() != 4; e += 0.01)
            cv::approxPolyDP(hull, quad, e * cv::arcLength(hull, true), true);
        if (quad.size() != 4)
            continue;
        Corners c;
        for (std::size_t i = 0; i < 4; ++i)
            c[i] = {(quad[i].x + 0.5) * scale - 0.5, (quad[i].y + 0.5) * scale - 0.5};
        if (areaOf(c) < 0)
            std::swap(c[1], c[3]);
        const auto first = std::min_element(c.begin(), c.end(), [](Vec2 a, Vec2 b) { return a.x + a.y < b.x + b.y; });
        std::rotate(c.begin(), first, c.end());
        if (goesRound(c))
            out.push_back({{w, h, photo, c, 0}, 0});
    }
}

/// Quadrangles among the contours.
void byContours(const cv::Mat& photo, double w, double h, std::vector<Start>& out)
{
    cv::Mat soft;
    cv::GaussianBlur(photo, soft, {}, 2);
    std::vector<std::vector<cv::Point>> all;
    for (const double low : {12.0, 25.0, 50.0}) {
        cv::Mat edges;
        cv::Canny(soft, edges, low, 2.5 * low);
        cv::dilate(edges, edges, cv::Mat::ones(3, 3, CV_8U));
        std::vector<std::vector<cv::Point>> some;
        cv::findContours(edges, some, cv::RETR_LIST, cv::CHAIN_APPROX_SIMPLE);
        all.insert(all.end(), some.begin(), some.end());
    }
    for (const double level : {0.25, 0.4, 0.55, 0.7}) {
        cv::Mat mask = soft > 255 * level;
        std::vector<std::vector<cv::Point>> some;
        cv::findContours(mask, some, cv::RETR_LIST, cv::CHAIN_APPROX_SIMPLE);
        all.insert(all.end(), some.begin(), some.end());
    }
    quadsOf(all, photo.size(), 1, w, h, out);
}

/// Regions of one colour (k-means, Lloyd 1982), so that an easel that touches the canvas does not join it.
void byColours(const cv::Mat& photoLab, cv::Size photo, double w, double h, std::vector<Start>& out)
{
    cv::Mat small, samples, labels;
    const double k = 220.0 / std::max(photoLab.cols, photoLab.rows);
    cv::resize(photoLab, small, {}, k, k, cv::INTER_AREA);
    cv::GaussianBlur(small, small, {}, 1.5);
    samples = small.reshape(1, int(small.total()));
    std::vector<std::vector<cv::Point>> all;
    cv::theRNG().state = 12345; // the same every time
    for (const int count : {3, 5}) {
        cv::kmeans(samples, count, labels, {cv::TermCriteria::COUNT, 12, 0}, 1, cv::KMEANS_PP_CENTERS);
        const cv::Mat map = labels.reshape(1, small.rows);
        for (int c = 0; c < count; ++c)
            for (const bool other : {false, true}) { // the colour itself, and all that is not that colour: a wall
                cv::Mat mask = other ? map != c : map == c;
                cv::morphologyEx(mask, mask, cv::MORPH_OPEN, cv::Mat::ones(5, 5, CV_8U));
                std::vector<std::vector<cv::Point>> some;
                cv::findContours(mask, some, cv::RETR_LIST, cv::CHAIN_APPROX_SIMPLE);
                all.insert(all.end(), some.begin(), some.end());
            }
    }
    quadsOf(all, photo, double(photo.width) / small.cols, w, h, out);
}
} // namespace

std::vector<Start> startsOf(const cv::Mat& plan, const cv::Mat& photo, const cv::Mat& photoLab, double w, double h,
    const std::function<void(const Start&)>& early)
{
    cv::Mat few; // agreement is felt on a canvas 160 px wide
    const double k = std::min(1.0, 640.0 / std::max(photo.cols, photo.rows));
    cv::resize(photo, few, {}, k, k, cv::INTER_AREA);
    const auto felt = [&](std::vector<Start> some) {
        parallelRanges(int(some.size()), [&](int from, int to) {
            for (int i = from; i < to; ++i)
                some[std::size_t(i)].agreement = agreementOf(plan, few, some[std::size_t(i)].view.scaled(k));
        });
        std::sort(some.begin(), some.end(), [](const Start& a, const Start& b) { return a.agreement > b.agreement; });
        return some;
    };
    std::vector<Start> quick, slow;
    byContours(photo, w, h, quick);
    byColours(photoLab, photo.size(), w, h, quick);
    quick = felt(std::move(quick));
    constexpr double kPlain = 0.4; // hardly anything else agrees as well
    if (early && !quick.empty() && quick[0].agreement > kPlain)
        early(quick[0]);
    byFeatures(plan, photo, w, h, slow);
    std::vector<Start> all = felt(std::move(slow));
    all.insert(all.end(), quick.begin(), quick.end());
    std::stable_sort(all.begin(), all.end(), [](const Start& a, const Start& b) { return a.agreement > b.agreement; });
    return all;
}

} // namespace rl::survey
