#include "core/light/tone.h"
#include "core/base/hot.h"
#include <cmath>

namespace rl::light {

namespace {
constexpr float kKnee = 0.6f, kWhitens = 1.2f;
/// Where brightness goes: as it is up to the knee, then ever slower towards 1.
inline float shoulder(float y)
{
    const float over = std::max(0.f, y - kKnee) / (1 - kKnee);
    return y <= kKnee ? y : kKnee + (1 - kKnee) * over / (1 + over);
}
inline void fit(float& r, float& g, float& b, float gain, float darks)
{
    r *= gain, g *= gain, b *= gain;
    const float before = std::max(0.f, 0.2126f * r + 0.7152f * g + 0.0722f * b),
                deep = darks > 0 ? before * (1 + darks) / (before + darks) : 1.f;
    r *= deep, g *= deep, b *= deep;
    const float bright = 0.5f * (deep * before + std::max(r, std::max(g, b))),
                k = shoulder(bright) / std::max(bright, 1e-9f);
    const float over = std::max(0.f, bright - kWhitens), white = over / (over + 4);
    r = r * k * (1 - white) + white, g = g * k * (1 - white) + white, b = b * k * (1 - white) + white;
    const float top = std::max(r, std::max(g, b)), y = 0.2126f * r + 0.7152f * g + 0.0722f * b,
                part = top > 1 ? (1 - y) / std::max(top - y, 1e-9f) : 1.f, grey = y * (1 - part);
    r = r * part + grey, g = g * part + grey, b = b * part + grey;
}

RL_HOT void fitAll(Rgb* row, int count, float gain, float darks)
{
    for (int x = 0; x < count; ++x) {
        float r = row[x].r, g = row[x].g, b = row[x].b;
        fit(r, g, b, gain, darks);
        row[x].r = r, row[x].g = g, row[x].b = b;
    }
}
} // namespace

Exposure exposureOf(const Air& air)
{
    return {float(std::exp2(air.exposureStops)), float(air.darks)};
}

Rgb fitted(Rgb c, const Exposure& e)
{
    fit(c.r, c.g, c.b, e.gain, e.darks);
    return c;
}

void fitRow(std::span<Rgb> row, const Exposure& e)
{
    fitAll(row.data(), int(row.size()), e.gain, e.darks);
}

} // namespace rl::light
