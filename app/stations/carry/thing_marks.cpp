// Marks of single things: landmarks, the way of strands, the shape that is cut.
#include "app/board/board.h"
#include "app/stations/carry/carry_page.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

void CarryMarks::paintLandmarks(QPainter& p, const Board& board) const
{
    const CarryState::Drawn* d = m_state.drawn();
    if (!d)
        return;
    const auto& all = d->landmarks.points;
    const Project& project = m_desk.project();
    const auto canvas = transfer::canvasPlanOf(project);
    p.setFont(theme::text(12, true));
    for (std::size_t i = 0; i < all.size(); ++i) {
        const QPointF c = at(board, all[i].at);
        const bool held = int(i) == landmark, ticked = m_state.traced(CarryState::landmarkName(int(i + 1)));
        const QColor ink = held ? theme::kAccent : ticked ? QColor(0x8a, 0x88, 0x84) : QColor(0x9a, 0x2c, 0x1e);
        p.setPen(QPen(ink, held ? 2.5 : 1.6));
        p.drawLine(c - QPointF(6, 0), c + QPointF(6, 0));
        p.drawLine(c - QPointF(0, 6), c + QPointF(0, 6));
        p.drawText(c + QPointF(5, -4), QString::number(i + 1) + (ticked ? " \u2713" : ""));
        if (!held)
            continue;
        // Its measures, as the ruler is laid.
        const QPointF edgeX = at(board, Vec2{all[i].fromRight ? canvas.widthCm : 0, all[i].at.y}),
                      edgeY = at(board, Vec2{all[i].at.x, all[i].fromBottom ? canvas.heightCm : 0});
        p.setPen(QPen(theme::kAccent, 1.2, Qt::DashLine));
        p.drawLine(c, edgeX);
        p.drawLine(c, edgeY);
        const auto ruler = [&](double cm) { return QString::fromStdString(transfer::onRuler(cm, project.brief.unit)); };
        paintLabel(p, (c + edgeX) / 2, ruler(all[i].across));
        paintLabel(p, (c + edgeY) / 2, ruler(all[i].down));
        for (std::size_t k = 0; k < 2; ++k)
            if (all[i].near[k] >= 0) {
                const QPointF o = at(board, all[std::size_t(all[i].near[k])].at);
                p.setPen(QPen(theme::kAccent, 1, Qt::DotLine));
                p.drawLine(c, o);
                paintLabel(p, (c + o) / 2, ruler(all[i].toNear[k]));
            }
        p.setFont(theme::text(12, true));
    }
}

void CarryMarks::paintFlow(QPainter& p, const Board& board) const
{
    const transfer::ElementFlow* flow = m_state.flow();
    if (!flow)
        return;
    p.setPen(Qt::NoPen);
    p.setBrush(m_desk.project().sheets.darkGround ? QColor(Qt::white) : QColor(40, 40, 44));
    const double half = std::max(0.8, 0.05 * m_desk.project().sheets.lineMm * board.pixelsPerCm());
    for (const auto& stroke : flow->strokes) {
        QPolygonF left, right;
        const auto n = stroke.size();
        for (std::size_t i = 0; i < n; ++i) {
            const QPointF c = board.toScreen(stroke[i]), a = board.toScreen(stroke[i ? i - 1 : 0]),
                          b = board.toScreen(stroke[std::min(i + 1, n - 1)]), d = b - a;
            const double l = std::max(std::hypot(d.x(), d.y()), 1e-6),
                         w = half * transfer::taper(double(i) / double(n - 1));
            left << c + QPointF(-d.y(), d.x()) * (w / l), right << c - QPointF(-d.y(), d.x()) * (w / l);
        }
        std::reverse(right.begin(), right.end());
        p.drawPolygon(left + right);
    }
    p.setBrush(Qt::NoBrush);
}

void CarryMarks::paintShape(QPainter& p, const Board& board) const
{
    const output::PlacedShape* shape = m_state.shape();
    if (!shape)
        return;
    QPainterPath path;
    path.setFillRule(Qt::OddEvenFill);
    for (const auto& loop : shape->loops) {
        QPolygonF line;
        for (const Vec2 v : loop)
            line << at(board, v);
        path.addPolygon(line);
        path.closeSubpath();
    }
    p.fillPath(path, QColor(60, 60, 64, m_state.mask() ? 210 : 150));
    p.setPen(QPen(QColor(0x9a, 0x2c, 0x1e), 1.4));
    p.drawPath(path);
}

} // namespace rl::app
