#include "core/transfer/tiles.h"
#include "core/project/papers.h"
#include "core/transfer/canvas_plan.h"
#include <cmath>

namespace rl::transfer {

namespace {
int countOf(double length, double printable, double overlap)
{
    return length <= printable ? 1
                               : 1 + int(std::ceil((length - printable) / std::max(printable - overlap, 0.5) - 1e-9));
}

TilePlan planned(const Project& p, const Rect& whole, double width, double height)
{
    TilePlan plan;
    plan.paperWidth = width;
    plan.paperHeight = height;
    plan.overlap = std::clamp(p.sheets.overlapCm, 0.0, 5.0);
    plan.correction = p.sheets.scaleCorrection;
    const double pw = plan.printableWidth(), ph = plan.printableHeight();
    plan.columns = countOf(whole.width, pw, plan.overlap);
    plan.rows = countOf(whole.height, ph, plan.overlap);
    if (double(plan.columns) * plan.rows > kMostSheets)
        return plan;
    for (int r = 0; r < plan.rows; ++r)
        for (int c = 0; c < plan.columns; ++c) {
            const double x = c * (pw - plan.overlap), y = r * (ph - plan.overlap);
            plan.tiles.push_back(
                {c, r, {whole.x + x, whole.y + y, std::min(pw, whole.width - x), std::min(ph, whole.height - y)}});
        }
    return plan;
}
} // namespace

TilePlan tilesOf(const Project& p)
{
    return tilesOver(p, canvasPlanOf(p).whole);
}

TilePlan tilesOver(const Project& p, const Rect& part)
{
    const Paper* paper = paperOf(p.sheets.paper);
    if (!paper)
        paper = &papers()[0];
    const TilePlan upright = planned(p, part, paper->width, paper->height),
                   turned = planned(p, part, paper->height, paper->width);
    return double(turned.columns) * turned.rows < double(upright.columns) * upright.rows ? turned : upright;
}

} // namespace rl::transfer
