#include "app/board/overlays/ellipse_marks.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/stage/ellipses.h"
#include <QPainter>

namespace rl::app {

void EllipseMarks::paint(QPainter& p, const Board& board) const
{
    const Element* e = m_desk.heldElement();
    if (!e)
        return;
    p.setFont(theme::text(12));
    double last = -1e9;
    for (const stage::SeenEllipse& s : stage::ellipsesOf(m_desk.project(), *e)) {
        if (s.longCm <= 0)
            continue;
        const QPointF c = board.toScreen(s.centre);
        const double k = board.pixelsPerCm();
        p.save();
        p.translate(c);
        p.rotate(-s.tilt);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(QColor(255, 255, 255, 190), 2.6));
        p.drawEllipse(QPointF(), s.longCm * k / 2, s.shortCm * k / 2);
        p.setPen(QPen(theme::kAccent, 1.2));
        p.drawEllipse(QPointF(), s.longCm * k / 2, s.shortCm * k / 2);
        p.drawLine(QPointF(-s.longCm * k / 2, 0), QPointF(s.longCm * k / 2, 0));
        p.restore();
        if (std::abs(c.y() - last) < 16)
            continue; // one label at a place
        last = c.y();
        paintLabel(p, c + QPointF(s.longCm * k / 2 + 6, 5),
            Desk::tr("%1 × %2 cm").arg(s.longCm, 0, 'f', 2).arg(s.shortCm, 0, 'f', 2));
    }
}

} // namespace rl::app
