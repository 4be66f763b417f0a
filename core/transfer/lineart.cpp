#include "core/transfer/lineart.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/transfer/curves.h"
#include "core/transfer/edges.h"
#include "core/transfer/line_tracer.h"
#include <opencv2/imgproc.hpp>
#include <set>

namespace rl::transfer {

namespace {
/// A chain of pixels as a line: a running mean, weighed, over 2 × reach + 1 of them. \return px, of pixel corners
std::vector<Vec2> smoothed(const std::vector<Vec2>& p, bool closed, int reach)
{
    const int n = int(p.size());
    std::vector<Vec2> out;
    for (int i = 0; i < n; ++i) {
        Vec2 sum;
        double all = 0;
        // The ends stay where they are.
        const int most = closed ? reach : std::min({reach, i, n - 1 - i});
        for (int k = -most; k <= most; ++k) {
            const double w = most + 1 - std::abs(k);
            sum = sum + p[std::size_t((i + k + n) % n)] * w, all += w;
        }
        out.push_back(sum * (1 / all));
    }
    return out;
}

Stroke strokeOf(std::vector<Vec2> px, bool closed, LineKind kind, int element, double pixelsPerCm, int reach)
{
    Stroke s;
    s.closed = closed, s.kind = kind, s.element = element;
    for (const Vec2 p : smoothed(px, closed, reach))
        s.points.push_back(p * (1 / pixelsPerCm));
    return s;
}

/// Runs of a closed chain where a condition holds; the whole of it, closed, where it holds everywhere.
template <class Holds>
void runsOf(const std::vector<cv::Point>& chain, const Holds& holds, std::size_t least,
    const std::function<void(std::vector<Vec2>, bool closed)>& take)
{
    const std::size_t n = chain.size();
    std::size_t from = 0;
    while (from < n && holds(chain[from]))
        ++from;
    const auto at = [&](std::size_t i) { return Vec2{double(chain[i % n].x) + 0.5, double(chain[i % n].y) + 0.5}; };
    std::vector<Vec2> run;
    if (from == n) {
        for (std::size_t i = 0; i < n; ++i)
            run.push_back(at(i));
        if (n >= least)
            take(std::move(run), true);
        return;
    }
    for (std::size_t i = from; i <= from + n; ++i) {
        if (i < from + n && holds(chain[i % n])) {
            run.push_back(at(i));
            continue;
        }
        if (run.size() >= least)
            take(std::move(run), false);
        run.clear();
    }
}

void outlines(const LineSource& s, std::vector<Stroke>& out)
{
    const cv::Mat ids = s.ids.mat();
    std::map<int, int> place; // nearer = higher
    for (std::size_t i = 0; i < s.order.size(); ++i)
        place[s.order[i]] = int(i) + 1;
    const std::set<int> seen(s.ids.data(), s.ids.data() + s.ids.size());
    const auto nearer = [&](int id) {
        const auto at = place.find(id);
        return at == place.end() ? (id ? int(s.order.size()) + 1 : 0) : at->second;
    };
    for (const int id : seen) {
        if (id == 0)
            continue;
        std::vector<std::vector<cv::Point>> contours;
        cv::findContours(cv::Mat(ids == id), contours, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE);
        const int own = nearer(id);
        // Its own where what lies beyond is farther off; the canvas' border is no outline.
        const auto holds = [&](cv::Point p) {
            bool any = false;
            for (int v = -1; v <= 1; ++v)
                for (int u = -1; u <= 1; ++u) {
                    if (!s.ids.contains(p.x + u, p.y + v))
                        continue;
                    const int other = s.ids.at(p.x + u, p.y + v);
                    any = any || (other != id && nearer(other) <= own);
                }
            return any;
        };
        for (const auto& c : contours)
            runsOf(c, holds, std::size_t(std::max(4.0, 0.4 * s.pixelsPerCm)), [&](std::vector<Vec2> px, bool closed) {
                out.push_back(strokeOf(std::move(px), closed, LineKind::Outline, id, s.pixelsPerCm, 2));
            });
    }
}

int elementUnder(const LineSource& s, const std::vector<Vec2>& px)
{
    std::map<int, int> count;
    for (const Vec2 p : px)
        if (s.ids.contains(int(p.x), int(p.y)))
            ++count[s.ids.at(int(p.x), int(p.y))];
    const auto most = std::max_element(
        count.begin(), count.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    return most == count.end() ? 0 : most->first;
}

void innerLines(const LineSource& s, double leastCm, std::vector<Stroke>& out)
{
    const double k = s.pixelsPerCm, sigma = std::clamp(0.075 * k, 1.1, 4.0);
    const EdgeField field = edgesOf(s.plain, s.normals, sigma, std::clamp(0.5 * k, 3.0, 16.0));
    LineTracer tracer(field, sigma);
    for (const Stroke& o : out) {
        std::vector<Vec2> px;
        for (const Vec2 p : o.points)
            px.push_back(p * k);
        tracer.occupy(px, o.closed);
    }
    constexpr double kBackdrop = 0.4; // what lies behind all things tells less
    double all = 0, before = 0;
    std::vector<std::pair<double, Stroke>> lines;
    for (const TracedLine& l : tracer.all(leastCm * k, std::max(3.0, 0.5 * k))) {
        const int element = elementUnder(s, l.points);
        lines.emplace_back(l.tells * (element ? 1 : kBackdrop),
            strokeOf(l.points, false, LineKind::Inner, element, k, std::max(2, int(std::lround(2 * sigma)))));
        all += lines.back().second.lengthCm();
    }
    std::stable_sort(lines.begin(), lines.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    for (auto& [tells, stroke] : lines) {
        before += stroke.lengthCm();
        stroke.rank = 100 * before / all;
        out.push_back(std::move(stroke));
    }
}

/// Borders between values of a smooth map, as lines.
void levels(const cv::Mat& map, double level, double pixelsPerCm, std::size_t least, const cv::Mat& allowed,
    const std::function<void(std::vector<Vec2>, bool)>& take)
{
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(cv::Mat(map > level), contours, cv::RETR_LIST, cv::CHAIN_APPROX_NONE);
    const int w = map.cols, h = map.rows;
    for (const auto& c : contours)
        runsOf(
            c,
            [&](cv::Point p) {
                return p.x > 0 && p.y > 0 && p.x < w - 1 && p.y < h - 1
                    && (allowed.empty() || allowed.at<std::uint8_t>(p));
            },
            least, take);
    (void)pixelsPerCm;
}

void shadowBorders(const LineSource& s, double leastCm, std::vector<Stroke>& out)
{
    if (s.zones.empty())
        return;
    const double k = s.pixelsPerCm;
    const auto least = std::size_t(std::max(6.0, 1.5 * leastCm * k));
    // Where the outlines run, a border of shadow says nothing new.
    cv::Mat ids, grown, shrunk, inside;
    s.ids.mat().convertTo(ids, CV_32F);
    const cv::Mat kernel = cv::getStructuringElement(cv::MORPH_ELLIPSE, {5, 5});
    cv::dilate(ids, grown, kernel), cv::erode(ids, shrunk, kernel);
    inside = grown == shrunk;
    cv::Mat soft;
    cv::GaussianBlur(s.zones.mat(), soft, {}, std::max(1.0, 0.06 * k));
    for (const auto& [level, kind] : {std::pair{0.75, LineKind::FormShadow}, {0.25, LineKind::CastShadow}})
        levels(soft, level, k, least, inside, [&, kind = kind](std::vector<Vec2> px, bool closed) {
            const int element = elementUnder(s, px);
            // What passes from light into cast shadow crosses both levels: one line, the cast one.
            if (kind == LineKind::FormShadow) {
                std::size_t cast = 0;
                for (const Vec2 p : px) {
                    const int r = int(std::max(2.0, 0.2 * k));
                    const cv::Rect about
                        = cv::Rect(int(p.x) - r, int(p.y) - r, 2 * r + 1, 2 * r + 1) & cv::Rect({}, soft.size());
                    double low = 1;
                    cv::minMaxLoc(soft(about), &low);
                    cast += low < 0.25;
                }
                if (2 * cast > px.size() || element == 0)
                    return;
            }
            out.push_back(strokeOf(std::move(px), closed, kind, element, k, 4));
        });
}

/// Slanting lines where a shadow lies: cast ones twice as dense as those of forms.
void hatching(const LineSource& s, double hatchCm, std::vector<Stroke>& out)
{
    if (s.zones.empty() || !(hatchCm > 0))
        return;
    const double k = s.pixelsPerCm, step = std::max(4.0, hatchCm * k * std::sqrt(2.0));
    cv::Mat soft;
    cv::GaussianBlur(s.zones.mat(), soft, {}, std::max(1.0, 0.06 * k));
    const int w = soft.cols, h = soft.rows;
    int line = 0;
    for (double from = -h; from < w; from += step, ++line) {
        std::vector<Vec2> run;
        const auto finish = [&] {
            if (double(run.size()) * std::sqrt(2.0) > 0.3 * k) {
                Stroke stroke;
                stroke.kind = LineKind::Hatch, stroke.element = elementUnder(s, run);
                stroke.points = {run.front() * (1 / k), run.back() * (1 / k)};
                out.push_back(std::move(stroke));
            }
            run.clear();
        };
        const float below = line % 2 ? 0.3f : 0.7f; // every second one runs through form shadow too
        for (int y = h - 1; y >= 0; --y) {
            const int x = int(from) + (h - 1 - y);
            if (x >= 0 && x < w && soft.at<float>(y, x) < below)
                run.push_back({x + 0.5, y + 0.5});
            else
                finish();
        }
        finish();
    }
}

void valueSteps(const LineSource& s, int steps, double leastCm, std::vector<Stroke>& out)
{
    if (s.lit.empty() || steps < 2)
        return;
    const double k = s.pixelsPerCm;
    cv::Mat L(s.lit.height(), s.lit.width(), CV_32F);
    parallelRows(L.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < L.cols; ++x) {
                const float v = luminance(s.lit.at(x, y));
                L.at<float>(y, x) = colour::lightness(v > 0 ? std::min(v, 1.f) : 0.f);
            }
    });
    cv::GaussianBlur(L, L, {}, std::max(1.5, 0.25 * k));
    for (int n = 1; n < std::min(steps, 9); ++n)
        levels(L, 100.0 * n / std::min(steps, 9), k, std::size_t(std::max(8.0, 2 * leastCm * k)), {},
            [&](std::vector<Vec2> px, bool closed) {
                const int element = elementUnder(s, px);
                out.push_back(strokeOf(std::move(px), closed, LineKind::ValueStep, element, k, 5));
                out.back().step = n;
            });
}
} // namespace

const char* wordOf(LineKind kind)
{
    constexpr const char* words[]{translatable("outline"), translatable("inner"), translatable("form shadow"),
        translatable("cast shadow"), translatable("value step"), translatable("hatch")};
    return words[std::size_t(kind)];
}

double Stroke::lengthCm() const
{
    return lengthOf(points, closed);
}

double leastUsefulCm(double viewingDistanceM)
{
    constexpr double kTwelveMinutes = 12.0 / 60 * 3.14159265358979 / 180;
    return std::clamp(100 * viewingDistanceM * kTwelveMinutes, 0.4, 5.0);
}

std::vector<Stroke> lineArt(const LineSource& source, const LineWish& wish)
{
    std::vector<Stroke> out;
    if (source.plain.empty() || !(source.pixelsPerCm > 0))
        return out;
    outlines(source, out);
    innerLines(source, wish.leastCm, out);
    if (wish.shadows) {
        shadowBorders(source, wish.leastCm, out);
        hatching(source, wish.hatchCm, out);
    }
    valueSteps(source, wish.valueSteps, wish.leastCm, out);
    return out;
}

std::vector<Stroke> chosenLines(std::vector<Stroke> all, double most)
{
    std::erase_if(all, [&](const Stroke& s) { return s.kind == LineKind::Inner && s.rank > most + 1e-9; });
    return all;
}

} // namespace rl::transfer
