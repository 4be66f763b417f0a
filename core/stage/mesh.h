#pragma once
#include "core/base/geometry.h"
#include <array>
#include <vector>

namespace rl::stage {

/// A closed surface of triangles, in metres or in shares of a height: x to the right, y up from the base, z away from
/// the viewer. Faces wind so that their outer side has the normal (b - a) × (c - a).
struct Mesh {
    std::vector<Vec3> points;
    std::vector<Vec3> normals; ///< outward, unit, one a point
    std::vector<std::array<int, 3>> faces;
    std::vector<unsigned char> wet; ///< one a face, where there are any: 1 = water

    int add(Vec3 point, Vec3 normal);
    void quad(Vec3 a, Vec3 b, Vec3 c, Vec3 d); ///< flat, in winding order
    void append(const Mesh& other);
    struct Bounds {
        Vec3 low, high;
    };
    Bounds bounds() const; ///< zeros when empty
};

inline Vec3 cross(Vec3 a, Vec3 b)
{
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}
inline double dot(Vec3 a, Vec3 b)
{
    return a.x * b.x + a.y * b.y + a.z * b.z;
}
inline Vec3 unit(Vec3 v)
{
    const double n = v.length();
    return n > 1e-15 ? v * (1 / n) : Vec3{0, 1, 0};
}

void addBox(Mesh& mesh, Vec3 low, Vec3 high);
/// A round bar from a to b, closed at both ends. \param ra, rb radii, > 0
void addBar(Mesh& mesh, Vec3 a, double ra, Vec3 b, double rb, int sides = 16);
void addEllipsoid(Mesh& mesh, Vec3 centre, Vec3 radii, int sides = 20);
/// A polygon in the x-y plane (counter-clockwise seen from the viewer, star-shaped from `hub`) drawn out from z = -half
/// to +half.
void addPrism(Mesh& mesh, const std::vector<Vec2>& outline, Vec2 hub, double half);

} // namespace rl::stage
