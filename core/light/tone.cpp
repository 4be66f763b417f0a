#include "core/light/tone.h"
#include "core/base/hot.h"
#include <cmath>

namespace rl::light {

namespace {
constexpr float kKnee = 0.6f;
/// Where luminance goes: as it is up to the knee, then ever slower towards 1.
inline float shoulder(float y)
{
    const float over = std::max(0.f, y - kKnee) / (1 - kKnee);
    return y <= kKnee ? y : kKnee + (1 - kKnee) * over / (1 + over);
}
/// Luminance first; what then still stands out over paper white is drawn towards the grey of its luminance.
inline void fit(float& r, float& g, float& b)
{
    const float y = 0.2126f * r + 0.7152f * g + 0.0722f * b, fits = shoulder(y), k = fits / std::max(y, 1e-9f);
    r *= k, g *= k, b *= k;
    const float top = std::max(r, std::max(g, b)), part = top > 1 ? (1 - fits) / std::max(top - fits, 1e-9f) : 1.f;
    const float grey = fits * (1 - part);
    r = r * part + grey, g = g * part + grey, b = b * part + grey;
}
} // namespace

Rgb fitted(Rgb c, double exposureStops)
{
    c = c * float(std::exp2(exposureStops));
    fit(c.r, c.g, c.b);
    return c;
}

float exposureGain(double stops)
{
    return float(std::exp2(stops));
}

namespace {
RL_HOT void fitAll(Rgb* row, int count, float gain)
{
    for (int x = 0; x < count; ++x) {
        float r = row[x].r * gain, g = row[x].g * gain, b = row[x].b * gain;
        fit(r, g, b);
        row[x].r = r, row[x].g = g, row[x].b = b;
    }
}
} // namespace

void fitRow(std::span<Rgb> row, float gain)
{
    fitAll(row.data(), int(row.size()), gain);
}

} // namespace rl::light
