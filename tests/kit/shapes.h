#pragma once
#include "core/light/relight.h"
#include <functional>

namespace rl::kit {

/// A picture made by asking each pixel: which element, and which colour (CIELAB).
struct Pixel {
    int id = 0;
    double L = 60, a = 0, b = 0;
};
light::Picture pictureBy(int width, int height, double widthCm, const std::function<Pixel(double x, double y)>& at);

/// Grain of one kind: L* added to a colour at a place. Deterministic.
enum class GrainKind { None, Dots, Fine, Upright, Level };
double grainAt(GrainKind kind, double x, double y, unsigned seed);

} // namespace rl::kit
