// Lights a frame row by row.
#include "core/light/painter.h"
#include "core/base/hot.h"
#include "core/base/parallel.h"
#include "core/stage/mesh.h"
#include <bit>

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
            if (!l.cover.contains(px, py))
                continue;
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
RL_HOT void addScaled(float* to, const float* from, float weight, int count)
{
    for (int i = 0; i < count; ++i)
        to[i] += from[i] * weight;
}
/// row = row · (1 - cover · mirror) + light · mirror
RL_HOT void layMirror(Rgb* row, const float* light, const float* cover, const float* mirror, int count)
{
    for (int x = 0; x < count; ++x) {
        const float m = mirror[x], left = 1 - cover[x] * m;
        row[x].r = row[x].r * left + light[3 * x] * m;
        row[x].g = row[x].g * left + light[3 * x + 1] * m;
        row[x].b = row[x].b * left + light[3 * x + 2] * m;
    }
}

/// Is it so deep that its mirror image does not hang from one contact line?
bool deepAlong(const Layer& l)
{
    return !l.depth.empty() && l.farthest > l.nearest * 1.02f;
}

struct DeepMirror {
    const float *depth, *cover;
    const float* lit; ///< three a pixel
    int width, last, top; ///< of the layer; last row
    float at, horizon, k, foot, back; ///< px; k = f h; where the ground lies at the nearest and at the farthest depth
};
inline int rowOfPlace(float y)
{
    return int(y + 65536.f) - 65536; // floor, without a branch
}
void mirrorDeepRow(Rgb* row, int begin, int end, const float* mirror, DeepMirror m)
{
    constexpr float weights[3]{0.28f, 0.44f, 0.28f};
    for (int x = begin; x < end; ++x) {
        float source = 2 * m.foot - m.at;
        for (int step = 0; step < 3; ++step) {
            const int j = std::min(std::max(rowOfPlace(source) - m.top, 0), m.last) * m.width + x;
            const float z = m.depth[j], there = 2 * (m.horizon + m.k / std::max(z, 0.05f)) - m.at;
            source = m.cover[j] > 0 ? there : step == 0 ? 2 * m.back - m.at : source;
        }
        const float below = m.at - 0.5f * (source + m.at); // px in front of its own contact
        if (below <= 0)
            continue;
        const float share = mirror[x], spread = 1.05f + 0.075f * below;
        float cover = 0, r = 0, g = 0, b = 0;
        for (int tap = 0; tap < 3; ++tap) {
            const int wanted = rowOfPlace(source + float(tap - 1) * spread) - m.top;
            if (wanted < 0 || wanted > m.last)
                continue;
            const int j = wanted * m.width + x;
            const float there = m.cover[j];
            if (there <= 0)
                continue; // most of a thing's rectangle is empty
            cover += there * weights[tap];
            r += m.lit[3 * j] * weights[tap], g += m.lit[3 * j + 1] * weights[tap],
                b += m.lit[3 * j + 2] * weights[tap];
        }
        if (cover <= 0)
            continue;
        const float left = 1 - cover * share;
        row[x].r = row[x].r * left + r * share;
        row[x].g = row[x].g * left + g * share;
        row[x].b = row[x].b * left + b * share;
    }
}

/// Rows of a mirrored layer, each pixel by its own depth: what stands at height Y and distance Z is mirrored at -Y, so
/// a picture row y shows the row 2 (horizon + f h / Z) - y. The depth is looked for in two steps from the nearest there
/// is.
void mirrorDeep(
    Rgb* row, int y, const StageFrame& f, const Layer& l, const std::vector<Rgb>& lit, const std::vector<float>& mirror)
{
    const float at = float(y) + 0.5f, horizon = float(f.eye.horizon), k = float(f.eye.focalCm * f.eye.heightM);
    // Rows that can be met at all, and the columns they cover.
    const float highest = 2 * (horizon + k / l.farthest) - at, lowest = 2 * (horizon + k / l.nearest) - at;
    const float room = 3 + 0.1f * std::max(0.f, at - horizon - k / l.farthest);
    const int from = std::max(0, rowOfPlace(highest - room) - l.top),
              to = std::min(l.height() - 1, rowOfPlace(lowest + room) - l.top);
    int begin = l.width(), end = 0;
    for (int j = from; j <= to; ++j) {
        const auto& span = l.spans[std::size_t(j)];
        if (span[0] < span[1])
            begin = std::min(begin, span[0]), end = std::max(end, span[1]);
    }
    if (begin < end)
        mirrorDeepRow(row + l.left, begin, end, mirror.data() + l.left,
            {l.depth.data(), l.cover.data(), &lit.front().r, l.width(), l.height() - 1, l.top, at, horizon, k,
                horizon + k / l.nearest, horizon + k / l.farthest});
}

/// What a mirrored body shows at a place of its image: the lit layer where the same point is seen, else what is seen
/// nearest above it.
Rgb seenThere(const Layer& l, const std::vector<Rgb>& lit, int x, int row)
{
    const int wide = l.width();
    int y = std::clamp(row, 0, l.height() - 1);
    const float* cover = l.cover.row(y) + x;
    for (const int last = std::max(y - 199, 0); *cover <= 0.02f; cover -= wide)
        if (--y < last)
            return {};
    return lit[l.at(x, y)] * (1 / *cover);
}

/// The colours of a solid's own mirror image, drawn by its mesh: what stands at height Y and distance Z is mirrored at
/// -Y, so a picture row y shows the row 2 (horizon + f h / Z) - y.
void drawImage(std::vector<Rgb>& out, const StageFrame& f, const Layer& l, const stage::SeenMesh& image,
    const std::vector<Rgb>& lit)
{
    const int wide = image.cover.width(), left = image.left - l.left;
    out.resize(image.cover.size());
    const float k = float(f.eye.focalCm * f.eye.heightM), horizon = float(f.eye.horizon);
    parallelRows(image.cover.height(), [&](int from, int to) {
        for (int j = from; j < to; ++j) {
            const float *cover = image.cover.row(j), *depth = image.depth.row(j), at = float(image.top + j);
            Rgb* row = out.data() + std::size_t(j) * std::size_t(wide);
            for (int x = 0; x < wide; ++x) {
                row[x] = {};
                if (cover[x] <= 0 || left + x < 0 || left + x >= l.width())
                    continue;
                const float z = std::max(depth[x], 0.05f);
                const int source = rowOfPlace(2 * (horizon + k / z) - at - 0.5f) - l.top;
                row[x] = seenThere(l, lit, left + x, source) * cover[x];
            }
        }
    });
}

/// Three rows of an image, one over the other.
struct MirrorTaps {
    const float* cover[3];
    const Rgb* colour[3];
    float weight[3];
};
/// row = row · (1 - cover · mirror) + colour · mirror
RL_HOT void layImage(Rgb* row, const float* mirror, const MirrorTaps& taps, int count)
{
    const MirrorTaps t = taps;
    for (int x = 0; x < count; ++x) {
        const float cover = t.cover[0][x] * t.weight[0] + t.cover[1][x] * t.weight[1] + t.cover[2][x] * t.weight[2];
        const float m = mirror[x], left = 1 - cover * m, a = t.weight[0] * m, b = t.weight[1] * m, c = t.weight[2] * m;
        row[x].r = row[x].r * left + t.colour[0][x].r * a + t.colour[1][x].r * b + t.colour[2][x].r * c;
        row[x].g = row[x].g * left + t.colour[0][x].g * a + t.colour[1][x].g * b + t.colour[2][x].g * c;
        row[x].b = row[x].b * left + t.colour[0][x].b * a + t.colour[1][x].b * b + t.colour[2][x].b * c;
    }
}

/// One row of it. Rippled water spreads it up and down.
void mirrorSolid(Rgb* row, int y, const StageFrame& f, const Layer& l, const stage::SeenMesh& image,
    const std::vector<Rgb>& colours, const std::vector<float>& mirror)
{
    const float k = float(f.eye.focalCm * f.eye.heightM), horizon = float(f.eye.horizon);
    const float below = float(y) + 0.5f - horizon - k / l.farthest;
    const int spread = int(std::lround(1.05f + 0.05f * std::max(0.f, below))), wide = image.cover.width(),
              high = image.cover.height();
    if (y + spread < image.top || y - spread >= image.top + high)
        return;
    MirrorTaps taps{};
    for (int tap = 0; tap < 3; ++tap) {
        const int j = y + (tap - 1) * spread - image.top, in = std::clamp(j, 0, high - 1);
        taps.weight[tap] = j != in ? 0.f : tap == 1 ? 0.44f : 0.28f;
        taps.cover[tap] = image.cover.row(in);
        taps.colour[tap] = colours.data() + std::size_t(in) * std::size_t(wide);
    }
    layImage(row + image.left, mirror.data() + image.left, taps, wide);
}

/// Puts the mirrored layers on one row of ground; `mirror` is how much the water gives back there. Rippled water
/// spreads the image up and down, more the farther it lies from the contact.
void mirrorRow(Rgb* row, int y, const StageFrame& f, const LitLayers& layers, const std::vector<float>& mirror,
    std::vector<float>& room, int own = 0)
{
    constexpr float weights[5]{0.13f, 0.22f, 0.3f, 0.22f, 0.13f};
    const auto& lit = layers.lit;
    for (std::size_t k = 0; k < f.layers.size(); ++k) {
        const Layer& l = f.layers[k];
        const double below = y + 0.5 - l.groundRow; // px in front of the contact line
        if ((below <= 0 && !deepAlong(l) && !l.caster->solid()) || lit[k].empty() || l.lies || l.element == own)
            continue;
        if (l.caster->solid()) {
            if (const auto& image = layers.seen[k]; image && !image->cover.empty())
                mirrorSolid(row, y, f, l, *image, layers.images[k], mirror);
            continue;
        }
        if (deepAlong(l)) {
            mirrorDeep(row, y, f, l, lit[k], mirror);
            continue;
        }
        const double spread = 0.7 + 0.05 * below, middle = 2 * l.groundRow - (y + 0.5) - l.top;
        if (middle + 2 * spread < 0 || middle - 2 * spread >= l.height())
            continue;
        const auto rowAt = [&](int tap) { return int(std::floor(middle + (tap - 2) * spread)); };
        int begin = l.width(), end = 0;
        for (int tap = 0; tap < 5; ++tap)
            if (const int sy = rowAt(tap); sy >= 0 && sy < l.height()) {
                const auto& span = l.spans[std::size_t(sy)];
                if (span[0] < span[1])
                    begin = std::min(begin, span[0]), end = std::max(end, span[1]);
            }
        if (begin >= end)
            continue;
        const int count = end - begin;
        room.assign(4 * std::size_t(count), 0.f);
        float *light = room.data(), *cover = light + 3 * count;
        for (int tap = 0; tap < 5; ++tap) {
            const int sy = rowAt(tap);
            if (sy < 0 || sy >= l.height())
                continue;
            addScaled(light, &lit[k][l.at(begin, sy)].r, weights[tap], 3 * count);
            addScaled(cover, l.cover.row(sy) + begin, weights[tap], count);
        }
        layMirror(row + l.left + begin, light, cover, mirror.data() + l.left + begin, count);
    }
}

/// Water under a row of ground: it darkens what lies there and mirrors the sky, as far as its Fresnel share goes.
void waterRow(Rgb* row, int y, const StageFrame& f, float sky, const float* water, const float* fresnel,
    std::vector<float>& mirror)
{
    const int up = std::clamp(int(2 * f.eye.horizon - y), 0, f.height - 1);
    const Rgb* above = f.backdrop.row(up);
    for (int x = 0; x < f.width; ++x) {
        if (water[x] <= 0)
            continue;
        const float m = water[x] * fresnel[x];
        row[x] = row[x] * (1 - 0.6f * water[x]) * (1 - m) + above[x] * (sky * m);
        mirror[std::size_t(x)] = std::max(mirror[std::size_t(x)], m);
    }
}

/// How bright wet ground glitters at a place, 1 in the mean: wavelets a tenth of a metre long are bright or dark each
/// by itself, near ones the more; far ones run together.
class Glitter {
public:
    explicit Glitter(double z)
        : m_z(z)
        , m_near(std::clamp(1.6 - std::log10(std::max(z, 1.0)), 0.25, 1.0))
    {
    }
    double at(double across)
    {
        const double spark = double(m_wide.at(float(across * 5), float(m_z * 9)) * 0.6f
            + m_fine.at(float(across * 13), float(m_z * 23)) * 0.4f);
        return 1 - m_near + m_near * 8 * spark * spark * spark * spark;
    }

private:
    double m_z, m_near;
    SoftNoise m_wide{3}, m_fine{4};
};

/// A lantern's low light drawn out towards the viewer on wet ground.
/// \param shade of the lamp on that row: what keeps its light from the ground keeps its glint from the eye; or null
void glitterRow(Rgb* row, int y, const StageFrame& f, const Lantern& q, Rgb colour, const Shade* shade,
    const std::vector<float>& mirror)
{
    const double k = f.eye.focalCm / q.position.z, contact = f.eye.horizon + k * f.eye.heightM;
    const double image = f.eye.horizon + k * (f.eye.heightM + q.position.y);
    if (y + 0.5 < contact)
        return;
    const double length = 0.55 * k * (q.position.y + 0.4), along = std::exp(-std::pow((y + 0.5 - image) / length, 2));
    const double wide = std::max(1.5, k * q.radius * 1.2 + 0.035 * (y + 0.5 - contact));
    const double x0 = f.eye.x0 + k * q.position.x, per = 1 / f.eye.focalCm,
                 z = f.eye.heightM / (std::max(y + 0.5 - f.eye.horizon, 0.25) * per);
    if (along < 0.003)
        return;
    const double reach = 2.5 * wide;
    Glitter glitter(z);
    const int begin = std::clamp(int(x0 - reach), 0, f.width), end = std::clamp(int(x0 + reach) + 1, 0, f.width);
    for (int x = begin; x < end; ++x) {
        if (mirror[std::size_t(x)] <= 0)
            continue;
        const double across = (x + 0.5 - x0) / wide;
        row[x] = row[x]
            + colour * float(along * std::exp(-across * across) * glitter.at((x + 0.5 - f.eye.x0) * per * z))
                * mirror[std::size_t(x)] * (shade ? lightThrough(shade[x]) : 1.f);
    }
}

/// How steep wavelets must be to show the sun, tan² of their slope; roughly, to leave out most of a row.
RL_HOT void slopesOf(float* out, int count, float x0, float step, float down, Vec3f sun)
{
    for (int x = 0; x < count; ++x) {
        const float vx = -(x0 + float(x) * step), k = 1 / std::sqrt(vx * vx + down * down + 1);
        const float hx = sun.x + vx * k, hy = sun.y + down * k, hz = sun.z - k;
        out[x] = (hx * hx + hz * hz) / std::max(hy * hy, 1e-9f);
    }
}

/// The sun's path on wet ground or water: wavelets that happen to face halfway between sun and viewer.
///     C = E F e^(-tan²b / s²) / (4 cos v cos⁴b s²), slope variance s² = 0.006 of a shallow film
/// Source: Cox & Munk (1954).
void sunPathRow(
    Rgb* row, int y, const StageFrame& f, Vec3 sun, Rgb colour, const Shade* shade, const std::vector<float>& mirror)
{
    constexpr double variance = 0.006;
    const double down = std::max(y + 0.5 - f.eye.horizon, 0.25), k = 1 / f.eye.focalCm;
    const double z = f.eye.focalCm * f.eye.heightM / down;
    Glitter glitter(z);
    static thread_local std::vector<float> slopes; // one row is painted at a time
    slopes.resize(std::size_t(f.width));
    slopesOf(slopes.data(), f.width, float((0.5 - f.eye.x0) * k), float(k), float(down * k),
        {float(sun.x), float(sun.y), float(sun.z)});
    for (int x = 0; x < f.width; ++x) {
        if (mirror[std::size_t(x)] <= 0 || slopes[std::size_t(x)] > 7.5f * float(variance))
            continue;
        const Vec3 v = stage::unit({-(x + 0.5 - f.eye.x0) * k, down * k, -1}), h = stage::unit(sun + v);
        const double h2 = h.y * h.y, slope2 = h.y > 0.5 ? (1 - h2) / h2 : 9;
        if (slope2 > 7 * variance)
            continue;
        const double c = std::exp(-slope2 / variance) / (4 * std::max(v.y, 0.06) * h2 * h2 * variance);
        const double across = (x + 0.5 - f.eye.x0) * k * z;
        row[x] = row[x]
            + colour
                * (float(std::min(0.05 * c * glitter.at(across), 2.5)) * mirror[std::size_t(x)]
                    * lightThrough(shade[x]));
    }
}

/// row = row · (1 - cover) + lit; lit carries its coverage already.
RL_HOT void layOver(Rgb* row, const Rgb* lit, const float* cover, int count)
{
    for (int x = 0; x < count; ++x) {
        const float left = 1 - cover[x];
        row[x].r = row[x].r * left + lit[x].r;
        row[x].g = row[x].g * left + lit[x].g;
        row[x].b = row[x].b * left + lit[x].b;
    }
}
void blendRow(Rgb* row, int y, const Layer& l, const std::vector<Rgb>& lit)
{
    const int j = y - l.top;
    if (j < 0 || j >= l.height())
        return;
    const auto [begin, end] = l.spans[std::size_t(j)];
    if (begin < end)
        layOver(row + l.left + begin, lit.data() + l.at(begin, j), l.cover.row(j) + begin, end - begin);
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
