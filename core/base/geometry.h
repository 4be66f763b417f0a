#pragma once
#include <algorithm>
#include <cmath>
#include <numbers>

namespace rl {

inline constexpr double kPi = std::numbers::pi;
inline double radians(double degrees)
{
    return degrees * kPi / 180.0;
}
inline double degrees(double radians)
{
    return radians * 180.0 / kPi;
}
/// The same direction in [0, 360).
inline double wrapped360(double degrees)
{
    const double d = std::fmod(degrees, 360.0);
    return d < 0 ? d + 360.0 : d;
}
/// Smallest turn from a to b, in [-180, 180).
inline double turnBetween(double a, double b)
{
    return wrapped360(b - a + 180.0) - 180.0;
}

struct Vec2 {
    double x = 0, y = 0;
    friend Vec2 operator+(Vec2 a, Vec2 b) { return {a.x + b.x, a.y + b.y}; }
    friend Vec2 operator-(Vec2 a, Vec2 b) { return {a.x - b.x, a.y - b.y}; }
    friend Vec2 operator*(Vec2 a, double k) { return {a.x * k, a.y * k}; }
    bool operator==(const Vec2&) const = default;
    double length() const { return std::hypot(x, y); }
};

/// Scene metres: X right, Y up, Z away from the viewer.
struct Vec3 {
    double x = 0, y = 0, z = 0;
    friend Vec3 operator+(Vec3 a, Vec3 b) { return {a.x + b.x, a.y + b.y, a.z + b.z}; }
    friend Vec3 operator-(Vec3 a, Vec3 b) { return {a.x - b.x, a.y - b.y, a.z - b.z}; }
    friend Vec3 operator*(Vec3 a, double k) { return {a.x * k, a.y * k, a.z * k}; }
    bool operator==(const Vec3&) const = default;
    double length() const { return std::sqrt(x * x + y * y + z * z); }
};

/// Axis-aligned, top left and size; unit as the holder says (cm on the canvas, or px).
struct Rect {
    double x = 0, y = 0, width = 0, height = 0;
    bool operator==(const Rect&) const = default;
    double right() const { return x + width; }
    double bottom() const { return y + height; }
    Vec2 centre() const { return {x + width / 2, y + height / 2}; }
    bool contains(Vec2 p) const { return p.x >= x && p.y >= y && p.x <= right() && p.y <= bottom(); }
    Rect cutTo(const Rect& o) const
    {
        const double l = std::max(x, o.x), t = std::max(y, o.y);
        return {
            l, t, std::max(0.0, std::min(right(), o.right()) - l), std::max(0.0, std::min(bottom(), o.bottom()) - t)};
    }
};

} // namespace rl
