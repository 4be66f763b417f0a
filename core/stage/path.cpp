// Ways that recede: their edges lie on the ground plane, so that they taper as the camera says.
#include "core/stage/solids.h"

namespace rl::stage {

std::vector<Vec2> pathLine(const Standin& s, double step)
{
    std::vector<Vec2> line;
    const auto& p = s.path;
    if (p.size() < 2)
        return line;
    const auto at = [&](long i) {
        const long n = long(p.size());
        if (i < 0)
            return p[0] * 2 - p[1];
        if (i >= n)
            return p[std::size_t(n - 1)] * 2 - p[std::size_t(n - 2)];
        return p[std::size_t(i)];
    };
    for (long i = 0; i + 1 < long(p.size()); ++i) {
        const Vec2 a = at(i), b = at(i + 1), ta = (b - at(i - 1)) * 0.5, tb = (at(i + 2) - a) * 0.5;
        const int n = std::clamp(int(std::ceil((b - a).length() / std::max(step, 0.01))), 1, 400);
        for (int k = 0; k < n; ++k) {
            const double t = double(k) / n, u = t * t, v = u * t;
            line.push_back(a * (2 * v - 3 * u + 1) + ta * (v - 2 * u + t) + b * (3 * u - 2 * v) + tb * (v - u));
        }
    }
    line.push_back(p.back());
    return line;
}

namespace {
/// To the left of the way at each point, unit.
std::vector<Vec2> leftOf(const std::vector<Vec2>& line)
{
    std::vector<Vec2> out;
    for (std::size_t i = 0; i < line.size(); ++i) {
        const Vec2 d = line[std::min(i + 1, line.size() - 1)] - line[i > 0 ? i - 1 : 0];
        const double n = std::max(d.length(), 1e-9);
        out.push_back({-d.y / n, d.x / n});
    }
    return out;
}

/// A band along the way from `from` to `to` m left of its middle, its top at `high`, its sides down to the ground.
void addBand(Mesh& m, const std::vector<Vec2>& line, double from, double to, double high, double low = 0)
{
    const auto left = leftOf(line);
    const auto at = [&](std::size_t i, double off, double y) {
        const Vec2 p = line[i] + left[i] * off;
        return Vec3{p.x, y, p.y};
    };
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        m.quad(at(i, to, high), at(i + 1, to, high), at(i + 1, from, high), at(i, from, high));
        if (high <= low)
            continue;
        m.quad(at(i, to, low), at(i + 1, to, low), at(i + 1, to, high), at(i, to, high));
        m.quad(at(i + 1, from, low), at(i, from, low), at(i, from, high), at(i + 1, from, high));
        m.quad(at(i, from, low), at(i + 1, from, low), at(i + 1, to, low), at(i, to, low));
    }
    if (high <= low || line.size() < 2)
        return;
    const std::size_t e = line.size() - 1;
    m.quad(at(0, to, low), at(0, to, high), at(0, from, high), at(0, from, low));
    m.quad(at(e, from, low), at(e, from, high), at(e, to, high), at(e, to, low));
}

void addCanal(Mesh& m, const std::vector<Vec2>& line, double half, double kerb)
{
    addBand(m, line, -half, half, 0);
    m.wet.assign(m.faces.size(), 1);
    const double wide = std::min(0.35, half / 2);
    addBand(m, line, half, half + wide, kerb);
    addBand(m, line, -half - wide, -half, kerb);
    m.wet.resize(m.faces.size(), 0);
}

void addRail(Mesh& m, const std::vector<Vec2>& line, double half, double high)
{
    const auto left = leftOf(line);
    double since = 0;
    for (std::size_t i = 0; i < line.size(); ++i) {
        if (i > 0)
            since += (line[i] - line[i - 1]).length();
        if ((i > 0 && since < 0.6) || m.faces.size() > 40000)
            continue;
        since = 0;
        const Vec2 n = left[i], t{n.y, -n.x}, c = line[i];
        const auto at = [&](double u, double v, double y) {
            const Vec2 p = c + n * u + t * v;
            return Vec3{p.x, y, p.y};
        };
        const double a = 1.6 * half, b = 0.11, y = 0.6 * high;
        m.quad(at(a, -b, y), at(a, b, y), at(-a, b, y), at(-a, -b, y));
        m.quad(at(a, -b, 0), at(a, -b, y), at(-a, -b, y), at(-a, -b, 0));
    }
    for (const double side : {-1.0, 1.0})
        addBand(m, line, side * half - 0.035, side * half + 0.035, high, 0.6 * high);
}

void addClimb(Mesh& m, const Standin& s, double heightM)
{
    const double half = s.pathWidthM / 2;
    const auto line = pathLine(s, 0.05);
    double whole = 0;
    for (std::size_t i = 1; i < line.size(); ++i)
        whole += (line[i] - line[i - 1]).length();
    std::size_t from = 0;
    double walked = 0;
    for (int k = 0; k < s.count; ++k) {
        std::vector<Vec2> part{line[from]};
        while (from + 1 < line.size() && walked < whole * (k + 1) / s.count - 1e-9) {
            walked += (line[from + 1] - line[from]).length();
            part.push_back(line[++from]);
        }
        if (part.size() >= 2)
            addBand(m, part, -half, half, heightM * (k + 1) / s.count);
    }
}
} // namespace

Mesh pathMesh(const Standin& s, double heightM)
{
    Mesh m;
    double length = 0;
    for (std::size_t i = 1; i < s.path.size(); ++i)
        length += (s.path[i] - s.path[i - 1]).length();
    const auto line = pathLine(s, std::max(0.5, length / 1500));
    if (line.size() < 2)
        return m;
    const double half = s.pathWidthM / 2;
    switch (s.track) {
    case Track::Causeway:
        addBand(m, line, -half, half, heightM);
        break;
    case Track::Canal:
        addCanal(m, line, half, heightM);
        break;
    case Track::Rail:
        addRail(m, line, half, heightM);
        break;
    case Track::Stairs:
        addClimb(m, s, heightM);
        break;
    }
    return m;
}

} // namespace rl::stage
