// What wet ground and water mirror: things, lamps, the sun.
#include "core/light/mirrors.h"
#include "core/base/hot.h"
#include "core/base/parallel.h"

namespace rl::light {

using stage::Layer;
using stage::StageFrame;

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

} // namespace

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

namespace {
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

} // namespace

void mirrorRow(Rgb* row, int y, const StageFrame& f, const LitLayers& layers, const std::vector<float>& mirror,
    std::vector<float>& room, int own)
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

namespace {
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

} // namespace

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

namespace {
/// How steep wavelets must be to show the sun, tan² of their slope; roughly, to leave out most of a row.
RL_HOT void slopesOf(float* out, int count, float x0, float step, float down, Vec3f sun)
{
    for (int x = 0; x < count; ++x) {
        const float vx = -(x0 + float(x) * step), k = 1 / std::sqrt(vx * vx + down * down + 1);
        const float hx = sun.x + vx * k, hy = sun.y + down * k, hz = sun.z - k;
        out[x] = (hx * hx + hz * hz) / std::max(hy * hy, 1e-9f);
    }
}

} // namespace

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

} // namespace rl::light
