#include "app/board/overlays/focal_place.h"
#include "app/board/board.h"
#include <QPainter>

namespace rl::app {

void FocalPlace::paint(QPainter& p, const Board& board) const
{
    const Air& a = m_desk.project().lights.air;
    const Vec2 at = a.vignetteAt.x < 0 ? Vec2{board.widthCm() / 2, board.heightCm() / 2} : a.vignetteAt;
    const double reach = a.vignetteReach * std::hypot(board.widthCm(), board.heightCm()) / 2 * board.pixelsPerCm();
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(QColor(255, 255, 255, 170), 1.2, Qt::DashLine));
    p.drawEllipse(board.toScreen(at), reach, reach);
    p.drawEllipse(board.toScreen(at), 4, 4);
}

} // namespace rl::app
