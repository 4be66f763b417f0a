#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/reading/value_bins.h"
#include <array>
#include <map>
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

namespace {
/// Which bin a luminance falls into, by a table over its square root.
std::size_t binAt(float y)
{
    constexpr int n = 4096;
    static const auto table = [] {
        std::array<std::uint8_t, n + 1> t{};
        for (int i = 0; i <= n; ++i)
            t[std::size_t(i)] = std::uint8_t(binOf(colour::lightness(float(i) / n * float(i) / n)));
        return t;
    }();
    return table[std::size_t(int(std::sqrt(std::clamp(y, 0.f, 1.f)) * n + 0.5f))];
}
} // namespace

ValueBins::ValueBins(const LinearPicture& picture)
    : m_picture(picture)
    , m_bins(picture.size())
    , m_counts(kBins, 0)
{
    std::array<int, kBins> counts{};
    for (std::size_t i = 0; i < m_bins.size(); ++i) {
        const std::size_t bin = binAt(luminance(picture.data()[i]));
        m_bins[i] = std::uint8_t(bin);
        ++counts[bin];
    }
    std::copy(counts.begin(), counts.end(), m_counts.begin());
}

double ValueBins::lightnessUnder(double share) const
{
    if (m_bins.empty())
        return 0;
    auto left = std::size_t(share * double(m_bins.size() - 1));
    std::size_t bin = 0;
    while (bin + 1 < m_counts.size() && double(left) >= m_counts[bin])
        left -= std::size_t(m_counts[bin++]);
    std::vector<float> in; // exactly, among those of its bin
    for (std::size_t i = 0; i < m_bins.size(); ++i)
        if (m_bins[i] == bin)
            in.push_back(luminance(m_picture.data()[i]));
    const auto at = in.begin() + std::ptrdiff_t(std::min(left, in.size() - 1));
    std::nth_element(in.begin(), at, in.end());
    return double(colour::lightness(*at));
}

std::vector<ValueStep> valueSteps(const LinearPicture& picture, int steps)
{
    return ValueBins(picture).steps(steps);
}
std::vector<ValueStep> valueSteps(const LinearPicture& picture, const std::vector<double>& bounds)
{
    return ValueBins(picture).steps(bounds);
}

std::vector<ValueStep> ValueBins::steps(int wanted) const
{
    const std::size_t steps = std::size_t(std::clamp(wanted, 2, 9));
    const std::vector<double>& histogram = m_counts;
    const double total = std::max(1.0, double(m_bins.size()));
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

std::vector<ValueStep> ValueBins::steps(const std::vector<double>& bounds) const
{
    std::vector<ValueStep> out(bounds.size() + 1);
    for (std::size_t k = 0; k < out.size(); ++k)
        out[k].from = k ? bounds[k - 1] : 0, out[k].to = k < bounds.size() ? bounds[k] : 100;
    const std::vector<double>& histogram = m_counts;
    for (std::size_t b = 0; b < kBins; ++b) {
        const double L = double(b) / 2;
        const auto k = std::size_t(std::upper_bound(bounds.begin(), bounds.end(), L - 1e-9) - bounds.begin());
        out[k].lightness += L * histogram[b], out[k].share += histogram[b];
    }
    for (ValueStep& s : out) {
        s.lightness = s.share > 0 ? s.lightness / s.share : (s.from + s.to) / 2;
        s.share /= std::max(1.0, double(m_bins.size()));
    }
    return out;
}

std::map<int, int> depthPlanes(const std::map<int, double>& distance)
{
    std::vector<std::pair<double, int>> order;
    for (const auto& [id, m] : distance)
        order.emplace_back(std::log(std::max(1e-3, m)), id);
    std::sort(order.begin(), order.end());
    // The two widest gaps part three planes; a gap under a third (ln 1.33) parts nothing.
    std::vector<std::pair<double, std::size_t>> gaps;
    for (std::size_t i = 1; i < order.size(); ++i)
        if (const double g = order[i].first - order[i - 1].first; g > std::log(1.33))
            gaps.emplace_back(-g, i);
    std::sort(gaps.begin(), gaps.end());
    gaps.resize(std::min<std::size_t>(2, gaps.size()));
    std::map<int, int> out;
    for (std::size_t i = 0; i < order.size(); ++i) {
        int plane = 1;
        for (const auto& [gap, at] : gaps)
            plane += i >= at;
        out[order[i].second] = gaps.size() == 1 && plane == 2 ? 3 : plane;
    }
    return out;
}

namespace {
using Histogram = std::array<double, kBins>;

/// L* under which a share of it lies.
double placeIn(const Histogram& h, double share)
{
    const double total = std::accumulate(h.begin(), h.end(), 0.0);
    double sum = 0;
    for (std::size_t b = 0; b < kBins; ++b)
        if ((sum += h[b]) >= share * total && sum > 0)
            return double(b) / 2;
    return 100;
}
ElementValues valuesOf(int element, const Histogram& h)
{
    return {element, placeIn(h, 0.02), placeIn(h, 0.5), placeIn(h, 0.98)};
}
/// Share of it under, and at or over, an L*.
double under(const Histogram& h, double L)
{
    const auto to = h.begin() + std::ptrdiff_t(binOf(float(L)));
    return std::accumulate(h.begin(), to, 0.0) / std::max(1.0, std::accumulate(h.begin(), h.end(), 0.0));
}

struct Gathered {
    Vec2 at;
    int element = 0;
};
/// Where the pixels lie for which `counts` holds.
template <class Counts> Gathered gather(const std::vector<std::uint8_t>& bins, const IdMap& ids, const Counts& counts)
{
    std::array<bool, kBins> wanted{};
    for (std::size_t b = 0; b < kBins; ++b)
        wanted[b] = counts(double(b) / 2);
    Vec2 sum;
    double n = 0;
    std::map<int, int> in;
    for (int y = 0; y < ids.height(); ++y) {
        const std::uint8_t* row = bins.data() + std::size_t(y) * std::size_t(ids.width());
        for (int x = 0; x < ids.width(); ++x)
            if (wanted[row[x]])
                sum = sum + Vec2{x + 0.5, y + 0.5}, ++n, ++in[ids.at(x, y)];
    }
    Gathered g;
    if (n > 0)
        g.at = sum * (1 / n);
    const auto most
        = std::max_element(in.begin(), in.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    if (most != in.end())
        g.element = most->first;
    return g;
}
} // namespace

ValuePlan valuePlan(const LinearPicture& picture, const IdMap& ids, const std::map<int, int>& planeOf)
{
    return ValueBins(picture).plan(ids, planeOf);
}

ValuePlan ValueBins::plan(const IdMap& ids, const std::map<int, int>& planeOf) const
{
    ValuePlan plan;
    if (m_picture.empty() || ids.width() != m_picture.width() || ids.height() != m_picture.height())
        return plan;
    Histogram all{};
    std::map<int, Histogram> by;
    Histogram* own = nullptr;
    int last = 0;
    const std::vector<std::uint8_t>& bins = m_bins;
    for (std::size_t i = 0; i < bins.size(); ++i) {
        const std::size_t bin = bins[i];
        all[bin] += 1;
        if (const int id = ids.data()[i]; id != last)
            own = id ? &by.try_emplace(id, Histogram{}).first->second : nullptr, last = id;
        if (own)
            (*own)[bin] += 1;
    }
    plan.all = valuesOf(0, all);
    for (const auto& [id, h] : by)
        plan.elements.push_back(valuesOf(id, h));
    if (!planeOf.empty()) {
        std::map<int, Histogram> planes;
        Histogram rest = all;
        for (const auto& [id, h] : by) {
            const auto at = planeOf.find(id);
            Histogram& to = planes.try_emplace(at == planeOf.end() ? 2 : at->second, Histogram{}).first->second;
            for (std::size_t i = 0; i < kBins; ++i)
                to[i] += h[i], rest[i] -= h[i];
        }
        if (std::accumulate(rest.begin(), rest.end(), 0.0) > 0)
            planes[4] = rest;
        for (const auto& [plane, h] : planes)
            plan.planes.push_back(valuesOf(plane, h));
    }
    plan.height = plan.all.middle < 38 ? KeyHeight::Low : plan.all.middle > 62 ? KeyHeight::High : KeyHeight::Middle;
    plan.major = plan.all.lightest - plan.all.darkest >= 60;
    plan.blackShare = under(all, 12), plan.whiteShare = 1 - under(all, 95);
    const Gathered dark = gather(bins, ids, [L = plan.all.darkest](double v) { return v <= L + 0.25; }),
                   light = gather(bins, ids, [L = plan.all.lightest](double v) { return v >= L - 0.25; });
    plan.darkestAt = dark.at, plan.darkestIn = dark.element;
    plan.lightestAt = light.at, plan.lightestIn = light.element;
    return plan;
}

const char* nameOf(KeyHeight height)
{
    static const char* names[]{translatable("low"), translatable("middle"), translatable("high")};
    return names[std::size_t(height)];
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
