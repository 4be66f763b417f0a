#include "core/stage/solids.h"
#include "core/cutout/outline.h"

namespace rl::stage {

namespace {
Mesh box(const Standin& s)
{
    Mesh m;
    addBox(m, {-s.wide / 2, 0, -s.deep / 2}, {s.wide / 2, 1, s.deep / 2});
    return m;
}

/// Rising away from the viewer.
Mesh stair(const Standin& s)
{
    Mesh m;
    for (int i = 0; i < s.count; ++i)
        addBox(m, {-s.wide / 2, 0, s.deep * (double(i) / s.count - 0.5)},
            {s.wide / 2, double(i + 1) / s.count, s.deep / 2});
    return m;
}

/// Two piers and a half round above them, in one block.
Mesh arch(const Standin& s)
{
    Mesh m;
    const double half = s.wide / 2, pier = 0.22 * s.wide, r = half - pier, spring = std::max(0.2, 0.88 - r);
    const int n = 24;
    for (const int side : {-1, 1})
        addBox(
            m, {side < 0 ? -half : half - pier, 0, -s.deep / 2}, {side < 0 ? -half + pier : half, spring, s.deep / 2});
    for (int i = 0; i < n; ++i) {
        const double a = kPi * i / n, b = kPi * (i + 1) / n, ax = -r * std::cos(a), bx = -r * std::cos(b),
                     ay = spring + std::min(r, 0.9 - spring) * std::sin(a),
                     by = spring + std::min(r, 0.9 - spring) * std::sin(b);
        addPrism(m, {{ax, ay}, {bx, by}, {bx, 1}, {ax, 1}}, {(ax + bx) / 2, (std::max(ay, by) + 1) / 2}, s.deep / 2);
    }
    for (const int side : {-1, 1})
        addBox(m, {side < 0 ? -half : r, spring, -s.deep / 2}, {side < 0 ? -r : half, 1, s.deep / 2});
    return m;
}

/// A surface of revolution about x = z = 0. \param line radius and height, from the base up
void addTurned(Mesh& m, const std::vector<Vec2>& line, bool inwards, int sides = 192)
{
    const int first = int(m.points.size()), rows = int(line.size());
    // A bend of more than 40° is an edge: its two sides keep their own normals.
    std::vector<std::pair<Vec2, Vec2>> rings; // point and outward direction (radial, up)
    const auto across = [&](int i) {
        const Vec2 d = line[std::size_t(i + 1)] - line[std::size_t(i)];
        const double n = std::max(d.length(), 1e-12);
        return Vec2{d.y / n, -d.x / n} * (inwards ? -1.0 : 1.0);
    };
    std::vector<std::pair<int, int>> bands;
    for (int i = 0; i + 1 < rows; ++i) {
        const Vec2 own = across(i), before = i > 0 ? across(i - 1) : own, after = i + 2 < rows ? across(i + 1) : own;
        const auto smooth = [&](Vec2 other) {
            const Vec2 sum = own + other;
            return own.x * other.x + own.y * other.y > 0.766 ? sum * (1 / std::max(sum.length(), 1e-12)) : own;
        };
        rings.push_back({line[std::size_t(i)], smooth(before)});
        rings.push_back({line[std::size_t(i + 1)], smooth(after)});
        bands.push_back({2 * i, 2 * i + 1});
    }
    for (const auto& [p, n] : rings)
        for (int k = 0; k < sides; ++k) {
            const double t = 2 * kPi * k / sides;
            m.add({p.x * std::cos(t), p.y, p.x * std::sin(t)}, unit({n.x * std::cos(t), n.y, n.x * std::sin(t)}));
        }
    for (const auto& [low, high] : bands)
        for (int k = 0; k < sides; ++k) {
            const int next = (k + 1) % sides, a = first + low * sides + k, b = first + low * sides + next,
                      c = first + high * sides + next, d = first + high * sides + k;
            if (inwards) {
                m.faces.push_back({a, b, c});
                m.faces.push_back({a, c, d});
            } else {
                m.faces.push_back({a, c, b});
                m.faces.push_back({a, d, c});
            }
        }
}

/// A flat ring from radius `from` to `to`, facing up or down.
void addRing(Mesh& m, double y, double from, double to, bool up)
{
    addTurned(m, up ? std::vector<Vec2>{{to, y}, {from, y}} : std::vector<Vec2>{{from, y}, {to, y}}, false);
}

Mesh turned(const Standin& s)
{
    Mesh m;
    std::vector<Vec2> line = flatProfile(s);
    if (line.size() < 2)
        return m;
    addTurned(m, line, false);
    const Vec2 base = line.front(), rim = line.back();
    if (base.x > 1e-6)
        addRing(m, base.y, 0, base.x, false);
    if (rim.x <= 1e-6)
        return m;
    if (s.wall <= 0 || rim.x <= s.wall) {
        addRing(m, rim.y, 0, rim.x, true);
        return m;
    }
    std::vector<Vec2> inner;
    for (const Vec2& p : line)
        if (p.x > s.wall && p.y >= base.y + s.wall)
            inner.push_back({p.x - s.wall, p.y});
    if (inner.size() < 2) {
        addRing(m, rim.y, 0, rim.x, true);
        return m;
    }
    addRing(m, rim.y, inner.back().x, rim.x, true);
    addTurned(m, inner, true);
    addRing(m, inner.front().y, 0, inner.front().x, true);
    return m;
}

Mesh column(const Standin& s)
{
    Standin t = s;
    const double r = s.wide / 2;
    t.wall = 0;
    t.profile = {{{r, 0}, false}, {{r, 0.05}, false}, {{0.82 * r, 0.07}, false}, {{0.8 * r, 0.35}, true},
        {{0.68 * r, 0.88}, false}, {{0.8 * r, 0.92}, false}, {{r, 0.95}, false}, {{r, 1}, false}};
    return turned(t);
}

Mesh cone(const Standin& s)
{
    Standin t = s;
    t.wall = 0;
    t.profile = {{{s.wide / 2, 0}, false}, {{0, 1}, false}};
    return turned(t);
}

Mesh tent(const Standin& s)
{
    Mesh m;
    addPrism(m, {{-s.wide / 2, 0}, {s.wide / 2, 0}, {0, 1}}, {0, 0.33}, s.deep / 2);
    return m;
}

/// Upright, its axle along z.
Mesh wheel(const Standin& s)
{
    Mesh m;
    const double half = std::max(0.005, s.deep / 2), rim = 0.07;
    const int n = 48;
    const auto at = [](double r, double t) { return Vec2{r * std::cos(t), 0.5 + r * std::sin(t)}; };
    for (int i = 0; i < n; ++i) {
        const double a = 2 * kPi * i / n, b = 2 * kPi * (i + 1) / n;
        const Vec2 p = at(0.5, a), q = at(0.5, b), r = at(0.5 - rim, b), t = at(0.5 - rim, a);
        addPrism(m, {p, q, r, t}, (p + r) * 0.5, half);
    }
    for (int i = 0; i < s.count; ++i) {
        const Vec2 a = at(0.06, 2 * kPi * i / s.count + kPi / 2), b = at(0.5 - rim, 2 * kPi * i / s.count + kPi / 2);
        addBar(m, {a.x, a.y, 0}, 0.022, {b.x, b.y, 0}, 0.017, 10);
    }
    addBar(m, {0, 0.5, -1.3 * half}, 0.075, {0, 0.5, 1.3 * half}, 0.075, 24);
    return m;
}

Mesh tree(const Standin& s)
{
    Mesh m;
    const double r = s.wide / 2;
    addBar(m, {0, 0, 0}, 0.045, {0, 0.55, 0}, 0.025);
    addEllipsoid(m, {0, 0.66, 0}, {0.72 * r, 0.30, 0.72 * r});
    // Boughs by the golden angle, so that none stands before another.
    const int n = std::max(1, s.count);
    for (int i = 0; i < n; ++i) {
        const double t = i * 2.39996, up = 0.45 + 0.40 * (i + 0.5) / n,
                     out = r * 0.62 * std::sqrt(1 - 0.6 * (i + 0.5) / n), size = r * (0.42 - 0.12 * i / n);
        addEllipsoid(m, {out * std::cos(t), up, out * std::sin(t)}, {size, 0.75 * size + 0.03, size}, 14);
    }
    addEllipsoid(m, {0, 0.86, 0}, {0.45 * r, 0.14, 0.45 * r});
    return m;
}
} // namespace

std::vector<Vec2> flatProfile(const Standin& s)
{
    // Mirrored into a closed loop, flattened, and its right half taken: the same curve as outlines have.
    std::vector<Vec2> line;
    const auto& p = s.profile;
    double low = 1e300, high = -1e300; // a bend never leaves the height that was drawn
    for (const OutlinePoint& q : p)
        low = std::min(low, q.at.y), high = std::max(high, q.at.y);
    const auto at = [&](long i) { return p[std::size_t(std::clamp(i, 0L, long(p.size()) - 1))].at; };
    for (long i = 0; i + 1 < long(p.size()); ++i) {
        const Vec2 a = at(i), b = at(i + 1);
        const bool bendA = p[std::size_t(i)].curved, bendB = p[std::size_t(i + 1)].curved;
        line.push_back(a);
        if (!bendA && !bendB)
            continue;
        const Vec2 ta = bendA ? (b - at(i - 1)) * 0.5 : b - a, tb = bendB ? (at(i + 2) - a) * 0.5 : b - a;
        for (int k = 1; k < 8; ++k) { // cubic Hermite
            const double t = k / 8.0, u = t * t, v = u * t;
            const Vec2 q = a * (2 * v - 3 * u + 1) + ta * (v - 2 * u + t) + b * (3 * u - 2 * v) + tb * (v - u);
            line.push_back({std::max(0.0, q.x), std::clamp(q.y, low, high)});
        }
    }
    if (!p.empty())
        line.push_back(p.back().at);
    return line;
}

std::vector<OutlinePoint> profileOf(Turning turning)
{
    switch (turning) {
    case Turning::Vase:
        return {{{0.13, 0}, false}, {{0.15, 0.03}, true}, {{0.30, 0.42}, true}, {{0.11, 0.82}, true},
            {{0.12, 0.93}, true}, {{0.19, 1}, false}};
    case Turning::Bell:
        return {{{0.50, 0}, false}, {{0.42, 0.10}, true}, {{0.31, 0.50}, true}, {{0.24, 0.82}, true},
            {{0.10, 0.90}, false}, {{0.10, 0.97}, true}, {{0, 1}, false}};
    case Turning::Goblet:
        return {{{0.22, 0}, false}, {{0.20, 0.03}, true}, {{0.035, 0.12}, true}, {{0.035, 0.46}, true},
            {{0.21, 0.66}, true}, {{0.20, 1}, false}};
    case Turning::Baluster:
        return {{{0.16, 0}, false}, {{0.16, 0.10}, false}, {{0.09, 0.13}, true}, {{0.17, 0.34}, true},
            {{0.07, 0.70}, true}, {{0.08, 0.86}, false}, {{0.16, 0.90}, false}, {{0.16, 1}, false}};
    case Turning::Dome:
        return {{{0.90, 0}, false}, {{0.90, 0.06}, false}, {{0.84, 0.08}, false}, {{0.76, 0.44}, true},
            {{0.45, 0.80}, true}, {{0.08, 0.93}, false}, {{0.05, 0.95}, false}, {{0.05, 0.98}, true}, {{0, 1}, false}};
    case Turning::Jar:
        return {{{0.42, 0}, false}, {{0.42, 0.55}, true}, {{0.33, 0.86}, true}, {{0, 1}, false}};
    }
    return {};
}

Mesh figureMesh(const Pose& pose);
Mesh pathMesh(const Standin& standin, double heightM);

Mesh meshOf(const Standin& s, double heightM)
{
    switch (s.solid) {
    case Solid::Box:
        return box(s);
    case Solid::Stair:
        return stair(s);
    case Solid::Arch:
        return arch(s);
    case Solid::Column:
        return column(s);
    case Solid::Cone:
        return cone(s);
    case Solid::Tent:
        return tent(s);
    case Solid::Wheel:
        return wheel(s);
    case Solid::Tree:
        return tree(s);
    case Solid::Figure:
        return figureMesh(s.pose);
    case Solid::Turned:
        return turned(s);
    case Solid::Path:
        return pathMesh(s, heightM);
    case Solid::None:
    case Solid::Shape:
        break;
    }
    return {};
}

} // namespace rl::stage
