#include "core/reading/values.h"
#include "core/colour/lab.h"
#include <array>
#include <numeric>
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
constexpr int kBins = 201; // half an L* each
std::size_t binOf(float L)
{
    return std::size_t(std::clamp(int(std::lround(L * 2)), 0, kBins - 1));
}
} // namespace

std::vector<ValueStep> valueSteps(const LinearPicture& picture, int wanted)
{
    const std::size_t steps = std::size_t(std::clamp(wanted, 2, 5));
    std::array<double, kBins> histogram{};
    for (std::size_t i = 0; i < picture.size(); ++i)
        histogram[binOf(colour::lightness(luminance(picture.data()[i])))] += 1;
    const double total = std::max(1.0, double(picture.size()));
    // Start evenly between the darkest and the lightest there is, then let each chip move to the mean of what is
    // nearest to it.
    std::size_t first = 0, last = kBins - 1;
    while (first < last && histogram[first] <= 0)
        ++first;
    while (last > first && histogram[last] <= 0)
        --last;
    std::vector<double> centre(steps);
    for (std::size_t k = 0; k < steps; ++k)
        centre[k] = (double(first) + (double(k) + 0.5) / double(steps) * double(last - first)) / 2;
    std::vector<ValueStep> out(steps);
    for (int round = 0; round < 60; ++round) {
        std::vector<double> weight(steps, 0), mean(steps, 0);
        for (std::size_t b = 0; b < kBins; ++b) {
            std::size_t best = 0;
            for (std::size_t k = 1; k < steps; ++k)
                if (std::abs(centre[k] - double(b) / 2) < std::abs(centre[best] - double(b) / 2))
                    best = k;
            weight[best] += histogram[b];
            mean[best] += histogram[b] * double(b) / 2;
        }
        for (std::size_t k = 0; k < steps; ++k) {
            if (weight[k] > 0)
                centre[k] = mean[k] / weight[k];
            out[k].share = weight[k] / total;
        }
        std::sort(centre.begin(), centre.end());
    }
    for (std::size_t k = 0; k < steps; ++k) {
        out[k].lightness = centre[k];
        out[k].from = k ? (centre[k - 1] + centre[k]) / 2 : 0;
        out[k].to = k + 1 < steps ? (centre[k] + centre[k + 1]) / 2 : 100;
    }
    return out;
}

LinearPicture posterised(const LinearPicture& picture, const std::vector<ValueStep>& steps)
{
    std::vector<Rgb> out(picture.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
        const double L = double(colour::lightness(luminance(picture.data()[i])));
        std::size_t k = 0;
        while (k + 1 < steps.size() && L > steps[k].to)
            ++k;
        const float y = colour::luminanceOf(float(steps[k].lightness));
        out[i] = {y, y, y};
    }
    return {picture.width(), picture.height(), std::move(out)};
}

LinearPicture squinted(const LinearPicture& picture, double ppd, double degrees)
{
    cv::Mat out;
    const double sigma = std::max(0.5, ppd * degrees);
    cv::GaussianBlur(picture.mat(), out, cv::Size(), sigma, sigma, cv::BORDER_REPLICATE);
    out *= 0.75;
    return LinearPicture::fromMat(out);
}

double pixelsPerDegree(double widthPx, double canvasWidthCm, double distanceCm)
{
    return widthPx / (2 * rl::degrees(std::atan(canvasWidthCm / 2 / distanceCm)));
}

} // namespace rl::reading
