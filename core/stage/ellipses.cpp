#include "core/stage/ellipses.h"
#include "core/stage/solids.h"
#include <Eigen/Dense>

namespace rl::stage {

namespace {
/// Seen edge on: from tangent to tangent.
SeenEllipse edgeOn(const Eye& eye, Vec3 centre, Vec2 across, Vec2 away, SeenEllipse e)
{
    double low = 1e300, high = -1e300;
    const int n = 3600;
    for (int i = 0; i < n; ++i) {
        const double t = 2 * kPi * i / n, x = centre.x + across.x * std::cos(t) + away.x * std::sin(t),
                     z = centre.z + across.y * std::cos(t) + away.y * std::sin(t);
        low = std::min(low, x / z), high = std::max(high, x / z);
    }
    e.centre = {eye.x0 + eye.focalCm * (low + high) / 2, eye.horizon};
    e.longCm = eye.focalCm * (high - low);
    return e;
}
} // namespace

SeenEllipse seenEllipse(const Eye& eye, Vec3 c, Vec2 a, Vec2 b)
{
    SeenEllipse e;
    e.heightM = c.y;
    e.radiusM = a.length();
    e.fromAbove = c.y < eye.heightM;
    if (c.z - std::hypot(a.y, b.y) <= 0.02)
        return e;
    const double f = eye.focalCm, drop = eye.heightM - c.y;
    if (std::abs(drop) < 1e-6 * eye.heightM)
        return edgeOn(eye, c, a, b, e);
    // Unit circle (u, v, 1) to the canvas, its origin moved to the principal point for the sake of the numbers.
    Eigen::Matrix3d h;
    h << f * a.x, f * b.x, f * c.x, 0, 0, f * drop, a.y, b.y, c.z;
    const Eigen::Matrix3d inverse = h.inverse();
    const Eigen::Matrix3d conic = inverse.transpose() * Eigen::Vector3d(1, 1, -1).asDiagonal() * inverse;
    const Eigen::Matrix2d part = conic.topLeftCorner<2, 2>();
    const Eigen::Vector2d middle = -part.inverse() * conic.topRightCorner<2, 1>();
    const double level = conic.topRightCorner<2, 1>().dot(middle) + conic(2, 2);
    const Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d> axes(part);
    const Eigen::Vector2d squares = -level * axes.eigenvalues().cwiseInverse();
    if (!(squares.minCoeff() > 0))
        return e;
    const int longest = squares(0) >= squares(1) ? 0 : 1;
    const Eigen::Vector2d d = axes.eigenvectors().col(longest);
    e.centre = {eye.x0 + middle(0), eye.horizon + middle(1)};
    e.longCm = 2 * std::sqrt(squares(longest));
    e.shortCm = 2 * std::sqrt(squares(1 - longest));
    e.tilt = degrees(std::atan2(-d(1), d(0)));
    if (e.tilt > 90)
        e.tilt -= 180;
    if (e.tilt <= -90)
        e.tilt += 180;
    return e;
}

namespace {
/// Radius and height worth a measurement, as shares of the height.
std::vector<Vec2> circlesOf(const Standin& s)
{
    switch (s.solid) {
    case Solid::Cone:
        return {{s.wide / 2, 0}};
    case Solid::Column:
        return {{s.wide / 2, 0}, {s.wide / 2, 0.05}, {0.41 * s.wide, 0.07}, {0.34 * s.wide, 0.88}, {s.wide / 2, 0.95},
            {s.wide / 2, 1}};
    case Solid::Turned:
        break;
    default:
        return {};
    }
    std::vector<Vec2> out;
    const std::vector<Vec2> line = flatProfile(s);
    const auto corner = [&](Vec2 q) {
        return std::any_of(s.profile.begin(), s.profile.end(),
            [&](const OutlinePoint& p) { return !p.curved && (p.at - q).length() < 1e-12; });
    };
    for (std::size_t i = 0; i < line.size(); ++i) {
        const bool end = i == 0 || i + 1 == line.size();
        const bool turns
            = !end && (line[i].x - line[i - 1].x) * (line[i + 1].x - line[i].x) <= 0 && line[i].x != line[i - 1].x;
        if ((end || turns || corner(line[i])) && line[i].x > 1e-3
            && (out.empty() || (out.back() - line[i]).length() > 0.01))
            out.push_back(line[i]);
    }
    if (s.wall > 0 && !line.empty() && line.back().x > s.wall)
        out.push_back({line.back().x - s.wall, line.back().y}); // the rim's inner edge
    return out;
}
} // namespace

std::vector<SeenEllipse> ellipsesOf(const Project& p, const Element& e)
{
    std::vector<SeenEllipse> out;
    const Eye eye = eyeOf(p);
    const Vec3 foot = footOf(eye, e);
    if (e.cutout || !std::isfinite(foot.z))
        return out;
    const double k = e.heightM, c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw)),
                 lean = std::tan(radians(e.shear));
    for (const Vec2& q : circlesOf(e.standin)) {
        const double wide = k * q.x * e.stretch, deep = k * q.x, shift = lean * k * q.y;
        out.push_back(seenEllipse(eye, {foot.x + shift * c, e.altitudeM + k * q.y, foot.z + shift * s},
            {wide * c, wide * s}, {-deep * s, deep * c}));
        out.back().radiusM = deep;
    }
    return out;
}

} // namespace rl::stage
