#include "output/sheets.h"
#include "app/theme/fonts.h"
#include "core/base/text.h"
#include "core/review/review.h"
#include "core/stage/compose.h"
#include "core/stage/cover.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/grid.h"
#include "output/paper.h"
#include "output/said.h"
#include "output/sheet_page.h"
#include <QFile>
#include <QPageSize>
#include <QPdfWriter>

namespace rl::output {

namespace {
constexpr int kSheetDpi = 1200;
constexpr int kLineWidthPx = 1200; ///< enough for lines that stay within a third of a millimetre on a canvas of 60 cm

void checkRuler(SheetPage& page, double x, double y, double correction)
{
    page->save();
    page->translate(x, y);
    page->scale(correction, correction);
    page.pen(0.2);
    page->drawLine(QPointF(0, 0), QPointF(10, 0));
    for (int i = 0; i <= 10; ++i)
        page->drawLine(QPointF(i, 0), QPointF(i, -(i % 5 == 0 ? 0.45 : 0.25)));
    page.text(10.2, 0, tr("10 cm: measure me"), 0.26);
    page->restore();
}

void cutMarks(SheetPage& page, const QRectF& r)
{
    page.pen(0.15);
    const double out = 0.15, length = 0.6;
    for (const double x : {r.left(), r.right()})
        for (const int side : {-1, 1}) {
            const double y = side < 0 ? r.top() : r.bottom();
            page->drawLine(QPointF(x, y + side * out), QPointF(x, y + side * (out + length)));
        }
    for (const double y : {r.top(), r.bottom()})
        for (const int side : {-1, 1}) {
            const double x = side < 0 ? r.left() : r.right();
            page->drawLine(QPointF(x + side * out, y), QPointF(x + side * (out + length), y));
        }
}

/// Sheets go by number, row by row; letter and number name the squares of the grid.
QString sheetName(const transfer::TilePlan& plan, const transfer::Tile& t)
{
    return QString::number(t.row * plan.columns + t.column + 1);
}

void mapPage(QPainter& painter, const SheetJob& job, const transfer::TilePlan& plan)
{
    SheetPage page(painter);
    const Brief& b = job.project.brief;
    const auto canvas = transfer::canvasPlanOf(job.project);
    const double left = plan.margin, top = plan.margin;
    page.pen(0.2);
    page.text(left, top + 0.8, QString::fromStdString(b.title.empty() ? tr("Untitled work") : b.title), 0.6);
    page.text(left, top + 1.6,
        said("%1 × %2 cm in %3 sheets of %4, %5 mm shared. Print at 100 %; measure the ruler on each.")
            .arg(canvas.widthCm, 0, 'f', 1)
            .arg(canvas.heightCm, 0, 'f', 1)
            .arg(plan.tiles.size())
            .arg(QString::fromStdString(job.project.sheets.paper))
            .arg(10 * plan.overlap, 0, 'f', 0),
        0.26);
    page.text(left, top + 2.1,
        job.project.sheets.mirrored ? tr("Mirrored, for rubbing down from the back: lay each sheet face down.")
                                    : tr("Cut along the marks of the upper left sheets, lay each over its neighbour's "
                                         "shared strip, tape from behind."),
        0.26);
    const double room = plan.paperHeight - 2 * plan.margin - plan.foot - 3.2;
    const Rect all = carriedPart(job);
    const double k = std::min((plan.paperWidth - 2 * plan.margin) / all.width, room / all.height);
    const auto at = [&](const Rect& r) {
        return QRectF(left + (r.x - all.x) * k, top + 2.8 + (r.y - all.y) * k, r.width * k, r.height * k);
    };
    page.pen(0.4);
    page->drawRect(at({0, 0, canvas.widthCm, canvas.heightCm}));
    page->save();
    page->translate(left - all.x * k, top + 2.8 - all.y * k);
    page->scale(k, k);
    page->translate(canvas.offset.x, canvas.offset.y);
    page->scale(canvas.scale, canvas.scale);
    for (const transfer::Stroke& s : job.lines)
        if (s.kind == transfer::LineKind::Outline && (!job.element || s.element == job.element)) {
            page.pen(0.15 / (k * canvas.scale), QColor(120, 120, 120));
            page->drawPath(pathOf(s));
        }
    page->restore();
    page.pen(0.25, QColor(60, 80, 120));
    for (const transfer::Tile& t : plan.tiles) {
        const QRectF r = at(t.canvas);
        page->drawRect(r);
        page.text(r.center().x() - 0.3, r.center().y() + 0.2, sheetName(plan, t) + " ☐", 0.45);
    }
    checkRuler(page, left, plan.paperHeight - plan.margin - 0.2, plan.correction);
}

void tilePage(QPainter& painter, const SheetJob& job, const transfer::TilePlan& plan, const transfer::Tile& tile)
{
    SheetPage page(painter);
    const double k = plan.correction;
    const QRectF area(plan.margin, plan.margin, tile.canvas.width * k, tile.canvas.height * k);
    page->save();
    page->setClipRect(area);
    if (job.project.sheets.mirrored) {
        page->translate(area.left() + area.right(), 0);
        page->scale(-1, 1);
    }
    page->translate(plan.margin, plan.margin);
    page->scale(k, k);
    page->translate(-tile.canvas.x, -tile.canvas.y);
    drawContent(page, job, tile.canvas);
    page->restore();
    // The strips shared with neighbours, so that it is plain where to lay one sheet on the other.
    page.pen(0.1, QColor(150, 150, 150), Qt::DashLine);
    const double shared = plan.overlap * k;
    const bool mirrored = job.project.sheets.mirrored;
    if (tile.column + 1 < plan.columns) {
        const double x = mirrored ? area.left() + shared : area.right() - shared;
        page->drawLine(QPointF(x, area.top()), QPointF(x, area.bottom()));
    }
    if (tile.row + 1 < plan.rows)
        page->drawLine(QPointF(area.left(), area.bottom() - shared), QPointF(area.right(), area.bottom() - shared));
    cutMarks(page, area);
    const double foot = plan.paperHeight - plan.margin - 0.2;
    checkRuler(page, plan.margin, foot, k);
    QString label = said("%1  sheet %2 (column %3 of %4, row %5 of %6)")
                        .arg(QString::fromStdString(job.project.brief.title), sheetName(plan, tile))
                        .arg(tile.column + 1)
                        .arg(plan.columns)
                        .arg(tile.row + 1)
                        .arg(plan.rows);
    if (job.content == SheetContent::Recarry) {
        const LengthUnit unit = job.project.brief.unit;
        label = said("%1: its upper left mark lies %2 from the canvas' left edge, %3 from its top")
                    .arg(QString::fromStdString(job.project.element(job.element)->name),
                        QString::fromStdString(transfer::onRuler(tile.canvas.x, unit)),
                        QString::fromStdString(transfer::onRuler(tile.canvas.y, unit)));
    }
    page.pen(0.2);
    page.text(plan.margin, foot - 0.65, label, 0.26);
}

/// Pages that are no tiles. \return false for what is tiled
bool singlePages(QPagedPaintDevice& writer, QPainter& painter, const SheetJob& job, double width, double height)
{
    if (job.content == SheetContent::Colours || job.content == SheetContent::Values) {
        SheetPage page(painter);
        (job.content == SheetContent::Colours ? coloursPage : valuesPage)(page, job, width, height);
        return true;
    }
    if (job.content != SheetContent::Landmarks)
        return false;
    for (std::size_t from = 0;;) {
        {
            SheetPage page(painter);
            from = landmarksPage(page, job, width, height, from);
        }
        if (from >= job.landmarks->points.size())
            return true;
        writer.newPage();
    }
}

/// \return what is missing for a content
std::optional<Error> lacking(const Project& p, SheetContent content, int element)
{
    const bool needs = content == SheetContent::Flow || content == SheetContent::Stencil
        || content == SheetContent::Mask || content == SheetContent::Recarry;
    if (!needs)
        return {};
    if (!element)
        return Error{ErrorKind::Missing, tr("Name the element."), {}};
    if (!p.element(element))
        return Error{ErrorKind::Missing, tr("There is no element of that number."), {}};
    return {};
}
} // namespace

const char* wordOf(SheetContent content)
{
    constexpr const char* words[]{
        "lineart", "picture", "grid", "colours", "values", "landmarks", "flow", "stencil", "mask", "recarry"};
    return words[std::size_t(content)];
}

int printWidthPx(const Project& p)
{
    const Brief& b = p.brief;
    double carried = 0; // px per cm that the photographs have where they lie
    if (const Reference* r = p.reference(p.backdrop.reference))
        if (const Rect place = stage::backdropPlace(p); place.width > 0)
            carried = r->pixels.width() / place.width;
    for (const Element& e : p.elements)
        if (const Cutout* c = p.cutout(e.cutout))
            if (const Reference* r = p.reference(c->reference); r && !c->alpha.empty()) {
                const stage::Placement at = stage::placementOf(p, e, stage::shapeOf(c->alpha));
                if (at.visible && at.cmPerPixel > 0)
                    carried = std::max(carried, 1 / at.cmPerPixel);
            }
    const double longest = std::max(b.widthCm, b.heightCm), most = std::min(200 / 2.54, 6000 / longest);
    const double k = carried > 0 ? std::min(most, std::max(carried, 1000 / longest)) : most;
    return std::max(64, int(std::lround(b.widthCm * k)));
}

Result<SheetJob> sheetJob(const Project& project, SheetContent content, bool withGrid, stage::SurfaceCache& cache,
    Progress& progress, int element, int turns)
{
    if (const auto error = lacking(project, content, element))
        return *error;
    SheetJob job;
    job.project = project, job.content = content, job.withGrid = withGrid, job.element = element;
    const Error givenUp{ErrorKind::Cancelled, tr("The sheets were not written."), {}};
    const bool pictured
        = content == SheetContent::Picture || content == SheetContent::Colours || content == SheetContent::Values;
    if (pictured) {
        if (content == SheetContent::Picture) {
            if (const auto frame = stage::compose(project, printWidthPx(project), cache, progress))
                job.picture = light::Relighter().light(frame, project.lights);
        } else
            job.picture = review::judged(project, cache, progress).picture;
        if (progress.cancelled() || job.picture.colour.empty())
            return givenUp;
        if (content == SheetContent::Colours)
            job.mixing = review::paletteOf(project, job.picture, progress);
        return job;
    }
    const auto source = transfer::lineSource(project, kLineWidthPx, cache, progress);
    if (!source)
        return givenUp;
    const Sheets& s = project.sheets;
    transfer::LineWish wish;
    wish.leastCm = transfer::leastUsefulCm(project.brief.viewingDistanceCm / 100);
    wish.shadows = s.shadows, wish.valueSteps = s.valueSteps;
    job.lines = transfer::lineArt(*source, wish);
    if (content == SheetContent::Landmarks)
        job.landmarks = transfer::landmarksOf(project, job.lines, transfer::canvasPlanOf(project));
    job.lines = transfer::chosenLines(std::move(job.lines), s.lines);
    if (content == SheetContent::Flow) {
        auto flow = transfer::elementFlow(project, element, 0.25, cache, progress);
        if (!flow)
            return flow.error();
        job.flow = flow.take();
    }
    if (content == SheetContent::Stencil || content == SheetContent::Mask) {
        auto shape = shapeToCut(project, element, content, cache, turns);
        if (!shape)
            return shape.error();
        job.shape = shape.take();
    }
    return job;
}

namespace {
PlacedShape oneShape(const Project& p, const Element& e, SheetContent content, stage::SurfaceCache& cache)
{
    PlacedShape out;
    const stage::Cover cover = stage::coverOf(p, e, cache, 1400);
    if (cover.empty())
        return out;
    std::vector<std::uint8_t> in(cover.share.size());
    for (std::size_t i = 0; i < in.size(); ++i)
        in[i] = cover.share.data()[i] > 0.5f ? 255 : 0;
    const Mask mask(cover.share.width(), cover.share.height(), std::move(in));
    const auto canvas = transfer::canvasPlanOf(p);
    const double perCm = cover.pixelsPerCm / canvas.scale; // of the canvas
    if (content == SheetContent::Stencil) {
        const transfer::Stencil s = transfer::stencilOf(mask, perCm, p.sheets.bridgeMm / 10);
        out.loops = s.cuts, out.islands = s.islands, out.bridges = s.bridges;
    } else
        out.loops = transfer::maskOutlines(mask, perCm, 0);
    const Vec2 origin = canvas.toCanvas(cover.originCm);
    for (auto& loop : out.loops)
        for (Vec2& v : loop)
            v = v + origin;
    return out;
}

Rect boxOf(const PlacedShape& shape)
{
    double l = 1e18, t = 1e18, r = -1e18, b = -1e18;
    for (const auto& loop : shape.loops)
        for (const Vec2 p : loop)
            l = std::min(l, p.x), t = std::min(t, p.y), r = std::max(r, p.x), b = std::max(b, p.y);
    return r < l ? Rect{} : Rect{l, t, r - l, b - t};
}
} // namespace

Result<PlacedShape> shapeToCut(
    const Project& p, int element, SheetContent content, stage::SurfaceCache& cache, int turns)
{
    const Error unseen{ErrorKind::Invalid, tr("It is not seen on the canvas, or too small for a knife."), {}};
    const Element* e = p.element(element);
    if (!e)
        return Error{ErrorKind::Missing, tr("There is no element of that number."), {}};
    std::vector<PlacedShape> shapes;
    const bool card = p.cutout(e->cutout) != nullptr;
    for (int i = 0; i < std::max(turns, 1); ++i) {
        Project turned = p;
        Element& copy = *turned.element(element);
        if (turns > 1 && card) {
            const int half = (turns + 1) / 2, at = i % half;
            copy.yaw = half > 1 ? -60 + 120.0 * at / (half - 1) : 0;
            copy.mirrored = (i >= half) != copy.mirrored;
        } else if (turns > 1)
            copy.yaw += 360.0 * i / turns;
        if (PlacedShape s = oneShape(turned, copy, content, cache); !s.loops.empty())
            shapes.push_back(std::move(s));
    }
    if (shapes.empty())
        return unseen;
    if (turns <= 1)
        return std::move(shapes[0]);
    std::vector<Vec2> sizes;
    for (const PlacedShape& s : shapes)
        sizes.push_back({boxOf(s).width, boxOf(s).height});
    const auto places = transfer::laidOut(sizes, transfer::canvasPlanOf(p).widthCm, 1);
    PlacedShape all;
    for (std::size_t i = 0; i < shapes.size(); ++i) {
        const Rect box = boxOf(shapes[i]);
        for (auto& loop : shapes[i].loops) {
            for (Vec2& v : loop)
                v = v - Vec2{box.x, box.y} + places[i];
            all.loops.push_back(std::move(loop));
        }
        all.islands += shapes[i].islands, all.bridges += shapes[i].bridges;
    }
    return all;
}

Rect carriedPart(const SheetJob& job)
{
    const auto canvas = transfer::canvasPlanOf(job.project);
    Rect r = canvas.whole;
    if (!job.element)
        return r;
    double l = 1e18, t = 1e18, right = -1e18, b = -1e18;
    const auto take = [&](Vec2 p) {
        l = std::min(l, p.x), t = std::min(t, p.y), right = std::max(right, p.x), b = std::max(b, p.y);
    };
    for (const auto& loop : job.shape.loops)
        for (const Vec2 p : loop)
            take(p);
    if (job.shape.loops.empty())
        for (const auto& s : job.lines)
            if (s.element == job.element)
                for (const Vec2 p : s.points)
                    take(canvas.toCanvas(p));
    if (right < l)
        return r;
    const Rect grown{std::floor(l - 1), std::floor(t - 1), std::ceil(right + 1) - std::floor(l - 1),
        std::ceil(b + 1) - std::floor(t - 1)};
    return job.content == SheetContent::Recarry || job.content == SheetContent::Flow ? grown.cutTo(r) : grown;
}

std::optional<Error> tooMany(const SheetJob& job)
{
    const transfer::TilePlan plan = transfer::tilesOver(job.project, carriedPart(job));
    if (!plan.tiles.empty())
        return {};
    return Error{ErrorKind::TooLarge,
        trn("That would make %n sheets; transfer it with the grid instead.", std::int64_t(plan.columns) * plan.rows),
        {}};
}

void setPaper(QPagedPaintDevice& device, const SheetJob& job)
{
    const transfer::TilePlan plan = transfer::tilesOver(job.project, carriedPart(job));
    device.setPageSize(QPageSize(
        QSizeF(plan.paperWidth, plan.paperHeight) * 10, QPageSize::Millimeter, QString(), QPageSize::ExactMatch));
    device.setPageMargins(QMarginsF(0, 0, 0, 0));
}

void drawSheets(const SheetJob& job, QPagedPaintDevice& device, QPainter& painter, Progress& progress)
{
    static const bool fonts = (theme::loadFonts(), true);
    Q_UNUSED(fonts)
    const transfer::TilePlan plan = transfer::tilesOver(job.project, carriedPart(job));
    if (singlePages(device, painter, job, plan.paperWidth, plan.paperHeight))
        return;
    mapPage(painter, job, plan);
    double done = 0;
    for (const transfer::Tile& tile : plan.tiles) {
        if (progress.cancelled())
            return;
        progress.report(
            0.2 + 0.8 * done++ / double(plan.tiles.size()), tr("sheet ") + sheetName(plan, tile).toStdString());
        device.newPage();
        tilePage(painter, job, plan, tile);
    }
}

Result<Done> writeSheets(const SheetJob& job, const QString& path, Progress& progress)
{
    return guarded([&]() -> Result<Done> {
        if (!path.endsWith(".pdf", Qt::CaseInsensitive))
            return Error{ErrorKind::Invalid, tr("Sheets are a PDF: end the name with .pdf."), path.toStdString()};
        if (const auto error = tooMany(job))
            return *error;
        return writeWhole(path, tr("The sheets cannot be written there; choose another folder."),
            [&](QSaveFile& file) -> Result<Done> {
                QPdfWriter writer(&file);
                writer.setResolution(kSheetDpi);
                writer.setTitle(QString::fromStdString(job.project.brief.title));
                writer.setCreator("Roving Lantern");
                setPaper(writer, job);
                QPainter painter;
                if (!painter.begin(&writer))
                    return Error{ErrorKind::NotWritable, {}, {}};
                drawSheets(job, writer, painter, progress);
                painter.end();
                return progress.cancelled()
                    ? Result<Done>(Error{ErrorKind::Cancelled, tr("The sheets were not written."), {}})
                    : Result<Done>(Done{});
            });
    });
}

} // namespace rl::output
