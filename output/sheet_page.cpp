#include "output/sheet_page.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/paint/recipe_words.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/curves.h"
#include "output/paper.h"
#include "output/said.h"

namespace rl::output {

using transfer::LineKind;

void SheetPage::pen(double mm, QColor colour, Qt::PenStyle style)
{
    m_painter.setPen(QPen(colour, mm / 10, style, Qt::RoundCap, Qt::RoundJoin));
}

void SheetPage::text(double x, double y, const QString& words, double heightCm, bool bold, double mostCm)
{
    QFont font("Cabin");
    font.setPixelSize(140);
    font.setBold(bold);
    double k = heightCm / 100;
    if (const double wide = k * QFontMetricsF(font).horizontalAdvance(words); mostCm > 0 && wide > mostCm)
        k *= mostCm / wide;
    m_painter.save();
    m_painter.translate(x, y);
    m_painter.scale(k, k);
    m_painter.setFont(font);
    m_painter.drawText(QPointF(0, 0), words);
    m_painter.restore();
}

double SheetPage::paragraph(const QRectF& r, const QString& words, double heightCm)
{
    const double k = heightCm / 100;
    m_painter.save();
    m_painter.translate(r.topLeft());
    m_painter.scale(k, k);
    QFont font("Cabin");
    font.setPixelSize(140);
    m_painter.setFont(font);
    QRectF took;
    m_painter.drawText(QRectF(0, 0, r.width() / k, r.height() / k), Qt::TextWordWrap, words, &took);
    m_painter.restore();
    return took.height() * k;
}

QPainterPath pathOf(const transfer::Stroke& s)
{
    constexpr double kOff = 0.015; // cm: a tenth of a millimetre and a half
    QPainterPath path;
    for (const auto& c : transfer::curveThrough(s.points, kOff, s.closed)) {
        if (path.isEmpty())
            path.moveTo(c[0].x, c[0].y);
        path.cubicTo(c[1].x, c[1].y, c[2].x, c[2].y, c[3].x, c[3].y);
    }
    return path;
}

QPainterPath pathOf(const std::vector<Vec2>& loop)
{
    QPainterPath path;
    for (std::size_t i = 0; i < loop.size(); ++i)
        i ? path.lineTo(loop[i].x, loop[i].y) : path.moveTo(loop[i].x, loop[i].y);
    path.closeSubpath();
    return path;
}

namespace {
void linePen(SheetPage& page, const Sheets& s, const transfer::Stroke& line)
{
    const int black = int(255 - 2.55 * s.grey);
    const QColor ink = s.darkGround ? QColor(255, 255, 255) : QColor(black, black, black);
    switch (line.kind) {
    case LineKind::Outline:
        return page.pen(1.3 * s.lineMm, ink);
    case LineKind::Inner:
        return page.pen(0.8 * s.lineMm, ink);
    case LineKind::FormShadow:
        return page.pen(0.6 * s.lineMm, ink, Qt::DotLine);
    case LineKind::CastShadow:
        return page.pen(0.6 * s.lineMm, ink, Qt::DashLine);
    case LineKind::ValueStep:
        return page.pen(0.5 * s.lineMm, ink, Qt::DashDotLine);
    case LineKind::Hatch:
        return page.pen(0.4 * s.lineMm, s.darkGround ? QColor(170, 170, 170) : QColor(140, 140, 140));
    }
}

void drawLines(SheetPage& page, const SheetJob& job)
{
    const auto canvas = transfer::canvasPlanOf(job.project);
    const Sheets& s = job.project.sheets;
    page->save();
    page->translate(canvas.offset.x, canvas.offset.y);
    page->scale(canvas.scale, canvas.scale);
    page->setBrush(Qt::NoBrush);
    for (const transfer::Stroke& line : job.lines) {
        if (job.element && line.element != job.element)
            continue;
        linePen(page, s, line);
        QPen pen = page->pen();
        pen.setWidthF(pen.widthF() / canvas.scale);
        page->setPen(pen);
        page->drawPath(pathOf(line));
    }
    page->restore();
}

/// A place beyond the picture's edge shows what lies as far within it.
int reflected(int i, int n)
{
    return std::clamp(i < 0 ? -1 - i : i >= n ? 2 * n - 1 - i : i, 0, n - 1);
}

/// The picture; into bleed and wrapped edges it goes on as in a mirror.
void drawPicture(SheetPage& page, const SheetJob& job, const Rect& part)
{
    const auto canvas = transfer::canvasPlanOf(job.project);
    const Sheets& s = job.project.sheets;
    const LinearPicture& picture = job.picture.colour;
    const double k = picture.width() / job.project.brief.widthCm;
    const Rect r = canvas.toPlan(part);
    const int beyond = s.fit == CanvasFit::Crop ? int((s.bleedCm + s.wrapCm) / canvas.scale * k) + 1 : 0,
              x0 = std::max(-beyond, int(std::floor(r.x * k)) - 1),
              y0 = std::max(-beyond, int(std::floor(r.y * k)) - 1),
              x1 = std::min(picture.width() + beyond, int(r.right() * k) + 2),
              y1 = std::min(picture.height() + beyond, int(r.bottom() * k) + 2);
    if (x1 <= x0 || y1 <= y0)
        return;
    QImage image(x1 - x0, y1 - y0, QImage::Format_RGB888); // what goes on this sheet, no more
    for (int y = y0; y < y1; ++y) {
        uchar* to = image.scanLine(y - y0);
        for (int x = x0; x < x1; ++x) {
            const Rgb8 c = colour::codeOf(picture.at(reflected(x, picture.width()), reflected(y, picture.height())));
            *to++ = c.r, *to++ = c.g, *to++ = c.b;
        }
    }
    const Rect at = canvas.toCanvas(Rect{x0 / k, y0 / k, (x1 - x0) / k, (y1 - y0) / k});
    page->drawImage(QRectF(at.x, at.y, at.width, at.height), image);
}

void gridLines(SheetPage& page, const SheetJob& job, double penMm, double labelCm)
{
    const transfer::Grid grid = transfer::gridOf(job.project);
    const QColor ink = job.project.sheets.darkGround ? QColor(235, 235, 240) : QColor(70, 90, 120);
    page.pen(penMm, ink);
    const double w = grid.xs.back(), h = grid.ys.back();
    for (const double x : grid.xs)
        page->drawLine(QPointF(x, 0), QPointF(x, h));
    for (const double y : grid.ys)
        page->drawLine(QPointF(0, y), QPointF(w, y));
    if (job.project.sheets.quarters) { // the cross through the corners too
        page->drawLine(QPointF(0, 0), QPointF(w, h));
        page->drawLine(QPointF(w, 0), QPointF(0, h));
    }
    page.pen(penMm * 0.7, ink, Qt::DotLine);
    for (const auto& [c, r] : transfer::denseSquares(grid, job.lines, transfer::canvasPlanOf(job.project))) {
        const double x0 = grid.xs[std::size_t(c)], x1 = grid.xs[std::size_t(c) + 1], y0 = grid.ys[std::size_t(r)],
                     y1 = grid.ys[std::size_t(r) + 1];
        page->drawLine(QPointF((x0 + x1) / 2, y0), QPointF((x0 + x1) / 2, y1));
        page->drawLine(QPointF(x0, (y0 + y1) / 2), QPointF(x1, (y0 + y1) / 2));
    }
    page.pen(penMm, job.project.sheets.darkGround ? ink : QColor(50, 65, 95));
    for (int c = 0; c < grid.columns; ++c)
        for (int r = 0; r < grid.rows; ++r)
            page.text(grid.xs[std::size_t(c)] + 0.1, grid.ys[std::size_t(r)] + 0.12 + labelCm,
                QString::fromStdString(grid.column(c)) + QString::number(r + 1)
                    + (job.content == SheetContent::Grid ? QString(" ") + QChar(0x2610)
                                                         : QString()), // to tick when traced
                labelCm);
    if (job.content != SheetContent::Grid)
        return;
    // What to mark along each edge of the canvas, on this side of it.
    page.pen(0.2, ink);
    for (std::size_t i = 1; i + 1 < grid.xs.size(); ++i)
        for (const double y : {0.0, h}) {
            page->drawLine(QPointF(grid.xs[i], y), QPointF(grid.xs[i], y + (y > 0 ? -0.4 : 0.4)));
            page.text(grid.xs[i] + 0.06, y > 0 ? y - 0.12 : y + 0.32,
                QString::fromStdString(transfer::onRuler(grid.xs[i], job.project.brief.unit)), 0.18);
        }
    for (std::size_t i = 1; i + 1 < grid.ys.size(); ++i)
        for (const double x : {0.0, w}) {
            page->drawLine(QPointF(x, grid.ys[i]), QPointF(x + (x > 0 ? -0.4 : 0.4), grid.ys[i]));
            page.text(x > 0 ? x - 1.15 : x + 0.45, grid.ys[i] - 0.06,
                QString::fromStdString(transfer::onRuler(grid.ys[i], job.project.brief.unit)), 0.18);
        }
}

void drawFlow(SheetPage& page, const SheetJob& job)
{
    if (!job.flow)
        return;
    const auto canvas = transfer::canvasPlanOf(job.project);
    const QColor ink = job.project.sheets.darkGround ? QColor(255, 255, 255) : QColor(60, 60, 60);
    page->setPen(Qt::NoPen);
    page->setBrush(ink);
    const double half = 0.5 * job.project.sheets.lineMm / 10;
    for (const auto& stroke : job.flow->strokes) {
        std::vector<Vec2> left, right;
        const double length = std::max(transfer::lengthOf(stroke), 1e-9);
        double gone = 0;
        for (std::size_t i = 0; i < stroke.size(); ++i) {
            const Vec2 p = canvas.toCanvas(stroke[i]), a = canvas.toCanvas(stroke[i ? i - 1 : 0]),
                       b = canvas.toCanvas(stroke[std::min(i + 1, stroke.size() - 1)]), d = b - a;
            gone += i ? (stroke[i] - stroke[i - 1]).length() : 0;
            const double w = half * transfer::taper(gone / length), l = std::max(d.length(), 1e-9);
            const Vec2 n{-d.y / l * w, d.x / l * w};
            left.push_back(p + n), right.push_back(p - n);
        }
        left.insert(left.end(), right.rbegin(), right.rend());
        page->drawPath(pathOf(left));
    }
    page->setBrush(Qt::NoBrush);
}

void drawShape(SheetPage& page, const SheetJob& job)
{
    page->setBrush(QBrush(QColor(90, 90, 90), Qt::BDiagPattern));
    QTransform fine;
    fine.scale(0.02, 0.02);
    QBrush hatch(QColor(150, 150, 150), Qt::BDiagPattern);
    hatch.setTransform(fine);
    page->setBrush(hatch);
    page.pen(0.35);
    QPainterPath all;
    for (const auto& loop : job.shape.loops)
        all.addPath(pathOf(loop));
    all.setFillRule(Qt::OddEvenFill);
    page->drawPath(all);
    page->setBrush(Qt::NoBrush);
}

void edges(SheetPage& page, const SheetJob& job)
{
    const auto canvas = transfer::canvasPlanOf(job.project);
    const Sheets& s = job.project.sheets;
    const QColor ink = s.darkGround ? QColor(255, 255, 255) : QColor(0, 0, 0);
    page->setBrush(Qt::NoBrush);
    const auto box = [&](double grow, double mm, Qt::PenStyle style) {
        page.pen(mm, ink, style);
        page->drawRect(QRectF(-grow, -grow, canvas.widthCm + 2 * grow, canvas.heightCm + 2 * grow));
    };
    box(0, 0.3, Qt::SolidLine);
    if (job.project.brief.format != Format::Rectangle) { // round and odd supports
        QPolygonF outline;
        for (const Vec2 p : outlineOf(job.project.brief)) {
            const Vec2 c = canvas.toCanvas(p);
            outline << QPointF(c.x, c.y);
        }
        page.pen(0.3, ink);
        page->drawPolygon(outline);
    }
    if (s.bleedCm > 0)
        box(s.bleedCm, 0.15, Qt::DashLine);
    if (s.wrapCm > 0)
        box(s.bleedCm + s.wrapCm, 0.15, Qt::DotLine);
    if (s.bevelCm > 0)
        box(-s.bevelCm, 0.15, Qt::DashDotLine);
    page.pen(0.3, ink, Qt::DashLine);
    for (const double x : canvas.jointsX)
        page->drawLine(QPointF(x, 0), QPointF(x, canvas.heightCm));
    for (const double y : canvas.jointsY)
        page->drawLine(QPointF(0, y), QPointF(canvas.widthCm, y));
}
} // namespace

void drawContent(SheetPage& page, const SheetJob& job, const Rect& part)
{
    if (job.project.sheets.darkGround) {
        const Rect all = transfer::canvasPlanOf(job.project).whole;
        page->fillRect(QRectF(all.x, all.y, all.width, all.height), QColor(40, 40, 42));
    }
    switch (job.content) {
    case SheetContent::Picture:
        drawPicture(page, job, part);
        break;
    case SheetContent::LineArt:
    case SheetContent::Recarry:
        drawLines(page, job);
        break;
    case SheetContent::Flow:
        drawLines(page, job);
        drawFlow(page, job);
        break;
    case SheetContent::Stencil:
    case SheetContent::Mask:
        drawShape(page, job);
        break;
    default:
        break;
    }
    if (job.withGrid || job.content == SheetContent::Grid)
        gridLines(page, job, job.content == SheetContent::Grid ? 0.25 : 0.15, 0.25);
    edges(page, job);
}

namespace {
/// The picture in the upper part of a page. \return where it lies, cm
QRectF pictureAbove(SheetPage& page, const QImage& image, double width, double top, double most)
{
    const double k = std::min((width - 3) / image.width(), most / image.height());
    const QRectF at(1.5, top, image.width() * k, image.height() * k);
    page->drawImage(at, image);
    page.pen(0.2);
    page->drawRect(at);
    return at;
}
QString titleOf(const SheetJob& job)
{
    return QString::fromStdString(job.project.brief.title.empty() ? tr("Untitled work") : job.project.brief.title);
}
} // namespace

void coloursPage(SheetPage& page, const SheetJob& job, double width, double height)
{
    page.text(1.5, 2, titleOf(job) + tr(": colours"), 0.55, true);
    const QRectF at = pictureAbove(page, imageOf(job.picture.colour), width, 2.8, 0.5 * height);
    struct Sample {
        int number = 0;
        Vec2 share;
        colour::ExactLab lab;
        QString words;
    };
    std::vector<Sample> samples;
    const bool mixed = job.mixing && !job.mixing->recipes.empty();
    if (job.mixing)
        for (std::size_t i = 0; i < job.mixing->map.puddles.size(); ++i) {
            const auto& p = job.mixing->map.puddles[i];
            QString words = QString("L* %1, C* %2, %3 %").arg(p.wanted.L, 0, 'f', 0).arg(p.wanted.chroma(), 0, 'f', 0);
            words = words.arg(100 * p.share, 0, 'f', 1);
            if (mixed && !job.mixing->recipes[i].formulas.empty())
                words = QString::fromStdString(
                    paint::recipeSaid(*job.mixing, i) + ", " + paint::mlSaid(job.mixing->needs.puddles[i].ml));
            samples.push_back({p.number,
                {p.at.x / job.mixing->map.which.width(), p.at.y / job.mixing->map.which.height()}, p.wanted, words});
        }
    const int columns = mixed ? 1 : 2, rows = (int(samples.size()) + columns - 1) / columns;
    const double top = at.bottom() + 0.8, row = std::min(0.8, (height - top - 1.6) / std::max(1, rows)),
                 column = (width - 3) / columns;
    for (std::size_t i = 0; i < samples.size(); ++i) {
        const Sample& s = samples[i];
        const QPointF dot(at.left() + s.share.x * at.width(), at.top() + s.share.y * at.height());
        page->setBrush(Qt::white);
        page.pen(0.2);
        page->drawEllipse(dot, 0.24, 0.24);
        page.text(dot.x() - (s.number < 10 ? 0.08 : 0.16), dot.y() + 0.1, QString::number(s.number), 0.2, true);
        const auto shown = paint::onScreen(s.lab);
        const double x = 1.5 + double(int(i) / rows) * column, y = top + (int(i) % rows) * row;
        page->setBrush(QColor(int(shown.rgb[0] + 0.5), int(shown.rgb[1] + 0.5), int(shown.rgb[2] + 0.5)));
        page->drawRect(QRectF(x, y, 1.4, 0.8 * row));
        page->setBrush(Qt::NoBrush);
        page.text(x + 1.55, y + 0.55 * row, QString("%1  %2").arg(s.number).arg(s.words), std::min(0.22, 0.55 * row),
            false, column - 1.55);
    }
    page.text(1.5, height - 0.9,
        mixed ? tr("Parts by volume; numbers are the puddles of Mix.")
              : tr("Mean colours of the picture, lightest first."),
        0.24);
}

void valuesPage(SheetPage& page, const SheetJob& job, double width, double height)
{
    const LinearPicture& picture = job.picture.colour;
    const auto bounds = std::clamp(job.project.sheets.valueSteps > 1 ? job.project.sheets.valueSteps : 5, 2, 9);
    QImage grey(picture.width(), picture.height(), QImage::Format_Grayscale8), steps = grey.copy();
    std::vector<double> share(std::size_t(bounds), 0);
    for (int y = 0; y < picture.height(); ++y)
        for (int x = 0; x < picture.width(); ++x) {
            const float L = colour::lightness(luminance(picture.at(x, y)));
            const int n = std::clamp(int(double(L) / 100 * bounds), 0, bounds - 1);
            const auto code = [](double l) { return colour::codeOf(colour::fromLab({float(l), 0, 0})).g; };
            grey.scanLine(y)[x] = code(double(L));
            steps.scanLine(y)[x] = code(100 * (n + 0.5) / bounds);
            share[std::size_t(n)] += 1.0 / double(picture.size());
        }
    page.text(1.5, 2, titleOf(job) + tr(": values"), 0.55, true);
    const double most = (height - 6.5) / 2;
    const QRectF a = pictureAbove(page, grey, width, 2.8, most),
                 b = pictureAbove(page, steps, width, a.bottom() + 0.6, most);
    for (int n = 0; n < bounds; ++n) {
        const double w = (width - 3) / bounds, x = 1.5 + n * w, y = b.bottom() + 0.5;
        const int g = colour::codeOf(colour::fromLab({float(100 * (n + 0.5) / bounds), 0, 0})).g;
        page->fillRect(QRectF(x, y, w, 0.7), QColor(g, g, g));
        page.pen(0.2);
        page.text(x + 0.05, y + 1.05,
            QString("L* %1: %2 %").arg(100 * (n + 0.5) / bounds, 0, 'f', 0).arg(100 * share[std::size_t(n)], 0, 'f', 0),
            0.22);
    }
}

std::size_t landmarksPage(SheetPage& page, const SheetJob& job, double width, double height, std::size_t from)
{
    const auto canvas = transfer::canvasPlanOf(job.project);
    const auto& all = *job.landmarks;
    const auto ruler = [&](double cm) { return QString::fromStdString(transfer::onRuler(cm, job.project.brief.unit)); };
    double y = 2;
    page.text(1.5, y, titleOf(job) + tr(": landmarks"), 0.55, true);
    y += 0.8;
    if (from == 0) {
        const double k = std::min((width - 3) / canvas.widthCm, 0.42 * height / canvas.heightCm);
        page->save();
        page->translate(1.5, y);
        page->scale(k, k);
        page.pen(0.3 / k);
        page->drawRect(QRectF(0, 0, canvas.widthCm, canvas.heightCm));
        page->translate(canvas.offset.x, canvas.offset.y);
        page->scale(canvas.scale, canvas.scale);
        for (const auto& s : job.lines) {
            page.pen(0.2 / (k * canvas.scale), QColor(150, 150, 150));
            if (s.kind <= LineKind::Inner && (s.kind == LineKind::Outline || s.rank < 40))
                page->drawPath(pathOf(s));
        }
        page->restore();
        for (std::size_t i = 0; i < all.points.size(); ++i) {
            const QPointF at(1.5 + all.points[i].at.x * k, y + all.points[i].at.y * k);
            page.pen(0.3);
            page->drawLine(at - QPointF(0.12, 0), at + QPointF(0.12, 0));
            page->drawLine(at - QPointF(0, 0.12), at + QPointF(0, 0.12));
            page.text(at.x() + 0.08, at.y() - 0.08, QString::number(i + 1), 0.22, true);
        }
        y += canvas.heightCm * k + 0.9;
        page.text(1.5, y, tr("Check when all is drawn:"), 0.26, true);
        for (const auto& s : all.spans) {
            y += 0.45;
            page.text(1.5, y,
                said("☐ from %1 (%2) to %3 (%4): %5")
                    .arg(QString::fromStdString(all.points[std::size_t(s.first)].name))
                    .arg(s.first + 1)
                    .arg(QString::fromStdString(all.points[std::size_t(s.second)].name))
                    .arg(s.second + 1)
                    .arg(ruler(s.cm)),
                0.24);
        }
        y += 0.8;
    }
    for (; from < all.points.size() && y < height - 1.8; ++from, y += 0.48) {
        const auto& l = all.points[from];
        QString row = said("☐ %1  %2: %3 from the %4, %5 from the %6")
                          .arg(from + 1)
                          .arg(QString::fromStdString(l.name), ruler(l.across),
                              said(l.fromRight ? translatable("right") : translatable("left")), ruler(l.down),
                              said(l.fromBottom ? translatable("bottom") : translatable("top")));
        if (l.near[0] >= 0)
            row += said("; %1 to %2, %3 to %4")
                       .arg(ruler(l.toNear[0]))
                       .arg(l.near[0] + 1)
                       .arg(ruler(l.toNear[1]))
                       .arg(l.near[1] + 1);
        page.text(1.5, y, row, 0.22);
    }
    page.text(1.5, height - 0.9, tr("Measured on the canvas' face, from its edges."), 0.24);
    return from;
}

} // namespace rl::output
