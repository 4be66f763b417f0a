#include "core/review/light_audit.h"
#include "core/base/text.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/cutout/cut.h"
#include "core/gather/fit.h"
#include "core/light/tone.h"
#include "core/stage/match.h"
#include <opencv2/imgproc.hpp>

namespace rl::review {

namespace {
Mask maskOf(const IdMap& ids, int element)
{
    std::vector<std::uint8_t> out(ids.size());
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = ids.data()[i] == element ? 255 : 0;
    return {ids.width(), ids.height(), std::move(out)};
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
    const auto add = [&](const std::string& what, double weight) {
        if (weight > 0.01)
            row.causes.push_back({what, weight});
    };
    const bool told
        = row.now.direction.confidence >= 0.25 && row.planned.direction.confidence > 0 && row.planned.softness < 0.85;
    if (told && row.now.direction.elevation < 60 && row.planned.direction.elevation < 60) {
        const double off = std::abs(turnBetween(row.now.direction.azimuth, row.planned.direction.azimuth));
        add("its light still comes " + fixed(off, 0) + "° from where it should", 0.7 * ramp(off, 20, 90));
    }
    if (row.now.kelvin > 0 && row.planned.kelvin > 0 && told) {
        const double mired = std::abs(1e6 / row.now.kelvin - 1e6 / row.planned.kelvin);
        add("its light is " + fixed(mired, 0) + " mired " + (row.now.kelvin > row.planned.kelvin ? "colder" : "warmer")
                + " than planned",
            0.4 * ramp(mired, 60, 200));
    }
    const auto inside = [&](int x, int y) { return mask.at(x, y) > 0; };
    const auto beside = [&](int x, int y) { return picture.ids.at(x, y) == 0; };
    const double own = blackPoint(picture.colour, box, inside), other = blackPoint(picture.colour, box, beside);
    if (own >= 0 && other >= 0)
        add("its darkest dark lies " + fixed(std::abs(own - other), 0) + " L* " + (own < other ? "under" : "over")
                + " that of what surrounds it",
            0.5 * ramp(std::abs(own - other), own < other ? 10 : 16, 34));
    // Through thick air no contact is seen, and none is missed.
    const double clear = light::throughAir(stage::placed(p, e, cache).distance, p.lights.air.halfContrastM);
    if (std::abs(e.altitudeM) < 0.05 * e.heightM && e.standin.solid != Solid::Path && clear > 0.6)
        if (const double ratio = contactRatio(picture, mask, box); ratio > 0)
            add("the ground under its foot is hardly darker than beside it", 0.4 * ramp(ratio, 0.88, 1));
    if (p.cutout(e.cutout)) {
        const auto surface = cache.surface(p, e, 700);
        const double halo = surface->alpha.empty() ? 0 : cutout::edgeQuality(surface->colour, surface->alpha).halo;
        add("its edge keeps colour of the old background, ΔE " + fixed(halo, 0), 0.4 * ramp(halo, 10, 30));
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
    std::vector<float> levels;
    light::LightRow scratch;
    for (int y = 1; y < l.height(); y += std::max(1, l.height() / 40)) {
        const auto [begin, end] = l.spans[std::size_t(y)];
        std::vector<float> sum(std::size_t(l.width()), 0.f);
        for (const auto& lamp : lamps) {
            const auto view = lamp->layerRow(k, y, scratch);
            const float strength = luminance(lamp->colour);
            for (int x = begin; x < end; x += 3) {
                const float e = strength * view.e[x], through = std::max(light::lightThrough(view.shade[x]), 1e-3f);
                arrives += double(e * l.cover.at(x, y)), sent += double(e / through * l.cover.at(x, y));
                sum[std::size_t(x)] += e;
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
    row.cardL = double(colour::toLab(light::fitted({shows, shows, shows}, p.lights.air.exposureStops)).L);
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

std::vector<AuditRow> lightAudit(const Project& p, std::shared_ptr<const stage::StageFrame> frame,
    const light::Picture& picture, stage::SurfaceCache& cache, Progress& progress, int only)
{
    std::vector<AuditRow> rows;
    const Photo whole = colour::codeOf(picture.colour);
    std::map<int, gather::PictureMeasure> byCutout;
    const light::LampSources lamps = light::sourcesOf(*frame, p.lights);
    int done = 0;
    for (const Element& e : p.elements) {
        if (progress.cancelled())
            return rows;
        if (only && e.id != only)
            continue;
        progress.report(double(done++) / double(p.elements.size()), "looking at " + e.name);
        const Mask mask = maskOf(picture.ids, e.id);
        const cv::Rect box = around(mask, std::max(6, picture.ids.width() / 60));
        if (box.empty())
            continue;
        AuditRow row;
        row.element = e.id;
        const Cutout* c = p.cutout(e.cutout);
        if (const Reference* r = c ? p.reference(c->reference) : nullptr; r && !c->alpha.empty()) {
            if (!byCutout.contains(c->id))
                byCutout[c->id] = gather::overruled(gather::measured(r->pixels, c->alpha, progress), r->overrule);
            row.photographed = toldBy(byCutout[c->id]);
            const PictureLight own = stage::ownLight(p, e, cache); // mirrored, overruled
            row.photographed.direction = own;
        }
        row.planned = plannedFor(p, e, *frame, cache);
        const Photo crop = Photo::fromMat(whole.mat()(box).clone());
        const Mask part = Mask::fromMat(mask.mat()(box).clone());
        row.now = toldBy(gather::measured(crop, part, progress));
        judge(p, e, picture, mask, box, cache, row);
        families(picture, mask, box, row);
        row.lightest = lightestOf(picture, mask, box);
        for (std::size_t k = 0; k < frame->layers.size(); ++k)
            if (frame->layers[k].element == e.id)
                reach(p, *frame, lamps, k, row);
        rows.push_back(std::move(row));
    }
    return rows;
}

namespace {
/// Shifts an element's b* on top of what its tone does already.
Fix shifted(const std::string& label, int id, double b)
{
    return {label, [=](Project& q) {
                if (Element* x = q.element(id)) {
                    if (x->tone.amount <= 0)
                        x->tone = Tone{};
                    x->tone.b = std::clamp(x->tone.b + b, -40.0, 40.0);
                    x->tone.amount = 1;
                }
            }};
}

/// b* by which a light is off, from its distance in mired: about 12 mired a unit near daylight.
double shiftFor(double mired)
{
    return std::clamp(std::abs(mired) * 0.08, 3.0, 20.0);
}

void sticker(const Project& p, const Element& e, const AuditRow& row, stage::SurfaceCache& cache, Findings& out)
{
    if (row.sticker < 0.45 || row.causes.empty())
        return;
    std::string why;
    for (std::size_t i = 0; i < std::min<std::size_t>(2, row.causes.size()); ++i)
        why += (i ? "; " : "") + row.causes[i].what;
    Finding f{"light.sticker:" + std::to_string(e.id), Station::Light,
        row.sticker > 0.6 ? Severity::Broken : Severity::Watch,
        "“" + e.name + "” looks pasted in, " + fixed(100 * row.sticker, 0) + " of 100: " + why + ".", 100 * row.sticker,
        45, "of 100", stage::placed(p, e, cache).canvas, e.id,
        "What does not share the light, the darks and the ground of its neighbours stays a sticker, however well "
        "painted.",
        {}};
    const double off = std::abs(turnBetween(row.now.direction.azimuth, row.planned.direction.azimuth)),
                 mirrored = std::abs(turnBetween(180 - row.now.direction.azimuth, row.planned.direction.azimuth));
    if (row.causes[0].what.starts_with("its light still") && mirrored + 25 < off)
        f.fix = Fix{"Mirror it", [id = e.id](Project& q) {
                        if (Element* x = q.element(id))
                            x->mirrored = !x->mirrored;
                    }};
    else if (row.causes[0].what.starts_with("its light still") && e.delight < 0.95)
        f.fix = Fix{"Take its own light off altogether", [id = e.id](Project& q) {
                        if (Element* x = q.element(id))
                            x->delight = 1;
                    }};
    else if (row.causes[0].what.starts_with("its darkest") && p.cutout(e.cutout))
        f.fix = Fix{"Match its tones to what surrounds it",
            [id = e.id, tone = stage::matchedTone(p, e, cache, 0.7)](Project& q) {
                if (Element* x = q.element(id))
                    x->tone = tone;
            }};
    // The first cause may have no cure of its own, as a missing contact; the warmth may have.
    if (!f.fix && row.now.kelvin > 0 && row.planned.kelvin > 0)
        if (const double mired = 1e6 / row.now.kelvin - 1e6 / row.planned.kelvin; std::abs(mired) > 60) {
            const double by = shiftFor(mired);
            f.fix = shifted(
                (mired > 0 ? "Cool it by " : "Warm it by ") + fixed(by, 0) + " b*", e.id, mired > 0 ? -by : by);
        }
    out.push_back(std::move(f));
}

void softness(const Element& e, const AuditRow& row, const Rect& where, Findings& out)
{
    if (row.photographed.softness < 0 || row.planned.softness < 0 || row.photographed.direction.confidence < 0.25)
        return;
    const double off = row.photographed.softness - row.planned.softness;
    if (std::abs(off) <= 0.35)
        return;
    Finding f{"light.softness:" + std::to_string(e.id), Station::Light, Severity::Watch,
        "“" + e.name + "” was photographed in " + (off > 0 ? "softer" : "harder")
            + " light than planned: " + fixed(100 * row.photographed.softness, 0) + " % from everywhere against "
            + fixed(100 * row.planned.softness, 0) + " %.",
        100 * row.photographed.softness, 100 * row.planned.softness, "%", where, e.id,
        off > 0 ? "Soft photographs have no core shadow to paint from; it must be made up."
                : "Hard shadows baked into a photograph show through any new light.",
        {}};
    if (off < 0 && e.delight < 0.95)
        f.fix = Fix{"Take its own light off altogether", [id = e.id](Project& q) {
                        if (Element* x = q.element(id))
                            x->delight = 1;
                    }};
    if (off > 0 && e.tone.amount <= 0) { // a soft photograph lacks depth in its shades
        const double by = std::round(std::clamp(20 * off, 4.0, 14.0));
        f.fix = Fix{"Deepen its shades by " + fixed(by, 0) + " L*", [id = e.id, by](Project& q) {
                        if (Element* x = q.element(id)) {
                            x->tone = Tone{};
                            x->tone.darkFrom = by, x->tone.amount = 1;
                        }
                    }};
    }
    out.push_back(std::move(f));
}

/// Its light as it is now against the plan; or warm light where hardly any lamp reaches.
void warmth(const Element& e, const AuditRow& row, const Rect& where, Findings& out)
{
    if (row.now.kelvin <= 0 || row.planned.kelvin <= 0 || row.now.direction.confidence < 0.25)
        return;
    const double mired = 1e6 / row.now.kelvin - 1e6 / row.planned.kelvin; // positive: warmer than planned
    const double by = shiftFor(mired);
    if (row.reached < 0.15 && 1e6 / row.now.kelvin > 240) {
        out.push_back({"light.warm-shade:" + std::to_string(e.id), Station::Light, Severity::Watch,
            "“" + e.name + "” is lit warm, " + fixed(row.now.kelvin, 0) + " K, though only "
                + fixed(100 * row.reached, 0) + " % of the lamps' light reaches it.",
            row.now.kelvin, 6500, "K", where, e.id,
            "In full shade only the sky lights a thing; warm light there has no source.",
            shifted("Cool it by " + fixed(by, 0) + " b*", e.id, -by)});
        return;
    }
    if (std::abs(mired) < 90 || row.reached < 0.4)
        return;
    const bool warm = mired > 0;
    out.push_back({"light.warmth:" + std::to_string(e.id), Station::Light, Severity::Watch,
        "“" + e.name + "” is lit " + fixed(std::abs(mired), 0) + " mired " + (warm ? "warmer" : "cooler")
            + " than its lamps are: " + fixed(row.now.kelvin, 0) + " K against " + fixed(row.planned.kelvin, 0) + " K.",
        row.now.kelvin, row.planned.kelvin, "K", where, e.id,
        "One lamp lights all its neighbours in one colour; what differs looks lit elsewhere.",
        shifted((warm ? "Cool it by " : "Warm it by ") + fixed(by, 0) + " b*", e.id, warm ? -by : by)});
}

/// Lighter than a white card could be in the light that falls there.
void tooBright(const Element& e, const AuditRow& row, const Rect& where, Findings& out)
{
    if (row.lightest < 0 || row.cardL < 0 || row.lightest < row.cardL + 6)
        return;
    out.push_back({"light.too-bright:" + std::to_string(e.id), Station::Light, Severity::Broken,
        "“" + e.name + "” shows L* " + fixed(row.lightest, 0) + "; a white card in the light there shows "
            + fixed(row.cardL, 0) + ".",
        row.lightest, row.cardL, "L*", where, e.id,
        "Nothing can be lighter than white in its light; it then seems to shine by itself.",
        Fix{"Lower its lights to L* " + fixed(row.cardL, 0), [id = e.id, share = row.cardL / row.lightest](Project& q) {
                if (Element* x = q.element(id)) {
                    if (x->tone.amount <= 0)
                        x->tone = Tone{};
                    x->tone.lightTo *= share;
                    x->tone.amount = 1;
                }
            }}});
}

void spill(const Project& p, Findings& out)
{
    if (p.lights.air.spill >= 0.25 || p.elements.empty())
        return;
    out.push_back({"light.spill", Station::Light, Severity::Watch,
        "Only " + fixed(100 * p.lights.air.spill, 0) + " % of the backdrop's light falls into edges.",
        100 * p.lights.air.spill, 100, "%", {}, 0,
        "Edges that take nothing of what lies behind them look cut out with scissors.",
        Fix{"Let the backdrop spill into edges", [](Project& q) { q.lights.air.spill = 1; }}});
}

/// A far thing darker at its darkest than a near one: air does the opposite.
void farDark(const Project& p, const std::vector<AuditRow>& rows, stage::SurfaceCache& cache, Findings& out)
{
    for (const AuditRow& far : rows)
        for (const AuditRow& near : rows) {
            const Element &a = *p.element(far.element), &b = *p.element(near.element);
            const double za = stage::placed(p, a, cache).distance, zb = stage::placed(p, b, cache).distance;
            if (za < 2 * zb || za < 15 || far.shade.empty() || near.shade.empty())
                continue;
            const double la = far.shade.back().L, lb = near.shade.back().L;
            if (la > lb - 8)
                continue;
            out.push_back({"light.far-dark:" + std::to_string(a.id), Station::Light, Severity::Watch,
                "At " + fixed(za, 0) + " m “" + a.name + "” has darks of " + fixed(la, 0) + " L*, darker than “"
                    + b.name + "” at " + fixed(zb, 0) + " m (" + fixed(lb, 0) + " L*).",
                la, lb, "L*", stage::placed(p, a, cache).canvas, a.id,
                "Air lifts the darks of what is far; dark and far together pull it forward.",
                Fix{"Let the air halve contrast at " + fixed(za, 0) + " m",
                    [za](Project& q) { q.lights.air.halfContrastM = za; }}});
            break;
        }
}
} // namespace

Findings auditFindings(const Project& p, const std::vector<AuditRow>& rows, stage::SurfaceCache& cache)
{
    Findings out;
    for (const AuditRow& row : rows) {
        const Element* e = p.element(row.element);
        if (!e || e->material == Material::Glowing || e->material == Material::Glass)
            continue;
        sticker(p, *e, row, cache, out);
        const Rect where = stage::placed(p, *e, cache).canvas;
        softness(*e, row, where, out);
        warmth(*e, row, where, out);
        tooBright(*e, row, where, out);
    }
    spill(p, out);
    farDark(p, rows, cache, out);
    return out;
}

Findings closeLook(const Project& p, std::shared_ptr<const stage::StageFrame> frame, const light::Picture& picture,
    stage::SurfaceCache& cache, Progress& progress)
{
    const std::vector<AuditRow> rows = lightAudit(p, std::move(frame), picture, cache, progress);
    if (progress.cancelled())
        return {};
    Findings out;
    for (Finding& f : auditFindings(p, rows, cache))
        if (!p.setAside.contains(f.key))
            out.push_back(std::move(f));
    return out;
}

} // namespace rl::review
