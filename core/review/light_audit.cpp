#include "core/review/light_audit.h"
#include "core/base/parallel.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/cutout/cut.h"
#include "core/gather/fit.h"
#include "core/gather/light_measures.h"
#include "core/light/tone.h"
#include "core/stage/match.h"
#include <opencv2/imgproc.hpp>

namespace rl::review {

namespace {
Mask maskOf(const IdMap& ids, int element)
{
    return Mask::fromMat(cv::Mat(ids.mat() == element));
}

/// The element's rectangle with room around it; empty when it is not seen.
cv::Rect around(const Mask& mask, int room)
{
    const cv::Rect box = cv::boundingRect(mask.mat());
    if (box.width < 6 || box.height < 6)
        return {};
    return cv::Rect(box.x - room, box.y - room, box.width + 2 * room, box.height + 2 * room)
        & cv::Rect(0, 0, mask.width(), mask.height());
}

LightTold toldBy(const gather::PictureMeasure& m)
{
    LightTold t;
    t.direction = m.light;
    if (m.light.confidence >= 0.25)
        t.softness = m.softness, t.kelvin = m.lightKelvin;
    t.level = m.lightL;
    return t;
}

LightTold plannedFor(const Project& p, const Element& e, const stage::StageFrame& f, stage::SurfaceCache& cache)
{
    const light::PlannedLight plan = light::plannedLight(p, e, cache);
    LightTold t;
    t.direction = plan.direction;
    if (plan.level <= 0)
        t.direction.confidence = 0;
    const double sky = p.lights.air.skyStrength
        * double(luminance(f.sky.horizon * 0.5f + f.sky.zenith * 0.25f + f.sky.ground * 0.25f));
    t.softness = sky + plan.level > 0 ? sky / (sky + plan.level) : -1;
    Rgb colour{};
    const Sun& s = p.lights.sun;
    if (s.on)
        colour = colour + light::colourOf(s) * float(s.strength);
    const stage::Placement place = stage::placed(p, e, cache);
    const Vec3 middle = stage::atDistance(stage::eyeOf(p), place.canvas.centre(), place.distance);
    for (const Lantern& l : light::burningOf(p.lights, nullptr)) {
        const Vec3 to = l.position - middle;
        const double d = std::max(to.length(), 1e-6);
        colour = colour + light::colourOf(l) * float(l.strength * light::lanternIrradiance(l, middle, to * (1 / d)));
    }
    t.kelvin = luminance(colour) > 0 ? gather::colourTemperature(colour) : 0;
    t.level = colour::toLab(Rgb{1, 1, 1} * float(std::min(1.0, 0.7 * (plan.level + sky)))).L;
    return t;
}

double ramp(double v, double from, double full)
{
    return std::clamp((v - from) / (full - from), 0.0, 1.0);
}

/// L* under which 2 % of the chosen pixels lie.
double blackPoint(const LinearPicture& picture, const cv::Rect& box, const std::function<bool(int, int)>& chosen)
{
    std::vector<float> all;
    for (int y = box.y; y < box.y + box.height; ++y)
        for (int x = box.x; x < box.x + box.width; ++x)
            if (chosen(x, y))
                all.push_back(colour::toLab(picture.at(x, y)).L);
    if (all.size() < 40)
        return -1;
    const auto at = all.begin() + long(all.size() / 50);
    std::nth_element(all.begin(), at, all.end());
    return double(*at);
}

/// Is the ground darker just under its feet than a little beside them? Ratio of luminance, 1 = no contact at all.
/// Feet: columns whose lowest pixel lies within the last twentieth of the height.
double contactRatio(const light::Picture& picture, const Mask& mask, const cv::Rect& box)
{
    const int w = picture.colour.width(), h = picture.colour.height();
    const auto ground = [&](int x, int y) {
        return x >= 0 && y >= 0 && x < w && y < h && picture.ids.at(x, y) == 0
            ? double(luminance(picture.colour.at(x, y)))
            : -1;
    };
    std::vector<int> lowest(std::size_t(w), -1);
    int bottom = -1, top = h;
    for (int x = box.x; x < box.x + box.width; ++x)
        for (int y = box.y; y < box.y + box.height; ++y)
            if (mask.at(x, y))
                lowest[std::size_t(x)] = y, bottom = std::max(bottom, y), top = std::min(top, y);
    double under = 0, beside = 0;
    int n = 0, m = 0;
    const int reach = std::max(8, box.width / 2);
    for (int x = box.x; x < box.x + box.width; ++x) {
        const int y = lowest[std::size_t(x)];
        if (y < bottom - std::max(1, (bottom - top) / 20))
            continue;
        if (const double v = ground(x, y + 2); v >= 0)
            under += v, ++n;
        for (const int side : {-1, 1})
            if (const double v = ground(x + side * reach, y + 2); v >= 0)
                beside += v, ++m;
    }
    return n < 2 || m < 2 || beside <= 0 ? -1 : std::min(1.0, under / n / (beside / m));
}

void judge(const Project& p, const Element& e, const light::Picture& picture, const Mask& mask, const cv::Rect& box,
    stage::SurfaceCache& cache, AuditRow& row)
{
    const auto add = [&](CauseKind kind, const std::string& what, double weight) {
        if (weight > 0.01)
            row.causes.push_back({kind, what, weight});
    };
    // What cannot be told has no weight: the direction by the light it was photographed in, the warmth by a light that
    // shows in the picture.
    const auto side = light::sideOff(p, e, cache);
    row.sideTold = side.has_value();
    if (side && row.planned.softness < 0.85)
        add(CauseKind::Direction,
            tr("it was photographed with its light %1° from where it should be", fixed(side->off, 0)),
            kWeightDirection * ramp(side->off, kDirectionFrom, kDirectionFull));
    const bool told
        = row.now.direction.confidence >= 0.25 && row.planned.direction.confidence > 0 && row.planned.softness < 0.85;
    if (row.now.kelvin > 0 && row.planned.kelvin > 0 && told) {
        const double mired = std::abs(1e6 / row.now.kelvin - 1e6 / row.planned.kelvin);
        add(CauseKind::Warmth,
            tr("its light is %1 mired %2 than planned", fixed(mired, 0),
                row.now.kelvin > row.planned.kelvin ? tr("cooler") : tr("warmer")),
            kWeightWarmth * ramp(mired, kWarmthFrom, kWarmthFull));
    }
    const auto inside = [&](int x, int y) { return mask.at(x, y) > 0; };
    const auto beside = [&](int x, int y) { return picture.ids.at(x, y) == 0; };
    const double own = blackPoint(picture.colour, box, inside), other = blackPoint(picture.colour, box, beside);
    if (own >= 0 && other >= 0)
        add(CauseKind::Darks,
            tr("its darkest dark lies %1 L* %2 that of what surrounds it", fixed(std::abs(own - other), 0),
                own < other ? tr("under") : tr("over")),
            kWeightDarks * ramp(std::abs(own - other), own < other ? kDarksUnderFrom : kDarksOverFrom, kDarksFull));
    // Through thick air no contact is seen, and none is missed.
    const double clear = light::throughAir(stage::placed(p, e, cache).distance, p.lights.air.halfContrastM);
    if (std::abs(e.altitudeM) < 0.05 * e.heightM && e.standin.solid != Solid::Path && clear > 0.6)
        if (const double ratio = contactRatio(picture, mask, box); ratio > 0)
            add(CauseKind::Contact, tr("the ground under its foot is hardly darker than beside it"),
                kWeightContact * ramp(ratio, kContactFrom, 1));
    if (p.cutout(e.cutout)) {
        const auto surface = cache.surface(p, e, 700);
        const double halo = surface->alpha.empty() ? 0 : cutout::edgeQuality(surface->colour, surface->alpha).halo;
        add(CauseKind::Halo, tr("its edge keeps colour of the old background, ΔE %1", fixed(halo, 0)),
            kWeightHalo * ramp(halo, kHaloFrom, kHaloFull));
    }
    std::stable_sort(
        row.causes.begin(), row.causes.end(), [](const Cause& a, const Cause& b) { return a.weight > b.weight; });
    double clean = 1;
    for (const Cause& c : row.causes)
        clean *= 1 - c.weight;
    row.sticker = 1 - clean;
}

/// The lighter and the darker half of the form, each as up to four colours.
void families(const light::Picture& picture, const Mask& mask, const cv::Rect& box, AuditRow& row)
{
    std::vector<colour::Lab> all;
    for (int y = box.y; y < box.y + box.height; ++y)
        for (int x = box.x; x < box.x + box.width; ++x)
            if (mask.at(x, y))
                all.push_back(colour::toLab(picture.colour.at(x, y)));
    if (all.size() < 60)
        return;
    std::sort(all.begin(), all.end(), [](const auto& a, const auto& b) { return a.L > b.L; });
    // Where light ends and shade begins: the split with the least spread inside both (Otsu 1979).
    std::vector<double> sums{0};
    for (const auto& c : all)
        sums.push_back(sums.back() + double(c.L));
    std::size_t split = all.size() / 2;
    double best = -1;
    for (std::size_t i = all.size() / 20; i < all.size() - all.size() / 20; ++i) {
        const double n = double(i), m = double(all.size() - i), d = sums[i] / n - (sums.back() - sums[i]) / m;
        if (n * m * d * d > best)
            best = n * m * d * d, split = i;
    }
    const auto strip = [&](std::size_t from, std::size_t to, std::vector<Family>& out) {
        double b = 0;
        for (std::size_t k = 0; k < 4; ++k) {
            const std::size_t i0 = from + (to - from) * k / 4, i1 = from + (to - from) * (k + 1) / 4;
            if (i1 <= i0)
                continue;
            Family f;
            for (std::size_t i = i0; i < i1; ++i)
                f.L += double(all[i].L), f.a += double(all[i].a), f.b += double(all[i].b);
            const double n = double(i1 - i0);
            f.L /= n, f.a /= n, f.b /= n, f.share = n / double(all.size());
            f.colour = colour::codeOf(colour::fromLab({float(f.L), float(f.a), float(f.b)}));
            b += f.b / 4;
            out.push_back(f);
        }
        return b;
    };
    row.warmerBy = strip(0, split, row.light) - strip(split, all.size(), row.shade);
}
/// How much of the lamps' light arrives on a layer, and how light a white card would be in the strongest of it.
void reach(const Project& p, const stage::StageFrame& f, const light::LampSources& lamps, std::size_t k, AuditRow& row)
{
    const stage::Layer& l = f.layers[k];
    double arrives = 0, sent = 0;
    std::vector<double> given(lamps.size(), 0.0);
    std::vector<float> levels;
    light::LightRow scratch;
    for (int y = 1; y < l.height(); y += std::max(1, l.height() / 40)) {
        const auto [begin, end] = l.spans[std::size_t(y)];
        std::vector<float> sum(std::size_t(l.width()), 0.f);
        for (std::size_t i = 0; i < lamps.size(); ++i) {
            const auto& lamp = lamps[i];
            const auto view = lamp->layerRow(k, y, scratch);
            const float strength = luminance(lamp->colour);
            for (int x = begin; x < end; x += 3) {
                const float e = strength * view.e[x], through = std::max(light::lightThrough(view.shade[x]), 1e-30f);
                arrives += double(e * l.cover.at(x, y)), sent += double(e / through * l.cover.at(x, y));
                sum[std::size_t(x)] += e;
                given[i] += double(e * l.cover.at(x, y));
            }
        }
        for (int x = begin; x < end; x += 3)
            if (l.cover.at(x, y) > 0.5f)
                levels.push_back(sum[std::size_t(x)]);
    }
    row.reached = sent > 1e-6 ? std::clamp(arrives / sent, 0.0, 1.0) : 1;
    if (levels.size() < 12)
        return;
    const auto at = levels.begin() + long(levels.size() * 97 / 100);
    std::nth_element(levels.begin(), at, levels.end());
    const double sky = p.lights.air.skyStrength * double(std::max(luminance(f.sky.horizon), luminance(f.sky.zenith)));
    const float shows = float(0.9 * (double(*at) + sky));
    // A white card, where a fifth of the thing is lit as much or more: a small place beside a lamp may burn out.
    const auto fifth = levels.begin() + long(levels.size() * 4 / 5);
    std::nth_element(levels.begin(), fifth, levels.end());
    const double gain = 0.9 * std::exp2(p.lights.air.exposureStops),
                 white = std::max(1e-6, gain * (double(*fifth) + sky));
    row.overStops = std::max(0.0, std::log2(white));
    row.overShare
        = double(std::count_if(levels.begin(), levels.end(), [&](float l) { return gain * (double(l) + sky) > 1; }))
        / double(levels.size());
    if (!lamps.empty()) {
        const auto& most = lamps[std::size_t(std::max_element(given.begin(), given.end()) - given.begin())];
        row.overBy = most->lantern ? most->lantern->id : 0;
    }
    row.cardL = double(colour::toLab(light::fitted({shows, shows, shows}, light::exposureOf(p.lights.air))).L);
}

double lightestOf(const light::Picture& picture, const Mask& mask, const cv::Rect& box)
{
    std::vector<float> all;
    for (int y = box.y; y < box.y + box.height; ++y)
        for (int x = box.x; x < box.x + box.width; ++x)
            if (mask.at(x, y))
                all.push_back(colour::toLab(picture.colour.at(x, y)).L);
    if (all.size() < 40)
        return -1;
    const auto at = all.begin() + long(all.size() * 98 / 100);
    std::nth_element(all.begin(), at, all.end());
    return double(*at);
}
} // namespace

namespace {
gather::LightMeasures& lightMeasures() // of cut-outs, by their content: the same in every work
{
    static gather::LightMeasures all;
    return all;
}

/// One row; element 0 where too little of it is seen.
AuditRow rowOf(const Project& p, const Element& e, const stage::StageFrame& frame, const light::Picture& picture,
    const Photo& whole, const light::LampSources& lamps, stage::SurfaceCache& cache)
{
    AuditRow row;
    const Mask mask = maskOf(picture.ids, e.id);
    const cv::Rect box = around(mask, std::max(6, picture.ids.width() / 60));
    if (box.empty())
        return row;
    row.element = e.id;
    const Cutout* c = p.cutout(e.cutout);
    if (const Reference* r = c ? p.reference(c->reference) : nullptr; r && !c->alpha.empty() && !r->pixels.missing()) {
        row.photographed = toldBy(gather::overruled(lightMeasures().of(*r, c->alpha, cache.light(p, e)), r->overrule));
        row.photographed.direction = stage::ownLight(p, e, cache); // mirrored, overruled
    }
    row.planned = plannedFor(p, e, frame, cache);
    const Photo crop = Photo::fromMat(whole.mat()(box).clone());
    const Mask part = Mask::fromMat(mask.mat()(box).clone());
    row.now = toldBy(gather::measuredLight(crop, part));
    judge(p, e, picture, mask, box, cache, row);
    families(picture, mask, box, row);
    row.lightest = lightestOf(picture, mask, box);
    for (std::size_t k = 0; k < frame.layers.size(); ++k)
        if (frame.layers[k].element == e.id)
            reach(p, frame, lamps, k, row);
    return row;
}
} // namespace

std::vector<AuditRow> lightAudit(const Project& p, std::shared_ptr<const stage::StageFrame> frame,
    const light::Picture& picture, stage::SurfaceCache& cache, Progress& progress, int only)
{
    std::vector<AuditRow> rows(p.elements.size());
    const Photo whole = colour::codeOf(picture.colour);
    const light::LampSources lamps = light::sourcesOf(*frame, p.lights);
    parallelItems(int(rows.size()), [&](int i) {
        const Element& e = p.elements[std::size_t(i)];
        if (!progress.cancelled() && (!only || e.id == only))
            rows[std::size_t(i)] = rowOf(p, e, *frame, picture, whole, lamps, cache);
    });
    std::erase_if(rows, [](const AuditRow& r) { return r.element == 0; });
    return rows;
}

} // namespace rl::review
