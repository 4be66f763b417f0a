#include "app/stations/read/pull_marks.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

void PullMarks::paint(QPainter& p, const Board& board) const
{
    const auto& r = m_desk.review->reading;
    const double k = m_desk.review->picture.pixelsPerCm;
    const auto onBoard = [&](const Rect& px) {
        return QRectF(board.toScreen(Rect{px.x / k, px.y / k, px.width / k, px.height / k}));
    };
    p.setBrush(Qt::NoBrush);
    int n = 0;
    for (const auto& s : r.attention.places) {
        const QRectF at = onBoard(s.at);
        p.setBrush(Qt::NoBrush); // a label leaves its own
        p.setPen(QPen(theme::kInk, n == m_place ? 4.5 : 3, Qt::DotLine));
        p.drawEllipse(at);
        p.setPen(QPen(n == m_place ? theme::kGlow : theme::kPaper, n == m_place ? 2.5 : 1.5, Qt::DotLine));
        p.drawEllipse(at);
        p.setFont(theme::text(12));
        paintLabel(p, at.topRight() + QPointF(2, 4), QString("%1 %").arg(100 * s.share, 0, 'f', 0));
        ++n;
    }
    for (const Rect& f : r.faces) {
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(theme::kPaper, 2));
        p.drawRoundedRect(onBoard(f), 8, 8);
        paintLabel(p, onBoard(f).topLeft() - QPointF(0, 4), QCoreApplication::translate("Pull", "a face"));
    }
    const QRectF whole = board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()});
    const QRectF bands[]
        = {{whole.left(), whole.top(), 7, whole.height()}, {whole.right() - 7, whole.top(), 7, whole.height()},
            {whole.left(), whole.top(), whole.width(), 7}, {whole.left(), whole.bottom() - 7, whole.width(), 7}};
    for (std::size_t i = 0; i < 4; ++i)
        if (r.attention.leaks[i] > 1) {
            p.fillRect(bands[i], QColor(240, 169, 74, int(std::min(230.0, 90 * r.attention.leaks[i]))));
            paintLabel(p, bands[i].center() + QPointF(i == 1 ? -70 : 8, i == 3 ? -10 : 16),
                QString("%1 %2").arg(QChar(0xd7)).arg(r.attention.leaks[i], 0, 'f', 1));
        }
}

} // namespace rl::app
