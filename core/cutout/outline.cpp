#include "core/cutout/outline.h"
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
Vec2 catmullRom(Vec2 a, Vec2 b, Vec2 c, Vec2 d, double t)
{
    const auto blend = [t](double p0, double p1, double p2, double p3) {
        return 0.5
            * (2 * p1 + (p2 - p0) * t + (2 * p0 - 5 * p1 + 4 * p2 - p3) * t * t
                + (3 * p1 - p0 - 3 * p2 + p3) * t * t * t);
    };
    return {blend(a.x, b.x, c.x, d.x), blend(a.y, b.y, c.y, d.y)};
}
} // namespace

std::vector<Vec2> flattened(const Loop& loop, double step)
{
    std::vector<Vec2> line;
    const int n = int(loop.nodes.size());
    if (n < 3)
        return line;
    const auto node = [&](int i) -> const Node& { return loop.nodes[std::size_t(((i % n) + n) % n)]; };
    for (int i = 0; i < n; ++i) {
        const Node &a = node(i), &b = node(i + 1);
        const int count = std::clamp(int(std::ceil((b.at - a.at).length() / step)), 1, 4000);
        // A plain node is a corner: the curve leaves it straight, as if the neighbour lay beyond it.
        const Vec2 before = a.curved ? node(i - 1).at : a.at * 2 - b.at;
        const Vec2 after = b.curved ? node(i + 2).at : b.at * 2 - a.at;
        for (int k = 0; k < count; ++k) {
            const double t = double(k) / count;
            line.push_back(a.curved || b.curved ? catmullRom(before, a.at, b.at, after, t) : a.at + (b.at - a.at) * t);
        }
    }
    return line;
}

namespace {
cv::Rect boundsOf(const std::vector<std::vector<Vec2>>& lines, int width, int height)
{
    double x0 = 1e9, y0 = 1e9, x1 = -1e9, y1 = -1e9;
    for (const auto& line : lines)
        for (const Vec2 p : line) {
            x0 = std::min(x0, p.x), x1 = std::max(x1, p.x);
            y0 = std::min(y0, p.y), y1 = std::max(y1, p.y);
        }
    const auto px = [](double v) { return int(std::clamp(v, -1e6, 1e6)); };
    return cv::Rect(px(x0) - 1, px(y0) - 1, std::max(0, px(x1) - px(x0) + 3), std::max(0, px(y1) - px(y0) + 3))
        & cv::Rect(0, 0, width, height);
}
} // namespace

Mask filled(const std::vector<std::vector<Vec2>>& lines, const std::vector<bool>& holes, int width, int height)
{
    cv::Mat canvas(height, width, CV_8UC1, cv::Scalar(0));
    const cv::Rect box = boundsOf(lines, width, height);
    if (box.empty())
        return Mask::fromMat(canvas);
    // Filled several times as large and averaged: coverage comes out right, where line anti-aliasing would swell it.
    const int fine = box.area() > 8'000'000 ? 2 : 4;
    constexpr int kShift = 4;
    cv::Mat large(box.height * fine, box.width * fine, CV_8UC1, cv::Scalar(0)), small;
    const auto draw = [&](bool hole) {
        for (std::size_t i = 0; i < lines.size(); ++i) {
            if (holes[i] != hole || lines[i].size() < 3)
                continue;
            std::vector<cv::Point> points;
            for (const Vec2 p : lines[i]) // pixel centres lie at +0.5; the filled border is half a fine pixel too wide
                points.emplace_back(
                    int(std::lround(((std::clamp(p.x, -1e5, 1e5) - box.x) * fine - 0.5) * (1 << kShift))),
                    int(std::lround(((std::clamp(p.y, -1e5, 1e5) - box.y) * fine - 0.5) * (1 << kShift))));
            cv::fillPoly(
                large, std::vector<std::vector<cv::Point>>{points}, cv::Scalar(hole ? 0 : 255), cv::LINE_8, kShift);
        }
    };
    draw(false);
    draw(true);
    cv::resize(large, small, box.size(), 0, 0, cv::INTER_AREA);
    small.copyTo(canvas(box));
    return Mask::fromMat(canvas);
}

} // namespace rl::cutout
