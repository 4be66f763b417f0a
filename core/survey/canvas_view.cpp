#include "core/survey/canvas_view.h"
#include "core/base/parallel.h"
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::survey {

namespace {
Vec2 through(const cv::Matx33d& m, Vec2 p)
{
    const cv::Vec3d q = m * cv::Vec3d(p.x, p.y, 1);
    return {q[0] / q[2], q[1] / q[2]};
}
} // namespace

CanvasView::CanvasView(double widthCm, double heightCm, cv::Size photo, const Corners& corners, double k1)
    : m_width(widthCm)
    , m_height(heightCm)
    , m_k1(k1)
    , m_photo(photo)
{
    const cv::Point2f from[]{{0, 0}, {float(widthCm), 0}, {float(widthCm), float(heightCm)}, {0, float(heightCm)}};
    cv::Point2f to[4];
    for (std::size_t i = 0; i < 4; ++i) {
        const Vec2 u = undistorted(corners[i]);
        to[i] = {float(u.x), float(u.y)};
    }
    m_toPhoto = cv::getPerspectiveTransform(from, to);
    m_toCanvas = m_toPhoto.inv();
}

Vec2 CanvasView::distorted(Vec2 u) const
{
    const Vec2 c{(m_photo.width - 1) / 2.0, (m_photo.height - 1) / 2.0}, d = u - c;
    const double half = std::hypot(m_photo.width, m_photo.height) / 2, r2 = (d.x * d.x + d.y * d.y) / (half * half);
    return c + d * (1 + m_k1 * r2);
}

Vec2 CanvasView::undistorted(Vec2 px) const
{
    const Vec2 c{(m_photo.width - 1) / 2.0, (m_photo.height - 1) / 2.0}, d = px - c;
    const double half = std::hypot(m_photo.width, m_photo.height) / 2, r = d.length() / half;
    double u = r; // r = u (1 + k1 u²), by Newton
    for (int i = 0; i < 8; ++i)
        u -= (u * (1 + m_k1 * u * u) - r) / std::max(0.2, 1 + 3 * m_k1 * u * u);
    return r > 1e-12 ? c + d * (u / r) : px;
}

Vec2 CanvasView::straightAt(Vec2 cm) const
{
    return through(m_toPhoto, cm);
}

Vec2 CanvasView::photoAt(Vec2 cm) const
{
    return distorted(straightAt(cm));
}

Vec2 CanvasView::cmAt(Vec2 px) const
{
    return through(m_toCanvas, undistorted(px));
}

Corners CanvasView::corners() const
{
    return {photoAt({0, 0}), photoAt({m_width, 0}), photoAt({m_width, m_height}), photoAt({0, m_height})};
}

double CanvasView::pxPerCm() const
{
    const Vec2 m{m_width / 2, m_height / 2}, a = photoAt(m);
    return ((photoAt({m.x + 1, m.y}) - a).length() + (photoAt({m.x, m.y + 1}) - a).length()) / 2;
}

CanvasView CanvasView::scaled(double s) const
{
    const cv::Size size(int(std::lround(m_photo.width * s)), int(std::lround(m_photo.height * s)));
    Corners c = corners();
    for (Vec2& v : c) // pixel centres lie at whole numbers
        v = {(v.x + 0.5) * s - 0.5, (v.y + 0.5) * s - 0.5};
    return {m_width, m_height, size, c, m_k1};
}

namespace {
/// Where a grid over the squared-up picture lies in the photograph; between its knots it is all but linear.
cv::Mat mapOf(const CanvasView& view, cv::Size size, double perCm, double marginCm)
{
    constexpr int kStep = 8;
    const int w = size.width / kStep + 2, h = size.height / kStep + 2;
    cv::Mat knots(h, w, CV_32FC2), map(size, CV_32FC2);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const Vec2 p = view.photoAt({(x * kStep + 0.5) / perCm - marginCm, (y * kStep + 0.5) / perCm - marginCm});
            knots.at<cv::Vec2f>(y, x) = {float(p.x), float(p.y)};
        }
    parallelRanges(size.height, [&](int from, int to) {
        for (int y = from; y < to; ++y) {
            const auto* up = knots.ptr<cv::Vec2f>(y / kStep);
            const auto* down = knots.ptr<cv::Vec2f>(y / kStep + 1);
            const float v = float(y % kStep) / kStep;
            auto* out = map.ptr<cv::Vec2f>(y);
            for (int x = 0; x < size.width; ++x) {
                const int k = x / kStep;
                const float u = float(x % kStep) / kStep;
                out[x] = (up[k] * (1 - u) + up[k + 1] * u) * (1 - v) + (down[k] * (1 - u) + down[k + 1] * u) * v;
            }
        }
    });
    return map;
}
} // namespace

cv::Mat squared(const cv::Mat& photo, const CanvasView& view, int widthPx, double marginCm)
{
    const double perCm = widthPx / view.widthCm(), finer = view.pxPerCm() / perCm;
    const int across = int(std::lround((view.widthCm() + 2 * marginCm) * perCm)),
              down = int(std::lround((view.heightCm() + 2 * marginCm) * perCm));
    const int over = std::clamp(int(std::lround(finer)), 1, 4); // finer photographs are averaged, not picked from
    cv::Mat out;
    cv::remap(photo, out, mapOf(view, {across * over, down * over}, perCm * over, marginCm), {}, cv::INTER_LINEAR,
        cv::BORDER_REPLICATE);
    if (over > 1)
        cv::resize(out, out, {across, down}, 0, 0, cv::INTER_AREA);
    return out;
}

cv::Mat seen(const CanvasView& view, cv::Size size)
{
    const cv::Mat map = mapOf(view, size, size.width / view.widthCm(), 0);
    cv::Mat out(size, CV_8U);
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const cv::Vec2f p = map.at<cv::Vec2f>(y, x);
            const bool in = p[0] >= 0 && p[1] >= 0 && p[0] <= float(view.photo().width - 1)
                && p[1] <= float(view.photo().height - 1);
            out.at<std::uint8_t>(y, x) = in ? 255 : 0;
        }
    return out;
}

} // namespace rl::survey
