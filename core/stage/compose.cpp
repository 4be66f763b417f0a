#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/colour/temperature.h"
#include "core/stage/layers.h"
#include "core/stage/resample.h"
#include <mutex>
#include <opencv2/imgproc.hpp>

namespace rl::stage {

namespace {
Rgb meanOf(const cv::Mat& m)
{
    if (m.empty())
        return {0.1f, 0.1f, 0.1f};
    const cv::Scalar s = cv::mean(m);
    const auto part = [&](int i) { return std::max(0.002f, float(s[i])); };
    return {part(0), part(1), part(2)};
}

Uncleared<Rgb> plainBackdrop(int width, int height, double horizon)
{
    Uncleared<Rgb> out(std::size_t(width) * std::size_t(height));
    for (int y = 0; y < height; ++y) {
        const bool sky = y + 0.5 < horizon;
        const double t = sky ? (y + 0.5) / std::max(horizon, 1.0) : 0;
        const Rgb c = sky ? Rgb{float(0.25 + 0.35 * t), float(0.32 + 0.3 * t), float(0.45 + 0.2 * t)}
                          : Rgb{0.30f, 0.28f, 0.25f};
        std::fill_n(out.begin() + std::ptrdiff_t(y) * width, width, c);
    }
    return out;
}

/// L* taken off every pixel, hue and saturation kept: each is scaled as its L* asks.
void dim(std::span<Rgb> linear, double dimL)
{
    if (dimL <= 0)
        return;
    parallelRows(int(linear.size()), [&](int begin, int end) {
        for (Rgb& c : linear.subspan(std::size_t(begin), std::size_t(end - begin))) {
            const float was = luminance(c);
            const float is = colour::luminanceOf(std::max(0.f, colour::lightness(was) - float(dimL)));
            c = c * (was > 1e-6f ? is / was : 1.f);
        }
    });
}

/// The backdrop scaled evenly so that its horizon lies on the stage's and it covers the canvas.
LinearPicture backdropOnCanvas(const Project& p, const StageFrame& f)
{
    const Reference* r = p.reference(p.backdrop.reference);
    const Photo photo = r ? r->pixels.photo() : Photo();
    if (photo.empty()) // none, or missing
        return {f.width, f.height, plainBackdrop(f.width, f.height, f.eye.horizon)};
    const Rect place = backdropPlace(p);
    const double step = r->pixels.width() / (place.width * f.pixelsPerCm); // picture px per frame px
    Uncleared<Rgb> laid = resampled(photo,
        {-place.x * f.pixelsPerCm * step, -place.y * f.pixelsPerCm * step, step, step, f.width, f.height},
        Beyond::Edge);
    dim(laid, p.backdrop.dimL);
    takeTone(laid, p.backdrop.tone);
    return {f.width, f.height, std::move(laid)};
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
    f.groundTop = std::clamp(int(std::ceil(f.eye.horizon)), 0, f.height);
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

/// What lay on the ground, and what of it is the sky's. No ground throws back more than it gets: one that seems to was
/// lit by something else (lamps, a flash), and is taken to throw back as much as grounds usually do.
void measureOwnLight(StageFrame& f, const Backdrop& b)
{
    constexpr float usual = 0.4f, surelyNot = 0.8f, surely = 1.2f; // shares of light thrown back
    const Rgb own = colour::blackBody(b.ownKelvin) * float(b.ownSun), all = f.skyOnGround() + own;
    const float share = luminance(f.sky.ground) / luminance(all);
    const float t = std::clamp((share - surelyNot) / (surely - surelyNot), 0.f, 1.f), lit = t * t * (3 - 2 * t);
    f.ownLight = all * (1 + lit * (share / usual - 1));
    // What is left without that sun: with it again the ground is as photographed.
    f.skyShare = {1 - own.r / f.ownLight.r, 1 - own.g / f.ownLight.g, 1 - own.b / f.ownLight.b};
}

void layGround(StageFrame& f, const Project& p)
{
    f.backdrop = backdropOnCanvas(p, f);
    measureSky(f);
    measureOwnLight(f, p.backdrop);
}
/// A thing shown only inside the outline of another.
void putInside(StageFrame& f, const Project& p)
{
    for (Layer& l : f.layers) {
        const Element* e = p.element(l.element);
        if (!e || !e->inside || l.cover.empty())
            continue;
        const auto host
            = std::find_if(f.layers.begin(), f.layers.end(), [&](const Layer& o) { return o.element == e->inside; });
        if (host == f.layers.end())
            continue;
        std::vector<float> cover(l.cover.size());
        for (int y = 0; y < l.height(); ++y)
            for (int x = 0; x < l.width(); ++x) {
                const int hx = x + l.left - host->left, hy = y + l.top - host->top;
                const float in = host->outline.contains(hx, hy) ? host->outline.at(hx, hy)
                    : host->cover.contains(hx, hy)              ? host->cover.at(hx, hy)
                                                                : 0.f;
                cover[std::size_t(y) * std::size_t(l.width()) + std::size_t(x)] = l.cover.at(x, y) * in;
            }
        l.cover = {l.width(), l.height(), std::move(cover)};
        l.order = std::min(l.order, host->order * (1 + 1e-9)); // just behind its front wall
    }
}
} // namespace

int StageFrame::idAt(int x, int y) const
{
    for (auto l = layers.rbegin(); l != layers.rend(); ++l)
        if (l->cover.contains(x - l->left, y - l->top) && l->cover.at(x - l->left, y - l->top) >= 0.5f)
            return l->element;
    return 0;
}

IdMap idsOf(const StageFrame& f)
{
    std::vector<std::int32_t> ids(std::size_t(f.width) * std::size_t(f.height), 0);
    parallelRows(f.height, [&](int begin, int end) {
        for (const Layer& l : f.layers)
            for (int y = std::max(begin, l.top); y < std::min(end, l.top + l.height()); ++y) {
                const auto [first, last] = l.spans[std::size_t(y - l.top)];
                std::int32_t* row = ids.data() + std::size_t(y) * std::size_t(f.width) + std::size_t(l.left);
                const float* cover = l.cover.row(y - l.top);
                for (int x = first; x < last; ++x)
                    row[x] = cover[x] >= 0.5f ? l.element : row[x];
            }
    });
    return {f.width, f.height, std::move(ids)};
}

LinearPicture backdropOf(const Project& p, int widthPx)
{
    StageFrame f;
    measureFrame(f, p, widthPx);
    return backdropOnCanvas(p, f);
}

bool Composer::sameEye(const Project& p, int widthPx) const
{
    return m_frame && m_widthPx == widthPx && m_camera == p.camera && m_widthCm == p.brief.widthCm
        && m_heightCm == p.brief.heightCm;
}

bool Composer::sameGround(const Project& p, int widthPx) const
{
    const Reference* r = p.reference(p.backdrop.reference);
    return sameEye(p, widthPx) && m_backdrop == p.backdrop && !m_backdropMissing
        && m_backdropPixels.identity() == (r ? r->pixels.identity() : nullptr);
}

const Composer::Kept* Composer::known(const Project& p, const Element& e) const
{
    const Cutout* c = p.cutout(e.cutout);
    const Reference* of = c ? p.reference(c->reference) : nullptr;
    const auto k = std::find_if(m_kept.begin(), m_kept.end(), [&](const Kept& k) {
        return k.element == e && k.alpha.identity() == (c ? c->alpha.identity() : nullptr)
            && k.photo.identity() == (of ? of->pixels.identity() : nullptr) && (!c || k.pins == c->pins);
    });
    return k != m_kept.end() ? &*k : nullptr;
}

/// Those of different mattes at once, so that the first picture comes sooner; what is kept needs none.
void Composer::makeSurfaces(const Project& p, bool kept, SurfaceCache& cache) const
{
    constexpr std::size_t most = 48; // fewer than the cache holds
    std::vector<const Element*> first; // of each cut-out
    for (const Element& e : p.elements)
        if (p.cutout(e.cutout) && first.size() < most && !(kept && known(p, e))
            && std::none_of(first.begin(), first.end(), [&](const Element* o) { return o->cutout == e.cutout; }))
            first.push_back(&e);
    parallelItems(int(first.size()), [&](int i) { (void)cache.surface(p, *first[std::size_t(i)], m_surfacePx); });
}

void Composer::keepGround(StageFrame& f) const
{
    f.backdrop = m_frame->backdrop, f.sky = m_frame->sky;
    f.ownLight = m_frame->ownLight, f.skyShare = m_frame->skyShare;
}

std::shared_ptr<const StageFrame> Composer::compose(
    const Project& p, int widthPx, SurfaceCache& cache, Progress& progress)
{
    auto frame = std::make_shared<StageFrame>();
    StageFrame& f = *frame;
    measureFrame(f, p, widthPx);
    const bool eye = sameEye(p, widthPx);
    f.surfacePx = m_surfacePx;
    makeSurfaces(p, eye, cache);
    progress.report(0, tr("laying the backdrop"));
    std::vector<std::optional<Layer>> layers(p.elements.size());
    std::vector<int> anew;
    if (sameGround(p, widthPx))
        keepGround(f);
    else
        anew.push_back(-1);
    for (std::size_t i = 0; i < layers.size(); ++i) {
        if (const Kept* as = eye ? known(p, p.elements[i]) : nullptr)
            layers[i] = as->layer;
        else
            anew.push_back(int(i));
    }
    int done = 0;
    std::mutex reporting;
    const auto make = [&](int k) {
        if (progress.cancelled())
            return;
        if (anew[std::size_t(k)] < 0) {
            layGround(f, p);
            return;
        }
        const auto i = std::size_t(anew[std::size_t(k)]);
        {
            const std::lock_guard lock(reporting);
            progress.report(0.2 + 0.8 * done++ / double(anew.size()), tr("standing up %1", p.elements[i].name));
        }
        layers[i] = layerOf(f, p, p.elements[i], cache);
    };
    // The backdrop and each element by itself, for none looks at another; one alone is shared out by its rows.
    if (anew.size() == 1)
        make(0);
    else
        parallelItems(int(anew.size()), make);
    if (progress.cancelled())
        return nullptr;
    std::vector<Kept> kept;
    for (std::size_t i = 0; i < layers.size(); ++i) {
        if (!layers[i])
            continue;
        const Element& e = p.elements[i];
        const Cutout* c = p.cutout(e.cutout);
        const Reference* of = c ? p.reference(c->reference) : nullptr;
        f.layers.push_back(std::move(*layers[i]));
        kept.push_back({e, c ? c->alpha : Mask(), of ? of->pixels : LazyPhoto(), c ? c->pins : std::vector<Pin>(),
            f.layers.back()});
    }
    putInside(f, p);
    std::stable_sort(
        f.layers.begin(), f.layers.end(), [](const Layer& a, const Layer& b) { return a.order > b.order; });
    const Reference* r = p.reference(p.backdrop.reference);
    m_frame = frame, m_kept = std::move(kept), m_camera = p.camera, m_backdrop = p.backdrop;
    m_backdropPixels = r ? r->pixels : LazyPhoto();
    m_backdropMissing = m_backdropPixels.missing();
    m_widthCm = p.brief.widthCm, m_heightCm = p.brief.heightCm, m_widthPx = widthPx;
    return frame;
}

std::shared_ptr<const StageFrame> compose(const Project& p, int widthPx, SurfaceCache& cache, Progress& progress)
{
    Composer composer;
    return composer.compose(p, widthPx, cache, progress);
}

} // namespace rl::stage
