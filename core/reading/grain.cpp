#include "core/reading/grain.h"
#include <opencv2/imgproc.hpp>

namespace rl::reading {

double Grain::strength() const
{
    double sum = 0;
    for (const double r : rms)
        sum += r * r;
    return std::sqrt(sum);
}

GrainMaps::GrainMaps(const cv::Mat& L)
{
    std::vector<cv::Mat> maps;
    cv::Mat before = L, after;
    for (const double sigma : {1.0, 2.0, 4.0, 8.0}) {
        cv::GaussianBlur(L, after, {}, sigma, sigma, cv::BORDER_REPLICATE);
        const cv::Mat octave = before - after;
        maps.push_back(cv::abs(octave)); // a lone edge of something else weighs less than in the mean of squares
        before = after.clone();
    }
    cv::Mat gx, gy, soft;
    cv::GaussianBlur(L, soft, {}, 0.7);
    cv::Sobel(soft, gx, CV_32F, 1, 0, 3, 0.125);
    cv::Sobel(soft, gy, CV_32F, 0, 1, 3, 0.125);
    const cv::Mat xx = gx.mul(gx), yy = gy.mul(gy), xy = gx.mul(gy);
    maps.push_back(xx - yy), maps.push_back(2 * xy), maps.push_back(xx + yy);
    const cv::Size coarse(std::max(1, L.cols / kCoarse), std::max(1, L.rows / kCoarse));
    for (cv::Mat& m : maps)
        cv::resize(m, m, coarse, 0, 0, cv::INTER_AREA);
    cv::merge(maps, m_maps);
}

std::array<GrainMaps::Side, 2> GrainMaps::sides(const cv::Mat& mask, const cv::Rect& box, double sigma) const
{
    // Only cells a whole cell away from the contour: its own step is no grain.
    cv::Mat coarse, inner, outer;
    cv::resize(mask, coarse, box.size(), 0, 0, cv::INTER_AREA);
    const cv::Mat grow = cv::Mat::ones(3, 3, CV_8U), cut = coarse;
    cv::erode(cv::Mat(cut == 255), inner, grow);
    cv::erode(cv::Mat(cut == 0), outer, grow);
    std::array<Side, 2> out;
    const int k = std::max(3, int(std::ceil(sigma * 3)) * 2 + 1);
    for (std::size_t i = 0; i < 2; ++i) {
        cv::Mat own = cv::Mat::zeros(box.size(), m_maps.type()), w;
        m_maps(box).copyTo(own, i ? outer : inner);
        (i ? outer : inner).convertTo(w, CV_32F, 1 / 255.0);
        cv::GaussianBlur(own, out[i].sums, {k, k}, sigma, sigma, cv::BORDER_CONSTANT);
        cv::GaussianBlur(w, out[i].weight, {k, k}, sigma, sigma, cv::BORDER_CONSTANT);
    }
    return out;
}

Grain GrainMaps::at(const Side& side, cv::Point cell)
{
    Grain g;
    const double w = double(side.weight.at<float>(cell));
    if (w < 0.05)
        return g;
    const auto v = side.sums.at<cv::Vec<float, kOctaves + 3>>(cell);
    for (int i = 0; i < kOctaves; ++i)
        g.rms[std::size_t(i)] = 1.2533 * double(v[i]) / w; // √(π / 2): of normal noise
    const double trace = double(v[kOctaves + 2]) / w + 0.05;
    g.along = double(v[kOctaves]) / w / trace, g.across = double(v[kOctaves + 1]) / w / trace;
    g.known = true;
    return g;
}

double grainGap(const Grain& a, const Grain& b)
{
    if (!a.known || !b.known)
        return 0;
    double sum = 0;
    for (std::size_t i = 0; i < a.rms.size(); ++i)
        sum += std::pow(a.rms[i] - b.rms[i], 2);
    // Stripes that cross are unlike though their strength is the same.
    const double s = a.strength(), t = b.strength(), both = std::min(s, t);
    sum += both * both * (std::pow(a.along - b.along, 2) + std::pow(a.across - b.across, 2)) / 4;
    return std::sqrt(sum);
}

double separation(double deltaE, const Grain& a, const Grain& b)
{
    const double gap = grainGap(a, b), shared = std::min(a.strength(), b.strength());
    const double alike = a.known && b.known ? std::exp(-2 * std::pow(gap / (0.5 * shared + 1), 2)) : 0;
    // Weighed by eye on made pairs: grain that differs by 3 L* r.m.s. parts nothing yet, by 8 L* as much as ΔE 10.
    constexpr double kUnseen = 3, kGain = 2;
    return std::hypot(deltaE / std::sqrt(1 + std::pow(alike * shared / 3, 2)), kGain * std::max(0.0, gap - kUnseen));
}

} // namespace rl::reading
