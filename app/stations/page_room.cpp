#include "app/stations/page_room.h"
#include <QEvent>
#include <QScrollBar>
#include <QVBoxLayout>

namespace rl::app {

PageRoom::PageRoom()
    : m_inside(new QWidget)
    , m_column(new QVBoxLayout(m_inside))
{
    m_column->setContentsMargins(0, 0, 0, 0);
    m_column->setSpacing(0);
    setWidget(m_inside);
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::NoFocus);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
    viewport()->setAutoFillBackground(false);
    m_inside->setAutoFillBackground(false);
    m_inside->installEventFilter(this);
}

void PageRoom::fit()
{
    for (QLayout* layout : m_inside->findChildren<QLayout*>())
        layout->invalidate();
    lay();
}

/// A scroll area alone gives its widget no more than its hint, and knows nothing of a height that goes with a width.
void PageRoom::lay()
{
    if (std::exchange(m_laying, true))
        return;
    const auto highAt = [this](int wide) {
        return m_column->hasHeightForWidth() ? m_column->totalHeightForWidth(wide) : m_column->totalSizeHint().height();
    };
    const int bar = verticalScrollBar()->sizeHint().width(), room = contentsRect().width(),
              high = contentsRect().height();
    const bool over = highAt(room) > high;
    const int wide = over ? room - bar : room;
    m_inside->resize(wide, std::max(high, highAt(wide)));
    m_laying = false;
}

void PageRoom::resizeEvent(QResizeEvent* e)
{
    QScrollArea::resizeEvent(e);
    lay();
}

bool PageRoom::eventFilter(QObject* watched, QEvent* event)
{
    const bool heard = QScrollArea::eventFilter(watched, event);
    if (watched == m_inside && event->type() == QEvent::LayoutRequest)
        lay();
    return heard;
}

} // namespace rl::app
