#pragma once
#include "core/project/project.h"

namespace rl::light {

/// Times of day to begin with: plausible heights and colours of one far light, nothing more; its side stays.
struct DayTime {
    const char* name;
    double elevation, kelvin, strength, diameter; ///< degrees, K, × key, degrees
    double sky; ///< share of the sky's own light
};
inline constexpr int kDayTimes = 8;
const DayTime& dayTime(int index); ///< \param index clamped to 0 … kDayTimes - 1
Lights withDayTime(Lights lights, int index);

/// L* of a white card (reflectance 0.9) that faces one lamp of a given level, 1 = full key light; over 100 stays so.
double cardLightness(double level);
/// The level at which such a card shows that L*. Inverse of cardLightness.
double levelForCard(double lightness);

/// Only one of the lights burns: the sun (-1) or a lantern's id. 0, or none of that id: all as they are.
Lights alone(Lights lights, int which);

} // namespace rl::light
