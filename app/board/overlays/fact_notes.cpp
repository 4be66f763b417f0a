#include "app/board/overlays/fact_notes.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

QStringList FactNotes::words() const
{
    QStringList out;
    for (const Fact& f : m_desk.project().brief.facts)
        if (!f.checked && f.element && f.element == m_desk.element())
            out << QString::fromStdString(f.words);
    return out;
}

void FactNotes::paint(QPainter& p, const Board& board) const
{
    const Element* e = m_desk.heldElement();
    if (!e)
        return;
    const QRectF box = board.toScreen(m_desk.placed(*e).canvas);
    p.setFont(theme::text(13, true));
    const int step = p.fontMetrics().height() + theme::px(6);
    const QStringList all = words();
    double y = std::clamp(box.top() - 6.0 - step * (double(all.size()) - 1), double(step),
        board.height() - 8.0 - step * double(all.size()));
    for (const QString& w : all) {
        const QString said = QCoreApplication::translate("FactNotes", "must be right: %1").arg(w);
        const double wide = p.fontMetrics().horizontalAdvance(said) + 12;
        paintLabel(p, {std::clamp(box.left(), 4.0, std::max(4.0, board.width() - wide)), y}, said);
        y += step;
    }
}

} // namespace rl::app
