#include "app/board/overlays/outline_mask.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>
#include <QPainterPath>

namespace rl::app {

void OutlineMask::paint(QPainter& p, const Board& board) const
{
    QPolygonF outline;
    for (const Vec2 c : outlineOf(m_desk.project().brief))
        outline << board.toScreen(c);
    QPainterPath inside, whole;
    inside.addPolygon(outline);
    inside.closeSubpath();
    whole.addRect(board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()}).adjusted(-1, -1, 1, 1));
    p.fillPath(whole.subtracted(inside), QColor(0x7a, 0x7a, 0x7a, 205));
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme::kInk, 1.2));
    p.drawPath(inside);
}

} // namespace rl::app
