#include "app/board/overlays/lantern_marks.h"
#include "app/board/board.h"
#include "app/board/tools/lantern_tool.h"
#include "app/theme/theme.h"
#include "core/light/lamps.h"
#include <QPainter>

namespace rl::app {

void LanternMarks::paintExtent(QPainter& p, const Board& board, const Lantern& l) const
{
    const stage::Eye eye = stage::eyeOf(m_desk.project());
    QPolygonF line;
    if (l.kind == LampKind::Panel) {
        for (Vec3 c : light::cornersOf(l)) {
            c.z = std::max(c.z, 0.1);
            line << board.toScreen(stage::projected(eye, c));
        }
    } else {
        for (const Vec2 side : {Vec2{-1, 1}, Vec2{1, 1}, Vec2{1, -1}, Vec2{-1, -1}})
            line << board.toScreen(
                stage::projected(eye, l.position + Vec3{side.x * l.wide / 2, side.y * l.high / 2, 0}));
    }
    p.setPen(QPen(QColor(255, 244, 220, 200), 1.2, l.kind == LampKind::Panel ? Qt::SolidLine : Qt::DotLine));
    p.drawPolygon(line);
}

void LanternMarks::paint(QPainter& p, const Board& board) const
{
    const stage::Eye eye = stage::eyeOf(m_desk.project());
    for (const Lantern& l : m_desk.project().lights.lanterns) {
        if (!l.on)
            continue;
        const QPointF c = board.toScreen(stage::projected(eye, l.position)),
                      foot = board.toScreen(stage::projected(eye, {l.position.x, 0, l.position.z}));
        const bool held = l.id == m_desk.lantern();
        p.setPen(QPen(QColor(255, 244, 220, held ? 220 : 130), 1.2, Qt::DashLine));
        p.drawLine(c, foot);
        p.drawLine(foot - QPointF(6, 0), foot + QPointF(6, 0));
        p.setBrush(Qt::NoBrush);
        if (l.kind != LampKind::Flame)
            paintExtent(p, board, l);
        p.setPen(QPen(theme::kInk, 3.5));
        p.drawEllipse(c, 10, 10);
        p.setPen(QPen(held ? theme::kGlow : theme::kPaper, 2));
        p.drawEllipse(c, 10, 10);
        if (held)
            paintLanternGrips(p, board, m_desk.project(), l);
    }
}

} // namespace rl::app
