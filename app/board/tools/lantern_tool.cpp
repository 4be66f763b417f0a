#include "app/board/tools/lantern_tool.h"
#include "app/board/board.h"
#include "app/theme/theme.h"
#include "core/light/light_log.h"
#include "core/project/edits.h"
#include <QPainter>

namespace rl::app {

namespace {
constexpr double kLeastRing = 16; // px: a small flame's ring still shows
}

LanternGrips lanternGrips(const Project& p, const Lantern& l, double px)
{
    LanternGrips g;
    const stage::Eye eye = stage::eyeOf(p);
    const Vec2 c = stage::projected(eye, l.position);
    const double reach = light::reachOf(p.lights, l);
    if (reach > 0.05 && reach < 300)
        for (int i = 0; i <= 72; ++i) {
            const double t = 2 * kPi * i / 72;
            const Vec3 at{l.position.x + reach * std::cos(t), 0, l.position.z + reach * std::sin(t)};
            if (at.z > 0.3)
                g.reachRing.push_back(stage::projected(eye, at));
        }
    // The knob where the ring is seen best: straight to the right.
    if (!g.reachRing.empty())
        g.reach = stage::projected(eye, {l.position.x + reach, 0, l.position.z});
    if (l.kind != LampKind::Panel) {
        g.softnessCm = std::max(kLeastRing * px, l.radius * eye.focalCm / l.position.z);
        g.softness = c - Vec2{0, g.softnessCm};
    } else {
        const double a = radians(l.facing);
        g.facing = c + Vec2{std::sin(a), 0.45 * -std::cos(a)} * (42 * px); // as on a plan seen from a height
    }
    return g;
}

void paintLanternGrips(QPainter& p, const Board& board, const Project& project, const Lantern& l)
{
    const LanternGrips g = lanternGrips(project, l, 1 / board.pixelsPerCm());
    QPolygonF ring;
    for (const Vec2& q : g.reachRing)
        ring << board.toScreen(q);
    p.save();
    p.setClipRect(board.toScreen(Rect{0, 0, board.widthCm(), board.heightCm()}));
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(QColor(255, 244, 220, 120), 1.2, Qt::DotLine));
    p.drawPolyline(ring);
    p.restore();
    const QPointF c = board.toScreen(stage::projected(stage::eyeOf(project), l.position));
    p.setPen(QPen(QColor(255, 244, 220, 200), 1.2));
    p.setBrush(Qt::NoBrush);
    if (g.softness)
        p.drawEllipse(c, g.softnessCm * board.pixelsPerCm(), g.softnessCm * board.pixelsPerCm());
    if (g.facing)
        p.drawLine(c, board.toScreen(*g.facing));
    p.setPen(QPen(theme::kInk, 1));
    p.setBrush(theme::kPaper);
    for (const auto& knob : {g.reach, g.softness, g.facing})
        if (knob)
            p.drawEllipse(board.toScreen(*knob), 4.5, 4.5);
}

bool LanternTool::press(const BoardPoint& p)
{
    const Project& project = m_desk.project();
    m_gesture.begin();
    if (const Lantern* l = m_desk.heldLantern(); l && l->on) {
        const LanternGrips g = lanternGrips(project, *l, p.px);
        const auto near = [&](const std::optional<Vec2>& at) { return at && (*at - p.at).length() < 8 * p.px; };
        m_grip = near(g.facing) ? Grip::Facing
            : near(g.softness)  ? Grip::Softness
            : near(g.reach)     ? Grip::Reach
                                : Grip::None;
        if (m_grip != Grip::None)
            return true;
    }
    const stage::Eye eye = stage::eyeOf(project);
    for (const Lantern& l : project.lights.lanterns) {
        const Vec2 c = stage::projected(eye, l.position);
        if ((c - p.at).length() < 14 * p.px) {
            m_desk.holdLantern(l.id);
            m_off = c - p.at;
            m_grip = Grip::Lantern;
            return true;
        }
    }
    return false;
}

void LanternTool::carry(const BoardPoint& p, Lantern& l) const
{
    const stage::Eye eye = stage::eyeOf(m_desk.project());
    const Vec2 to = p.at + m_off;
    if (p.keys & Qt::ShiftModifier) { // towards and away, keeping its height
        const double drop = to.y - eye.horizon;
        if (std::abs(drop) > 0.05 && (eye.heightM - l.position.y) / drop > 0)
            l.position.z = std::clamp(eye.focalCm * (eye.heightM - l.position.y) / drop, 0.5, 400.0);
    } else {
        l.position = stage::atDistance(eye, to, l.position.z);
    }
    l.position.y = std::max(l.position.y, 0.05);
}

void LanternTool::move(const BoardPoint& p)
{
    const Lantern* held = m_desk.heldLantern();
    if (!held || m_grip == Grip::None)
        return;
    const Project& project = m_desk.project();
    const stage::Eye eye = stage::eyeOf(project);
    Lantern l = *held;
    const Vec2 c = stage::projected(eye, l.position);
    QString what = Desk::tr("Carry the lantern");
    if (m_grip == Grip::Lantern) {
        carry(p, l);
    } else if (m_grip == Grip::Softness) {
        l.radius = (p.at - c).length() * l.position.z / eye.focalCm;
        what = Desk::tr("Soften the lantern");
    } else if (m_grip == Grip::Facing) {
        l.facing = wrapped360(degrees(std::atan2(p.at.x - c.x, -(p.at.y - c.y) / 0.45)));
        what = Desk::tr("Turn the panel");
    } else {
        const double metres = std::abs((p.at.x - eye.x0) * l.position.z / eye.focalCm - l.position.x);
        l = light::withReach(project.lights, l, metres);
        what = Desk::tr("Set the lantern's reach");
    }
    m_gesture.edit(what, edits::withLantern(project, l));
}

void LanternTool::release(const BoardPoint&)
{
    m_grip = Grip::None;
    m_gesture.finish();
}

void LanternTool::cancel()
{
    m_grip = Grip::None;
    m_gesture.cancel();
}

} // namespace rl::app
