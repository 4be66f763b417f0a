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
} // namespace

Relief reliefOf(const Mask& alpha, Shape shape, int longest)
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
    const Plane u = shape == Shape::Column ? columnwise(relief.inside)
        : shape == Shape::Card             ? Plane::filled(relief.inside.width(), relief.inside.height(), 0.f)
                                           : inflated(relief.inside, cropped);
    relief.normals = normalsOf(u, relief.inside, float(bulge(shape)), shape != Shape::Column);
    return relief;
}

} // namespace rl::relief
