#include "app/stations/light/light_page.h"
#include "app/stations/light/study_page.h"

namespace rl::app {

LightPage::LightPage(Desk& desk, StationView& view, const QString& name, const QString& tip)
    : DrawingPage(desk, view, name, tip)
    , m_carry(desk)
    , m_pick(desk)
    , m_marks(desk)
{
}

StudyPage* LightPage::study() const
{
    return m_view.find<StudyPage>();
}

QImage LightPage::look()
{
    return study() ? study()->studied() : QImage();
}

} // namespace rl::app
