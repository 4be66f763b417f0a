#include "core/reading/tangents.h"
#include "core/base/parallel.h"
#include "core/reading/silhouette.h"
#include <map>
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
/// An element's pixels with room round them.
struct Shape {
    int id = 0;
    cv::Rect box; ///< of its pixels
    std::vector<cv::Point> outline; ///< px in the picture
    cv::Mat distance; ///< px to it, over `room`
    cv::Rect room;
};

struct Scales {
    double longSide, R, gap; ///< px
    explicit Scales(const IdMap& ids)
        : longSide(std::max(ids.width(), ids.height()))
        , R(std::max(8.0, 0.025 * longSide))
        , gap(std::max(3.0, 0.010 * longSide))
    {
    }
};

Shape shapeOf(const IdMap& ids, int id, const cv::Rect& box, const Scales& s)
{
    Shape out;
    out.id = id;
    out.box = box;
    const int m = int(4 * s.gap) + 2;
    out.room = cv::Rect(out.box.x - m, out.box.y - m, out.box.width + 2 * m, out.box.height + 2 * m)
        & cv::Rect(0, 0, ids.width(), ids.height());
    cv::distanceTransform(cv::Mat(ids.mat()(out.room) != id), out.distance, cv::DIST_L2, 5);
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(
        cv::Mat(ids.mat()(out.box) == id), contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE, out.box.tl());
    for (const auto& c : contours)
        out.outline.insert(out.outline.end(), c.begin(), c.end());
    return out;
}

/// Where a, b and something else meet: places on b's outline that touch a and that a third thing touches as well.
struct Meeting {
    Vec2 at;
    double angle = kPi; ///< least between two of the three borders there, radians
};

/// Least angle between the three borders that meet at a place: each border's mean direction from .35 R to R.
double angleAt(const IdMap& ids, Vec2 at, const Scales& s)
{
    std::map<std::pair<int, int>, Vec2> sums;
    const int r = int(s.R), x0 = int(at.x), y0 = int(at.y);
    for (int y = std::max(0, y0 - r); y < std::min(ids.height() - 1, y0 + r); ++y)
        for (int x = std::max(0, x0 - r); x < std::min(ids.width() - 1, x0 + r); ++x) {
            const Vec2 d = Vec2{x + 1.0, y + 1.0} - at;
            const double far = d.length();
            if (far < 0.35 * s.R || far > s.R)
                continue;
            const int own = ids.at(x, y);
            for (const int other : {ids.at(x + 1, y), ids.at(x, y + 1)})
                if (other != own) {
                    Vec2& sum = sums[std::minmax(own, other)];
                    sum = sum + d * (1 / far);
                }
        }
    std::vector<double> ways;
    for (const auto& [pair, sum] : sums)
        if (sum.length() > 2)
            ways.push_back(std::atan2(sum.y, sum.x));
    if (ways.size() < 3)
        return kPi;
    double least = kPi;
    for (std::size_t i = 0; i < ways.size(); ++i)
        for (std::size_t j = 0; j < i; ++j) {
            const double d = std::abs(ways[i] - ways[j]);
            least = std::min(least, std::min(d, 2 * kPi - d));
        }
    return least;
}

/// How b lies to a.
struct Between {
    double gap = 1e9; ///< px
    Vec2 at;
    double nearLength = 0, shared = 0; ///< px of b's outline within the gap, touching
    std::vector<Meeting> ends; ///< of the shared border
};
Between between(const IdMap& ids, const Shape& a, const Shape& b, const Scales& s)
{
    Between out;
    std::vector<Vec2> touching;
    for (const cv::Point p : b.outline) {
        const cv::Point q = p - a.room.tl();
        if (q.x < 0 || q.y < 0 || q.x >= a.room.width || q.y >= a.room.height)
            continue;
        const double d = std::max(0.0, double(a.distance.at<float>(q)) - 1);
        out.nearLength += d <= s.gap;
        if (d <= 0.5)
            ++out.shared, touching.push_back({p.x + 0.5, p.y + 0.5});
        if (d < out.gap)
            out.gap = d, out.at = {p.x + 0.5, p.y + 0.5};
    }
    if (touching.empty())
        return out;
    // The middle of what touches is the place of a short touch.
    Vec2 sum;
    for (const Vec2 t : touching)
        sum = sum + t;
    if (out.shared <= 1.5 * s.R)
        out.at = sum * (1 / double(touching.size()));
    for (const Vec2 t : touching) { // where something else comes in
        bool third = false;
        for (int dy = -2; dy <= 2 && !third; ++dy)
            for (int dx = -2; dx <= 2 && !third; ++dx) {
                const int x = int(t.x) + dx, y = int(t.y) + dy;
                third = x >= 0 && y >= 0 && x < ids.width() && y < ids.height() && ids.at(x, y) != a.id
                    && ids.at(x, y) != b.id;
            }
        const double rim = std::min({t.x, t.y, ids.width() - t.x, ids.height() - t.y});
        if (!third || rim < 0.6 * s.R)
            continue;
        const auto close = [&](const Meeting& m) { return (m.at - t).length() < s.R; };
        if (std::none_of(out.ends.begin(), out.ends.end(), close))
            out.ends.push_back({t, angleAt(ids, t, s)});
    }
    return out;
}

/// Which way the first parts from the second: down its distance map, or from middle to middle.
Vec2 partingWay(const Shape& a, const Shape& b)
{
    const Vec2 d{a.box.x + a.box.width / 2.0 - b.box.x - b.box.width / 2.0,
        a.box.y + a.box.height / 2.0 - b.box.y - b.box.height / 2.0};
    return d.length() > 1e-6 ? d * (1 / d.length()) : Vec2{0, -1};
}

void pairs(const IdMap& ids, const Shape& a, const Shape& b, const Scales& s, std::vector<Tangent>& out)
{
    if ((a.room & b.box).empty())
        return;
    const Between t = between(ids, a, b, s);
    const double outline = double(std::min(a.outline.size(), b.outline.size()));
    Tangent found;
    found.first = a.id, found.second = b.id;
    found.way = partingWay(a, b);
    const double clear = 1.6 * s.gap;
    if (t.shared <= 1.5 * s.R && t.shared < 0.06 * outline + 1) {
        if (t.gap > s.gap || t.nearLength >= 0.35 * outline)
            return;
        found.gapPx = t.gap, found.at = t.at;
        found.severity = 1 - t.gap / s.gap;
        const double apart = clear - t.gap, over = clear + t.gap;
        found.freePx = apart <= over ? apart : -over;
        out.push_back(found);
        return;
    }
    const auto flat = std::min_element(
        t.ends.begin(), t.ends.end(), [](const Meeting& m, const Meeting& n) { return m.angle < n.angle; });
    if (flat == t.ends.end() || flat->angle >= radians(40))
        return;
    found.kind = Tangent::Kind::Graze;
    found.at = flat->at;
    found.severity = 1 - flat->angle / radians(40);
    // Two round outlines that overlap by d cross at an angle that grows with √d: deeper by what makes it 45°, at most
    // as deep as the smaller goes.
    const double deeper = std::min(0.25 * std::min({a.box.width, a.box.height, b.box.width, b.box.height}),
        s.gap * (std::pow(radians(45) / std::max(flat->angle, 0.1), 2) - 1));
    found.freePx = -std::max(clear, deeper);
    out.push_back(found);
}

void withEdge(const IdMap& ids, const Shape& a, const Scales& s, std::vector<Tangent>& out)
{
    const int w = ids.width(), h = ids.height();
    const double gaps[4]
        = {double(a.box.x), double(w - a.box.x - a.box.width), double(a.box.y), double(h - a.box.y - a.box.height)};
    const Vec2 ways[4] = {{1, 0}, {-1, 0}, {0, 1}, {0, -1}};
    for (int i = 0; i < 4; ++i) {
        if (gaps[i] > s.gap)
            continue;
        double cropped = 0;
        Vec2 at;
        for (const cv::Point p : a.outline) {
            const double off = i == 0 ? p.x : i == 1 ? w - 1 - p.x : i == 2 ? p.y : h - 1 - p.y;
            if (off <= gaps[i] + 0.5)
                ++cropped, at = at + Vec2{p.x + 0.5, p.y + 0.5};
        }
        if (gaps[i] < 1 && cropped > 0.06 * double(a.outline.size()))
            continue; // cut by the canvas, plainly
        Tangent t;
        t.kind = Tangent::Kind::Edge, t.first = a.id, t.gapPx = gaps[i];
        t.at = at * (1 / std::max(1.0, cropped));
        t.severity = 1 - gaps[i] / s.gap;
        t.way = ways[i], t.freePx = 1.6 * s.gap - gaps[i];
        out.push_back(t);
    }
}
} // namespace

std::vector<Tangent> tangents(const light::Picture& picture)
{
    const auto boxes = boxesIn(picture.ids);
    const std::vector<std::pair<int, cv::Rect>> ids(boxes.begin(), boxes.end());
    const Scales s(picture.ids);
    std::vector<Shape> shapes(ids.size());
    parallelItems(int(ids.size()), [&](int i) {
        shapes[std::size_t(i)] = shapeOf(picture.ids, ids[std::size_t(i)].first, ids[std::size_t(i)].second, s);
    });
    std::vector<Tangent> out;
    for (std::size_t i = 0; i < shapes.size(); ++i) {
        withEdge(picture.ids, shapes[i], s, out);
        for (std::size_t j = i + 1; j < shapes.size(); ++j)
            pairs(picture.ids, shapes[i], shapes[j], s, out);
    }
    return out;
}

} // namespace rl::reading
