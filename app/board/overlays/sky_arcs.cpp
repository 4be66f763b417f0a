#include "app/board/overlays/sky_arcs.h"
#include "app/board/board.h"
#include "core/light/sky_optics.h"
#include <QPainter>

namespace rl::app {

void SkyArcs::paint(QPainter& p, const Board& board) const
{
    const light::SkyOptics o = light::skyOptics(m_desk.project());
    p.setClipRect(board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()}));
    for (const light::SkyArc& arc : o.arcs) {
        QPolygonF line;
        for (const Vec2& q : arc.points)
            line << board.toScreen(q);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(QColor(255, 255, 255, 190), 3));
        p.drawPolyline(line);
        p.setPen(QPen(arc.redOutside ? QColor(0xb3, 0x3a, 0x2a) : QColor(0x4a, 0x4f, 0x8a), 1.4));
        p.drawPolyline(line);
    }
    if (!o.path.empty()) {
        QPolygonF line;
        for (const Vec2& q : o.path)
            line << board.toScreen(q);
        p.setPen(QPen(QColor(255, 255, 255, 150), 1.2, Qt::DashLine));
        p.drawPolygon(line);
    }
    const Vec2 meet = o.sunAhead ? o.sunCm : o.opposite;
    if (meet.x != 0 || meet.y != 0)
        for (int i = 0; i < 12; ++i) {
            const double t = radians(30.0 * i);
            p.setPen(QPen(QColor(255, 255, 255, 110), 1, Qt::DotLine));
            p.drawLine(board.toScreen(meet), board.toScreen(meet + Vec2{std::cos(t), std::sin(t)} * 400));
        }
}

} // namespace rl::app
