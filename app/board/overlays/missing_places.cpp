#include "app/board/overlays/missing_places.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

namespace {
void paintEmptyPlace(QPainter& p, const QRectF& box, const QString& words)
{
    p.fillRect(box, QBrush(QColor(0xb3, 0x5c, 0x12, 120), Qt::BDiagPattern));
    p.setPen(QPen(theme::kPaper, 3));
    p.setBrush(Qt::NoBrush);
    p.drawRect(box);
    p.setPen(QPen(theme::kAccent, 1.4, Qt::DashLine));
    p.drawRect(box);
    p.setFont(theme::text(12));
    paintLabel(p, box.topLeft() + QPointF(4, 20), words);
}
} // namespace

void MissingPlaces::paint(QPainter& p, const Board& board) const
{
    const Project& project = m_desk.project();
    const auto gone = [&](int reference) {
        const Reference* r = project.reference(reference);
        return r && r->pixels.missing();
    };
    if (gone(project.backdrop.reference))
        paintEmptyPlace(p, board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()}),
            Desk::tr("the backdrop's picture is missing"));
    for (const Element& e : project.elements)
        if (const Cutout* c = project.cutout(e.cutout); c && gone(c->reference))
            paintEmptyPlace(p, board.toScreen(m_desk.placed(e).canvas),
                Desk::tr("%1: its picture is missing").arg(QString::fromStdString(e.name)));
}

} // namespace rl::app
