#include "app/board/overlays/sheet_marks.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/transfer/grid.h"
#include "core/transfer/tiles.h"
#include <QPainter>

namespace rl::app {

namespace {
constexpr int kDrawnPx = 2000; ///< across the canvas

void drawStroke(QPainter& p, const transfer::Stroke& s, const QPolygonF& line, double pen)
{
    const bool outline = s.kind == transfer::LineKind::Outline;
    p.setPen(QPen(outline ? theme::kInk : QColor(0x6e, 0x6e, 0x6e), (outline ? 1.5 : 0.9) * pen));
    s.closed ? p.drawPolygon(line) : p.drawPolyline(line);
}
} // namespace

QImage SheetMarks::drawn(const std::vector<transfer::Stroke>& strokes, double widthCm, double heightCm)
{
    const double k = kDrawnPx / std::max(widthCm, heightCm);
    QImage image(int(widthCm * k), int(heightCm * k), QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    for (const transfer::Stroke& s : strokes) {
        QPolygonF line;
        for (const Vec2 v : s.points)
            line << QPointF(v.x, v.y) * k;
        drawStroke(p, s, line, 2);
    }
    return image;
}

/// Thousands of lines take longer than a frame: from afar their picture is shown, close up those that are in sight.
void SheetMarks::paintLines(QPainter& p, const Board& board) const
{
    const QRectF canvas = board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()});
    if (canvas.width() < 1.5 * kDrawnPx)
        return p.drawImage(canvas, m_lines.drawn);
    for (const transfer::Stroke& s : m_lines.strokes) {
        QPolygonF line;
        for (const Vec2 v : s.points)
            line << board.toScreen(v);
        if (line.boundingRect().intersects(board.rect()))
            drawStroke(p, s, line, 1);
    }
}

void SheetMarks::paint(QPainter& p, const Board& board) const
{
    p.setBrush(Qt::NoBrush);
    if (m_what == output::SheetContent::LineArt)
        paintLines(p, board);
    if (m_grid || m_what == output::SheetContent::Grid)
        paintGrid(p, board);
    paintTiles(p, board);
}

void SheetMarks::paintGrid(QPainter& p, const Board& board) const
{
    const auto grid = transfer::gridOf(m_desk.project());
    p.setPen(QPen(QColor(70, 90, 120, 150), 1));
    p.setFont(theme::text(11));
    for (const double x : grid.xs)
        p.drawLine(board.toScreen(Vec2{x, 0}), board.toScreen(Vec2{x, grid.ys.back()}));
    for (const double y : grid.ys)
        p.drawLine(board.toScreen(Vec2{0, y}), board.toScreen(Vec2{grid.xs.back(), y}));
    p.setPen(QColor(50, 65, 95));
    const QPointF in(4, theme::px(13));
    for (int c = 0; c < grid.columns; ++c)
        p.drawText(board.toScreen(Vec2{grid.xs[std::size_t(c)], 0}) + in, QString::fromStdString(grid.column(c)));
    for (int r = 1; r < grid.rows; ++r)
        p.drawText(board.toScreen(Vec2{0, grid.ys[std::size_t(r)]}) + in, QString::number(r + 1));
}

/// As they come out of the printer, with the shared strips laid over each other.
void SheetMarks::paintTiles(QPainter& p, const Board& board) const
{
    int number = 0;
    for (const auto& t : transfer::tilesOf(m_desk.project()).tiles) {
        const QRectF r = board.toScreen(t.canvas);
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

} // namespace rl::app
