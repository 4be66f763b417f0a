#include "core/cutout/outline.h"
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
Vec2 catmullRom(Vec2 a, Vec2 b, Vec2 c, Vec2 d, double t)
{
    const auto blend = [t](double p0, double p1, double p2, double p3) {
        return 0.5 * (2 * p1 + (p2 - p0) * t + (2 * p0 - 5 * p1 + 4 * p2 - p3) * t * t
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

Mask filled(const std::vector<std::vector<Vec2>>& lines, const std::vector<bool>& holes, int width, int height)
{
    cv::Mat canvas(height, width, CV_8UC1, cv::Scalar(0));
    constexpr int kShift = 4;
    const auto draw = [&](bool hole) {
        for (std::size_t i = 0; i < lines.size(); ++i) {
            if (holes[i] != hole || lines[i].size() < 3)
                continue;
            std::vector<cv::Point> points;
            for (const Vec2 p : lines[i]) // pixel centres lie at +0.5
                points.emplace_back(int(std::lround((std::clamp(p.x, -1e5, 1e5) - 0.5) * (1 << kShift))),
                    int(std::lround((std::clamp(p.y, -1e5, 1e5) - 0.5) * (1 << kShift))));
            cv::fillPoly(canvas, std::vector<std::vector<cv::Point>>{points}, cv::Scalar(hole ? 0 : 255), cv::LINE_AA, kShift);
        }
    };
    draw(false);
    draw(true);
    return Mask::fromMat(canvas);
}

} // namespace rl::cutout
