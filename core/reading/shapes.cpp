#include "core/reading/shapes.h"
#include "core/base/parallel.h"
#include <array>
#include <numeric>
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
cv::Mat filled(const cv::Mat& mask)
{
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(mask.clone(), contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
    cv::Mat out = cv::Mat::zeros(mask.size(), CV_8U);
    cv::drawContours(out, contours, -1, cv::Scalar(255), cv::FILLED);
    return out;
}

/// Places where the outline goes in by more than 6 % of the shape's size.
int notchesOf(const cv::Mat& mask, double size)
{
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(mask.clone(), contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
    int count = 0;
    for (const auto& c : contours) {
        if (c.size() < 12)
            continue;
        std::vector<int> hull;
        std::vector<cv::Vec4i> defects;
        cv::convexHull(c, hull);
        std::sort(hull.begin(), hull.end(), std::greater<>());
        cv::convexityDefects(c, hull, defects);
        for (const cv::Vec4i& d : defects)
            count += d[3] / 256.0 > 0.06 * size;
    }
    return count;
}

ThumbShape thumbOf(const IdMap& ids, int element, const cv::Rect& box)
{
    ThumbShape t;
    t.element = element;
    const double longSide = std::max(ids.width(), ids.height());
    const int m = int(longSide / 64) + 2;
    cv::Mat mask;
    cv::copyMakeBorder(cv::Mat(ids.mat()(box) == element), mask, m, m, m, m, cv::BORDER_CONSTANT, cv::Scalar(0));
    mask = filled(mask);
    const double area = cv::countNonZero(mask), k = 64 / longSide;
    if (area < 1)
        return t;
    cv::Mat small, back;
    const cv::Size thumb(std::max(1, int(std::lround(mask.cols * k))), std::max(1, int(std::lround(mask.rows * k))));
    cv::resize(mask, small, thumb, 0, 0, cv::INTER_AREA);
    cv::resize(small, back, mask.size(), 0, 0, cv::INTER_LINEAR);
    back = back > 127;
    t.kept = cv::countNonZero(mask & back) / std::max(1.0, double(cv::countNonZero(mask | back)));
    // Opened with a disc, by two distance maps.
    const double r = std::max(1.0, 0.22 * std::sqrt(area / kPi));
    cv::Mat inside, outside;
    cv::distanceTransform(mask, inside, cv::DIST_L2, 5);
    cv::distanceTransform(cv::Mat(inside <= r), outside, cv::DIST_L2, 5);
    const cv::Mat body = outside <= r;
    const cv::Mat limbs = mask & ~body;
    const double thin = cv::countNonZero(limbs);
    t.thin = thin > 0.03 * area;
    t.limbs = thin > 0 ? cv::countNonZero(limbs & back) / thin : 1;
    std::vector<cv::Point> points, hull;
    cv::findNonZero(mask, points);
    cv::convexHull(points, hull);
    const double solidity = area / std::max(area, cv::contourArea(hull));
    t.told = std::clamp((1 - solidity) / 0.30, 0.0, 1.0);
    t.notches = notchesOf(mask, std::sqrt(area));
    t.notchesLeft = std::min(t.notches, notchesOf(back, std::sqrt(area)));
    t.read = t.kept * (t.thin ? t.limbs : 1) * (0.5 + 0.5 * t.told);
    return t;
}
} // namespace

std::vector<ThumbShape> thumbShapes(const light::Picture& picture)
{
    const auto boxes = boxesIn(picture.ids);
    std::vector<std::pair<int, cv::Rect>> all(boxes.begin(), boxes.end());
    std::vector<ThumbShape> out(all.size());
    parallelItems(int(all.size()), [&](int i) {
        const auto& [id, box] = all[std::size_t(i)];
        out[std::size_t(i)] = thumbOf(picture.ids, id, box);
    });
    return out;
}

std::map<int, double> hiddenShares(const stage::StageFrame& frame, const IdMap& ids)
{
    std::map<int, double> whole, out;
    std::map<int, int> shown;
    for (const stage::Layer& l : frame.layers) {
        const double all = cv::sum(l.cover.mat())[0], rows = l.footRow - l.headRow;
        // What lies off the canvas is known from how tall the element is in all.
        const double cut = rows > 0 ? std::clamp(l.height() / rows, 0.05, 1.0) : 1;
        whole[l.element] += all / cut;
    }
    for (std::size_t i = 0; i < ids.size(); ++i)
        ++shown[ids.data()[i]];
    const double k = double(ids.width()) / std::max(1, frame.width);
    for (const auto& [id, all] : whole)
        out[id] = std::clamp(1 - shown[id] / std::max(1.0, all * k * k), 0.0, 1.0);
    return out;
}

namespace {
/// A shape brought to one place and area, 64 × 64, float 0…1.
cv::Mat levelled(const IdMap& ids, int element, const cv::Rect& box, double& area)
{
    const cv::Mat mask = ids.mat()(box) == element;
    const cv::Moments m = cv::moments(mask, true);
    area = m.m00;
    const double s = 0.42 * 64 / std::sqrt(std::max(1.0, area));
    const cv::Matx23d to(s, 0, 32 - s * m.m10 / std::max(1.0, area), 0, s, 32 - s * m.m01 / std::max(1.0, area));
    cv::Mat f, out;
    mask.convertTo(f, CV_32F, 1 / 255.0);
    cv::warpAffine(f, out, to, {64, 64}, s < 1 ? cv::INTER_AREA : cv::INTER_LINEAR);
    return out;
}

/// What two shapes share over what either has, the second moved by so many px.
double overlap(const cv::Mat& a, const cv::Mat& b, cv::Point by = {})
{
    const cv::Rect all({}, a.size()), in = all & (all + by);
    float both = 0, second = 0;
    for (int y = in.y; y < in.br().y; ++y) {
        const float *p = a.ptr<float>(y), *q = b.ptr<float>(y - by.y) - by.x;
        for (int x = in.x; x < in.br().x; ++x)
            both += std::min(p[x], q[x]), second += q[x];
    }
    return double(both) / std::max(1e-6, cv::sum(a)[0] + double(second - both));
}
/// A shape turned seven ways, and seven ways mirrored.
using Turned = std::array<std::vector<cv::Mat>, 2>;
Turned turnedWays(const cv::Mat& shape)
{
    Turned out;
    cv::Mat other = shape, moved;
    for (const std::size_t mirrored : {0, 1}) {
        if (mirrored)
            cv::flip(shape, other, 1);
        for (int turn = -15; turn <= 15; turn += 5) {
            cv::warpAffine(other, moved, cv::getRotationMatrix2D({32, 32}, turn, 1), {64, 64});
            out[mirrored].push_back(moved.clone());
        }
    }
    return out;
}
double bestOverlap(const cv::Mat& a, const Turned& b)
{
    // Turned first, then shifted at the best turn.
    double best = 0;
    for (const auto& ways : b) {
        const cv::Mat* turned = nullptr;
        for (const cv::Mat& way : ways)
            if (const double o = overlap(a, way); o > best)
                best = o, turned = &way;
        for (int dx = -2; dx <= 2 && turned; dx += 2)
            for (int dy = -2; dy <= 2; dy += 2)
                best = std::max(best, overlap(a, *turned, {dx, dy}));
    }
    return best;
}
} // namespace

std::vector<Repeat> repeats(const light::Picture& picture)
{
    std::vector<int> ids;
    std::vector<cv::Mat> shapes;
    std::vector<double> areas;
    for (const auto& [id, box] : boxesIn(picture.ids)) {
        ids.push_back(id), areas.push_back(0);
        shapes.push_back(levelled(picture.ids, id, box, areas.back()));
    }
    std::vector<std::pair<int, int>> pairs;
    for (int i = 0; i < int(ids.size()); ++i)
        for (int j = 0; j < i; ++j)
            if (overlap(shapes[std::size_t(i)], shapes[std::size_t(j)]) > 0.5) // what is that unlike does not repeat
                pairs.emplace_back(j, i);
    std::vector<Turned> turned(shapes.size());
    for (const auto& [i, j] : pairs)
        if (turned[std::size_t(j)][0].empty())
            turned[std::size_t(j)] = turnedWays(shapes[std::size_t(j)]);
    std::vector<Repeat> all(pairs.size());
    parallelItems(int(pairs.size()), [&](int n) {
        const auto [i, j] = pairs[std::size_t(n)];
        all[std::size_t(n)]
            = {ids[std::size_t(i)], ids[std::size_t(j)], bestOverlap(shapes[std::size_t(i)], turned[std::size_t(j)]),
                std::sqrt(areas[std::size_t(i)] / std::max(1.0, areas[std::size_t(j)]))};
    });
    std::erase_if(all, [](const Repeat& r) { return r.alike < 0.82; });
    return all;
}

namespace {
double variation(const std::vector<double>& v)
{
    if (v.size() < 2)
        return 0;
    const double n = double(v.size()), mean = std::accumulate(v.begin(), v.end(), 0.0) / n;
    double sum = 0;
    for (const double x : v)
        sum += (x - mean) * (x - mean);
    return std::sqrt(sum / n) / std::max(1e-9, std::abs(mean));
}
} // namespace

Skyline skylineOf(const IdMap& ids)
{
    const int w = ids.width(), h = ids.height();
    std::vector<double> rise(std::size_t(w), 0);
    for (int x = 0; x < w; ++x)
        for (int y = 0; y < h; ++y)
            if (ids.at(x, y)) {
                rise[std::size_t(x)] = h - y;
                break;
            }
    // A peak stands at least 4 % of the height over the dips on both sides.
    const double least = 0.04 * h;
    std::vector<double> heights, places;
    double top = 0, dip = 0;
    int at = 0;
    bool rising = true;
    for (int x = 0; x <= w; ++x) {
        const double v = x < w ? rise[std::size_t(x)] : 0;
        if (rising) {
            if (v > top)
                top = v, at = x;
            if (top - v > least && top - dip > least) {
                heights.push_back(top), places.push_back(at);
                rising = false, dip = v;
            }
        } else {
            dip = std::min(dip, v);
            if (v - dip > least)
                rising = true, top = v, at = x;
        }
    }
    std::vector<double> gaps;
    for (std::size_t i = 1; i < places.size(); ++i)
        gaps.push_back(places[i] - places[i - 1]);
    return {int(heights.size()), variation(heights), variation(gaps)};
}

std::vector<Merged> merged(const std::vector<Silhouette>& shapes)
{
    std::vector<Merged> out;
    std::map<int, double> lengths;
    for (const Silhouette& s : shapes)
        lengths[s.element] = double(s.contour.size());
    for (const Silhouette& s : shapes) {
        std::map<int, Merged> by;
        for (const EdgePoint& e : s.contour)
            if (e.beside && e.beside != s.element) {
                Merged& m = by[e.beside];
                m.lengthPx += 1, m.lost += e.kind == EdgeKind::Lost;
                m.at = m.at + e.at;
            }
        for (auto& [other, m] : by) {
            const double smaller = std::min(lengths[s.element], lengths.contains(other) ? lengths[other] : 1e9);
            m.lost /= m.lengthPx, m.at = m.at * (1 / m.lengthPx);
            m.first = std::min(s.element, other), m.second = std::max(s.element, other);
            const auto same = [&, pair = std::pair(m.first, m.second)](
                                  const Merged& o) { return std::pair(o.first, o.second) == pair; };
            if (m.lost > 0.6 && m.lengthPx >= 0.08 * smaller && std::none_of(out.begin(), out.end(), same))
                out.push_back(m);
        }
    }
    return out;
}

} // namespace rl::reading
