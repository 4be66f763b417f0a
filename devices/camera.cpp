#include "devices/camera.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/survey/compare.h"
#include "core/survey/corner_tags.h"
#include <opencv2/imgproc.hpp>
#include <optional>
#include <random>

namespace rl::devices {

namespace {
/// As a pinhole camera sees it: turned about both axes, so that far sides are shorter.
survey::Corners seenCorners(double w, double h, cv::Size photo, double tilt, std::mt19937& random)
{
    std::uniform_real_distribution<double> any(-1, 1);
    const double yaw = 0.35 * tilt * any(random), pitch = 0.3 * tilt * any(random), roll = 0.06 * tilt * any(random);
    const double far = 2.1 * std::max(w / photo.width, h / photo.height) * std::max(photo.width, photo.height) / 1.5;
    const double focal = 1.15 * std::max(photo.width, photo.height) * far / (1.55 * far);
    survey::Corners c;
    const Vec2 at[4]{{-w / 2, -h / 2}, {w / 2, -h / 2}, {w / 2, h / 2}, {-w / 2, h / 2}};
    const Vec2 shift{0.03 * photo.width * any(random), 0.03 * photo.height * any(random)};
    for (std::size_t i = 0; i < 4; ++i) {
        const double x0 = at[i].x * std::cos(roll) - at[i].y * std::sin(roll),
                     y0 = at[i].x * std::sin(roll) + at[i].y * std::cos(roll);
        const double x = x0 * std::cos(yaw), z1 = x0 * std::sin(yaw);
        const double y = y0 * std::cos(pitch), z = far + z1 + y0 * std::sin(pitch);
        c[i] = {photo.width / 2.0 + shift.x + focal * x / z, photo.height / 2.0 + shift.y + focal * y / z};
    }
    return c;
}

/// Smooth noise over a place in cm, −1…1.
double unevenness(Vec2 cm, double size)
{
    const auto knot = [](int x, int y) {
        unsigned n = unsigned(x) * 374761393U + unsigned(y) * 668265263U;
        n = (n ^ (n >> 13)) * 1274126177U;
        return double((n ^ (n >> 16)) & 0xffff) / 32767.5 - 1;
    };
    const double x = cm.x / size, y = cm.y / size, fx = std::floor(x), fy = std::floor(y), u = x - fx, v = y - fy;
    const int i = int(fx), k = int(fy);
    return (knot(i, k) * (1 - u) + knot(i + 1, k) * u) * (1 - v)
        + (knot(i, k + 1) * (1 - u) + knot(i + 1, k + 1) * u) * v;
}

cv::Vec3f sampled(const cv::Mat& m, double x, double y)
{
    x = std::clamp(x, 0.0, m.cols - 1.001), y = std::clamp(y, 0.0, m.rows - 1.001);
    const int i = int(x), k = int(y);
    const float u = float(x - i), v = float(y - k);
    const auto* a = m.ptr<cv::Vec3f>(k) + i;
    const auto* b = m.ptr<cv::Vec3f>(std::min(k + 1, m.rows - 1)) + i;
    return (a[0] * (1 - u) + a[1] * u) * (1 - v) + (b[0] * (1 - u) + b[1] * u) * v;
}
} // namespace

namespace {
/// Paper and black of the tags; nothing beside them.
std::optional<cv::Vec3f> tagColour(const cv::Mat (&tags)[4], Vec2 cm, double w, double h)
{
    const double whole = survey::kTagCm + 2 * survey::kTagMarginCm;
    for (int i = 0; i < 4; ++i) {
        const double tx = cm.x - (i == 0 || i == 3 ? -whole : w), ty = cm.y - (i < 2 ? -whole : h);
        if (tx >= 0 && ty >= 0 && tx < whole && ty < whole) {
            const int px = tags[i].cols;
            const auto v = tags[i].at<std::uint8_t>(int(ty / whole * px), int(tx / whole * px));
            return cv::Vec3f::all(float(0.05 + 0.8 * v / 255.0));
        }
    }
    return {};
}
} // namespace

SimulatedEasel::SimulatedEasel(double widthCm, double heightCm, const Room& room)
    : m_widthCm(widthCm)
    , m_heightCm(heightCm)
    , m_room(room)
{
    std::mt19937 random(room.seed);
    const bool wide = widthCm >= heightCm;
    const int longPx = std::clamp(room.longPx, 200, 8000), shortPx = longPx * 3 / 4;
    const cv::Size photo(wide ? longPx : shortPx, wide ? shortPx : longPx);
    m_view = survey::CanvasView(widthCm, heightCm, photo,
        seenCorners(widthCm, heightCm, photo, std::clamp(room.tilt, 0.0, 1.0), random), room.k1);
}

void SimulatedEasel::setCanvas(const Photo& canvas, std::vector<Strayed> strayed)
{
    m_canvas = canvas;
    m_strayed = std::move(strayed);
}

Vec2 SimulatedEasel::strayedMm(Vec2 cm) const
{
    Vec2 by;
    for (const Strayed& s : m_strayed) {
        const double r = (cm - s.at).length() / s.reachCm;
        if (r < 1)
            by = by + s.byMm * (r < 0.6 ? 1 : std::pow(std::cos((r - 0.6) / 0.4 * kPi / 2), 2));
    }
    return by;
}

Rect SimulatedEasel::greyCardCm() const
{
    const double s = std::max(m_widthCm, m_heightCm) * 0.07;
    return {m_widthCm + 0.5 * s, m_heightCm * 0.3, s, 1.4 * s};
}

Result<Photo> SimulatedEasel::photograph()
{
    if (m_canvas.empty())
        return Error{ErrorKind::Missing, tr("There is no canvas on the easel."), {}};
    const cv::Mat canvas = survey::linearOf(m_canvas.mat());
    cv::Mat tags[4];
    for (int i = 0; i < 4; ++i)
        tags[i] = survey::tagPicture(i, 1680).mat().clone();
    const double w = m_widthCm, h = m_heightCm;
    const double longCm = std::max(w, h);
    std::mt19937 random(m_room.seed * 7 + 1);
    std::uniform_real_distribution<double> any(0, 1);
    const Vec2 lamp{w * any(random), -0.3 * h};
    const cv::Vec3f wall(
        float(0.12 + 0.4 * any(random)), float(0.12 + 0.4 * any(random)), float(0.12 + 0.4 * any(random))),
        wood(0.28f, 0.17f, 0.09f), side(0.55f, 0.5f, 0.42f), warm(1.05f, 1.0f, 0.9f);
    const Vec2 shine{w * (0.2 + 0.6 * any(random)), h * (0.1 + 0.3 * any(random))};
    const cv::Size size = m_view.photo();
    const Rect card = greyCardCm();
    cv::Mat out(size, CV_32FC3);
    parallelRanges(size.height, [&](int from, int to) {
        for (int y = from; y < to; ++y)
            for (int x = 0; x < size.width; ++x) {
                const Vec2 cm = m_view.cmAt({double(x), double(y)});
                cv::Vec3f c = wall * float(1 + 0.06 * unevenness(cm, 4) + 0.03 * unevenness(cm, 0.7));
                if (cm.x > 0.44 * w && cm.x < 0.52 * w)
                    c = wood;
                if (cm.y > h && cm.y < h + 0.05 * h && cm.x > 0.2 * w && cm.x < 0.8 * w)
                    c = wood * 1.2f; // what it stands on
                if (cm.x >= w && cm.x < w + 0.018 * longCm && cm.y > 0.01 * h && cm.y < h)
                    c = side * 0.6f; // the edge of the stretcher
                if (m_room.greyCard && card.contains(cm))
                    c = cv::Vec3f::all(0.1842f); // L* 50
                if (cm.x >= 0 && cm.y >= 0 && cm.x < w && cm.y < h) {
                    // A place that strayed shows what was planned where it came from; two rounds suffice.
                    Vec2 from = cm;
                    for (int k = 0; k < 3; ++k)
                        from = cm - strayedMm(from) * 0.1;
                    c = sampled(canvas, from.x / w * canvas.cols - 0.5, from.y / h * canvas.rows - 0.5);
                    for (const Strayed& s : m_strayed)
                        if (s.lighter != 0 && (from - s.at).length() < 0.6 * s.reachCm)
                            c *= float(std::exp(s.lighter * 0.045));
                    c *= float(1 + 0.025 * unevenness(cm, 0.12)); // the weave
                    const double g = (cm - shine).length() / (0.12 * longCm);
                    c += cv::Vec3f::all(float(0.12 * m_room.gloss * std::exp(-g * g)));
                } else if (m_room.tags && cm.x > -6 && cm.y > -6 && cm.x < w + 6 && cm.y < h + 6
                    && (cm.x < 0.1 || cm.x > w - 0.1) && (cm.y < 0.1 || cm.y > h - 0.1)) {
                    // printed edges are sharp: a pixel is the mean of what falls into it
                    cv::Vec3f sum(0, 0, 0);
                    for (int k = 0; k < 16; ++k) {
                        const Vec2 part = m_view.cmAt({x + (k % 4 - 1.5) / 4, y + (k / 4 - 1.5) / 4});
                        sum += tagColour(tags, part, w, h).value_or(c);
                    }
                    c = sum / 16.0f;
                }
                const double d = (cm - lamp).length() / longCm;
                const double light = 1 - m_room.lamp * 0.6 * std::clamp(d * d * 0.7, 0.0, 1.0);
                out.at<cv::Vec3f>(y, x) = c.mul(warm) * float(0.85 * light);
            }
    });
    cv::GaussianBlur(out, out, {}, 0.8);
    std::vector<Rgb8> pixels(out.total());
    std::normal_distribution<float> noise(0, 0.006f);
    for (int y = 0; y < out.rows; ++y)
        for (int x = 0; x < out.cols; ++x) {
            std::uint8_t v[3];
            for (int k = 0; k < 3; ++k) {
                const float l = std::clamp(out.at<cv::Vec3f>(y, x)[k], 0.0f, 1.0f);
                const float e = l <= 0.0031308f ? 12.92f * l : 1.055f * std::pow(l, 1 / 2.4f) - 0.055f;
                v[k] = std::uint8_t(std::lround(255 * std::clamp(e + noise(random), 0.0f, 1.0f)));
            }
            pixels[std::size_t(y) * std::size_t(out.cols) + std::size_t(x)] = {v[0], v[1], v[2]};
        }
    return Photo(out.cols, out.rows, std::move(pixels));
}

} // namespace rl::devices
