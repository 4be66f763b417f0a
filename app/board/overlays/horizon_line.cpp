#include "app/board/overlays/horizon_line.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

void HorizonLine::paint(QPainter& p, const Board& board) const
{
    const Camera& c = m_desk.project().camera;
    const double y = board.toScreen(Vec2{0, c.horizonCm}).y();
    const double left = board.toScreen(Vec2{0, 0}).x(), right = board.toScreen(Vec2{board.widthCm(), 0}).x();
    p.setPen(QPen(QColor(255, 255, 255, 200), 3));
    p.drawLine(QPointF(left, y), QPointF(right, y));
    p.setPen(QPen(theme::kDark, 1.2, Qt::DashLine));
    p.drawLine(QPointF(left, y), QPointF(right, y));
    p.setFont(theme::text(12));
    const QString words = Desk::tr("horizon · eye level %1 m").arg(c.eyeHeightM, 0, 'f', 2);
    paintLabel(p, {right - p.fontMetrics().horizontalAdvance(words) - 14, y - 7}, words);
}

} // namespace rl::app
