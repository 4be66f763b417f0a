#include "app/board/overlays/room_marks.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/stage/room.h"
#include <QPainter>

namespace rl::app {

void RoomMarks::paint(QPainter& p, const Board& board) const
{
    const auto r = stage::roomOf(m_desk.project(), m_desk.surfaces());
    const double w = board.widthCm(), h = board.heightCm();
    p.setFont(theme::text(12));
    const auto gap = [&](Vec2 a, Vec2 b, double cm) {
        if (cm <= 0)
            return;
        paintBothWays(p, QPolygonF{board.toScreen(a), board.toScreen(b)});
        paintLabel(p, board.toScreen((a + b) * 0.5) + QPointF(4, 6), Desk::tr("%1 cm").arg(cm, 0, 'f', 1));
    };
    if (r.known) {
        const Vec2 c = r.group.centre();
        p.setPen(QPen(theme::kGlow, 1.5, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawRect(board.toScreen(r.group));
        gap({0, c.y}, {r.group.x, c.y}, r.left);
        gap({r.group.right(), c.y}, {w, c.y}, r.right);
        gap({c.x, 0}, {c.x, r.group.y}, r.top);
        gap({c.x, r.group.bottom()}, {c.x, h}, r.bottom);
    }
    if (!m_desk.review)
        return;
    const reading::Balance& b = m_desk.review->reading.balance;
    const QPointF at = board.toScreen(b.centreCm), middle = board.toScreen(Vec2{w / 2, h / 2});
    p.setPen(QPen(theme::kDark, 1, Qt::DashLine));
    p.drawLine(
        QPointF(middle.x(), board.toScreen(Vec2{0, 0}).y()), QPointF(middle.x(), board.toScreen(Vec2{0, h}).y()));
    p.setPen(QPen(theme::kInk, 1.5));
    p.setBrush(theme::kPaper);
    p.drawEllipse(at, 7, 7);
    p.drawLine(at - QPointF(11, 0), at + QPointF(11, 0));
    p.drawLine(at - QPointF(0, 11), at + QPointF(0, 11));
    paintLabel(p, at + QPointF(12, -6), Desk::tr("centre of weight"));
    if (b.counter.wanted) {
        const double side = std::sqrt(b.counter.areaCm2);
        const QRectF box = board.toScreen(Rect{b.counter.atCm.x - side / 2, b.counter.atCm.y - side / 2, side, side});
        p.setPen(QPen(theme::kGlow, 2, Qt::DashLine));
        p.setBrush(QColor(246, 245, 242, 60));
        p.drawEllipse(box);
        paintLabel(p, box.center() - QPointF(40, 0), Desk::tr("counterweight"));
    }
}

} // namespace rl::app
