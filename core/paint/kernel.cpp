#include "core/paint/kernel.h"
#include "core/base/hot.h"

namespace rl::paint {

namespace {
// What the eye sees of an opaque layer is kShift + kGain / (1 + u + √(u (u + 2)) - 0.60): Saunderson after
// Kubelka-Munk, in one division.
constexpr float kGain = 0.96f * 0.40f, kInner = 0.60f;
const float kShift = float(seen(0, surfaceShare(Finish::Satin)));

struct alignas(32) FlatWeights {
    float of[3][kPadded];
};
const FlatWeights& flatWeights()
{
    static const FlatWeights all = [] {
        FlatWeights f{};
        const Weights& w = weightsOf(Illuminant::Daylight);
        for (std::size_t c = 0; c < 3; ++c)
            for (std::size_t i = 0; i < kBands; ++i)
                f.of[c][i] = float(w[c][i]);
        return f;
    }();
    return all;
}
} // namespace

Packed packed(const Optics& o)
{
    Packed p;
    std::fill(p.k, p.k + kPadded, 1.f);
    std::fill(p.s, p.s + kPadded, 1.f);
    for (std::size_t i = 0; i < kBands; ++i)
        p.k[i] = float(o.k[i]), p.s[i] = float(o.s[i]);
    return p;
}

RL_HOT void mixSlopes(const Packed* const* paints, const float* amounts, int n, float* out)
{
    const FlatWeights& w = flatWeights();
    alignas(32) float k[kPadded], s[kPadded], r[kPadded], g[kPadded], d[kPadded];
    for (int i = 0; i < kPadded; ++i)
        k[i] = amounts[0] * paints[0]->k[i], s[i] = amounts[0] * paints[0]->s[i];
    for (int j = 1; j < n; ++j)
        for (int i = 0; i < kPadded; ++i)
            k[i] += amounts[j] * paints[j]->k[i], s[i] += amounts[j] * paints[j]->s[i];
    for (int i = 0; i < kPadded; ++i) {
        const float inv = 1 / s[i], u = k[i] * inv, root = std::sqrt(u * (u + 2)), over = 1 / (1 + u + root - kInner);
        r[i] = kShift + kGain * over;
        // dRext/du = -gain over² (1 + (u + 1) / root)
        g[i] = -kGain * over * over * (1 + (u + 1) / root) * inv;
        k[i] = u;
    }
    for (int c = 0; c < 3; ++c) {
        float sum = 0;
        for (int i = 0; i < kPadded; ++i)
            sum += w.of[c][i] * r[i];
        out[c] = sum;
    }
    for (int j = 0; j < n; ++j) {
        for (int i = 0; i < kPadded; ++i)
            d[i] = amounts[j] * (paints[j]->k[i] - k[i] * paints[j]->s[i]) * g[i];
        for (int c = 0; c < 3; ++c) {
            float sum = 0;
            for (int i = 0; i < kPadded; ++i)
                sum += w.of[c][i] * d[i];
            out[3 + 3 * j + c] = sum;
        }
    }
}

RL_HOT void mixSweep(const Packed& sum, const Packed& more, const float* amounts, int count, float* out)
{
    const FlatWeights& w = flatWeights();
    for (int m = 0; m < count; ++m) {
        float x[8] = {}, y[8] = {}, z[8] = {};
        for (int i = 0; i < kPadded; i += 8)
            for (int l = 0; l < 8; ++l) {
                const float u
                    = (sum.k[i + l] + amounts[m] * more.k[i + l]) / (sum.s[i + l] + amounts[m] * more.s[i + l]),
                    over = 1 / (1 + u + std::sqrt(u * (u + 2)) - kInner);
                x[l] += w.of[0][i + l] * over, y[l] += w.of[1][i + l] * over, z[l] += w.of[2][i + l] * over;
            }
        float X = 0, Y = 0, Z = 0;
        for (int l = 0; l < 8; ++l)
            X += x[l], Y += y[l], Z += z[l];
        out[3 * m] = kShift + kGain * X, out[3 * m + 1] = kShift + kGain * Y, out[3 * m + 2] = kShift + kGain * Z;
    }
}

RL_HOT void addTo(Packed& sum, const Packed& a, const Packed& b, float parts)
{
    for (int i = 0; i < kPadded; ++i)
        sum.k[i] = a.k[i] + parts * b.k[i], sum.s[i] = a.s[i] + parts * b.s[i];
}

} // namespace rl::paint
