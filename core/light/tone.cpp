#include "core/light/tone.h"
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

void fitRow(std::span<Rgb> row, float gain)
{
    for (Rgb& c : row)
        c = shouldered(c * gain);
}

} // namespace rl::light
