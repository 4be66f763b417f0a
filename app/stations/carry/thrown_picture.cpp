#include "app/stations/carry/thrown_picture.h"
#include "core/colour/lab.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/grid.h"
#include <QPainter>

namespace rl::app {

namespace {
void drawGrid(QPainter& p, const ToThrow& w, const QColor& ink, double heightCm, double widthCm)
{
    const auto grid = transfer::gridOf(w.project);
    p.setPen(QPen(ink, 0.06));
    for (const double x : grid.xs)
        p.drawLine(QPointF(x, 0), QPointF(x, heightCm));
    for (const double y : grid.ys)
        p.drawLine(QPointF(0, y), QPointF(widthCm, y));
}

void drawValues(QPainter& p, const ToThrow& w, const QRectF& plan)
{
    const LinearPicture& lit = w.lit->picture.colour;
    QImage step(lit.width(), lit.height(), QImage::Format_Grayscale8);
    for (int y = 0; y < lit.height(); ++y)
        for (int x = 0; x < lit.width(); ++x)
            step.scanLine(y)[x] = colour::lightness(luminance(lit.at(x, y))) < 20 * float(w.step) ? 255 : 0;
    if (w.inverted)
        step.invertPixels();
    p.drawImage(plan, step);
}

void drawLines(QPainter& p, const ToThrow& w, const QColor& ink)
{
    for (const auto& s : w.lines) {
        if (w.what == ToThrow::Pass && !w.pass.contains(s.element))
            continue;
        if (w.what == ToThrow::Element && s.element != w.element)
            continue;
        p.setPen(QPen(ink, (s.kind == transfer::LineKind::Outline ? 1.6 : 1) * w.project.sheets.lineMm / 10));
        QPolygonF line;
        for (const Vec2 v : s.points)
            line << QPointF(v.x, v.y);
        s.closed ? p.drawPolygon(line) : p.drawPolyline(line);
    }
}
} // namespace

QImage thrownPicture(const ToThrow& w)
{
    const auto canvas = transfer::canvasPlanOf(w.project);
    const double k = 1500 / std::max(canvas.widthCm, canvas.heightCm);
    QImage image(int(canvas.widthCm * k), int(canvas.heightCm * k), QImage::Format_RGB32);
    const bool picture = w.what == ToThrow::Picture || w.what == ToThrow::Values;
    image.fill(picture ? QColor(0, 0, 0) : w.inverted ? QColor(255, 255, 255) : QColor(0, 0, 0));
    QPainter p(&image);
    p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    p.scale(k, k);
    const QColor ink = w.inverted ? QColor(0, 0, 0) : QColor(255, 255, 255);
    if (w.what == ToThrow::GridAlone || w.what == ToThrow::Both)
        drawGrid(p, w, ink, canvas.heightCm, canvas.widthCm);
    p.translate(canvas.offset.x, canvas.offset.y);
    p.scale(canvas.scale, canvas.scale);
    const QRectF plan(0, 0, w.project.brief.widthCm, w.project.brief.heightCm);
    if (w.what == ToThrow::Picture && w.lit)
        p.drawImage(plan, w.lit->image);
    if (w.what == ToThrow::Values && w.lit)
        drawValues(p, w, plan);
    if (!picture && w.what != ToThrow::GridAlone)
        drawLines(p, w, ink);
    p.resetTransform();
    if (w.bright < 100)
        p.fillRect(image.rect(), QColor(0, 0, 0, int(255 * (1 - w.bright / 100))));
    return image;
}

} // namespace rl::app
