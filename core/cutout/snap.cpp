#include "core/cutout/snap.h"
#include <limits>
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
/// How strongly colour changes at each pixel, in Lab-like units of an 8-bit picture (largest channel difference).
cv::Mat edgeStrength(const cv::Mat& photo)
{
    cv::Mat soft, lab, strength(photo.size(), CV_32FC1, cv::Scalar(0));
    cv::GaussianBlur(photo, soft, cv::Size(), 1.0);
    cv::cvtColor(soft, lab, cv::COLOR_RGB2Lab);
    std::vector<cv::Mat> channels;
    cv::split(lab, channels);
    for (const cv::Mat& channel : channels) {
        cv::Mat gx, gy, magnitude;
        cv::Sobel(channel, gx, CV_32F, 1, 0, 3, 0.125);
        cv::Sobel(channel, gy, CV_32F, 0, 1, 3, 0.125);
        cv::magnitude(gx, gy, magnitude);
        cv::max(strength, magnitude, strength);
    }
    return strength;
}

float sampled(const cv::Mat& m, Vec2 p)
{
    const double x = std::clamp(p.x - 0.5, 0.0, m.cols - 1.001), y = std::clamp(p.y - 0.5, 0.0, m.rows - 1.001);
    const int ix = int(x), iy = int(y);
    const float fx = float(x - ix), fy = float(y - iy);
    const float* a = m.ptr<float>(iy) + ix;
    const float* b = m.ptr<float>(std::min(iy + 1, m.rows - 1)) + ix;
    return (a[0] * (1 - fx) + a[1] * fx) * (1 - fy) + (b[0] * (1 - fx) + b[1] * fx) * fy;
}

Vec2 normalAt(const std::vector<Vec2>& line, std::size_t i)
{
    const std::size_t n = line.size();
    const Vec2 d = line[(i + 3) % n] - line[(i + n - 3) % n];
    const double length = d.length();
    return length > 1e-9 ? Vec2{-d.y / length, d.x / length} : Vec2{0, 0};
}

/// Best offset index per sample by dynamic programming, the first sample's offset held fixed.
std::vector<int> bestPath(const std::vector<std::vector<float>>& gain, float stiffness, int startState)
{
    const std::size_t n = gain.size(), states = gain[0].size();
    std::vector<std::vector<float>> score(n, std::vector<float>(states, -1e30f));
    std::vector<std::vector<int>> from(n, std::vector<int>(states, 0));
    for (std::size_t s = 0; s < states; ++s)
        if (startState < 0 || int(s) == startState)
            score[0][s] = gain[0][s];
    for (std::size_t i = 1; i < n; ++i)
        for (std::size_t s = 0; s < states; ++s)
            for (int d = -2; d <= 2; ++d) {
                const int p = int(s) + d;
                if (p < 0 || p >= int(states))
                    continue;
                const float value = score[i - 1][std::size_t(p)] + gain[i][s] - stiffness * float(d * d);
                if (value > score[i][s]) {
                    score[i][s] = value;
                    from[i][s] = p;
                }
            }
    std::vector<int> path(n);
    path[n - 1] = startState >= 0
        ? startState
        : int(std::max_element(score[n - 1].begin(), score[n - 1].end()) - score[n - 1].begin());
    for (std::size_t i = n - 1; i > 0; --i)
        path[i - 1] = from[i][std::size_t(path[i])];
    return path;
}
} // namespace

std::vector<Vec2> snapped(const std::vector<Vec2>& line, const Photo& picture, double reach)
{
    const std::size_t n = line.size();
    if (n < 8 || picture.empty() || reach <= 0)
        return line;
    double x0 = 1e9, y0 = 1e9, x1 = -1e9, y1 = -1e9;
    for (const Vec2 p : line) {
        x0 = std::min(x0, p.x), x1 = std::max(x1, p.x);
        y0 = std::min(y0, p.y), y1 = std::max(y1, p.y);
    }
    const int margin = int(reach) + 6;
    const cv::Rect whole(0, 0, picture.width(), picture.height());
    const cv::Rect box
        = cv::Rect(int(x0) - margin, int(y0) - margin, int(x1 - x0) + 2 * margin, int(y1 - y0) + 2 * margin) & whole;
    if (box.width < 8 || box.height < 8)
        return line;
    const cv::Mat edges = edgeStrength(picture.mat()(box));
    const Vec2 origin{double(box.x), double(box.y)};
    const int half = std::clamp(int(std::lround(reach)), 1, 60), states = 2 * half + 1;
    std::vector<std::vector<float>> gain(n, std::vector<float>(std::size_t(states)));
    for (std::size_t i = 0; i < n; ++i) {
        const Vec2 normal = normalAt(line, i);
        for (int s = 0; s < states; ++s) {
            const double off = (s - half) * reach / half;
            const float away = float(off / reach);
            gain[i][std::size_t(s)]
                = std::min(sampled(edges, line[i] + normal * off - origin), 40.f) - 3.0f * away * away;
        }
    }
    // Two passes close the loop: the second starts and ends at the offset the first found in its middle.
    const std::vector<int> first = bestPath(gain, 2.5f, -1);
    std::rotate(gain.begin(), gain.begin() + std::ptrdiff_t(n / 2), gain.end());
    std::vector<int> path = bestPath(gain, 2.5f, first[n / 2]);
    std::rotate(path.begin(), path.end() - std::ptrdiff_t(n / 2), path.end());
    std::vector<double> offset(n), smooth(n);
    for (std::size_t i = 0; i < n; ++i)
        offset[i] = (path[i] - half) * reach / half;
    for (std::size_t i = 0; i < n; ++i)
        smooth[i] = (offset[(i + n - 1) % n] + 2 * offset[i] + offset[(i + 1) % n]) / 4;
    std::vector<Vec2> out(n);
    for (std::size_t i = 0; i < n; ++i)
        out[i] = line[i] + normalAt(line, i) * smooth[i];
    return out;
}

} // namespace rl::cutout
