// What the window hears by itself: closing, another size, keys that are held.
#include "app/board/board.h"
#include "app/frame/main_window.h"
#include "app/frame/notice_board.h"
#include "app/frame/side_column.h"
#include "app/frame/trail.h"
#include "core/base/words.h"
#include <QCloseEvent>
#include <QKeyEvent>
#include <QLineEdit>

namespace rl::app {

void MainWindow::closeEvent(QCloseEvent* e)
{
    letGo();
    if (m_desk.document.unsaved() && !std::exchange(m_closeAsked, true)) {
        m_desk.notices.say(
            tr("The last changes are not saved: the disk does not take them. Save a copy elsewhere (Work ▸ "
               "Save a copy), or close again to let them go."));
        return e->ignore();
    }
    keepPreview();
    if (!m_bare)
        QSettings().setValue("windowGeometry", saveGeometry());
    emit m_desk.closing();
    m_desk.document.close();
    e->accept();
}

void MainWindow::resizeEvent(QResizeEvent* e)
{
    QMainWindow::resizeEvent(e);
    fitBench();
}

void MainWindow::changeEvent(QEvent* e)
{
    QMainWindow::changeEvent(e);
    if (e->type() == QEvent::ActivationChange && !isActiveWindow() && m_board)
        letGo();
    if (e->type() == QEvent::FontChange && m_zoom)
        m_zoom->setMinimumWidth(theme::px(230));
    if (e->type() == QEvent::FontChange)
        fitBench();
}

void MainWindow::keyPressEvent(QKeyEvent* e)
{
    // A field that has been entered passes Enter on; what is drawn on the board is not finished by it.
    const bool entered = (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        && (qobject_cast<QAbstractSpinBox*>(focusWidget()) || qobject_cast<QLineEdit*>(focusWidget())
            || qobject_cast<QComboBox*>(focusWidget()));
    if (entered || !m_desk.actions.press(*e, int(m_current)))
        QMainWindow::keyPressEvent(e);
}

void MainWindow::keyReleaseEvent(QKeyEvent* e)
{
    if (!m_desk.actions.release(*e))
        QMainWindow::keyReleaseEvent(e);
}

} // namespace rl::app
