#include "app/board/tools/stage_tool.h"
#include "app/board/board.h"
#include "app/stations/stage/ties_page.h"
#include "app/theme/theme.h"
#include "core/project/stage_edits.h"
#include "core/stage/drawn.h"
#include "core/stage/solids.h"
#include <QPainter>

namespace rl::app {

std::optional<Vec2> heightKnob(Desk& desk, const Element& e)
{
    const auto place = desk.placed(e);
    if (!place.visible || (e.standin.solid == Solid::Path && !e.cutout))
        return {};
    return Vec2{place.canvas.right() + 0.012 * desk.project().brief.widthCm, place.canvas.y};
}

bool StageTool::posed() const
{
    const Element* e = m_desk.heldElement();
    return m_posing && e && !e->cutout && e->standin.solid == Solid::Figure;
}

int StageTool::jointAt(const BoardPoint& p) const
{
    if (!posed())
        return -1;
    const Element& e = *m_desk.heldElement();
    const auto skeleton = stage::skeletonOf(e.standin.pose);
    int found = -1;
    double best = 9 * p.px;
    for (int j = 0; j < stage::kJointCount; ++j)
        if (const double d = (stage::seenOfFigure(m_desk.project(), e, skeleton.at(stage::Joint(j))) - p.at).length();
            d < best)
            best = d, found = j;
    return found;
}

bool StageTool::takeElement(const BoardPoint& p, int id)
{
    if (p.keys & Qt::ControlModifier && m_desk.heldElement()) {
        if (auto* ties = m_view.find<TiesPage>()) {
            for (int i = 0; i < m_view.pageCount(); ++i)
                if (m_view.pageAt(i) == ties)
                    m_view.turnTo(i);
            ties->tieTo(id);
        }
        return true;
    }
    m_desk.holdElement(id);
    m_held = Held::Element;
    m_grip = m_desk.project().element(id)->baseCm - p.at;
    return true;
}

bool StageTool::press(const BoardPoint& p)
{
    m_gesture.begin();
    const double near = 7 * p.px;
    m_held = Held::None;
    if (const int joint = jointAt(p); joint >= 0) {
        m_held = Held::Joint;
        m_joint = joint;
        return true;
    }
    const Element* held = m_desk.heldElement();
    if (held) {
        if (const auto knob = heightKnob(m_desk, *held); knob && (*knob - p.at).length() < near) {
            m_held = Held::Height;
            m_grip = *knob - p.at;
            return true;
        }
        if ((held->baseCm - p.at).length() < near) {
            m_held = Held::Foot;
            m_grip = held->baseCm - p.at;
            return true;
        }
    }
    const int id = m_desk.elementAt(p.at);
    const double horizon = m_desk.project().camera.horizonCm;
    if (id && !(held && id != held->id && std::abs(p.at.y - horizon) < near / 3))
        return takeElement(p, id);
    if (std::abs(p.at.y - horizon) < near) {
        m_held = Held::Horizon;
        return true;
    }
    return false;
}

void StageTool::move(const BoardPoint& p)
{
    const Project& project = m_desk.project();
    const Element* e = m_desk.heldElement();
    if (m_held == Held::Horizon) {
        Camera c = project.camera;
        c.horizonCm = std::round(p.at.y * 10) / 10;
        return m_gesture.edit(Desk::tr("Drag the horizon"), edits::withCamera(project, c));
    }
    if (!e || m_held == Held::None)
        return;
    if (m_held == Held::Joint) {
        Element posed = *e;
        posed.standin.pose = stage::posed(
            e->standin.pose, stage::Joint(m_joint), p.at, [&](Vec3 q) { return stage::seenOfFigure(project, *e, q); });
        return m_gesture.edit(Desk::tr("Pose it"), edits::withElement(project, posed));
    }
    const auto place = m_desk.placed(*e);
    if (m_held == Held::Height) {
        const double cm = place.canvas.bottom() - (p.at + m_grip).y;
        if (place.canvas.height > 0)
            m_gesture.edit(Desk::tr("Give it its true height"),
                edits::withTrueHeight(project, e->id, e->heightM * std::max(0.02, cm / place.canvas.height)));
        return;
    }
    if (m_desk.refusesLocked(e)) {
        m_held = Held::None;
        return;
    }
    Vec2 base = p.at + m_grip;
    if (m_held == Held::Foot && stage::isCard(project, *e)) { // its picture stays, it stands elsewhere on it
        const double share = (base.x - place.canvas.x) / std::max(1e-9, place.canvas.width);
        return m_gesture.edit(Desk::tr("Set its foot"), stage::withFootAt(project, e->id, share, m_desk.surfaces()));
    }
    if (p.keys & Qt::ShiftModifier)
        base.y = e->baseCm.y; // along its own depth only
    m_gesture.edit(Desk::tr("Move it"), edits::withFoot(project, e->id, base, p.keys & Qt::AltModifier));
}

void StageTool::release(const BoardPoint&)
{
    m_held = Held::None;
    m_gesture.finish();
}

void StageTool::cancel()
{
    m_held = Held::None;
    m_gesture.cancel();
}

void StageTool::paint(QPainter& p, const Board& board) const
{
    if (!posed())
        return;
    const Element& e = *m_desk.heldElement();
    const auto skeleton = stage::skeletonOf(e.standin.pose);
    for (int j = 0; j < stage::kJointCount; ++j) {
        const QPointF q = board.toScreen(stage::seenOfFigure(m_desk.project(), e, skeleton.at(stage::Joint(j))));
        p.setPen(QPen(theme::kInk, 1.2));
        p.setBrush(m_held == Held::Joint && m_joint == j ? theme::kAccent : theme::kPaper);
        p.drawPolygon(QPolygonF{q + QPointF(0, -5.5), q + QPointF(5.5, 0), q + QPointF(0, 5.5), q + QPointF(-5.5, 0)});
    }
}

} // namespace rl::app
