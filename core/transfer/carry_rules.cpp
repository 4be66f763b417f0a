#include "core/transfer/carry_rules.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/fixes.h"
#include "core/stage/camera.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/grid.h"
#include "core/transfer/tiles.h"

namespace rl::transfer {

namespace {
constexpr double kShown = 0.75; ///< share of the backdrop under which it is said to be cropped

/// Pixels of the backdrop per cm, and the share of it that the canvas shows.
struct BackdropFit {
    double pixelsPerCm = 0, shown = 1;
};
BackdropFit fitOf(const Project& p, const Reference& r)
{
    const Rect place = stage::backdropPlace(p);
    return {r.pixels.width() / place.width, p.brief.widthCm * p.brief.heightCm / (place.width * place.height)};
}

/// The horizon where the backdrop has it, if that shows enough of it: a picture of another shape is cropped all the
/// same.
std::optional<Fix> horizonFix(const Project& p, const Reference& r)
{
    Fix fix{tr("Set the horizon where the backdrop has it"), [h = p.backdrop.horizon](Project q) {
                Camera c = q.camera;
                c.horizonCm = h * q.brief.heightCm;
                return edits::withCamera(std::move(q), c);
            }};
    return fitOf(fix.apply(p), r).shown < kShown ? std::nullopt : std::optional(std::move(fix));
}

void backdrop(const Project& p, Findings& out)
{
    const Reference* r = p.reference(p.backdrop.reference);
    if (!r)
        return;
    const BackdropFit fit = fitOf(p, *r);
    const Rect whole{0, 0, p.brief.widthCm, p.brief.heightCm};
    if (fit.shown < kShown)
        out.push_back({"carry.crop", Station::Carry, Severity::Watch,
            tr("The canvas shows only %1 % of the backdrop; the rest is cropped to bring its horizon to yours.",
                fixed(100 * fit.shown, 0)),
            100 * fit.shown, 100 * kShown, "%", whole, 0,
            tr("What is cropped is lost for the composition; a horizon nearer to the picture's own keeps more."),
            horizonFix(p, *r)});
    const double need = 200 / 2.54;
    if (fit.pixelsPerCm < need / 3)
        out.push_back({"carry.print", Station::Carry, Severity::Watch,
            tr("Printed as a picture at 1:1, the backdrop has %1 pixels an inch; line art stays sharp at any size.",
                fixed(fit.pixelsPerCm * 2.54, 0)),
            fit.pixelsPerCm * 2.54, 200, "px/in", whole, 0,
            tr("Under 70 pixels per inch, printed edges are too soft to trace; 200 is ideal."), {}});
}

void overlap(const Project& p, const TilePlan& plan, Findings& out)
{
    if (plan.tiles.size() > 1 && p.sheets.overlapCm < 0.5)
        out.push_back({"carry.overlap", Station::Carry, Severity::Broken,
            tr("Neighbouring sheets share only %1 mm.", fixed(10 * p.sheets.overlapCm, 0)), 10 * p.sheets.overlapCm, 10,
            "mm", {}, 0,
            tr("Printers drift by a millimetre or two; with less than five to share, gaps open between the sheets."),
            Fix{tr("Let them share 10 mm"), [](Project q) {
                    Sheets s = q.sheets;
                    s.overlapCm = 1;
                    return edits::withSheets(std::move(q), s);
                }}});
    if (plan.tiles.size() > 60)
        out.push_back({"carry.many-sheets", Station::Carry, Severity::Watch,
            trn("That makes %n sheets to cut and join.", std::int64_t(plan.tiles.size())), double(plan.tiles.size()),
            60, "sheets", {}, 0, tr("Errors add up from sheet to sheet; at this size the squared grid is surer."), {}});
}

void squares(const Project& p, Findings& out)
{
    if (p.sheets.gridCm <= 0)
        return;
    const double n = std::max(p.brief.widthCm, p.brief.heightCm) / p.sheets.gridCm;
    if (n >= 6 && n <= 14)
        return;
    out.push_back({"carry.squares", Station::Carry, Severity::Watch,
        trn("The grid has about %n squares along the long side.", std::lround(n)), n, n < 6 ? 6.0 : 14.0, "squares", {},
        0,
        n < 6 ? tr("Too few squares leave too much to the eye inside each.")
              : tr("Too many squares take longer to draw than they save."),
        Fix{tr("Let the program choose"), [](Project q) {
                Sheets s = q.sheets;
                s.gridCm = 0;
                return edits::withSheets(std::move(q), s);
            }}});
}

Project withSheetsAs(Project p, const std::function<void(Sheets&)>& change)
{
    Sheets s = p.sheets;
    change(s);
    return edits::withSheets(std::move(p), s);
}
std::string nameOf(const Project& p, int element)
{
    const Element* e = p.element(element);
    return e ? tr("“%1”", e->name) : tr("the backdrop");
}

/// What the real canvas, a bevel or a trimmed edge takes away of a thing.
void trim(const Project& p, const CanvasPlan& canvas, const std::vector<SeenThing>& seen, Findings& out)
{
    constexpr double kMuch = 0.12, kLeading = 0.05;
    const Rect kept = canvas.toPlan(canvas.seen);
    for (const SeenThing& t : seen) {
        const double area = t.place.width * t.place.height;
        const Rect in = t.place.cutTo(kept);
        const double lost = area > 0 ? 1 - in.width * in.height / area : 0;
        if (lost < (t.weight > 0.2 ? kLeading : kMuch))
            continue;
        Finding f{"carry.trim:" + std::to_string(t.element), Station::Carry,
            t.weight > 0.2 ? Severity::Broken : Severity::Watch,
            tr("%1 loses %2 % to the edge of the real canvas.", nameOf(p, t.element), fixed(100 * lost, 0)), 100 * lost,
            100 * (t.weight > 0.2 ? kLeading : kMuch), "%", t.place, t.element,
            tr("What the trim takes is not seen again; the eye still looks for it."), {}};
        if (canvas.lostAcross > 0 || canvas.lostDown > 0)
            f.fix = Fix{tr("Cut nothing: leave room for more of the scene"),
                [](Project q) { return withSheetsAs(std::move(q), [](Sheets& s) { s.fit = CanvasFit::Extend; }); }};
        out.push_back(std::move(f));
    }
    for (const SeenThing& t : seen) { // whole, but so near that trimming eats it
        constexpr double kNear = 0.4; // cm
        const double left = t.place.x - kept.x, right = kept.right() - t.place.right(), top = t.place.y - kept.y,
                     bottom = kept.bottom() - t.place.bottom();
        const double nearest = std::min({left, right, top, bottom}) * canvas.scale;
        if (nearest > 0.03 && nearest < kNear)
            out.push_back({"carry.near-edge:" + std::to_string(t.element), Station::Carry, Severity::Watch,
                tr("%1 ends %2 mm from the edge: a landmark there goes with the next trim or round the stretcher.",
                    nameOf(p, t.element), fixed(10 * nearest, 0)),
                10 * nearest, 10 * kNear, "mm", t.place, t.element,
                tr("A measure of a few millimetres from an edge that is not straight is worth little."), {}});
    }
}

/// Joints through what the eye looks at.
void joints(const Project& p, const CanvasPlan& canvas, const std::vector<SeenThing>& seen,
    const std::vector<Rect>& faces, Findings& out)
{
    const Fix oneBoard{tr("Take one board"),
        [](Project q) { return withSheetsAs(std::move(q), [](Sheets& s) { s.boardsAcross = s.boardsDown = 1; }); }};
    for (const Rect& face : faces) {
        const Rect at = canvas.toCanvas(face);
        const auto in = [](const std::vector<double>& joints, double from, double to) {
            return std::any_of(joints.begin(), joints.end(), [&](double j) { return j > from && j < to; });
        };
        if (in(canvas.jointsX, at.x, at.right()) || in(canvas.jointsY, at.y, at.bottom()))
            out.push_back({"carry.joint-face", Station::Carry, Severity::Broken,
                tr("A joint of the boards goes through a face."), 0, 0, "", face, 0,
                tr("A joint opens with the years, and a face with a crack is spoilt."), oneBoard});
    }
    const auto through = [](double joint, double from, double length) {
        return length > 0 && joint > from + 0.2 * length && joint < from + 0.8 * length;
    };
    // Heads are in the upper part of what stands; a joint across a whole body is not so bad.
    for (const SeenThing& t : seen) {
        if (t.weight < 0.08)
            continue;
        const Rect at = canvas.toCanvas(t.place);
        const bool upright = at.height > 1.4 * at.width;
        double worst = -1;
        for (const double x : canvas.jointsX)
            worst = through(x, at.x, at.width) ? x : worst;
        for (const double y : canvas.jointsY)
            worst = through(y, at.y, upright ? at.height / 4 : at.height) ? y : worst;
        if (worst < 0)
            continue;
        Finding f{"carry.joint:" + std::to_string(t.element), Station::Carry, Severity::Watch,
            tr("A joint of the boards, %1 from the edge, goes through %2.", onRuler(worst, p.brief.unit),
                nameOf(p, t.element)),
            worst, 0, "cm", t.place, t.element, tr("A joint opens with the years, and a face with a crack is spoilt."),
            {}};
        f.fix = oneBoard;
        out.push_back(std::move(f));
    }
}

/// Things that nobody sees from where the work is looked at.
void tooSmall(const Project& p, const CanvasPlan& canvas, const std::vector<SeenThing>& seen, Findings& out)
{
    constexpr double kMinute = 3.14159265358979 / 180 / 60, kReadable = 12; // minutes of arc across
    const double least = kReadable * kMinute * p.brief.viewingDistanceCm;
    for (const SeenThing& t : seen) {
        const double across = std::min(t.place.width, t.place.height) * canvas.scale;
        if (across > 0 && across < least)
            out.push_back({"carry.too-small:" + std::to_string(t.element), Station::Carry, Severity::Watch,
                tr("%1 is %2 mm across; from %3 m nothing under %4 mm is made out.", nameOf(p, t.element),
                    fixed(10 * across, 0), fixed(p.brief.viewingDistanceCm / 100), fixed(10 * least, 0)),
                10 * across, 10 * least, "mm", t.place, t.element,
                tr("Detail below twelve minutes of arc costs hours and is never read."), {}});
    }
}

void canvasAndTools(const Project& p, const CanvasPlan& canvas, Findings& out)
{
    const Rect whole{0, 0, p.brief.widthCm, p.brief.heightCm};
    const double empty = std::max(canvas.emptyAcross, canvas.emptyDown);
    if (empty > 0.2 && p.sheets.fit == CanvasFit::Extend)
        out.push_back(
            {"carry.empty", Station::Carry, Severity::Watch, tr("%1 cm of the canvas are not planned.", fixed(empty)),
                empty, 0, "cm", whole, 0, tr("What is not planned is made up at the easel, in paint."),
                Fix{tr("Extend the plan"), [](Project q) { return withPlanExtended(std::move(q)); }}});
    if (const double off = 100 * std::abs(p.sheets.scaleCorrection - 1); off > 2)
        out.push_back({"carry.printer", Station::Carry, Severity::Watch,
            tr("The printer strays by %1 %: see that it does not shrink sheets to its margins.", fixed(off)), off, 2,
            "%", whole, 0, tr("Printers stray by half a per cent; more is a setting, “fit to page”."), {}});
    if (p.sheets.bridgeMm < 2)
        out.push_back({"carry.bridge", Station::Carry, Severity::Watch,
            tr("Bridges of %1 mm tear in card.", fixed(p.sheets.bridgeMm)), p.sheets.bridgeMm, 2, "mm", whole, 0,
            tr("Card holds from 2 to 3 mm, film from 1.5 mm; wet card less."),
            Fix{tr("Bridges of 4 mm"),
                [](Project q) { return withSheetsAs(std::move(q), [](Sheets& s) { s.bridgeMm = 4; }); }}});
}
} // namespace

std::vector<SeenThing> seenThings(const IdMap& ids, double k, const std::map<int, double>& weights)
{
    std::map<int, std::array<int, 4>> boxes;
    for (int y = 0; y < ids.height(); ++y)
        for (int x = 0; x < ids.width(); ++x)
            if (const int id = ids.at(x, y)) {
                auto& b = boxes.try_emplace(id, std::array{x, y, x, y}).first->second;
                b = {std::min(b[0], x), std::min(b[1], y), std::max(b[2], x), std::max(b[3], y)};
            }
    std::vector<SeenThing> all;
    for (const auto& [id, b] : boxes) {
        const auto w = weights.find(id);
        all.push_back({id, {b[0] / k, b[1] / k, (b[2] - b[0] + 1) / k, (b[3] - b[1] + 1) / k},
            w == weights.end() ? 0 : w->second});
    }
    return all;
}

Findings carryFindings(const Project& p, const std::vector<SeenThing>& seen, const std::vector<Rect>& faces)
{
    const CanvasPlan canvas = canvasPlanOf(p);
    Findings out;
    backdrop(p, out);
    overlap(p, tilesOf(p), out);
    squares(p, out);
    trim(p, canvas, seen, out);
    joints(p, canvas, seen, faces, out);
    tooSmall(p, canvas, seen, out);
    canvasAndTools(p, canvas, out);
    return out;
}

} // namespace rl::transfer
