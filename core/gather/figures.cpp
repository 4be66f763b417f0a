#include "core/gather/figures.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/cutout/rough_cut.h"
#include "core/gather/standing_out.h"
#include <opencv2/imgproc.hpp>

namespace rl::gather {

namespace {
constexpr double kLeast = 0.45; // less sure than this is a cloud or a patch of ground
constexpr int kLongest = 360; // px: figures are looked for in a small copy

cv::Mat labOf(const Photo& picture)
{
    cv::Mat lab(picture.height(), picture.width(), CV_32FC3);
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) {
            const colour::Lab c = colour::toLab(colour::linearOf(picture.at(x, y)));
            lab.at<cv::Vec3f>(y, x) = {c.L, c.a, c.b};
        }
    cv::GaussianBlur(lab, lab, {}, 1.2);
    return lab;
}

double apart(const cv::Mat& lab, cv::Point a, cv::Point b)
{
    return cv::norm(lab.at<cv::Vec3f>(a) - lab.at<cv::Vec3f>(b));
}

constexpr int kStep = 4; // px to both sides of an edge

/// How unlike places so far apart are anywhere in the picture: three in four are less.
double everywhere(const cv::Mat& lab)
{
    std::vector<double> all;
    for (int y = kStep; y + 2 * kStep < lab.rows; y += 5)
        for (int x = kStep; x + 2 * kStep < lab.cols; x += 5) {
            all.push_back(apart(lab, {x, y}, {x + 2 * kStep, y}));
            all.push_back(apart(lab, {x, y}, {x, y + 2 * kStep}));
        }
    if (all.empty())
        return 0;
    const auto at = all.begin() + std::ptrdiff_t(3 * all.size() / 4);
    std::nth_element(all.begin(), at, all.end());
    return *at;
}

struct Outline {
    double free = 0, edges = 0, guessed = 0; ///< points off the picture's border; on an edge; along the frame
};

/// \param usual of everywhere() \param frame px
Outline outlineOf(const cv::Mat& figure, const cv::Mat& lab, double usual, const Rect& frame)
{
    Outline o;
    cv::Mat distance, gx, gy;
    figure.convertTo(distance, CV_32F);
    cv::GaussianBlur(distance, distance, {}, 2);
    cv::Sobel(distance, gx, CV_32F, 1, 0), cv::Sobel(distance, gy, CV_32F, 0, 1);
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(figure, contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
    const cv::Rect inner(3, 3, figure.cols - 6, figure.rows - 6), all(0, 0, figure.cols, figure.rows);
    for (const auto& contour : contours)
        for (const cv::Point q : contour) {
            if (!inner.contains(q))
                continue;
            ++o.free;
            o.guessed += q.x < frame.x + 3 || q.x > frame.right() - 4 || q.y < frame.y + 3 || q.y > frame.bottom() - 4;
            const double dx = double(gx.at<float>(q)), dy = double(gy.at<float>(q)), length = std::hypot(dx, dy);
            if (length <= 0)
                continue;
            const auto across = [&](int px) {
                const cv::Point step(int(std::lround(px * dx / length)), int(std::lround(px * dy / length)));
                return all.contains(q + step) && all.contains(q - step) ? apart(lab, q + step, q - step) : 0.0;
            };
            // An edge, and no slope from one soft patch to the next.
            o.edges += across(kStep) > std::max(9.0, usual) && across(kStep / 2) > 0.5 * across(3 * kStep / 2);
        }
    return o;
}

struct Search {
    const Photo& small;
    const cv::Mat& lab;
    double usual;
    const Horizon& horizon; ///< px of the small copy
};

/// How sure a piece of the picture is a figure; 0 where it is none. \param frame px, that it was looked for in
double sureOf(const Search& s, const cv::Mat& figure, const Rect& frame)
{
    const double w = s.small.width(), h = s.small.height(), area = cv::countNonZero(figure);
    if (area < 0.015 * w * h || area > 0.85 * w * h)
        return 0;
    // A figure stands up before the horizon; what lies wholly on one side of it is a patch of ground or a cloud.
    const cv::Rect box = cv::boundingRect(figure);
    if (s.horizon.confidence > 0 && (box.y > s.horizon.y - 0.03 * h || box.br().y < s.horizon.y + 0.03 * h))
        return 0;
    const Outline o = outlineOf(figure, s.lab, s.usual, frame);
    if (o.free < 40 || o.guessed * 5 > o.free)
        return 0;
    std::vector<cv::Point> points, hull;
    cv::findNonZero(figure, points);
    cv::convexHull(points, hull);
    const double solid = area / std::max(1.0, cv::contourArea(hull));
    return std::clamp((o.edges / o.free - 0.35) / 0.5, 0.0, 1.0) * std::clamp((solid - 0.3) / 0.3, 0.0, 1.0)
        * (1 - 4 * o.guessed / o.free);
}

/// The largest pieces of a cut that may be figures.
void addPieces(std::vector<Figure>& found, const Search& s, const Mask& cut, const Rect& frame, std::size_t most)
{
    if (cut.empty())
        return;
    cv::Mat labels, stats, centres;
    const int n = cv::connectedComponentsWithStats(cut.mat(), labels, stats, centres);
    std::vector<int> order;
    for (int i = 1; i < n; ++i)
        order.push_back(i);
    std::stable_sort(order.begin(), order.end(),
        [&](int a, int b) { return stats.at<int>(a, cv::CC_STAT_AREA) > stats.at<int>(b, cv::CC_STAT_AREA); });
    order.resize(std::min(order.size(), most));
    for (const int i : order) {
        const cv::Mat piece = labels == i;
        if (const double sure = sureOf(s, piece, frame); sure >= kLeast)
            found.push_back({Mask::fromMat(piece), sure});
    }
}

/// What a graph cut keeps of one frame. \param share of the picture
void lookInFrame(std::vector<Figure>& found, const Search& s, const Rect& share, Progress& progress)
{
    const int w = s.small.width(), h = s.small.height();
    const Rect frame{share.x * w, share.y * h, share.width * w, share.height * h};
    addPieces(found, s, cutout::roughCut(s.small, cutout::marksOf(frame, w, h), 240, progress).hard, frame, 1);
}

/// What stands out from the picture's border, cut along its edges.
void lookForWhatStandsOut(std::vector<Figure>& found, const Search& s, Surround surround, Progress& progress)
{
    cv::Mat lab, grey, parted;
    const double k = std::min(1.0, 240.0 / std::max(s.lab.cols, s.lab.rows));
    cv::resize(s.lab, lab, {}, k, k, cv::INTER_AREA);
    standingOut(lab, surround).convertTo(grey, CV_8U, 255);
    const double between = cv::threshold(grey, parted, 0, 255, cv::THRESH_OTSU);
    cv::Mat in = grey > std::min(250.0, 1.35 * between), out = grey < 0.55 * between;
    cv::erode(in, in, cv::Mat(), {-1, -1}, 2);
    cv::erode(out, out, cv::Mat(), {-1, -1}, 2);
    cv::Mat marks(grey.size(), CV_8U, cv::Scalar(128));
    marks.setTo(255, in), marks.setTo(0, out);
    const cv::Size size(s.small.width(), s.small.height());
    cv::resize(marks, marks, size, 0, 0, cv::INTER_NEAREST);
    addPieces(found, s, cutout::roughCut(s.small, Mask::fromMat(marks), 240, progress).hard,
        {-9, -9, size.width + 18.0, size.height + 18.0}, 3);
}

bool overlap(const Mask& a, const Mask& b)
{
    const double both = cv::countNonZero(a.mat() & b.mat()),
                 less = std::min(cv::countNonZero(a.mat()), cv::countNonZero(b.mat()));
    return both > 0.15 * less;
}
} // namespace

std::vector<Figure> figuresOf(const Photo& picture, const Horizon& horizon, Progress& progress)
{
    const double k = std::min(1.0, double(kLongest) / std::max(picture.width(), picture.height()));
    cv::Mat little;
    cv::resize(picture.mat(), little, {}, k, k, cv::INTER_AREA);
    const Photo small = Photo::fromMat(little);
    const cv::Mat lab = labOf(small);
    const Horizon there{horizon.y * k, horizon.confidence};
    const Search search{small, lab, everywhere(lab), there};
    std::vector<Figure> found;
    for (const Surround surround : {Surround::All, Surround::AllButBelow})
        if (!progress.cancelled())
            lookForWhatStandsOut(found, search, surround, progress);
    for (const Rect& frame : {Rect{0.12, 0.08, 0.76, 0.84}, {0.25, 0.15, 0.5, 0.7}, {0.1, 0.08, 0.8, 0.92},
             {0.28, 0.05, 0.44, 0.95}, {0.04, 0.1, 0.46, 0.85}, {0.5, 0.1, 0.46, 0.85}}) {
        if (!found.empty() || progress.cancelled())
            break; // a frame says less than what stands out by itself
        lookInFrame(found, search, frame, progress);
    }
    if (progress.cancelled())
        return {};
    // Of two that are as sure the main figure is the larger one.
    const auto weight = [&](const Figure& f) {
        constexpr double large = 0.04; // of the picture
        const double share = cv::countNonZero(f.mask.mat()) / double(f.mask.size());
        return f.sure * f.sure * std::sqrt(std::min(1.0, share / large));
    };
    std::stable_sort(
        found.begin(), found.end(), [&](const Figure& a, const Figure& b) { return weight(a) > weight(b); });
    std::vector<Figure> kept;
    for (Figure& f : found)
        if (kept.size() < 3
            && std::none_of(kept.begin(), kept.end(), [&](const Figure& o) { return overlap(o.mask, f.mask); }))
            kept.push_back(std::move(f));
    for (Figure& f : kept) {
        cv::Mat large;
        cv::resize(f.mask.mat(), large, cv::Size(picture.width(), picture.height()), 0, 0, cv::INTER_LINEAR);
        f.mask = Mask::fromMat(large);
    }
    return kept;
}

} // namespace rl::gather
