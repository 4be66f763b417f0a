#include "core/colour/temperature.h"
#include "core/base/geometry.h"
#include "core/colour/lab.h"
#include <algorithm>
#include <cmath>

namespace rl::colour {

Rgb blackBody(double kelvin)
{
    const double t = std::clamp(std::isfinite(kelvin) ? kelvin : 6500.0, 1000.0, 15000.0);
    const double u
        = (0.860117757 + 1.54118254e-4 * t + 1.28641212e-7 * t * t) / (1 + 8.42420235e-4 * t + 7.08145163e-7 * t * t);
    const double v
        = (0.317398726 + 4.22806245e-5 * t + 4.20481691e-8 * t * t) / (1 - 2.89741816e-5 * t + 1.61456053e-7 * t * t);
    const double x = 3 * u / (2 * u - 8 * v + 4), y = 2 * v / (2 * u - 8 * v + 4);
    const double X = x / y, Z = (1 - x - y) / y;
    Rgb c{float(3.2404542 * X - 1.5371385 - 0.4985314 * Z), float(-0.9692660 * X + 1.8760108 + 0.0415560 * Z),
        float(0.0556434 * X - 0.2040259 + 1.0572252 * Z)};
    c = {std::max(c.r, 0.f), std::max(c.g, 0.f), std::max(c.b, 0.f)};
    return c * (1 / luminance(c));
}

Rgb hueLight(double hue, double chroma)
{
    const double angle = radians(std::isfinite(hue) ? hue : 0.0), c0 = std::clamp(chroma, 0.0, 120.0);
    Rgb c = fromLab({75, float(c0 * std::cos(angle)), float(c0 * std::sin(angle))});
    c = {std::max(c.r, 0.f), std::max(c.g, 0.f), std::max(c.b, 0.f)};
    return c * (1 / std::max(luminance(c), 1e-6f));
}

} // namespace rl::colour
