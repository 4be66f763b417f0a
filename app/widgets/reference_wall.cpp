#include "app/widgets/reference_wall.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include <QDragEnterEvent>
#include <QMimeData>
#include <QPainter>
#include <QWheelEvent>

namespace rl::app {

namespace {
constexpr double kHeight = 1.7, kGap = 0.22, kLabel = 0.5; ///< wall units
} // namespace

ReferenceWall::ReferenceWall()
{
    setObjectName("wall");
    setAcceptDrops(true);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Reference wall"));
    setToolTip(tr("Your references. Click one to work with it, drag it to pin it where you like (onto a heap to lay it "
                  "there), Ctrl+click to choose several, double-click to cut something out. The wheel zooms, dragging "
                  "the empty wall moves it, F shows all."));
}

void ReferenceWall::show(std::vector<Picture> pictures, int heldId)
{
    const bool more = pictures.size() != m_pictures.size();
    m_pictures = std::move(pictures);
    std::erase_if(m_chosen, [this](int id) {
        return std::none_of(m_pictures.begin(), m_pictures.end(), [=](const Picture& p) { return p.id == id; });
    });
    if (m_held != heldId && !m_chosen.contains(heldId))
        m_chosen = {heldId};
    m_held = heldId;
    QStringList told; // to who does not see it
    for (const Picture& p : m_pictures)
        told << p.name + (p.second.isEmpty() ? QString() : ": " + p.second);
    setAccessibleDescription(told.join("; "));
    hang();
    if (more && !m_touched)
        fitAll();
    update();
}

QRectF ReferenceWall::placeOf(std::size_t i) const
{
    const Picture& p = m_pictures[i];
    const double ratio = p.pixels.height() > 0 ? double(p.pixels.width()) / p.pixels.height() : 1;
    const Vec2 at = m_at[i];
    return {at.x, at.y, kHeight * std::clamp(ratio, 0.4, 3.0), kHeight};
}

/// Pictures without a place of their own hang in rows; each heap begins a row.
void ReferenceWall::hang()
{
    m_at.assign(m_pictures.size(), {});
    const double wide = std::max(6.0, 9.4 * std::sqrt(std::max(1.0, double(m_pictures.size()) / 12)));
    std::vector<QString> heaps{QString()};
    for (const Picture& p : m_pictures)
        if (std::find(heaps.begin(), heaps.end(), p.heap) == heaps.end())
            heaps.push_back(p.heap);
    double y = 0;
    for (const QString& heap : heaps) {
        double x = 0;
        bool any = false;
        if (!heap.isEmpty())
            y += 0.35;
        for (std::size_t i = 0; i < m_pictures.size(); ++i) {
            if (m_pictures[i].heap != heap)
                continue;
            if (m_pictures[i].hung) {
                m_at[i] = m_pictures[i].at;
                continue;
            }
            m_at[i] = {x, y};
            const double w = placeOf(i).width();
            if (x > 0 && x + w > wide) {
                x = 0, y += kHeight + kLabel + kGap;
                m_at[i] = {x, y};
            }
            x += w + kGap;
            any = true;
        }
        if (any)
            y += kHeight + kLabel + kGap;
    }
}

void ReferenceWall::fitAll()
{
    QRectF all;
    for (std::size_t i = 0; i < m_pictures.size(); ++i)
        all |= placeOf(i).adjusted(0, -0.1, 0, kLabel);
    if (all.isEmpty() || width() < 50)
        return;
    all.adjust(-0.2, -0.25, 0.2, 0.1);
    m_zoom = std::clamp(std::min(width() / all.width(), height() / all.height()), 12.0, 125.0);
    m_origin = {all.x() - std::max(0.0, (width() / m_zoom - all.width()) / 2), all.y()};
    update();
}

QPointF ReferenceWall::toScreen(Vec2 w) const
{
    return {(w.x - m_origin.x) * m_zoom, (w.y - m_origin.y) * m_zoom};
}
Vec2 ReferenceWall::toWall(QPointF s) const
{
    return {s.x() / m_zoom + m_origin.x, s.y() / m_zoom + m_origin.y};
}
QRect ReferenceWall::pictureRect(int i) const
{
    if (i < 0 || i >= int(m_pictures.size()))
        return {};
    const QRectF p = placeOf(std::size_t(i));
    return QRectF(toScreen({p.x(), p.y()}), p.size() * m_zoom).toRect();
}
int ReferenceWall::at(QPoint screen) const
{
    for (int i = int(m_pictures.size()) - 1; i >= 0; --i)
        if (pictureRect(i).contains(screen))
            return i;
    return -1;
}

QRectF ReferenceWall::heapPlace(const QString& name) const
{
    QRectF all;
    for (std::size_t i = 0; i < m_pictures.size(); ++i)
        if (m_pictures[i].heap == name)
            all |= placeOf(i);
    return all.adjusted(-0.14, -0.34, 0.14, kLabel);
}

void ReferenceWall::zoomAt(QPointF screen, double factor)
{
    const Vec2 there = toWall(screen);
    m_zoom = std::clamp(m_zoom * factor, 8.0, 600.0);
    m_origin = there - Vec2{screen.x(), screen.y()} * (1 / m_zoom);
    m_touched = true;
    update();
}

void ReferenceWall::keepInView()
{
    for (int i = 0; i < int(m_pictures.size()); ++i)
        if (m_pictures[std::size_t(i)].id == m_held && !rect().contains(pictureRect(i))) {
            const QRectF place = placeOf(std::size_t(i));
            m_origin = Vec2{place.center().x() - width() / m_zoom / 2, place.center().y() - height() / m_zoom / 2};
            update();
        }
}

void ReferenceWall::resizeEvent(QResizeEvent*)
{
    if (!m_touched)
        fitAll();
}
} // namespace rl::app
