// What is painted on a board: the canvas, the sash, the rulers.
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QPainter>

namespace rl::app {

namespace {
/// Neutral mats of Munsell value 3, 5 and 8.
const QColor kMats[] = {QColor(0x4a, 0x4a, 0x4a), QColor(0x7a, 0x7a, 0x7a), QColor(0xca, 0xca, 0xca)};
} // namespace

void paintLabel(QPainter& p, QPointF at, const QString& words)
{
    const QRectF r(at.x(), at.y() - 14, p.fontMetrics().horizontalAdvance(words) + 8, 17);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor(246, 245, 242, 225));
    p.drawRoundedRect(r, 4, 4);
    p.setPen(theme::kInk);
    p.drawText(r, Qt::AlignCenter, words);
}

void paintBothWays(QPainter& p, const QPolygonF& line)
{
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(QColor(255, 255, 255, 170), 2.4));
    p.drawPolyline(line);
    p.setPen(QPen(QColor(60, 57, 53, 220), 1));
    p.drawPolyline(line);
}

void Board::paintCanvas(QPainter& p)
{
    const QRectF canvas = canvasRect();
    p.fillRect(canvas.adjusted(-1, -1, 1, 1), QColor(0, 0, 0, 60));
    const QImage other
        = m_look && (m_seen == Seen::AsIs || m_seen == Seen::Mirrored) && !comparing() ? m_look() : QImage();
    const QImage& image = other.isNull() ? shown() : other;
    if (image.isNull()) {
        p.fillRect(canvas, theme::kPaper);
        p.setPen(theme::kFaint);
        p.setFont(theme::heading(24));
        p.drawText(canvas, Qt::AlignCenter, m_waiting);
        return;
    }
    if (m_seen == Seen::Mirrored) {
        p.save();
        p.translate(2 * canvas.center().x(), 0);
        p.scale(-1, 1);
        p.drawImage(canvas, image);
        p.restore();
        return;
    }
    // Worked out for just this view: laid down as it is, which is many times faster than fitting it.
    if (std::abs(image.width() - canvas.width()) < 1.5 && std::abs(image.height() - canvas.height()) < 1.5)
        return p.drawImage(canvas.topLeft().toPoint(), image);
    p.drawImage(canvas, image);
}

void Board::paintSash(QPainter& p) const
{
    const QRectF canvas = canvasRect();
    const double x = canvas.left() + m_sash * canvas.width();
    p.save();
    p.setClipRect(QRectF(canvas.topLeft(), QPointF(x, canvas.bottom())));
    p.drawImage(canvas, m_before);
    p.restore();
    p.setPen(QPen(theme::kPaper, 4));
    p.drawLine(QPointF(x, canvas.top()), QPointF(x, canvas.bottom()));
    p.setPen(QPen(theme::kAccent, 1.6));
    p.drawLine(QPointF(x, canvas.top()), QPointF(x, canvas.bottom()));
    p.setBrush(theme::kPaper);
    p.drawEllipse(QPointF(x, canvas.center().y()), 9, 9);
    p.setFont(theme::text(13));
    paintLabel(p, {x - p.fontMetrics().horizontalAdvance(m_wordBefore) - 18, canvas.top() + 22}, m_wordBefore);
    paintLabel(p, {x + 10, canvas.top() + 22}, m_wordAfter);
}

void Board::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.fillRect(rect(), kMats[m_mat]);
    paintCanvas(p);
    if (comparing() && m_seen == Seen::AsIs) {
        paintSash(p);
    } else if (m_seen == Seen::AsIs && !m_bare) {
        for (const Overlay* o : m_overlays)
            if (o->shown()) {
                p.save();
                o->paint(p, *this);
                p.restore();
            }
        const std::vector<Tool*> all = tools();
        for (auto it = all.rbegin(); it != all.rend(); ++it) {
            p.save();
            (*it)->paint(p, *this);
            p.restore();
        }
        if (m_flashSteps > 0) {
            p.setPen(QPen(m_flashSteps % 2 ? theme::kGlow : QColor(255, 255, 255), 3));
            p.setBrush(Qt::NoBrush);
            p.drawRect(toScreen(m_flash).adjusted(-4, -4, 4, 4));
        }
    }
    paintRulers(p);
}

void Board::paintRulers(QPainter& p) const
{
    if (m_bare)
        return;
    const int wide = ruler();
    p.setRenderHint(QPainter::Antialiasing, false);
    p.fillRect(0, 0, width(), wide, theme::linen());
    p.fillRect(0, 0, wide, height(), theme::linen());
    const double unit = m_unit.length;
    double step = unit;
    for (const double k : {1.0, 2.0, 5.0, 10.0, 20.0, 50.0, 100.0, 200.0, 500.0, 1000.0})
        if ((step = k * unit) * m_scale >= 44)
            break;
    p.setFont(theme::text(11));
    p.setPen(theme::faint());
    const auto ticks = [&](bool across) {
        const double length = across ? m_width : m_height;
        for (int i = 0; i * step / 5 <= length + 1e-6; ++i) {
            const QPointF s = toScreen(across ? Vec2{i * step / 5, 0} : Vec2{0, i * step / 5});
            const int at = int(across ? s.x() : s.y()), size = i % 5 == 0 ? 9 : 4;
            if (at < wide)
                continue;
            if (across)
                p.drawLine(at, wide - size, at, wide);
            else
                p.drawLine(wide - size, at, wide, at);
            if (i % 5 != 0)
                continue;
            const QString words = QString::number(i * step / 5 / unit, 'g', 4);
            if (across)
                p.drawText(QRect(at + 3, 1, 60, 13), Qt::AlignLeft | Qt::AlignVCenter, words);
            else {
                p.save();
                p.translate(2, at + 3);
                p.rotate(90);
                // The lowest one stands before its tick: below the canvas there is often no window.
                const bool lowest = (i + 5) * step / 5 > length + 1e-6;
                p.drawText(QRect(lowest ? -66 : 0, -13, 60, 13),
                    (lowest ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, words);
                p.restore();
            }
        }
    };
    ticks(true);
    ticks(false);
    p.fillRect(0, 0, wide, wide, theme::linen());
    p.setPen(theme::ink());
    p.drawText(QRect(0, 0, wide, wide), Qt::AlignCenter, m_unit.name);
}

} // namespace rl::app
