#pragma once
#include "app/desk/notices.h"
#include <QFrame>
#include <QLabel>
#include <QTimer>
#include <QToolButton>

namespace rl::app {

/// The newest notices over the foot of the picture, several at once, wrapped and never cut; they go after a while. A
/// click, or the button in the corner of the menus, opens all of them again.
class NoticeToast final : public QFrame {
    Q_OBJECT
public:
    NoticeToast(Notices& notices, QWidget* over);
    void place(); ///< over the foot of its widget
    QString words() const { return m_label->text(); }

signals:
    void listWanted();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void mousePressEvent(QMouseEvent* e) override;

private:
    void take();
    Notices& m_notices;
    QWidget* m_over;
    QLabel* m_label;
    QTimer m_timer;
    std::size_t m_from = 0; ///< what is shown begins there
};

/// All that was said, newest first, with the time of each, and where the log is.
class NoticeList final : public QFrame {
    Q_OBJECT
public:
    NoticeList(Notices& notices, QWidget* parent);
    void open(QPoint topRight);
    QString words() const { return m_label->text(); }

private:
    void fill();
    Notices& m_notices;
    QLabel* m_label;
};

} // namespace rl::app
