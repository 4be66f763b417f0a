#include "core/light/tone.h"
#include "core/base/parallel.h"
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

void fitInPlace(std::vector<Rgb>& pixels, double exposureStops)
{
    const float gain = float(std::exp2(exposureStops));
    constexpr std::size_t kChunk = 4096;
    parallelRows(int((pixels.size() + kChunk - 1) / kChunk), [&](int begin, int end) {
        const std::size_t last = std::min(pixels.size(), std::size_t(end) * kChunk);
        for (std::size_t i = std::size_t(begin) * kChunk; i < last; ++i)
            pixels[i] = shouldered(pixels[i] * gain);
    });
}

} // namespace rl::light
