#include "core/survey/sides.h"
#include "core/base/parallel.h"
#include <opencv2/imgproc.hpp>

namespace rl::survey {

namespace {
constexpr int kPlaces = 110;
constexpr double kApart = 5, kEnough = 10; // px, ΔE
constexpr double kEnds = 3;

cv::Vec3f labAt(const cv::Mat& lab, Vec2 p)
{
    const int x = int(std::floor(p.x)), y = int(std::floor(p.y));
    if (x < 0 || y < 0 || x + 1 >= lab.cols || y + 1 >= lab.rows)
        return {-1000, 0, 0};
    const float u = float(p.x - x), v = float(p.y - y);
    const auto* a = lab.ptr<cv::Vec3f>(y) + x;
    const auto* b = lab.ptr<cv::Vec3f>(y + 1) + x;
    return (a[0] * (1 - u) + a[1] * u) * (1 - v) + (b[0] * (1 - u) + b[1] * u) * v;
}

/// Edges across a side: rows are places along it, columns offsets from −reach to reach px outwards.
struct Strip {
    Vec2 from, to, out; ///< px without the radial term; `out` points away from the canvas
    int inner = 0, outer = 0; ///< px
    int border = 0; ///< px to a second edge outside; 0 = none
    cv::Mat edge; ///< CV_32F, thinned
};

Strip stripOf(const cv::Mat& lab, const CanvasView& v, Vec2 from, Vec2 to, Vec2 out, int inner, int outer, int border)
{
    Strip s{from, to, out, inner, outer, border, cv::Mat::zeros(kPlaces, inner + outer + border + 1, CV_32F)};
    const int n = s.edge.cols, half = int(kApart / 2);
    std::vector<cv::Vec3f> line(std::size_t(n + 2 * half + 1));
    std::vector<float> raw(static_cast<std::size_t>(n));
    for (int i = 0; i < kPlaces; ++i) {
        const Vec2 base = from + (to - from) * ((i + 0.5) / kPlaces);
        for (std::size_t k = 0; k < line.size(); ++k)
            line[k] = labAt(lab, v.distorted(base + out * (double(k) - half - inner)));
        for (int o = 0; o < n; ++o) {
            const cv::Vec3f a = line[std::size_t(o)], b = line[std::size_t(o + 2 * half)];
            raw[std::size_t(o)] = a[0] < -500 || b[0] < -500 ? 0 : float(cv::norm(a - b) / kEnough);
        }
        for (int o = 0; o < n; ++o) { // ridges
            const float m = raw[std::size_t(o)];
            const float l = o ? raw[std::size_t(o - 1)] : 0, r = o + 1 < n ? raw[std::size_t(o + 1)] : 0;
            s.edge.at<float>(i, o) = std::min(1.0f, m) * (m >= l && m > r ? 1.0f : 0.1f);
        }
    }
    return s;
}

/// The ends count more: an easel's lip or clamp hides the middle of a side and has a long edge of its own.
double weightOf(int place)
{
    return place < kPlaces * 15 / 100 || place >= kPlaces * 85 / 100 ? kEnds : 1;
}
const double kAllWeights = [] {
    double sum = 0;
    for (int i = 0; i < kPlaces; ++i)
        sum += weightOf(i);
    return sum;
}();

struct Line {
    double a = 0, b = 0; ///< offsets at the two ends, px
    double clear = 0;
};

Line bestLine(const Strip& s, double pull)
{
    const int n = s.inner + s.outer + 1, step = n > 60 ? 2 : 1;
    cv::Mat wide; // a line may pass a pixel beside a ridge
    cv::dilate(s.edge, wide, cv::Mat::ones(1, 3, CV_8U));
    if (s.border) { // both edges of the border together
        cv::Mat both = wide.colRange(0, n).clone(), far;
        cv::dilate(wide, far, cv::Mat::ones(1, 5, CV_8U));
        both += far.colRange(s.border, s.border + n);
        wide = both * 0.5;
    }
    Line best{0, 0, -1e9};
    for (int a = 0; a < n; a += step)
        for (int b = 0; b < n; b += step) {
            double sum = 0;
            for (int i = 0; i < kPlaces; ++i) {
                const double o = a + (b - a) * (i + 0.5) / kPlaces;
                sum += weightOf(i) * double(wide.at<float>(i, int(o + 0.5)));
            }
            const double oa = a - s.inner, ob = b - s.inner, reach = std::max(s.inner, s.outer);
            const double score = sum / kAllWeights - pull * (oa * oa + ob * ob) / (2 * reach * reach);
            if (score > best.clear)
                best = {oa, ob, score};
        }
    best.clear
        += pull * (best.a * best.a + best.b * best.b) / (2.0 * std::max(s.inner, s.outer) * std::max(s.inner, s.outer));
    return best;
}

/// Robust straight line through the ridges beside a line: weight 1 / (1 + (r / 1.5 median)²).
Line settled(const Strip& s, Line line)
{
    for (int round = 0; round < 4; ++round) {
        const double reach = round == 0 ? 3 : 2;
        std::vector<double> t, o, w, r;
        for (int i = 0; i < kPlaces; ++i) {
            const double at = (i + 0.5) / kPlaces, want = line.a + (line.b - line.a) * at;
            double num = 0, sum = 0;
            for (int k = int(std::floor(want - reach)); k <= int(std::ceil(want + reach)); ++k) {
                const int c = k + s.inner;
                if (c < 0 || c >= s.edge.cols)
                    continue;
                const double e = double(s.edge.at<float>(i, c));
                num += e * e * k, sum += e * e;
            }
            if (sum > 0.02)
                t.push_back(at), o.push_back(num / sum), w.push_back(std::sqrt(sum)),
                    r.push_back(std::abs(num / sum - want));
        }
        if (t.size() < 12)
            return line;
        std::vector<double> sorted = r;
        std::nth_element(sorted.begin(), sorted.begin() + std::ptrdiff_t(sorted.size() / 2), sorted.end());
        const double scale = 1.5 * std::max(0.25, sorted[sorted.size() / 2]);
        double sw = 0, st = 0, so = 0, stt = 0, sto = 0;
        for (std::size_t i = 0; i < t.size(); ++i) {
            const double k = w[i] / (1 + (r[i] / scale) * (r[i] / scale));
            sw += k, st += k * t[i], so += k * o[i], stt += k * t[i] * t[i], sto += k * t[i] * o[i];
        }
        const double det = sw * stt - st * st;
        if (std::abs(det) < 1e-9)
            return line;
        const double slope = (sw * sto - st * so) / det, at0 = (so - slope * st) / sw;
        line.a = at0, line.b = at0 + slope;
    }
    return line;
}

/// How much of a side has an edge just on the line: falls off within a pixel and a half.
double sharpness(const Strip& s, const Line& line)
{
    double sum = 0;
    for (int i = 0; i < kPlaces; ++i) {
        const double want = line.a + (line.b - line.a) * (i + 0.5) / kPlaces;
        double most = 0;
        for (int k = int(std::floor(want)) - 1; k <= int(std::floor(want)) + 2; ++k) {
            const double r = (k - want) / 1.5;
            if (const int c = k + s.inner; c >= 0 && c < s.edge.cols && std::abs(r) < 1)
                most = std::max(most, double(s.edge.at<float>(i, c)) * (1 - r * r));
        }
        sum += weightOf(i) * most;
    }
    return sum / kAllWeights;
}

Vec2 crossing(Vec2 p, Vec2 q, Vec2 r, Vec2 s)
{
    const Vec2 a = q - p, b = s - r;
    const double det = a.x * b.y - a.y * b.x;
    if (std::abs(det) < 1e-9)
        return q;
    const Vec2 d = r - p;
    return p + a * ((d.x * b.y - d.y * b.x) / det);
}

std::array<Strip, 4> stripsOf(const cv::Mat& lab, const CanvasView& v, double k1, const SideSearch& search)
{
    const CanvasView bent(v.widthCm(), v.heightCm(), v.photo(), v.corners(), k1);
    const Vec2 c[4]{bent.straightAt({0, 0}), bent.straightAt({v.widthCm(), 0}),
        bent.straightAt({v.widthCm(), v.heightCm()}), bent.straightAt({0, v.heightCm()})};
    std::array<Strip, 4> out;
    const double sides[4]{v.widthCm(), v.heightCm(), v.widthCm(), v.heightCm()};
    for (std::size_t i = 0; i < 4; ++i) {
        const Vec2 a = c[i], b = c[(i + 1) % 4], d = b - a;
        const double perCm = d.length() / sides[i];
        const Vec2 n{d.y / d.length(), -d.x / d.length()}; // outwards for corners that go round clockwise
        const int reach = std::clamp(int(std::lround(search.windowCm * perCm)), 2, 90);
        out[i] = stripOf(lab, bent, a, b, n, std::max(2, int(std::lround(reach * search.inwards))), reach,
            int(std::lround(search.borderCm * perCm)));
    }
    return out;
}
} // namespace

SidesFound sidesNear(const cv::Mat& lab, const CanvasView& start, const SideSearch& search)
{
    struct Tried {
        double k1 = 0, total = -1;
        std::array<Strip, 4> strips;
        std::array<Line, 4> lines;
    };
    const int n = std::max(1, int(std::lround((search.k1To - search.k1From) / search.k1Step)) + 1);
    std::vector<Tried> all(static_cast<std::size_t>(n));
    parallelRanges(n, [&](int from, int to) {
        for (int k = from; k < to; ++k) {
            Tried& t = all[std::size_t(k)];
            t.k1 = search.k1From + k * search.k1Step, t.total = 0;
            t.strips = stripsOf(lab, start, t.k1, search);
            for (std::size_t i = 0; i < 4; ++i) {
                Line l = bestLine(t.strips[i], search.pull);
                const double clear = l.clear;
                l = settled(t.strips[i], l);
                t.total += sharpness(t.strips[i], l) + 0.3 * clear;
                l.clear = clear;
                t.lines[i] = l;
            }
        }
    });
    const Tried& best
        = *std::max_element(all.begin(), all.end(), [](const Tried& a, const Tried& b) { return a.total < b.total; });
    std::array<std::pair<Vec2, Vec2>, 4> lines;
    SidesFound found;
    for (std::size_t i = 0; i < 4; ++i) {
        const Strip& s = best.strips[i];
        const Line l = best.lines[i];
        lines[i] = {s.from + s.out * l.a, s.to + s.out * l.b};
        found.clear[i] = best.lines[i].clear;
    }
    found.total = best.total;
    const CanvasView bent(start.widthCm(), start.heightCm(), start.photo(), start.corners(), best.k1);
    Corners corners;
    for (std::size_t i = 0; i < 4; ++i) {
        const auto& before = lines[(i + 3) % 4];
        corners[i] = bent.distorted(crossing(before.first, before.second, lines[i].first, lines[i].second));
    }
    found.view = CanvasView(start.widthCm(), start.heightCm(), start.photo(), corners, best.k1);
    return found;
}

CanvasView withRadialTerm(const cv::Mat& lab, const CanvasView& given)
{
    const auto along = [&](double k1) {
        const SideSearch here{3 / given.pxPerCm(), 0, 0, 0.01, 1, 0};
        double sum = 0;
        for (const Strip& s : stripsOf(lab, given, k1, here))
            for (int i = 0; i < kPlaces; ++i) {
                double most = 0;
                for (int o = -1; o <= 1; ++o)
                    most = std::max(most, double(s.edge.at<float>(i, s.inner + o)) * (o ? 0.8 : 1));
                sum += most;
            }
        return sum;
    };
    constexpr int kSteps = 53;
    std::array<double, kSteps> sums{};
    parallelRanges(kSteps, [&](int from, int to) {
        for (int i = from; i < to; ++i)
            sums[std::size_t(i)] = along(-0.13 + 0.005 * i);
    });
    const int best = int(std::max_element(sums.begin(), sums.end()) - sums.begin());
    double k1 = -0.13 + 0.005 * best;
    if (best > 0 && best + 1 < kSteps) { // a parabola through three
        const double l = sums[std::size_t(best - 1)], m = sums[std::size_t(best)], r = sums[std::size_t(best + 1)],
                     bend = l - 2 * m + r;
        if (bend < 0)
            k1 += 0.005 * std::clamp(0.5 * (l - r) / bend, -0.5, 0.5);
    }
    return {given.widthCm(), given.heightCm(), given.photo(), given.corners(), k1};
}

} // namespace rl::survey
