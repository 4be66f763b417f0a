#include "app/stations/read/read_looks.h"
#include "core/reading/colours.h"
#include "core/reading/silhouette.h"

namespace rl::app {

std::vector<reading::ValueStep> stepsOf(const LinearPicture& colour, int steps, const std::vector<double>& bounds)
{
    return bounds.empty() ? reading::valueSteps(colour, steps) : reading::valueSteps(colour, bounds);
}

QImage lookOf(const LitWork& lit, Look look, int steps, const Brief& brief, double fromCm)
{
    const LinearPicture& colour = lit.picture.colour;
    const double perDegree = reading::pixelsPerDegree(colour.width(), brief.widthCm, fromCm);
    switch (look) {
    case Look::Values:
        return imageOf(reading::posterised(colour, stepsOf(colour, steps, brief.valueBounds)));
    case Look::Silhouettes:
        return imageOf(reading::silhouettePicture(lit.picture));
    case Look::Grey:
        return imageOf(reading::greyPicture(colour));
    case Look::WarmCool:
        return imageOf(reading::warmCoolPicture(colour));
    case Look::Saturation:
        return imageOf(reading::saturationPicture(colour));
    case Look::Mirrored:
        return lit.image.mirrored(true, false);
    case Look::UpsideDown:
        return lit.image.mirrored(true, true);
    case Look::Small: { // what an eye resolves from there: a minute of arc
        return imageOf(reading::squinted(colour, perDegree, 0.02));
    }
    default:
        return imageOf(reading::squinted(colour, perDegree));
    }
}

} // namespace rl::app
