#include "core/schedule/drying.h"
#include <algorithm>

namespace rl::schedule {

PaintMedium mediumOf(const Project& p)
{
    if (const PaintBox* box = p.paintBox())
        return box->medium;
    const std::string& m = p.brief.medium;
    if (m.find("oil") != std::string::npos)
        return PaintMedium::Oil;
    if (m.find("water") != std::string::npos)
        return PaintMedium::Watercolour;
    if (m.find("acrylic gouache") != std::string::npos)
        return PaintMedium::AcrylicGouache;
    if (m.find("gouache") != std::string::npos)
        return PaintMedium::Gouache;
    return PaintMedium::AcrylicHeavy;
}

Drying dryingOf(PaintMedium medium, double wetUm, double humidity, bool dryer)
{
    const double film = std::clamp(wetUm, 5.0, 3000.0) / 120;
    if (medium == PaintMedium::Oil)
        return {48 * film, 72 * film};
    const double slower = 0.5 / std::max(0.05, 1 - std::clamp(humidity, 0.0, 100.0) / 100), by = dryer ? 0.2 : 1.0;
    const bool acrylic = medium != PaintMedium::Gouache && medium != PaintMedium::Watercolour;
    return {(acrylic ? 0.33 : 0.17) * film * slower * by, (acrylic ? 1.0 : 0.5) * film * slower * by};
}

double varnishDaysOf(PaintMedium medium)
{
    switch (medium) {
    case PaintMedium::Oil:
        return 180;
    case PaintMedium::Gouache:
    case PaintMedium::Watercolour:
        return 0;
    default:
        return 3;
    }
}

} // namespace rl::schedule
