// Reading a body's map along rows of points.
#include "core/stage/body_map.h"
#include "core/base/hot.h"
#include <bit>

namespace rl::stage {

namespace {
using Face = BodyMap::Face;
using Texel = BodyMap::Texel;
typedef float Four __attribute__((vector_size(16)));

/// A row in a face's own axes: q = o + depth (a + i b), in texels of the finest size (times the distance for a lamp).
struct Line {
    float ou, ov, oz, au, av, az, bu, bv, bz;
};
Line lineOf(const Face& f, const RayRow& row, bool sun)
{
    const double per = 1 / f.texel;
    const Vec3 o = row.origin - f.centre;
    // u and v from the face's corner: for a lamp the corner moves with the distance.
    const auto across = [&](Vec3 p, Vec3 axis, double corner) {
        return float(per * (dot(p, axis) - (sun ? 0 : corner * dot(p, f.away))));
    };
    Line l{across(o, f.u, f.left), across(o, f.v, f.top), float(dot(o, f.away)), across(row.way, f.u, f.left),
        across(row.way, f.v, f.top), float(dot(row.way, f.away)), across(row.step, f.u, f.left),
        across(row.step, f.v, f.top), float(dot(row.step, f.away))};
    if (sun)
        l.ou -= float(per * f.left), l.ov -= float(per * f.top);
    return l;
}

/// Binary logarithm for numbers from 1 up, straight between powers of two.
inline float log2Of(float x)
{
    const auto bits = std::bit_cast<std::uint32_t>(x);
    return float(int(bits >> 23) - 127) + (std::bit_cast<float>((bits & 0x7fffffu) | 0x3f800000u) - 1);
}

struct Sizes {
    const BodyMap::Level* levels;
    int count;
};

inline Four load(const Texel* t)
{
    return *reinterpret_cast<const Four*>(t);
}

/// \param u, v texels of the finest size
inline Four readLevel(const BodyMap::Level& l, float u, float v, float scale)
{
    // The rim of nothing is texel 0 and the last.
    const float x = std::min(std::max(u * scale + 0.5f, 0.f), float(l.width) - 1.001f),
                y = std::min(std::max(v * scale + 0.5f, 0.f), float(l.height) - 1.001f);
    const int i = int(x), j = int(y);
    const float s = x - float(i), t = y - float(j);
    const Texel* p = l.texels.data() + std::size_t(j) * std::size_t(l.width) + std::size_t(i);
    const Four upper = load(p) + s * (load(p + 1) - load(p)),
               lower = load(p + l.width) + s * (load(p + l.width + 1) - load(p + l.width));
    return upper + t * (lower - upper);
}

/// \param kernel texels of the finest size, ≥ 1
inline Four readAt(const Sizes& sizes, float u, float v, float kernel)
{
    const float level = log2Of(kernel);
    const int most = sizes.count - 1, low = std::min(int(level), most);
    const float scale = std::bit_cast<float>(std::uint32_t(127 - low) << 23); // 2^-low
    const Four fine = readLevel(sizes.levels[low], u, v, scale);
    if (low == most) // wider than the whole body: what it stops is spread ever thinner
        return fine * std::bit_cast<float>(std::uint32_t(127 - 2 * std::min(int(level) - low, 60)) << 23);
    const float mix = level - float(low);
    if (mix <= 0)
        return fine;
    return fine + mix * (readLevel(sizes.levels[low + 1], u, v, scale * 0.5f) - fine);
}

/// The same without a look at the next size: where the blocker is need only be known roughly.
inline Four readNear(const Sizes& sizes, float u, float v, float kernel)
{
    const int low = std::min(int(log2Of(kernel) + 0.5f), sizes.count - 1);
    return readLevel(sizes.levels[low], u, v, std::bit_cast<float>(std::uint32_t(127 - low) << 23));
}

struct Reading {
    Sizes sizes;
    Line line;
    float size, texel, nearest, middle, apart; ///< apart: texels from point to point (lamp: times the distance)
    bool sun, whole;
    float corner; ///< texels from the face's corner to its middle
    float low, right, bottom; ///< texels: beyond them nothing is stopped
    float least, most; ///< m: of the row's depths
};

/// How wide the penumbra could be at most, texels.
inline float widestAt(const Reading& r, float z)
{
    const float wide = r.sun ? z - r.nearest : 1 / std::max(r.nearest, r.size) - 1 / z;
    return 1.3f / r.texel * r.size * wide;
}

constexpr int kAtOnce = 256;
/// Some points of a row on their way through the steps of a reading, step by step for all, so that none waits for the
/// memory of another.
struct Batch {
    int count = 0;
    int at[kAtOnce];
    float u[kAtOnce], v[kAtOnce], z[kAtOnce], least[kAtOnce], kernel[kAtOnce];
    float stops[kAtOnce], depth[kAtOnce], square[kAtOnce];
    float look[kAtOnce]; ///< how wide is looked for blockers, texels
    bool widened[kAtOnce]; ///< the penumbra may be wider than a texel
    float stopped[kAtOnce], points[kAtOnce]; ///< what comes out; over how many points it cannot change much
};

/// \param around points that the look for blockers takes in at least
RL_HOT void place(Batch& b, const Reading& r, const float* depth, float around)
{
    const Line l = r.line;
    for (int j = 0; j < b.count; ++j) {
        const float d = depth ? std::min(std::max(depth[b.at[j]], r.least), r.most) : 1, k = float(b.at[j]);
        const float z = l.oz + d * (l.az + k * l.bz), far = r.sun ? 1 : 1 / std::max(z, 1e-4f);
        b.z[j] = z;
        b.u[j] = (l.ou + d * (l.au + k * l.bu)) * far, b.v[j] = (l.ov + d * (l.av + k * l.bv)) * far;
        b.least[j] = std::max(1.f, r.apart * far);
        const float wide = r.sun ? z - r.nearest : 1 / std::max(r.nearest, r.size) - far;
        b.kernel[j] = std::max(b.least[j], 1.3f / r.texel * r.size * wide);
        b.look[j] = std::max(b.kernel[j], around * b.least[j]);
    }
}

/// Where the blocker lies, roughly, and with it how wide the penumbra is. What lies beside the face is set aside.
RL_HOT void lookForBlockers(Batch& b, const Reading& r)
{
    const float half = r.whole ? 1e9f : r.corner / 1.1f;
    for (int j = 0; j < b.count; ++j) {
        const float u = b.u[j], v = b.v[j];
        const bool beside = !(b.z[j] > r.nearest + 1e-4f) || u < r.low || v < r.low || u > r.right || v > r.bottom
            || std::abs(u - r.corner) > half || std::abs(v - r.corner) > half;
        b.widened[j] = b.kernel[j] > b.least[j];
        b.stops[j] = beside ? 0.f : 1.f;
        if (beside || !(b.look[j] > b.least[j]))
            continue;
        const Four rough = readNear(r.sizes, u, v, b.look[j]);
        b.stops[j] = rough[0], b.depth[j] = rough[1];
    }
    for (int j = 0; j < b.count; ++j) {
        if (!(b.stops[j] > 1e-3f) || !b.widened[j])
            continue;
        const float blocker = b.depth[j] / b.stops[j] + r.middle;
        const float own = r.sun ? r.size * (b.z[j] - blocker) : r.size * (1 / std::max(blocker, r.size) - 1 / b.z[j]);
        b.kernel[j] = std::min(std::max(1.3f / r.texel * own, b.least[j]), b.kernel[j]);
    }
}

RL_HOT void readThere(Batch& b, const Reading& r)
{
    for (int j = 0; j < b.count; ++j) {
        if (!(b.stops[j] > 1e-3f))
            continue;
        const Four read = readAt(r.sizes, b.u[j], b.v[j], b.kernel[j]);
        b.stops[j] = read[0], b.depth[j] = read[1], b.square[j] = read[2];
    }
}

RL_HOT void weigh(Batch& b, const Reading& r)
{
    for (int j = 0; j < b.count; ++j) {
        const bool any = b.stops[j] > 1e-3f;
        const float inverse = 1 / std::max(b.stops[j], 1e-3f), mean = any ? b.depth[j] * inverse : 0;
        const float spread = std::sqrt(std::max(0.f, (any ? b.square[j] : 0) * inverse - mean * mean));
        const float texel = r.sun ? r.texel : r.texel * b.z[j];
        const float behind = 0.5f + (b.z[j] - r.middle - mean) / (3.4641f * spread + texel);
        b.stopped[j] = any ? std::min(b.stops[j], 1.f) * std::min(std::max(behind, 0.f), 1.f) : 0;
        b.points[j] = (any ? b.kernel[j] : b.look[j]) / b.least[j];
    }
}

void tell(Batch& b, const Reading& r, const float* depth, float around)
{
    place(b, r, depth, around);
    lookForBlockers(b, r);
    readThere(b, r);
    weigh(b, r);
}

/// Part of a row, a hundred points or so: every fourth first. Between two that tell nearly the same, over a wide
/// penumbra, what lies between follows from them; else the middle is looked at, and where that differs every point.
void readPart(float* out, const Reading& r, const float* depth, int from, int to)
{
    constexpr float alike = 0.06f, broad = 6;
    static thread_local Batch fourths, rest;
    static thread_local float told[4 * kAtOnce], points[4 * kAtOnce]; // from `from`
    const auto ask = [&](Batch& b, float around = 1) {
        tell(b, r, depth, around);
        for (int j = 0; j < b.count; ++j)
            told[b.at[j] - from] = b.stopped[j], points[b.at[j] - from] = b.points[j];
        b.count = 0;
    };
    fourths.count = rest.count = 0;
    const int whole = from + (to - 1 - from) / 4 * 4; // the last of the fourths
    for (int i = from; i <= whole; i += 4)
        fourths.at[fourths.count++] = i;
    ask(fourths, broad);
    const auto near = [&](int a, int b) { return std::abs(told[a - from] - told[b - from]) < alike; };
    for (int i = from; i < whole; i += 4)
        if (near(i, i + 4) && std::min(points[i - from], points[i + 4 - from]) >= broad) {
            const float step = 0.25f * (told[i + 4 - from] - told[i - from]);
            for (int k = 1; k < 4; ++k)
                told[i + k - from] = told[i - from] + float(k) * step;
        } else {
            rest.at[rest.count++] = i + 2;
            told[i + 2 - from] = -1;
        }
    const int middles = rest.count;
    static thread_local int looked[kAtOnce];
    std::copy(rest.at, rest.at + middles, looked);
    ask(rest);
    const auto odd = [&](int i) {
        if (near(i - 1, i + 1))
            told[i - from] = 0.5f * (told[i - 1 - from] + told[i + 1 - from]);
        else
            rest.at[rest.count++] = i;
        if (rest.count == kAtOnce)
            ask(rest);
    };
    for (int j = 0; j < middles; ++j)
        odd(looked[j] - 1), odd(looked[j] + 1);
    if (rest.count > kAtOnce - 4)
        ask(rest);
    for (int i = whole + 1; i < to; ++i)
        rest.at[rest.count++] = i;
    ask(rest);
    for (int i = from; i < to; ++i)
        out[i] = std::max(out[i], told[i - from]);
}

/// Is there nothing at all near that place? The level is the one whose texels are `wide` or wider.
/// \param u, v, wide texels of the finest size; what is within half of `wide` is seen for certain
inline bool nothingNear(const Sizes& sizes, float u, float v, float wide)
{
    const int level = int(std::bit_cast<std::uint32_t>(wide) >> 23) - 126; // the next power of two
    if (level >= sizes.count)
        return false;
    const BodyMap::Level& l = sizes.levels[level];
    const float scale = std::bit_cast<float>(std::uint32_t(127 - level) << 23);
    const float x = u * scale + 0.5f, y = v * scale + 0.5f;
    if (x <= 0 || y <= 0 || x >= float(l.width - 1) || y >= float(l.height - 1))
        return true;
    const Texel* p = l.texels.data() + std::size_t(y) * std::size_t(l.width) + std::size_t(x);
    return p[0].stops + p[1].stops + p[l.width].stops + p[l.width + 1].stops <= 0;
}

constexpr int kStride = 16;
/// Whether `kStride` points of a flat row from i on meet nothing, whatever their penumbra: a straight line, along which
/// all of it changes evenly.
class EmptyStretches {
public:
    EmptyStretches(const Reading& r, int count)
        : m_r(r)
        , m_count(count)
    {
    }
    bool at(int i) const
    {
        const Point a = point(i), b = point(std::min(i + kStride, m_count) - 1);
        if (!(std::min(a.z, b.z) > m_r.nearest))
            return std::max(a.z, b.z) <= m_r.nearest;
        const float kernel = std::max(1.f, widestAt(m_r, std::max(a.z, b.z))),
                    apart = m_r.sun ? m_r.apart : m_r.apart / std::min(a.z, b.z);
        return nothingNear(m_r.sizes, (a.u + b.u) / 2, (a.v + b.v) / 2,
            1.02f * std::max(std::abs(a.u - b.u), std::abs(a.v - b.v)) + std::max(3 * kernel, 4 * apart) + 1);
    }

private:
    struct Point {
        float u, v, z;
    };
    Point point(int i) const
    {
        const Line& l = m_r.line;
        const float k = float(i), z = l.oz + l.az + k * l.bz, far = m_r.sun ? 1 : 1 / std::max(z, 1e-4f);
        return {(l.ou + l.au + k * l.bu) * far, (l.ov + l.av + k * l.bv) * far, z};
    }
    const Reading& m_r;
    int m_count;
};

/// out holds zeros, or what another face of the lamp has stopped.
void readRow(float* out, const Reading& r, const float* depth, int from, int to)
{
    constexpr int part = 4 * (kAtOnce - 8);
    const auto read = [&](int a, int b) {
        for (int i = a; i < b; i += part)
            readPart(out, r, depth, i, std::min(b, i + part));
    };
    if (depth) {
        read(from, to);
        return;
    }
    const EmptyStretches empty(r, to);
    int start = to; // of what is to be read
    for (int i = from; i < to; i += kStride)
        if (!empty.at(i))
            start = std::min(start, i);
        else if (start < i)
            read(start, i), start = to;
    if (start < to)
        read(start, to);
}

/// Narrows [from, to) to where a + i b >= 0.
void keep(double a, double b, double& from, double& to)
{
    if (std::abs(b) < 1e-12) {
        if (a < 0)
            to = from;
        return;
    }
    const double at = -a / b;
    if (b > 0)
        from = std::max(from, at);
    else
        to = std::min(to, at);
}

/// Narrows [from, to) to where a + i b >= 0 for one of two pairs.
void keepEither(const std::array<double, 2>& a, const std::array<double, 2>& b, double& from, double& to)
{
    double from0 = from, to0 = to, from1 = from, to1 = to;
    keep(a[0], b[0], from0, to0);
    keep(a[1], b[1], from1, to1);
    if (from0 >= to0)
        from = from1, to = to1;
    else if (from1 >= to1)
        from = from0, to = to0;
    else
        from = std::min(from0, from1), to = std::max(to0, to1);
}

/// Texels of blur beyond which nothing is stopped. \param far m from the light
double marginAt(const Face& f, bool sun, double size, double far)
{
    const double blur
        = sun ? size * (far - double(f.nearest)) : size * (1 / std::max(double(f.nearest), size) - 1 / far);
    return 2 + 1.7 * blur / f.texel; // no penumbra is wider than the light lets it be
}

/// The part of a row that the light may be kept from, blur included. \param margin texels of blur
std::array<int, 2> reached(const Face& f, const Line& l, const RayRow& row, bool sun, double size, double& margin)
{
    const std::array<double, 2> depths{row.least, row.most};
    double far = 0; // the farthest of the row's points from the light
    for (const double d : depths)
        for (const int i : {0, row.count - 1})
            far = std::max(far, double(l.oz) + d * (double(l.az) + i * double(l.bz)));
    if (far <= double(f.nearest))
        return {0, 0};
    margin = marginAt(f, sun, size, far);
    const double right = f.levels[0].width - 2 + margin, bottom = f.levels[0].height - 2 + margin;
    double from = 0, to = row.count;
    // Bounds move with the distance from a lamp. A bound that holds at neither depth holds at none between.
    const auto side = [&](float o, float a, float b, double bound, double sign) {
        std::array<double, 2> at, by;
        for (std::size_t k = 0; k < 2; ++k) {
            const double z0 = sun ? 1 : double(l.oz) + depths[k] * double(l.az),
                         zb = sun ? 0 : depths[k] * double(l.bz);
            at[k] = sign * (double(o) + depths[k] * double(a) - bound * z0);
            by[k] = sign * (depths[k] * double(b) - bound * zb);
        }
        keepEither(at, by, from, to);
    };
    const auto nearer = [&](std::size_t k) { return double(l.oz) + depths[k] * double(l.az) - double(f.nearest); };
    keepEither({nearer(0), nearer(1)}, {depths[0] * double(l.bz), depths[1] * double(l.bz)}, from, to);
    if (from >= to)
        return {0, 0};
    side(l.ou, l.au, l.bu, -margin, 1), side(l.ou, l.au, l.bu, right, -1);
    side(l.ov, l.av, l.bv, -margin, 1), side(l.ov, l.av, l.bv, bottom, -1);
    if (from >= to)
        return {0, 0};
    return {int(std::clamp(std::floor(from) - 2, 0.0, double(row.count))),
        int(std::clamp(std::ceil(to) + 3, 0.0, double(row.count)))};
}
} // namespace

bool BodyMap::mayReach(const std::array<Vec3, 8>& corners, double size) const
{
    for (const Face& f : m_faces) {
        const double per = 1 / f.texel;
        double far = -1e300;
        for (const Vec3& c : corners)
            far = std::max(far, dot(c - f.centre, f.away));
        if (far <= double(f.nearest))
            continue;
        const double margin = 3 + marginAt(f, m_light.isSun, size, far);
        bool left = true, above = true, beyond = true, below = true;
        for (const Vec3& c : corners) {
            const Vec3 q = c - f.centre;
            const double k = m_light.isSun ? 1 : dot(q, f.away), u = per * (dot(q, f.u) - f.left * k),
                         v = per * (dot(q, f.v) - f.top * k);
            left = left && u < -margin * k, above = above && v < -margin * k;
            beyond = beyond && u > (f.levels[0].width - 2 + margin) * k;
            below = below && v > (f.levels[0].height - 2 + margin) * k;
        }
        if (!left && !above && !beyond && !below)
            return true;
    }
    return false;
}

std::array<int, 2> BodyMap::stopped(float* out, const RayRow& row, double size) const
{
    std::array<int, 2> all{row.count, 0};
    for (const Face& f : m_faces) {
        const Line line = lineOf(f, row, m_light.isSun);
        double margin = 2;
        const auto [from, to] = reached(f, line, row, m_light.isSun, size, margin);
        if (from >= to)
            continue;
        if (all[0] >= all[1]) {
            std::fill(out + from, out + to, 0.f);
            all = {from, to};
        } else { // a second face of the same lamp
            std::fill(out + std::min(from, all[0]), out + all[0], 0.f);
            std::fill(out + all[1], out + std::max(to, all[1]), 0.f);
            all = {std::min(from, all[0]), std::max(to, all[1])};
        }
        const float depth = row.depth ? row.depth[0] : 1;
        const Reading r{{f.levels.data(), int(f.levels.size())}, line, float(size), float(f.texel), f.nearest, f.middle,
            std::hypot(line.bu, line.bv) * depth, m_light.isSun, f.whole, float(f.levels[0].width - 2) / 2,
            float(-margin), float(f.levels[0].width - 2 + margin), float(f.levels[0].height - 2 + margin),
            float(row.least), float(row.most)};
        readRow(out, r, row.depth, from, to);
    }
    return all[0] < all[1] ? all : std::array<int, 2>{0, 0};
}

} // namespace rl::stage
