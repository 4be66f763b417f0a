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

namespace {
/// The structure tensor as xx - yy, 2 xy and its trace, each the mean of a cell.
std::array<cv::Mat, 3> meanDirections(const cv::Mat& gx, const cv::Mat& gy, cv::Size coarse)
{
    std::array<cv::Mat, 3> out;
    for (cv::Mat& m : out)
        m = cv::Mat::zeros(coarse, CV_32F);
    constexpr int cell = GrainMaps::kCoarse;
    const int width = std::min(coarse.width * cell, gx.cols), n = cell * cell;
    std::array<std::vector<float>, 3> sums; // of the rows of one cell
    for (int cy = 0; cy < coarse.height; ++cy) {
        for (auto& s : sums)
            s.assign(std::size_t(width), 0.f);
        for (int y = cy * cell; y < std::min((cy + 1) * cell, gx.rows); ++y) {
            const float *p = gx.ptr<float>(y), *q = gy.ptr<float>(y);
            float *way = sums[0].data(), *slant = sums[1].data(), *all = sums[2].data();
            for (int x = 0; x < width; ++x) {
                const float xx = p[x] * p[x], yy = q[x] * q[x];
                way[x] += xx - yy, slant[x] += 2 * p[x] * q[x], all[x] += xx + yy;
            }
        }
        for (std::size_t k = 0; k < 3; ++k)
            for (int x = 0; x < width; ++x)
                out[k].at<float>(cy, x / cell) += sums[k][std::size_t(x)] / float(n);
    }
    return out;
}

/// A Gaussian blur, nothing around it; a wide one on half of it (see `blurred`).
cv::Mat softened(const cv::Mat& m, double sigma)
{
    cv::Mat out = m;
    const bool half = sigma > 3 && std::min(m.cols, m.rows) > 8;
    if (half)
        cv::resize(m, out, {(m.cols + 1) / 2, (m.rows + 1) / 2}, 0, 0, cv::INTER_AREA);
    const double left = half ? std::sqrt(sigma * sigma - 1) / 2 : sigma;
    const int k = std::max(3, int(std::ceil(left * 3)) * 2 + 1);
    cv::GaussianBlur(out, out, {k, k}, left, left, cv::BORDER_CONSTANT);
    if (half)
        cv::resize(out, out, m.size(), 0, 0, cv::INTER_LINEAR);
    return out;
}
} // namespace

GrainMaps::GrainMaps(const cv::Mat& whole)
{
    // Whole cells on every level: what is left over at the right and below is less than two of them.
    constexpr int block = 2 * kCoarse;
    const cv::Rect even(0, 0, std::max(1, whole.cols / block) * block, std::max(1, whole.rows / block) * block);
    const cv::Mat L = even.width <= whole.cols && even.height <= whole.rows ? whole(even) : whole;
    std::vector<cv::Mat> maps;
    cv::Mat before = L, after;
    int step = 1; // px of L in one of these: what is soft needs few
    for (const double sigma : {1.0, 2.0, 4.0, 8.0}) {
        const double more = (sigma > 1 ? std::sqrt(0.75) * sigma : 1) / step; // over what it is soft by already
        cv::GaussianBlur(before, after, {}, more, more, cv::BORDER_REPLICATE);
        const cv::Mat octave = before - after;
        maps.push_back(cv::abs(octave)); // a lone edge of something else weighs less than in the mean of squares
        before = after.clone();
        if (sigma > 1 && std::min(before.cols, before.rows) > 16)
            cv::resize(before, before, {(before.cols + 1) / 2, (before.rows + 1) / 2}, 0, 0, cv::INTER_AREA), step *= 2;
    }
    cv::Mat gx, gy, soft;
    cv::GaussianBlur(L, soft, {}, 0.7);
    cv::Sobel(soft, gx, CV_32F, 1, 0, 3, 0.125);
    cv::Sobel(soft, gy, CV_32F, 0, 1, 3, 0.125);
    const cv::Size coarse(std::max(1, L.cols / kCoarse), std::max(1, L.rows / kCoarse));
    for (cv::Mat& m : maps)
        cv::resize(m, m, coarse, 0, 0, cv::INTER_AREA);
    const auto directions = meanDirections(gx, gy, coarse);
    maps.insert(maps.end(), directions.begin(), directions.end());
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
    for (std::size_t i = 0; i < 2; ++i) {
        cv::Mat own = cv::Mat::zeros(box.size(), m_maps.type()), w;
        m_maps(box).copyTo(own, i ? outer : inner);
        (i ? outer : inner).convertTo(w, CV_32F, 1 / 255.0);
        std::vector<cv::Mat> parts;
        cv::split(own, parts);
        for (cv::Mat& part : parts)
            part = softened(part, sigma);
        cv::merge(parts, out[i].sums);
        out[i].weight = softened(w, sigma);
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
