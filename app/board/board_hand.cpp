// The hand on a board: what its tools hear, mouse, wheel and keys.
#include "app/board/board.h"
#include <QDragEnterEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QTimer>
#include <QToolTip>
#include <QUrl>

namespace rl::app {

void Board::take(Tool* tool)
{
    if (m_taken == tool)
        return;
    putAway();
    m_taken = tool;
    setCursor(tool ? Qt::CrossCursor : Qt::ArrowCursor);
    update();
    emit hintChanged();
}

void Board::putAway()
{
    if (m_taken && m_holds == m_taken)
        letGo();
    if (Tool* was = std::exchange(m_taken, nullptr))
        was->drop();
    unsetCursor();
    update();
    emit hintChanged();
}

std::vector<Tool*> Board::tools() const
{
    std::vector<Tool*> all = m_tools;
    if (m_taken)
        all.insert(all.begin(), m_taken);
    return all;
}

QString Board::hint() const
{
    for (const Tool* t : tools())
        if (const QString words = t->hint(); !words.isEmpty())
            return words;
    return {};
}

bool Board::ask(bool (Tool::*what)())
{
    bool heard = false;
    for (Tool* t : tools())
        if ((heard = (t->*what)()))
            break;
    update();
    emit hintChanged();
    return heard;
}

bool Board::finish()
{
    return ask(&Tool::finish);
}

bool Board::stepBack()
{
    return ask(&Tool::stepBack);
}

void Board::letGo()
{
    if (Tool* t = std::exchange(m_holds, nullptr))
        t->release(m_lastPoint);
    m_panning = m_sashHeld = m_spaced = false;
    update();
    emit hintChanged();
}

bool Board::drop()
{
    if (Tool* t = std::exchange(m_holds, nullptr)) {
        t->cancel();
        update();
        emit hintChanged();
        return true;
    }
    if (comparing()) {
        compare({}, {}, {});
        return true;
    }
    const bool heard = ask(&Tool::drop);
    if (!heard && m_taken) {
        putAway();
        return true;
    }
    return heard;
}

void Board::resizeEvent(QResizeEvent*)
{
    if (m_fitted)
        fit();
}

void Board::wheelEvent(QWheelEvent* e)
{
    if (e->angleDelta().y() != 0)
        zoomAt(e->position(), std::exp(e->angleDelta().y() / 600.0));
}

BoardPoint Board::pointOf(const QMouseEvent& e) const
{
    return {toCanvas(e.position()), e.modifiers(), 1 / m_scale};
}

void Board::mousePressEvent(QMouseEvent* e)
{
    if (holding()) {
        if (e->buttons() & m_button && e->button() != m_button)
            return; // another button of the hand that drags
        letGo(); // its release was never heard
    }
    setFocus();
    m_last = e->position();
    m_lastPoint = pointOf(*e);
    m_button = e->button();
    if (comparing() && e->button() == Qt::LeftButton && !m_spaced) {
        m_sashHeld = true;
        mouseMoveEvent(e);
        return;
    }
    if (e->button() == Qt::LeftButton && !m_spaced)
        for (Tool* t : tools())
            if (t->press(pointOf(*e))) {
                m_holds = t;
                update();
                emit hintChanged();
                return;
            }
    m_panning = e->button() == Qt::MiddleButton || e->button() == Qt::LeftButton;
}

void Board::mouseMoveEvent(QMouseEvent* e)
{
    if (m_sashHeld) {
        m_sash = std::clamp(toCanvas(e->position()).x / m_width, 0.0, 1.0);
        update();
    } else if (m_holds) {
        m_lastPoint = pointOf(*e);
        m_holds->move(m_lastPoint);
        update();
    } else if (m_panning) {
        m_origin += e->position() - m_last;
        m_fitted = false;
        update();
        emit viewChanged();
    }
    m_last = e->position();
}

bool Board::event(QEvent* e)
{
    if (e->type() == QEvent::ToolTip && !m_bare) {
        auto* help = static_cast<QHelpEvent*>(e);
        for (const Overlay* o : m_overlays)
            if (const QString words = o->shown() ? o->tip(help->pos(), *this) : QString(); !words.isEmpty()) {
                QToolTip::showText(help->globalPos(), words, this);
                return true;
            }
    }
    return QWidget::event(e);
}

void Board::focusOutEvent(QFocusEvent* e)
{
    if (e->reason() == Qt::ActiveWindowFocusReason)
        letGo();
    QWidget::focusOutEvent(e);
}

void Board::hideEvent(QHideEvent* e)
{
    letGo();
    QWidget::hideEvent(e);
}

void Board::mouseReleaseEvent(QMouseEvent* e)
{
    if (e->button() != m_button)
        return;
    if (Tool* t = std::exchange(m_holds, nullptr))
        t->release(pointOf(*e));
    m_panning = m_sashHeld = false;
    update();
    emit hintChanged();
}

void Board::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Space)
        m_spaced = true;
    else
        e->ignore(); // the window hears it
}

void Board::keyReleaseEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Space && !e->isAutoRepeat())
        m_spaced = false;
    else
        e->ignore();
}

void Board::dragEnterEvent(QDragEnterEvent* e)
{
    if (e->mimeData()->hasUrls())
        e->acceptProposedAction();
}

void Board::dropEvent(QDropEvent* e)
{
    const QStringList files = localFiles(*e->mimeData());
    if (!files.isEmpty())
        emit filesDropped(files);
}
} // namespace rl::app
