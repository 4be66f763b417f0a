#include "app/board/overlays/held_frame.h"
#include "app/board/board.h"
#include "app/board/tools/stage_tool.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

void HeldFrame::paint(QPainter& p, const Board& board) const
{
    const Element* e = m_desk.heldElement();
    const auto place = e ? m_desk.placed(*e) : stage::Placement{};
    if (!place.visible)
        return;
    const QRectF r = board.toScreen(place.canvas);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme::kGlow, 2));
    const double k = std::min({14.0, r.width() / 3, r.height() / 3});
    for (const auto& [c0, sx, sy] :
        {std::tuple{r.topLeft(), 1, 1}, {r.topRight(), -1, 1}, {r.bottomLeft(), 1, -1}, {r.bottomRight(), -1, -1}}) {
        p.drawLine(c0, c0 + QPointF(k * sx, 0));
        p.drawLine(c0, c0 + QPointF(0, k * sy));
    }
    const QPointF foot = board.toScreen(e->baseCm);
    if (e->altitudeM > 0) {
        p.setPen(QPen(theme::kGlow, 1.2, Qt::DashLine));
        p.drawLine(foot, QPointF(foot.x(), r.bottom()));
    }
    // Each foot that touches the ground.
    const stage::Footing f = m_desk.surfaces().footing(m_desk.project(), *e);
    p.setPen(QPen(theme::kGlow, 3, Qt::SolidLine, Qt::RoundCap));
    if (e->yaw == 0)
        for (const auto& touch : f.touching) {
            const double a = e->mirrored ? 1 - touch[1] : touch[0], b = e->mirrored ? 1 - touch[0] : touch[1];
            p.drawLine(QPointF(r.left() + a * r.width(), r.bottom()), QPointF(r.left() + b * r.width(), r.bottom()));
        }
    // Several are numbered where they are seen.
    if (e->cutout && e->altitudeM == 0 && f.feet.size() > 1) {
        p.setFont(theme::text(13, true));
        int number = 0;
        for (const stage::Foot& q : f.feet) {
            const double across = e->mirrored ? 1 - q.at() : q.at(), up = q.up * place.heightCm / place.canvas.height;
            const QRectF tag(r.left() + across * r.width() - theme::px(9), r.bottom() - up * r.height() + 6,
                theme::px(18), theme::px(18));
            p.setPen(QPen(theme::kGlow, 1.2));
            p.setBrush(theme::kInk);
            p.drawRoundedRect(tag, 3, 3);
            p.setPen(theme::kPaper);
            p.drawText(tag, Qt::AlignCenter, QString::number(++number));
        }
    }
    // The rod of its height, and the knobs of height and foot.
    const auto knob = heightKnob(m_desk, *e);
    if (knob) {
        const QPointF top = board.toScreen(*knob);
        p.setPen(QPen(theme::kInk, 3));
        p.drawLine(top, QPointF(top.x(), r.bottom()));
        p.setPen(QPen(theme::kGlow, 1.4));
        p.drawLine(top, QPointF(top.x(), r.bottom()));
        p.setPen(QPen(theme::kInk, 1));
        p.setBrush(theme::kPaper);
        p.drawEllipse(top, 5, 5);
    }
    p.setPen(QPen(theme::kInk, 1));
    p.setBrush(e->locked ? theme::kDark : theme::kGlow);
    p.drawEllipse(foot, 5.5, 5.5);
}

} // namespace rl::app
