// The hand on the wall.
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "app/widgets/reference_wall.h"
#include <QDragEnterEvent>
#include <QMimeData>
#include <QPainter>
#include <QWheelEvent>

namespace rl::app {

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
