#include "core/transfer/carry_rules.h"
#include "core/base/text.h"
#include "core/project/fixes.h"
#include "core/stage/camera.h"
#include "core/transfer/grid.h"
#include "core/transfer/tiles.h"

namespace rl::transfer {

namespace {
/// Pixels of the backdrop per cm, and the share of it that the canvas shows.
struct BackdropFit {
    double pixelsPerCm = 0, shown = 1;
};
BackdropFit fitOf(const Project& p, const Reference& r)
{
    const Rect place = stage::backdropPlace(p);
    return {r.pixels.width() / place.width, p.brief.widthCm * p.brief.heightCm / (place.width * place.height)};
}

void backdrop(const Project& p, Findings& out)
{
    const Reference* r = p.reference(p.backdrop.reference);
    if (!r)
        return;
    const BackdropFit fit = fitOf(p, *r);
    const Rect whole{0, 0, p.brief.widthCm, p.brief.heightCm};
    if (fit.shown < 0.75)
        out.push_back({"carry.crop", Station::Carry, Severity::Watch,
            "The canvas shows only " + fixed(100 * fit.shown, 0)
                + " % of the backdrop; the rest is cropped to bring its horizon to yours.",
            100 * fit.shown, 75, "%", whole, 0,
            "What is cropped is lost for the composition; a horizon nearer to the picture's own keeps more.",
            Fix{"Set the horizon where the backdrop has it", [h = p.backdrop.horizon](Project q) {
                    Camera c = q.camera;
                    c.horizonCm = h * q.brief.heightCm;
                    return edits::withCamera(std::move(q), c);
                }}});
    const double need = 200 / 2.54;
    if (fit.pixelsPerCm < need / 3)
        out.push_back({"carry.print", Station::Carry, Severity::Watch,
            "Printed as a picture at 1:1, the backdrop has " + fixed(fit.pixelsPerCm * 2.54, 0)
                + " pixels an inch; line art stays sharp at any size.",
            fit.pixelsPerCm * 2.54, 200, "px/in", whole, 0,
            "Under 70 pixels an inch edges in a printed picture are too soft to trace.", {}});
}

void overlap(const Project& p, const TilePlan& plan, Findings& out)
{
    if (plan.tiles.size() > 1 && p.sheets.overlapCm < 0.5)
        out.push_back({"carry.overlap", Station::Carry, Severity::Broken,
            "Neighbouring sheets share only " + fixed(10 * p.sheets.overlapCm, 0) + " mm.", 10 * p.sheets.overlapCm, 10,
            "mm", {}, 0,
            "Printers drift by a millimetre or two; with less than five to share, gaps open between the sheets.",
            Fix{"Let them share 10 mm", [](Project q) {
                    Sheets s = q.sheets;
                    s.overlapCm = 1;
                    return edits::withSheets(std::move(q), s);
                }}});
    if (plan.tiles.size() > 60)
        out.push_back({"carry.many-sheets", Station::Carry, Severity::Watch,
            "That makes " + std::to_string(plan.tiles.size()) + " sheets to cut and join.", double(plan.tiles.size()),
            60, "sheets", {}, 0, "Errors add up from sheet to sheet; at this size the squared grid is surer.", {}});
}

void squares(const Project& p, Findings& out)
{
    if (p.sheets.gridCm <= 0)
        return;
    const double n = std::max(p.brief.widthCm, p.brief.heightCm) / p.sheets.gridCm;
    if (n >= 6 && n <= 14)
        return;
    out.push_back({"carry.squares", Station::Carry, Severity::Watch,
        "The grid has " + fixed(n) + " squares along the long side.", n, n < 6 ? 6.0 : 14.0, "squares", {}, 0,
        n < 6 ? "Too few squares leave too much to the eye inside each."
              : "Too many squares take longer to draw than they save.",
        Fix{"Let the program choose", [](Project q) {
                Sheets s = q.sheets;
                s.gridCm = 0;
                return edits::withSheets(std::move(q), s);
            }}});
}
} // namespace

Findings carryFindings(const Project& p)
{
    Findings out;
    backdrop(p, out);
    overlap(p, tilesOf(p), out);
    squares(p, out);
    return out;
}

} // namespace rl::transfer
