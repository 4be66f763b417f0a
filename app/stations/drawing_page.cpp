#include "app/stations/drawing_page.h"

namespace rl::app {

DrawingPage::DrawingPage(Desk& desk, StationView& view, const QString& name, const QString& tip)
    : Page(desk, name, tip)
    , m_view(view)
    , m_points(desk)
{
}

QPushButton* DrawingPage::drawLatch(const QString& name, const QString& text, const QString& tip,
    std::function<PointsWanted()> wanted, std::function<bool()> shown)
{
    return m_form->latch(
        name, text, tip,
        [this, name, wanted](bool on) {
            auto* self = findChild<QPushButton*>(name);
            m_points.end();
            if (!on)
                return;
            m_points.setChanged([this, self] {
                const QSignalBlocker quiet(self);
                self->setChecked(m_points.active());
                m_view.setHint(m_points.hint());
            });
            m_points.begin(wanted());
            emit m_desk.boardWanted();
        },
        std::move(shown));
}

} // namespace rl::app
