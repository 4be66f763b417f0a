#include "core/transfer/landmarks.h"
#include "core/base/words.h"
#include "core/transfer/curves.h"
#include <cmath>

namespace rl::transfer {

namespace {
struct Candidate {
    Vec2 at; ///< plan cm
    LandmarkKind kind;
    int element;
    std::string words;
    double weight;
};

/// Points of a line, 1 mm apart.
std::vector<Vec2> evenly(const Stroke& s, double step)
{
    std::vector<Vec2> p = s.points;
    if (s.closed && !p.empty())
        p.push_back(p.front());
    std::vector<Vec2> out;
    double left = 0;
    for (std::size_t i = 1; i < p.size(); ++i) {
        const Vec2 d = p[i] - p[i - 1];
        const double l = d.length();
        for (; left < l; left += step)
            out.push_back(p[i - 1] + d * (left / l));
        left -= l;
    }
    return out;
}

/// Degrees by which a line turns within `reach` points on both sides.
double turnAt(const std::vector<Vec2>& p, std::size_t i, std::size_t reach, bool closed)
{
    const std::size_t n = p.size();
    if (!closed && (i < reach || i + reach >= n))
        return 0;
    const Vec2 a = p[i] - p[(i + n - reach) % n], b = p[(i + reach) % n] - p[i];
    return std::abs(std::atan2(a.x * b.y - a.y * b.x, a.x * b.x + a.y * b.y)) * 180 / 3.14159265358979;
}

void turnsOf(const Stroke& s, const std::string& whose, std::vector<Candidate>& out)
{
    constexpr double kStep = 0.1, kCorner = 48, kEnd = 105;
    constexpr std::size_t kReach = 6, kFar = 12;
    const std::vector<Vec2> p = evenly(s, kStep);
    if (p.size() < 3 * kFar)
        return;
    std::vector<double> turn(p.size());
    for (std::size_t i = 0; i < p.size(); ++i)
        turn[i] = turnAt(p, i, kReach, s.closed);
    for (std::size_t i = 0; i < p.size(); ++i) {
        bool most = turn[i] > kCorner;
        for (std::size_t k = 1; most && k <= kReach; ++k)
            most = turn[i] >= turn[(i + k) % p.size()] && turn[i] > turn[(i + p.size() - k) % p.size()];
        if (!most)
            continue;
        const bool end = s.kind == LineKind::Outline && turnAt(p, i, kFar, s.closed) > kEnd;
        const double w = (end ? 0.75 : s.kind == LineKind::Outline ? 0.45 : 0.3) + 0.25 * std::min(1.0, turn[i] / 120);
        out.push_back({p[i], end ? LandmarkKind::End : LandmarkKind::Corner, s.element,
            (end                                  ? tr("tip of ")
                    : s.kind == LineKind::Outline ? tr("corner of ")
                                                  : tr("corner in "))
                + whose,
            w});
    }
}

void extremesOf(const std::vector<Stroke>& lines, int element, const std::string& whose, std::vector<Candidate>& out)
{
    std::array<std::optional<Vec2>, 4> most; // top, bottom, left, right
    for (const Stroke& s : lines) {
        if (s.element != element || s.kind != LineKind::Outline)
            continue;
        for (const Vec2 p : s.points) {
            const bool further[]{!most[0] || p.y < most[0]->y, !most[1] || p.y > most[1]->y,
                !most[2] || p.x < most[2]->x, !most[3] || p.x > most[3]->x};
            for (std::size_t k = 0; k < 4; ++k)
                if (further[k])
                    most[k] = p;
        }
    }
    constexpr const char* names[]{translatable("top of "), translatable("lowest point of "),
        translatable("left end of "), translatable("right end of ")};
    for (std::size_t k = 0; k < 4; ++k)
        if (most[k])
            out.push_back({*most[k], LandmarkKind::Extreme, element, names[k] + whose, k < 2 ? 1.0 : 0.95});
}

/// Ends of lines that lie on another line.
void crossingsOf(const std::vector<Stroke>& lines, const std::function<std::string(int)>& named, bool bare,
    std::vector<Candidate>& out)
{
    constexpr double kOn = 0.12; // cm
    for (const Stroke& s : lines) {
        if (s.closed || s.points.size() < 2 || s.kind > LineKind::Inner || (s.element == 0 && !bare)
            || s.lengthCm() < 1.5)
            continue;
        for (const Vec2 end : {s.points.front(), s.points.back()})
            for (const Stroke& o : lines) {
                if (&o == &s || o.kind > LineKind::Inner)
                    continue;
                const bool meets = std::any_of(o.points.begin(), o.points.end(),
                    [&](Vec2 q) { return std::abs(q.x - end.x) < kOn && std::abs(q.y - end.y) < kOn; });
                if (!meets)
                    continue;
                const bool two = s.element != o.element;
                out.push_back({end, LandmarkKind::Crossing, s.element,
                    two ? tr("%1 meets %2", named(s.element), named(o.element))
                        : tr("crossing in %1", named(s.element)),
                    two ? 0.7 : 0.4});
                break;
            }
    }
}

double onStep(double v, double step)
{
    return std::round(v / step) * step;
}

void measure(Landmarks& all, const CanvasPlan& canvas, double step)
{
    auto& p = all.points;
    for (std::size_t i = 0; i < p.size(); ++i) {
        Landmark& l = p[i];
        l.fromRight = l.at.x > canvas.widthCm / 2, l.fromBottom = l.at.y > canvas.heightCm / 2;
        l.across = onStep(l.fromRight ? canvas.widthCm - l.at.x : l.at.x, step);
        l.down = onStep(l.fromBottom ? canvas.heightCm - l.at.y : l.at.y, step);
        // The two nearest that lie well apart in direction: else their circles cut at a slant.
        double best = 1e18;
        for (std::size_t a = 0; a < p.size(); ++a)
            for (std::size_t b = a + 1; b < p.size(); ++b) {
                const Vec2 u = p[a].at - l.at, v = p[b].at - l.at;
                const double lu = u.length(), lv = v.length();
                if (a == i || b == i || lu < 2 || lv < 2)
                    continue;
                const double sine = std::abs(u.x * v.y - u.y * v.x) / (lu * lv);
                if (const double cost = lu + lv; sine > 0.6 && cost < best) {
                    best = cost;
                    l.near = {int(a), int(b)};
                    l.toNear = {onStep(lu, step), onStep(lv, step)};
                }
            }
    }
}

void spansOf(Landmarks& all, double diagonal, double step)
{
    // Long ones between different things, each point once.
    std::vector<CheckSpan> pairs;
    const auto& p = all.points;
    for (std::size_t a = 0; a < p.size(); ++a)
        for (std::size_t b = a + 1; b < p.size(); ++b)
            if (p[a].element != p[b].element)
                pairs.push_back({int(a), int(b), (p[a].at - p[b].at).length()});
    const auto worth = [&](const CheckSpan& s) {
        const double l = s.cm / diagonal;
        return (p[std::size_t(s.first)].weight + p[std::size_t(s.second)].weight) * (l < 0.5 ? l : 0.5);
    };
    std::stable_sort(pairs.begin(), pairs.end(), [&](const auto& a, const auto& b) { return worth(a) > worth(b); });
    std::vector<int> used(p.size(), 0);
    for (CheckSpan s : pairs)
        if (all.spans.size() < 6 && !used[std::size_t(s.first)] && !used[std::size_t(s.second)]) {
            used[std::size_t(s.first)] = used[std::size_t(s.second)] = 1;
            s.cm = onStep(s.cm, step);
            all.spans.push_back(s);
        }
}
} // namespace

Landmarks landmarksOf(const Project& project, const std::vector<Stroke>& lines, const CanvasPlan& canvas)
{
    constexpr std::size_t kLeast = 12, kMost = 40;
    constexpr double kEnough = 0.09, kNearest = 0.8; // cm apart at least
    const auto named = [&](int id) {
        const Element* e = project.element(id);
        return e ? tr("“%1”", e->name) : tr("the backdrop");
    };
    std::vector<Candidate> candidates;
    std::vector<int> seen;
    // Where nothing stands before it, the backdrop itself is what is drawn.
    const bool bare = std::none_of(lines.begin(), lines.end(), [](const Stroke& s) { return s.element != 0; });
    for (const Stroke& s : lines) {
        if (s.kind > LineKind::Inner || (s.kind == LineKind::Inner && (s.rank > 60 || (s.element == 0 && !bare))))
            continue;
        turnsOf(s, named(s.element), candidates);
        if (s.kind == LineKind::Outline && std::find(seen.begin(), seen.end(), s.element) == seen.end())
            seen.push_back(s.element);
    }
    for (const int id : seen)
        extremesOf(lines, id, named(id), candidates);
    crossingsOf(lines, named, bare, candidates);
    for (const Element& e : project.elements)
        for (const EyeBall& ball : e.eyes) {
            Rect box; // its outline's
            for (const Stroke& s : lines)
                if (s.element == e.id && s.kind == LineKind::Outline)
                    for (const Vec2 q : s.points)
                        box = box.width <= 0 && box.height <= 0 && box.x == 0 && box.y == 0
                            ? Rect{q.x, q.y, 1e-9, 1e-9}
                            : Rect{std::min(box.x, q.x), std::min(box.y, q.y),
                                std::max(box.right(), q.x) - std::min(box.x, q.x),
                                std::max(box.bottom(), q.y) - std::min(box.y, q.y)};
            if (box.width > 0.1)
                candidates.push_back(
                    {{box.x + (e.mirrored ? 1 - ball.at.x : ball.at.x) * box.width, box.y + ball.at.y * box.height},
                        LandmarkKind::Eye, e.id, tr("eye of %1", named(e.id)), 1.2});
        }
    std::erase_if(candidates, [&](const Candidate& c) {
        const Vec2 at = canvas.toCanvas(c.at);
        return at.x < 0.05 || at.y < 0.05 || at.x > canvas.widthCm - 0.05 || at.y > canvas.heightCm - 0.05;
    });
    Landmarks all;
    const double reach = 0.22 * std::hypot(canvas.widthCm, canvas.heightCm);
    while (all.points.size() < kMost) {
        double best = 0;
        const Candidate* chosen = nullptr;
        for (const Candidate& c : candidates) {
            double nearest = reach;
            for (const Landmark& l : all.points)
                nearest = std::min(nearest, (l.at - canvas.toCanvas(c.at)).length());
            if (nearest < kNearest)
                continue;
            if (const double gain = c.weight * nearest / reach; gain > best)
                best = gain, chosen = &c;
        }
        if (!chosen || (all.points.size() >= kLeast && best < kEnough))
            break;
        Landmark l;
        l.at = canvas.toCanvas(chosen->at), l.kind = chosen->kind, l.element = chosen->element;
        l.name = chosen->words, l.weight = std::min(1.0, best);
        all.points.push_back(std::move(l));
    }
    const double step = rulerStepCm(project.brief.unit);
    measure(all, canvas, step);
    spansOf(all, std::hypot(canvas.widthCm, canvas.heightCm), step);
    return all;
}

Vec2 byMeasures(const Landmarks& all, std::size_t which, const CanvasPlan& canvas)
{
    const Landmark& l = all.points[which];
    const Vec2 edges{
        l.fromRight ? canvas.widthCm - l.across : l.across, l.fromBottom ? canvas.heightCm - l.down : l.down};
    Vec2 at = edges;
    for (int round = 0; round < 8; ++round) {
        double a = 1, b = 0, d = 1, rx = edges.x - at.x, ry = edges.y - at.y; // normal equations
        for (std::size_t k = 0; k < 2; ++k) {
            if (l.near[k] < 0)
                continue;
            const Landmark& n = all.points[std::size_t(l.near[k])];
            const Vec2 other{
                n.fromRight ? canvas.widthCm - n.across : n.across, n.fromBottom ? canvas.heightCm - n.down : n.down};
            const Vec2 v = at - other;
            const double length = std::max(v.length(), 1e-9), off = l.toNear[k] - length;
            const Vec2 u = v * (1 / length);
            a += u.x * u.x, b += u.x * u.y, d += u.y * u.y, rx += u.x * off, ry += u.y * off;
        }
        const double det = a * d - b * b;
        at = at + Vec2{(d * rx - b * ry) / det, (a * ry - b * rx) / det};
    }
    return at;
}

} // namespace rl::transfer
