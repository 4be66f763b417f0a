#include "core/cutout/matte.h"
#include "core/base/parallel.h"
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
/// One sweep pair of levels: foreground and background colours such that they mix to the picture, smooth where alpha
/// changes.
struct Colours {
    cv::Mat fore, back; // CV_32FC3
};

/// Where cover is part, or changes within four pixels: elsewhere what is found on a smaller picture is right.
cv::Mat edgesOf(const cv::Mat& alpha)
{
    cv::Mat high, low, band;
    const cv::Mat near = cv::getStructuringElement(cv::MORPH_RECT, {3, 3}),
                  wide = cv::getStructuringElement(cv::MORPH_RECT, {7, 7});
    cv::dilate(alpha, high, near);
    cv::erode(alpha, low, near);
    const cv::Mat some = alpha > 0.004f, all = alpha > 0.996f;
    cv::dilate((high - low > 0.004f) | (some ^ all), band, wide);
    return band;
}

/// \param where pixels to work on, 8 bits; empty: all
Colours refinedColours(
    const Colours& below, const cv::Mat& picture, const cv::Mat& alpha, int sweeps, const cv::Mat& where)
{
    Colours now;
    cv::resize(below.fore, now.fore, picture.size(), 0, 0, cv::INTER_NEAREST);
    cv::resize(below.back, now.back, picture.size(), 0, 0, cv::INTER_NEAREST);
    constexpr float kSmooth = 2e-3f, kAlong = 1; // smooth enough that faint pixels take no made-up colour
    for (int sweep = 0; sweep < sweeps; ++sweep) {
        Colours next{now.fore.clone(), now.back.clone()};
        parallelRows(picture.rows, [&](int begin, int end) {
            for (int y = begin; y < end; ++y)
                for (int x = 0; x < picture.cols; ++x) {
                    if (!where.empty() && !where.at<uchar>(y, x))
                        continue;
                    const float a = alpha.at<float>(y, x), b = 1 - a;
                    float xx = a * a, xy = a * b, yy = b * b;
                    const cv::Vec3f colour = picture.at<cv::Vec3f>(y, x);
                    cv::Vec3f right = colour * a, left = colour * b;
                    constexpr int kStep[4][2] = {{1, 0}, {-1, 0}, {0, 1}, {0, -1}};
                    for (const auto& s : kStep) {
                        const int nx = std::clamp(x + s[0], 0, picture.cols - 1),
                                  ny = std::clamp(y + s[1], 0, picture.rows - 1);
                        const float w = kSmooth + kAlong * std::abs(a - alpha.at<float>(ny, nx));
                        xx += w, yy += w;
                        right += now.fore.at<cv::Vec3f>(ny, nx) * w;
                        left += now.back.at<cv::Vec3f>(ny, nx) * w;
                    }
                    const float inv = 1 / std::max(xx * yy - xy * xy, 1e-12f);
                    for (int c = 0; c < 3; ++c) {
                        next.fore.at<cv::Vec3f>(y, x)[c] = std::clamp((yy * right[c] - xy * left[c]) * inv, 0.f, 1.f);
                        next.back.at<cv::Vec3f>(y, x)[c] = std::clamp((xx * left[c] - xy * right[c]) * inv, 0.f, 1.f);
                    }
                }
        });
        now = next;
    }
    return now;
}
} // namespace

LinearPicture cleanColours(const LinearPicture& picture, const Mask& alpha)
{
    if (picture.empty())
        return picture;
    cv::Mat cover;
    alpha.mat().convertTo(cover, CV_32F, 1 / 255.0);
    Colours colours{cv::Mat(1, 1, CV_32FC3, cv::mean(picture.mat(), alpha.mat() > 200)),
        cv::Mat(1, 1, CV_32FC3, cv::mean(picture.mat(), alpha.mat() < 50))};
    const int longest = std::max(picture.width(), picture.height());
    for (double side = 2;; side *= 2) {
        const double scale = std::min(1.0, side / longest);
        const cv::Size size(std::max(1, int(std::lround(picture.width() * scale))),
            std::max(1, int(std::lround(picture.height() * scale))));
        cv::Mat p = picture.mat(), a = cover;
        if (scale < 1) {
            cv::resize(picture.mat(), p, size, 0, 0, cv::INTER_AREA);
            cv::resize(cover, a, size, 0, 0, cv::INTER_AREA);
        }
        colours = refinedColours(colours, p, a, side <= 32 ? 10 : 2, side <= 64 ? cv::Mat() : edgesOf(a));
        if (scale >= 1)
            break;
    }
    std::vector<Rgb> out(picture.data(), picture.data() + picture.size());
    for (int y = 0; y < picture.height(); ++y)
        for (int x = 0; x < picture.width(); ++x)
            if (alpha.at(x, y) < 253) {
                const cv::Vec3f f = colours.fore.at<cv::Vec3f>(y, x);
                out[std::size_t(y) * std::size_t(picture.width()) + std::size_t(x)] = {f[0], f[1], f[2]};
            }
    return {picture.width(), picture.height(), std::move(out)};
}

} // namespace rl::cutout
