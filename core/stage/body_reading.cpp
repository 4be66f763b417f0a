// Reading a face of a body's map at many points at once.
#include "core/stage/body_reading.h"
#include "core/base/hot.h"
#include <bit>

namespace rl::stage {

namespace {
using Texel = BodyMap::Texel;
typedef float Four __attribute__((vector_size(16)));

/// Binary logarithm for numbers from 1 up, straight between powers of two.
inline float log2Of(float x)
{
    const auto bits = std::bit_cast<std::uint32_t>(x);
    return float(int(bits >> 23) - 127) + (std::bit_cast<float>((bits & 0x7fffffu) | 0x3f800000u) - 1);
}

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
inline Four readAt(const FaceReading& r, float u, float v, float kernel)
{
    const float level = log2Of(kernel);
    const int most = r.count - 1, low = std::min(int(level), most);
    const float scale = std::bit_cast<float>(std::uint32_t(127 - low) << 23); // 2^-low
    const Four fine = readLevel(r.levels[low], u, v, scale);
    if (low == most) // wider than the whole body: what it stops is spread ever thinner
        return fine * std::bit_cast<float>(std::uint32_t(127 - 2 * std::min(int(level) - low, 60)) << 23);
    const float mix = level - float(low);
    if (mix <= 0)
        return fine;
    return fine + mix * (readLevel(r.levels[low + 1], u, v, scale * 0.5f) - fine);
}

/// The same without a look at the next size: where the blocker is need only be known roughly.
inline Four readNear(const FaceReading& r, float u, float v, float kernel)
{
    const int low = std::min(int(log2Of(kernel) + 0.5f), r.count - 1);
    return readLevel(r.levels[low], u, v, std::bit_cast<float>(std::uint32_t(127 - low) << 23));
}

/// What is stopped of the light to a point at depth z, from what is read.
inline float weighed(const FaceReading& r, float stops, float depth, float square, float z)
{
    const float inverse = 1 / std::max(stops, 1e-3f), mean = depth * inverse;
    const float spread = std::sqrt(std::max(0.f, square * inverse - mean * mean));
    const float behind = 0.5f + (z - r.middle - mean) / (3.4641f * spread + (r.sun ? r.texel : r.texel * z));
    return stops > 1e-3f ? std::min(stops, 1.f) * std::min(std::max(behind, 0.f), 1.f) : 0;
}

RL_HOT void addAll(PointBatch& b, const FaceLine& line, int known, int from, int step, int count)
{
    const FaceLine l = line;
    const int first = b.count;
    for (int n = 0; n < count; ++n) { // their depths lie in `z`
        const int j = first + n, i = from + n * step;
        const float d = std::min(std::max(b.z[j], l.least), l.most), k = float(i);
        b.id[j] = known + i;
        b.u[j] = l.ou + d * (l.au + k * l.bu), b.v[j] = l.ov + d * (l.av + k * l.bv);
        b.z[j] = l.oz + d * (l.az + k * l.bz);
        b.least[j] = l.apart;
    }
    b.count += count;
}

/// Where the points lie on the face, and how wide their penumbra can be at most.
RL_HOT void place(PointBatch& b, const FaceReading& reading)
{
    const FaceReading r = reading; // nothing that is written can change it
    const float perTexel = 1.3f / r.texel * r.size, before = 1 / std::max(r.blocking, r.size);
    for (int j = 0; j < b.count; ++j) {
        const float z = b.z[j], far = r.sun ? 1 : 1 / std::max(z, 1e-4f);
        b.u[j] *= far, b.v[j] *= far;
        b.least[j] = std::max(1.f, b.least[j] * far);
        b.kernel[j] = std::max(b.least[j], perTexel * (r.sun ? z - r.blocking : before - far));
        b.open[j] = j;
    }
    b.left = b.count;
}

/// Looks widely around all points that are open.
RL_HOT void lookAround(PointBatch& b, const FaceReading& reading, float around)
{
    const FaceReading r = reading;
    for (int k = 0; k < b.left; ++k) {
        const float wide = std::max(b.kernel[k], around * b.least[k]);
        b.level[k] = std::min(int(log2Of(wide) + 0.5f), r.count - 1);
        // Of a small body the coarsest size is finer than that.
        const float looked = std::min(wide, 1.41f * std::bit_cast<float>(std::uint32_t(127 + b.level[k]) << 23));
        b.over[k] = std::max(looked, b.least[k]) / b.least[k];
    }
    for (int k = 0; k < b.left; ++k) {
        const int low = b.level[k];
        const Four read
            = readLevel(r.levels[low], b.u[k], b.v[k], std::bit_cast<float>(std::uint32_t(127 - low) << 23));
        b.stops[k] = read[0], b.depth[k] = read[1], b.square[k] = read[2];
    }
    for (int k = 0; k < b.left; ++k)
        b.stops[k] = weighed(r, b.stops[k], b.depth[k], b.square[k], b.z[k]);
}

/// What lies beside the face is set aside.
RL_HOT void setAside(PointBatch& b, const FaceReading& reading)
{
    const FaceReading r = reading;
    for (int k = 0; k < b.left; ++k) {
        const float beside = std::max(std::abs(b.u[k] - r.axisU), std::abs(b.v[k] - r.axisV));
        const float told = beside > r.quarter ? 0 : b.stops[k];
        b.stops[k] = b.z[k] > r.front + 1e-4f ? told : 0;
    }
}

/// What is stopped nowhere or everywhere around is told; what is open moves up.
void sortOut(PointBatch& b)
{
    int left = 0;
    for (int k = 0; k < b.left; ++k) {
        const int j = b.open[k];
        const float told = b.stops[k];
        b.stopped[j] = told, b.points[j] = b.over[k];
        b.open[left] = j;
        b.u[left] = b.u[k], b.v[left] = b.v[k], b.z[left] = b.z[k], b.least[left] = b.least[k];
        b.kernel[left] = b.kernel[k];
        left += (told > 0) & (told < 0.999f);
    }
    b.left = left;
}

/// Where the blocker lies, roughly, and with it how wide the penumbra is.
RL_HOT void lookForBlockers(PointBatch& b, const FaceReading& reading)
{
    const FaceReading r = reading;
    for (int k = 0; k < b.left; ++k) {
        const Four rough = b.kernel[k] > b.least[k] ? readNear(r, b.u[k], b.v[k], b.kernel[k]) : Four{};
        b.stops[k] = rough[0], b.depth[k] = rough[1];
    }
    const float perTexel = 1.3f / r.texel * r.size;
    for (int k = 0; k < b.left; ++k) {
        const float z = b.z[k], blocker = b.stops[k] > 1e-3f ? b.depth[k] / b.stops[k] + r.middle : z;
        const float own = perTexel * (r.sun ? z - blocker : 1 / std::max(blocker, r.size) - 1 / z);
        b.kernel[k] = std::min(std::max(own, b.least[k]), b.kernel[k]);
    }
}

RL_HOT void readThere(PointBatch& b, const FaceReading& reading)
{
    const FaceReading r = reading;
    for (int k = 0; k < b.left; ++k) {
        const Four read = readAt(r, b.u[k], b.v[k], b.kernel[k]);
        b.stops[k] = read[0], b.depth[k] = read[1], b.square[k] = read[2];
    }
    for (int k = 0; k < b.left; ++k)
        b.stops[k] = weighed(r, b.stops[k], b.depth[k], b.square[k], b.z[k]);
    for (int k = 0; k < b.left; ++k)
        b.over[k] = b.kernel[k] / b.least[k];
    for (int k = 0; k < b.left; ++k)
        b.stopped[b.open[k]] = b.stops[k], b.points[b.open[k]] = b.over[k];
}
} // namespace

FaceLine lineOf(const BodyMap::Face& f, const RayRow& row, bool sun)
{
    const double per = 1 / f.texel;
    const Vec3 o = row.origin - f.centre;
    // u and v from the face's corner: for a lamp the corner moves with the distance.
    const auto across = [&](Vec3 p, Vec3 axis, double corner) {
        return float(per * (dot(p, axis) - (sun ? 0 : corner * dot(p, f.away))));
    };
    FaceLine l{across(o, f.u, f.left), across(o, f.v, f.top), float(dot(o, f.away)), across(row.way, f.u, f.left),
        across(row.way, f.v, f.top), float(dot(row.way, f.away)), across(row.step, f.u, f.left),
        across(row.step, f.v, f.top), float(dot(row.step, f.away)), 0, float(row.least), float(row.most)};
    if (sun)
        l.ou -= float(per * f.left), l.ov -= float(per * f.top);
    l.apart = std::hypot(l.bu, l.bv) * (row.depth ? row.depth[0] : 1);
    return l;
}

FaceReading::FaceReading(const BodyMap::Face& f, bool isSun, double lightSize)
    : levels(f.levels.data())
    , count(int(f.levels.size()))
    , size(float(lightSize))
    , texel(float(f.texel))
    , blocking(f.least)
    , front(f.front)
    , middle(f.middle)
    , sun(isSun)
    , axisU(float(-f.left / f.texel))
    , axisV(float(-f.top / f.texel))
    , quarter(f.whole ? 1e30f : float(1 / f.texel))
{
}

int add(PointBatch& b, const FaceLine& l, const float* depth, int known, int from, int to, int step)
{
    const int count = std::min((to - from + step - 1) / step, PointBatch::kMost - b.count);
    for (int n = 0; n < count; ++n)
        b.z[b.count + n] = depth ? depth[from + n * step] : 1;
    addAll(b, l, known, from, step, count);
    return from + count * step;
}

void tell(PointBatch& b, const FaceReading& r, float around)
{
    constexpr float narrow = 6;
    place(b, r);
    for (;; around /= 2) {
        lookAround(b, r, around);
        setAside(b, r);
        sortOut(b);
        if (around < 2 * narrow || b.left == 0)
            break;
    }
    lookForBlockers(b, r);
    readThere(b, r);
}

} // namespace rl::stage
