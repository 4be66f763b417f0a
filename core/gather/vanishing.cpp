#include "core/gather/vanishing.h"
#include "core/base/parallel.h"
#include <Eigen/Dense>
#include <opencv2/imgproc.hpp>

namespace rl::gather {

namespace {
/// Angle by which a segment misses the point, seen from its middle, radians, 0…π/2.
double missOf(const Segment& s, Vec2 point)
{
    const Vec2 d = s.b - s.a, to = point - (s.a + s.b) * 0.5;
    const double cross = std::abs(d.x * to.y - d.y * to.x), along = std::abs(d.x * to.x + d.y * to.y);
    return std::atan2(cross, along);
}

std::optional<Vec2> meeting(const Segment& s, const Segment& t)
{
    const Vec2 d = s.b - s.a, e = t.b - t.a;
    const double cross = d.x * e.y - d.y * e.x;
    if (std::abs(cross) < 1e-9 * d.length() * e.length())
        return {};
    const Vec2 w = t.a - s.a;
    return s.a + d * ((w.x * e.y - w.y * e.x) / cross);
}

class Dice {
public:
    int below(int n)
    {
        m_state = m_state * 1664525U + 1013904223U;
        return int((m_state >> 8) % std::uint32_t(std::max(1, n)));
    }

private:
    std::uint32_t m_state = 20011U;
};

/// How far off a segment's direction may be: half a pixel at either end, never under a quarter of a degree.
double tolerance(const Segment& s)
{
    return std::max(radians(0.35), 1.2 / s.length());
}

/// Weighted least squares: the point whose distance from all lines, as an angle seen along each, is least.
Vec2 refinedPoint(const std::vector<Segment>& segments, const std::vector<int>& lines, Vec2 point)
{
    for (int round = 0; round < 8; ++round) {
        Eigen::Matrix2d a = Eigen::Matrix2d::Zero();
        Eigen::Vector2d b = Eigen::Vector2d::Zero();
        for (const int i : lines) {
            const Segment& s = segments[std::size_t(i)];
            const Vec2 d = (s.b - s.a) * (1 / s.length()), middle = (s.a + s.b) * 0.5;
            const Eigen::Vector2d n(-d.y, d.x);
            const double far = std::max(1.0, (point - middle).length());
            // The line's own direction is known to about 1/length; over the way to the point that grows with distance.
            const double w = std::pow(s.length() / far, 2);
            a += w * n * n.transpose();
            b += w * n * (n.x() * middle.x + n.y() * middle.y);
        }
        a += Eigen::Matrix2d::Identity() * 1e-12 * a.trace();
        const Eigen::Vector2d p = a.ldlt().solve(b);
        if (!p.allFinite())
            return point;
        point = {p.x(), p.y()};
    }
    return point;
}

std::vector<int> linesThrough(const std::vector<Segment>& segments, const std::vector<bool>& used, Vec2 point)
{
    std::vector<int> lines;
    for (std::size_t i = 0; i < segments.size(); ++i)
        if (!used[i] && missOf(segments[i], point) < tolerance(segments[i]))
            lines.push_back(int(i));
    return lines;
}

double summed(const std::vector<Segment>& segments, const std::vector<int>& lines)
{
    double sum = 0;
    for (const int i : lines)
        sum += segments[std::size_t(i)].length();
    return sum;
}

std::optional<VanishingPoint> bestPoint(
    const std::vector<Segment>& segments, const std::vector<bool>& used, double diagonal, Dice& dice)
{
    std::vector<int> free;
    for (std::size_t i = 0; i < segments.size(); ++i)
        if (!used[i])
            free.push_back(int(i));
    VanishingPoint best;
    if (free.size() < 3)
        return {};
    for (int round = 0; round < 900; ++round) {
        const int i = free[std::size_t(dice.below(int(free.size())))],
                  k = free[std::size_t(dice.below(int(free.size())))];
        const auto point = i == k ? std::nullopt : meeting(segments[std::size_t(i)], segments[std::size_t(k)]);
        if (!point || point->length() > 60 * diagonal)
            continue;
        // A point in the middle of its own lines is a crossing, not a vanishing point.
        if (missOf(segments[std::size_t(i)], *point) > 0.01)
            continue;
        const auto lines = linesThrough(segments, used, *point);
        double support = 0;
        for (const int l : lines) {
            const Segment& s = segments[std::size_t(l)];
            const double reach = (*point - (s.a + s.b) * 0.5).length();
            support += s.length() * (reach > 0.8 * s.length() ? 1 : 0);
        }
        if (support > best.support)
            best = {*point, lines, support};
    }
    if (best.lines.size() < 3)
        return {};
    for (int round = 0; round < 4; ++round) {
        best.at = refinedPoint(segments, best.lines, best.at);
        const auto lines = linesThrough(segments, used, best.at);
        if (lines.size() < 3)
            break;
        best.lines = lines;
    }
    best.support = summed(segments, best.lines);
    return best;
}

bool upright(const Segment& s)
{
    const Vec2 d = s.b - s.a;
    return std::abs(d.x) < std::tan(radians(12.0)) * std::abs(d.y);
}
} // namespace

std::vector<Segment> segmentsOf(const Photo& picture)
{
    std::vector<Segment> out;
    if (picture.width() < 16 || picture.height() < 16)
        return out;
    const double scale = std::min(1.0, 1200.0 / std::max(picture.width(), picture.height()));
    cv::Mat grey, small;
    cv::resize(picture.mat(), small, cv::Size(), scale, scale, cv::INTER_AREA);
    cv::cvtColor(small, grey, cv::COLOR_RGB2GRAY);
    const auto detector = cv::createLineSegmentDetector(cv::LSD_REFINE_STD);
    std::vector<cv::Vec4f> lines;
    detector->detect(grey, lines);
    const double least = std::hypot(grey.cols, grey.rows) / 40;
    for (const cv::Vec4f& l : lines) {
        const auto at = [&](int k) {
            return Vec2{(double(l[k]) + 0.5) / scale - 0.5, (double(l[k + 1]) + 0.5) / scale - 0.5};
        };
        const Segment s{at(0), at(2)};
        if (s.length() * scale >= least)
            out.push_back(s);
    }
    std::stable_sort(
        out.begin(), out.end(), [](const Segment& s, const Segment& t) { return s.length() > t.length(); });
    if (out.size() > 600)
        out.resize(600);
    return out;
}

namespace {
/// How far the lines of a point turn between the first and the last of them, degrees; one in ten at either end is left
/// out.
double fanOf(const std::vector<Segment>& all, const VanishingPoint& point)
{
    std::vector<double> turns;
    for (const int i : point.lines) {
        const Vec2 along = all[std::size_t(i)].b - all[std::size_t(i)].a;
        turns.push_back(degrees(std::atan(along.y / (std::abs(along.x) < 1e-9 ? 1e-9 : along.x))));
    }
    std::sort(turns.begin(), turns.end());
    const std::size_t end = turns.size() / 10;
    return turns.empty() ? 0 : turns[turns.size() - 1 - end] - turns[end];
}
} // namespace

EyeLevel eyeLevelOf(const std::vector<Segment>& all, int width, int height)
{
    EyeLevel level;
    level.y = height / 2.0;
    const double diagonal = std::hypot(width, height);
    std::vector<bool> used(all.size(), false);
    double usable = 0;
    for (std::size_t i = 0; i < all.size(); ++i) {
        used[i] = upright(all[i]);
        usable += used[i] ? 0 : all[i].length();
    }
    Dice dice;
    for (int family = 0; family < 4; ++family) {
        auto point = bestPoint(all, used, diagonal, dice);
        if (!point || point->support < 0.06 * usable || point->support < 0.25 * diagonal)
            break;
        for (const int i : point->lines)
            used[std::size_t(i)] = true;
        // Level lines vanish at eye level; a point far above or below belongs to slopes (roofs, ramps) or uprights.
        if (std::abs(point->at.y - height / 2.0) < 2.5 * height || std::abs(point->at.x) > 8 * width)
            level.points.push_back(std::move(*point));
    }
    if (level.points.empty())
        return level;
    const VanishingPoint& first = level.points.front();
    // The strongest point and, where there is one, a second that makes a believable horizon with it.
    double support = first.support, best = 0;
    level.y = first.at.y;
    for (std::size_t k = 1; k < level.points.size(); ++k) {
        const VanishingPoint& other = level.points[k];
        const double dx = other.at.x - first.at.x, dy = other.at.y - first.at.y;
        const double tilt = degrees(std::atan2(dx > 0 ? -dy : dy, std::abs(dx)));
        if (std::abs(tilt) > 8 || other.support <= best)
            continue;
        best = other.support;
        level.tilt = tilt;
        level.y = first.at.y + dy * (width / 2.0 - first.at.x) / dx;
    }
    if (best > 0 && std::abs(level.tilt) < 1.0) {
        // Hardly tilted: a level camera is likelier, and the mean of the points (by how well each is known) is
        // steadier.
        double weights = 0, sum = 0;
        for (const VanishingPoint& p : level.points) {
            const double far = std::max(0.3 * diagonal, (p.at - Vec2{width / 2.0, height / 2.0}).length());
            const double w = std::pow(p.support / far, 2);
            if (std::abs(p.at.y - first.at.y) < 0.25 * height)
                weights += w, sum += w * p.at.y;
        }
        level.y = sum / weights;
    }
    support += best;
    double spread = 0;
    int count = 0;
    for (const int i : first.lines) {
        const Segment& s = all[std::size_t(i)];
        spread += missOf(s, first.at) * (first.at - (s.a + s.b) * 0.5).length();
        ++count;
    }
    level.sigmaPx = std::max(0.5, 1.25 * spread / std::sqrt(double(std::max(1, count))) / std::max(1, count) * 2);
    // What a point picked at will would gather by chance, among lines in all directions; the best of many picks gathers
    // about three times that.
    double chance = 0;
    for (const Segment& s : all)
        if (!upright(s))
            chance += s.length() * tolerance(s) * 2 / kPi;
    const double beyondChance = std::clamp((support / std::max(1.0, 6 * chance) - 1) / 2, 0.0, 1.0);
    // Grass, waves and clouds offer lines enough for any far point: a true one gathers far more than its neighbours
    // above and below.
    double beside = 0;
    for (const double shift : {-0.2, -0.1, 0.1, 0.2}) {
        const std::vector<bool> none(all.size(), false);
        double sum = 0;
        for (const int i : linesThrough(all, none, first.at + Vec2{0, shift * height}))
            sum += upright(all[std::size_t(i)]) ? 0 : all[std::size_t(i)].length();
        beside += sum / 4;
    }
    const double distinct = std::clamp((1 - beside / std::max(1.0, first.support) - 0.35) / 0.35, 0.0, 1.0);
    const double many = std::min(1.0, (double(first.lines.size()) - 2) / 6),
                 share = std::min(1.0, 2 * support / std::max(1.0, usable));
    // Lines that run side by side, a wall of boards seen straight on, meet nowhere that could be told.
    double fan = 0;
    for (const VanishingPoint& p : level.points)
        fan = std::max(fan, fanOf(all, p));
    const double meets = std::clamp((fan - 3) / 4, 0.0, 1.0);
    // Cameras are rarely held more than a few degrees askew.
    level.confidence = meets * std::clamp(1.6 - std::abs(level.tilt) / 4, 0.0, 1.0) * distinct * beyondChance * many
        * share * (best > 0 ? 1 : 0.6) * std::clamp(1.5 - level.sigmaPx / (0.05 * height), 0.0, 1.0);
    return level;
}

namespace {
/// For each column the rows at which it steps more than anywhere near: there it may cross a horizon.
cv::Mat crossings(const cv::Mat& steps, float sign)
{
    const int reach = std::max(3, steps.rows / 14);
    cv::Mat out = cv::Mat::zeros(steps.size(), CV_8UC1);
    for (int x = 0; x < steps.cols; ++x)
        for (int y = reach; y < steps.rows - reach; ++y) {
            const float here = sign * steps.at<float>(y, x);
            if (here < 10)
                continue;
            bool strongest = true;
            for (int k = -reach; k <= reach && strongest; ++k)
                strongest = std::abs(steps.at<float>(y + k, x)) <= here;
            out.at<std::uint8_t>(y, x) = strongest;
        }
    return out;
}

/// Share of the columns that cross near a straight line; a line that only part of the picture knows is none.
double agreementOf(const cv::Mat& crossing, double middle, double slope)
{
    constexpr int parts = 5;
    std::array<int, parts> hits{};
    for (int x = 0; x < crossing.cols; ++x) {
        const int at = int(std::lround(middle + slope * (x - crossing.cols / 2.0)));
        bool hit = false;
        for (int y = std::max(0, at - 1); y <= std::min(crossing.rows - 1, at + 1); ++y)
            hit = hit || crossing.at<std::uint8_t>(y, x);
        hits[std::size_t(x * parts / crossing.cols)] += hit;
    }
    std::sort(hits.begin(), hits.end());
    // A figure may stand before one fifth of it, hardly before two.
    const double known = double(hits[1]) * parts / crossing.cols,
                 all = double(std::accumulate(hits.begin(), hits.end(), 0)) / crossing.cols;
    return known < 0.35 ? 0 : all;
}
/// 1 where what lies over a row is lighter than what lies under it, and no busier; 0 where it is not lighter.
double skyOver(const cv::Mat& grey, int row)
{
    cv::Mat coarse, busy;
    cv::blur(grey, coarse, {9, 9});
    cv::absdiff(grey, coarse, busy);
    const int gap = grey.rows / 40, over = std::max(1, row - gap), under = std::min(grey.rows - 1, row + gap + 1);
    const double lighter = cv::mean(grey.rowRange(0, over))[0] - cv::mean(grey.rowRange(under, grey.rows))[0],
                 calmer = cv::mean(busy.rowRange(0, over))[0] / (cv::mean(busy.rowRange(under, grey.rows))[0] + 0.3);
    return std::clamp(lighter / 20, 0.0, 1.0) * (0.3 + 0.7 * std::clamp((1.6 - calmer) / 0.6, 0.0, 1.0));
}
} // namespace

Horizon horizonOf(const Photo& picture)
{
    Horizon found;
    if (picture.width() < 32 || picture.height() < 32)
        return found;
    cv::Mat small, grey, steps;
    cv::resize(picture.mat(), small, cv::Size(240, std::max(32, 240 * picture.height() / picture.width())), 0, 0,
        cv::INTER_AREA);
    cv::cvtColor(small, grey, cv::COLOR_RGB2GRAY);
    cv::GaussianBlur(grey, grey, cv::Size(), 2.5, 0.8);
    cv::Sobel(grey, steps, CV_32F, 0, 1);
    struct Line {
        double y, agreement, score;
    };
    std::vector<Line> lines;
    double best = 0;
    // How far the picture steps at that line from the strip above to the strip below, grey levels: a cloud's rim is
    // dark on both sides of it.
    cv::Mat strips;
    const int strip = std::max(3, grey.rows / 12);
    cv::blur(grey, strips, {1, strip});
    const auto depthOf = [&](int y, double slope) {
        double sum = 0;
        for (int x = 0; x < grey.cols; ++x) {
            const int at = int(std::lround(y + slope * (x - grey.cols / 2.0)));
            const auto of
                = [&](int row) { return double(strips.at<std::uint8_t>(std::clamp(row, 0, grey.rows - 1), x)); };
            sum += (of(at + strip / 2 + 1) - of(at - strip / 2 - 1)) / grey.cols;
        }
        return std::min(60.0, std::abs(sum));
    };
    for (const float sign : {1.f, -1.f}) {
        const cv::Mat crossing = crossings(steps, sign);
        const int from = grey.rows / 12, rows = grey.rows - 2 * from;
        std::vector<std::vector<Line>> at(std::size_t(std::max(0, rows)));
        parallelItems(rows, [&](int i) {
            const int y = from + i;
            for (double tilt = -4; tilt <= 4; tilt += 0.5) {
                const double slope = std::tan(radians(tilt)), agreement = agreementOf(crossing, y, slope);
                if (agreement >= 0.6)
                    at[std::size_t(i)].push_back({double(y), agreement, agreement * std::sqrt(depthOf(y, slope))});
            }
        });
        for (const auto& row : at)
            for (const Line& l : row)
                lines.push_back(l), best = std::max(best, l.score);
    }
    // The highest of the good ones: shores and furrows nearer by lie below the horizon, never above it.
    std::sort(lines.begin(), lines.end(), [](const Line& a, const Line& b) { return a.y < b.y; });
    for (const Line& l : lines)
        if (l.score >= 0.75 * best) {
            // Of its neighbours the one that most columns cross.
            Line peak = l;
            for (const Line& o : lines)
                if (std::abs(o.y - l.y) <= 3 && o.score > peak.score)
                    peak = o;
            // A table's edge is as straight. Over a horizon lies what is lighter and calmer than the ground; a table's
            // edge may look so too, seldom.
            const double sky = skyOver(grey, int(peak.y));
            found = {(peak.y + 0.5) * picture.height() / grey.rows, peak.agreement * (0.4 + 0.5 * sky)};
            break;
        }
    return found;
}

ToldEyeLevel weighed(const EyeLevel& lines, const Horizon& seen, int height)
{
    const bool sureLines = lines.confidence >= 0.8, sureHorizon = seen.confidence >= 0.45;
    if (sureLines && sureHorizon && std::abs(lines.y - seen.y) > 0.1 * height)
        return {lines.y, 0.2};
    if (!sureLines && sureHorizon) // better evidence than lines of grass and waves
        return {seen.y, seen.confidence};
    // Lines that do not agree well were wrong more often than right on pictures that were tried: nothing is claimed.
    return {lines.y, sureLines ? lines.confidence : std::min(lines.confidence, 0.2)};
}

std::optional<double> eyeLevelOfEquals(Vec2 footA, Vec2 headA, Vec2 footB, Vec2 headB)
{
    const auto point = meeting({footA, footB}, {headA, headB});
    if (!point || point->length() > 1e6)
        return {};
    return point->y;
}

} // namespace rl::gather
