#include "app/widgets/reference_wall.h"
#include "app/theme/theme.h"
#include "app/board/board.h"
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
    // A small compass of the measured light; no needle when it was lit flat.
    const QPointF c(r.right() - 22, r.top() + 22);
    p.setPen(QPen(theme::kInk, 1));
    p.setBrush(QColor(246, 245, 242, 225));
    p.drawEllipse(c, 16, 16);
    if (w.confidence < 0.25) {
        p.setFont(theme::text(11));
        p.drawText(QRectF(c.x() - 17, c.y() - 8, 34, 16), Qt::AlignCenter, tr("flat"));
        return;
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

void ReferenceWall::mousePressEvent(QMouseEvent* e)
{
    setFocus();
    m_pressed = m_last = e->pos();
    m_dragging = m_panning = false;
    const int i = at(e->pos());
    if (i < 0 || e->button() == Qt::MiddleButton) {
        m_panning = true;
        return;
    }
    const int id = m_pictures[std::size_t(i)].id;
    if (e->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier)) {
        if (id != m_held && m_chosen.contains(id))
            m_chosen.erase(id);
        else
            m_chosen.insert(id);
        emit chosenChanged();
    } else {
        if (!m_chosen.contains(id))
            m_chosen = {id};
        emit held(id);
        emit chosenChanged();
    }
    update();
}

void ReferenceWall::mouseMoveEvent(QMouseEvent* e)
{
    if (!(e->buttons() & (Qt::LeftButton | Qt::MiddleButton)))
        return;
    const QPoint by = e->pos() - m_last;
    if (m_panning) {
        m_origin = m_origin - Vec2{by.x() / m_zoom, by.y() / m_zoom};
        m_touched = true;
    } else if (m_dragging || (e->pos() - m_pressed).manhattanLength() > 6) {
        m_dragging = true;
        m_shift = Vec2{double((e->pos() - m_pressed).x()), double((e->pos() - m_pressed).y())} * (1 / m_zoom);
    }
    m_last = e->pos();
    update();
}

void ReferenceWall::mouseReleaseEvent(QMouseEvent* e)
{
    if (!m_dragging) {
        // A plain click on one of several lets the others go.
        const int i = m_panning ? -1 : at(e->pos());
        if (i >= 0 && !(e->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier)) && m_chosen.size() > 1) {
            m_chosen = {m_pictures[std::size_t(i)].id};
            emit chosenChanged();
            update();
        }
        return;
    }
    m_dragging = false;
    const Vec2 dropped = toWall(e->pos());
    QString under;
    for (const Picture& p : m_pictures)
        if (!p.heap.isEmpty() && !m_chosen.contains(p.id) && heapPlace(p.heap).contains(QPointF(dropped.x, dropped.y)))
            under = p.heap;
    std::vector<std::pair<int, Vec2>> places;
    for (std::size_t i = 0; i < m_pictures.size(); ++i)
        if (m_chosen.contains(m_pictures[i].id))
            places.emplace_back(m_pictures[i].id, m_at[i] + m_shift);
    m_touched = true;
    emit moved(places, under);
    update();
}

void ReferenceWall::mouseDoubleClickEvent(QMouseEvent* e)
{
    if (const int i = at(e->pos()); i >= 0)
        emit openWanted(m_pictures[std::size_t(i)].id);
}

void ReferenceWall::zoomAt(QPointF screen, double factor)
{
    const Vec2 there = toWall(screen);
    m_zoom = std::clamp(m_zoom * factor, 8.0, 600.0);
    m_origin = there - Vec2{screen.x(), screen.y()} * (1 / m_zoom);
    m_touched = true;
    update();
}

void ReferenceWall::wheelEvent(QWheelEvent* e)
{
    zoomAt(e->position(), std::pow(1.0015, e->angleDelta().y()));
    e->accept();
}

void ReferenceWall::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_F) {
        m_touched = false;
        fitAll();
        return;
    }
    if (e->key() == Qt::Key_Plus || e->key() == Qt::Key_Minus) {
        zoomAt(rect().center(), e->key() == Qt::Key_Plus ? 1.25 : 0.8);
        return;
    }
    const int step = e->key() == Qt::Key_Right || e->key() == Qt::Key_Down ? 1
        : e->key() == Qt::Key_Left || e->key() == Qt::Key_Up               ? -1
                                                                           : 0;
    if (!step) {
        QWidget::keyPressEvent(e);
        return;
    }
    for (int i = 0; i < int(m_pictures.size()); ++i)
        if (m_pictures[std::size_t(i)].id == m_held && i + step >= 0 && i + step < int(m_pictures.size())) {
            m_chosen = {m_pictures[std::size_t(i + step)].id};
            emit held(m_pictures[std::size_t(i + step)].id);
            keepInView();
            emit chosenChanged();
            return;
        }
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
void ReferenceWall::dragEnterEvent(QDragEnterEvent* e)
{
    if (e->mimeData()->hasUrls())
        e->acceptProposedAction();
}
void ReferenceWall::dropEvent(QDropEvent* e)
{
    const QStringList files = localFiles(*e->mimeData());
    if (!files.isEmpty())
        emit filesDropped(files);
}

} // namespace rl::app
