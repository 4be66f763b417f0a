#include "core/light/presets.h"
#include "core/base/words.h"
#include "core/colour/lab.h"

namespace rl::light {

const DayTime& dayTime(int i)
{
    static const DayTime all[kDayTimes]{{translatable("first light"), 1, 2300, 0.12, 3, 0.6},
        {translatable("sunrise"), 5, 2800, 0.35, 1, 0.8}, {translatable("morning"), 25, 4600, 0.9, 0.53, 1},
        {translatable("noon"), 60, 5500, 1.1, 0.53, 1}, {translatable("late afternoon"), 18, 4200, 0.8, 0.6, 0.9},
        {translatable("golden hour"), 7, 3000, 0.5, 1, 0.8}, {translatable("overcast"), 45, 6500, 0.15, 40, 1.3},
        {translatable("full moon"), 35, 4100, 0.08, 0.53, 0.12}};
    return all[std::clamp(i, 0, kDayTimes - 1)];
}

Lights withDayTime(Lights l, int i)
{
    const DayTime& t = dayTime(i);
    l.sun.on = true;
    l.sun.elevation = t.elevation, l.sun.kelvin = t.kelvin, l.sun.strength = t.strength, l.sun.diameter = t.diameter;
    l.air.skyStrength = t.sky;
    return l;
}

double cardLightness(double level)
{
    const float y = float(0.9 * std::max(level, 0.0));
    return double(colour::toLab({y, y, y}).L);
}

double levelForCard(double lightness)
{
    return double(luminance(colour::fromLab({float(std::max(lightness, 0.0)), 0, 0}))) / 0.9;
}

Lights alone(Lights l, int which)
{
    const bool known = which == -1
        || std::any_of(l.lanterns.begin(), l.lanterns.end(), [=](const Lantern& q) { return q.id == which; });
    if (!known || which == 0)
        return l;
    l.sun.on = which == -1;
    for (Lantern& q : l.lanterns) {
        q.on = q.id == which;
        if (q.on)
            q.group = 0; // alone it burns even when its group is out
    }
    return l;
}

} // namespace rl::light
