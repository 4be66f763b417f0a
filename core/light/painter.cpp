// Lights a frame row by row.
#include "core/light/painter.h"
#include "core/base/hot.h"
#include "core/light/mirrors.h"
#include "core/stage/mesh.h"
#include <bit>
#include <cstring>

namespace rl::light {

using stage::Layer;
using stage::StageFrame;

namespace {
class KeptSource final : public LampSource {
public:
    KeptSource(const StageFrame& f, const LightPlanes& planes)
        : m_f(f)
        , m_p(planes)
    {
    }
    View layerRow(std::size_t k, int y, LightRow&) const override
    {
        const std::size_t at = std::size_t(y) * std::size_t(m_f.layers[k].width());
        const auto* shine = m_p.layerShine[k].empty() ? nullptr : m_p.layerShine[k].data() + at;
        const auto* thin = m_p.layerThin[k].empty() ? nullptr : m_p.layerThin[k].data() + at;
        return {m_p.layers[k].data() + at, shine, m_p.layerShade[k].data() + at, thin};
    }
    View groundRow(int y, LightRow&) const override
    {
        const std::size_t at = std::size_t(y) * std::size_t(m_f.width);
        return {m_p.ground.data() + at, nullptr, m_p.groundShade.data() + at,
            m_p.groundThin.empty() ? nullptr : m_p.groundThin.data() + at};
    }

private:
    const StageFrame& m_f;
    const LightPlanes& m_p;
};

class FreshSource final : public LampSource {
public:
    FreshSource(const StageFrame& f, const Sun& sun)
        : m_f(f)
        , m_sun(sun)
        , m_maps(mapsOf(f, sunForShadows(sun.azimuth, sun.elevation, sun.diameter)))
    {
        colour = colourOf(sun) * float(sun.strength);
    }
    FreshSource(const StageFrame& f, const Lantern& l)
        : m_f(f)
        , m_maps(mapsOf(f, {false, l.position, l.radius}))
    {
        colour = colourOf(l) * float(l.strength);
        lantern = l;
    }
    View layerRow(std::size_t k, int y, LightRow& out) const override
    {
        layerRowOf(m_f, k, y, m_maps, m_sun ? &*m_sun : nullptr, lantern ? &*lantern : nullptr, out);
        return viewOf(out);
    }
    View groundRow(int y, LightRow& out) const override
    {
        groundRowOf(m_f, y, m_maps, m_sun ? &*m_sun : nullptr, lantern ? &*lantern : nullptr, out);
        return viewOf(out);
    }

private:
    static View viewOf(const LightRow& r)
    {
        return {r.e.data(), r.shine.empty() ? nullptr : r.shine.data(), r.shade.data(),
            r.thin.empty() ? nullptr : r.thin.data()};
    }
    const StageFrame& m_f;
    std::optional<Sun> m_sun;
    ShadowMaps m_maps; ///< held, so that they are made once
};
} // namespace

std::unique_ptr<LampSource> keptSource(
    const StageFrame& f, const LightPlanes& planes, Rgb colour, std::optional<Lantern> lantern)
{
    auto source = std::make_unique<KeptSource>(f, planes);
    source->colour = colour;
    source->lantern = std::move(lantern);
    return source;
}

LampSources sourcesOf(const StageFrame& f, const Lights& lights)
{
    LampSources out;
    if (lights.sun.on && lights.sun.strength > 0)
        out.push_back(std::make_unique<FreshSource>(f, lights.sun));
    for (const Lantern& l : burningOf(lights, &f))
        out.push_back(std::make_unique<FreshSource>(f, l));
    return out;
}

namespace {
std::vector<AirLamp> airLampsOf(const Lights& lights, const LampSources& lamps)
{
    std::vector<AirLamp> out;
    for (const auto& lamp : lamps)
        out.push_back({lamp->colour, lamp->lantern ? &*lamp->lantern : nullptr,
            stage::sceneDirection(lights.sun.azimuth, lights.sun.elevation)});
    return out;
}
std::vector<Lantern> shownOf(const Lights& lights)
{
    std::vector<Lantern> out;
    for (Lantern l : lights.lanterns)
        if (lights.burns(l)) {
            l.strength = lights.strengthOf(l);
            out.push_back(std::move(l));
        }
    return out;
}
} // namespace

Painter::Painter(const StageFrame& f, const Lights& lights, const LampSources& lamps, const Surroundings& around,
    const std::vector<float>& groundOpen, const std::vector<float>& water)
    : m_f(f)
    , m_lights(lights)
    , m_lamps(lamps)
    , m_around(around)
    , m_open(groundOpen)
    , m_water(water)
    , m_haze(lights.air, f.eye.heightM)
    , m_vignette(lights.air, f)
    , m_sky(float(lights.air.skyStrength))
    , m_wet(float(lights.air.wetness))
    , m_hazeColour(f.sky.horizon * m_sky)
    , m_tint(thinTint(f))
    , m_bounces(bouncesOf(f, lamps, lights.air.bounce))
{
    const std::vector<AirLamp> inAir = airLampsOf(lights, lamps);
    addMists(f, lights.air, inAir, m_betweens);
    addShafts(f, lights.air, lights.sun, inAir, m_betweens);
    addSkyArcs(f, lights.air, lights.sun, m_betweens);
    m_shown = shownOf(lights);
    addGlows(f, lights.air, m_shown, m_betweens);
    addDrift(f, lights.air, inAir, m_betweens);
    std::stable_sort(
        m_betweens.begin(), m_betweens.end(), [](const auto& a, const auto& b) { return a->z() > b->z(); });
    findCatchLights();
    const Vec3 sunward = stage::sceneDirection(lights.sun.azimuth, lights.sun.elevation);
    m_sunAhead = sunward.z > 0 && sunward.y > 0;
}

/// Where lamps stand mirrored in the balls of eyes: where the ball faces halfway between viewer and lamp.
void Painter::findCatchLights()
{
    m_catches.resize(m_f.layers.size());
    LightRow scratch;
    for (std::size_t k = 0; k < m_f.layers.size(); ++k)
        for (const Vec3& eye : m_f.layers[k].eyes) {
            const Layer& l = m_f.layers[k];
            const int px = int(eye.x) - l.left, py = int(eye.y) - l.top;
            if (!l.cover.contains(px, py) || px < l.spans[std::size_t(py)][0] || px >= l.spans[std::size_t(py)][1])
                continue; // beside what covers nothing is said of the light
            const Vec3 at = stage::atDistance(m_f.eye, {eye.x, eye.y}, l.distance);
            const Vec3 toViewer = stage::unit(Vec3{0, m_f.eye.heightM, 0} - at);
            for (const auto& lamp : m_lamps) {
                const Vec3 to = lamp->lantern ? stage::unit(lamp->lantern->position - at)
                                              : stage::sceneDirection(m_lights.sun.azimuth, m_lights.sun.elevation);
                const Vec3 n = stage::unit(to + toViewer);
                const float reaches = lightThrough(lamp->layerRow(k, py, scratch).shade[px]);
                double level = reaches * double(luminance(lamp->colour));
                if (lamp->lantern) {
                    const Vec3 way = lamp->lantern->position - at;
                    level *= lamp->lantern->reference * lamp->lantern->reference
                        / std::max(stage::dot(way, way), lamp->lantern->radius * lamp->lantern->radius);
                }
                if (n.z > -0.35 || level < 0.02) // behind the lid, or too weak to be seen
                    continue;
                const Rgb colour = lamp->colour * (1 / std::max(luminance(lamp->colour), 1e-6f));
                m_catches[k].push_back({float(eye.x + n.x * eye.z), float(eye.y - n.y * eye.z),
                    float(std::max(0.45, 0.16 * eye.z)), colour * float(std::min(2.0, 0.6 + level))});
            }
        }
}

namespace {
void addCatchLight(Rgb* row, int width, int y, float cx, float cy, float radius, Rgb light)
{
    const float dy = float(y) + 0.5f - cy, reach = radius + 0.7f;
    if (std::abs(dy) > reach)
        return;
    const int begin = std::max(0, int(cx - reach)), end = std::min(width, int(cx + reach) + 1);
    for (int x = begin; x < end; ++x) {
        const float dx = float(x) + 0.5f - cx, a = std::clamp(reach - std::sqrt(dx * dx + dy * dy), 0.f, 1.f);
        row[x] = row[x] * (1 - a) + light * a;
    }
}

/// 2^-x, within 1e-4: the whole halvings by the exponent, what is left by a polynomial.
inline float halved(float x)
{
    const float kept = std::min(std::max(x, 0.f), 100.f);
    const int whole = int(kept);
    const float t = (kept - float(whole)) * -0.6931472f;
    const float part = 1 + t * (1 + t * (0.5f + t * (0.16666667f + t * (0.04166667f + t * 0.0083333f))));
    return part * std::bit_cast<float>((127 - whole) << 23);
}

/// Colour of light that came partly through thin things. \param covers what they stop at most
Rgb tinted(Rgb colour, const Rgb& tint, Shade thin)
{
    const float through = std::min(1.f, 1.6f * (1 - lightThrough(thin)));
    return colour * (Rgb{1 - through, 1 - through, 1 - through} + tint * through);
}

/// Light on a row, its three channels apart, so that many pixels are added at a time.
struct Planar {
    float *r, *g, *b;
};
RL_HOT void addPlain(float* r, float* g, float* b, int begin, int end, float cr, float cg, float cb, const float* e)
{
    for (int x = begin; x < end; ++x)
        r[x] += cr * e[x], g[x] += cg * e[x], b[x] += cb * e[x];
}

void addLamp(
    const Planar& sum, int begin, int end, Rgb colour, const LampSource::View& v, const std::optional<Rgb>& tint)
{
    if (!v.thin || !tint) {
        addPlain(sum.r, sum.g, sum.b, begin, end, colour.r, colour.g, colour.b, v.e);
        return;
    }
    for (int x = begin; x < end; ++x) {
        const Rgb c = (v.thin[x] ? tinted(colour, *tint, v.thin[x]) : colour) * v.e[x];
        sum.r[x] += c.r, sum.g[x] += c.g, sum.b[x] += c.b;
    }
}

RL_HOT void addThrown(float* r, float* g, float* b, int begin, int end, const Rgb* levels, const Vec3f* n)
{
    const Rgb e = levels[0], ex = levels[1], ey = levels[2], ez = levels[3];
    for (int x = begin; x < end; ++x) {
        const float nx = n[x].x, ny = n[x].y, nz = n[x].z;
        r[x] += std::max(0.f, e.r + ex.r * nx + ey.r * ny + ez.r * nz);
        g[x] += std::max(0.f, e.g + ex.g * nx + ey.g * ny + ez.g * nz);
        b[x] += std::max(0.f, e.b + ex.b * nx + ey.b * ny + ez.b * nz);
    }
}

void addBounce(const Planar& sum, int begin, int end, const BounceLight& b, float high, const Vec3f* n)
{
    const auto at = [&](Rgb BounceLight::Level::*part) { return b.foot.*part * (1 - high) + b.head.*part * high; };
    const Rgb levels[4]{at(&BounceLight::Level::even), at(&BounceLight::Level::x), at(&BounceLight::Level::y),
        at(&BounceLight::Level::z)};
    addThrown(sum.r, sum.g, sum.b, begin, end, levels, n);
}

/// out = (albedo · (light + own)) · clear + haze, all of it by coverage.
RL_HOT void finishRow(Rgb* out, int begin, int end, const float* r, const float* g, const float* b, const Rgb* albedo,
    float own, float clear, Rgb haze, const float* cover)
{
    for (int x = begin; x < end; ++x) {
        const float a = cover[x];
        out[x].r = (albedo[x].r * (r[x] + own) * clear + haze.r) * a;
        out[x].g = (albedo[x].g * (g[x] + own) * clear + haze.g) * a;
        out[x].b = (albedo[x].b * (b[x] + own) * clear + haze.b) * a;
    }
}
/// The same where the depth changes along the row. \param perMetre halvings a metre
RL_HOT void finishDeep(Rgb* out, int begin, int end, const float* r, const float* g, const float* b, const Rgb* albedo,
    float own, const float* depth, float perMetre, Rgb haze, const float* cover)
{
    for (int x = begin; x < end; ++x) {
        const float a = cover[x], clear = halved(depth[x] * perMetre), thick = 1 - clear;
        out[x].r = (albedo[x].r * (r[x] + own) * clear + haze.r * thick) * a;
        out[x].g = (albedo[x].g * (g[x] + own) * clear + haze.g * thick) * a;
        out[x].b = (albedo[x].b * (b[x] + own) * clear + haze.b * thick) * a;
    }
}
} // namespace

void Painter::litLayerRow(
    std::size_t k, int y, const Rgb* ambient, const Mirrored* mirrored, Scratch& s, Rgb* out) const
{
    const Layer& l = m_f.layers[k];
    const auto [begin, end] = l.spans[std::size_t(y)];
    if (begin >= end)
        return;
    if (!ambient) {
        s.ambient.resize(std::size_t(l.width()));
        ambientRow(m_f, l, m_around, float(m_lights.air.spill), y, s.ambient.data());
        ambient = s.ambient.data();
    }
    const bool polished = glossAlpha(l.material) > 0;
    if (polished && !mirrored) {
        s.mirrored.resize(std::size_t(l.width()));
        mirroredRow(m_f, l, m_around, y, s.mirrored.data());
        mirrored = s.mirrored.data();
    }
    s.light.resize(3 * std::size_t(l.width()));
    const Planar sum{s.light.data(), s.light.data() + l.width(), s.light.data() + 2 * l.width()};
    for (int x = begin; x < end; ++x) {
        const float sky = m_vignette.any() ? m_sky * m_vignette.at(l.left + x, l.top + y) : m_sky;
        sum.r[x] = ambient[x].r * sky, sum.g[x] = ambient[x].g * sky, sum.b[x] = ambient[x].b * sky;
    }
    s.sum.assign(polished ? std::size_t(l.width()) : 0, Rgb{});
    for (const auto& lamp : m_lamps) {
        const LampSource::View v = lamp->layerRow(k, y, s.lamp);
        addLamp(sum, begin, end, lamp->colour, v, m_tint);
        if (polished && v.shine)
            for (int x = begin; x < end; ++x)
                s.sum[std::size_t(x)] = s.sum[std::size_t(x)] + lamp->colour * std::min(v.shine[x], 60.f);
    }
    if (m_bounces[k].any) {
        const double high = (l.footRow - (l.top + y + 0.5)) / std::max(1.0, l.footRow - l.headRow);
        addBounce(sum, begin, end, m_bounces[k], float(std::clamp((high - 0.15) / 0.7, 0.0, 1.0)), l.normal.row(y));
    }
    const Rgb* albedo = l.albedo.row(y);
    const float* cover = l.cover.row(y);
    const float own = l.material == Material::Glowing ? kGlowing * l.glow : 0;
    const float* depth = l.depth.empty() ? nullptr : l.depth.row(y);
    const float down = (float(l.top + y) + 0.5f - float(m_f.eye.horizon)) / float(m_f.eye.focalCm),
                eye = float(m_f.eye.heightM), far = float(l.distance);
    const float flat = m_haze.clear(far, eye - down * far);
    if (!polished && !depth) {
        finishRow(out, begin, end, sum.r, sum.g, sum.b, albedo, own, flat, m_hazeColour * (1 - flat), cover);
        return;
    }
    if (!polished && !m_haze.levels()) { // how clear the air is goes with depth alone
        finishDeep(out, begin, end, sum.r, sum.g, sum.b, albedo, own, depth, m_haze.perMetre(), m_hazeColour, cover);
        return;
    }
    for (int x = begin; x < end; ++x) {
        Rgb c = albedo[x] * Rgb{sum.r[x] + own, sum.g[x] + own, sum.b[x] + own};
        if (polished)
            c = c * mirrored[x].left + mirrored[x].light * m_sky + s.sum[std::size_t(x)];
        const float clear = depth ? m_haze.clear(depth[x], eye - down * depth[x]) : flat;
        out[x] = (c * clear + m_hazeColour * (1 - clear)) * cover[x];
    }
}

namespace {
/// row = row · (1 - cover) + lit; lit carries its coverage already. Eight pixels at a time: each coverage is spread
/// over the three numbers of its pixel.
RL_HOT void layOver(float* row, const float* lit, const float* cover, int count)
{
    using Eight = float __attribute__((vector_size(32)));
    using Places = int __attribute__((vector_size(32)));
    constexpr Places spread[3]{{0, 0, 0, 1, 1, 1, 2, 2}, {2, 3, 3, 3, 4, 4, 4, 5}, {5, 5, 6, 6, 6, 7, 7, 7}};
    int x = 0;
    for (; x + 8 <= count; x += 8) {
        Eight covered;
        std::memcpy(&covered, cover + x, sizeof covered);
        const Eight left = 1 - covered;
        for (int k = 0; k < 3; ++k) {
            Eight under, over;
            std::memcpy(&under, row + 3 * x + 8 * k, sizeof under),
                std::memcpy(&over, lit + 3 * x + 8 * k, sizeof over);
            under = under * __builtin_shuffle(left, spread[k]) + over;
            std::memcpy(row + 3 * x + 8 * k, &under, sizeof under);
        }
    }
    for (; x < count; ++x)
        for (int c = 3 * x; c < 3 * x + 3; ++c)
            row[c] = row[c] * (1 - cover[x]) + lit[c];
}
void blendRow(Rgb* row, int y, const Layer& l, const std::vector<Rgb>& lit)
{
    const int j = y - l.top;
    if (j < 0 || j >= l.height())
        return;
    const auto [begin, end] = l.spans[std::size_t(j)];
    if (begin < end)
        layOver(reinterpret_cast<float*>(row + l.left + begin),
            reinterpret_cast<const float*>(lit.data() + l.at(begin, j)), l.cover.row(j) + begin, end - begin);
}

/// row = min(shown / up, 2) · light
/// What stays of the photograph under its own sky, and what lamps add to the ground it shows. \param open 0…1 of the
/// sky that is seen from there \param own what lay on it \param share of that the sky's
RL_HOT void layGround(Rgb* row, int count, const float* r, const float* g, const float* b, const Rgb* shown, Rgb own,
    Rgb share, const float* open)
{
    for (int x = 0; x < count; ++x) {
        row[x].r = shown[x].r * share.r * open[x] + std::min(shown[x].r / own.r, 2.f) * r[x];
        row[x].g = shown[x].g * share.g * open[x] + std::min(shown[x].g / own.g, 2.f) * g[x];
        row[x].b = shown[x].b * share.b * open[x] + std::min(shown[x].b / own.b, 2.f) * b[x];
    }
}
} // namespace

/// Only where something mirrors: wet ground, water, or a polished way.
void Painter::addImages(LitLayers& layers) const
{
    const auto polished = [](const Layer& l) { return l.lies && glossAlpha(l.material) > 0; };
    layers.images.resize(m_f.layers.size());
    layers.seen.assign(m_f.layers.size(), nullptr);
    if (m_wet <= 0 && m_water.empty() && std::none_of(m_f.layers.begin(), m_f.layers.end(), polished))
        return;
    for (std::size_t k = 0; k < m_f.layers.size(); ++k)
        if (const Layer& l = m_f.layers[k]; l.caster->solid() && !layers.lit[k].empty()) {
            layers.seen[k] = l.caster->mirrored(m_f.eye, m_f.width, m_f.height);
            drawImage(layers.images[k], m_f, l, *layers.seen[k], layers.lit[k]);
        }
}

void Painter::groundRow(Rgb* row, int y, const LitLayers& lit, const float* fresnel, Scratch& s) const
{
    const StageFrame& f = m_f;
    const std::size_t at = std::size_t(y - f.groundTop) * std::size_t(f.width);
    const double z = f.eye.focalCm * f.eye.heightM / std::max(y + 0.5 - f.eye.horizon, 0.25);
    const float clear = m_haze.clear(float(z), 0);
    // The photograph's own haze is in its colours already; only light added to it is dimmed on the way.
    s.light.assign(4 * std::size_t(f.width), 0.f);
    const Planar sum{s.light.data(), s.light.data() + f.width, s.light.data() + 2 * f.width};
    float* open = s.light.data() + 3 * f.width;
    for (int x = 0; x < f.width; ++x)
        open[x] = m_sky * m_open[at + std::size_t(x)] * (m_vignette.any() ? m_vignette.at(x, y) : 1.f);
    const Shade* sunShade = nullptr;
    std::vector<Shade> kept;
    std::vector<std::vector<Shade>> glintShades(m_wet > 0 || !m_water.empty() ? m_shown.size() : 0);
    Rgb sun{};
    for (const auto& lamp : m_lamps) {
        const LampSource::View v = lamp->groundRow(y - f.groundTop, s.lamp);
        addLamp(sum, 0, f.width, lamp->colour * clear, v, m_tint);
        if (!lamp->lantern && m_sunAhead) {
            kept.assign(v.shade, v.shade + f.width);
            sunShade = kept.data(), sun = lamp->colour * clear;
        }
        for (std::size_t i = 0; i < glintShades.size() && lamp->lantern; ++i)
            if (m_shown[i].id == lamp->lantern->id && glintShades[i].empty())
                glintShades[i].assign(v.shade, v.shade + f.width);
    }
    layGround(row, f.width, sum.r, sum.g, sum.b, f.backdrop.row(y), f.ownLight, f.skyShare, open);
    if (m_wet <= 0 && m_water.empty())
        return;
    if (!fresnel) {
        s.fresnel.resize(std::size_t(f.width));
        groundMirrorRow(f, y - f.groundTop, s.fresnel.data());
        fresnel = s.fresnel.data();
    }
    s.mirror.resize(std::size_t(f.width));
    for (int x = 0; x < f.width; ++x)
        s.mirror[std::size_t(x)] = m_wet * fresnel[x];
    if (!m_water.empty())
        waterRow(row, y, f, m_sky, m_water.data() + at, fresnel, s.mirror);
    mirrorRow(row, y, f, lit, s.mirror, s.light);
    for (std::size_t i = 0; i < m_shown.size(); ++i)
        if (const Lantern& q = m_shown[i]; q.kind != LampKind::Swarm && !q.hidden && !q.within)
            glitterRow(row, y, f, q,
                colourOf(q) * float(1.2 * q.strength * throughAir(q.position.z, m_lights.air.halfContrastM)),
                glintShades[i].empty() ? nullptr : glintShades[i].data(), s.mirror);
    if (sunShade)
        sunPathRow(
            row, y, f, stage::sceneDirection(m_lights.sun.azimuth, m_lights.sun.elevation), sun, sunShade, s.mirror);
}

void Painter::pictureRow(int y, const LitLayers& lit, const float* fresnel, Scratch& s, Rgb* row) const
{
    const StageFrame& f = m_f;
    if (y >= f.groundTop)
        groundRow(row, y, lit, fresnel, s);
    else
        for (int x = 0; x < f.width; ++x)
            row[x] = f.backdrop.row(y)[x] * (m_vignette.any() ? m_sky * m_vignette.at(x, y) : m_sky);
    std::size_t next = 0;
    for (std::size_t i = 0; i < f.layers.size(); ++i) {
        const Layer& l = f.layers[i];
        for (; next < m_betweens.size() && m_betweens[next]->z() > l.order; ++next)
            m_betweens[next]->addRow(row, y);
        blendRow(row, y, l, lit.lit[i]);
        if (l.lies && glossAlpha(l.material) > 0 && y >= l.top && y < l.top + l.height()) {
            s.fresnel.resize(std::size_t(f.width));
            s.mirror.assign(std::size_t(f.width), 0.f);
            groundMirrorRow(f, y - f.groundTop, s.fresnel.data());
            for (int x = 0; x < l.width(); ++x)
                s.mirror[std::size_t(l.left + x)] = l.cover.at(x, y - l.top) * s.fresnel[std::size_t(l.left + x)];
            mirrorRow(row, y, f, lit, s.mirror, s.light, l.element);
        }
        for (const CatchLight& c : m_catches[i])
            addCatchLight(row, f.width, y, c.x, c.y, c.radius, c.light);
    }
    for (; next < m_betweens.size(); ++next)
        m_betweens[next]->addRow(row, y);
}

} // namespace rl::light
