#include "core/transfer/stencil.h"
#include "core/transfer/curves.h"
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace rl::transfer {

namespace {
cv::Mat disc(double radiusPx)
{
    const int d = 2 * std::max(1, int(std::lround(radiusPx))) + 1;
    return cv::getStructuringElement(cv::MORPH_ELLIPSE, {d, d});
}

/// For a knife: no spike and no notch finer than that.
cv::Mat knifed(const Mask& shape, double knifePx)
{
    cv::Mat m;
    cv::copyMakeBorder(shape.mat() > 127, m, 2, 2, 2, 2, cv::BORDER_CONSTANT, 0);
    const cv::Mat k = disc(knifePx / 2);
    cv::morphologyEx(m, m, cv::MORPH_OPEN, k);
    cv::morphologyEx(m, m, cv::MORPH_CLOSE, k);
    return m;
}

/// The card: what is not cut away. 0 cut, 1 hangs on the border, 2… islands.
int cardOf(const cv::Mat& cut, cv::Mat& labels)
{
    const int n = cv::connectedComponents(cut == 0, labels, 4, CV_32S);
    const int border = labels.at<int>(0, 0);
    if (border != 1)
        for (int y = 0; y < labels.rows; ++y)
            for (int x = 0; x < labels.cols; ++x)
                if (int& l = labels.at<int>(y, x); l == 1 || l == border)
                    l = l == 1 ? border : 1;
    return n;
}

struct Gap {
    cv::Point from, to;
    double length = 1e18;
};
/// The shortest way from an island to what hangs on the border, within half a turn about a direction.
Gap shortest(const cv::Mat& labels, int island, const cv::Mat& far, const cv::Mat& nearest,
    const std::vector<cv::Point>& outside, cv::Point2d middle, std::optional<cv::Point2d> away)
{
    Gap best;
    for (int y = 0; y < labels.rows; ++y)
        for (int x = 0; x < labels.cols; ++x) {
            if (labels.at<int>(y, x) != island)
                continue;
            const cv::Point2d d(x - middle.x, y - middle.y);
            if (away && d.x * away->x + d.y * away->y > -0.2 * cv::norm(d) * cv::norm(*away))
                continue;
            if (const double l = double(far.at<float>(y, x)); l < best.length)
                best = {{x, y}, outside[std::size_t(nearest.at<int>(y, x))], l};
        }
    return best;
}

void bridge(cv::Mat& cut, const Gap& g, double widthPx)
{
    const cv::Point2d d(g.to.x - g.from.x, g.to.y - g.from.y);
    const double l = std::max(cv::norm(d), 1.0);
    const cv::Point2d u = d * (1 / l), n(-u.y * widthPx / 2, u.x * widthPx / 2), in = u * (widthPx / 2);
    const cv::Point2d a(g.from.x - in.x, g.from.y - in.y), b(g.to.x + in.x, g.to.y + in.y);
    const auto corner = [](cv::Point2d p) { return cv::Point(int(std::lround(p.x)), int(std::lround(p.y))); };
    const std::vector<cv::Point> strip{corner(a + n), corner(b + n), corner(b - n), corner(a - n)};
    cv::fillConvexPoly(cut, strip, 0);
}

std::vector<Vec2> smoothLoop(const std::vector<cv::Point>& c, double pixelsPerCm)
{
    std::vector<Vec2> p;
    const int n = int(c.size());
    const int reach = std::min(3, n / 6);
    for (int i = 0; i < n; ++i) {
        Vec2 sum;
        double all = 0;
        for (int k = -reach; k <= reach; ++k) {
            const cv::Point q = c[std::size_t((i + k + n) % n)];
            const double w = reach + 1 - std::abs(k);
            sum = sum + Vec2{q.x - 1.5, q.y - 1.5} * w, all += w; // two of border, half a pixel
        }
        p.push_back(sum * (1 / (all * pixelsPerCm)));
    }
    p.push_back(p.front());
    p = thinnedLine(p, 0.012);
    p.pop_back();
    return p;
}
} // namespace

Stencil stencilOf(const Mask& shape, double pixelsPerCm, double bridgeCm, double knifeCm)
{
    Stencil s;
    if (shape.empty())
        return s;
    const double widthPx = std::max(2.0, bridgeCm * pixelsPerCm + 1);
    cv::Mat cut = knifed(shape, knifeCm * pixelsPerCm), labels;
    const auto speck = [&](double px) { return px < 4 * knifeCm * knifeCm * pixelsPerCm * pixelsPerCm; };
    // Islands that no knife can leave standing are cut away with the rest.
    for (int n = cardOf(cut, labels), i = 2; i < n; ++i)
        if (const cv::Mat one = labels == i; speck(cv::countNonZero(one)))
            cut.setTo(255, one), ++s.dropped;
    for (int round = 0; round < 200; ++round) {
        const int n = cardOf(cut, labels);
        if (n <= 2)
            break;
        if (round == 0)
            s.islands = n - 2;
        cv::Mat far, nearest;
        const cv::Mat off = labels != 1;
        cv::distanceTransform(off, far, nearest, cv::DIST_L2, 5, cv::DIST_LABEL_PIXEL);
        std::vector<cv::Point> outside(off.total() + 1);
        for (int y = 0; y < off.rows; ++y)
            for (int x = 0; x < off.cols; ++x)
                if (!off.at<std::uint8_t>(y, x))
                    outside[std::size_t(nearest.at<int>(y, x))] = {x, y};
        // The one that is nearest to the border's card first: others may then hang on it.
        int island = 2;
        double least = 1e18;
        for (int i = 2; i < n; ++i) {
            double l = 0;
            cv::minMaxLoc(far, &l, nullptr, nullptr, nullptr, labels == i);
            if (l < least)
                least = l, island = i;
        }
        const cv::Moments m = cv::moments(labels == island, true);
        const cv::Point2d middle(m.m10 / m.m00, m.m01 / m.m00);
        const Gap first = shortest(labels, island, far, nearest, outside, middle, {});
        if (first.length > 1e17)
            break;
        const Gap second = shortest(labels, island, far, nearest, outside, middle,
            cv::Point2d(first.from.x - middle.x, first.from.y - middle.y));
        bridge(cut, first, widthPx), ++s.bridges;
        if (second.length < 1e17)
            bridge(cut, second, widthPx), ++s.bridges;
    }
    s.narrowestCm = s.bridges ? bridgeCm : 0;
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(cut, contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
    for (const auto& c : contours)
        if (speck(cv::contourArea(c)))
            ++s.dropped;
        else
            s.cuts.push_back(smoothLoop(c, pixelsPerCm));
    return s;
}

std::vector<std::vector<Vec2>> maskOutlines(const Mask& shape, double pixelsPerCm, double growCm, double knifeCm)
{
    std::vector<std::vector<Vec2>> out;
    if (shape.empty())
        return out;
    cv::Mat m = knifed(shape, knifeCm * pixelsPerCm);
    const int room = std::max(0, int(std::ceil(growCm * pixelsPerCm))) + 1;
    cv::copyMakeBorder(m, m, room, room, room, room, cv::BORDER_CONSTANT, 0);
    if (growCm > 0)
        cv::dilate(m, m, disc(growCm * pixelsPerCm));
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(m, contours, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE);
    for (auto& c : contours) {
        for (cv::Point& p : c)
            p -= cv::Point(room, room);
        if (cv::contourArea(c) > 4 * knifeCm * knifeCm * pixelsPerCm * pixelsPerCm)
            out.push_back(smoothLoop(c, pixelsPerCm));
    }
    return out;
}

bool holdsTogether(const Stencil& s, double widthCm, double heightCm, double pixelsPerCm)
{
    cv::Mat cut(int(heightCm * pixelsPerCm) + 9, int(widthCm * pixelsPerCm) + 9, CV_8U, cv::Scalar(0)), labels;
    std::vector<std::vector<cv::Point>> loops;
    for (const auto& c : s.cuts) {
        loops.emplace_back();
        for (const Vec2 p : c)
            loops.back().emplace_back(4 + int(std::lround(p.x * pixelsPerCm)), 4 + int(std::lround(p.y * pixelsPerCm)));
    }
    for (const auto& l : loops)
        cv::fillPoly(cut, std::vector<std::vector<cv::Point>>{l}, 255);
    return cv::connectedComponents(cut == 0, labels, 4) == 2;
}

std::vector<Vec2> laidOut(const std::vector<Vec2>& sizes, double sheetWidthCm, double gapCm)
{
    std::vector<Vec2> at;
    double x = 0, y = 0, high = 0;
    for (const Vec2 s : sizes) {
        if (x > 0 && x + s.x > sheetWidthCm)
            x = 0, y += high + gapCm, high = 0;
        at.push_back({x, y});
        x += s.x + gapCm, high = std::max(high, s.y);
    }
    return at;
}

} // namespace rl::transfer
