#include "core/cutout/matte.h"
#include "core/base/parallel.h"
#include "core/colour/srgb.h"
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
/// Mean colour of the pixels marked in `sure` (0 or 1) around every pixel; where none is near, weight is 0.
struct LocalMean {
    cv::Mat colour, weight;
};
LocalMean localMean(const cv::Mat& linear, const cv::Mat& sure, double sigma)
{
    cv::Mat three, weighted;
    cv::merge(std::vector<cv::Mat>{sure, sure, sure}, three);
    cv::multiply(linear, three, weighted);
    LocalMean mean;
    // Three box passes stand in for the Gaussian: the same mean to a few per cent at a tenth of the time.
    const int box = std::max(3, int(std::lround(sigma * 1.9)) | 1);
    mean.weight = sure.clone();
    for (int pass = 0; pass < 3; ++pass) {
        cv::blur(weighted, weighted, cv::Size(box, box), cv::Point(-1, -1), cv::BORDER_CONSTANT);
        cv::blur(mean.weight, mean.weight, cv::Size(box, box), cv::Point(-1, -1), cv::BORDER_CONSTANT);
    }
    mean.colour = weighted;
    return mean;
}

cv::Rect boundsOf(const cv::Mat& mask, int margin)
{
    const cv::Rect box = cv::boundingRect(mask);
    const cv::Rect grown(box.x - margin, box.y - margin, box.width + 2 * margin, box.height + 2 * margin);
    return grown & cv::Rect(0, 0, mask.cols, mask.rows);
}

void solveRow(const cv::Vec3f* image, const cv::Vec3f* inside, const float* insideWeight, const cv::Vec3f* outside,
    const float* outsideWeight, const float* distance, const std::uint8_t* coverage, std::uint8_t* out, int width,
    float half)
{
    for (int x = 0; x < width; ++x) {
        if (std::abs(distance[x]) >= half) {
            out[x] = distance[x] > 0 ? 255 : 0;
            continue;
        }
        const float geometric = float(coverage[x]) / 255;
        float alpha = geometric;
        if (insideWeight[x] > 1e-5f && outsideWeight[x] > 1e-5f) {
            const cv::Vec3f f = inside[x] / insideWeight[x], b = outside[x] / outsideWeight[x], d = f - b;
            const float length2 = d.dot(d), along = (image[x] - b).dot(d) / std::max(length2, 1e-9f);
            // How far apart the two colours are against what grain would do (about 0.02 in linear light, more when
            // bright).
            const float grain = 0.015f + 0.04f * (f[1] + b[1]);
            const float trust = length2 / (length2 + grain * grain);
            // Near the band's rim the outline is sure; the colours decide in the middle.
            const float ramp = std::clamp(0.5f + distance[x] / (2 * half), 0.f, 1.f);
            const float colour = std::clamp(along, 0.f, 1.f);
            alpha = trust * colour + (1 - trust) * geometric;
            alpha = std::clamp(alpha, std::max(0.f, 2 * ramp - 1), std::min(1.f, 2 * ramp));
        }
        out[x] = std::uint8_t(std::lround(255 * alpha));
    }
}
} // namespace

Mask softEdge(const Photo& picture, const Mask& coverage, double bandPx)
{
    const cv::Mat cover = coverage.mat();
    cv::Mat result = cover.clone();
    const int margin = int(bandPx * 3) + 4;
    const cv::Rect box = boundsOf(cover, margin);
    if (box.width < 3 || box.height < 3)
        return coverage;
    const float half = float(bandPx) / 2;
    cv::Mat hard = cover(box) > 127, in, out;
    cv::distanceTransform(hard, in, cv::DIST_L2, 5);
    cv::distanceTransform(~hard, out, cv::DIST_L2, 5);
    const cv::Mat signedDistance = in - out;
    cv::Mat sureIn, sureOut;
    cv::Mat(signedDistance >= half).convertTo(sureIn, CV_32F, 1 / 255.0);
    cv::Mat(signedDistance <= -half).convertTo(sureOut, CV_32F, 1 / 255.0);
    const LinearPicture linear = colour::linearOf(Photo::fromMat(picture.mat()(box)));
    const LocalMean inside = localMean(linear.mat(), sureIn, bandPx),
                    outside = localMean(linear.mat(), sureOut, bandPx);
    cv::Mat part = result(box);
    parallelRows(box.height, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            solveRow(linear.mat().ptr<cv::Vec3f>(y), inside.colour.ptr<cv::Vec3f>(y), inside.weight.ptr<float>(y),
                outside.colour.ptr<cv::Vec3f>(y), outside.weight.ptr<float>(y), signedDistance.ptr<float>(y),
                cover(box).ptr<std::uint8_t>(y), part.ptr<std::uint8_t>(y), box.width, half);
    });
    return Mask::fromMat(result);
}

LinearPicture cleanColours(const LinearPicture& picture, const Mask& alpha)
{
    cv::Mat sureIn;
    cv::Mat(alpha.mat() > 250).convertTo(sureIn, CV_32F, 1 / 255.0);
    cv::erode(sureIn, sureIn, cv::Mat());
    const LocalMean narrow = localMean(picture.mat(), sureIn, 3), wide = localMean(picture.mat(), sureIn, 14);
    std::vector<Rgb> out(picture.data(), picture.data() + picture.size());
    parallelRows(picture.height(), [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            const std::uint8_t* a = alpha.row(y);
            for (int x = 0; x < picture.width(); ++x) {
                if (a[x] > 250 || a[x] == 0)
                    continue;
                const LocalMean& mean = narrow.weight.at<float>(y, x) > 0.01f ? narrow : wide;
                const float weight = mean.weight.at<float>(y, x);
                if (weight <= 1e-5f)
                    continue;
                const cv::Vec3f inside = mean.colour.at<cv::Vec3f>(y, x) / weight;
                const float k = float(a[x]) / 255, keep = k * k * k;
                Rgb& c = out[std::size_t(y) * std::size_t(picture.width()) + std::size_t(x)];
                c = c * keep + Rgb{inside[0], inside[1], inside[2]} * (1 - keep);
            }
        }
    });
    return {picture.width(), picture.height(), std::move(out)};
}

} // namespace rl::cutout
