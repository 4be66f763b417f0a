// What is drawn by points becomes a stand-in.
#include "app/stations/stage/standins_page.h"
#include "core/project/stage_edits.h"
#include "core/stage/drawn.h"
#include "core/stage/ellipses.h"
#include "core/stage/solids.h"
#include "core/stage/symmetry.h"

namespace rl::app {

Solid StandinsPage::drawnSolid() const
{
    const Element* e = m_desk.heldElement();
    const Solid s = e && !e->cutout ? e->standin.solid : Solid::None;
    if (s == Solid::Shape || s == Solid::Turned || s == Solid::Path)
        return s;
    return m_kind >= kTracks ? Solid::Path : Solid(m_kind);
}

void StandinsPage::keep(const Result<stage::DrawnThing>& drawn, const QString& undo)
{
    if (!drawn)
        return m_desk.notices.fail(drawn.error());
    m_desk.edit(undo, drawn->project);
    m_desk.holdElement(drawn->element);
}

PointsWanted StandinsPage::wanted()
{
    const Solid solid = drawnSolid();
    if (solid == Solid::Path)
        return wantedCourse();
    PointsWanted w;
    const bool turned = solid == Solid::Turned;
    w.curves = true;
    w.closed = !turned;
    w.least = turned ? 2 : 3;
    w.hint = turned ? tr("Click half the profile from the base up; the axis stands at the first click, or where the "
                         "selected turned form stands. C bends.")
                    : tr("Click the outline on the board; C bends it through the last point.");
    w.done = [this, turned](const std::vector<OutlinePoint>& points) {
        keep(turned ? stage::withProfileDrawn(project(), points, m_desk.element())
                    : stage::withShapeDrawn(project(), points, m_desk.element()),
            turned ? tr("Draw half a profile") : tr("Draw a shape"));
    };
    return w;
}

PointsWanted StandinsPage::wantedCourse()
{
    PointsWanted w;
    w.least = 2;
    w.hint = tr("Click the course on the ground, in the picture or on the plan.");
    w.tooFew = tr("A way needs two points or more on the ground.");
    w.refuses = [this](Vec2 at) {
        return stage::groundAt(project(), at) ? QString() : tr("There is no ground above the horizon; click below it.");
    };
    w.done = [this](const std::vector<OutlinePoint>& points) {
        std::vector<Vec2> metres;
        for (const OutlinePoint& q : points)
            if (const auto ground = stage::groundAt(project(), q.at))
                metres.push_back(*ground);
        keep(stage::withCourseLaid(project(), metres, m_desk.element(),
                 m_kind >= kTracks ? Track(m_kind - kTracks) : Track::Causeway,
                 m_kind >= kTracks || m_kind == int(Solid::Path) ? nameOf(m_kind).toStdString() : std::string()),
            tr("Lay a way"));
    };
    return w;
}

bool StandinsPage::laying() const
{
    return m_points.active() && drawnSolid() == Solid::Path;
}

void StandinsPage::pointAt(Vec3 ground)
{
    if (laying())
        m_points.add(stage::projected(stage::eyeOf(project()), {ground.x, 0, std::max(0.3, ground.z)}));
}
} // namespace rl::app
