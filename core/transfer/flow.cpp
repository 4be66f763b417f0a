#include "core/transfer/flow.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include <array>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace rl::transfer {

namespace {
constexpr int kBins = 24;
constexpr double kSharp = 6; // concentration of a vote
constexpr std::array<double, 4> kScales{0.7, 1.4, 2.8, 5.6}; // px, of the gradient
constexpr double kGather = 12, kGatherPerScale = 2.2; // px
constexpr double kApart = 0.36; // radians, mean, from which two halves of the votes do not agree
constexpr int kCoarse = 4; // px in one cell of the votes

cv::Mat blurred(const cv::Mat& m, double sigma)
{
    cv::Mat out;
    if (sigma < 6) {
        cv::GaussianBlur(m, out, {}, sigma, sigma, cv::BORDER_REPLICATE);
        return out;
    }
    // Wide ones at a smaller size: what is lost there lies under a hundredth.
    const double shrink = std::min(8.0, sigma / 3);
    cv::Mat small;
    cv::resize(m, small,
        {std::max(1, int(std::lround(m.cols / shrink))), std::max(1, int(std::lround(m.rows / shrink)))}, 0, 0,
        cv::INTER_AREA);
    const double s = sigma * double(small.cols) / double(m.cols);
    cv::GaussianBlur(small, small, {}, s, s, cv::BORDER_REPLICATE);
    cv::resize(small, out, m.size(), 0, 0, cv::INTER_LINEAR);
    return out;
}

/// Mean over what lies inside.
cv::Mat insideMean(const cv::Mat& m, const cv::Mat& weight, double sigma)
{
    const cv::Mat sum = blurred(m.mul(weight), sigma), all = blurred(weight, sigma);
    return sum / cv::max(all, 1e-4);
}

/// Log luminance of the photo.
cv::Mat logOf(const Photo& photo)
{
    cv::Mat B(photo.height(), photo.width(), CV_32F);
    parallelRows(photo.height(), [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < photo.width(); ++x)
                B.at<float>(y, x) = std::log(luminance(colour::linearOf(photo.at(x, y))) + 0.004f);
    });
    return B;
}

/// What one size of detail says, in cells.
struct Votes {
    cv::Mat angle, clear, contrast; ///< CV_32F: radians 0…π, peak over mean, band contrast
    cv::Mat apart; ///< CV_32F: radians between what two halves of the votes say
};

/// Contrast made even and only what is about as fine as `s`.
cv::Mat evened(const cv::Mat& B, const cv::Mat& weight, double s, cv::Mat& contrast)
{
    const cv::Mat L = (B - insideMean(B, weight, 3.5 * s)).mul(weight);
    cv::Mat square = insideMean(L.mul(L), weight, 11 * s);
    cv::sqrt(cv::max(square, 0), contrast);
    return L / (contrast + 0.02);
}

std::array<cv::Mat, kBins> binned(const cv::Mat& L, const cv::Mat& inside, double s)
{
    cv::Mat soft, gx, gy;
    cv::GaussianBlur(L, soft, {}, s, s, cv::BORDER_REPLICATE);
    cv::Scharr(soft, gx, CV_32F, 1, 0, 1 / 32.0);
    cv::Scharr(soft, gy, CV_32F, 0, 1, 1 / 32.0);
    const cv::Mat square = gx.mul(gx) + gy.mul(gy);
    const cv::Mat cap = insideMean(square, inside, 25);
    const int w = (L.cols + kCoarse - 1) / kCoarse, h = (L.rows + kCoarse - 1) / kCoarse;
    // A vote in 192 directions, then its weight in each bin from a table.
    constexpr int kFine = 192;
    std::vector<float> kernel(kFine * kBins);
    for (int i = 0; i < kFine; ++i)
        for (int b = 0; b < kBins; ++b)
            kernel[std::size_t(i * kBins + b)] = float(
                std::exp(kSharp * (std::cos(2 * std::numbers::pi * (double(i) / kFine - double(b) / kBins)) - 1)));
    std::array<cv::Mat, kBins> bins;
    for (cv::Mat& b : bins)
        b = cv::Mat::zeros(h, w, CV_32F);
    parallelRows(h, [&](int begin, int end) {
        std::vector<float> row(std::size_t(w) * kBins);
        for (int v = begin; v < end; ++v) {
            std::fill(row.begin(), row.end(), 0.f);
            for (int y = v * kCoarse; y < std::min(L.rows, (v + 1) * kCoarse); ++y)
                for (int x = 0; x < L.cols; ++x) {
                    const float weight = std::min(square.at<float>(y, x), cap.at<float>(y, x));
                    if (weight <= 0 || inside.at<float>(y, x) < 0.5f)
                        continue;
                    // Along the strand: across the gradient; y up.
                    float a = std::atan2(gx.at<float>(y, x), gy.at<float>(y, x)) * float(kFine / std::numbers::pi);
                    a = a < 0 ? a + kFine : a;
                    const float* k = kernel.data() + std::size_t(std::min(int(a), 2 * kFine - 1) % kFine) * kBins;
                    float* to = row.data() + std::size_t(x / kCoarse) * kBins;
                    for (int b = 0; b < kBins; ++b)
                        to[b] += weight * k[b];
                }
            for (int b = 0; b < kBins; ++b)
                for (int u = 0; u < w; ++u)
                    bins[std::size_t(b)].at<float>(v, u) = row[std::size_t(u) * kBins + std::size_t(b)];
        }
    });
    return bins;
}

/// The mode of the votes in a cell: its direction in radians, and how far it stands out over their mean.
std::pair<double, double> modeOf(const std::array<cv::Mat, kBins>& bins, int x, int y)
{
    std::array<double, kBins> v{};
    double sum = 1e-20;
    std::size_t best = 0;
    for (std::size_t b = 0; b < kBins; ++b) {
        v[b] = double(bins[b].at<float>(y, x));
        sum += v[b];
        best = v[b] > v[best] ? b : best;
    }
    const double l = v[(best + kBins - 1) % kBins], m = v[best], r = v[(best + 1) % kBins], curve = l - 2 * m + r,
                 off = curve < 0 ? 0.5 * (l - r) / curve : 0;
    return {(double(best) + 0.5 / 8 + std::clamp(off, -0.5, 0.5)) * std::numbers::pi / kBins, m * kBins / sum};
}

Votes votesOf(const cv::Mat& B, const cv::Mat& weight, double s)
{
    Votes out;
    cv::Mat contrast;
    const cv::Mat L = evened(B, weight, s, contrast);
    // Gathered in two halves that share no pixel: where they tell two directions, none can be told.
    std::array<cv::Mat, kBins> bins = binned(L, weight, s), half;
    const int block = std::max(1, int(std::lround(4 * s / kCoarse)));
    cv::Mat chequer(bins[0].size(), CV_32F);
    for (int y = 0; y < chequer.rows; ++y)
        for (int x = 0; x < chequer.cols; ++x)
            chequer.at<float>(y, x) = float((x / block + y / block) % 2);
    const double gather = std::max(kGather, kGatherPerScale * s) / kCoarse;
    parallelItems(kBins, [&](int b) {
        cv::Mat &m = bins[std::size_t(b)], &h = half[std::size_t(b)];
        cv::GaussianBlur(m.mul(chequer), h, {}, gather, gather, cv::BORDER_REPLICATE);
        cv::GaussianBlur(m, m, {}, gather, gather, cv::BORDER_REPLICATE);
    });
    for (cv::Mat* m : {&out.angle, &out.clear, &out.apart})
        *m = cv::Mat(bins[0].size(), CV_32F);
    parallelRows(out.angle.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < out.angle.cols; ++x) {
                const auto [angle, clear] = modeOf(bins, x, y);
                out.angle.at<float>(y, x) = float(angle), out.clear.at<float>(y, x) = float(clear);
            }
    });
    for (std::size_t b = 0; b < kBins; ++b)
        bins[b] = bins[b] - half[b];
    parallelRows(out.angle.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < out.angle.cols; ++x)
                out.apart.at<float>(y, x) = float(
                    std::abs(std::remainder(modeOf(bins, x, y).first - modeOf(half, x, y).first, std::numbers::pi)));
    });
    cv::resize(contrast, out.contrast, out.angle.size(), 0, 0, cv::INTER_AREA);
    return out;
}

double medianOf(const cv::Mat& m, const cv::Mat& inside)
{
    std::vector<float> all;
    for (int y = 0; y < m.rows; ++y)
        for (int x = 0; x < m.cols; ++x)
            if (inside.at<float>(y, x) > 0.5f)
                all.push_back(m.at<float>(y, x));
    if (all.empty())
        return 0;
    std::nth_element(all.begin(), all.begin() + std::ptrdiff_t(all.size() / 2), all.end());
    return double(all[all.size() / 2]);
}

/// One field of several sizes: the finest that shows a direction in most places, filled from coarser ones.
struct Merged {
    cv::Mat cos2, sin2, clear, contrast, apart;
};
Merged mergedOf(const std::vector<Votes>& sizes, const cv::Mat& inside)
{
    constexpr double kShows = 1.4;
    constexpr float kSure = 1.6f, kUnsure = 1.3f;
    std::size_t first = 0;
    while (first + 1 < sizes.size() && medianOf(sizes[first].clear, inside) < kShows)
        ++first;
    Merged m;
    m.clear = sizes[first].clear.clone(), m.contrast = sizes[first].contrast;
    m.cos2 = cv::Mat(m.clear.size(), CV_32F), m.sin2 = cv::Mat(m.clear.size(), CV_32F);
    m.apart = cv::Mat(m.clear.size(), CV_32F);
    for (int y = 0; y < m.clear.rows; ++y)
        for (int x = 0; x < m.clear.cols; ++x) {
            double left = 1, c2 = 0, s2 = 0, c = 0, apart = 0;
            for (std::size_t k = first; k < sizes.size() && left > 1e-3; ++k) {
                const float clear = sizes[k].clear.at<float>(y, x);
                const double share = k + 1 == sizes.size()
                    ? left
                    : left * std::clamp(double((clear - kUnsure) / (kSure - kUnsure)), 0.0, 1.0);
                const double a = double(sizes[k].angle.at<float>(y, x));
                c2 += share * std::cos(2 * a), s2 += share * std::sin(2 * a), c += share * double(clear);
                apart += share * double(sizes[k].apart.at<float>(y, x));
                left -= share;
            }
            m.cos2.at<float>(y, x) = float(c2), m.sin2.at<float>(y, x) = float(s2), m.clear.at<float>(y, x) = float(c);
            m.apart.at<float>(y, x) = float(apart);
        }
    return m;
}

/// A way along the flow, 1 px a step, as far as it is known.
std::vector<Vec2> wayAlong(const FlowField& field, Vec2 at, double heading, int steps)
{
    std::vector<Vec2> way{at};
    for (int i = 0; i < steps; ++i) {
        const int u = int(at.x), v = int(at.y);
        if (!field.angle.contains(u, v) || field.clear.at(u, v) <= 0)
            break;
        double a = double(field.angle.at(u, v));
        a += std::abs(std::remainder(a - heading, 360)) > 90 ? 180 : 0;
        heading = a;
        at = at + Vec2{std::cos(a * std::numbers::pi / 180), -std::sin(a * std::numbers::pi / 180)};
        way.push_back(at);
    }
    return way;
}

/// How like the picture about one place is to that about another, −1…1; nothing where too little lies inside.
std::optional<double> likeness(const cv::Mat& L, const cv::Mat& inside, Vec2 from, Vec2 to)
{
    constexpr int kHalf = 7, kLeast = 40;
    double both = 0, square = 0;
    int n = 0;
    const auto in
        = [&](int x, int y) { return x >= 0 && y >= 0 && x < L.cols && y < L.rows && inside.at<float>(y, x) > 0.5f; };
    const int dx = int(std::lround(to.x - from.x)), dy = int(std::lround(to.y - from.y));
    for (int v = -kHalf; v <= kHalf; ++v)
        for (int u = -kHalf; u <= kHalf; ++u) {
            const int x = int(from.x) + u, y = int(from.y) + v;
            if (!in(x, y) || !in(x + dx, y + dy))
                continue;
            const double a = double(L.at<float>(y, x)), b = double(L.at<float>(y + dy, x + dx));
            both += a * b, square += 0.5 * (a * a + b * b), ++n;
        }
    if (n < kLeast || square <= 0)
        return {};
    return both / square;
}

/// Where the correlation of the picture with itself falls to a tenth along the flow, px; 0 where it cannot be told.
double lagAlong(const cv::Mat& L, const cv::Mat& inside, const std::vector<Vec2>& way)
{
    constexpr double kFallen = 0.1;
    double before = 1;
    for (std::size_t lag = 1; lag < way.size(); ++lag) {
        const auto now = likeness(L, inside, way[0], way[lag]);
        if (!now)
            break;
        if (*now <= kFallen)
            return double(lag) - 1 + (before - kFallen) / std::max(before - *now, 1e-6);
        before = *now;
    }
    return before < 0.6 ? double(way.size()) : 0;
}
} // namespace

FlowField flowOf(const Photo& photo, const Mask& mask, Progress& progress)
{
    FlowField field;
    if (photo.empty() || (!mask.empty() && (mask.width() != photo.width() || mask.height() != photo.height())))
        return field;
    cv::Mat weight(photo.height(), photo.width(), CV_32F, cv::Scalar(1));
    if (!mask.empty())
        mask.mat().convertTo(weight, CV_32F, 1 / 255.0);
    if (cv::countNonZero(weight > 0.5f) == 0)
        return field;
    const cv::Mat B = logOf(photo);
    std::vector<Votes> sizes;
    for (std::size_t k = 0; k < kScales.size(); ++k) {
        if (progress.cancelled())
            return field;
        sizes.push_back(votesOf(B, weight, kScales[k]));
        progress.report(double(k + 1) / kScales.size(), tr("Which way it runs"));
    }
    cv::Mat inside;
    cv::resize(weight, inside, sizes[0].angle.size(), 0, 0, cv::INTER_AREA);
    const Merged m = mergedOf(sizes, inside);
    const double clearMiddle = medianOf(m.clear, inside), contrastMiddle = medianOf(m.contrast, inside);
    cv::Mat apart;
    cv::GaussianBlur(m.apart, apart, {}, kGather / kCoarse, kGather / kCoarse, cv::BORDER_REPLICATE);
    const cv::Mat sure
        = (m.clear > std::max(1.25, 0.68 * clearMiddle)) & (m.contrast > 0.45 * contrastMiddle) & (apart < kApart);
    cv::Mat cos2, sin2, clear, reliable;
    cv::resize(m.cos2, cos2, weight.size(), 0, 0, cv::INTER_LINEAR);
    cv::resize(m.sin2, sin2, weight.size(), 0, 0, cv::INTER_LINEAR);
    cv::resize(m.clear, clear, weight.size(), 0, 0, cv::INTER_LINEAR);
    cv::resize(sure, reliable, weight.size(), 0, 0, cv::INTER_NEAREST);
    cv::Mat angle(weight.size(), CV_32F, cv::Scalar(0));
    for (int y = 0; y < angle.rows; ++y)
        for (int x = 0; x < angle.cols; ++x) {
            if (weight.at<float>(y, x) < 0.5f) {
                clear.at<float>(y, x) = 0, reliable.at<std::uint8_t>(y, x) = 0;
                continue;
            }
            double a = 0.5 * std::atan2(double(sin2.at<float>(y, x)), double(cos2.at<float>(y, x)));
            a = a < 0 ? a + std::numbers::pi : a;
            angle.at<float>(y, x) = float(a * 180 / std::numbers::pi);
        }
    field.angle = Plane::fromMat(angle), field.clear = Plane::fromMat(clear), field.reliable = Mask::fromMat(reliable);
    return field;
}

std::vector<FlowPoint> flowPoints(const FlowField& field, const Photo& photo, const Mask& mask, double step)
{
    std::vector<FlowPoint> all;
    if (field.empty() || step < 1)
        return all;
    constexpr double kPerLag = 3.4; // strands overlap: the length drawn over the lag where likeness falls to a tenth
    cv::Mat weight(photo.height(), photo.width(), CV_32F, cv::Scalar(1)), contrast;
    if (!mask.empty())
        mask.mat().convertTo(weight, CV_32F, 1 / 255.0);
    const cv::Mat L = evened(logOf(photo), weight, 1.4, contrast);
    for (double y = step / 2; y < photo.height(); y += step)
        for (double x = step / 2; x < photo.width(); x += step) {
            const int u = int(x), v = int(y);
            if (field.clear.at(u, v) <= 0)
                continue;
            FlowPoint p{
                {x, y}, double(field.angle.at(u, v)), 0, double(field.clear.at(u, v)), field.reliable.at(u, v) == 255};
            all.push_back(p);
        }
    parallelItems(int(all.size()), [&](int n) {
        FlowPoint& p = all[std::size_t(n)];
        p.length = kPerLag * lagAlong(L, weight, wayAlong(field, p.at, p.angle, 90));
    });
    return all;
}

namespace {
/// One way along the flow from a place, as far as it is sure, free, and turns gently.
void follow(
    const FlowField& field, const cv::Mat& taken, Vec2 at, double heading, double length, std::vector<Vec2>& out)
{
    constexpr double kStep = 1.5, kMostTurn = 25; // px, degrees a step
    for (double gone = 0; gone < length; gone += kStep) {
        const int u = int(at.x), v = int(at.y);
        if (!field.reliable.contains(u, v) || field.reliable.at(u, v) == 0 || taken.at<std::uint8_t>(v, u))
            return;
        double a = double(field.angle.at(u, v));
        a += std::abs(std::remainder(a - heading, 360)) > 90 ? 180 : 0; // the way it came
        if (std::abs(std::remainder(a - heading, 360)) > kMostTurn)
            return;
        heading = a;
        at = at + Vec2{std::cos(a * std::numbers::pi / 180), -std::sin(a * std::numbers::pi / 180)} * kStep;
        if (!field.reliable.contains(int(at.x), int(at.y)) || field.reliable.at(int(at.x), int(at.y)) == 0)
            return;
        out.push_back(at);
    }
}
} // namespace

std::vector<FlowStroke> flowStrokes(const FlowField& field, double lengthPx, double apart)
{
    std::vector<FlowStroke> all;
    if (field.empty() || apart < 1 || lengthPx <= 0)
        return all;
    cv::Mat taken(field.angle.height(), field.angle.width(), CV_8U, cv::Scalar(0));
    unsigned state = 1; // the same strokes every time
    const auto jitter = [&] { return double((state = state * 1664525u + 1013904223u) >> 16) / 65536 - 0.5; };
    for (double y = apart / 2; y < taken.rows; y += apart)
        for (double x = apart / 2; x < taken.cols; x += apart) {
            const Vec2 seed{x + 0.8 * apart * jitter(), y + 0.8 * apart * jitter()};
            const double length = lengthPx * (1 + 0.4 * jitter());
            const int u = int(seed.x), v = int(seed.y);
            if (!field.reliable.contains(u, v) || seed.x < 0 || seed.y < 0 || field.reliable.at(u, v) == 0
                || taken.at<std::uint8_t>(v, u))
                continue;
            const double a = double(field.angle.at(u, v));
            FlowStroke s;
            s.clear = double(field.clear.at(u, v));
            std::vector<Vec2> back;
            follow(field, taken, seed, a + 180, length / 2, back);
            s.points.assign(back.rbegin(), back.rend());
            s.points.push_back(seed);
            follow(field, taken, seed, a, length / 2, s.points);
            if (double(s.points.size()) * 1.5 < 0.35 * length)
                continue;
            for (std::size_t i = 1; i < s.points.size(); ++i)
                cv::line(taken, {int(s.points[i - 1].x), int(s.points[i - 1].y)},
                    {int(s.points[i].x), int(s.points[i].y)}, 255, std::max(1, int(0.6 * apart)));
            all.push_back(std::move(s));
        }
    return all;
}

} // namespace rl::transfer
