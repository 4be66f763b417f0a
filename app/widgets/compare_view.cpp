#include "app/widgets/compare_view.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

CompareView::CompareView()
{
    setObjectName("compare");
    setAccessibleName(tr("Two pictures compared"));
}

void CompareView::show(Side left, Side right)
{
    m_left = std::move(left), m_right = std::move(right);
    update();
}

void drawPalette(QPainter& p, QRect r, const std::vector<QColor>& colours, const std::vector<double>& shares)
{
    double x = r.left();
    for (std::size_t i = 0; i < colours.size(); ++i) {
        const double w = r.width() * shares[i];
        p.fillRect(QRectF(x, r.top(), std::max(1.0, w), r.height()), colours[i]);
        x += w;
    }
}

void CompareView::draw(QPainter& p, const Side& side, QRect r)
{
    const int text = 22 * int(std::max(m_left.figures.size(), m_right.figures.size())) + 62;
    const QRect room = r.adjusted(0, 0, 0, -text);
    if (!side.image.isNull()) {
        const QSize size = side.image.size().scaled(room.size(), Qt::KeepAspectRatio);
        const QRect at(QPoint(room.center().x() - size.width() / 2, room.bottom() - size.height()), size);
        p.drawImage(at, side.mirrored ? side.image.mirrored(true, false) : side.image);
        p.setPen(QPen(theme::kPaper, 3));
        p.setBrush(Qt::NoBrush);
        p.drawRect(at);
    }
    p.setPen(theme::kInk);
    p.setFont(theme::heading(19));
    int y = room.bottom() + 8;
    p.drawText(QRect(r.left(), y, r.width(), 26), Qt::AlignHCenter,
        side.title + (side.mirrored ? tr(" (mirrored)") : QString()));
    y += 28;
    drawPalette(p, QRect(r.left() + r.width() / 6, y, r.width() * 2 / 3, 14), side.palette, side.shares);
    y += 22;
    p.setFont(theme::text(13.5));
    for (const QString& line : side.figures) {
        p.drawText(QRect(r.left(), y, r.width(), 20), Qt::AlignHCenter, line);
        y += 22;
    }
}

void CompareView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.fillRect(rect(), QColor(0xd3, 0xd1, 0xcd));
    const int half = width() / 2;
    draw(p, m_left, QRect(16, 14, half - 28, height() - 24));
    draw(p, m_right, QRect(half + 12, 14, half - 28, height() - 24));
}

} // namespace rl::app
