#include "core/reading/touch.h"
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
struct Tones {
    double mean = 50, dark = 0, light = 100; ///< L*; its darkest and lightest twentieth
};
Tones tonesIn(const cv::Mat& linear, const cv::Mat& mask)
{
    std::vector<float> all;
    double sum = 0;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            if (mask.at<std::uint8_t>(y, x)) {
                const cv::Vec3f c = linear.at<cv::Vec3f>(y, x);
                all.push_back(colour::lightness(luminance({c[0], c[1], c[2]})));
                sum += double(all.back());
            }
    if (all.empty())
        return {};
    const auto place = [&](double share) {
        const auto at = all.begin() + std::ptrdiff_t(share * double(all.size() - 1));
        std::nth_element(all.begin(), at, all.end());
        return double(*at);
    };
    return {sum / double(all.size()), place(0.05), place(0.95)};
}

Rgb touchedColour(Rgb c, const Touch& t, const Tones& tones)
{
    colour::Lab lab = colour::toLab(c);
    const double off = double(lab.L) - tones.mean;
    double L = tones.mean + t.dL + std::exp(t.contrast) * off;
    if (off > 0)
        L += t.lights * std::min(1.0, off / std::max(1.0, tones.light - tones.mean));
    else
        L += t.darks * std::min(1.0, -off / std::max(1.0, tones.mean - tones.dark));
    const float s = float(std::exp(t.saturation));
    lab = {float(std::clamp(L, 0.0, 100.0)), lab.a * s, lab.b * s + float(t.warm)};
    const Rgb out = colour::fromLab(lab);
    return {std::clamp(out.r, 0.f, 1.f), std::clamp(out.g, 0.f, 1.f), std::clamp(out.b, 0.f, 1.f)};
}

void touchOne(cv::Mat& linear, const cv::Mat& ids, const Touch& t)
{
    const cv::Mat own = t.element ? cv::Mat(ids == t.element) : cv::Mat(ids.size(), CV_8UC1, cv::Scalar(255));
    const cv::Rect tight = cv::boundingRect(own);
    if (tight.empty() || !t.any())
        return;
    const double sigma = 0.001 * t.soft * std::max(ids.cols, ids.rows);
    const int pad = 3 + int(std::ceil(4 * sigma));
    const cv::Rect box = cv::Rect(tight.x - pad, tight.y - pad, tight.width + 2 * pad, tight.height + 2 * pad)
        & cv::Rect(0, 0, ids.cols, ids.rows);
    const Tones tones = tonesIn(linear(box), own(box));
    cv::Mat mask;
    own(box).convertTo(mask, CV_32F, 1 / 255.0);
    if (t.element)
        cv::GaussianBlur(mask, mask, {}, 0.6, 0.6, cv::BORDER_REPLICATE);
    cv::Mat part = linear(box);
    parallelRows(part.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < part.cols; ++x)
                if (const float m = mask.at<float>(y, x); m > 1e-3f) {
                    auto& c = part.at<cv::Vec3f>(y, x);
                    const Rgb was{c[0], c[1], c[2]}, is = was * (1 - m) + touchedColour(was, t, tones) * m;
                    c = {is.r, is.g, is.b};
                }
    });
    if (sigma < 0.2 || !t.element)
        return;
    cv::Mat soft, near;
    cv::GaussianBlur(part, soft, {}, sigma, sigma, cv::BORDER_REPLICATE);
    cv::GaussianBlur(mask, near, {}, sigma, sigma, cv::BORDER_REPLICATE);
    for (int y = 0; y < part.rows; ++y)
        for (int x = 0; x < part.cols; ++x) {
            const float w = std::min(1.f, 2 * near.at<float>(y, x));
            part.at<cv::Vec3f>(y, x) = part.at<cv::Vec3f>(y, x) * (1 - w) + soft.at<cv::Vec3f>(y, x) * w;
        }
}
} // namespace

LinearPicture touched(const LinearPicture& picture, const IdMap& ids, const std::vector<Touch>& touches)
{
    if (picture.empty() || ids.width() != picture.width() || ids.height() != picture.height())
        return picture;
    cv::Mat linear = picture.mat().clone();
    for (const Touch& t : touches)
        touchOne(linear, ids.mat(), t);
    return LinearPicture::fromMat(linear);
}

} // namespace rl::reading
