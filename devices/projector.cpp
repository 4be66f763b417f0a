#include "devices/projector.h"
#include "core/base/parallel.h"
#include "core/colour/srgb.h"
#include <opencv2/imgproc.hpp>
#include <random>

namespace rl::devices {

namespace {
constexpr double kPhotoAspect = 0.7; // height over width

cv::Matx33d between(const transfer::Corners& from, const transfer::Corners& to)
{
    std::vector<cv::Point2f> a, b;
    for (std::size_t i = 0; i < 4; ++i)
        a.emplace_back(float(from[i].x), float(from[i].y)), b.emplace_back(float(to[i].x), float(to[i].y));
    return cv::getPerspectiveTransform(a, b);
}
Vec2 through(const cv::Matx33d& m, Vec2 p)
{
    const cv::Vec3d q = m * cv::Vec3d(p.x, p.y, 1);
    return {q[0] / q[2], q[1] / q[2]};
}
transfer::Corners rectangle(double w, double h)
{
    return {Vec2{0, 0}, Vec2{w, 0}, Vec2{w, h}, Vec2{0, h}};
}
} // namespace

SimulatedProjector::SimulatedProjector(double widthCm, double heightCm, unsigned seed, double tilt)
    : m_widthCm(widthCm)
    , m_heightCm(heightCm)
    , m_seed(seed)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> any(-1, 1);
    // The picture reaches over the canvas on all sides, more where it is askew.
    const transfer::Corners frame = rectangle(1, 1);
    for (std::size_t i = 0; i < 4; ++i) {
        const Vec2 out{frame[i].x < 0.5 ? -0.14 : 1.14, frame[i].y < 0.5 ? -0.14 : 1.14};
        m_thrown[i] = {widthCm * (out.x + 0.09 * tilt * any(random)), heightCm * (out.y + 0.09 * tilt * any(random))};
        const Vec2 in{frame[i].x < 0.5 ? 0.17 : 0.83, frame[i].y < 0.5 ? 0.17 : 0.83};
        m_seen[i] = {in.x + 0.07 * tilt * any(random), in.y + 0.07 * tilt * any(random)};
    }
}

Vec2 SimulatedProjector::canvasAt(Vec2 px) const
{
    return through(between(rectangle(widthPx(), heightPx()), m_thrown), px);
}
Vec2 SimulatedProjector::projectorAt(Vec2 cm) const
{
    return through(between(m_thrown, rectangle(widthPx(), heightPx())), cm);
}
transfer::Corners SimulatedProjector::cornersInPhoto(int widthPx) const
{
    transfer::Corners c = m_seen;
    for (Vec2& v : c)
        v = {v.x * widthPx, v.y * widthPx * kPhotoAspect};
    return c;
}
cv::Matx33d SimulatedProjector::photoToCanvas(int widthPx) const
{
    return between(cornersInPhoto(widthPx), rectangle(m_widthCm, m_heightCm));
}

Photo SimulatedProjector::photograph(int width) const
{
    const int height = int(width * kPhotoAspect);
    const cv::Matx33d toCanvas = photoToCanvas(width),
                      toProjector = between(m_thrown, rectangle(widthPx(), heightPx())) * toCanvas;
    cv::Mat seen(height, width, CV_32FC3);
    parallelRows(height, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < width; ++x) {
                const Vec2 cm = through(toCanvas, {x + 0.5, y + 0.5}), px = through(toProjector, {x + 0.5, y + 0.5});
                const bool canvas = cm.x >= 0 && cm.y >= 0 && cm.x < m_widthCm && cm.y < m_heightCm;
                const double albedo = canvas ? 0.86 : 0.42; // a primed canvas on a painted wall
                // Lamp light from one side, then what is thrown, bilinear.
                Rgb light{0.06f, 0.055f, 0.045f};
                light = light * float(1 + 0.5 * x / width);
                const double u = px.x - 0.5, v = px.y - 0.5;
                if (!m_shown.empty() && u > 0 && v > 0 && u < m_shown.width() - 1.0 && v < m_shown.height() - 1.0) {
                    const int i = int(u), j = int(v);
                    const float fx = float(u - i), fy = float(v - j);
                    const auto at = [&](int a, int b) { return colour::linearOf(m_shown.at(a, b)); };
                    light = light
                        + ((at(i, j) * (1 - fx) + at(i + 1, j) * fx) * (1 - fy)
                              + (at(i, j + 1) * (1 - fx) + at(i + 1, j + 1) * fx) * fy)
                            * 0.75f;
                }
                seen.at<cv::Vec3f>(y, x) = {light.r * float(albedo), light.g * float(albedo), light.b * float(albedo)};
            }
    });
    cv::GaussianBlur(seen, seen, {}, width / 2400.0);
    cv::RNG noise(m_seed + 11);
    cv::Mat grain(seen.size(), CV_32FC3);
    noise.fill(grain, cv::RNG::NORMAL, 0, 0.006);
    seen += grain;
    std::vector<Rgb8> codes(seen.total());
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const cv::Vec3f c = seen.at<cv::Vec3f>(y, x);
            codes[std::size_t(y) * std::size_t(width) + std::size_t(x)] = colour::codeOf(Rgb{c[0], c[1], c[2]});
        }
    return {width, height, std::move(codes)};
}

} // namespace rl::devices
