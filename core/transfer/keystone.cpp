#include "core/transfer/keystone.h"
#include "core/base/words.h"
#include <cmath>
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::transfer {

namespace {
Vec2 through(const cv::Matx33d& m, Vec2 p)
{
    const cv::Vec3d q = m * cv::Vec3d(p.x, p.y, 1);
    return {q[0] / q[2], q[1] / q[2]};
}
std::vector<cv::Point2f> pointsOf(std::span<const Vec2> p)
{
    std::vector<cv::Point2f> out;
    for (const Vec2 v : p)
        out.emplace_back(float(v.x), float(v.y));
    return out;
}
Corners rectangle(double w, double h)
{
    return {Vec2{0, 0}, Vec2{w, 0}, Vec2{w, h}, Vec2{0, h}};
}
/// Convex, going round clockwise on the screen, with some area.
bool goesRound(const Corners& c)
{
    for (std::size_t i = 0; i < 4; ++i) {
        const Vec2 a = c[(i + 1) % 4] - c[i], b = c[(i + 2) % 4] - c[(i + 1) % 4];
        if (!(a.x * b.y - a.y * b.x > 1e-6 * std::max(1.0, a.length() * b.length())))
            return false;
    }
    return true;
}
cv::Matx33d between(const Corners& from, const Corners& to)
{
    cv::Mat a(4, 2, CV_64F), b(4, 2, CV_64F);
    for (int i = 0; i < 4; ++i) {
        const Vec2 p = from[std::size_t(i)], q = to[std::size_t(i)];
        a.at<double>(i, 0) = p.x, a.at<double>(i, 1) = p.y, b.at<double>(i, 0) = q.x, b.at<double>(i, 1) = q.y;
    }
    return cv::findHomography(a, b, 0);
}
cv::Mat greyOf(const Photo& photo)
{
    cv::Mat grey;
    cv::cvtColor(photo.mat(), grey, cv::COLOR_RGB2GRAY);
    return grey;
}

/// Middles of dark round blobs, weighed by how dark they are.
std::vector<Vec2> dotsIn(const cv::Mat& grey)
{
    cv::Mat ground, dark, mask;
    const int wide = std::max(15, grey.cols / 25) | 1;
    cv::Mat small;
    cv::resize(grey, small, {}, 0.25, 0.25, cv::INTER_AREA);
    const int k = std::max(5, wide / 2) | 1;
    cv::morphologyEx(small, small, cv::MORPH_CLOSE, cv::getStructuringElement(cv::MORPH_ELLIPSE, {k, k}));
    cv::resize(small, ground, grey.size(), 0, 0, cv::INTER_LINEAR);
    cv::subtract(ground, grey, dark);
    double most = 0;
    cv::Mat soft;
    cv::GaussianBlur(dark, soft, {}, 2);
    cv::minMaxLoc(soft, nullptr, &most);
    mask = soft > 0.4 * most;
    cv::Mat labels, stats, centres;
    const int n = cv::connectedComponentsWithStats(mask, labels, stats, centres);
    std::vector<Vec2> dots;
    for (int i = 1; i < n; ++i) {
        const int w = stats.at<int>(i, cv::CC_STAT_WIDTH), h = stats.at<int>(i, cv::CC_STAT_HEIGHT),
                  area = stats.at<int>(i, cv::CC_STAT_AREA), x0 = stats.at<int>(i, cv::CC_STAT_LEFT),
                  y0 = stats.at<int>(i, cv::CC_STAT_TOP);
        if (area < 12 || w > 3 * h || h > 3 * w || double(area) < 0.55 * w * h)
            continue;
        double sx = 0, sy = 0, s = 0;
        const int grow = std::max(2, w / 4);
        for (int y = std::max(0, y0 - grow); y < std::min(grey.rows, y0 + h + grow); ++y)
            for (int x = std::max(0, x0 - grow); x < std::min(grey.cols, x0 + w + grow); ++x) {
                const double v = std::max(0.0, dark.at<std::uint8_t>(y, x) - 0.12 * most);
                sx += v * (x + 0.5), sy += v * (y + 0.5), s += v;
            }
        if (s > 0)
            dots.push_back({sx / s, sy / s});
    }
    return dots;
}

/// The dots in the pattern's order, by a first guess of the plane that is bettered as more are found.
std::optional<cv::Matx33d> ordered(
    const std::vector<Vec2>& dots, const DotPattern& pattern, std::vector<Vec2>& from, std::vector<Vec2>& to)
{
    const std::vector<Vec2> want = pattern.centres();
    if (dots.size() < want.size() * 2 / 3)
        return {};
    // The four that lie outermost stand for the pattern's corners.
    Corners corners;
    const std::array<Vec2, 4> ways{Vec2{-1, -1}, Vec2{1, -1}, Vec2{1, 1}, Vec2{-1, 1}};
    for (std::size_t k = 0; k < 4; ++k)
        corners[k] = *std::max_element(dots.begin(), dots.end(),
            [&](Vec2 a, Vec2 b) { return a.x * ways[k].x + a.y * ways[k].y < b.x * ways[k].x + b.y * ways[k].y; });
    const int c = pattern.columns, r = pattern.rows;
    if (!goesRound(corners))
        return {};
    cv::Matx33d toPhoto = between(
        {want[0], want[std::size_t(c - 1)], want[std::size_t(c * r - 1)], want[std::size_t(c * (r - 1))]}, corners);
    for (int round = 0; round < 3; ++round) {
        from.clear(), to.clear();
        for (const Vec2 w : want) {
            const Vec2 at = through(toPhoto, w);
            const double pitch = (through(toPhoto, {w.x + want[1].x - want[0].x, w.y}) - at).length();
            const Vec2* best = nullptr;
            double nearest = 0.35 * pitch;
            for (const Vec2& d : dots)
                if ((d - at).length() < nearest)
                    nearest = (d - at).length(), best = &d;
            if (best)
                from.push_back(w), to.push_back(*best);
        }
        if (from.size() < want.size() * 2 / 3)
            return {};
        const cv::Mat h = cv::findHomography(pointsOf(from), pointsOf(to), cv::RANSAC, 3);
        if (h.empty())
            return {};
        toPhoto = h;
    }
    // Dots that lie across the canvas' edge have their middles shifted: what does not fit the others is left out.
    for (int round = 0; round < 4; ++round) {
        std::vector<double> off;
        for (std::size_t i = 0; i < from.size(); ++i)
            off.push_back((through(toPhoto, from[i]) - to[i]).length());
        std::vector<double> sorted = off;
        std::nth_element(sorted.begin(), sorted.begin() + std::ptrdiff_t(sorted.size() / 2), sorted.end());
        const double most = std::max(0.1, 2.5 * sorted[sorted.size() / 2]);
        std::vector<Vec2> a, b;
        for (std::size_t i = 0; i < from.size(); ++i)
            if (off[i] <= most)
                a.push_back(from[i]), b.push_back(to[i]);
        const cv::Mat h = a.size() < 12 ? cv::Mat() : cv::findHomography(pointsOf(a), pointsOf(b), 0);
        if (h.empty())
            break;
        toPhoto = h;
        if (round == 3)
            from = a, to = b;
    }
    return toPhoto;
}

/// A straight line through the steepest places along a side, m·p = d. \return false where it can not be seen
bool lineAlong(const cv::Mat& soft, Vec2 a, Vec2 b, double reach, cv::Vec3d& line)
{
    const Vec2 d = b - a;
    const double length = d.length();
    const Vec2 u = d * (1 / length), n{-u.y, u.x};
    constexpr double kStep = 0.25; // px
    std::vector<cv::Point2f> edge;
    for (int i = 8; i < 120 - 8; ++i) {
        const Vec2 p = a + d * (i / 120.0);
        double best = 0, at = 0;
        std::vector<double> slope;
        for (double t = -reach; t <= reach; t += kStep) {
            const auto value = [&](double s) {
                const double px = std::clamp(p.x + n.x * s - 0.5, 0.0, soft.cols - 1.001),
                             py = std::clamp(p.y + n.y * s - 0.5, 0.0, soft.rows - 1.001);
                const int x = int(px), y = int(py);
                const double fx = px - x, fy = py - y;
                return (1 - fy) * ((1 - fx) * double(soft.at<float>(y, x)) + fx * double(soft.at<float>(y, x + 1)))
                    + fy * ((1 - fx) * double(soft.at<float>(y + 1, x)) + fx * double(soft.at<float>(y + 1, x + 1)));
            };
            slope.push_back(std::abs(value(t + 1.5) - value(t - 1.5)));
            if (slope.back() > best)
                best = slope.back(), at = t;
        }
        if (best < 4)
            continue;
        double sum = 0, weight = 0; // its middle
        for (std::size_t k = 0; k < slope.size(); ++k)
            if (const double t = -reach + kStep * double(k); std::abs(t - at) < 3.1)
                sum += slope[k] * t, weight += slope[k];
        const Vec2 q = p + n * (sum / weight);
        edge.emplace_back(float(q.x), float(q.y));
    }
    if (edge.size() < 40)
        return false;
    cv::Vec4f fit;
    cv::fitLine(edge, fit, cv::DIST_WELSCH, 1.5, 0.01, 0.001);
    line = {-double(fit[1]), double(fit[0]), -(-double(fit[1]) * double(fit[2]) + double(fit[0]) * double(fit[3]))};
    return true;
}
} // namespace

Vec2 Keystone::canvasAt(Vec2 p) const
{
    return through(toCanvas, p);
}
Vec2 Keystone::projectorAt(Vec2 c) const
{
    return through(toCanvas.inv(), c);
}

Result<Keystone> keystoneOf(const Corners& corners, double widthCm, double heightCm)
{
    for (const Vec2 c : corners)
        if (!std::isfinite(c.x) || !std::isfinite(c.y) || std::abs(c.x) > 1e5 || std::abs(c.y) > 1e5)
            return Error{ErrorKind::Invalid, tr("A corner lies nowhere a projector could throw it."), {}};
    if (!goesRound(corners))
        return Error{ErrorKind::Invalid,
            tr("The four corners must go round: upper left, upper right, lower right, lower left, no three in line."),
            {}};
    Keystone k;
    k.toCanvas = between(corners, rectangle(widthCm, heightCm));
    return k;
}

std::vector<Vec2> DotPattern::centres() const
{
    std::vector<Vec2> all;
    for (int r = 0; r < rows; ++r)
        for (int c = 0; c < columns; ++c)
            all.push_back({widthPx * (c + 1.0) / (columns + 1), heightPx * (r + 1.0) / (rows + 1)});
    return all;
}

Mask DotPattern::picture() const
{
    cv::Mat m(heightPx, widthPx, CV_8U, cv::Scalar(235));
    constexpr int kShift = 4; // sixteenths of a pixel
    for (const Vec2 c : centres())
        cv::circle(m, {int(std::lround((c.x - 0.5) * 16)), int(std::lround((c.y - 0.5) * 16))}, int(radius() * 16), 12,
            cv::FILLED, cv::LINE_AA, kShift);
    return Mask::fromMat(m);
}

Result<Corners> canvasCorners(const Photo& photo, const std::optional<Corners>& thrown)
{
    const Error none{ErrorKind::Missing, tr("The canvas' four edges cannot be found; set its corners by hand."), {}};
    if (photo.width() < 64 || photo.height() < 64)
        return none;
    cv::Mat grey = greyOf(photo), small, soft;
    const double k = std::min(1.0, 500.0 / std::max(grey.cols, grey.rows));
    cv::resize(grey, small, {}, k, k, cv::INTER_AREA);
    // Dots and drawing closed away, so that the canvas is one patch.
    cv::morphologyEx(small, small, cv::MORPH_CLOSE, cv::getStructuringElement(cv::MORPH_ELLIPSE, {25, 25}));
    cv::GaussianBlur(small, small, {}, 1.2);
    std::optional<Corners> best;
    double bestScore = 0;
    for (int level = 30; level < 250; level += 6) {
        std::vector<std::vector<cv::Point>> contours;
        cv::findContours(cv::Mat(small > level), contours, cv::RETR_LIST, cv::CHAIN_APPROX_NONE);
        for (const auto& c : contours) {
            const double area = cv::contourArea(c);
            if (area < 0.06 * double(small.total()) || area > 0.97 * double(small.total()))
                continue;
            std::vector<cv::Point> hull, quad;
            cv::convexHull(c, hull);
            cv::approxPolyDP(hull, quad, 0.03 * cv::arcLength(hull, true), true);
            if (quad.size() != 4 || area < 0.9 * cv::contourArea(hull))
                continue;
            Corners q;
            for (std::size_t i = 0; i < 4; ++i)
                q[i] = {quad[i].x / k, quad[i].y / k};
            const auto first
                = std::min_element(q.begin(), q.end(), [](Vec2 a, Vec2 b) { return a.x + a.y < b.x + b.y; });
            std::rotate(q.begin(), first, q.end());
            if (!goesRound(q))
                std::swap(q[1], q[3]);
            const bool border = std::any_of(quad.begin(), quad.end(),
                [&](cv::Point p) { return p.x < 2 || p.y < 2 || p.x > small.cols - 3 || p.y > small.rows - 3; });
            double off = 0; // from the thrown picture's own edge
            for (std::size_t i = 0; thrown && i < 4; ++i)
                off = std::max(off, (q[i] - (*thrown)[i]).length() * k);
            if (!goesRound(q) || border || (thrown && off < 0.03 * small.cols))
                continue;
            // Steep all along its sides.
            double score = 0;
            for (std::size_t s = 0; s < 4; ++s)
                for (int i = 1; i < 20; ++i) {
                    const Vec2 a = q[s] * k, d = (q[(s + 1) % 4] - q[s]) * k, p = a + d * (i / 20.0);
                    const Vec2 n{-d.y / d.length() * 3, d.x / d.length() * 3};
                    const auto at = [&](Vec2 v) {
                        return double(small.at<std::uint8_t>(
                            std::clamp(int(v.y), 0, small.rows - 1), std::clamp(int(v.x), 0, small.cols - 1)));
                    };
                    score += std::min(30.0, std::abs(at(p + n) - at(p - n)));
                }
            if (score > bestScore)
                bestScore = score, best = q;
        }
    }
    if (!best)
        return none;
    grey.convertTo(soft, CV_32F);
    cv::GaussianBlur(soft, soft, {}, 1.0);
    for (const double reach : {4 / k, 6.0}) {
        std::array<cv::Vec3d, 4> lines;
        for (std::size_t s = 0; s < 4; ++s)
            if (!lineAlong(soft, (*best)[s], (*best)[(s + 1) % 4], reach, lines[s]))
                return none;
        for (std::size_t s = 0; s < 4; ++s) {
            const cv::Vec3d p = lines[(s + 3) % 4].cross(lines[s]);
            if (std::abs(p[2]) < 1e-12)
                return none;
            (*best)[s] = {p[0] / p[2], p[1] / p[2]};
        }
    }
    return *best;
}

Result<Keystone> keystoneOf(
    const Photo& photo, const DotPattern& pattern, double widthCm, double heightCm, std::optional<Corners> corners)
{
    if (photo.empty())
        return Error{ErrorKind::Invalid, tr("The photograph is empty."), {}};
    std::vector<Vec2> from, to;
    const auto toPhoto = ordered(dotsIn(greyOf(photo)), pattern, from, to);
    if (!toPhoto)
        return Error{ErrorKind::Missing,
            tr("Fewer than two thirds of the dots can be made out: darken the room, bring all of them into the "
               "picture, and photograph again."),
            {}};
    if (!corners) {
        const double w = pattern.widthPx, h = pattern.heightPx;
        const auto found = canvasCorners(photo,
            Corners{through(*toPhoto, {0, 0}), through(*toPhoto, {w, 0}), through(*toPhoto, {w, h}),
                through(*toPhoto, {0, h})});
        if (!found)
            return found.error();
        corners = *found;
    }
    if (!goesRound(*corners))
        return Error{ErrorKind::Invalid, tr("The canvas' corners must go round, from the upper left."), {}};
    const cv::Matx33d toCanvas = between(*corners, rectangle(widthCm, heightCm));
    Keystone k;
    k.toCanvas = toCanvas * *toPhoto;
    k.points = int(from.size());
    double sum = 0;
    for (std::size_t i = 0; i < from.size(); ++i)
        sum += std::pow((k.canvasAt(from[i]) - through(toCanvas, to[i])).length(), 2);
    k.errorMm = 10 * std::sqrt(sum / double(from.size()));
    return k;
}

Photo prewarped(
    const Photo& canvas, const Keystone& keystone, double widthCm, double heightCm, int widthPx, int heightPx)
{
    // Picture px = canvas cm × scale; OpenCV counts from pixel middles.
    const cv::Matx33d scale(canvas.width() / widthCm, 0, -0.5, 0, canvas.height() / heightCm, -0.5, 0, 0, 1),
        half(1, 0, 0.5, 0, 1, 0.5, 0, 0, 1);
    cv::Mat out;
    cv::warpPerspective(canvas.mat(), out, scale * keystone.toCanvas * half, {widthPx, heightPx},
        cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, cv::BORDER_CONSTANT);
    return Photo::fromMat(out);
}

} // namespace rl::transfer
