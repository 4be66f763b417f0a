#include "core/reading/silhouette.h"
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/reading/grain.h"
#include <numeric>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace rl::reading {

std::map<int, cv::Rect> boxesIn(const IdMap& ids)
{
    struct Box {
        int left, top, right, bottom;
    };
    std::map<int, Box> boxes;
    for (int y = 0; y < ids.height(); ++y)
        for (int x = 0; x < ids.width();) { // a run of one id at a time
            const int id = ids.at(x, y), from = x;
            while (x < ids.width() && ids.at(x, y) == id)
                ++x;
            if (!id)
                continue;
            const auto [at, fresh] = boxes.try_emplace(id, Box{from, y, x, y + 1});
            Box& b = at->second;
            b = {std::min(b.left, from), b.top, std::max(b.right, x), y + 1};
        }
    std::map<int, cv::Rect> out;
    for (const auto& [id, b] : boxes)
        out[id] = {b.left, b.top, b.right - b.left, b.bottom - b.top};
    return out;
}
std::vector<int> elementsIn(const IdMap& ids)
{
    std::vector<int> out;
    for (const auto& [id, box] : boxesIn(ids))
        out.push_back(id);
    return out;
}

namespace {
double medianOf(std::vector<float> v)
{
    if (v.empty())
        return 0;
    std::nth_element(v.begin(), v.begin() + std::ptrdiff_t(v.size() / 2), v.end());
    return double(v[v.size() / 2]);
}

/// Colour of one side of a contour alone, softly; the softer, the coarser it is kept.
struct OneSided {
    cv::Mat sums; ///< colour times weight, weight
    double step = 1; ///< px of the picture in one of it
    cv::Vec4f at(cv::Point p) const
    {
        const double x = std::clamp((p.x + 0.5) / step - 0.5, 0.0, double(sums.cols - 1)),
                     y = std::clamp((p.y + 0.5) / step - 0.5, 0.0, double(sums.rows - 1));
        const int u = std::min(int(x), std::max(0, sums.cols - 2)), v = std::min(int(y), std::max(0, sums.rows - 2));
        const float s = float(x) - float(u), t = float(y) - float(v);
        const int right = std::min(u + 1, sums.cols - 1), below = std::min(v + 1, sums.rows - 1);
        const auto *a = sums.ptr<cv::Vec4f>(v), *b = sums.ptr<cv::Vec4f>(below);
        return (a[u] * (1 - s) + a[right] * s) * (1 - t) + (b[u] * (1 - s) + b[right] * s) * t;
    }
    float weight(cv::Point p) const { return at(p)[3]; }
};
OneSided oneSided(const cv::Mat& picture, const cv::Mat& side, double sigma)
{
    OneSided s;
    const int k = sigma > 6 ? 4 : sigma > 3 ? 2 : 1; // px of the picture in one, each way
    s.sums = cv::Mat::zeros((picture.rows + k - 1) / k, (picture.cols + k - 1) / k, CV_32FC4);
    s.step = k;
    const float share = 1.f / float(k * k);
    for (int y = 0; y < picture.rows; ++y) {
        const auto* from = picture.ptr<cv::Vec3f>(y);
        const auto* in = side.ptr<std::uint8_t>(y);
        auto* to = s.sums.ptr<cv::Vec4f>(y / k);
        for (int x = 0; x < picture.cols; ++x)
            if (in[x]) {
                cv::Vec4f& sum = to[x / k];
                sum[0] += share * from[x][0], sum[1] += share * from[x][1], sum[2] += share * from[x][2];
                sum[3] += share;
            }
    }
    // Means over squares and lines between them are soft by themselves: a twelfth and a sixth, in their own px².
    const double left = k > 1 ? std::sqrt(sigma * sigma / (k * k) - 0.25) : sigma;
    const int size = std::max(3, int(std::ceil(left * 3)) * 2 + 1);
    cv::GaussianBlur(s.sums, s.sums, cv::Size(size, size), left, left, cv::BORDER_CONSTANT);
    return s;
}

colour::Lab labAt(const OneSided& s, cv::Point p)
{
    const cv::Vec4f sums = s.at(p);
    const float w = std::max(sums[3], 1e-6f);
    return colour::toLab({sums[0] / w, sums[1] / w, sums[2] / w});
}

/// What all elements of a picture share.
struct Whole {
    const light::Picture& picture;
    cv::Mat L; ///< L*
    GrainMaps grain;
    double longSide, sigma; ///< px
};

/// L* by a table over the square root of luminance, straight between its places: within 0.01 of it.
cv::Mat lightnessOf(const LinearPicture& p)
{
    constexpr int n = 1024;
    static const auto table = [] {
        std::array<float, n + 2> t{};
        for (int i = 0; i < n + 2; ++i)
            t[std::size_t(i)] = colour::lightness(float(i) / n * (float(i) / n));
        return t;
    }();
    cv::Mat L(p.height(), p.width(), CV_32F);
    parallelRows(p.height(), [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            float* row = L.ptr<float>(y);
            const Rgb* colours = p.row(y);
            for (int x = 0; x < p.width(); ++x) {
                const float at = std::sqrt(std::clamp(luminance(colours[x]), 0.f, 1.f)) * float(n);
                const auto i = std::size_t(at);
                row[x] = table[i] + (at - float(i)) * (table[i + 1] - table[i]);
            }
        }
    });
    return L;
}

/// L* along a line across the contour, from inside to outside.
struct Profile {
    static constexpr int kHalf = 24;
    std::array<float, 2 * kHalf + 1> L{};
    int from = 0, to = 2 * kHalf; ///< the part on the canvas
};
Profile across(const cv::Mat& L, Vec2 at, Vec2 out, double reach)
{
    Profile p;
    for (int i = -Profile::kHalf; i <= Profile::kHalf; ++i) {
        const Vec2 q = at + out * (reach * i / Profile::kHalf);
        const double x = q.x - 0.5, y = q.y - 0.5;
        const int j = i + Profile::kHalf;
        if (x < 0 || y < 0 || x >= L.cols - 1 || y >= L.rows - 1) {
            (i < 0 ? p.from : p.to) = i < 0 ? j + 1 : std::min(p.to, j - 1);
            continue;
        }
        const int u = int(x), v = int(y);
        const float s = float(x) - float(u), t = float(y) - float(v);
        const float *a = L.ptr<float>(v) + u, *b = L.ptr<float>(v + 1) + u;
        p.L[std::size_t(j)] = (1 - t) * (a[0] + s * (a[1] - a[0])) + t * (b[0] + s * (b[1] - b[0]));
    }
    return p;
}
/// Width of the step from 10 to 90 %, px, and a line along it.
void tellProfile(const Profile& p, double reach, EdgePoint& e)
{
    const int n = Profile::kHalf;
    if (p.from > n / 2 || p.to < n + n / 2)
        return;
    const auto mean = [&](int a, int b) {
        float sum = 0;
        for (int i = a; i <= b; ++i)
            sum += p.L[std::size_t(i)];
        return sum / float(std::max(1, b - a + 1));
    };
    const float in = mean(p.from, p.from + n / 3), out = mean(p.to - n / 3, p.to), range = std::abs(in - out);
    float steepest = 0;
    for (int i = std::max(p.from, n / 2) + 1; i < std::min(p.to, n + n / 2); ++i)
        steepest = std::max(steepest, std::abs(p.L[std::size_t(i + 1)] - p.L[std::size_t(i - 1)]) / 2);
    e.width = range < 2 ? 0 : float(0.8 * double(range / std::max(steepest, 1e-3f)) * reach / n);
    const auto middle = std::minmax_element(p.L.begin() + n - n / 3, p.L.begin() + n + n / 3 + 1);
    const float dark = std::min(in, out) - *middle.first, bright = *middle.second - std::max(in, out);
    e.line = std::max(dark, bright) < 1 ? 0 : dark > bright ? -dark : bright;
}

EdgeKind kindOf(const EdgePoint& e, double longSide)
{
    if (e.separation < 4)
        return EdgeKind::Lost;
    if (e.separation < 12 || double(e.width) > std::max(3.0, 0.012 * longSide))
        return EdgeKind::Soft;
    return e.separation >= 25 && double(e.width) <= std::max(2.0, 0.004 * longSide) ? EdgeKind::Hard : EdgeKind::Firm;
}

/// What is true of the contour as a whole.
void sum(Silhouette& s)
{
    std::vector<float> difference, lightness, grain, separation, width;
    double x0 = 1e9, y0 = 1e9, x1 = -1e9, y1 = -1e9, run = 0, longest = 0;
    for (std::size_t i = 0; i < 2 * s.contour.size(); ++i) { // twice round: a run may cross the start
        run = s.contour[i % s.contour.size()].kind == EdgeKind::Lost ? run + 1 : 0;
        longest = std::max(longest, run);
    }
    for (const EdgePoint& e : s.contour) {
        difference.push_back(e.difference), lightness.push_back(std::abs(e.lightness)), grain.push_back(e.grain);
        separation.push_back(e.separation), width.push_back(e.width);
        (e.kind == EdgeKind::Lost ? s.lost : e.kind == EdgeKind::Soft ? s.soft : s.firm) += 1;
        s.hard += e.kind == EdgeKind::Hard;
        if (e.kind == EdgeKind::Lost) {
            x0 = std::min(x0, e.at.x - 0.5), x1 = std::max(x1, e.at.x + 0.5);
            y0 = std::min(y0, e.at.y - 0.5), y1 = std::max(y1, e.at.y + 0.5);
        }
    }
    const double n = std::max(1.0, double(s.contour.size()));
    s.lost /= n, s.soft /= n, s.firm /= n, s.hard /= n;
    s.longestLost = std::min(1.0, longest / n);
    s.medianDifference = medianOf(difference), s.medianLightness = medianOf(lightness);
    s.medianGrain = medianOf(grain), s.medianSeparation = medianOf(separation), s.medianWidth = medianOf(width);
    if (x1 > x0)
        s.lostPlace = {x0, y0, x1 - x0, y1 - y0};
}

Silhouette measure(const Whole& whole, int element, const cv::Rect& object)
{
    Silhouette s;
    s.element = element;
    constexpr int cell = GrainMaps::kCoarse;
    const cv::Mat ids = whole.picture.ids.mat();
    const int margin = int(std::max(whole.sigma * 4, 0.05 * whole.longSide)) / cell * cell + 2 * cell;
    // In whole cells, so that grain is asked for in the same box.
    const int left = std::max(0, object.x - margin) / cell * cell, top = std::max(0, object.y - margin) / cell * cell;
    const cv::Rect box = cv::Rect(left, top, object.br().x + margin - left, object.br().y + margin - top)
        & cv::Rect(0, 0, ids.cols, ids.rows);
    const cv::Mat mask = ids(box) == element, colour = whole.picture.colour.mat()(box);
    cv::Mat inner, outer, smooth, nx, ny;
    cv::erode(mask, inner, cv::Mat());
    cv::dilate(mask, outer, cv::Mat());
    // Thin parts have no inside left after erosion; there the mask itself is the inside.
    const OneSided inside = oneSided(colour, inner, whole.sigma), outside = oneSided(colour, ~outer, whole.sigma);
    std::optional<OneSided> thin;
    cv::GaussianBlur(mask, smooth, {}, 2);
    cv::Sobel(smooth, nx, CV_32F, 1, 0);
    cv::Sobel(smooth, ny, CV_32F, 0, 1);
    const cv::Rect coarse
        = cv::Rect(box.x / cell, box.y / cell, std::max(1, box.width / cell), std::max(1, box.height / cell))
        & cv::Rect({}, whole.grain.cells());
    const auto sides = whole.grain.sides(mask, coarse, 0.02 * whole.longSide / cell);
    const double reach = 3 * std::max(2.0, 0.008 * whole.longSide);
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(mask, contours, cv::RETR_LIST, cv::CHAIN_APPROX_NONE);
    EdgePoint told; // what is measured at every fourth place alone
    Grain in, out;
    for (const auto& contour : contours)
        for (std::size_t i = 0; i < contour.size(); ++i) {
            const cv::Point p = contour[i];
            const int gx = p.x + box.x, gy = p.y + box.y;
            if (gx < 2 || gy < 2 || gx >= ids.cols - 2 || gy >= ids.rows - 2 || outside.weight(p) < 1e-3f)
                continue;
            const bool thick = inside.weight(p) > 0.02f;
            if (!thick && !thin)
                thin = oneSided(colour, mask, whole.sigma);
            const colour::Lab a = labAt(thick ? inside : *thin, p), b = labAt(outside, p);
            if (i % 4 == 0) {
                const Vec2 n{-double(nx.at<float>(p)), -double(ny.at<float>(p))};
                const Vec2 way = n.length() > 1e-6 ? n * (1 / n.length()) : Vec2{0, -1};
                told = {};
                tellProfile(across(whole.L, {gx + 0.5 + 0.5 * way.x, gy + 0.5 + 0.5 * way.y}, way, reach), reach, told);
                const cv::Point at(std::clamp(gx / cell - coarse.x, 0, coarse.width - 1),
                    std::clamp(gy / cell - coarse.y, 0, coarse.height - 1));
                in = GrainMaps::at(sides[0], at), out = GrainMaps::at(sides[1], at);
                const auto beside = [&](double v, double along, int size) {
                    return std::clamp(int(v + 0.5 + 3 * along), 0, size - 1);
                };
                told.beside = whole.picture.ids.at(beside(gx, way.x, ids.cols), beside(gy, way.y, ids.rows));
            }
            EdgePoint e = told;
            e.at = {gx + 0.5, gy + 0.5};
            e.difference = float(colour::deltaE2000(a, b));
            e.lightness = a.L - b.L;
            e.grain = float(grainGap(in, out));
            e.separation = float(reading::separation(double(e.difference), in, out));
            e.kind = kindOf(e, whole.longSide);
            s.contour.push_back(e);
        }
    sum(s);
    return s;
}
} // namespace

std::vector<Silhouette> silhouettes(const light::Picture& picture, const std::set<int>& only)
{
    const auto boxes = boxesIn(picture.ids);
    std::vector<std::pair<int, cv::Rect>> all(boxes.begin(), boxes.end());
    if (!only.empty())
        std::erase_if(all, [&](const auto& box) { return !only.contains(box.first); });
    std::vector<Silhouette> out(all.size());
    if (all.empty())
        return out;
    const cv::Mat L = lightnessOf(picture.colour);
    const double longSide = std::max(picture.ids.width(), picture.ids.height());
    const Whole whole{picture, L, GrainMaps(L), longSide, 0.8 * std::max(2.0, 0.008 * longSide)};
    parallelItems(int(all.size()),
        [&](int i) { out[std::size_t(i)] = measure(whole, all[std::size_t(i)].first, all[std::size_t(i)].second); });
    return out;
}

LinearPicture silhouettePicture(const light::Picture& picture)
{
    std::vector<Rgb> out(picture.ids.size(), Rgb{0.62f, 0.61f, 0.59f});
    for (std::size_t i = 0; i < out.size(); ++i)
        if (picture.ids.data()[i] != 0) {
            const float v = 0.015f + 0.02f * float(picture.ids.data()[i] % 3);
            out[i] = {v, v, v};
        }
    return {picture.ids.width(), picture.ids.height(), std::move(out)};
}

} // namespace rl::reading
