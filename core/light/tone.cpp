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

Rgb fitted(Rgb colour, double exposureStops) { return shouldered(colour * float(std::exp2(exposureStops))); }

LinearPicture fitted(const LinearPicture& picture, double exposureStops)
{
    const float gain = float(std::exp2(exposureStops));
    std::vector<Rgb> out(picture.size());
    parallelRows(picture.height(), [&](int begin, int end) {
        const std::size_t w = std::size_t(picture.width());
        for (std::size_t i = std::size_t(begin) * w; i < std::size_t(end) * w; ++i)
            out[i] = shouldered(picture.data()[i] * gain);
    });
    return {picture.width(), picture.height(), std::move(out)};
}

} // namespace rl::light
