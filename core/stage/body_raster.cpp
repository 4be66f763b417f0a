// Drawing a body as its light sees it.
#include "core/base/hot.h"
#include "core/stage/caster.h"

namespace rl::stage {

namespace {
constexpr double kNear = 0.02; // m from a lamp
constexpr float kFar = 1e30f;

using Face = BodyMap::Face;
using Texel = BodyMap::Texel;

typedef float Four __attribute__((vector_size(16)));

/// A face's samples: one to a texel, or two by two of a small one. Of the sides turned to the light and away from it
/// the nearest: as depth for the sun, as -1 / depth for a lamp, which change evenly over a triangle.
struct Samples {
    int width = 0, height = 0;
    std::vector<float> front, back;
    std::vector<float> stops; ///< empty where all stops alike
    void clear(int w, int h, bool alike)
    {
        width = w, height = h;
        const std::size_t size = std::size_t(w) * std::size_t(h);
        front.assign(size, kFar), back.assign(size, kFar), stops.assign(alike ? 0 : size, 0.f);
    }
};

/// A corner as the light sees it: place on the face in samples, depth, what it stops.
struct Seen {
    double x, y, z;
    float stops;
};

Seen seenBy(const Face& f, bool sun, Vec3 p, float stops, int fine)
{
    const Vec3 q = p - f.centre;
    const double z = dot(q, f.away), k = sun ? 1 : 1 / z, per = fine / f.texel;
    return {(dot(q, f.u) * k - f.left) * per, (dot(q, f.v) * k - f.top) * per, z, stops};
}

/// Some rows of a triangle: where it lies in each, and what it is there.
struct Spans {
    float *side, *stops; ///< at the first row
    float stop; ///< of all of it; stops may be null
    int width; ///< of a row
};

/// A number that changes evenly from column to column and from row to row.
struct Even {
    double at, byColumn, byRow; ///< `at` the middle of the triangle's first column and row
};

/// Where a row of a triangle begins and ends: bounds that change evenly from row to row.
struct Bounds {
    std::array<double, 2> first, byRow;
    int count = 0;
    void add(double at, double change) { first[std::size_t(count)] = at, byRow[std::size_t(count++)] = change; }
    void fill(double none)
    {
        while (count < 2)
            add(none, 0);
    }
};

RL_HOT void fillRows(const Spans& to, int x0, int x1, int y0, int y1, const Bounds& low, const Bounds& high, Even v)
{
    const float step = float(v.byColumn);
    for (int y = y0; y <= y1; ++y) {
        const double k = y - y0, least = std::max(low.first[0] + k * low.byRow[0], low.first[1] + k * low.byRow[1]),
                     most = std::min(high.first[0] + k * high.byRow[0], high.first[1] + k * high.byRow[1]);
        const int from = int(std::ceil(std::max(0.0, least) - 1e-7)),
                  count = int(std::floor(std::min(double(x1 - x0), most) + 1e-7)) - from + 1;
        const std::ptrdiff_t row = std::ptrdiff_t(y) * to.width + x0 + from;
        const float first = float(v.at + k * v.byRow) + float(from) * step;
        float* side = to.side + row;
        for (int x = 0; x < count; ++x)
            side[x] = std::min(side[x], first + float(x) * step);
        if (float* stops = to.stops)
            for (int x = 0; x < count; ++x)
                stops[row + x] = std::max(stops[row + x], to.stop);
    }
}

void fill(Samples& to, const Seen& a, const Seen& b, const Seen& c, bool sun)
{
    const double area = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
    if (!(std::abs(area) > 1e-12))
        return;
    const auto within = [](double v, int most) { return std::clamp(v, -1.0, double(most)); };
    const int x0 = std::max(0, int(within(std::min({a.x, b.x, c.x}) + 0.5, to.width))),
              x1 = int(within(std::max({a.x, b.x, c.x}) + 0.5, to.width)) - 1,
              y0 = std::max(0, int(within(std::min({a.y, b.y, c.y}) + 0.5, to.height))),
              y1 = int(within(std::max({a.y, b.y, c.y}) + 0.5, to.height)) - 1;
    if (x0 > x1 || y0 > y1)
        return;
    const double k = 1 / area, bx = (c.y - a.y) * k, by = -(c.x - a.x) * k, cx = -(b.y - a.y) * k, cy = (b.x - a.x) * k;
    // Shares of the corners, and with them the depth, change evenly along a row.
    const double x = x0 + 0.5 - a.x, y = y0 + 0.5 - a.y;
    const Even wb{x * bx + y * by, bx, by}, wc{x * cx + y * cy, cx, cy};
    Bounds low, high;
    for (const Even& share : {wb, wc, Even{1 - wb.at - wc.at, -bx - cx, -by - cy}}) {
        if (std::abs(share.byColumn) > 1e-12) { // it is positive from there on, or up to there
            const double per = -1 / share.byColumn;
            (share.byColumn > 0 ? low : high).add(share.at * per, share.byRow * per);
        }
    }
    low.fill(-1e9), high.fill(1e9);
    const auto value = [&](const Seen& p) { return sun ? p.z : -1 / p.z; };
    const double va = value(a), vb = value(b) - va, vc = value(c) - va;
    // u × v points away from the light, and so does the outer normal of what is turned away from it.
    const Spans spans{(area < 0 ? to.front : to.back).data(), to.stops.empty() ? nullptr : to.stops.data(),
        (a.stops + b.stops + c.stops) / 3, to.width};
    fillRows(spans, x0, x1, y0, y1, low, high, {va + wb.at * vb + wc.at * vc, bx * vb + cx * vc, by * vb + cy * vc});
}

/// What lies in front of the lamp's near plane.
int clipped(const std::array<Vec3, 3>& p, const std::array<float, 3>& s, const Face& f, std::array<Vec3, 4>& out,
    std::array<float, 4>& stops)
{
    int n = 0;
    for (std::size_t k = 0; k < 3; ++k) {
        const std::size_t l = (k + 1) % 3;
        const double a = dot(p[k] - f.centre, f.away) - kNear, b = dot(p[l] - f.centre, f.away) - kNear;
        if (a >= 0)
            out[std::size_t(n)] = p[k], stops[std::size_t(n++)] = s[k];
        if ((a >= 0) != (b >= 0)) {
            const double t = a / (a - b);
            out[std::size_t(n)] = p[k] + (p[l] - p[k]) * t;
            stops[std::size_t(n++)] = s[k] + (s[l] - s[k]) * float(t);
        }
    }
    return n;
}

/// Least and most of the depths.
struct Extent {
    float least = kFar, most = -kFar;
};

/// Nothing around what is drawn.
BodyMap::Level emptyLevel(int width, int height)
{
    BodyMap::Level l{width + 2, height + 2, {}};
    l.texels.resize(std::size_t(l.width) * std::size_t(l.height));
    const auto row = [&](int y) { return l.texels.begin() + y * l.width; };
    std::fill(row(0), row(1), Texel{0, 0, 0});
    std::fill(row(height + 1), l.texels.end(), Texel{0, 0, 0});
    for (int y = 1; y <= height; ++y)
        row(y)[0] = row(y)[width + 1] = Texel{0, 0, 0};
    return l;
}
Four* at(BodyMap::Level& l, int x, int y)
{
    return reinterpret_cast<Four*>(l.texels.data() + std::size_t(y) * std::size_t(l.width) + std::size_t(x));
}

/// The depth halfway through, m from `middle`; kFar where nothing is.
RL_HOT void halfway(float* z, const float* front, const float* back, int count, bool sun, float middle, Extent& extent)
{
    for (int x = 0; x < count; ++x) {
        const float f = sun ? front[x] : -1 / front[x], b = sun ? back[x] : -1 / back[x];
        const bool any = (front[x] < kFar) | (back[x] < kFar), both = (front[x] < kFar) & (back[x] < kFar) & (b > f);
        const float nearest = std::min(front[x] < kFar ? f : kFar, back[x] < kFar ? b : kFar);
        z[x] = any ? (both ? (f + b) / 2 : nearest) - middle : kFar;
    }
    float least = extent.least, most = extent.most;
    for (int x = 0; x < count; ++x) {
        least = std::min(least, z[x]);
        most = std::max(most, z[x] < kFar ? z[x] : -kFar);
    }
    extent = {least, most};
}

BodyMap::Level meansOf(const Samples& s, int fine, bool sun, float opacity, float middle, Extent& extent)
{
    BodyMap::Level level = emptyLevel(s.width / fine, s.height / fine);
    static thread_local std::vector<float> depths;
    depths.resize(std::size_t(s.width));
    const float share = 1 / float(fine * fine);
    for (int y = 0; y < s.height; ++y) {
        const std::size_t row = std::size_t(y) * std::size_t(s.width);
        halfway(depths.data(), s.front.data() + row, s.back.data() + row, s.width, sun, middle, extent);
        Four* to = at(level, 1, y / fine + 1);
        const auto texel = [&](int x) {
            const float z = depths[std::size_t(x)], stops = s.stops.empty() ? opacity : s.stops[row + std::size_t(x)];
            const float c = z < kFar ? share * stops : 0, cz = c * (z < kFar ? z : 0);
            return Four{c, cz, cz * z, 0};
        };
        if (fine == 1) {
            for (int x = 0; x < s.width; ++x)
                to[x] = texel(x);
            continue;
        }
        if (y % fine == 0)
            std::fill(to, to + s.width / fine, Four{});
        for (int x = 0; x < s.width; ++x)
            to[x / fine] += texel(x);
    }
    return level;
}

BodyMap::Level halved(BodyMap::Level& l)
{
    const int w = l.width - 2, h = l.height - 2;
    BodyMap::Level out = emptyLevel((w + 1) / 2, (h + 1) / 2);
    for (int y = 0; y < h; y += 2) { // the rim of nothing evens out odd sizes
        const Four *upper = at(l, 1, y + 1), *lower = at(l, 1, y + 2);
        Four* to = at(out, 1, y / 2 + 1);
        for (int x = 0; x < w; x += 2)
            to[x / 2] = 0.25f * (upper[x] + upper[x + 1] + lower[x] + lower[x + 1]);
    }
    return out;
}

/// Any two directions at right angles to one.
void frameAround(Face& f)
{
    f.u = unit(cross(std::abs(f.away.y) < 0.9 ? Vec3{0, 1, 0} : Vec3{1, 0, 0}, f.away));
    f.v = cross(f.away, f.u);
}

/// As fine as the picture while it is small; a large picture gets by with less, for penumbrae grow with it.
int texelsFor(double wanted)
{
    return int(std::clamp(std::min(wanted, 160 + wanted / 4), 24.0, 768.0));
}

/// The face just holds all of it. \return false when there is nothing to see
bool fit(Face& f, const std::vector<Vec3>& points, bool sun, double texelsPerM, double distance)
{
    double left = 1e300, right = -1e300, top = 1e300, bottom = -1e300, near = 1e300, far = -1e300;
    for (const Vec3& p : points) {
        const Vec3 q = p - f.centre;
        const double z = dot(q, f.away), k = sun ? 1 : 1 / std::max(z, kNear);
        left = std::min(left, dot(q, f.u) * k), right = std::max(right, dot(q, f.u) * k);
        top = std::min(top, dot(q, f.v) * k), bottom = std::max(bottom, dot(q, f.v) * k);
        near = std::min(near, z), far = std::max(far, z);
    }
    const double longest = std::max(right - left, bottom - top);
    if (!(longest > 0))
        return false;
    const int texels = texelsFor(longest * texelsPerM * (sun ? 1 : distance));
    f.texel = longest / texels;
    f.left = left, f.top = top;
    f.nearest = float(near), f.middle = float((near + far) / 2);
    f.levels.push_back(
        {int(std::ceil((right - left) / f.texel)) + 2, int(std::ceil((bottom - top) / f.texel)) + 2, {}});
    return true;
}

/// Is all of it before the lamp, and nothing as far as 60° off?
bool inOneView(const Face& f, const std::vector<Vec3>& points)
{
    constexpr double widest = 1.7; // a tangent
    return std::all_of(points.begin(), points.end(), [&](const Vec3& p) {
        const Vec3 q = p - f.centre;
        const double most = widest * dot(q, f.away);
        return std::abs(dot(q, f.u)) <= most && std::abs(dot(q, f.v)) <= most && most > 4 * kNear;
    });
}

std::vector<Face> cubeAround(Vec3 at, double texelsPerM, double distance)
{
    const int texels = std::min(256, texelsFor(2.2 * texelsPerM * distance));
    std::vector<Face> faces;
    for (const Vec3 away :
        {Vec3{1, 0, 0}, Vec3{-1, 0, 0}, Vec3{0, 1, 0}, Vec3{0, -1, 0}, Vec3{0, 0, 1}, Vec3{0, 0, -1}}) {
        Face f;
        f.away = away, f.centre = at, f.whole = false;
        frameAround(f);
        f.left = f.top = -1.1, f.texel = 2.2 / texels; // a little more than its quarter, for what is blurred
        f.levels.push_back({texels + 2, texels + 2, {}});
        faces.push_back(std::move(f));
    }
    return faces;
}

/// Before what nothing is stopped. Of depths between a and b the mean m and the spread σ hold m - √3 σ ≥ a - (b - a) /
/// 2, for σ² ≤ (b - m)(m - a). Source: Bhatia & Davis (2000), A better bound on the variance, Am. Math. Monthly 107.
void setFront(Face& f, const Extent& e, bool sun)
{
    const float texel = 0.51f * float(f.texel), least = f.middle + e.least - 0.502f * (e.most - e.least);
    const float front = sun ? least - texel : least / (1 + texel); // a lamp's texels grow with the distance
    f.front = std::max(front - 1e-4f * std::abs(least), f.nearest);
    f.least = std::max(f.middle + e.least, f.nearest);
}

/// All sizes from the samples. \return false when there are none
bool finished(Face& f, const Samples& s, int fine, bool sun, float opacity)
{
    Extent extent;
    f.levels[0] = meansOf(s, fine, sun, opacity, f.middle, extent);
    if (extent.least >= kFar)
        return false;
    setFront(f, extent, sun);
    while (std::max(f.levels.back().width, f.levels.back().height) > 3)
        f.levels.push_back(halved(f.levels.back()));
    return true;
}

/// Which triangles of the body are on one of six faces, and whether any reaches before its near plane.
struct OnFace {
    std::vector<std::size_t> faces;
    bool clips = false;
};
OnFace trianglesOn(const Face& f, const Body& body, const std::vector<Vec3>& points)
{
    static thread_local std::vector<Vec3> seen;
    seen.resize(points.size());
    for (std::size_t i = 0; i < points.size(); ++i) {
        const Vec3 q = points[i] - f.centre;
        seen[i] = {dot(q, f.u), dot(q, f.v), dot(q, f.away)};
    }
    const double edge = -f.left;
    OnFace on;
    for (std::size_t i = 0; i < body.faces.size(); ++i) {
        const auto all = [&](const auto& beside) {
            return std::all_of(
                body.faces[i].begin(), body.faces[i].end(), [&](int k) { return beside(seen[std::size_t(k)]); });
        };
        if (all([](const Vec3& q) { return q.z < kNear; }) || all([&](const Vec3& q) { return q.x > edge * q.z; })
            || all([&](const Vec3& q) { return q.x < -edge * q.z; })
            || all([&](const Vec3& q) { return q.y > edge * q.z; })
            || all([&](const Vec3& q) { return q.y < -edge * q.z; }))
            continue;
        on.faces.push_back(i);
        on.clips = on.clips || !all([](const Vec3& q) { return q.z >= kNear; });
    }
    return on;
}

/// One of six faces keeps only what the body takes up of it, whole texels.
void crop(Face& f, const OnFace& on, const Body& body, const std::vector<Vec3>& points)
{
    double left = 1e300, right = -1e300, top = 1e300, bottom = -1e300;
    for (const std::size_t i : on.faces)
        for (const int k : body.faces[i]) {
            const Vec3 q = points[std::size_t(k)] - f.centre;
            const double per = 1 / dot(q, f.away), u = dot(q, f.u) * per, v = dot(q, f.v) * per;
            left = std::min(left, u), right = std::max(right, u), top = std::min(top, v), bottom = std::max(bottom, v);
        }
    BodyMap::Level& l = f.levels[0];
    const auto cut = [&](double& from, int& texels, double low, double high) {
        const int before = std::clamp(int(std::floor((low - from) / f.texel)), 0, texels - 3),
                  behind = std::clamp(int(std::ceil((high - from) / f.texel)), before + 1, texels - 2);
        from += before * f.texel, texels = behind - before + 2;
    };
    cut(f.left, l.width, left, right), cut(f.top, l.height, top, bottom);
}

/// \return false when the body is not on it
bool draw(Face& f, const Body& body, const std::vector<Vec3>& points, bool sun)
{
    static thread_local Samples s; // fresh memory costs more than the drawing
    OnFace on;
    if (!f.whole) {
        on = trianglesOn(f, body, points);
        if (on.faces.empty())
            return false;
        if (!on.clips)
            crop(f, on, body, points);
    }
    const int wide = f.levels[0].width - 2, high = f.levels[0].height - 2, fine = std::max(wide, high) < 128 ? 2 : 1;
    s.clear(fine * wide, fine * high, body.stops.empty());
    const auto stopsAt = [&](int i) { return body.stops.empty() ? body.opacity : body.stops[std::size_t(i)]; };
    if (f.whole && (sun || double(f.nearest) > kNear)) { // nothing to clip: each corner is looked at once
        static thread_local std::vector<Seen> corners;
        corners.resize(points.size());
        for (std::size_t i = 0; i < points.size(); ++i)
            corners[i] = seenBy(f, sun, points[i], stopsAt(int(i)), fine);
        for (const auto& [a, b, c] : body.faces)
            fill(s, corners[std::size_t(a)], corners[std::size_t(b)], corners[std::size_t(c)], sun);
        return finished(f, s, fine, sun, body.opacity);
    }
    double near = 1e300;
    const auto drawn = [&](const std::array<int, 3>& face) {
        std::array<Vec3, 3> p;
        std::array<float, 3> stops;
        for (std::size_t k = 0; k < 3; ++k) {
            p[k] = points[std::size_t(face[k])];
            stops[k] = stopsAt(face[k]);
        }
        std::array<Vec3, 4> in;
        std::array<float, 4> inStops;
        const int n = clipped(p, stops, f, in, inStops);
        std::array<Seen, 4> q;
        for (int k = 0; k < n; ++k) {
            q[std::size_t(k)] = seenBy(f, sun, in[std::size_t(k)], inStops[std::size_t(k)], fine);
            near = std::min(near, q[std::size_t(k)].z);
        }
        for (int k = 1; k + 1 < n; ++k)
            fill(s, q[0], q[std::size_t(k)], q[std::size_t(k + 1)], sun);
    };
    if (f.whole)
        std::for_each(body.faces.begin(), body.faces.end(), drawn);
    for (const std::size_t i : on.faces)
        drawn(body.faces[i]);
    if (!f.whole)
        f.nearest = float(near), f.middle = float(near);
    return finished(f, s, fine, sun, body.opacity);
}
} // namespace

Plane heightsOver(
    const Body& body, const std::vector<Vec3>& points, double left, double near, double perM, int width, int height)
{
    Samples s;
    s.clear(width, height, true);
    Face f; // seen from below
    f.u = {1, 0, 0}, f.v = {0, 0, 1}, f.away = {0, 1, 0};
    f.left = left, f.top = near, f.texel = 1 / perM;
    for (const auto& face : body.faces) {
        std::array<Seen, 3> q;
        for (std::size_t k = 0; k < 3; ++k)
            q[k] = seenBy(f, true, points[std::size_t(face[k])], 1, 1);
        fill(s, q[0], q[1], q[2], true);
    }
    for (std::size_t i = 0; i < s.front.size(); ++i)
        s.front[i] = std::min(s.front[i], s.back[i]);
    return {width, height, std::move(s.front)};
}

BodyMap::BodyMap(const Body& body, const std::vector<Vec3>& points, const LightPlace& light, double texelsPerM)
    : m_light(light)
{
    if (points.empty())
        return;
    Vec3 low = points[0], high = points[0];
    for (const Vec3& p : points) {
        low = {std::min(low.x, p.x), std::min(low.y, p.y), std::min(low.z, p.z)};
        high = {std::max(high.x, p.x), std::max(high.y, p.y), std::max(high.z, p.z)};
    }
    const Vec3 middle = (low + high) * 0.5;
    const double radius = (high - low).length() / 2, distance = light.isSun ? 1 : (middle - light.at).length();
    std::vector<Face> faces;
    Face one;
    one.away = light.isSun ? light.at * -1 : unit(middle - light.at);
    one.centre = light.isSun ? Vec3{} : light.at;
    frameAround(one);
    if (!light.isSun && distance < 1.3 * radius && !inOneView(one, points))
        faces = cubeAround(light.at, texelsPerM, std::max(radius, 0.1));
    else if (fit(one, points, light.isSun, texelsPerM, distance))
        faces.push_back(std::move(one));
    for (Face& f : faces)
        if (draw(f, body, points, light.isSun))
            m_faces.push_back(std::move(f));
}

} // namespace rl::stage
