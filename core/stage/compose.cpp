#include "core/stage/compose.h"
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include <opencv2/imgproc.hpp>

namespace rl::stage {

namespace {
/// The part of an image that lands on a grid: grid pixel (i, j) centre ↔ source (ox + (i + .5) s, oy + (j + .5) s).
cv::Mat resampled(const cv::Mat& source, double ox, double oy, double step, int width, int height, int border)
{
    cv::Mat from = source;
    double s = step, shrink = 1;
    if (step > 1.5) { // average first, so that fine detail does not alias
        const cv::Size size(
            std::max(1, int(std::lround(source.cols / step))), std::max(1, int(std::lround(source.rows / step))));
        cv::resize(source, from, size, 0, 0, cv::INTER_AREA);
        shrink = double(source.cols) / size.width;
        s = step / shrink;
    }
    const double bx = ox / shrink + 0.5 * s - 0.5, by = oy / shrink + 0.5 * s - 0.5;
    const cv::Matx23d map(s, 0, bx, 0, s, by);
    cv::Mat out;
    cv::warpAffine(
        from, out, map, cv::Size(width, height), cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, border, cv::Scalar::all(0));
    return out;
}

Rgb meanOf(const cv::Mat& m)
{
    if (m.empty())
        return {0.1f, 0.1f, 0.1f};
    const cv::Scalar s = cv::mean(m);
    const auto part = [&](int i) { return std::max(0.002f, float(s[i])); };
    return {part(0), part(1), part(2)};
}

cv::Mat plainBackdrop(int width, int height, double horizon)
{
    cv::Mat m(height, width, CV_32FC3);
    for (int y = 0; y < height; ++y) {
        const bool sky = y + 0.5 < horizon;
        const double t = sky ? (y + 0.5) / std::max(horizon, 1.0) : 0;
        const cv::Vec3f c = sky ? cv::Vec3f(float(0.25 + 0.35 * t), float(0.32 + 0.3 * t), float(0.45 + 0.2 * t))
                                : cv::Vec3f(0.30f, 0.28f, 0.25f);
        m.row(y).setTo(cv::Scalar(double(c[0]), double(c[1]), double(c[2])));
    }
    return m;
}

/// L* taken off every pixel, hue and saturation kept: each is scaled as its L* asks.
void dim(cv::Mat& linear, double dimL)
{
    if (dimL <= 0)
        return;
    parallelRows(linear.rows, [&](int begin, int end) {
        for (int y = begin; y < end; ++y)
            for (int x = 0; x < linear.cols; ++x) {
                cv::Vec3f& c = linear.at<cv::Vec3f>(y, x);
                const float was = luminance({c[0], c[1], c[2]});
                const float is = colour::luminanceOf(std::max(0.f, colour::lightness(was) - float(dimL)));
                c *= was > 1e-6f ? is / was : 1.f;
            }
    });
}

/// The backdrop scaled evenly so that its horizon lies on the stage's and it covers the canvas.
cv::Mat backdropOnCanvas(const Project& p, const StageFrame& f)
{
    const Reference* r = p.reference(p.backdrop.reference);
    if (!r)
        return plainBackdrop(f.width, f.height, f.eye.horizon);
    const Rect place = backdropPlace(p);
    const double step = r->pixels.width() / (place.width * f.pixelsPerCm); // picture px per frame px
    const LinearPicture linear = colour::linearOf(r->pixels);
    cv::Mat laid = resampled(linear.mat(), -place.x * f.pixelsPerCm * step, -place.y * f.pixelsPerCm * step, step,
        f.width, f.height, cv::BORDER_REPLICATE);
    dim(laid, p.backdrop.dimL);
    return laid;
}

/// A frame of the canvas' size, with nothing in it yet.
void measureFrame(StageFrame& f, const Project& p, int widthPx)
{
    f.width = std::clamp(widthPx, 16, 20000);
    f.pixelsPerCm = f.width / p.brief.widthCm;
    f.height = std::clamp(int(std::lround(p.brief.heightCm * f.pixelsPerCm)), 1, 20000);
    f.eye = eyeOf(p);
    f.eye.focalCm *= f.pixelsPerCm;
    f.eye.x0 *= f.pixelsPerCm;
    f.eye.horizon *= f.pixelsPerCm;
}

/// Black point, white point and cast brought towards those of the surroundings.
void takeTone(std::vector<Rgb>& albedo, const Tone& t)
{
    if (t.amount <= 0)
        return;
    const double slope = (t.lightTo - t.darkTo) / std::max(1.0, t.lightFrom - t.darkFrom);
    parallelRows(int(albedo.size()), [&](int begin, int end) {
        for (int i = begin; i < end; ++i) {
            colour::Lab c = colour::toLab(albedo[std::size_t(i)]);
            const double wanted = t.darkTo + (double(c.L) - t.darkFrom) * slope;
            c.L += float(t.amount * (std::max(0.0, wanted) - double(c.L)));
            c.a += float(t.amount * t.a), c.b += float(t.amount * t.b);
            const Rgb out = colour::fromLab(c);
            albedo[std::size_t(i)] = {std::max(0.f, out.r), std::max(0.f, out.g), std::max(0.f, out.b)};
        }
    });
}

void measureSky(StageFrame& f)
{
    const cv::Mat b = f.backdrop.mat();
    const int horizon = std::clamp(int(std::lround(f.eye.horizon)), 0, f.height);
    const int band = std::max(1, f.height / 8);
    f.sky.horizon = meanOf(b.rowRange(std::max(0, horizon - band), std::max(1, horizon)));
    f.sky.zenith = meanOf(b.rowRange(0, std::max(1, std::min(horizon, std::max(1, horizon / 2)))));
    f.sky.ground = horizon < f.height ? meanOf(b.rowRange(horizon, f.height)) : f.sky.horizon * 0.5f;
}

Rgb divided(Rgb a, Rgb b)
{
    return {a.r / b.r, a.g / b.g, a.b / b.b};
}

/// What the ground is made of: the photograph over the sky light that lay on it.
void takeGround(StageFrame& f)
{
    f.groundTop = std::clamp(int(std::ceil(f.eye.horizon)), 0, f.height);
    if (f.groundTop >= f.height)
        return;
    const Rgb up = f.sky.zenith * 0.6f + f.sky.horizon * 0.4f;
    std::vector<Rgb> out(std::size_t(f.height - f.groundTop) * std::size_t(f.width));
    const Rgb* from = f.backdrop.row(f.groundTop);
    for (std::size_t i = 0; i < out.size(); ++i) {
        const Rgb c = divided(from[i], up);
        out[i] = {std::min(c.r, 2.f), std::min(c.g, 2.f), std::min(c.b, 2.f)};
    }
    f.groundAlbedo = {f.width, f.height - f.groundTop, std::move(out)};
}

CasterCard casterOf(const Surface& s, bool mirrored, const Placement& place, double centreX)
{
    CasterCard card;
    cv::Mat cover, flipped;
    const double shrink = std::min(1.0, 320.0 / std::max(s.alpha.width(), s.alpha.height()));
    cv::resize(s.alpha.mat(), cover,
        cv::Size(std::max(1, int(std::lround(s.alpha.width() * shrink))),
            std::max(1, int(std::lround(s.alpha.height() * shrink)))),
        0, 0, cv::INTER_AREA);
    cover.convertTo(cover, CV_32F, 1 / 255.0);
    if (mirrored)
        cv::flip(cover, cover, 1);
    card.pixelsPerM = cover.rows / place.heightM;
    card.left = centreX - place.widthM / 2;
    card.top = place.altitudeM + place.heightM;
    card.z = place.distance;
    card.foot.assign(std::size_t(cover.cols), 0.f);
    if (place.altitudeM < 0.05 * place.heightM) {
        const int rows = std::max(1, cover.rows / 25);
        for (int x = 0; x < cover.cols; ++x)
            card.foot[std::size_t(x)] = float(cv::mean(cover(cv::Rect(x, cover.rows - rows, 1, rows)))[0]);
    }
    while (true) {
        card.mips.push_back(Plane::fromMat(cover));
        if (std::max(cover.cols, cover.rows) <= 2)
            break;
        cv::Mat soft, half;
        cv::blur(cover, soft, cv::Size(3, 3), cv::Point(-1, -1), cv::BORDER_CONSTANT);
        cv::resize(
            soft, half, cv::Size(std::max(1, cover.cols / 2), std::max(1, cover.rows / 2)), 0, 0, cv::INTER_AREA);
        cover = half;
    }
    return card;
}

/// The photograph's own shading on the relief, mean 1 over the cut-out, raised to the wanted strength.
void takeOwnLightOff(
    std::vector<Rgb>& albedo, const Raster<Vec3f>& normal, const Plane& cover, const PictureLight& own, double strength)
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
    const float mean = float(sum / std::max(weight, 1e-6));
    for (std::size_t i = 0; i < albedo.size(); ++i)
        albedo[i] = albedo[i] * (1 / std::pow(std::clamp(shade[i] / mean, 0.35f, 2.5f), float(power)));
}

bool addLayer(StageFrame& f, const Project& p, const Element& e, SurfaceCache& cache)
{
    const Cutout* c = p.cutout(e.cutout);
    if (!c || c->alpha.empty())
        return false;
    const Placement place = placementOf(p, e, cache.shape(*c));
    if (!place.visible)
        return false;
    const auto surface = cache.surface(p, e);
    if (surface->colour.empty())
        return false;
    const double k = f.pixelsPerCm;
    const Rect px{place.canvas.x * k, place.canvas.y * k, place.canvas.width * k, place.canvas.height * k};
    Layer layer;
    layer.element = e.id;
    layer.distance = place.distance;
    layer.material = e.material;
    layer.groundRow = e.baseCm.y * k;
    layer.footRow = px.bottom();
    layer.headRow = px.y;
    const Eye eye = eyeOf(p);
    layer.caster = casterOf(*surface, e.mirrored, place, (e.baseCm.x - eye.x0) * place.distance / eye.focalCm);
    layer.left = std::max(0, int(std::floor(px.x)));
    layer.top = std::max(0, int(std::floor(px.y)));
    const int right = std::min(f.width, int(std::ceil(px.right()))),
              bottom = std::min(f.height, int(std::ceil(px.bottom())));
    const int w = std::max(0, right - layer.left), h = std::max(0, bottom - layer.top);
    if (w > 0 && h > 0) {
        const double step = surface->colour.width() / px.width;
        const double ox = (layer.left - px.x) * step, oy = (layer.top - px.y) * step;
        const auto part = [&](const cv::Mat& m, int border) {
            cv::Mat source = m;
            if (e.mirrored)
                cv::flip(m, source, 1);
            return resampled(source, ox, oy, step, w, h, border);
        };
        cv::Mat cover;
        surface->alpha.mat().convertTo(cover, CV_32F, 1 / 255.0);
        layer.cover = Plane::fromMat(part(cover, cv::BORDER_CONSTANT));
        const cv::Mat normals = part(surface->normals.mat(), cv::BORDER_REPLICATE);
        std::vector<Vec3f> turned(layer.cover.size());
        parallelRows(h, [&](int begin, int end) {
            for (int y = begin; y < end; ++y)
                for (int x = 0; x < w; ++x) {
                    const cv::Vec3f n = normals.at<cv::Vec3f>(y, x);
                    const float s = 1 / std::max(std::sqrt(n.dot(n)), 1e-6f);
                    turned[std::size_t(y) * std::size_t(w) + std::size_t(x)]
                        = {e.mirrored ? -n[0] * s : n[0] * s, n[1] * s, -n[2] * s};
                }
        });
        layer.normal = {w, h, std::move(turned)};
        const cv::Mat colour = part(surface->colour.mat(), cv::BORDER_REPLICATE);
        std::vector<Rgb> albedo(layer.cover.size());
        std::memcpy(static_cast<void*>(albedo.data()), colour.data, albedo.size() * sizeof(Rgb));
        if (e.material != Material::Glowing)
            takeOwnLightOff(albedo, layer.normal, layer.cover, ownLight(p, e, cache), e.delight);
        takeTone(albedo, e.tone);
        layer.albedo = {w, h, std::move(albedo)};
    } else {
        layer.cover = Plane();
    }
    f.layers.push_back(std::move(layer));
    return true;
}

void mapIds(StageFrame& f)
{
    std::vector<std::int32_t> ids(std::size_t(f.width) * std::size_t(f.height), 0);
    for (const Layer& l : f.layers)
        for (int y = 0; y < l.height(); ++y) {
            std::int32_t* row = ids.data() + std::size_t(l.top + y) * std::size_t(f.width) + std::size_t(l.left);
            const float* cover = l.cover.row(y);
            for (int x = 0; x < l.width(); ++x)
                if (cover[x] >= 0.5f)
                    row[x] = l.element;
        }
    f.ids = {f.width, f.height, std::move(ids)};
}
} // namespace

LinearPicture backdropOf(const Project& p, int widthPx)
{
    StageFrame f;
    measureFrame(f, p, widthPx);
    return LinearPicture::fromMat(backdropOnCanvas(p, f));
}

std::shared_ptr<const StageFrame> compose(const Project& p, int widthPx, SurfaceCache& cache, Progress& progress)
{
    auto frame = std::make_shared<StageFrame>();
    StageFrame& f = *frame;
    measureFrame(f, p, widthPx);
    progress.report(0, "laying the backdrop");
    f.backdrop = LinearPicture::fromMat(backdropOnCanvas(p, f));
    measureSky(f);
    takeGround(f);
    int done = 0;
    for (const Element& e : p.elements) {
        if (progress.cancelled())
            return nullptr;
        progress.report(0.2 + 0.8 * done++ / double(p.elements.size()), "standing up " + e.name);
        addLayer(f, p, e, cache);
    }
    std::stable_sort(
        f.layers.begin(), f.layers.end(), [](const Layer& a, const Layer& b) { return a.distance > b.distance; });
    mapIds(f);
    return frame;
}

} // namespace rl::stage
