#include "core/transfer/curves.h"
#include <algorithm>
#include <cmath>
#include <span>

namespace rl::transfer {

namespace {
using Points = std::span<const Vec2>;
using Piece = std::array<Vec2, 4>;

double dot(Vec2 a, Vec2 b)
{
    return a.x * b.x + a.y * b.y;
}
Vec2 unit(Vec2 v)
{
    const double l = v.length();
    return l > 1e-12 ? v * (1 / l) : Vec2{};
}

std::vector<double> byLength(Points p)
{
    std::vector<double> t(p.size(), 0);
    for (std::size_t i = 1; i < p.size(); ++i)
        t[i] = t[i - 1] + (p[i] - p[i - 1]).length();
    for (double& v : t)
        v /= std::max(t.back(), 1e-12);
    return t;
}

/// The handles that fit best with those directions at both ends.
Piece fitted(Points p, const std::vector<double>& t, Vec2 from, Vec2 to)
{
    double c00 = 0, c01 = 0, c11 = 0, x0 = 0, x1 = 0;
    const Vec2 a = p.front(), b = p.back();
    for (std::size_t i = 0; i < p.size(); ++i) {
        const double u = t[i], w = 1 - u, b0 = w * w * w, b1 = 3 * u * w * w, b2 = 3 * u * u * w, b3 = u * u * u;
        const Vec2 v1 = from * b1, v2 = to * b2, rest = p[i] - (a * (b0 + b1) + b * (b2 + b3));
        c00 += dot(v1, v1), c01 += dot(v1, v2), c11 += dot(v2, v2);
        x0 += dot(v1, rest), x1 += dot(v2, rest);
    }
    const double det = c00 * c11 - c01 * c01, chord = (b - a).length();
    double l = det > 1e-12 ? (x0 * c11 - x1 * c01) / det : 0, r = det > 1e-12 ? (c00 * x1 - c01 * x0) / det : 0;
    if (l < 1e-3 * chord || r < 1e-3 * chord || l > 3 * chord || r > 3 * chord)
        l = r = chord / 3;
    return {a, a + from * l, b + to * r, b};
}

void refine(const Piece& c, Points p, std::vector<double>& t)
{
    for (std::size_t i = 0; i < p.size(); ++i) {
        const double u = t[i], w = 1 - u;
        const Vec2 at = onCubic(c, u),
                   d1 = (c[1] - c[0]) * (3 * w * w) + (c[2] - c[1]) * (6 * u * w) + (c[3] - c[2]) * (3 * u * u),
                   d2 = (c[2] - c[1] * 2 + c[0]) * (6 * w) + (c[3] - c[2] * 2 + c[1]) * (6 * u), off = at - p[i];
        const double below = dot(d1, d1) + dot(off, d2);
        if (std::abs(below) > 1e-12)
            t[i] = std::clamp(u - dot(off, d1) / below, 0.0, 1.0);
    }
}

void fit(Points p, Vec2 from, Vec2 to, double error, int depth, Curve& out)
{
    if (p.size() < 2)
        return;
    if (p.size() == 2 || depth > 24) {
        const double l = (p.back() - p.front()).length() / 3;
        out.push_back({p.front(), p.front() + from * l, p.back() + to * l, p.back()});
        return;
    }
    std::vector<double> t = byLength(p);
    std::size_t worst = p.size() / 2;
    for (int round = 0; round < 4; ++round) {
        const Piece c = fitted(p, t, from, to);
        double most = 0;
        for (std::size_t i = 1; i + 1 < p.size(); ++i)
            if (const double d = (onCubic(c, t[i]) - p[i]).length(); d > most)
                most = d, worst = i;
        if (most <= error) {
            out.push_back(c);
            return;
        }
        if (most > 6 * error)
            break;
        refine(c, p, t);
    }
    worst = std::clamp<std::size_t>(worst, 1, p.size() - 2);
    const Vec2 middle = unit(p[worst - 1] - p[worst + 1]);
    fit(p.subspan(0, worst + 1), from, middle, error, depth + 1, out);
    fit(p.subspan(worst), middle * -1, to, error, depth + 1, out);
}

/// Direction of an end over a few points, into the line.
Vec2 endWay(Points p, bool first)
{
    const std::size_t n = p.size(), k = std::min<std::size_t>(2, n - 1);
    return first ? unit(p[k] - p[0]) : unit(p[n - 1 - k] - p[n - 1]);
}
} // namespace

Vec2 onCubic(const Piece& c, double t)
{
    const double w = 1 - t;
    return c[0] * (w * w * w) + c[1] * (3 * t * w * w) + c[2] * (3 * t * t * w) + c[3] * (t * t * t);
}

double lengthOf(const std::vector<Vec2>& p, bool closed)
{
    double sum = closed && p.size() > 1 ? (p.front() - p.back()).length() : 0;
    for (std::size_t i = 1; i < p.size(); ++i)
        sum += (p[i] - p[i - 1]).length();
    return sum;
}

std::vector<Vec2> thinnedLine(const std::vector<Vec2>& p, double error)
{
    if (p.size() < 3)
        return p;
    std::vector<bool> keep(p.size(), false);
    keep.front() = keep.back() = true;
    std::vector<std::pair<std::size_t, std::size_t>> todo{{0, p.size() - 1}};
    while (!todo.empty()) {
        const auto [a, b] = todo.back();
        todo.pop_back();
        const Vec2 way = unit(p[b] - p[a]);
        double most = error;
        std::size_t at = 0;
        for (std::size_t i = a + 1; i < b; ++i) {
            const Vec2 v = p[i] - p[a];
            const double along = std::clamp(dot(v, way), 0.0, (p[b] - p[a]).length());
            if (const double d = (v - way * along).length(); d > most)
                most = d, at = i;
        }
        if (at)
            keep[at] = true, todo.emplace_back(a, at), todo.emplace_back(at, b);
    }
    std::vector<Vec2> out;
    for (std::size_t i = 0; i < p.size(); ++i)
        if (keep[i])
            out.push_back(p[i]);
    return out;
}

Curve curveThrough(const std::vector<Vec2>& points, double error, bool closed)
{
    constexpr double kCorner = 0.64; // cos 50°
    Curve out;
    std::vector<Vec2> p;
    for (const Vec2 v : points)
        if (p.empty() || (v - p.back()).length() > 1e-9)
            p.push_back(v);
    if (closed && p.size() > 2)
        p.push_back(p.front());
    if (p.size() < 2)
        return out;
    std::vector<std::size_t> ends{0};
    for (std::size_t i = 1; i + 1 < p.size(); ++i)
        if (dot(unit(p[i] - p[i - 1]), unit(p[i + 1] - p[i])) < kCorner)
            ends.push_back(i);
    ends.push_back(p.size() - 1);
    for (std::size_t k = 1; k < ends.size(); ++k) {
        const Points part = Points(p).subspan(ends[k - 1], ends[k] - ends[k - 1] + 1);
        fit(part, endWay(part, true), endWay(part, false), error, 0, out);
    }
    return out;
}

} // namespace rl::transfer
