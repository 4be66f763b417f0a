#include "core/stage/mesh.h"

namespace rl::stage {

int Mesh::add(Vec3 point, Vec3 normal)
{
    points.push_back(point);
    normals.push_back(normal);
    return int(points.size()) - 1;
}

void Mesh::quad(Vec3 a, Vec3 b, Vec3 c, Vec3 d)
{
    const Vec3 n = unit(cross(c - a, d - b));
    const int i = add(a, n);
    add(b, n), add(c, n), add(d, n);
    faces.push_back({i, i + 1, i + 2});
    faces.push_back({i, i + 2, i + 3});
}

void Mesh::append(const Mesh& other)
{
    const int at = int(points.size());
    points.insert(points.end(), other.points.begin(), other.points.end());
    normals.insert(normals.end(), other.normals.begin(), other.normals.end());
    for (const auto& f : other.faces)
        faces.push_back({f[0] + at, f[1] + at, f[2] + at});
}

Mesh::Bounds Mesh::bounds() const
{
    if (points.empty())
        return {};
    Bounds b{points[0], points[0]};
    for (const Vec3& p : points) {
        b.low = {std::min(b.low.x, p.x), std::min(b.low.y, p.y), std::min(b.low.z, p.z)};
        b.high = {std::max(b.high.x, p.x), std::max(b.high.y, p.y), std::max(b.high.z, p.z)};
    }
    return b;
}

void addBox(Mesh& m, Vec3 l, Vec3 h)
{
    const auto at = [&](int x, int y, int z) { return Vec3{x ? h.x : l.x, y ? h.y : l.y, z ? h.z : l.z}; };
    m.quad(at(0, 0, 0), at(0, 1, 0), at(1, 1, 0), at(1, 0, 0)); // towards the viewer
    m.quad(at(1, 0, 1), at(1, 1, 1), at(0, 1, 1), at(0, 0, 1));
    m.quad(at(0, 0, 1), at(0, 1, 1), at(0, 1, 0), at(0, 0, 0)); // left
    m.quad(at(1, 0, 0), at(1, 1, 0), at(1, 1, 1), at(1, 0, 1));
    m.quad(at(0, 1, 0), at(0, 1, 1), at(1, 1, 1), at(1, 1, 0)); // top
    m.quad(at(0, 0, 1), at(0, 0, 0), at(1, 0, 0), at(1, 0, 1));
}

void addBar(Mesh& m, Vec3 a, double ra, Vec3 b, double rb, int sides)
{
    const Vec3 along = unit(b - a);
    const Vec3 u = unit(cross(std::abs(along.y) < 0.9 ? Vec3{0, 1, 0} : Vec3{1, 0, 0}, along)), v = cross(along, u);
    const double slope = (ra - rb) / std::max((b - a).length(), 1e-9);
    const int first = int(m.points.size());
    for (int i = 0; i < sides; ++i) {
        const double t = 2 * kPi * i / sides;
        const Vec3 out = u * std::cos(t) + v * std::sin(t), n = unit(out + along * slope);
        m.add(a + out * ra, n);
        m.add(b + out * rb, n);
    }
    for (int i = 0; i < sides; ++i) {
        const int p = first + 2 * i, q = first + 2 * ((i + 1) % sides);
        m.faces.push_back({p, q, q + 1});
        m.faces.push_back({p, q + 1, p + 1});
    }
    for (const int end : {0, 1}) {
        const Vec3 n = end ? along : along * -1;
        const int hub = m.add(end ? b : a, n), ring = int(m.points.size());
        for (int i = 0; i < sides; ++i)
            m.add(m.points[std::size_t(first + 2 * i + end)], n);
        for (int i = 0; i < sides; ++i) {
            const int p = ring + i, q = ring + (i + 1) % sides;
            m.faces.push_back(end ? std::array{hub, p, q} : std::array{hub, q, p});
        }
    }
}

void addEllipsoid(Mesh& m, Vec3 c, Vec3 r, int sides)
{
    const int rows = std::max(4, sides / 2), first = int(m.points.size());
    for (int j = 0; j <= rows; ++j)
        for (int i = 0; i < sides; ++i) {
            const double th = kPi * j / rows, ph = 2 * kPi * i / sides;
            const Vec3 d{std::sin(th) * std::cos(ph), std::cos(th), std::sin(th) * std::sin(ph)};
            m.add({c.x + r.x * d.x, c.y + r.y * d.y, c.z + r.z * d.z}, unit({d.x / r.x, d.y / r.y, d.z / r.z}));
        }
    for (int j = 0; j < rows; ++j)
        for (int i = 0; i < sides; ++i) {
            const int a = first + j * sides + i, b = first + j * sides + (i + 1) % sides, c2 = a + sides, d = b + sides;
            m.faces.push_back({a, b, d});
            m.faces.push_back({a, d, c2});
        }
}

void addPrism(Mesh& m, const std::vector<Vec2>& outline, Vec2 hub, double half)
{
    const int n = int(outline.size());
    for (const int side : {-1, 1}) {
        const Vec3 out{0, 0, double(side)};
        const int centre = m.add({hub.x, hub.y, side * half}, out), first = int(m.points.size());
        for (const Vec2& p : outline)
            m.add({p.x, p.y, side * half}, out);
        for (int i = 0; i < n; ++i) {
            const int a = first + i, b = first + (i + 1) % n;
            m.faces.push_back(side < 0 ? std::array{centre, b, a} : std::array{centre, a, b});
        }
    }
    for (int i = 0; i < n; ++i) {
        const Vec2 a = outline[std::size_t(i)], b = outline[std::size_t((i + 1) % n)];
        m.quad({a.x, a.y, -half}, {b.x, b.y, -half}, {b.x, b.y, half}, {a.x, a.y, half});
    }
}

} // namespace rl::stage
