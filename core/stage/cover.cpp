#include "core/stage/cover.h"
#include "core/stage/raster_mesh.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

namespace {
Plane cardCover(
    const Project& p, const Element& e, SurfaceCache& cache, const Eye& eye, const Rect& box, double k, int w, int h)
{
    Mask alpha;
    Rect shape = cache.shape(p, e);
    if (const Cutout* c = p.cutout(e.cutout))
        alpha = cache.standing(*c);
    else {
        const auto flat = cache.surface(p, e);
        alpha = flat->alpha;
        shape = shapeOf(alpha);
    }
    if (alpha.empty() || shape.width <= 0)
        return {};
    const cv::Rect part(int(shape.x), int(shape.y), int(shape.width), int(shape.height));
    cv::Mat source = alpha.mat()(part).clone();
    if (e.mirrored)
        cv::flip(source, source, 1);
    // Taken down first, so that no pixel of the matte is skipped.
    const double shrink = std::max(box.width * k / source.cols, box.height * k / source.rows);
    if (shrink < 0.5)
        cv::resize(source, source, {}, 2 * shrink, 2 * shrink, cv::INTER_AREA);
    const auto corners = cardCorners(eye, e, shape.width / shape.height, cache.foot(p, e));
    std::vector<cv::Point2f> to;
    for (const Vec3& c : corners) {
        const Vec2 q = projected(eye, c);
        to.emplace_back(float((q.x - box.x) * k - 0.5), float((q.y - box.y) * k - 0.5));
    }
    const auto sw = float(source.cols) - 0.5f, sh = float(source.rows) - 0.5f;
    const std::vector<cv::Point2f> from{{-0.5f, -0.5f}, {sw, -0.5f}, {sw, sh}, {-0.5f, sh}};
    cv::Mat out, as;
    cv::warpPerspective(source, out, cv::getPerspectiveTransform(from, to), {w, h}, cv::INTER_LINEAR);
    out.convertTo(as, CV_32F, 1 / 255.0);
    return Plane::fromMat(as);
}
} // namespace

Cover coverOf(const Project& p, const Element& e, SurfaceCache& cache, int longest)
{
    Cover out;
    const Placement place = placed(p, e, cache);
    const double side = std::max(place.canvas.width, place.canvas.height);
    if (!place.visible || !(side > 1e-9) || !std::isfinite(side))
        return out;
    const double k = std::clamp(longest, 8, 2000) / side;
    const int w = int(std::ceil(place.canvas.width * k)) + 2, h = int(std::ceil(place.canvas.height * k)) + 2;
    const Rect box{place.canvas.x - 1 / k, place.canvas.y - 1 / k, w / k, h / k};
    const Eye eye = eyeOf(p);
    if (isCard(p, e)) {
        out.share = cardCover(p, e, cache, eye, box, k, w, h);
    } else {
        const Eye shifted{eye.focalCm * k, (eye.x0 - box.x) * k, (eye.horizon - box.y) * k, eye.heightM};
        const SeenMesh seen_ = seen(standingMesh(p, e, cache), shifted, w, h);
        std::vector<float> whole(std::size_t(w) * std::size_t(h));
        for (int y = 0; y < seen_.cover.height(); ++y)
            for (int x = 0; x < seen_.cover.width(); ++x)
                whole[std::size_t(seen_.top + y) * std::size_t(w) + std::size_t(seen_.left + x)] = seen_.cover.at(x, y);
        out.share = {w, h, std::move(whole)};
    }
    out.originCm = {box.x, box.y};
    out.pixelsPerCm = k;
    return out;
}

} // namespace rl::stage
