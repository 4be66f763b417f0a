#include "core/relief/detail.h"
#include "core/colour/srgb.h"
#include <opencv2/imgproc.hpp>

namespace rl::relief {

namespace {
/// Blurred inside a mask only.
cv::Mat maskedBlur(const cv::Mat& values, const cv::Mat& mask, double sigma)
{
    cv::Mat sum, weight;
    cv::GaussianBlur(values.mul(mask), sum, cv::Size(), sigma, sigma, cv::BORDER_CONSTANT);
    cv::GaussianBlur(mask, weight, cv::Size(), sigma, sigma, cv::BORDER_CONSTANT);
    cv::Mat out;
    cv::divide(sum, cv::max(weight, 1e-6), out);
    return out;
}

float highest(const cv::Mat& values, const cv::Mat& mask, double share)
{
    std::vector<float> all;
    for (int y = 0; y < values.rows; ++y)
        for (int x = 0; x < values.cols; ++x)
            if (mask.at<float>(y, x) > 0)
                all.push_back(values.at<float>(y, x));
    if (all.empty())
        return 1;
    const auto at = all.begin() + std::ptrdiff_t(share * double(all.size() - 1));
    std::nth_element(all.begin(), at, all.end());
    return *at;
}

/// Lighter or darker than around it, as a logarithm, -1…1, over the box.
cv::Mat unevenness(const Photo& picture, const Mask& alpha, const cv::Rect& box)
{
    cv::Mat luminance(box.height, box.width, CV_32FC1), cover;
    for (int y = 0; y < box.height; ++y)
        for (int x = 0; x < box.width; ++x)
            luminance.at<float>(y, x) = rl::luminance(colour::linearOf(picture.at(box.x + x, box.y + y)));
    alpha.mat()(box).convertTo(cover, CV_32F, 1 / 255.0);
    const double scale = std::min(1.0, 112.0 / std::max(box.width, box.height));
    const cv::Size size(
        std::max(4, int(std::lround(box.width * scale))), std::max(4, int(std::lround(box.height * scale))));
    cv::Mat weighted, area, small, mask;
    cv::resize(luminance.mul(cover), weighted, size, 0, 0, cv::INTER_AREA);
    cv::resize(cover, area, size, 0, 0, cv::INTER_AREA);
    cv::divide(weighted, cv::max(area, 1e-6), small);
    cv::Mat(area > 0.5).convertTo(mask, CV_32F, 1 / 255.0);
    const double radius = std::sqrt(std::max(1.0, cv::sum(mask)[0]) / 3.14159265358979);
    cv::Mat l, even;
    cv::log(maskedBlur(small, mask, 0.7) + 0.03 * double(highest(small, mask, 0.98)) + 1e-6, l);
    even = maskedBlur(l, mask, std::max(1.0, 0.3 * radius));
    cv::Mat out = l - even;
    cv::min(out, 1.0, out);
    cv::max(out, -1.0, out);
    return out.mul(mask);
}
} // namespace

void addDetail(Relief& relief, const Photo& picture, const Mask& alpha, const MeasuredLight& light, double amount)
{
    if (relief.normals.empty() || light.confidence < 0.25 || amount <= 0 || picture.width() != alpha.width()
        || picture.height() != alpha.height())
        return;
    const cv::Rect box(int(relief.box.x), int(relief.box.y), int(relief.box.width), int(relief.box.height));
    cv::Mat r;
    cv::resize(unevenness(picture, alpha, box), r, relief.normals.mat().size(), 0, 0, cv::INTER_LINEAR);
    const float x = float(amount * std::cos(radians(light.azimuth))),
                y = float(amount * std::sin(radians(light.azimuth)));
    std::vector<Vec3f> out(relief.normals.data(), relief.normals.data() + relief.normals.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
        if (!relief.inside.data()[i])
            continue;
        const float v = r.at<float>(int(i) / r.cols, int(i) % r.cols);
        Vec3f n{out[i].x + v * x, out[i].y + v * y, out[i].z};
        const float k = 1 / std::max(std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z), 1e-6f);
        out[i] = {n.x * k, n.y * k, n.z * k};
    }
    relief.normals = {r.cols, r.rows, std::move(out)};
}

void lift(Relief& relief, const PhotoReading& reading)
{
    if (relief.normals.empty() || reading.lift.empty() || reading.share <= 0)
        return;
    cv::Mat add;
    cv::resize(reading.lift.mat(), add, relief.normals.mat().size(), 0, 0, cv::INTER_LINEAR);
    const auto unit = [](cv::Vec3f n) { return n * (1 / std::max(float(cv::norm(n)), 1e-6f)); };
    const float share = float(reading.share), steep = float(1 - reading.flat);
    std::vector<Vec3f> out(relief.normals.data(), relief.normals.data() + relief.normals.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
        if (!relief.inside.data()[i])
            continue;
        const cv::Vec3f was(out[i].x, out[i].y, out[i].z);
        cv::Vec3f is = was + reinterpret_cast<const cv::Vec3f*>(add.data)[i];
        is[2] = std::max(is[2], 0.02f);
        is = unit(was * (1 - share) + unit(is) * share);
        is = unit({is[0] * steep, is[1] * steep, is[2]});
        out[i] = {is[0], is[1], is[2]};
    }
    relief.normals = {add.cols, add.rows, std::move(out)};
}

} // namespace rl::relief
