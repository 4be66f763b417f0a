#include "core/relief/light_net.h"
#include "core/base/hot.h"
#include "light_net_weights.h" // made from weights/light_net.f16
#include <algorithm>
#include <bit>
#include <cstdint>
#include <numeric>

namespace rl::relief {

namespace {
/// IEEE 754 half to single precision; the weights hold no infinities.
float halfToFloat(std::uint16_t h)
{
    const std::uint32_t sign = std::uint32_t(h & 0x8000u) << 16, exponent = (h >> 10) & 0x1fu, fraction = h & 0x3ffu;
    if (exponent == 0)
        return (sign ? -1.f : 1.f) * float(fraction) * 0x1p-24f;
    return std::bit_cast<float>(sign | ((exponent + 112) << 23) | (fraction << 13));
}

struct Layer {
    std::vector<float> w, b;
};

struct Weights {
    std::array<Layer, 9> encode; ///< two for each of four sizes, one for the smallest
    std::array<Layer, 4> up, decode; ///< from the smallest but one
    Layer out, head1, head2;
    Weights()
    {
        std::size_t at = 0;
        const auto take = [&](Layer& l, int outputs, int inputs, int taps) {
            const auto some = [&](std::vector<float>& v, int n) {
                for (int i = 0; i < n; ++i, at += 2)
                    v.push_back(halfToFloat(std::uint16_t(kWeightBytes[at] | (kWeightBytes[at + 1] << 8))));
            };
            some(l.w, outputs * inputs * taps);
            some(l.b, outputs);
        };
        constexpr int channels[]{12, 16, 24, 32, 40};
        int before = 14;
        for (std::size_t l = 0; l < 5; ++l) {
            take(encode[2 * l], channels[l], before, 9);
            if (l < 4)
                take(encode[2 * l + 1], channels[l], channels[l], 9);
            before = channels[l];
        }
        for (std::size_t l = 0; l < 4; ++l) {
            take(up[l], channels[3 - l], channels[4 - l], 1);
            take(decode[l], channels[3 - l], channels[3 - l], 9);
        }
        take(out, 3, 12, 9);
        take(head1, 32, 100, 1);
        take(head2, 3, 32, 1);
    }
};
const Weights& weights()
{
    static const Weights w;
    return w;
}

/// Planes of one size, each with a rim of zeros.
struct Planes {
    int side = 0, count = 0;
    std::vector<float> v;
    Planes(int s, int n)
        : side(s)
        , count(n)
        , v(std::size_t(n) * rim() * rim())
    {
    }
    std::size_t rim() const { return std::size_t(side) + 2; }
    float* row(int plane, int y) { return v.data() + (std::size_t(plane) * rim() + std::size_t(y) + 1) * rim() + 1; }
    const float* row(int plane, int y) const { return const_cast<Planes*>(this)->row(plane, y); }
};

/// out[x] += Σ w[k] in[y + k / 3 - 1][x + k % 3 - 1], for one row of one plane.
RL_HOT void convolveRow(float* out, const float* above, const float* here, const float* below, const float* w, int n)
{
    for (int x = 0; x < n; ++x)
        out[x] += w[0] * above[x - 1] + w[1] * above[x] + w[2] * above[x + 1] + w[3] * here[x - 1] + w[4] * here[x]
            + w[5] * here[x + 1] + w[6] * below[x - 1] + w[7] * below[x] + w[8] * below[x + 1];
}
RL_HOT void addScaledRow(float* out, const float* in, float w, int n)
{
    for (int x = 0; x < n; ++x)
        out[x] += w * in[x];
}

float bent(float x)
{
    return std::max(x, 0.1f * x);
}

Planes convolved(const Planes& in, const Layer& l, int taps, bool bend)
{
    Planes out(in.side, int(l.b.size()));
    for (int o = 0; o < out.count; ++o)
        for (int y = 0; y < in.side; ++y) {
            float* row = out.row(o, y);
            std::fill(row, row + in.side, l.b[std::size_t(o)]);
            const float* w = l.w.data() + std::size_t(o * in.count * taps);
            for (int i = 0; i < in.count; ++i, w += taps)
                if (taps == 9)
                    convolveRow(row, in.row(i, y - 1), in.row(i, y), in.row(i, y + 1), w, in.side);
                else
                    addScaledRow(row, in.row(i, y), *w, in.side);
            if (bend)
                std::transform(row, row + in.side, row, bent);
        }
    return out;
}

Planes halved(const Planes& in)
{
    Planes out(in.side / 2, in.count);
    for (int p = 0; p < in.count; ++p)
        for (int y = 0; y < out.side; ++y) {
            const float *a = in.row(p, 2 * y), *b = in.row(p, 2 * y + 1);
            for (int x = 0; x < out.side; ++x)
                out.row(p, y)[x] = 0.25f * (a[2 * x] + a[2 * x + 1] + b[2 * x] + b[2 * x + 1]);
        }
    return out;
}

/// Twice the size, each number four times, added to what was kept of that size.
void addDoubled(Planes& to, const Planes& in)
{
    for (int p = 0; p < to.count; ++p)
        for (int y = 0; y < to.side; ++y)
            for (int x = 0; x < to.side; ++x)
                to.row(p, y)[x] += in.row(p, y / 2)[x / 2];
}

/// 3 × the mean of each plane.
void pool(const Planes& in, std::vector<float>& to)
{
    for (int p = 0; p < in.count; ++p) {
        float sum = 0;
        for (int y = 0; y < in.side; ++y)
            sum = std::accumulate(in.row(p, y), in.row(p, y) + in.side, sum);
        to.push_back(3 * sum / float(in.side * in.side));
    }
}

std::vector<float> times(const Layer& l, const std::vector<float>& v)
{
    std::vector<float> out = l.b;
    for (std::size_t o = 0; o < out.size(); ++o)
        out[o] = std::inner_product(v.begin(), v.end(), l.w.begin() + std::ptrdiff_t(o * v.size()), out[o]);
    return out;
}
} // namespace

NetAnswer lightNet(const std::vector<float>& planes, const std::array<float, 4>& said)
{
    const Weights& w = weights();
    Planes x(kNetSide, 14);
    for (int p = 0; p < 14; ++p)
        for (int y = 0; y < kNetSide; ++y)
            std::copy_n(planes.data() + (std::size_t(p) * kNetSide + std::size_t(y)) * kNetSide, kNetSide, x.row(p, y));
    std::vector<Planes> kept;
    for (std::size_t l = 0; l < 5; ++l) {
        if (l > 0)
            x = halved(x);
        x = convolved(x, w.encode[2 * l], 9, true);
        if (l == 4)
            break;
        x = convolved(x, w.encode[2 * l + 1], 9, true);
        kept.push_back(x);
    }
    std::vector<float> pooled;
    pool(kept[2], pooled), pool(kept[3], pooled), pool(x, pooled);
    pooled.insert(pooled.end(), said.begin(), said.end());
    std::vector<float> hidden = times(w.head1, pooled);
    std::transform(hidden.begin(), hidden.end(), hidden.begin(), bent);
    const std::vector<float> v = times(w.head2, hidden);
    for (std::size_t l = 0; l < 4; ++l) {
        Planes& sum = kept[3 - l];
        addDoubled(sum, convolved(x, w.up[l], 1, false));
        x = convolved(sum, w.decode[l], 9, true);
    }
    const Planes out = convolved(x, w.out, 9, false);
    NetAnswer answer{{}, {double(v[0]), double(v[1]), double(v[2])}};
    answer.lift.reserve(3 * kNetPlane);
    for (int p = 0; p < 3; ++p)
        for (int y = 0; y < kNetSide; ++y)
            answer.lift.insert(answer.lift.end(), out.row(p, y), out.row(p, y) + kNetSide);
    return answer;
}

} // namespace rl::relief
