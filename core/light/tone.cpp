#include "core/light/tone.h"
#include "core/base/hot.h"
#include <cmath>

namespace rl::light {

namespace {
constexpr float kKnee = 0.6f;
Rgb shouldered(Rgb c)
{
    const float top = std::max({c.r, c.g, c.b});
    if (top <= kKnee)
        return c;
    const float over = (top - kKnee) / (1 - kKnee);
    return c * ((kKnee + (1 - kKnee) * over / (1 + over)) / top);
}
} // namespace

Rgb fitted(Rgb colour, double exposureStops)
{
    return shouldered(colour * float(std::exp2(exposureStops)));
}

float exposureGain(double stops)
{
    return float(std::exp2(stops));
}

namespace {
RL_HOT void fitAll(Rgb* row, int count, float gain)
{
    for (int x = 0; x < count; ++x) {
        const float r = row[x].r * gain, g = row[x].g * gain, b = row[x].b * gain, top = std::max(r, std::max(g, b));
        const float over = (top - kKnee) / (1 - kKnee);
        const float k = top <= kKnee ? 1.f : (kKnee + (1 - kKnee) * over / (1 + over)) / top;
        row[x].r = r * k, row[x].g = g * k, row[x].b = b * k;
    }
}
} // namespace

void fitRow(std::span<Rgb> row, float gain)
{
    fitAll(row.data(), int(row.size()), gain);
}

} // namespace rl::light
