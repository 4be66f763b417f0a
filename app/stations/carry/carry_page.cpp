#include "app/stations/carry/carry_page.h"

namespace rl::app {

CarryPage::CarryPage(Desk& desk, StationView& view, const QString& name, const QString& tip)
    : WritingPage(desk, name, tip)
    , m_state(CarryState::of(desk, view))
    , m_marks(desk, m_state)
{
    connect(&m_state, &CarryState::changed, this, [this] {
        if (!isVisible())
            return;
        Page::refresh();
        emit saysChanged();
        emit m_desk.overlayChanged();
    });
    connect(&desk, &Desk::heldChanged, this, [this] {
        if (isVisible())
            refresh();
    });
}

QImage CarryPage::look()
{
    QImage blank(8, 8, QImage::Format_RGB32);
    blank.fill(project().sheets.darkGround ? QColor(0x30, 0x30, 0x32) : QColor(0xfd, 0xfc, 0xfa));
    return blank;
}

void CarryPage::refresh()
{
    Page::refresh();
    if (!isVisible())
        return;
    if (m_marks.shows.lines || m_marks.shows.landmarks)
        m_state.wantLines();
    if (m_marks.shows.flow)
        m_state.wantFlow();
    if (m_marks.shows.shape)
        m_state.wantShape();
}

} // namespace rl::app
