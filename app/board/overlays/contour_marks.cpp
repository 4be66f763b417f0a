#include "app/board/overlays/contour_marks.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

void ContourMarks::paint(QPainter& p, const Board& board) const
{
    const double k = m_desk.review->picture.pixelsPerCm;
    // Lost edges are drawn broad, so that their being lost is seen.
    for (const auto& s : m_desk.review->reading.silhouettes)
        for (const auto& e : s.contour) {
            if (e.kind == reading::EdgeKind::Firm || e.kind == reading::EdgeKind::Hard)
                continue;
            const bool lost = e.kind == reading::EdgeKind::Lost;
            const double r = lost ? 2.6 : 1.1;
            p.setPen(Qt::NoPen);
            p.setBrush(lost ? QColor(240, 169, 74, 235) : QColor(255, 255, 255, 150));
            p.drawEllipse(board.toScreen(Vec2{e.at.x / k, e.at.y / k}), r, r);
        }
    paintGlances(p, board);
}

void ContourMarks::paintGlances(QPainter& p, const Board& board) const
{
    const auto& a = m_desk.review->reading.attention;
    const double k = m_desk.review->picture.pixelsPerCm;
    std::vector<QPointF> at;
    for (std::size_t i = 0; i < a.glances.size() && i < 3; ++i)
        if (const auto found = a.centre.find(a.glances[i]); found != a.centre.end())
            at.push_back(board.toScreen(Vec2{found->second.x / k, found->second.y / k}));
    p.setPen(QPen(QColor(255, 255, 255, 190), 2, Qt::DotLine));
    p.drawPolyline(at.data(), int(at.size()));
    for (std::size_t i = 0; i < at.size(); ++i) {
        p.setPen(QPen(theme::kInk, 1.5));
        p.setBrush(theme::kPaper);
        p.drawEllipse(at[i], theme::px(12), theme::px(12));
        p.setFont(theme::heading(17));
        p.drawText(QRectF(at[i] - QPointF(theme::px(12), theme::px(12)), QSizeF(theme::px(24), theme::px(24))),
            Qt::AlignCenter, QString::number(i + 1));
    }
}

} // namespace rl::app
