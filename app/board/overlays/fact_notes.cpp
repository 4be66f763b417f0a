#include "app/board/overlays/fact_notes.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>
#include <QPainterPath>

namespace rl::app {

QStringList FactNotes::words(int element) const
{
    QStringList out;
    for (const Fact& f : m_desk.project().brief.facts)
        if (!f.checked && f.element && f.element == element)
            out << QString::fromStdString(f.words);
    return out;
}

std::optional<QRectF> FactNotes::tickOf(int element, const Board& board) const
{
    const Element* e = m_desk.project().element(element);
    if (!e || words(element).isEmpty())
        return {};
    const QRectF box = board.toScreen(m_desk.placed(*e).canvas);
    const double side = theme::px(15);
    const QPointF corner(std::clamp(box.left() - side, 2 * side, std::max(2 * side, board.width() - 2 * side)),
        std::clamp(box.top() - side, 2 * side, std::max(2 * side, board.height() - 2 * side)));
    return QRectF(corner, QSizeF(side, side));
}

void FactNotes::paint(QPainter& p, const Board& board) const
{
    p.setRenderHint(QPainter::Antialiasing);
    for (const Element& e : m_desk.project().elements)
        if (const auto at = tickOf(e.id, board)) {
            p.setPen(Qt::NoPen);
            p.setBrush(theme::paper());
            p.drawEllipse(*at);
            QPainterPath tick(at->topLeft() + QPointF(0.27, 0.52) * at->width());
            tick.lineTo(at->topLeft() + QPointF(0.44, 0.70) * at->width());
            tick.lineTo(at->topLeft() + QPointF(0.76, 0.32) * at->width());
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(theme::ink(), at->width() / 9));
            p.drawPath(tick);
        }
}

QString FactNotes::tip(QPointF at, const Board& board) const
{
    for (const Element& e : m_desk.project().elements)
        if (const auto tick = tickOf(e.id, board); tick && tick->contains(at))
            return QCoreApplication::translate("FactNotes", "%1 – check: %2")
                .arg(QString::fromStdString(e.name), words(e.id).join("; "));
    return {};
}

} // namespace rl::app
