// Single elements as layers: cut-outs and flat shapes as cards, stand-ins as solids.
#include "core/stage/layers.h"
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/stage/resample.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

void takeTone(std::span<Rgb> albedo, const Tone& t)
{
    if (t.amount <= 0 && t.saturation == 1)
        return;
    const double slope = (t.lightTo - t.darkTo) / std::max(1.0, t.lightFrom - t.darkFrom);
    parallelRows(int(albedo.size()), [&](int begin, int end) {
        for (int i = begin; i < end; ++i) {
            colour::Lab c = colour::toLab(albedo[std::size_t(i)]);
            const double wanted = t.darkTo + (double(c.L) - t.darkFrom) * slope;
            c.L += float(t.amount * (std::max(0.0, wanted) - double(c.L)));
            c.a = c.a * float(t.saturation) + float(t.amount * t.a);
            c.b = c.b * float(t.saturation) + float(t.amount * t.b);
            const Rgb out = colour::fromLab(c);
            albedo[std::size_t(i)] = {std::max(0.f, out.r), std::max(0.f, out.g), std::max(0.f, out.b)};
        }
    });
}

namespace {
/// A power of numbers between two bounds, read between a thousand known ones: within 3e-5 of it.
class PowerTable {
public:
    PowerTable(float least, float most, double power)
        : m_least(least)
        , m_most(most)
        , m_per((kSteps - 1) / (most - least))
    {
        for (int i = 0; i <= kSteps; ++i)
            m_values[std::size_t(i)] = float(std::pow(double(least) + i / double(m_per), power));
    }
    float at(float x) const
    {
        const float at = (std::clamp(x, m_least, m_most) - m_least) * m_per;
        const int i = int(at);
        const float a = m_values[std::size_t(i)], b = m_values[std::size_t(i) + 1];
        return a + (at - float(i)) * (b - a);
    }

private:
    static constexpr int kSteps = 1024;
    float m_least, m_most, m_per;
    std::array<float, kSteps + 1> m_values;
};

/// The photograph's own shading on the relief, mean 1 over the cut-out, raised to the wanted strength.
void takeOwnLightOff(
    std::span<Rgb> albedo, const Raster<Vec3f>& normal, const Plane& cover, const PictureLight& own, double strength)
{
    const double power = strength * std::clamp(own.confidence / 0.5, 0.0, 1.0);
    if (power <= 0)
        return;
    const Vec3 l = sceneDirection(own);
    std::vector<float> shade(albedo.size());
    double sum = 0, weight = 0;
    for (std::size_t i = 0; i < albedo.size(); ++i) {
        const Vec3f n = normal.data()[i];
        shade[i] = 0.5f + 0.8f * std::max(0.f, n.x * float(l.x) + n.y * float(l.y) + n.z * float(l.z));
        sum += double(shade[i] * cover.data()[i]);
        weight += double(cover.data()[i]);
    }
    const float perMean = 1 / std::max(float(sum / std::max(weight, 1e-6)), 1e-6f);
    const PowerTable given(0.35f, 2.5f, -power);
    for (std::size_t i = 0; i < albedo.size(); ++i)
        albedo[i] = albedo[i] * given.at(shade[i] * perMean);
}

/// Where a card's pixels land, and how to read them back.
class CardLens {
public:
    /// \param px of the frame \param surface px of the card's own picture
    CardLens(const StageFrame& f, const Project& p, const Element& e, const Rect& px, cv::Size surface, double aspect,
        double foot, int left, int top, cv::Size size)
        : m_flat(e.yaw == 0 && e.shear == 0)
        , m_mirrored(e.mirrored)
        , m_size(size)
        , m_surface(surface)
        , m_stepX(surface.width / px.width)
        , m_stepY(surface.height / px.height)
        , m_ox((left - px.x) * m_stepX)
        , m_oy((top - px.y) * m_stepY)
    {
        if (m_flat)
            return;
        const auto corners = cardCorners(eyeOf(p), e, aspect, foot);
        std::array<cv::Point2f, 4> to;
        for (std::size_t i = 0; i < 4; ++i) {
            const Vec2 c = projected(f.eye, corners[i]);
            to[i] = {float(c.x - left - 0.5), float(c.y - top - 0.5)};
        }
        const float w = float(surface.width), h = float(surface.height);
        const std::array<cv::Point2f, 4> from{
            cv::Point2f(-0.5f, -0.5f), {w - 0.5f, -0.5f}, {w - 0.5f, h - 0.5f}, {-0.5f, h - 0.5f}};
        m_map = cv::getPerspectiveTransform(from, to);
    }
    /// Which of the smaller sizes is still as fine as the frame; 0 = the surface itself.
    std::size_t sizeFor(std::size_t smaller) const
    {
        std::size_t size = 0;
        for (double step = std::min(m_stepX, m_stepY); size < smaller && step >= 3; step /= 2)
            ++size;
        return size;
    }
    /// \param m the surface's mask, colours or normals, or what it shows at a smaller size
    template <class T> auto part(const Raster<T>& m, Beyond beyond) const
    {
        const double kx = double(m_surface.width) / m.width(), ky = double(m_surface.height) / m.height();
        if (m_flat)
            return resampled(
                m, {m_ox / kx, m_oy / ky, m_stepX / kx, m_stepY / ky, m_size.width, m_size.height, m_mirrored}, beyond);
        // First to the size it is seen at, averaged, then turned.
        const double shrink = std::max({1.0, m_stepX / kx, m_stepY / ky});
        const auto shrunk = [&](int px) { return std::max(1, int(px / shrink)); };
        const int w = shrunk(m.width()), h = shrunk(m.height());
        const Grid small{0, 0, double(m.width()) / w, double(m.height()) / h, w, h, m_mirrored};
        auto source = resampled(m, small, Beyond::Edge);
        using Value = decltype(source)::value_type;
        const cv::Mat from(small.height, small.width, CvType<Value>::value, source.data());
        const double sx = double(m_surface.width) / w, sy = double(m_surface.height) / h;
        const cv::Matx33d map = m_map * cv::Matx33d(sx, 0, 0.5 * sx - 0.5, 0, sy, 0.5 * sy - 0.5, 0, 0, 1);
        Uncleared<Value> turned(std::size_t(m_size.area()));
        cv::Mat out(m_size, from.type(), turned.data());
        cv::warpPerspective(from, out, map, m_size, cv::INTER_LINEAR,
            beyond == Beyond::Edge ? cv::BORDER_REPLICATE : cv::BORDER_CONSTANT, cv::Scalar::all(0));
        return turned;
    }

private:
    bool m_flat, m_mirrored;
    cv::Size m_size, m_surface; ///< px of the part, and of the surface
    double m_stepX, m_stepY, m_ox, m_oy;
    cv::Matx33d m_map;
};

/// Depth of a turned card at every pixel, m.
Plane cardDepth(const StageFrame& f, const Layer& l, const Element& e, const Vec3& foot)
{
    const double c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw));
    std::vector<float> depth(l.cover.size());
    for (int x = 0; x < l.width(); ++x) {
        const double ray = (l.left + x + 0.5 - f.eye.x0) / f.eye.focalCm, down = c - ray * s;
        const double z = std::abs(down) > 1e-6 ? (foot.z * c - foot.x * s) / down : foot.z;
        const float kept = float(std::clamp(z, 0.05, 4 * foot.z));
        for (int y = 0; y < l.height(); ++y)
            depth[std::size_t(y) * std::size_t(l.width()) + std::size_t(x)] = kept;
    }
    return {l.width(), l.height(), std::move(depth)};
}

/// What is under the ground is not seen.
void bury(std::span<float> cover, int width, int top, double groundRow)
{
    const int rows = int(cover.size() / std::size_t(std::max(width, 1)));
    for (int y = 0; y < rows; ++y) {
        const float above = float(std::clamp(groundRow - (top + y), 0.0, 1.0));
        if (above < 1)
            for (int x = 0; x < width; ++x)
                cover[std::size_t(y) * std::size_t(width) + std::size_t(x)] *= above;
    }
}

/// Glass lets through what is behind it, least at its edges, where it is looked along.
void seeThrough(Layer& l, const StageFrame& f)
{
    std::vector<float> cover(l.cover.data(), l.cover.data() + l.cover.size());
    l.outline = l.cover;
    for (int y = 0; y < l.height(); ++y)
        for (int x = 0; x < l.width(); ++x) {
            const Vec3f n = l.normal.at(x, y);
            const Vec3 ray = unit(
                {(l.left + x + 0.5 - f.eye.x0) / f.eye.focalCm, -(l.top + y + 0.5 - f.eye.horizon) / f.eye.focalCm, 1});
            const double facing
                = std::clamp(-(double(n.x) * ray.x + double(n.y) * ray.y + double(n.z) * ray.z), 0.0, 1.0);
            cover[std::size_t(y) * std::size_t(l.width()) + std::size_t(x)]
                *= float(0.16 + 0.74 * std::pow(1 - facing, 2.5));
        }
    l.cover = {l.width(), l.height(), std::move(cover)};
}

Layer startOf(const StageFrame& f, const Element& e, const Placement& place)
{
    const double k = f.pixelsPerCm;
    Layer l;
    l.element = e.id;
    l.distance = l.order = place.distance;
    l.material = e.material;
    l.groundRow = e.baseCm.y * k;
    l.headRow = place.canvas.y * k;
    l.footRow = place.canvas.bottom() * k;
    l.glow = float(e.glow);
    l.through = e.material == Material::Thin ? float(e.through) : 0.f;
    l.rim = float(e.rim);
    const double flip = e.mirrored ? -1 : 1;
    for (const EyeBall& eye : e.eyes)
        l.eyes.push_back({(place.canvas.x + (0.5 + flip * (eye.at.x - 0.5)) * place.canvas.width) * k,
            (place.canvas.y + eye.at.y * place.canvas.height) * k, eye.radius * place.canvas.height * k});
    return l;
}

/// Of something deep a row counts as lying at the mean of what is seen there.
void meanDepths(Layer& l)
{
    l.rowDepth.assign(std::size_t(l.height()), float(l.distance));
    l.nearest = 1e9f, l.farthest = 0;
    for (std::size_t i = 0; i < l.cover.size(); ++i)
        if (l.cover.data()[i] > 0.5f) {
            l.nearest = std::min(l.nearest, l.depth.data()[i]);
            l.farthest = std::max(l.farthest, l.depth.data()[i]);
        }
    for (int y = 0; y < l.height(); ++y) {
        const float *depth = l.depth.row(y), *cover = l.cover.row(y);
        double sum = 0, weight = 0;
        std::array<float, 2> reach{float(l.distance), float(l.distance)};
        for (int x = 0; x < l.width(); ++x) {
            if (cover[x] > 0)
                reach = weight > 0 ? std::array{std::min(reach[0], depth[x]), std::max(reach[1], depth[x])}
                                   : std::array{depth[x], depth[x]};
            sum += double(cover[x] * depth[x]), weight += double(cover[x]);
        }
        l.rowReach.push_back(reach);
        if (weight > 1e-6)
            l.rowDepth[std::size_t(y)] = float(sum / weight);
    }
}

/// Fuzz thins out evenly from the outline inwards; of what is finer than a pixel the share of it.
void growFuzz(Layer& l, double widthPx)
{
    cv::Mat inside, distance;
    cv::copyMakeBorder(l.cover.mat() > 0.5f, inside, 1, 1, 1, 1, cv::BORDER_CONSTANT, cv::Scalar(0));
    cv::distanceTransform(inside, distance, cv::DIST_L2, 5);
    const auto within = [w = std::max(widthPx, 1e-3)](double d) { // ∫ 1 - t / w from the outline
        const double t = std::clamp(d, 0.0, w);
        return t - t * t / (2 * w);
    };
    std::vector<float> fuzz(l.cover.size());
    for (int y = 0; y < l.height(); ++y)
        for (int x = 0; x < l.width(); ++x) {
            const double d = double(distance.at<float>(y + 1, x + 1)) - 0.5;
            fuzz[l.at(x, y)] = float(within(d + 0.5) - within(d - 0.5));
        }
    l.fuzz = {l.width(), l.height(), std::move(fuzz)};
}

/// Where nothing is seen holds what the nearest place has.
Plane filled(const SeenMesh& s)
{
    cv::Mat empty = s.cover.mat() <= 0, distance, labels;
    if (cv::countNonZero(empty) == int(empty.total()))
        return {};
    cv::distanceTransform(empty, distance, labels, cv::DIST_L2, 5, cv::DIST_LABEL_PIXEL);
    std::vector<float> byLabel(empty.total() + 1, 0.f), out(empty.total());
    for (std::size_t i = 0; i < out.size(); ++i)
        if (!empty.data[i])
            byLabel[std::size_t(labels.ptr<int>()[i])] = s.depth.data()[i];
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = byLabel[std::size_t(labels.ptr<int>()[i])];
    return {s.cover.width(), s.cover.height(), std::move(out)};
}

Layer::Front frontOf(const StageFrame& f, const Layer& l)
{
    const Body* body = l.caster->body();
    if (!body || body->points.empty())
        return {};
    constexpr double cells = 160; // of the longer side
    Mesh mesh;
    mesh.points = l.caster->points();
    mesh.faces = body->faces;
    Layer::Front front;
    front.perPx = std::min(1.0, cells / std::max({l.width(), l.height(), 1}));
    Eye eye = f.eye;
    eye.focalCm *= front.perPx, eye.x0 *= front.perPx, eye.horizon *= front.perPx;
    const SeenMesh s
        = seen(mesh, eye, int(std::ceil(f.width * front.perPx)), int(std::ceil(f.height * front.perPx)), 1);
    if (!s.cover.empty())
        front.depth = filled(s);
    front.left = s.left, front.top = s.top;
    return front;
}

void finish(Layer& l, Uncleared<Rgb> albedo, const StageFrame& f, const Element& e)
{
    if (l.rim > 0)
        growFuzz(l, 0.01 * e.fuzzCm * f.eye.focalCm / l.distance);
    if (!l.depth.empty())
        meanDepths(l);
    takeTone(albedo, e.tone);
    layPattern(
        albedo, l, e.pattern, l.distance / f.eye.focalCm, {e.baseCm.x * f.pixelsPerCm - l.left, l.groundRow - l.top});
    l.albedo = {l.width(), l.height(), std::move(albedo)};
    if (e.material == Material::Glass)
        seeThrough(l, f);
}

/// From the picture's axes, z towards the viewer, to the scene's; unit again.
void turnNormals(std::span<Vec3f> normals, const Element& e)
{
    const float c = float(std::cos(radians(e.yaw))), s = float(std::sin(radians(e.yaw))),
                flip = e.mirrored ? -1.f : 1.f;
    parallelRows(int(normals.size()), [&](int begin, int end) {
        for (Vec3f& n : normals.subspan(std::size_t(begin), std::size_t(end - begin))) {
            const float norm = 1 / std::max(std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z), 1e-6f);
            const float nx = flip * n.x * norm, nz = -n.z * norm;
            n = {nx * c - nz * s, n.y * norm, nx * s + nz * c};
        }
    });
}

std::optional<Layer> cardLayer(const StageFrame& f, const Project& p, const Element& e, SurfaceCache& cache)
{
    const Rect shape = cache.shape(p, e);
    const double share = cache.foot(p, e);
    const Placement place = placementOf(p, e, shape, share);
    if (!place.visible)
        return {};
    const auto surface = cache.surface(p, e, f.surfacePx);
    if (surface->colour.empty())
        return {};
    const double k = f.pixelsPerCm;
    const Rect px{place.canvas.x * k, place.canvas.y * k, place.canvas.width * k, place.canvas.height * k};
    Layer l = startOf(f, e, place);
    const Vec3 foot = footOf(eyeOf(p), e);
    l.caster = casterOf(
        cache.body(e, surface, [&] { return bodyOf(surface->alpha.mat(), e, shapeFor(e.form), place.widthM, share); }),
        e, foot, f.eye.heightM, f.eye.focalCm / foot.z);
    l.left = std::max(0, int(std::floor(px.x)));
    l.top = std::max(0, int(std::floor(px.y)));
    const int right = int(std::min(double(f.width), std::ceil(px.right()))),
              bottom = int(std::min(double(f.height), std::ceil(px.bottom())));
    const int w = std::max(0, right - l.left), h = std::max(0, bottom - l.top);
    if (w == 0 || h == 0)
        return l;
    const CardLens lens(
        f, p, e, px, surface->alpha.mat().size(), shape.width / shape.height, share, l.left, l.top, {w, h});
    const std::size_t size = lens.sizeFor(surface->smaller.size());
    const Surface::Smaller* smaller = size > 0 ? &surface->smaller[size - 1] : nullptr;
    auto covered = lens.part(smaller ? smaller->alpha : surface->alpha, Beyond::Nothing);
    if (e.altitudeM < 0)
        bury(covered, w, l.top, l.groundRow);
    l.cover = {w, h, std::move(covered)};
    l.front = frontOf(f, l);
    if (e.yaw != 0)
        l.depth = cardDepth(f, l, e, foot);
    auto normals = lens.part(smaller ? smaller->normals : surface->normals, Beyond::Edge);
    turnNormals(normals, e);
    l.normal = {w, h, std::move(normals)};
    auto albedo = lens.part(smaller ? smaller->colour : surface->colour, Beyond::Edge);
    if (e.material != Material::Glowing && e.cutout)
        takeOwnLightOff(albedo, l.normal, l.cover, ownLight(p, e, cache), e.delight);
    finish(l, std::move(albedo), f, e);
    return l;
}

/// What of a solid is water is no part of the layer, but turns the ground there to water.
void partWater(Layer& l, const SeenMesh& s)
{
    if (s.wet.empty())
        return;
    std::vector<float> cover(l.cover.size()), water(l.cover.size());
    for (std::size_t i = 0; i < cover.size(); ++i) {
        water[i] = s.cover.data()[i] * s.wet.data()[i];
        cover[i] = s.cover.data()[i] - water[i];
    }
    l.cover = {l.width(), l.height(), std::move(cover)};
    l.water = {l.width(), l.height(), std::move(water)};
}

std::optional<Layer> solidLayer(const StageFrame& f, const Project& p, const Element& e, SurfaceCache& cache)
{
    const Mesh mesh = standingMesh(p, e, cache);
    const Placement place = placementOf(p, e, mesh);
    if (!place.visible)
        return {};
    Layer l = startOf(f, e, place);
    const Standin& s = e.standin;
    if (s.solid == Solid::Path && s.track != Track::Stairs) {
        l.lies = true;
        l.order = std::max(l.distance, mesh.bounds().high.z);
        l.caster = std::make_shared<const Caster>();
    } else {
        const Vec3 foot = footOf(eyeOf(p), e);
        l.caster = casterOf(cache.body(e, nullptr, [&] { return bodyOf(ownMesh(e, cache), opacityOf(e)); }), e, foot,
            f.eye.heightM, f.eye.focalCm / foot.z);
    }
    SeenMesh view = seen(mesh, f.eye, f.width, f.height);
    if (view.cover.empty())
        return l;
    l.left = view.left, l.top = view.top;
    std::vector<float> cover(view.cover.data(), view.cover.data() + view.cover.size());
    if (e.altitudeM < 0)
        bury(cover, view.cover.width(), l.top, l.groundRow);
    l.cover = {view.cover.width(), view.cover.height(), std::move(cover)};
    l.depth = view.depth;
    l.normal = view.normal;
    partWater(l, view);
    finish(l, Uncleared<Rgb>(l.cover.size(), tintOf(s)), f, e);
    return l;
}
} // namespace

std::optional<Layer> layerOf(const StageFrame& f, const Project& p, const Element& e, SurfaceCache& cache)
{
    auto layer = isCard(p, e) ? cardLayer(f, p, e, cache) : solidLayer(f, p, e, cache);
    if (!layer)
        return layer;
    layer->spans.resize(std::size_t(layer->height()));
    for (int y = 0; y < layer->height(); ++y) {
        const float* cover = layer->cover.row(y);
        int begin = 0, end = layer->width();
        while (begin < end && cover[begin] <= 0)
            ++begin;
        while (end > begin && cover[end - 1] <= 0)
            --end;
        layer->spans[std::size_t(y)] = {begin, end};
    }
    return layer;
}

} // namespace rl::stage
