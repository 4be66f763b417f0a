#include "app/stations/stage/stage_page.h"

namespace rl::app {

StagePage::StagePage(Desk& desk, StationView& view, const QString& name, const QString& tip)
    : DrawingPage(desk, view, name, tip)
    , m_stage(desk, view)
    , m_horizon(desk)
    , m_guides(desk)
    , m_frame(desk)
{
}

QString StagePage::sizeWords() const
{
    const Element* e = m_desk.heldElement();
    if (!e)
        return project().elements.empty()
            ? tr("Nothing stands here yet. Stand up a stand-in, or cut something out of a picture first (Alt+3).")
            : tr("Click an element in the picture, on the plan or in the side view.");
    const auto place = m_desk.placed(*e);
    if (!place.visible)
        return tr("Its foot is above the horizon: there is no ground there.");
    QString s = tr("%1 m away, %2 × %3 m; %4 × %5 cm on the canvas")
                    .arg(place.distance, 0, 'f', 1)
                    .arg(place.widthM, 0, 'f', 2)
                    .arg(e->heightM, 0, 'f', 2)
                    .arg(place.canvas.width, 0, 'f', 1)
                    .arg(place.canvas.height, 0, 'f', 1);
    if (place.cmPerPixel > 0)
        s += tr(", %1 pixels a cm").arg(1 / place.cmPerPixel, 0, 'f', 0);
    return s
        + tr(". Arrow keys move it by 1 mm, with Shift by 1 cm; the knob over it is its height, the one at its foot "
             "where it stands.");
}

} // namespace rl::app
