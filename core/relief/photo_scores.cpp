#include "core/relief/photo_scores.h"
#include "core/base/geometry.h"
#include "core/colour/srgb.h"
#include <opencv2/imgproc.hpp>

namespace rl::relief {

namespace {
constexpr int kWorkSize = 112;
double percentile(std::vector<float> v, double share)
{
    if (v.empty())
        return 0;
    const auto k = std::ptrdiff_t(share * double(v.size() - 1));
    std::nth_element(v.begin(), v.begin() + k, v.end());
    return double(v[std::size_t(k)]);
}

/// Weighted Pearson correlation; 0 where either side does not vary.
double correlation(const std::vector<double>& a, const std::vector<double>& b, const std::vector<double>& w)
{
    double sw = 0, sa = 0, sb = 0, aa = 0, bb = 0, ab = 0;
    for (std::size_t i = 0; i < a.size(); ++i) {
        sw += w[i], sa += w[i] * a[i], sb += w[i] * b[i];
        aa += w[i] * a[i] * a[i], bb += w[i] * b[i] * b[i], ab += w[i] * a[i] * b[i];
    }
    if (sw <= 0)
        return 0;
    const double va = aa / sw - sa * sa / sw / sw, vb = bb / sw - sb * sb / sw / sw;
    return va > 1e-12 && vb > 1e-12 ? (ab / sw - sa * sb / sw / sw) / std::sqrt(va * vb) : 0;
}
} // namespace

Work workCopy(const Photo& picture, const Mask& alpha)
{
    Work work;
    const cv::Rect object = cv::boundingRect(cv::Mat(alpha.mat() > 127));
    if (object.width < 8 || object.height < 8)
        return work;
    const int margin = std::max(object.width, object.height) / 16 + 2;
    const cv::Rect box
        = cv::Rect(object.x - margin, object.y - margin, object.width + 2 * margin, object.height + 2 * margin)
        & cv::Rect(0, 0, alpha.width(), alpha.height());
    work.atLeft = object.x <= 1, work.atTop = object.y <= 1;
    work.atRight = object.x + object.width >= alpha.width() - 1;
    work.atBottom = object.y + object.height >= alpha.height() - 1;
    cv::Mat core, coreFloat, luminance(box.height, box.width, CV_32FC1), weighted, coreSmall;
    cv::erode(alpha.mat()(box) > 250, core, cv::Mat());
    core.convertTo(coreFloat, CV_32F, 1 / 255.0);
    for (int y = 0; y < box.height; ++y)
        for (int x = 0; x < box.width; ++x)
            luminance.at<float>(y, x) = rl::luminance(colour::linearOf(picture.at(box.x + x, box.y + y)));
    const double scale = std::min(1.0, double(kWorkSize) / std::max(box.width, box.height));
    const cv::Size size(
        std::max(4, int(std::lround(box.width * scale))), std::max(4, int(std::lround(box.height * scale))));
    cv::resize(luminance.mul(coreFloat), weighted, size, 0, 0, cv::INTER_AREA);
    cv::resize(coreFloat, coreSmall, size, 0, 0, cv::INTER_AREA);
    cv::Mat alphaFloat;
    alpha.mat()(box).convertTo(alphaFloat, CV_32F, 1 / 255.0);
    cv::resize(alphaFloat, work.alpha, size, 0, 0, cv::INTER_AREA);
    work.inside = work.alpha > 0.5;
    work.valid = work.inside & (coreSmall > 0.3);
    cv::divide(weighted, cv::max(coreSmall, 1e-6), work.luminance);
    work.radius = std::sqrt(cv::countNonZero(work.inside) / kPi);
    return work;
}

ContourBins contourBins(const Work& work)
{
    ContourBins result;
    cv::Mat soft, gx, gy, distance;
    cv::GaussianBlur(work.alpha, soft, cv::Size(), 2.0, 2.0, cv::BORDER_REPLICATE);
    cv::Sobel(soft, gx, CV_32F, 1, 0, 3, 0.125);
    cv::Sobel(soft, gy, CV_32F, 0, 1, 3, 0.125);
    cv::Mat padded;
    cv::copyMakeBorder(work.inside, padded, 1, 1, 1, 1, cv::BORDER_REPLICATE);
    cv::distanceTransform(padded, distance, cv::DIST_L2, 5);
    const float near = float(std::max(2.5, 0.05 * work.radius));
    std::array<std::vector<float>, 36> bins;
    std::vector<float> all;
    for (int y = 0; y < work.inside.rows; ++y)
        for (int x = 0; x < work.inside.cols; ++x) {
            const bool atCrop = (work.atLeft && x < 4) || (work.atTop && y < 4)
                || (work.atRight && x >= work.inside.cols - 4) || (work.atBottom && y >= work.inside.rows - 4);
            if (!work.valid.at<std::uint8_t>(y, x) || atCrop || distance.at<float>(y + 1, x + 1) > near)
                continue;
            const float dx = gx.at<float>(y, x), dy = gy.at<float>(y, x);
            if (std::hypot(dx, dy) <= 0.02f)
                continue;
            // outward is against the gradient of alpha; rows run down, y up
            const double outward = wrapped360(degrees(std::atan2(double(dy), double(-dx))));
            bins[std::size_t(outward / 10) % 36].push_back(work.luminance.at<float>(y, x));
            all.push_back(work.luminance.at<float>(y, x));
        }
    for (std::size_t b = 0; b < 36; ++b)
        if (bins[b].size() >= 3) {
            result.mean.push_back(percentile(bins[b], 0.5));
            result.weight.push_back(std::sqrt(double(bins[b].size())));
            result.centre.push_back(10.0 * double(b) + 5);
        }
    const double p90 = percentile(all, 0.9), p10 = percentile(all, 0.1);
    result.contrast = p90 + p10 > 1e-6 ? (p90 - p10) / (p90 + p10) : 0;
    return result;
}

AzimuthScore contourScore(const ContourBins& bins, double sky)
{
    AzimuthScore score{};
    for (int i = 0; i < kAzimuths; ++i) {
        std::vector<double> facing;
        for (const double c : bins.centre)
            facing.push_back(std::max(0.0, std::cos(radians(c - azimuthOf(i)))) + sky * std::sin(radians(c)));
        score[std::size_t(i)] = correlation(bins.mean, facing, bins.weight);
    }
    return score;
}

InteriorScore interiorScore(const cv::Mat& luminance, const cv::Mat& valid, const cv::Mat& map, double sky)
{
    InteriorScore score{};
    cv::Mat weight, blurred, blurredWeight;
    valid.convertTo(weight, CV_32F, 1 / 255.0);
    cv::GaussianBlur(luminance.mul(weight), blurred, cv::Size(), 1.0);
    cv::GaussianBlur(weight, blurredWeight, cv::Size(), 1.0);
    struct Sample {
        Vec3f n;
        double y, w;
    };
    std::vector<Sample> samples;
    std::vector<float> values;
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            if (!valid.at<std::uint8_t>(y, x))
                continue;
            const cv::Vec3f c = map.at<cv::Vec3f>(y, x);
            const Vec3f n{c[0], c[1], c[2]};
            const float v = blurred.at<float>(y, x) / std::max(blurredWeight.at<float>(y, x), 1e-6f);
            samples.push_back({n, double(v), 1 - double(n.z) * double(n.z) + 0.05});
            values.push_back(v);
        }
    const double top = percentile(values, 0.98);
    const std::size_t stride = samples.size() / 6000 + 1;
    std::vector<double> lum, w, facing;
    std::vector<Vec3f> normals;
    for (std::size_t i = 0; i < samples.size(); i += stride) {
        lum.push_back(std::min(samples[i].y, top));
        w.push_back(samples[i].w);
        normals.push_back(samples[i].n);
    }
    facing.resize(lum.size());
    for (int a = 0; a < kAzimuths; ++a)
        for (int e = 0; e < kElevations; ++e) {
            const double az = radians(azimuthOf(a)), el = radians(elevationOf(e));
            const float lx = float(std::cos(el) * std::cos(az)), ly = float(std::cos(el) * std::sin(az)),
                        lz = float(std::sin(el));
            for (std::size_t i = 0; i < normals.size(); ++i)
                facing[i] = double(std::max(0.f, normals[i].x * lx + normals[i].y * ly + normals[i].z * lz))
                    + sky * double(normals[i].y);
            score[std::size_t(a)][std::size_t(e)] = correlation(lum, facing, w);
        }
    return score;
}

} // namespace rl::relief
