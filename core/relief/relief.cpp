#include "core/relief/relief.h"
#include "core/relief/inflate.h"
#include <opencv2/imgproc.hpp>

namespace rl::relief {

namespace {
double bulge(Shape shape)
{
    switch (shape) {
    case Shape::Ball:
        return 2.0;
    case Shape::Column:
        return 1.41;
    case Shape::Slab:
        return 0.5;
    case Shape::Card:
    case Shape::Corner:
    case Shape::Ground:
        return 0.0;
    case Shape::Puffed:
        break;
    }
    return 1.3;
}

/// u of every row by itself: a strip of width w has u = (x - x0)(x1 - x)/2.
Plane columnwise(const Mask& mask)
{
    std::vector<float> u(mask.size(), 0.f);
    for (int y = 0; y < mask.height(); ++y)
        for (int x = 0; x < mask.width();) {
            if (!mask.at(x, y)) {
                ++x;
                continue;
            }
            int end = x;
            while (end < mask.width() && mask.at(end, y))
                ++end;
            for (int i = x; i < end; ++i)
                u[std::size_t(y) * std::size_t(mask.width()) + std::size_t(i)]
                    = (float(i - x) + 0.5f) * (float(end - i) - 0.5f) * 0.5f;
            x = end;
        }
    return {mask.width(), mask.height(), std::move(u)};
}

Raster<Vec3f> normalsOf(const Plane& u, const Mask& inside, float k, bool bendsDown)
{
    std::vector<Vec3f> normals(u.size(), Vec3f{0, 0, 1});
    const int w = u.width(), h = u.height();
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            if (!inside.at(x, y) || k == 0)
                continue;
            const auto at = [&](int i, int j) { return u.at(std::clamp(i, 0, w - 1), std::clamp(j, 0, h - 1)); };
            const float ux = (at(x + 1, y) - at(x - 1, y)) / 2;
            const float uy = bendsDown ? (at(x, y + 1) - at(x, y - 1)) / 2 : 0;
            const Vec3f n{-k / 2 * ux, k / 2 * uy, std::sqrt(std::max(at(x, y), 1e-4f))};
            const float length = std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z);
            normals[std::size_t(y) * std::size_t(w) + std::size_t(x)] = {n.x / length, n.y / length, n.z / length};
        }
    return {w, h, std::move(normals)};
}
Vec3f unit(Vec3f n)
{
    const float length = std::max(std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z), 1e-9f);
    return {n.x / length, n.y / length, n.z / length};
}

/// Two walls meeting at an upright edge in the middle of what is inside; or ground seen from a standing eye.
Raster<Vec3f> planesOf(const Mask& inside, bool corner)
{
    const cv::Rect box = cv::boundingRect(inside.mat());
    const int edge = box.x + box.width / 2;
    std::vector<Vec3f> n(inside.size(), Vec3f{0, 0.97f, 0.243f});
    if (corner)
        for (std::size_t i = 0; i < n.size(); ++i)
            n[i] = {int(i % std::size_t(inside.width())) < edge ? -0.7071f : 0.7071f, 0, 0.7071f};
    return {inside.width(), inside.height(), std::move(n)};
}

Vec3f shaped(Vec3f n, const Part& part)
{
    const float puff = float(part.puff);
    n = unit({n.x * puff, n.y * puff, std::max(n.z, 1e-3f)});
    const double x = radians(part.tiltX), y = radians(part.tiltY);
    const float cx = float(std::cos(x)), sx = float(std::sin(x)), cy = float(std::cos(y)), sy = float(std::sin(y));
    const Vec3f t{n.x * cx + n.z * sx, n.y, n.z * cx - n.x * sx};
    const Vec3f q{t.x, t.y * cy + t.z * sy, t.z * cy - t.y * sy};
    return unit({q.x, q.y, std::max(q.z, 0.02f)}); // what turns away from the viewer is not seen
}

/// How much each pixel belongs to a part, 0…255, with a soft border.
cv::Mat weightOf(const Part& part, cv::Size size)
{
    cv::Mat weight(size, CV_8UC1, cv::Scalar(part.outline.empty() ? 255 : 0));
    if (part.outline.size() < 3)
        return weight;
    std::vector<std::vector<cv::Point>> loops(1);
    for (const Vec2& q : part.outline)
        loops[0].emplace_back(int(std::lround(q.x * size.width * 16)), int(std::lround(q.y * size.height * 16)));
    cv::fillPoly(weight, loops, cv::Scalar(255), cv::LINE_AA, 4);
    cv::GaussianBlur(weight, weight, cv::Size(), std::max(0.8, 0.008 * std::max(size.width, size.height)));
    return weight;
}

void layPart(std::vector<Vec3f>& normals, const Mask& inside, const Part& part, CropSides cropped)
{
    if (!part.outline.empty() && part.outline.size() < 3)
        return;
    const cv::Mat weight = weightOf(part, inside.mat().size());
    Raster<Vec3f> form;
    if (part.shape)
        form = formOver(Mask::fromMat(cv::Mat(inside.mat() & (weight > 127))), *part.shape, cropped);
    for (std::size_t i = 0; i < normals.size(); ++i) {
        const float w = float(weight.data[i]) / 255;
        if (w <= 0)
            continue;
        const Vec3f was = normals[i], is = shaped(part.shape ? form.data()[i] : was, part);
        normals[i] = unit({was.x * (1 - w) + is.x * w, was.y * (1 - w) + is.y * w, was.z * (1 - w) + is.z * w});
    }
}

/// From a point to the nearest place on a line, px.
Vec2 toLine(Vec2 p, const std::vector<Vec2>& line)
{
    Vec2 best{1e9, 0};
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        const Vec2 a = line[i], along = line[i + 1] - a;
        const double length2 = along.x * along.x + along.y * along.y;
        const double t = length2 > 0 ? std::clamp(((p - a).x * along.x + (p - a).y * along.y) / length2, 0.0, 1.0) : 0;
        const Vec2 away = p - (a + along * t);
        if (away.length() < best.length())
            best = away;
    }
    return best;
}

void layCrease(std::vector<Vec3f>& normals, cv::Size size, const Crease& crease)
{
    if (crease.line.size() < 2)
        return;
    std::vector<Vec2> line;
    for (const Vec2& q : crease.line)
        line.push_back({q.x * size.width, q.y * size.height});
    const double width = std::max(0.5, crease.width * std::max(size.width, size.height));
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const Vec2 away = toLine({x + 0.5, y + 0.5}, line);
            const double d = away.length();
            if (d > 7 * width || d < 1e-9)
                continue;
            Vec3f& n = normals[std::size_t(y) * std::size_t(size.width) + std::size_t(x)];
            const float slope = float(crease.height * std::exp(-d / width)) * n.z;
            n = unit({n.x + slope * float(away.x / d), n.y - slope * float(away.y / d), n.z});
        }
}
} // namespace

Raster<Vec3f> formOver(const Mask& inside, Shape shape, CropSides cropped)
{
    if (shape == Shape::Corner || shape == Shape::Ground)
        return planesOf(inside, shape == Shape::Corner);
    const Plane u = shape == Shape::Column ? columnwise(inside)
        : shape == Shape::Card             ? Plane::filled(inside.width(), inside.height(), 0.f)
                                           : inflated(inside, cropped);
    return normalsOf(u, inside, float(bulge(shape)), shape != Shape::Column);
}

Plane heightOf(const Mask& inside, Shape shape, CropSides cropped)
{
    const float k = float(bulge(shape));
    if (k <= 0)
        return Plane::filled(inside.width(), inside.height(), 0.f);
    const Plane u = shape == Shape::Column ? columnwise(inside) : inflated(inside, cropped);
    std::vector<float> half(u.size());
    for (std::size_t i = 0; i < half.size(); ++i)
        half[i] = k * std::sqrt(std::max(0.f, u.data()[i]));
    return {u.width(), u.height(), std::move(half)};
}

Relief reliefOf(
    const Mask& alpha, Shape shape, int longest, const std::vector<Part>& parts, const std::vector<Crease>& creases)
{
    Relief relief;
    if (alpha.empty())
        return relief;
    const cv::Rect box = cv::boundingRect(cv::Mat(alpha.mat() > 127));
    if (box.width < 2 || box.height < 2)
        return relief;
    relief.box = {double(box.x), double(box.y), double(box.width), double(box.height)};
    relief.scale = std::min(1.0, double(longest) / std::max(box.width, box.height));
    cv::Mat small;
    cv::resize(alpha.mat()(box), small,
        cv::Size(std::max(2, int(std::lround(box.width * relief.scale))),
            std::max(2, int(std::lround(box.height * relief.scale)))),
        0, 0, cv::INTER_AREA);
    relief.inside = Mask::fromMat(cv::Mat(small > 127));
    const CropSides cropped{
        box.x <= 1, box.y <= 1, box.x + box.width >= alpha.width() - 1, box.y + box.height >= alpha.height() - 1};
    relief.normals = formOver(relief.inside, shape, cropped);
    if (parts.empty() && creases.empty())
        return relief;
    std::vector<Vec3f> normals(relief.normals.data(), relief.normals.data() + relief.normals.size());
    for (const Part& part : parts)
        layPart(normals, relief.inside, part, cropped);
    for (const Crease& crease : creases)
        layCrease(normals, relief.inside.mat().size(), crease);
    relief.normals = {relief.inside.width(), relief.inside.height(), std::move(normals)};
    return relief;
}

} // namespace rl::relief
