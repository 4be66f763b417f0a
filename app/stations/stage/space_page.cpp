#include "app/stations/stage/space_page.h"
#include "core/project/stage_edits.h"

namespace rl::app {

SpacePage::SpacePage(Desk& desk, StationView& view)
    : StagePage(desk, view, tr("Space"), tr("Eye level, eye height, and how wide the view is"))
    , m_vanishing(desk)
{
    const auto camera = lens::camera();
    m_form->number(camera, &Camera::horizonCm,
        {"horizon", tr("horizon at"),
            tr("Horizon, from the top of the canvas. Drag its line in the picture; everything keeps its place on the "
               "ground."),
            tr("Set the horizon")});
    m_form->number(camera, &Camera::eyeHeightM,
        {"eyeHeight", tr("eye height"),
            tr("Eye height above the ground. High eyes spread the ground out, low ones stack it."),
            tr("Set the eye height")});
    m_form->number(camera, &Camera::fovDegrees,
        {"fov", tr("field of view"), tr("Field of view across the canvas. Wide for deep space, narrow for flat."),
            tr("Set the field of view"), Shown{1, QChar(0xb0), 1, 1}});
    m_form->value(
        {"standOff", tr("true from"),
            tr("How far from the canvas its perspective is true. The same thing as the field of view, told as a place "
               "to "
               "stand."),
            {}},
        Shown{1, " cm", 0, 5}, 1, 50000, [this] { return std::optional(stage::eyeOf(project()).focalCm); },
        [this](double v, int g) {
            m_desk.edit(tr("Set where its perspective is true"), edits::withPerspectiveFrom(project(), v), g);
        });
    m_form->button("matchViewing", tr("As it will be seen"),
        tr("Sets the perspective so that it is true from the viewing distance in the brief"), [this] {
            m_desk.edit(tr("Set the perspective for the viewing distance"),
                edits::withPerspectiveFrom(project(), project().brief.viewingDistanceCm));
        });
    m_lines = m_form->latch(
        "backdropLines", tr("Backdrop's lines"),
        tr("Shows which straight edges of the backdrop meet, and at what eye level; yours should lie there (V)"),
        [this](bool on) {
            m_vanishing.setShown(on);
            m_vanishing.ask();
            emit saysChanged();
            emit m_desk.overlayChanged();
        },
        [this] { return project().backdrop.reference != 0; });
    m_vanishing.setFound([this] {
        emit saysChanged();
        emit m_desk.overlayChanged();
    });
}

void SpacePage::toggleLines()
{
    m_lines->toggle();
}

std::vector<Overlay*> SpacePage::overlays()
{
    return {&m_horizon, &m_guides, &m_vanishing, &m_frame};
}

void SpacePage::show()
{
    StagePage::show();
    m_vanishing.ask();
}

QString SpacePage::says() const
{
    return m_vanishing.shown() ? m_vanishing.words() : sizeWords();
}

} // namespace rl::app
