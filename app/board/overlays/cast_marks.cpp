#include "app/board/overlays/cast_marks.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

void CastMarks::paint(QPainter& p, const Board& board) const
{
    const auto& a = m_desk.review->reading.attention;
    const double k = m_desk.review->picture.pixelsPerCm, r = theme::px(13);
    int rank = 0;
    for (const CastMember& m : m_desk.project().brief.cast) {
        ++rank;
        for (const int id : a.order) {
            const Element* e = m_desk.project().element(id);
            const auto at = a.centre.find(id);
            if (!e || e->cast != m.id || at == a.centre.end())
                continue;
            const QPointF c = board.toScreen(Vec2{at->second.x / k, at->second.y / k});
            p.setPen(QPen(theme::kInk, 1.5));
            p.setBrush(theme::kPaper);
            p.drawEllipse(c, r, r);
            p.setFont(theme::heading(18));
            p.drawText(QRectF(c.x() - r, c.y() - r, 2 * r, 2 * r), Qt::AlignCenter, QString::number(rank));
            break;
        }
    }
}

} // namespace rl::app
