#include "app/board/overlays/pointed_places.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

void PointedPlaces::paint(QPainter& p, const Board& board) const
{
    const stage::Eye eye = stage::eyeOf(m_desk.project());
    QPolygonF line;
    for (const Vec2& q : m_places)
        line << board.toScreen(stage::projected(eye, {q.x, 0, q.y}));
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme::kGlow, 2));
    m_closed ? p.drawPolygon(line) : p.drawPolyline(line);
    p.setPen(QPen(theme::kInk, 1));
    p.setBrush(theme::kGlow);
    for (const QPointF& q : line)
        p.drawEllipse(q, 4, 4);
}

} // namespace rl::app
