#include "core/stage/resample.h"
#include "core/base/hot.h"
#include "core/base/parallel.h"
#include "core/colour/srgb.h"
#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <functional>

namespace rl::stage {

namespace {
/// Of one axis: which of the picture's pixels each of the grid's is the mean of.
struct Taps {
    int each = 1; ///< taps a pixel of the grid; unused ones weigh nothing
    std::vector<int> first; ///< px of the picture
    std::vector<float> weights; ///< each pixel's after the other's
    int begin = 0, end = 0; ///< what is used of the picture
};

Taps tapsOf(double origin, double step, int count, int length, Beyond beyond, bool mirrored)
{
    const double wide = std::max(1.0, step);
    Taps t;
    t.each = std::min(length, int(std::ceil(wide)) + 1);
    t.first.resize(std::size_t(count));
    t.weights.assign(std::size_t(count) * std::size_t(t.each), 0.f);
    t.begin = length;
    for (int i = 0; i < count; ++i) {
        const double centre = origin + (i + 0.5) * step, at = mirrored ? length - centre : centre;
        const double low = std::clamp(at - wide / 2, -1e8, 1e8), high = low + wide;
        const int first = std::clamp(int(std::floor(low)), 0, length - t.each);
        float* w = t.weights.data() + std::size_t(i) * std::size_t(t.each);
        for (int k = 0; k < t.each; ++k) {
            const int px = first + k;
            const bool toEdge = beyond == Beyond::Edge;
            const double from = px == 0 && toEdge ? low : std::max(low, double(px)),
                         to = px == length - 1 && toEdge ? high : std::min(high, px + 1.0);
            w[k] = float(std::max(0.0, to - from) / wide);
        }
        t.first[std::size_t(i)] = first;
        t.begin = std::min(t.begin, first), t.end = std::max(t.end, first + t.each);
    }
    t.begin = std::min(t.begin, t.end);
    return t;
}

RL_HOT void scaled(float* to, const float* from, float weight, int count)
{
    for (int i = 0; i < count; ++i)
        to[i] = from[i] * weight;
}
RL_HOT void addRow(float* to, const float* from, float weight, int count)
{
    for (int i = 0; i < count; ++i)
        to[i] += from[i] * weight;
}

/// \param from starts at the picture's column \p begin
void gather(float* to, const float* from, const Taps& t, int begin, std::integral_constant<int, 1>)
{
    const float* w = t.weights.data();
    for (std::size_t i = 0; i < t.first.size(); ++i, w += t.each) {
        const float* at = from + (t.first[i] - begin);
        float sum = 0;
        for (int k = 0; k < t.each; ++k)
            sum += w[k] * at[k];
        to[i] = sum;
    }
}
/// Three at once and a fourth thrown away. \param from one float longer than its row
void gather(float* to, const float* from, const Taps& t, int begin, std::integral_constant<int, 3>)
{
    using Four = float __attribute__((vector_size(16)));
    const float* w = t.weights.data();
    for (std::size_t i = 0; i < t.first.size(); ++i, w += t.each) {
        const float* at = from + 3 * std::ptrdiff_t(t.first[i] - begin);
        Four sum{};
        for (int k = 0; k < t.each; ++k) {
            Four here;
            std::memcpy(&here, at + 3 * k, sizeof here);
            sum += w[k] * here;
        }
        std::memcpy(to + 3 * i, &sum, 3 * sizeof(float));
    }
}

/// \param row gives a row of the picture as floats from column begin to end; may use the space it is handed
template <int Channels>
void lay(float* out, int width, int height, const Grid& g, Beyond beyond,
    const std::function<const float*(int y, int begin, int end, float* space)>& row)
{
    const Taps across = tapsOf(g.ox, g.stepX, g.width, width, beyond, g.mirrored),
               down = tapsOf(g.oy, g.stepY, g.height, height, beyond, false);
    const int count = Channels * (across.end - across.begin);
    parallelRows(g.height, [&](int begin, int end) {
        std::vector<float> sum(static_cast<std::size_t>(count) + 1), space(sum.size());
        int held = -1; // the row that was read last is often the next one's first
        const float* values = nullptr;
        for (int y = begin; y < end; ++y) {
            bool any = false;
            for (int k = 0; k < down.each; ++k) {
                const float weight = down.weights[std::size_t(y) * std::size_t(down.each) + std::size_t(k)];
                const int at = down.first[std::size_t(y)] + k;
                if (weight <= 0)
                    continue;
                if (at != held)
                    values = row(at, across.begin, across.end, space.data()), held = at;
                (any ? addRow : scaled)(sum.data(), values, weight, count);
                any = true;
            }
            if (!any)
                std::fill(sum.begin(), sum.end(), 0.f);
            gather(out + std::size_t(y) * std::size_t(g.width) * Channels, sum.data(), across, across.begin,
                std::integral_constant<int, Channels>());
        }
    });
}

template <class T> Uncleared<T> roomFor(const Grid& g)
{
    return Uncleared<T>(std::size_t(g.width) * std::size_t(g.height));
}

template <class T> Uncleared<T> laid(const Raster<T>& from, const Grid& g, Beyond beyond)
{
    static_assert(sizeof(T) == 3 * sizeof(float));
    Uncleared<T> out = roomFor<T>(g);
    lay<3>(reinterpret_cast<float*>(out.data()), from.width(), from.height(), g, beyond,
        [&](int y, int begin, int, float*) { return reinterpret_cast<const float*>(from.row(y) + begin); });
    return out;
}
} // namespace

Uncleared<float> resampled(const Mask& mask, const Grid& g, Beyond beyond)
{
    Uncleared<float> out = roomFor<float>(g);
    lay<1>(out.data(), mask.width(), mask.height(), g, beyond, [&](int y, int begin, int end, float* space) {
        const std::uint8_t* from = mask.row(y);
        for (int x = begin; x < end; ++x)
            space[x - begin] = float(from[x]) * (1 / 255.f);
        return space;
    });
    return out;
}

Uncleared<Rgb> resampled(const LinearPicture& picture, const Grid& g, Beyond beyond)
{
    return laid(picture, g, beyond);
}

Uncleared<Rgb> resampled(const Photo& photo, const Grid& g, Beyond beyond)
{
    std::array<float, 256> linear;
    for (std::size_t i = 0; i < linear.size(); ++i)
        linear[i] = colour::linearOf(std::uint8_t(i));
    Uncleared<Rgb> out = roomFor<Rgb>(g);
    lay<3>(reinterpret_cast<float*>(out.data()), photo.width(), photo.height(), g, beyond,
        [&](int y, int begin, int end, float* space) {
            const Rgb8* from = photo.row(y) + begin;
            for (int x = 0; x < end - begin; ++x) {
                space[3 * x] = linear[from[x].r];
                space[3 * x + 1] = linear[from[x].g];
                space[3 * x + 2] = linear[from[x].b];
            }
            return space;
        });
    return out;
}

Uncleared<Vec3f> resampled(const Raster<Vec3f>& field, const Grid& g, Beyond beyond)
{
    return laid(field, g, beyond);
}

} // namespace rl::stage
