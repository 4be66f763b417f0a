// What is painted of the wall.
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "app/widgets/reference_wall.h"
#include <QDragEnterEvent>
#include <QMimeData>
#include <QPainter>
#include <QWheelEvent>

namespace rl::app {

namespace {
constexpr double kLabel = 0.5; ///< wall units
}

void ReferenceWall::drawHeaps(QPainter& p)
{
    std::set<QString> names;
    for (const Picture& w : m_pictures)
        if (!w.heap.isEmpty())
            names.insert(w.heap);
    for (const QString& name : names) {
        const QRectF place = heapPlace(name);
        const QRectF r(toScreen({place.x(), place.y()}), place.size() * m_zoom);
        p.setPen(Qt::NoPen);
        p.setBrush(QColor(0xe6, 0xe3, 0xdc));
        p.drawRoundedRect(r, 8, 8);
        p.setPen(theme::kInk);
        p.setFont(theme::heading(std::clamp(m_zoom * 0.19, 13.0, 20.0)));
        p.drawText(r.adjusted(10, 4, -8, 0), Qt::AlignLeft | Qt::AlignTop, name);
    }
}

const QImage& ReferenceWall::tiny(const Picture& w)
{
    if (m_tiny.size() > 4000)
        m_tiny.clear();
    QImage& t = m_tiny[w.small.cacheKey()];
    if (t.isNull())
        t = w.small.scaled(170, 170, Qt::KeepAspectRatio, Qt::FastTransformation);
    return t;
}

void ReferenceWall::drawCompass(QPainter& p, const Picture& w, QRectF r)
{
    // A small compass of the measured light; no needle where it cannot be told.
    const QPointF c(r.right() - 22, r.top() + 22);
    p.setPen(QPen(theme::kInk, 1));
    p.setBrush(QColor(246, 245, 242, 225));
    p.drawEllipse(c, 16, 16);
    if (w.confidence < 0.25) {
        p.setFont(theme::text(11));
        p.drawText(QRectF(c.x() - 17, c.y() - 8, 34, 16), Qt::AlignCenter, "?");
        return;
    }
    // The fan it may lie in.
    p.setPen(Qt::NoPen);
    for (const auto& [spread, strength] : {std::pair{w.most, 70}, {w.half, 110}})
        if (spread > 0 && spread < 180) {
            p.setBrush(QColor(theme::kGlow.red(), theme::kGlow.green(), theme::kGlow.blue(), strength));
            p.drawPie(QRectF(c.x() - 15, c.y() - 15, 30, 30), int(std::lround(16 * (w.azimuth - spread))),
                int(std::lround(32 * spread)));
        }
    const double a = radians(w.azimuth);
    const QPointF tip = c + QPointF(std::cos(a), -std::sin(a)) * 14;
    p.setPen(QPen(theme::kAccent, 3, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(tip, c);
    p.setBrush(theme::kGlow);
    p.setPen(QPen(theme::kInk, 1));
    p.drawEllipse(tip, 4, 4);
}

void ReferenceWall::drawPicture(QPainter& p, std::size_t i)
{
    const Picture& w = m_pictures[i];
    QRectF r = pictureRect(int(i));
    const bool chosen = m_chosen.contains(w.id);
    if (m_dragging && chosen)
        r.translate(m_shift.x * m_zoom, m_shift.y * m_zoom);
    if (!r.adjusted(0, 0, 0, kLabel * m_zoom).intersects(rect()))
        return;
    p.fillRect(r.adjusted(3, 4, 5, 6), QColor(0, 0, 0, 40));
    p.fillRect(r, theme::kPaper);
    if (w.missing)
        p.fillRect(r, QBrush(QColor(0xb3, 0x5c, 0x12, 120), Qt::BDiagPattern));
    else if (!w.small.isNull()) {
        const QImage& image = r.height() < 120 ? tiny(w) : w.small;
        p.drawImage(r, image, QRectF(image.rect()));
    }
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(chosen ? theme::kAccent : theme::kPaper, w.id == m_held ? 4 : chosen ? 2 : 3));
    p.drawRect(r.adjusted(-1, -1, 1, 1));
    if (w.measured && r.width() > 70)
        drawCompass(p, w, r);
    if (!w.badge.isEmpty() && r.width() > 60) {
        p.setFont(theme::text(11.5, true));
        const QRectF tag(r.left() + 6, r.top() + 6, p.fontMetrics().horizontalAdvance(w.badge) + 12, 19);
        p.setPen(Qt::NoPen);
        p.setBrush(theme::kDark);
        p.drawRoundedRect(tag, 3, 3);
        p.setPen(theme::kPaper);
        p.drawText(tag, Qt::AlignCenter, w.badge);
    }
    if (m_zoom < 52)
        return; // from far away names would be a blur
    p.setPen(theme::kInk);
    p.setFont(theme::text(13, true));
    p.drawText(QRectF(r.left(), r.bottom() + 5, r.width(), 18), Qt::AlignLeft,
        p.fontMetrics().elidedText((w.warning ? "! " : "") + w.name, Qt::ElideRight, int(r.width())));
    p.setFont(theme::text(12));
    p.setPen(theme::kFaint);
    p.drawText(QRectF(r.left(), r.bottom() + 22, r.width(), 17), Qt::AlignLeft,
        p.fontMetrics().elidedText(w.second, Qt::ElideRight, int(r.width())));
}

void ReferenceWall::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform, m_pictures.size() < 60 || m_zoom > 70);
    p.fillRect(rect(), QColor(0xd3, 0xd1, 0xcd));
    if (m_pictures.empty()) {
        p.setPen(theme::kInk);
        p.setFont(theme::heading(24));
        p.drawText(rect().adjusted(40, 60, -40, 0), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
            tr("An empty wall. Drop pictures or a folder of them here, or bring them in below."));
    }
    drawHeaps(p);
    for (std::size_t i = 0; i < m_pictures.size(); ++i)
        drawPicture(p, i);
}
} // namespace rl::app
