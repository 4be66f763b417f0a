#include "tests/kit/rays.h"
#include "core/base/parallel.h"
#include <opencv2/imgproc.hpp>

namespace rl::kit {

namespace {
/// Möller & Trumbore (1997). \return distance along the ray, negative = missed
double meets(Vec3 from, Vec3 way, Vec3 a, Vec3 b, Vec3 c)
{
    const Vec3 e = b - a, g = c - a, p = stage::cross(way, g);
    const double det = stage::dot(e, p);
    if (std::abs(det) < 1e-14)
        return -1;
    const Vec3 t = from - a, q = stage::cross(t, e);
    const double u = stage::dot(t, p) / det, v = stage::dot(way, q) / det;
    return u < -1e-9 || v < -1e-9 || u + v > 1 + 1e-9 ? -1 : stage::dot(g, q) / det;
}

/// Does a ray pass through a box at all? (Kay & Kajiya 1986)
bool passes(const stage::Mesh::Bounds& b, Vec3 from, Vec3 way)
{
    double near = -1e300, far = 1e300;
    const auto axis = [&](double o, double d, double low, double high) {
        if (std::abs(d) < 1e-15)
            return o >= low && o <= high;
        const double t0 = (low - o) / d, t1 = (high - o) / d;
        near = std::max(near, std::min(t0, t1)), far = std::min(far, std::max(t0, t1));
        return true;
    };
    return axis(from.x, way.x, b.low.x, b.high.x) && axis(from.y, way.y, b.low.y, b.high.y)
        && axis(from.z, way.z, b.low.z, b.high.z) && near <= far && far > 0;
}

bool anyMet(const stage::Mesh& mesh, const stage::Mesh::Bounds& box, Vec3 from, Vec3 way, double most)
{
    if (!passes(box, from, way))
        return false;
    for (const auto& f : mesh.faces) {
        const auto at = [&](int k) { return mesh.points[std::size_t(f[std::size_t(k)])]; };
        const double t = meets(from, way, at(0), at(1), at(2));
        if (t > 1e-6 && t < most)
            return true;
    }
    return false;
}

Vec3 groundPoint(const stage::StageFrame& f, int x, int row)
{
    const double z = f.eye.focalCm * f.eye.heightM / (f.groundTop + row + 0.5 - f.eye.horizon);
    return {(x + 0.5 - f.eye.x0) * z / f.eye.focalCm, 0, z};
}

template <class Test> Mask onGround(const stage::StageFrame& f, const Test& test)
{
    const int rows = f.height - f.groundTop;
    std::vector<std::uint8_t> out(std::size_t(rows) * std::size_t(f.width), 0);
    parallelRows(rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < f.width; ++x)
                if (test(groundPoint(f, x, y)))
                    out[std::size_t(y) * std::size_t(f.width) + std::size_t(x)] = 255;
    });
    return {f.width, rows, std::move(out)};
}
} // namespace

bool blocked(const stage::Mesh& mesh, Vec3 from, const RayLight& light)
{
    const auto box = mesh.bounds();
    return light.sun ? anyMet(mesh, box, from, light.at, 1e12) : anyMet(mesh, box, from, light.at - from, 1);
}

Mask shadowOnGround(const stage::StageFrame& f, const stage::Mesh& mesh, const RayLight& light)
{
    const auto box = mesh.bounds();
    return onGround(f, [&](Vec3 at) {
        return at.z < 200
            && (light.sun ? anyMet(mesh, box, at, light.at, 1e12) : anyMet(mesh, box, at, light.at - at, 1));
    });
}

Mask mirrorOnGround(const stage::StageFrame& f, const stage::Mesh& mesh)
{
    const auto box = mesh.bounds();
    return onGround(f, [&](Vec3 at) {
        const Vec3 sight = at - Vec3{0, f.eye.heightM, 0};
        return at.z < 200 && anyMet(mesh, box, at, {sight.x, -sight.y, sight.z}, 1e12);
    });
}

double apart(const Mask& truth, const Mask& told, double spared)
{
    cv::Mat inside, outside, border;
    cv::morphologyEx(truth.mat(), border, cv::MORPH_GRADIENT, cv::Mat());
    cv::distanceTransform(truth.mat(), inside, cv::DIST_L2, 5);
    cv::distanceTransform(255 - truth.mat(), outside, cv::DIST_L2, 5);
    std::vector<double> off;
    for (int y = 0; y < truth.height(); ++y)
        for (int x = 0; x < truth.width(); ++x)
            if (truth.at(x, y) != told.at(x, y))
                off.push_back(double(std::max(inside.at<float>(y, x), outside.at<float>(y, x))));
    if (off.empty())
        return 0;
    std::sort(off.begin(), off.end());
    const auto least = std::size_t(spared * cv::countNonZero(border));
    return off.size() <= least ? 0 : off[off.size() - 1 - least];
}

} // namespace rl::kit
