#pragma once
#include "app/desk/live_light.h"
#include "core/reading/values.h"

namespace rl::app {

/// Ways to see a picture fresh.
enum class Look {
    Contours,
    Values,
    Silhouettes,
    Squint,
    Plain,
    Grey,
    WarmCool,
    Saturation,
    Mirrored,
    UpsideDown,
    Small
};

/// \param bounds between the steps, L*; empty: `steps` of them are found
std::vector<reading::ValueStep> stepsOf(const LinearPicture& colour, int steps, const std::vector<double>& bounds);
/// \param fromCm from where it is squinted at
QImage lookOf(const LitWork& lit, Look look, int steps, const Brief& brief, double fromCm);

} // namespace rl::app
