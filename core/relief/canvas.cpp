#include "core/relief/canvas.h"
#include "core/colour/srgb.h"
#include "core/relief/relief.h"
#include <opencv2/imgproc.hpp>

namespace rl::relief {

namespace {
constexpr int kLongest = 88;

cv::Mat maskedBlurOf(const cv::Mat& values, const cv::Mat& mask, double sigma)
{
    cv::Mat weight, sum, area;
    mask.convertTo(weight, CV_32F, 1 / 255.0);
    std::vector<cv::Mat> wide(std::size_t(values.channels()), weight);
    cv::merge(wide, weight);
    cv::GaussianBlur(values.mul(weight), sum, {}, sigma, sigma, cv::BORDER_CONSTANT);
    cv::GaussianBlur(weight, area, {}, sigma, sigma, cv::BORDER_CONSTANT);
    cv::Mat out;
    cv::divide(sum, cv::max(area, 1e-6), out);
    return out;
}

cv::Mat onCanvas(const cv::Mat& picture, const cv::Rect& place)
{
    cv::Mat out = cv::Mat::zeros(kNetSide, kNetSide, picture.type()), small;
    const bool shrinks = picture.cols > place.width;
    cv::resize(picture, small, place.size(), 0, 0, shrinks ? cv::INTER_AREA : cv::INTER_LINEAR);
    small.copyTo(out(place));
    return out;
}

std::vector<float> valuesIn(const cv::Mat& plane, const cv::Mat& mask)
{
    std::vector<float> v;
    for (int y = 0; y < plane.rows; ++y)
        for (int x = 0; x < plane.cols; ++x)
            if (mask.at<std::uint8_t>(y, x))
                v.push_back(plane.at<float>(y, x));
    return v;
}
double share(std::vector<float> v, double part)
{
    if (v.empty())
        return 0;
    const auto at = v.begin() + std::ptrdiff_t(part * double(v.size() - 1));
    std::nth_element(v.begin(), at, v.end());
    return double(*at);
}

/// Colours averaged over what is surely the thing; holes are filled from around.
void takeColours(Canvas& c, const Photo& picture, const Mask& alpha)
{
    cv::Mat core, share1;
    cv::erode(alpha.mat()(c.box) > 250, core, cv::Mat());
    const LinearPicture linear = colour::linearOf(Photo::fromMat(picture.mat()(c.box)));
    int white = 0, all = 0;
    for (int y = 0; y < core.rows; ++y)
        for (int x = 0; x < core.cols; ++x)
            if (core.at<std::uint8_t>(y, x)) {
                const Rgb8 p = picture.at(c.box.x + x, c.box.y + y);
                ++all, white += p.r >= 250 && p.g >= 250 && p.b >= 250;
            }
    c.clipped = all ? double(white) / all : 0;
    core.convertTo(share1, CV_32F, 1 / 255.0);
    cv::Mat share3;
    cv::merge(std::vector<cv::Mat>(3, share1), share3);
    const cv::Mat sum = onCanvas(linear.mat().mul(share3), c.place), area = onCanvas(share1, c.place);
    c.valid = c.inside & (area > 0.3);
    cv::Mat area3;
    cv::merge(std::vector<cv::Mat>(3, cv::max(area, 1e-6)), area3);
    cv::divide(sum, area3, c.colour);
    maskedBlurOf(c.colour, c.valid, 1.5).copyTo(c.colour, c.inside & ~c.valid);
    c.luminance.create(kNetSide, kNetSide, CV_32F);
    for (int y = 0; y < kNetSide; ++y)
        for (int x = 0; x < kNetSide; ++x) {
            const cv::Vec3f p = c.colour.at<cv::Vec3f>(y, x);
            c.luminance.at<float>(y, x) = rl::luminance(Rgb{p[0], p[1], p[2]});
        }
    c.bright = std::max(share(valuesIn(c.luminance, c.valid), 0.98), 1e-4);
}

/// Relief of the outline alone.
void puff(Canvas& c, CropSides cropped)
{
    const Mask box = Mask::fromMat(c.inside(c.place).clone());
    c.u = cv::Mat::zeros(kNetSide, kNetSide, CV_32F);
    inflated(box, cropped).mat().copyTo(c.u(c.place));
    c.normals = cv::Mat(kNetSide, kNetSide, CV_32FC3, cv::Scalar(0, 0, 1));
    formOver(box, Shape::Puffed, cropped).mat().copyTo(c.normals(c.place));
}

/// The nine planes; 0 outside.
void plan(Canvas& c)
{
    cv::Mat l, around, channels[3], normal[3];
    cv::log(c.luminance / c.bright + 0.03, l);
    around = maskedBlurOf(l, c.inside, std::max(0.5, 0.15 * c.radius));
    cv::split(c.colour, channels);
    cv::split(c.normals, normal);
    const double mean = cv::mean(l, c.inside)[0], e = 0.01 * c.bright;
    const auto ratio = [&](const cv::Mat& to) {
        cv::Mat q;
        cv::Mat quotient = (channels[0] + e) / (to + e);
        cv::log(quotient, q);
        return cv::Mat(2 * (q - share(valuesIn(q, c.inside), 0.5)));
    };
    const auto within = [](const cv::Mat& m, double most) { return cv::Mat(cv::max(cv::min(m, most), -most)); };
    cv::Mat root;
    cv::sqrt(c.u, root);
    cv::Mat flat;
    c.inside.convertTo(flat, CV_32F, 1 / 255.0);
    const cv::Mat all[]{flat, normal[0], normal[1], root / 16, cv::min(c.luminance / c.bright, 1.5) - 0.5,
        within(l - mean, 2), cv::Mat(2 * within(l - around, 1)), within(ratio(channels[1]), 1.5),
        within(ratio(channels[2]), 1.5)};
    c.planes.reserve(9 * kNetPlane);
    for (const cv::Mat& m : all)
        for (int y = 0; y < kNetSide; ++y)
            for (int x = 0; x < kNetSide; ++x)
                c.planes.push_back(c.inside.at<std::uint8_t>(y, x) ? m.at<float>(y, x) : 0.f);
}

float between(const float* plane, float x, float y)
{
    const int i = int(std::floor(x)), j = int(std::floor(y));
    const auto at = [&](int u, int v) {
        return u < 0 || v < 0 || u >= kNetSide || v >= kNetSide ? 0.f : plane[v * kNetSide + u];
    };
    const float s = x - float(i), t = y - float(j);
    return (at(i, j) * (1 - s) + at(i + 1, j) * s) * (1 - t) + (at(i, j + 1) * (1 - s) + at(i + 1, j + 1) * s) * t;
}

/// A square turned about its middle and scaled. \param to where a pixel of the result looks, from the middle
template <class To> std::vector<float> turned(const std::vector<float>& planes, To to)
{
    std::vector<float> out(planes.size());
    const float half = kNetSide / 2.f;
    for (int y = 0; y < kNetSide; ++y)
        for (int x = 0; x < kNetSide; ++x) {
            const auto [u, v] = to(float(x) + 0.5f - half, float(y) + 0.5f - half);
            for (std::size_t p = 0; p < planes.size(); p += kNetPlane)
                out[p + std::size_t(y * kNetSide + x)] = between(planes.data() + p, u + half - 0.5f, v + half - 0.5f);
        }
    return out;
}

/// Turns x and y of vectors kept in two planes by an angle, y up.
void turnVectors(std::vector<float>& planes, std::size_t first, float c, float s)
{
    float *x = planes.data() + first * kNetPlane, *y = x + kNetPlane;
    for (std::size_t i = 0; i < kNetPlane; ++i) {
        const float a = x[i], b = y[i];
        x[i] = c * a - s * b, y[i] = s * a + c * b;
    }
}

void upsideDown(std::vector<float>& planes, std::size_t upward)
{
    for (std::size_t p = 0; p < planes.size(); p += kNetPlane)
        for (std::size_t y = 0; y < kNetSide / 2; ++y)
            std::swap_ranges(planes.begin() + std::ptrdiff_t(p + y * kNetSide),
                planes.begin() + std::ptrdiff_t(p + (y + 1) * kNetSide),
                planes.begin() + std::ptrdiff_t(p + (kNetSide - 1 - y) * kNetSide));
    for (std::size_t i = 0; i < kNetPlane; ++i)
        planes[upward * kNetPlane + i] *= -1;
}

/// As large in the frame as fits whatever the angle.
float scaleOf(const Canvas& c)
{
    float farthest = 1;
    for (int y = 0; y < kNetSide; ++y)
        for (int x = 0; x < kNetSide; ++x)
            if (c.inside.at<std::uint8_t>(y, x))
                farthest = std::max(farthest, std::hypot(float(x) + 0.5f - 48, float(y) + 0.5f - 48));
    return std::min(1.1f, 46 / farthest);
}

NetAnswer askedOnce(
    std::vector<float> planes, float scale, double azimuth, double elevation, double confidence, float upwards)
{
    // The frame's x points to the light. Rows go down, vectors up.
    const float c = float(std::cos(radians(azimuth))), s = float(std::sin(radians(azimuth)));
    planes = turned(
        planes, [&](float x, float y) { return std::pair((c * x + s * y) / scale, (-s * x + c * y) / scale); });
    turnVectors(planes, 1, c, -s);
    const std::array said{upwards * s, upwards * c, float(2 * confidence - 0.7), float(std::sin(radians(elevation)))};
    for (const float k : {said[2], said[3], 1.f, said[0], said[1]})
        for (std::size_t i = 0; i < kNetPlane; ++i)
            planes.push_back(k * planes[i]);
    NetAnswer answer = lightNet(planes, said);
    answer.lift = turned(
        answer.lift, [&](float x, float y) { return std::pair((c * x - s * y) * scale, (s * x + c * y) * scale); });
    turnVectors(answer.lift, 0, c, s);
    const Vec3 v = answer.light;
    answer.light = {double(c) * v.x - double(s) * v.y, double(s) * v.x + double(c) * v.y, v.z};
    return answer;
}
} // namespace

Canvas canvasOf(const Photo& picture, const Mask& alpha)
{
    Canvas c;
    c.box = cv::boundingRect(cv::Mat(alpha.mat() > 127));
    if (c.box.width < 8 || c.box.height < 8)
        return c;
    const double scale = double(kLongest) / std::max(c.box.width, c.box.height);
    const int w = std::max(2, int(std::lround(c.box.width * scale))),
              h = std::max(2, int(std::lround(c.box.height * scale)));
    c.place = {(kNetSide - w) / 2, (kNetSide - h) / 2, w, h};
    cv::Mat cover;
    alpha.mat()(c.box).convertTo(cover, CV_32F, 1 / 255.0);
    c.inside = onCanvas(cover, c.place) > 0.5;
    takeColours(c, picture, alpha);
    if (cv::countNonZero(c.valid) < 60) {
        c.inside.release();
        return c;
    }
    c.radius = std::sqrt(cv::countNonZero(c.inside) / kPi);
    puff(c,
        {c.box.x <= 1, c.box.y <= 1, c.box.x + c.box.width >= alpha.width() - 1,
            c.box.y + c.box.height >= alpha.height() - 1});
    plan(c);
    return c;
}

NetAnswer readCanvas(const Canvas& canvas, double azimuth, double elevation, double confidence)
{
    const float scale = scaleOf(canvas);
    NetAnswer answer = askedOnce(canvas.planes, scale, azimuth, elevation, confidence, 1);
    std::vector<float> flipped = canvas.planes;
    upsideDown(flipped, 2);
    NetAnswer other = askedOnce(std::move(flipped), scale, -azimuth, elevation, confidence, -1);
    upsideDown(other.lift, 1);
    other.light.y *= -1;
    for (std::size_t i = 0; i < answer.lift.size(); ++i)
        answer.lift[i] = 0.5f * (answer.lift[i] + other.lift[i]);
    answer.light = (answer.light + other.light) * 0.5;
    return answer;
}

cv::Mat liftedNormals(const Canvas& canvas, const NetAnswer& answer)
{
    cv::Mat out = canvas.normals.clone();
    for (std::size_t i = 0; i < kNetPlane; ++i) {
        if (!canvas.inside.data[i])
            continue;
        cv::Vec3f& n = reinterpret_cast<cv::Vec3f*>(out.data)[i];
        n = n + cv::Vec3f(answer.lift[i], answer.lift[i + kNetPlane], answer.lift[i + 2 * kNetPlane]);
        n[2] = std::max(n[2], 0.02f);
        n = n / std::max(float(cv::norm(n)), 1e-6f);
    }
    return out;
}

} // namespace rl::relief
