#include "core/transfer/tiles.h"

namespace rl::transfer {

namespace {
int countOf(double length, double printable, double overlap)
{
    return length <= printable ? 1
                               : 1 + int(std::ceil((length - printable) / std::max(printable - overlap, 0.5) - 1e-9));
}

TilePlan planned(const Project& p, double width, double height)
{
    TilePlan plan;
    plan.paperWidth = width;
    plan.paperHeight = height;
    plan.overlap = std::clamp(p.sheets.overlapCm, 0.0, 5.0);
    const double pw = plan.printableWidth(), ph = plan.printableHeight();
    plan.columns = countOf(p.brief.widthCm, pw, plan.overlap);
    plan.rows = countOf(p.brief.heightCm, ph, plan.overlap);
    for (int r = 0; r < plan.rows; ++r)
        for (int c = 0; c < plan.columns; ++c) {
            const double x = c * (pw - plan.overlap), y = r * (ph - plan.overlap);
            plan.tiles.push_back({c, r, {x, y, std::min(pw, p.brief.widthCm - x), std::min(ph, p.brief.heightCm - y)}});
        }
    return plan;
}
} // namespace

TilePlan tilesOf(const Project& p)
{
    const bool letter = p.sheets.paper == "Letter";
    const double shortSide = letter ? 21.59 : 21.0, longSide = letter ? 27.94 : 29.7;
    const TilePlan upright = planned(p, shortSide, longSide), turned = planned(p, longSide, shortSide);
    return turned.tiles.size() < upright.tiles.size() ? turned : upright;
}

} // namespace rl::transfer
