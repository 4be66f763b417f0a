#include "app/board/board.h"
#include "app/stations/carry/carry_page.h"
#include "app/theme/theme.h"
#include "core/transfer/tiles.h"
#include <QPainter>

namespace rl::app {

QPointF CarryMarks::at(const Board& board, Vec2 cm) const
{
    return board.toScreen(transfer::canvasPlanOf(m_desk.project()).toPlan(cm));
}
QRectF CarryMarks::at(const Board& board, const Rect& r) const
{
    return board.toScreen(transfer::canvasPlanOf(m_desk.project()).toPlan(r));
}

void CarryMarks::paint(QPainter& p, const Board& board) const
{
    p.setBrush(Qt::NoBrush);
    if (shows.lines)
        paintLines(p, board);
    if (shows.flow)
        paintFlow(p, board);
    if (shows.shape)
        paintShape(p, board);
    if (shows.grid)
        paintGrid(p, board);
    if (shows.traced)
        paintTraced(p, board);
    if (shows.tiles)
        paintTiles(p, board);
    if (shows.canvas)
        paintCanvas(p, board);
    if (shows.landmarks)
        paintLandmarks(p, board);
}

/// From afar their picture, close up those that are in sight.
void CarryMarks::paintLines(QPainter& p, const Board& board) const
{
    const CarryState::Drawn* d = m_state.drawn();
    if (!d)
        return;
    const QRectF plan = board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()});
    if (plan.width() < 1.5 * d->image.width())
        return p.drawImage(plan, d->image);
    const bool dark = m_desk.project().sheets.darkGround;
    for (const transfer::Stroke& s : d->lines) {
        QPolygonF line;
        for (const Vec2 v : s.points)
            line << board.toScreen(v);
        if (!line.boundingRect().intersects(board.rect()))
            continue;
        const bool outline = s.kind == transfer::LineKind::Outline;
        p.setPen(QPen(dark ? QColor(Qt::white)
                : outline  ? theme::kInk
                           : QColor(0x6e, 0x6e, 0x6e),
            outline ? 1.8 : 1.1));
        s.closed ? p.drawPolygon(line) : p.drawPolyline(line);
    }
}

void CarryMarks::paintGrid(QPainter& p, const Board& board) const
{
    const auto grid = transfer::gridOf(m_desk.project());
    const bool dark = m_desk.project().sheets.darkGround;
    const QColor ink = dark ? QColor(210, 220, 235, 150) : QColor(70, 90, 120, 150);
    p.setPen(QPen(ink, 1));
    p.setFont(theme::text(11));
    const double w = grid.xs.back(), h = grid.ys.back();
    for (const double x : grid.xs)
        p.drawLine(at(board, Vec2{x, 0}), at(board, Vec2{x, h}));
    for (const double y : grid.ys)
        p.drawLine(at(board, Vec2{0, y}), at(board, Vec2{w, y}));
    if (m_desk.project().sheets.quarters) {
        p.drawLine(at(board, Vec2{0, 0}), at(board, Vec2{w, h}));
        p.drawLine(at(board, Vec2{w, 0}), at(board, Vec2{0, h}));
    }
    if (const auto* d = m_state.drawn()) {
        p.setPen(QPen(ink, 1, Qt::DotLine));
        for (const auto& [c, r] : d->dense) {
            if (c >= grid.columns || r >= grid.rows)
                continue;
            const double x0 = grid.xs[std::size_t(c)], x1 = grid.xs[std::size_t(c) + 1], y0 = grid.ys[std::size_t(r)],
                         y1 = grid.ys[std::size_t(r) + 1];
            p.drawLine(at(board, Vec2{(x0 + x1) / 2, y0}), at(board, Vec2{(x0 + x1) / 2, y1}));
            p.drawLine(at(board, Vec2{x0, (y0 + y1) / 2}), at(board, Vec2{x1, (y0 + y1) / 2}));
        }
    }
    p.setPen(dark ? QColor(225, 232, 245) : QColor(50, 65, 95));
    const QPointF in(4, theme::px(13));
    for (int c = 0; c < grid.columns; ++c)
        p.drawText(at(board, Vec2{grid.xs[std::size_t(c)], 0}) + in, QString::fromStdString(grid.column(c)));
    for (int r = 1; r < grid.rows; ++r)
        p.drawText(at(board, Vec2{0, grid.ys[std::size_t(r)]}) + in, QString::number(r + 1));
}

/// What is on the canvas already lies under a veil with a tick.
void CarryMarks::paintTraced(QPainter& p, const Board& board) const
{
    const auto grid = transfer::gridOf(m_desk.project());
    for (int c = 0; c < grid.columns; ++c)
        for (int r = 0; r < grid.rows; ++r) {
            if (!m_state.traced(grid.column(c) + std::to_string(r + 1)))
                continue;
            const double x = grid.xs[std::size_t(c)], y = grid.ys[std::size_t(r)];
            const QRectF square
                = at(board, Rect{x, y, grid.xs[std::size_t(c) + 1] - x, grid.ys[std::size_t(r) + 1] - y});
            p.fillRect(square, QColor(250, 249, 246, 165));
            p.setPen(QPen(theme::kAccent, 2));
            const QPointF m = square.center();
            const double s = std::min({square.width(), square.height(), 44.0}) / 4;
            p.drawPolyline(QPolygonF{m + QPointF(-s, 0), m + QPointF(-s / 4, s * 0.8), m + QPointF(s, -s)});
        }
}

/// As they come out of the printer, with the shared strips laid over each other.
void CarryMarks::paintTiles(QPainter& p, const Board& board) const
{
    int number = 0;
    for (const auto& t : transfer::tilesOf(m_desk.project()).tiles) {
        const QRectF r = at(board, t.canvas);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(theme::kAccent, 1.2, Qt::DashLine));
        p.drawRect(r.adjusted(1, 1, -1, -1));
        p.setFont(theme::heading(16));
        const QString name = Desk::tr("sheet %1").arg(++number);
        const double w = p.fontMetrics().horizontalAdvance(name) + 12;
        const QRectF tag(r.center().x() - w / 2, r.center().y() - theme::px(12), w, theme::px(24));
        p.setPen(Qt::NoPen);
        p.setBrush(QColor(246, 245, 242, 215));
        p.drawRoundedRect(tag, 4, 4);
        p.setPen(theme::kAccent);
        p.drawText(tag, Qt::AlignCenter, name);
    }
}

/// What the real canvas cuts off lies under hatching, with its width; bleed, wrapped edge, bevel and joints are lines.
void CarryMarks::paintCanvas(QPainter& p, const Board& board) const
{
    const auto canvas = transfer::canvasPlanOf(m_desk.project());
    const Sheets& s = m_desk.project().sheets;
    const QRectF plan = board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()}),
                 face = at(board, Rect{0, 0, canvas.widthCm, canvas.heightCm});
    QPainterPath lost;
    lost.addRect(plan);
    QPainterPath kept;
    kept.addRect(face);
    lost = lost.subtracted(kept);
    p.fillPath(lost, QColor(246, 245, 242, 150));
    p.fillPath(lost, QBrush(QColor(150, 60, 40, 190), Qt::BDiagPattern));
    p.setPen(QPen(theme::kInk, 2));
    p.drawRect(face);
    if (m_desk.project().brief.format != Format::Rectangle) {
        QPolygonF outline;
        for (const Vec2 v : outlineOf(m_desk.project().brief))
            outline << board.toScreen(v);
        p.drawPolygon(outline);
    }
    const auto box = [&](double grow, Qt::PenStyle style) {
        p.setPen(QPen(theme::kAccent, 1.5, style));
        p.drawRect(at(board, Rect{-grow, -grow, canvas.widthCm + 2 * grow, canvas.heightCm + 2 * grow}));
    };
    if (s.bleedCm > 0)
        box(s.bleedCm, Qt::DashLine);
    if (s.wrapCm > 0)
        box(s.bleedCm + s.wrapCm, Qt::DotLine);
    if (s.bevelCm > 0)
        box(-s.bevelCm, Qt::DashDotLine);
    p.setPen(QPen(theme::kInk, 2, Qt::DashLine));
    for (const double x : canvas.jointsX)
        p.drawLine(at(board, Vec2{x, 0}), at(board, Vec2{x, canvas.heightCm}));
    for (const double y : canvas.jointsY)
        p.drawLine(at(board, Vec2{0, y}), at(board, Vec2{canvas.widthCm, y}));
    p.setFont(theme::text(13));
    if (canvas.lostAcross > 0)
        paintLabel(p, plan.topLeft() + QPointF(6, theme::px(26)),
            Desk::tr("%1 cm lost on each side").arg(canvas.lostAcross / 2, 0, 'f', 1));
    if (canvas.lostDown > 0)
        paintLabel(p, plan.topLeft() + QPointF(6, theme::px(26)),
            Desk::tr("%1 cm lost above and below").arg(canvas.lostDown / 2, 0, 'f', 1));
}

} // namespace rl::app
