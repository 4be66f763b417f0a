#include "output/sheets.h"
#include "app/theme/fonts.h"
#include "core/base/text.h"
#include "core/colour/srgb.h"
#include "core/transfer/grid.h"
#include <QFile>
#include <QImage>
#include <QPageSize>
#include <QPainter>
#include <QPainterPath>
#include <QPdfWriter>

namespace rl::output {

namespace {
constexpr int kDpi = 1200;
constexpr double kUnitsPerCm = kDpi / 2.54;

/// A painter whose unit is one centimetre of paper, from the page's top left corner.
class Page {
public:
    explicit Page(QPainter& painter)
        : m_painter(painter)
    {
        m_painter.save();
        m_painter.resetTransform();
        m_painter.scale(kUnitsPerCm, kUnitsPerCm);
    }
    ~Page() { m_painter.restore(); }
    Page(const Page&) = delete;
    Page& operator=(const Page&) = delete;
    QPainter* operator->() { return &m_painter; }
    QPainter& painter() { return m_painter; }
    void pen(double mm, QColor colour = Qt::black, Qt::PenStyle style = Qt::SolidLine)
    {
        m_painter.setPen(QPen(colour, mm / 10, style, Qt::RoundCap, Qt::RoundJoin));
    }
    /// \param heightCm of the capitals, roughly
    void text(double x, double y, const QString& words, double heightCm = 0.3)
    {
        m_painter.save();
        m_painter.translate(x, y);
        const double k = heightCm / 100;
        m_painter.scale(k, k);
        QFont font("Cabin");
        font.setPixelSize(140);
        m_painter.setFont(font);
        m_painter.drawText(QPointF(0, 0), words);
        m_painter.restore();
    }

private:
    QPainter& m_painter;
};

void checkRuler(Page& page, double x, double y)
{
    page.pen(0.2);
    page->drawLine(QPointF(x, y), QPointF(x + 10, y));
    for (int i = 0; i <= 10; ++i)
        page->drawLine(QPointF(x + i, y), QPointF(x + i, y - (i % 5 == 0 ? 0.45 : 0.25)));
    page.text(x + 10.2, y, "10 cm: measure me", 0.26);
}

void cutMarks(Page& page, const QRectF& r)
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

void gridLines(Page& page, const transfer::Grid& grid, double penMm, double labelCm)
{
    page.pen(penMm, QColor(70, 90, 120));
    const double w = grid.xs.back(), h = grid.ys.back();
    for (const double x : grid.xs)
        page->drawLine(QPointF(x, 0), QPointF(x, h));
    for (const double y : grid.ys)
        page->drawLine(QPointF(0, y), QPointF(w, y));
    page.pen(penMm, QColor(50, 65, 95));
    for (int c = 0; c < grid.columns; ++c)
        for (int r = 0; r < grid.rows; ++r)
            page.text(grid.xs[std::size_t(c)] + 0.1, grid.ys[std::size_t(r)] + 0.12 + labelCm,
                QString::fromStdString(grid.column(c)) + QString::number(r + 1), labelCm);
}

QPainterPath pathOf(const transfer::Stroke& s)
{
    QPainterPath path;
    const std::size_t n = s.points.size();
    if (n < 2)
        return path;
    path.moveTo(s.points[0].x, s.points[0].y);
    for (std::size_t i = 1; i < n; ++i)
        path.lineTo(s.points[i].x, s.points[i].y);
    if (s.closed)
        path.closeSubpath();
    return path;
}

struct Prepared {
    transfer::TilePlan plan;
    transfer::Grid grid;
    std::vector<transfer::Stroke> strokes;
    Photo photo;
};

void content(Page& page, const SheetJob& job, const Prepared& ready, const Rect& part)
{
    if (job.content == SheetContent::Picture) {
        const double k = ready.photo.width() / job.project.brief.widthCm;
        const QImage whole(reinterpret_cast<const uchar*>(ready.photo.data()), ready.photo.width(),
            ready.photo.height(), ready.photo.width() * 3, QImage::Format_RGB888);
        const int x0 = std::max(0, int(part.x * k) - 1), y0 = std::max(0, int(part.y * k) - 1);
        const int x1 = std::min(whole.width(), int(part.right() * k) + 2),
                  y1 = std::min(whole.height(), int(part.bottom() * k) + 2);
        page->drawImage(QRectF(x0 / k, y0 / k, (x1 - x0) / k, (y1 - y0) / k), whole.copy(x0, y0, x1 - x0, y1 - y0));
    }
    if (job.content == SheetContent::LineArt)
        for (const transfer::Stroke& s : ready.strokes) {
            page.pen(s.kind == transfer::LineKind::Outline ? 0.5 : 0.3,
                s.kind == transfer::LineKind::Outline ? QColor(30, 30, 30) : QColor(110, 110, 110));
            page->setBrush(Qt::NoBrush);
            page->drawPath(pathOf(s));
        }
    if (job.withGrid || job.content == SheetContent::Grid)
        gridLines(page, ready.grid, job.content == SheetContent::Grid ? 0.25 : 0.15, 0.25);
    page.pen(0.3);
    page->setBrush(Qt::NoBrush);
    page->drawRect(QRectF(0, 0, job.project.brief.widthCm, job.project.brief.heightCm));
}

void mapPage(QPainter& painter, const SheetJob& job, const Prepared& ready)
{
    Page page(painter);
    const transfer::TilePlan& plan = ready.plan;
    const Brief& b = job.project.brief;
    const double left = plan.margin, top = plan.margin;
    page.pen(0.2);
    page.text(left, top + 0.8, QString::fromStdString(b.title.empty() ? "Untitled work" : b.title), 0.6);
    page.text(left, top + 1.6,
        QString("%1 × %2 cm in %3 sheets of %4, %5 mm shared. Print at 100 %; measure the ruler on each.")
            .arg(b.widthCm, 0, 'f', 1)
            .arg(b.heightCm, 0, 'f', 1)
            .arg(plan.tiles.size())
            .arg(QString::fromStdString(job.project.sheets.paper))
            .arg(10 * plan.overlap, 0, 'f', 0),
        0.26);
    page.text(left, top + 2.1,
        "Cut along the marks of the upper left sheets, lay each over its neighbour's shared strip, tape from behind.",
        0.26);
    const double room = plan.printableHeight() - 3.2;
    const double k = std::min(plan.printableWidth() / b.widthCm, room / b.heightCm);
    const auto at
        = [&](const Rect& r) { return QRectF(left + r.x * k, top + 2.8 + r.y * k, r.width * k, r.height * k); };
    page.pen(0.4);
    page->drawRect(at({0, 0, b.widthCm, b.heightCm}));
    for (const transfer::Stroke& s : ready.strokes) {
        if (s.kind != transfer::LineKind::Outline)
            continue;
        QPainterPath path = pathOf(s);
        page.pen(0.15, QColor(120, 120, 120));
        page->drawPath(QTransform(k, 0, 0, k, left, top + 2.8).map(path));
    }
    page.pen(0.25, QColor(60, 80, 120));
    for (const transfer::Tile& t : plan.tiles) {
        const QRectF r = at(t.canvas);
        page->drawRect(r);
        page.text(r.center().x() - 0.3, r.center().y() + 0.2, sheetName(plan, t), 0.45);
    }
    checkRuler(page, left, plan.paperHeight - plan.margin - 0.2);
}

void tilePage(QPainter& painter, const SheetJob& job, const Prepared& ready, const transfer::Tile& tile)
{
    const transfer::TilePlan& plan = ready.plan;
    Page page(painter);
    const QRectF area(plan.margin, plan.margin, tile.canvas.width, tile.canvas.height);
    page->save();
    page->setClipRect(area);
    page->translate(plan.margin - tile.canvas.x, plan.margin - tile.canvas.y);
    content(page, job, ready, tile.canvas);
    page->restore();
    // The strips shared with neighbours, so that it is plain where to lay one sheet on the other.
    page.pen(0.1, QColor(150, 150, 150), Qt::DashLine);
    if (tile.column + 1 < plan.columns)
        page->drawLine(
            QPointF(area.right() - plan.overlap, area.top()), QPointF(area.right() - plan.overlap, area.bottom()));
    if (tile.row + 1 < plan.rows)
        page->drawLine(
            QPointF(area.left(), area.bottom() - plan.overlap), QPointF(area.right(), area.bottom() - plan.overlap));
    cutMarks(page, area);
    const double foot = plan.paperHeight - plan.margin - 0.2;
    checkRuler(page, plan.margin, foot);
    const QString label = QString("%1  sheet %2 (column %3 of %4, row %5 of %6)")
                              .arg(QString::fromStdString(job.project.brief.title), sheetName(plan, tile))
                              .arg(tile.column + 1)
                              .arg(plan.columns)
                              .arg(tile.row + 1)
                              .arg(plan.rows);
    page.pen(0.2);
    page.text(plan.margin, foot - 0.65, label, 0.26);
}
} // namespace

int printWidthPx(const Project& p)
{
    const double longest = std::max(p.brief.widthCm, p.brief.heightCm), scale = std::min(200 / 2.54, 6000 / longest);
    return std::max(64, int(std::lround(p.brief.widthCm * scale)));
}

Result<SheetJob> sheetJob(
    const Project& project, SheetContent content, bool withGrid, stage::SurfaceCache& cache, Progress& progress)
{
    const int lineWidthPx = 2000; // enough for a line of 0.3 mm on a canvas of 60 cm
    const int width = content == SheetContent::Picture ? printWidthPx(project) : lineWidthPx;
    SheetJob job{project, {}, {}, content, withGrid};
    const Error givenUp{Kind::Cancelled, "The sheets were not written.", {}};
    if (content == SheetContent::Picture) {
        const auto frame = stage::compose(project, width, cache, progress);
        if (!frame)
            return givenUp;
        job.picture = light::Relighter().light(frame, project.lights);
    } else if (content == SheetContent::LineArt) {
        job.lines = transfer::lineSource(project, width, cache, progress);
        if (!job.lines)
            return givenUp;
    }
    return job;
}

Result<Done> writeSheets(const SheetJob& job, const QString& path, Progress& progress)
{
    return guarded([&]() -> Result<Done> {
        Prepared ready{transfer::tilesOf(job.project), transfer::gridOf(job.project), {}, {}};
        if (ready.plan.tiles.size() > 2000)
            return Error{Kind::TooLarge,
                "That would make " + std::to_string(ready.plan.tiles.size())
                    + " sheets; carry it with the grid instead.",
                {}};
        progress.report(0.05, "drawing the lines");
        if (job.lines)
            ready.strokes = transfer::lineArt(*job.lines);
        if (job.content == SheetContent::Picture)
            ready.photo = colour::codeOf(job.picture.colour);
        static const bool fonts = (theme::loadFonts(), true);
        Q_UNUSED(fonts)
        const QString beside = path + ".part";
        {
            QPdfWriter writer(beside);
            writer.setResolution(kDpi);
            writer.setTitle(QString::fromStdString(job.project.brief.title));
            writer.setCreator("Roving Lantern");
            writer.setPageSize(QPageSize(QSizeF(ready.plan.paperWidth, ready.plan.paperHeight) * 10,
                QPageSize::Millimeter, QString(), QPageSize::ExactMatch));
            writer.setPageMargins(QMarginsF(0, 0, 0, 0));
            QPainter painter;
            if (!painter.begin(&writer)) {
                QFile::remove(beside);
                return Error{Kind::NotWritable, "The sheets cannot be written there; choose another folder.",
                    path.toStdString()};
            }
            mapPage(painter, job, ready);
            double done = 0;
            for (const transfer::Tile& tile : ready.plan.tiles) {
                if (progress.cancelled())
                    break;
                progress.report(0.2 + 0.8 * done++ / double(ready.plan.tiles.size()),
                    "sheet " + sheetName(ready.plan, tile).toStdString());
                writer.newPage();
                tilePage(painter, job, ready, tile);
            }
            painter.end();
        }
        if (progress.cancelled()) {
            QFile::remove(beside);
            return Error{Kind::Cancelled, "The sheets were not written.", {}};
        }
        QFile::remove(path);
        if (!QFile::rename(beside, path))
            return Error{
                Kind::NotWritable, "The sheets cannot be written there; choose another folder.", path.toStdString()};
        return Done{};
    });
}

} // namespace rl::output
