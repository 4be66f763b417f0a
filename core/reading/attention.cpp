#include "core/reading/attention.h"
#include "core/reading/attention_maps.h"
#include <numeric>
#include <opencv2/imgproc.hpp>

namespace rl::reading {

namespace {
constexpr std::array<double, kFeatures> kWeight = {1.0, 1.0, 0.35, 0.5, 0.6};
constexpr std::array<double, kFeatures> kRarityGain = {0.35, 0.35, 0.5, 0.35, 0.35};

} // namespace

namespace layout {
/// An element as it is measured.
struct Body {
    int id = 0;
    cv::Mat mask; ///< its own pixels
    cv::Mat credited; ///< with the rim it owns in larger neighbours
    cv::Rect box, reach; ///< around its own pixels, and around those credited
    cv::Mat rim; ///< of a figure: distance from it, px, over its box and a degree around
    double areaPx = 0, areaDegrees = 0;
    Vec2 centre;
    bool figure = false; ///< small enough to be one; the rest is ground
    std::array<double, kFeatures> feature{};
    std::array<double, kFeatures> rarity{};
    double lightness = 0, a = 0, b = 0, sharp = 0, jx = 0, jy = 0;
    std::array<double, kFeatures> meanFeature{};
    double sizeRarity = 0, size = 1, isolation = 1, position = 1, convergence = 1;
    double base() const
    {
        double sum = 0;
        for (std::size_t k = 0; k < kFeatures; ++k)
            sum += kWeight[k] * feature[k] * (1 + kRarityGain[k] * rarity[k]);
        return sum;
    }
    double strength() const { return std::max(base(), 1e-6) * size * isolation * position * convergence; }
};
/// px between two figures, the lower id first
using Gaps = std::map<std::pair<int, int>, double>;
struct Outlines {
    cv::Size of; ///< the id map
    Viewing viewing;
    cv::Mat ids; ///< as they are measured
    std::vector<Body> bodies;
    std::array<cv::Mat, 2> belongs; ///< which of them each pixel belongs to, and which it is credited to
    Gaps gaps;
};
} // namespace layout

namespace {
using layout::Body, layout::Gaps;

cv::Rect widened(const cv::Rect& box, int by, cv::Size within)
{
    return cv::Rect(box.x - by, box.y - by, box.width + 2 * by, box.height + 2 * by) & cv::Rect({}, within);
}

std::vector<Body> bodiesOf(const cv::Mat& ids, double unit)
{
    struct Seen {
        int area = 0, left = 1 << 30, right = -1, top = 0, bottom = 0;
    };
    std::map<int, Seen> seen;
    for (int y = 0; y < ids.rows; ++y) {
        const std::int32_t* row = ids.ptr<std::int32_t>(y);
        for (int x = 0; x < ids.cols;) {
            const int id = row[x], from = x;
            while (x < ids.cols && row[x] == id)
                ++x;
            if (!id)
                continue;
            Seen& s = seen[id];
            if (!s.area)
                s.top = y;
            s.area += x - from, s.bottom = y, s.left = std::min(s.left, from), s.right = std::max(s.right, x - 1);
        }
    }
    std::vector<Body> bodies;
    const double canvas = double(ids.total());
    for (const auto& [id, s] : seen) {
        Body b;
        b.id = id;
        b.box = {s.left, s.top, s.right - s.left + 1, s.bottom - s.top + 1};
        b.mask = cv::Mat::zeros(ids.size(), CV_8UC1);
        cv::compare(ids(b.box), id, b.mask(b.box), cv::CMP_EQ);
        b.areaPx = s.area;
        b.areaDegrees = s.area / (unit * unit);
        const cv::Moments moments = cv::moments(b.mask(b.box), true);
        b.centre = {b.box.x + moments.m10 / moments.m00, b.box.y + moments.m01 / moments.m00};
        b.figure = s.area <= 0.25 * canvas && b.box.width <= 0.95 * ids.cols;
        b.reach = b.box;
        bodies.push_back(std::move(b));
    }
    return bodies;
}

/// Contrast along a border belongs to the figure, not to the sky around it: pixels within 0.8° of an element that
/// belong to one three times as large count for the element (the nearest wins).
void creditRims(std::vector<Body>& bodies, const cv::Mat& ids, double unit)
{
    std::map<int, double> area{{0, double(ids.total())}};
    for (const Body& b : bodies)
        area[b.id] = b.areaPx;
    cv::Mat nearest(ids.size(), CV_32FC1, cv::Scalar(1e9)), owner(ids.size(), CV_32SC1, cv::Scalar(0));
    const float reach = float(0.8 * unit);
    for (Body& b : bodies) {
        if (!b.figure)
            continue;
        const cv::Rect box = b.reach = widened(b.box, int(reach) + 2, ids.size());
        cv::Mat distance;
        cv::distanceTransform(~b.mask(box), distance, cv::DIST_L2, 5);
        for (int y = 0; y < box.height; ++y)
            for (int x = 0; x < box.width; ++x) {
                const float d = distance.at<float>(y, x);
                const int gy = box.y + y, gx = box.x + x, at = ids.at<std::int32_t>(gy, gx);
                if (d > 0 && d <= reach && d < nearest.at<float>(gy, gx) && area[at] >= 3 * b.areaPx) {
                    nearest.at<float>(gy, gx) = d;
                    owner.at<std::int32_t>(gy, gx) = b.id;
                }
            }
    }
    for (Body& b : bodies) {
        const cv::Mat own = owner(b.reach);
        b.credited = cv::Mat::zeros(ids.size(), CV_8UC1);
        cv::Mat((b.mask(b.reach) & (own == 0)) | (own == b.id)).copyTo(b.credited(b.reach));
    }
}

/// What is summed over the pixels of a body: over those credited the squares of the five contrasts and of two
/// gradients, over its own the contrasts, the colour and the structure tensor.
struct Sums {
    static constexpr std::size_t kSquares = kFeatures + 2, kMeans = kFeatures + 6;
    std::array<double, kSquares> squares{};
    std::array<double, kMeans> means{};
    double credited = 0, own = 0;
};

void tell(Body& b, const Sums& s)
{
    const double credits = std::max(1.0, s.credited), own = std::max(1.0, s.own);
    for (std::size_t k = 0; k < kFeatures; ++k)
        b.feature[k] = std::sqrt(s.squares[k] / credits), b.meanFeature[k] = s.means[k] / own;
    b.lightness = s.means[kFeatures] / own, b.a = s.means[kFeatures + 1] / own, b.b = s.means[kFeatures + 2] / own;
    b.sharp
        = 0.5 * (std::log(s.squares[kFeatures] / credits + 0.05) - std::log(s.squares[kFeatures + 1] / credits + 0.05));
    const double trace = s.means[kFeatures + 3] / own + 0.5;
    b.jx = s.means[kFeatures + 4] / own / trace, b.jy = s.means[kFeatures + 5] / own / trace;
}

/// All of them in one walk over the picture. \param own, credits CV_32S: which body each pixel belongs to, which it is
/// credited to; less than nothing: none
void measureBodies(std::vector<Body>& bodies, const ContrastMaps& m, const cv::Mat& own, const cv::Mat& credits)
{
    std::vector<Sums> sums(bodies.size());
    const std::array<const cv::Mat*, Sums::kSquares> squared{
        &m.feature[0], &m.feature[1], &m.feature[2], &m.feature[3], &m.feature[4], &m.gradient, &m.softGradient};
    const std::array<const cv::Mat*, Sums::kMeans> meant{&m.feature[0], &m.feature[1], &m.feature[2], &m.feature[3],
        &m.feature[4], &m.L, &m.a, &m.b, &m.jTrace, &m.jDiff, &m.jCross};
    std::array<const float*, Sums::kSquares> square{};
    std::array<const float*, Sums::kMeans> mean{};
    for (int y = 0; y < own.rows; ++y) {
        for (std::size_t k = 0; k < square.size(); ++k)
            square[k] = squared[k]->ptr<float>(y);
        for (std::size_t k = 0; k < mean.size(); ++k)
            mean[k] = meant[k]->ptr<float>(y);
        const std::int32_t *mine = own.ptr<std::int32_t>(y), *credit = credits.ptr<std::int32_t>(y);
        for (int x = 0; x < own.cols; ++x) {
            if (credit[x] >= 0) {
                Sums& s = sums[std::size_t(credit[x])];
                ++s.credited;
                for (std::size_t k = 0; k < square.size(); ++k)
                    s.squares[k] += double(square[k][x] * square[k][x]);
            }
            if (mine[x] >= 0) {
                Sums& s = sums[std::size_t(mine[x])];
                ++s.own;
                for (std::size_t k = 0; k < mean.size(); ++k)
                    s.means[k] += double(mean[k][x]);
            }
        }
    }
    for (std::size_t i = 0; i < bodies.size(); ++i)
        tell(bodies[i], sums[i]);
}

/// Which of the bodies each pixel belongs to, and which it is credited to; -1: none.
std::array<cv::Mat, 2> belonging(const std::vector<Body>& bodies, cv::Size size)
{
    std::array<cv::Mat, 2> out{cv::Mat(size, CV_32SC1, cv::Scalar(-1)), cv::Mat(size, CV_32SC1, cv::Scalar(-1))};
    for (std::size_t i = 0; i < bodies.size(); ++i) {
        out[0](bodies[i].box).setTo(int(i), bodies[i].mask(bodies[i].box));
        out[1](bodies[i].reach).setTo(int(i), bodies[i].credited(bodies[i].reach));
    }
    return out;
}

double medianOf(std::vector<double> v)
{
    if (v.empty())
        return 0;
    std::sort(v.begin(), v.end());
    const std::size_t h = v.size() / 2;
    return v.size() % 2 ? v[h] : (v[h - 1] + v[h]) / 2;
}
double spreadOf(const std::vector<double>& v)
{
    const double mean = std::accumulate(v.begin(), v.end(), 0.0) / double(std::max<std::size_t>(1, v.size()));
    double sum = 0;
    for (const double x : v)
        sum += (x - mean) * (x - mean);
    return std::sqrt(sum / double(std::max<std::size_t>(1, v.size())));
}

/// How far one value lies from those of the others, in their spread; signed by side.
double rarityOf(double own, const std::vector<double>& others, double floor)
{
    const double n = double(others.size());
    if (n < 2)
        return 0;
    const double sd = spreadOf(others), away = own - medianOf(others);
    return std::clamp(away / std::sqrt(sd * sd + floor * floor) * n / (n + 2), -4.0, 4.0);
}
double rarityOf(Vec2 own, const std::vector<Vec2>& others, double floor)
{
    std::vector<double> x, y;
    for (const Vec2 o : others)
        x.push_back(o.x), y.push_back(o.y);
    const double n = double(others.size());
    if (n < 2)
        return 0;
    const double dx = (own.x - medianOf(x)), dy = own.y - medianOf(y), sx = spreadOf(x), sy = spreadOf(y);
    const double d = std::sqrt(dx * dx / (sx * sx + floor * floor) + dy * dy / (sy * sy + floor * floor));
    return std::min(4.0, d * n / (n + 2));
}

void measureRarity(std::vector<Body>& bodies)
{
    for (Body& b : bodies) {
        if (!b.figure)
            continue;
        std::vector<double> light, sharp, detail, area;
        std::vector<Vec2> hue, direction;
        for (const Body& o : bodies)
            if (o.figure && o.id != b.id) {
                light.push_back(o.lightness), sharp.push_back(o.sharp), detail.push_back(o.meanFeature[3]),
                    area.push_back(std::log(o.areaDegrees));
                hue.push_back({o.a, o.b}), direction.push_back({o.jx, o.jy});
            }
        b.rarity[0] = std::abs(rarityOf(b.lightness, light, 8));
        b.rarity[1] = rarityOf(Vec2{b.a, b.b}, hue, 8);
        b.rarity[2] = rarityOf(Vec2{b.jx, b.jy}, direction, 0.25);
        const double d = rarityOf(b.meanFeature[3], detail, 4);
        b.rarity[3] = d >= 0 ? d : -0.3 * d;
        b.rarity[4] = std::max(0.0, rarityOf(b.sharp, sharp, 0.25));
        b.sizeRarity = rarityOf(std::log(b.areaDegrees), area, 0.35);
    }
}

/// One distance map of each figure, read along the pixels of those that come after it.
Gaps gapsBetween(const std::vector<Body>& bodies)
{
    Gaps gaps;
    for (auto a = bodies.begin(); a != bodies.end(); ++a) {
        cv::Mat distance;
        for (auto b = a + 1; b != bodies.end(); ++b) {
            if (!a->figure || !b->figure)
                continue;
            if (distance.empty())
                cv::distanceTransform(~a->mask, distance, cv::DIST_L2, 5);
            double least = 0;
            cv::minMaxLoc(distance(b->box), &least, nullptr, nullptr, nullptr, b->mask(b->box));
            gaps[{a->id, b->id}] = std::max(0.0, least - 1);
        }
    }
    return gaps;
}

/// How far what lies about a figure is from it, over its box and a degree around.
void measureRims(std::vector<Body>& bodies, double unit)
{
    const int reach = int(unit) + 2;
    for (Body& b : bodies) {
        if (!b.figure)
            continue;
        cv::Mat framed;
        cv::copyMakeBorder(b.mask(b.box), framed, reach, reach, reach, reach, cv::BORDER_CONSTANT, cv::Scalar(0));
        cv::distanceTransform(~framed, b.rim, cv::DIST_L2, 5);
    }
}

/// A pixel on a straight line, and which way the line runs.
struct LinePixel {
    Vec2 at, along;
};
/// Edges that run straight: over 0.6 L* a pixel, and of one direction over three pixels around.
std::vector<LinePixel> linePixels(const ContrastMaps& m)
{
    cv::Mat gx, gy;
    cv::Sobel(m.L, gx, CV_32F, 1, 0, 3, 0.125);
    cv::Sobel(m.L, gy, CV_32F, 0, 1, 3, 0.125);
    const cv::Mat xx = blurred(gx.mul(gx), 3), yy = blurred(gy.mul(gy), 3), xy = blurred(gx.mul(gy), 3);
    std::vector<LinePixel> out;
    for (int y = 0; y < m.L.rows; ++y)
        for (int x = 0; x < m.L.cols; ++x) {
            if (m.gradient.at<float>(y, x) <= 0.6f)
                continue;
            const double d = double(xx.at<float>(y, x) - yy.at<float>(y, x)), c = 2 * double(xy.at<float>(y, x)),
                         all = double(xx.at<float>(y, x) + yy.at<float>(y, x));
            const double strength = std::sqrt(d * d + c * c);
            if (strength <= 0.8 * all)
                continue;
            // Sine and cosine of half the angle of (d, c), which is across the line.
            const double cosine = std::sqrt(std::max(0.0, 0.5 * (1 + d / strength))),
                         sine = std::copysign(std::sqrt(std::max(0.0, 0.5 * (1 - d / strength))), c);
            out.push_back({{double(x), double(y)}, {-sine, cosine}});
        }
    return out;
}

/// In which of 24 sectors a direction lies, by comparisons alone.
std::size_t sectorOf(Vec2 v)
{
    static const std::array<double, 5> borders = [] {
        std::array<double, 5> t{};
        for (std::size_t i = 0; i < t.size(); ++i)
            t[i] = std::tan(radians(15.0 * double(i + 1)));
        return t;
    }();
    std::size_t sector = 0;
    if (v.y < 0 || (v.y == 0 && v.x < 0))
        v = v * -1.0, sector = 12;
    if (v.x <= 0)
        v = {v.y, -v.x}, sector += 6;
    for (const double t : borders)
        sector += v.y >= t * v.x;
    return sector;
}

/// 2 / π asin(tolerance / far) over far, px: how many lines point so near by chance.
std::vector<double> chances(double tolerance, double most)
{
    std::vector<double> out(std::size_t(most) + 3);
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = 2 / kPi * std::asin(std::min(1.0, tolerance / std::max(1e-6, double(i))));
    return out;
}

/// Lines that point at an element from many sides lead to it: hits over what chance would give, in 24 directions.
double convergenceOn(const Body& b, const std::vector<LinePixel>& lines, double unit)
{
    const double tolerance = std::max(0.35 * std::sqrt(b.areaPx / kPi), 0.5 * unit);
    const int reach = int(unit) + 2;
    const cv::Mat& distance = b.rim;
    std::array<double, 24> bins{};
    const double most = 22 * unit;
    const std::vector<double> chance = chances(tolerance, most);
    for (const LinePixel& p : lines) {
        const Vec2 to = b.centre - p.at;
        const double square = to.x * to.x + to.y * to.y;
        if (square >= most * most || square < 1e-12)
            continue;
        const double far = std::sqrt(square);
        const int x = int(p.at.x) - b.box.x + reach, y = int(p.at.y) - b.box.y + reach;
        const bool close
            = x >= 0 && y >= 0 && x < distance.cols && y < distance.rows && double(distance.at<float>(y, x)) <= unit;
        if (close)
            continue;
        const double off = std::abs(to.x * p.along.y - to.y * p.along.x);
        const auto below = std::size_t(far);
        const double by = far - double(below), likely = chance[below] * (1 - by) + chance[below + 1] * by;
        bins[sectorOf(p.at - b.centre)] += (off <= tolerance ? 1 : 0) - likely;
    }
    double sum = 0;
    for (const double bin : bins)
        sum += std::clamp(bin / (2.5 * unit), 0.0, 1.0);
    return std::clamp((sum - 3.5) / 4, 0.0, 1.0);
}

void measureGains(std::vector<Body>& bodies, const ContrastMaps& m, const Gaps& gaps)
{
    const std::vector<LinePixel> lines = linePixels(m);
    for (Body& b : bodies) {
        const double A = b.areaDegrees;
        b.size = std::pow(A / (1 + A / 60), 0.30) * (1 + 0.15 * std::abs(b.sizeRarity) * (b.sizeRarity > 0 ? 1 : 0.2));
        const double dx = b.centre.x / m.ids.cols - 0.5, dy = b.centre.y / m.ids.rows - 0.5;
        b.position = 0.85 + 0.15 * std::exp(-(dx * dx + dy * dy) / (2 * 0.4 * 0.4));
        if (!b.figure)
            continue;
        b.convergence = 1 + 0.9 * convergenceOn(b, lines, m.unit);
        double crowd = 0;
        for (const Body& o : bodies) {
            if (!o.figure || o.id == b.id)
                continue;
            const double gap = gaps.at(std::minmax(b.id, o.id)) / m.unit;
            const double apart
                = std::sqrt(std::pow(b.lightness - o.lightness, 2) + std::pow(b.a - o.a, 2) + std::pow(b.b - o.b, 2));
            crowd += std::exp(-gap / 3) * std::exp(-apart / 20);
        }
        b.isolation = 1 / (1 + 0.30 * crowd);
    }
}

double logMean(double a, double b)
{
    return std::abs(a - b) < 1e-12 ? a : (a - b) / std::log(a / b);
}

/// ln(E / E of the median other figure), split exactly over features and gains.
PullParts partsOf(const Body& b, const std::vector<Body>& bodies)
{
    const auto part
        = [](const Body& x, std::size_t k) { return kWeight[k] * x.feature[k] * (1 + kRarityGain[k] * x.rarity[k]); };
    const auto medianOver = [&](auto value) {
        std::vector<double> v;
        for (const Body& o : bodies)
            if (o.id != b.id && (o.figure || bodies.size() < 3))
                v.push_back(value(o));
        return v.empty() ? 0.0 : medianOf(v);
    };
    PullParts out{};
    std::array<double, kFeatures> reference{};
    double total = 0, referenceTotal = 0;
    for (std::size_t k = 0; k < kFeatures; ++k) {
        reference[k] = medianOver([&](const Body& o) { return part(o, k); });
        total += part(b, k);
        referenceTotal += reference[k];
    }
    const double scale = logMean(std::max(total, 1e-9), std::max(referenceTotal, 1e-9));
    for (std::size_t k = 0; k < kFeatures; ++k)
        out[k] = (part(b, k) - reference[k]) / scale;
    const auto gain
        = [&](double own, auto value) { return std::log(std::max(own, 1e-9) / std::max(medianOver(value), 1e-9)); };
    if (bodies.size() > 1) {
        out[5] = gain(b.size, [](const Body& o) { return o.size; });
        out[6] = gain(b.isolation, [](const Body& o) { return o.isolation; });
        out[7] = gain(b.position, [](const Body& o) { return o.position; });
        out[8] = gain(b.convergence, [](const Body& o) { return o.convergence; });
    }
    return out;
}

/// The largest of them.
std::string driverOf(const PullParts& parts, bool alone)
{
    const auto end = alone ? parts.begin() + kFeatures : parts.end();
    return kPullNames[std::max_element(parts.begin(), end) - parts.begin()];
}

/// Pull of each pixel: its contrasts, lifted as its element is.
cv::Mat strengthMap(const std::vector<Body>& bodies, const ContrastMaps& m)
{
    cv::Mat pull(m.ids.size(), CV_32FC1, cv::Scalar(0)), gain(m.ids.size(), CV_32FC1, cv::Scalar(0.15));
    for (std::size_t k = 0; k < kFeatures; ++k)
        pull += kWeight[k] * m.feature[k];
    for (const Body& b : bodies) {
        const double areaTerm = std::pow(b.areaDegrees / (1 + b.areaDegrees / 60), 0.30);
        gain.setTo(cv::Scalar(b.strength() / std::max(b.base() * areaTerm, 1e-9)), b.mask);
    }
    return blurred(pull.mul(gain), 0.5 * m.unit);
}

/// Of each edge: the strength in its own band over what an even canvas would have there, and who has most of it.
void measureLeaks(Attention& result, const std::vector<Body>& bodies, const ContrastMaps& m, const cv::Mat& strength)
{
    const int w = m.ids.cols, h = m.ids.rows, deep = std::max(1, int(std::lround(0.08 * std::min(w, h))));
    const double even = std::max(1e-9, cv::mean(strength)[0]);
    const cv::Rect bands[4] = {{0, 0, deep, h}, {w - deep, 0, deep, h}, {0, 0, w, deep}, {0, h - deep, w, deep}};
    for (std::size_t i = 0; i < 4; ++i) {
        result.leaks[i] = cv::mean(strength(bands[i]))[0] / even;
        double most = 0, taken = 0;
        for (const Body& b : bodies) {
            cv::Mat own = cv::Mat::zeros(bands[i].size(), CV_32F);
            strength(bands[i]).copyTo(own, b.mask(bands[i]));
            const double sum = cv::sum(own)[0];
            taken += sum;
            if (sum > most)
                most = sum, result.leakCause[i] = b.id;
        }
        if (cv::sum(strength(bands[i]))[0] - taken > most)
            result.leakCause[i] = 0;
    }
}

std::vector<int> glancesOf(const std::vector<Body>& bodies, double unit)
{
    std::vector<int> out;
    std::vector<double> fresh(bodies.size(), 1);
    Vec2 last{-1, -1};
    for (std::size_t round = 0; round < std::min<std::size_t>(5, bodies.size()); ++round) {
        std::size_t best = 0;
        double most = -1;
        for (std::size_t i = 0; i < bodies.size(); ++i) {
            const double d = (bodies[i].centre - last).length() / unit;
            const double pull = bodies[i].strength() * fresh[i] * (last.x < 0 ? 1 : 1 + 0.25 * std::exp(-d * d / 128));
            if (pull > most)
                most = pull, best = i;
        }
        for (double& f : fresh)
            f += 0.04 * (1 - f);
        fresh[best] = 0.02;
        last = bodies[best].centre;
        out.push_back(bodies[best].id);
    }
    return out;
}

void measureLeak(Attention& result, const std::vector<Body>& bodies, const ContrastMaps& m)
{
    const cv::Mat strength = strengthMap(bodies, m);
    measureLeaks(result, bodies, m, strength);
    cv::Mat band(m.ids.size(), CV_32FC1);
    const double fall = 0.04 * std::min(m.ids.cols, m.ids.rows);
    std::vector<float> at(std::size_t(std::max(band.cols, band.rows))); // by the distance from the nearest edge
    for (std::size_t d = 0; d < at.size(); ++d)
        at[d] = float(std::exp(-double(d) / fall));
    for (int y = 0; y < band.rows; ++y)
        for (int x = 0; x < band.cols; ++x)
            band.at<float>(y, x) = at[std::size_t(std::min({x, y, band.cols - 1 - x, band.rows - 1 - y}))];
    cv::Mat outer(m.ids.size(), CV_8UC1, cv::Scalar(255));
    const int rim = int(std::lround(2 * fall));
    outer(cv::Rect(rim, rim, outer.cols - 2 * rim, outer.rows - 2 * rim)).setTo(0);
    const double all = std::max(1e-9, cv::sum(strength)[0]);
    result.edgeLeak = cv::sum(strength.mul(band))[0] / all / cv::mean(band)[0];
    for (const Body& b : bodies) {
        if (!b.figure)
            continue;
        // Its share, times how much of it lies in the outer twelfth of the canvas.
        const double own = result.share[b.id] * cv::mean(outer, b.mask)[0] / 255;
        if (own > result.edgeShare)
            result.edgeShare = own, result.edgeElement = b.id;
    }
}

/// Patches of the backdrop that stand off from what lies around them (a blur four degrees wide) by more than eight L*
/// or C* and more than twice its spread; each measured as an element is.
void findPlaces(Attention& result, const std::vector<Body>& bodies, const ContrastMaps& m, double sx, double sy)
{
    const cv::Mat ground = m.ids == 0;
    if (cv::countNonZero(ground) < 400)
        return;
    cv::Mat g, C, dL, dC, off;
    ground.convertTo(g, CV_32F, 1 / 255.0);
    cv::magnitude(m.a, m.b, C);
    const cv::Mat weight = blurred(g, 4 * m.unit) + 1e-4;
    dL = m.L - blurred(m.L.mul(g), 4 * m.unit) / weight, dC = C - blurred(C.mul(g), 4 * m.unit) / weight;
    cv::magnitude(dL, dC, off);
    cv::Scalar mean, spread;
    cv::meanStdDev(off, mean, spread, ground);
    cv::Mat strong = (off > std::max(8.0, mean[0] + 2 * spread[0])) & ground, labels, stats, middles;
    cv::morphologyEx(strong, strong, cv::MORPH_OPEN, cv::getStructuringElement(cv::MORPH_ELLIPSE, {3, 3}));
    const int count = cv::connectedComponentsWithStats(strong, labels, stats, middles, 8);
    double total = 0;
    for (const Body& b : bodies)
        total += b.strength();
    double strengths = 0;
    std::vector<std::pair<double, int>> largest; // the eight with most of it
    for (int i = 1; i < count; ++i)
        largest.emplace_back(-stats.at<int>(i, cv::CC_STAT_AREA), i);
    std::sort(largest.begin(), largest.end());
    largest.resize(std::min<std::size_t>(8, largest.size()));
    for (const auto& [less, i] : largest) {
        const int area = stats.at<int>(i, cv::CC_STAT_AREA);
        if (area < 0.25 * m.unit * m.unit || area > 0.15 * double(m.ids.total()))
            continue;
        std::vector<Body> one(1);
        Body& b = one[0];
        b.mask = labels == i, b.credited = b.mask;
        b.box = b.reach = {stats.at<int>(i, 0), stats.at<int>(i, 1), stats.at<int>(i, 2), stats.at<int>(i, 3)};
        b.areaPx = area, b.areaDegrees = area / (m.unit * m.unit);
        b.centre = {middles.at<double>(i, 0), middles.at<double>(i, 1)};
        cv::Mat inside(m.ids.size(), CV_32SC1, cv::Scalar(-1));
        inside.setTo(0, b.mask);
        measureBodies(one, m, inside, inside);
        const double A = b.areaDegrees, x = b.centre.x / m.ids.cols - 0.5, y = b.centre.y / m.ids.rows - 0.5;
        b.size = std::pow(A / (1 + A / 60), 0.30), b.position = 0.85 + 0.15 * std::exp(-(x * x + y * y) / 0.32);
        StrongPlace place;
        place.at = {b.box.x * sx, b.box.y * sy, b.box.width * sx, b.box.height * sy};
        place.share = b.strength() / std::max(1e-9, total + b.strength());
        strengths += b.strength();
        if (bodies.empty()) // nothing else draws: told against one another
            place.share = b.strength();
        place.dL = cv::mean(dL, b.mask)[0], place.dC = cv::mean(dC, b.mask)[0];
        place.inside = Mask::fromMat(b.mask(b.box));
        result.places.push_back(std::move(place));
    }
    if (bodies.empty())
        for (StrongPlace& p : result.places)
            p.share /= std::max(1e-9, strengths);
    std::stable_sort(result.places.begin(), result.places.end(),
        [](const StrongPlace& p, const StrongPlace& q) { return p.share > q.share; });
    if (result.places.size() > 5)
        result.places.resize(5);
}
} // namespace

/// What depends on outlines alone.
struct Layout::Shapes : layout::Outlines { };

Layout::Layout(const IdMap& ids, const Viewing& viewing, int longSide)
{
    auto shapes = std::make_shared<Shapes>();
    shapes->of = {ids.width(), ids.height()};
    shapes->viewing = viewing;
    if (!ids.empty()) {
        shapes->ids = measuringIds(ids, longSide);
        const double unit = layoutDegree(shapes->ids.size(), viewing);
        shapes->bodies = bodiesOf(shapes->ids, unit);
        creditRims(shapes->bodies, shapes->ids, unit);
        measureRims(shapes->bodies, unit);
        shapes->gaps = gapsBetween(shapes->bodies);
        shapes->belongs = belonging(shapes->bodies, shapes->ids.size());
    }
    m_shapes = std::move(shapes);
}

namespace {
struct Measured {
    ContrastMaps maps;
    std::vector<Body> bodies; ///< the strongest first
    double total = 0;
};
} // namespace

static Measured measured(const LinearPicture& picture, const layout::Outlines& s)
{
    Measured m{contrastMaps(picture, s.ids, s.viewing), s.bodies};
    measureBodies(m.bodies, m.maps, s.belongs[0], s.belongs[1]);
    measureRarity(m.bodies);
    measureGains(m.bodies, m.maps, s.gaps);
    std::stable_sort(
        m.bodies.begin(), m.bodies.end(), [](const Body& a, const Body& b) { return a.strength() > b.strength(); });
    for (const Body& b : m.bodies)
        m.total += b.strength();
    return m;
}

Attention Layout::order(const LinearPicture& picture) const
{
    Attention result;
    const Shapes& s = *m_shapes;
    if (picture.empty() || s.of != cv::Size(picture.width(), picture.height()) || s.bodies.empty())
        return result;
    const Measured m = measured(picture, s);
    for (const Body& b : m.bodies) {
        result.order.push_back(b.id);
        result.share[b.id] = b.strength() / m.total;
    }
    return result;
}

Attention Layout::read(const LinearPicture& picture, bool places) const
{
    Attention result;
    const Shapes& s = *m_shapes;
    if (picture.empty() || s.of != cv::Size(picture.width(), picture.height()))
        return result;
    const Measured m = measured(picture, s);
    const double sx = double(s.of.width) / s.ids.cols, sy = double(s.of.height) / s.ids.rows;
    if (m.bodies.empty()) {
        if (places)
            findPlaces(result, m.bodies, m.maps, sx, sy);
        return result;
    }
    for (const Body& b : m.bodies) {
        result.order.push_back(b.id);
        result.share[b.id] = b.strength() / m.total;
        result.parts[b.id] = partsOf(b, m.bodies);
        result.drivers[b.id] = driverOf(result.parts[b.id], m.bodies.size() < 2);
        result.centre[b.id] = {(b.centre.x + 0.5) * sx, (b.centre.y + 0.5) * sy};
    }
    result.driver = result.drivers[result.order.front()];
    result.glances = glancesOf(m.bodies, m.maps.unit);
    for (std::size_t k = 0; k < kFeatures; ++k) {
        cv::Point at;
        cv::minMaxLoc(blurred(m.maps.feature[k], 0.5 * m.maps.unit), nullptr, nullptr, nullptr, &at);
        result.peaks[k] = {(at.x + 0.5) * sx, (at.y + 0.5) * sy};
        result.peakIn[k] = s.ids.at<std::int32_t>(at);
        // Contrast along a border belongs to the figure.
        for (const Body& b : m.bodies)
            if (b.credited.at<std::uint8_t>(at))
                result.peakIn[k] = b.id;
    }
    measureLeak(result, m.bodies, m.maps);
    if (places)
        findPlaces(result, m.bodies, m.maps, sx, sy);
    return result;
}

Attention attention(const LinearPicture& picture, const IdMap& ids, const Viewing& viewing, int longSide, bool places)
{
    if (picture.empty() || ids.width() != picture.width() || ids.height() != picture.height())
        return {};
    return Layout(ids, viewing, longSide).read(picture, places);
}

} // namespace rl::reading
