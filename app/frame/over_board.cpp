#include "app/frame/over_board.h"
#include "app/theme/theme.h"
#include <QEvent>
#include <QVBoxLayout>

namespace rl::app {

OverBoard::OverBoard(QWidget* middle)
    : QFrame(middle)
    , m_middle(middle)
{
    setObjectName("overBoard");
    setAutoFillBackground(true);
    setFrameShape(QFrame::StyledPanel);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::px(10), theme::px(6), theme::px(10), theme::px(4));
    middle->installEventFilter(this);
    hide();
}

void OverBoard::bring(QWidget* what)
{
    if (what != m_what) {
        if (m_what) {
            layout()->removeWidget(m_what);
            m_what->hide();
            m_what->setParent(m_home);
        }
        m_what = what;
        m_home = what ? what->parentWidget() : nullptr;
        if (what)
            layout()->addWidget(what);
    }
    setVisible(what);
    if (!what)
        return;
    what->show();
    place();
}

void OverBoard::place()
{
    if (!m_what)
        return;
    const int wished = m_what->hasHeightForWidth()
        ? m_what->heightForWidth(m_middle->width() - theme::px(20)) + theme::px(12)
        : sizeHint().height();
    const int high = std::clamp(wished, theme::px(90), std::max(theme::px(90), m_middle->height() * 45 / 100));
    setGeometry(0, m_middle->height() - high, m_middle->width(), high);
    raise();
}

bool OverBoard::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == m_middle && event->type() == QEvent::Resize && isVisible())
        place();
    return false;
}

} // namespace rl::app
