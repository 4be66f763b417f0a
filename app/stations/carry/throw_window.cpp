#include "app/stations/carry/throw_window.h"
#include "app/theme/theme.h"
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <utility>

namespace rl::app {

ThrowWindow::ThrowWindow(const QString& title)
    : QWidget(nullptr, Qt::Window)
{
    setWindowTitle(title);
    setObjectName("thrown");
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(320, 200);
}

void ThrowWindow::setPicture(const QImage& image)
{
    m_image = image;
    update();
}

void ThrowWindow::setHandles(const std::optional<transfer::Corners>& corners)
{
    m_corners = corners;
    update();
}

QRectF ThrowWindow::place() const
{
    if (m_image.isNull())
        return rect();
    const QSizeF s = QSizeF(m_image.size()).scaled(size(), Qt::KeepAspectRatio);
    return {(width() - s.width()) / 2, (height() - s.height()) / 2, s.width(), s.height()};
}

Vec2 ThrowWindow::pixelAt(QPointF at) const
{
    const QRectF r = place();
    return {(at.x() - r.left()) * m_image.width() / r.width(), (at.y() - r.top()) * m_image.height() / r.height()};
}

void ThrowWindow::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.fillRect(rect(), Qt::black);
    if (m_image.isNull())
        return;
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF r = place();
    p.drawImage(r, m_image);
    if (!m_corners)
        return;
    p.setRenderHint(QPainter::Antialiasing);
    QPolygonF frame;
    for (const Vec2 c : *m_corners)
        frame << QPointF(r.left() + c.x * r.width() / m_image.width(), r.top() + c.y * r.height() / m_image.height());
    p.setPen(QPen(QColor(0xff, 0xc8, 0x60), 2));
    p.drawPolygon(frame);
    for (int i = 0; i < 4; ++i) {
        p.setBrush(i == m_held ? QColor(0xff, 0xc8, 0x60) : QColor(0, 0, 0, 120));
        p.drawEllipse(frame[i], 9, 9);
        p.drawLine(frame[i] - QPointF(16, 0), frame[i] + QPointF(16, 0));
        p.drawLine(frame[i] - QPointF(0, 16), frame[i] + QPointF(0, 16));
    }
    p.setPen(QColor(0xff, 0xc8, 0x60));
    p.setFont(theme::text(15));
    p.drawText(rect().adjusted(12, 8, -12, -8), Qt::AlignHCenter | Qt::AlignBottom,
        tr("Drag each corner onto the canvas' corner; arrows move it by a pixel, Tab takes the next, Esc ends."));
}

void ThrowWindow::mousePressEvent(QMouseEvent* e)
{
    if (!m_corners)
        return;
    const Vec2 at = pixelAt(e->position());
    double nearest = 1e18;
    for (int i = 0; i < 4; ++i)
        if (const double d = ((*m_corners)[std::size_t(i)] - at).length(); d < nearest)
            nearest = d, m_held = i;
    m_dragging = true;
    m_grabbed = (*m_corners)[std::size_t(m_held)];
    mouseMoveEvent(e);
}

void ThrowWindow::mouseMoveEvent(QMouseEvent* e)
{
    if (!m_corners || !m_dragging)
        return;
    (*m_corners)[std::size_t(m_held)] = pixelAt(e->position());
    update();
    emit cornersMoved(*m_corners);
}

void ThrowWindow::mouseReleaseEvent(QMouseEvent*)
{
    m_dragging = false;
}

void ThrowWindow::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Escape) {
        if (!std::exchange(m_dragging, false) || !m_corners)
            return void(close());
        (*m_corners)[std::size_t(m_held)] = m_grabbed; // the drag is given up, not the throwing
        update();
        emit cornersMoved(*m_corners);
        return;
    }
    if (!m_corners)
        return QWidget::keyPressEvent(e);
    Vec2& c = (*m_corners)[std::size_t(m_held)];
    const double by = e->modifiers() & Qt::ShiftModifier ? 10 : 1;
    switch (e->key()) {
    case Qt::Key_Tab:
        m_held = (m_held + 1) % 4;
        break;
    case Qt::Key_Left:
        c.x -= by;
        break;
    case Qt::Key_Right:
        c.x += by;
        break;
    case Qt::Key_Up:
        c.y -= by;
        break;
    case Qt::Key_Down:
        c.y += by;
        break;
    default:
        return QWidget::keyPressEvent(e);
    }
    update();
    emit cornersMoved(*m_corners);
}

void ThrowWindow::closeEvent(QCloseEvent* e)
{
    QWidget::closeEvent(e);
    emit shut();
}

} // namespace rl::app
