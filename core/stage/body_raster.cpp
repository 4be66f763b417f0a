// Drawing a body as its light sees it.
#include "core/stage/caster.h"

namespace rl::stage {

namespace {
constexpr double kNear = 0.02; // m from a lamp
constexpr float kFar = 1e30f;

using Face = BodyMap::Face;
using Texel = BodyMap::Texel;

/// A face's samples: one to a texel, or two by two of a small one.
struct Samples {
    int width = 0, height = 0;
    std::vector<float> front, back, stops;
    void clear(int w, int h)
    {
        width = w, height = h;
        const std::size_t size = std::size_t(w) * std::size_t(h);
        front.assign(size, kFar), back.assign(size, kFar), stops.assign(size, 0.f);
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

/// Depth over a triangle: linear in x and y for the sun, its inverse for a lamp.
void fill(Samples& to, const Seen& a, const Seen& b, const Seen& c, bool sun)
{
    const double area = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
    if (!(std::abs(area) > 1e-12))
        return;
    const int x0 = std::max(0, int(std::ceil(std::min({a.x, b.x, c.x}) - 0.5))),
              x1 = std::min(to.width - 1, int(std::floor(std::max({a.x, b.x, c.x}) - 0.5))),
              y0 = std::max(0, int(std::ceil(std::min({a.y, b.y, c.y}) - 0.5))),
              y1 = std::min(to.height - 1, int(std::floor(std::max({a.y, b.y, c.y}) - 0.5)));
    if (x0 > x1 || y0 > y1)
        return;
    const double k = 1 / area;
    const auto value = [&](const Seen& p) { return sun ? p.z : 1 / p.z; };
    const double va = value(a), vb = value(b), vc = value(c);
    // Shares of b and c, and with them the depth, change evenly along a row.
    const double bx = (c.y - a.y) * k, by = -(c.x - a.x) * k, cx = -(b.y - a.y) * k, cy = (b.x - a.x) * k;
    const float dx = float(bx * (vb - va) + cx * (vc - va));
    const double steps[3]{bx, cx, -bx - cx}, inverse[3]{1 / bx, 1 / cx, 1 / (-bx - cx)};
    // u × v points away from the light, and so does the outer normal of what is turned away from it.
    std::vector<float>& side = area < 0 ? to.front : to.back;
    const float stops = (a.stops + b.stops + c.stops) / 3;
    for (int y = y0; y <= y1; ++y) {
        const double wb = (x0 + 0.5 - a.x) * bx + (y + 0.5 - a.y) * by,
                     wc = (x0 + 0.5 - a.x) * cx + (y + 0.5 - a.y) * cy;
        // From where to where all three shares are positive.
        double first = 0, last = x1 - x0;
        const double shares[3]{wb, wc, 1 - wb - wc};
        for (std::size_t e = 0; e < 3; ++e)
            if (steps[e] > 1e-12)
                first = std::max(first, -shares[e] * inverse[e]);
            else if (steps[e] < -1e-12)
                last = std::min(last, -shares[e] * inverse[e]);
            else if (shares[e] < -1e-9)
                last = -1;
        const int from = int(std::ceil(first - 1e-7)), until = int(std::floor(last + 1e-7));
        const float v0 = float(va + wb * (vb - va) + wc * (vc - va));
        const std::size_t row = std::size_t(y) * std::size_t(to.width) + std::size_t(x0);
        for (int x = from; x <= until; ++x) {
            const float v = v0 + float(x) * dx;
            float& depth = side[row + std::size_t(x)];
            depth = std::min(depth, sun ? v : 1 / v);
            float& most = to.stops[row + std::size_t(x)];
            most = std::max(most, stops);
        }
    }
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

BodyMap::Level meansOf(const Samples& s, int fine, float middle)
{
    BodyMap::Level level{s.width / fine + 2, s.height / fine + 2, {}};
    level.texels.resize(std::size_t(level.width) * std::size_t(level.height));
    for (int y = 0; y < s.height; ++y)
        for (int x = 0; x < s.width; ++x) {
            const std::size_t i = std::size_t(y) * std::size_t(s.width) + std::size_t(x);
            if (s.stops[i] <= 0)
                continue;
            const float f = s.front[i], b = s.back[i];
            const float z = (f < kFar && b < kFar && b > f ? (f + b) / 2 : std::min(f, b)) - middle;
            Texel& t = level.texels[std::size_t(y / fine + 1) * std::size_t(level.width) + std::size_t(x / fine + 1)];
            const float c = s.stops[i] / float(fine * fine);
            t.stops += c, t.depth += c * z, t.square += c * z * z;
        }
    return level;
}

BodyMap::Level halved(const BodyMap::Level& l)
{
    const int w = l.width - 2, h = l.height - 2;
    BodyMap::Level out{(w + 1) / 2 + 2, (h + 1) / 2 + 2, {}};
    out.texels.resize(std::size_t(out.width) * std::size_t(out.height));
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const Texel& from = l.texels[std::size_t(y + 1) * std::size_t(l.width) + std::size_t(x + 1)];
            Texel& t = out.texels[std::size_t(y / 2 + 1) * std::size_t(out.width) + std::size_t(x / 2 + 1)];
            t.stops += from.stops / 4, t.depth += from.depth / 4, t.square += from.square / 4;
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

/// All sizes from the samples. \return false when there are none
bool finished(Face& f, const Samples& s, int fine)
{
    const auto any = std::find_if(s.stops.begin(), s.stops.end(), [](float c) { return c > 0; });
    if (any == s.stops.end())
        return false;
    f.levels[0] = meansOf(s, fine, f.middle);
    while (std::max(f.levels.back().width, f.levels.back().height) > 3)
        f.levels.push_back(halved(f.levels.back()));
    return true;
}

/// \return false when the body is not on it
bool draw(Face& f, const Body& body, const std::vector<Vec3>& points, bool sun)
{
    static thread_local Samples s; // fresh memory costs more than the drawing
    const int wide = f.levels[0].width - 2, high = f.levels[0].height - 2, fine = std::max(wide, high) < 128 ? 2 : 1;
    s.clear(fine * wide, fine * high);
    double near = f.whole ? double(f.nearest) : 1e300, far = -1e300;
    const auto stopsAt = [&](int i) { return body.stops.empty() ? body.opacity : body.stops[std::size_t(i)]; };
    if (f.whole && (sun || double(f.nearest) > kNear)) { // nothing to clip: each corner is looked at once
        static thread_local std::vector<Seen> corners;
        corners.resize(points.size());
        for (std::size_t i = 0; i < points.size(); ++i)
            corners[i] = seenBy(f, sun, points[i], stopsAt(int(i)), fine);
        for (const auto& [a, b, c] : body.faces)
            fill(s, corners[std::size_t(a)], corners[std::size_t(b)], corners[std::size_t(c)], sun);
        return finished(f, s, fine);
    }
    for (const auto& face : body.faces) {
        std::array<Vec3, 3> p;
        std::array<float, 3> stops;
        for (std::size_t k = 0; k < 3; ++k) {
            p[k] = points[std::size_t(face[k])];
            stops[k] = stopsAt(face[k]);
        }
        std::array<Vec3, 4> in;
        std::array<float, 4> inStops;
        int n = 3;
        if (sun)
            for (std::size_t k = 0; k < 3; ++k)
                in[k] = p[k], inStops[k] = stops[k];
        else
            n = clipped(p, stops, f, in, inStops);
        std::array<Seen, 4> q;
        for (int k = 0; k < n; ++k) {
            q[std::size_t(k)] = seenBy(f, sun, in[std::size_t(k)], inStops[std::size_t(k)], fine);
            near = std::min(near, q[std::size_t(k)].z), far = std::max(far, q[std::size_t(k)].z);
        }
        for (int k = 1; k + 1 < n; ++k)
            fill(s, q[0], q[std::size_t(k)], q[std::size_t(k + 1)], sun);
    }
    if (!f.whole)
        f.nearest = float(near), f.middle = float(near);
    return finished(f, s, fine);
}
} // namespace

Plane heightsOver(
    const Body& body, const std::vector<Vec3>& points, double left, double near, double perM, int width, int height)
{
    Samples s;
    s.clear(width, height);
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
    if (!light.isSun && distance < 1.3 * radius) {
        faces = cubeAround(light.at, texelsPerM, std::max(radius, 0.1));
    } else {
        Face f;
        f.away = light.isSun ? light.at * -1 : (middle - light.at) * (1 / distance);
        f.centre = light.isSun ? Vec3{} : light.at;
        frameAround(f);
        if (fit(f, points, light.isSun, texelsPerM, distance))
            faces.push_back(std::move(f));
    }
    for (Face& f : faces)
        if (draw(f, body, points, light.isSun))
            m_faces.push_back(std::move(f));
}

} // namespace rl::stage
