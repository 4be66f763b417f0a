// The hand on a plan.
#include "app/theme/theme.h"
#include "app/widgets/ground_plan.h"
#include <QMouseEvent>

namespace rl::app {

namespace {
int s_gesture = 1 << 20; // apart from the document's own numbers
double radiusOf(double ringPx)
{
    return std::clamp(0.03 * (std::exp2((ringPx - 10) / 7) - 1), 0.005, 20.0);
}
} // namespace

void GroundPlan::mousePressEvent(QMouseEvent* e)
{
    m_grip = Grip::None;
    m_gesture = ++s_gesture;
    m_moved = false;
    m_pressed = e->position();
    if (m_pointing && m_view == View::Above) {
        emit groundPointed(fromScreen(e->position(), {}));
        return;
    }
    const auto near = [&](QPointF at, double r) { return !at.isNull() && QLineF(at, e->position()).length() <= r; };
    for (const Grip g : {Grip::Sun, Grip::Reach, Grip::Facing, Grip::Height, Grip::Softness, Grip::Haze})
        if (near(gripAt(g), g == Grip::Sun ? 12 : 8)) {
            m_grip = g;
            m_heldId = g == Grip::Height ? m_scene.heldElement : m_scene.heldLantern;
            return;
        }
    for (const Thing& l : m_scene.lanterns)
        if (near(toScreen(l.at), 11)) {
            m_grip = Grip::Lantern, m_heldId = l.id;
            emit lanternHeld(l.id);
            return;
        }
    const Thing* found = nullptr;
    double best = 12;
    for (const Thing& t : m_scene.elements) {
        const Vec3 way{std::cos(radians(t.yaw)), 0, std::sin(radians(t.yaw))};
        const QLineF line = m_view == View::Above
            ? QLineF(toScreen(t.at + way * t.left), toScreen(t.at + way * t.right))
            : QLineF(toScreen(t.at), toScreen(t.at + Vec3{0, t.height, 0}));
        for (int i = 0; i <= 8; ++i)
            if (const double d = QLineF(line.pointAt(i / 8.0), e->position()).length();
                d < best - (t.id == m_scene.heldElement ? -3 : 0))
                best = d, found = &t;
    }
    if (found) {
        m_grip = Grip::Element, m_heldId = found->id;
        const int id = found->id;
        emit elementHeld(id);
    }
}

void GroundPlan::mouseMoveEvent(QMouseEvent* e)
{
    if (m_grip == Grip::None || !(e->buttons() & Qt::LeftButton))
        return;
    // A click takes hold; only a drag moves.
    if (!m_moved && QLineF(m_pressed, e->position()).length() < 3)
        return;
    m_moved = true;
    if (m_grip == Grip::Element || m_grip == Grip::Lantern)
        moveThing(e->position());
    else
        moveGrip(e->position());
}

void GroundPlan::moveThing(QPointF to)
{
    const bool lantern = m_grip == Grip::Lantern;
    const Thing* t = held(lantern ? m_scene.lanterns : m_scene.elements, m_heldId);
    if (!t)
        return;
    Vec3 at = fromScreen(to, t->at);
    if (lantern) {
        at.y = std::max(at.y, 0.05);
        emit lanternMoved(m_heldId, at, m_gesture);
        return;
    }
    if (m_view == View::Side && std::abs(toScreen({0, at.y, at.z}).y() - toScreen({0, 0, at.z}).y()) < 5)
        at.y = 0; // the ground holds on
    emit elementMoved(m_heldId, at, m_gesture);
}

void GroundPlan::moveGrip(QPointF to)
{
    const Thing* l = held(m_scene.lanterns, m_heldId);
    switch (m_grip) {
    case Grip::Sun: {
        if (m_view == View::Above) {
            const QPointF d = to - QPointF(width() / 2.0, height() / 2.0 + 2);
            emit sunMoved(
                wrapped360(degrees(std::atan2(d.x() / width(), -d.y() / height()))), m_scene.sunElevation, m_gesture);
        } else {
            const QPointF d = QPointF(width() - 16, station().y()) - to;
            emit sunMoved(m_scene.sunAzimuth, std::clamp(degrees(std::atan2(d.y(), std::max(1.0, d.x()))), -5.0, 90.0),
                m_gesture);
        }
        break;
    }
    case Grip::Reach:
        if (l) {
            const Vec3 at = fromScreen(to, l->at);
            const double d = m_view == View::Above ? std::hypot(at.x - l->at.x, at.z - l->at.z)
                                                   : std::hypot(at.y - l->at.y, at.z - l->at.z);
            emit gripMoved(Grip::Reach, m_heldId, std::max(0.1, d), m_gesture);
        }
        break;
    case Grip::Softness:
        if (l)
            emit gripMoved(
                Grip::Softness, m_heldId, radiusOf(std::max(11.0, QLineF(toScreen(l->at), to).length())), m_gesture);
        break;
    case Grip::Facing:
        if (l) {
            const QPointF d = to - toScreen(l->at);
            emit gripMoved(Grip::Facing, m_heldId, wrapped360(degrees(std::atan2(d.x(), -d.y()))), m_gesture);
        }
        break;
    case Grip::Height:
        if (const Thing* e = held(m_scene.elements, m_heldId))
            emit gripMoved(Grip::Height, m_heldId, std::max(0.05, fromScreen(to, e->at).y - e->at.y), m_gesture);
        break;
    case Grip::Haze: {
        const Vec3 at = fromScreen(to, {});
        emit gripMoved(Grip::Haze, 0, std::max(1.0, m_view == View::Above ? std::hypot(at.x, at.z) : at.z), m_gesture);
        break;
    }
    default:
        break;
    }
}

void GroundPlan::mouseReleaseEvent(QMouseEvent*)
{
    if (m_grip != Grip::None)
        emit released();
    m_grip = Grip::None;
}

bool GroundPlan::drop()
{
    if (std::exchange(m_grip, Grip::None) == Grip::None)
        return false;
    if (std::exchange(m_moved, false))
        emit dropped();
    return true;
}

void GroundPlan::mouseDoubleClickEvent(QMouseEvent*)
{
    if (!m_pointing)
        emit enlargeWanted();
}
} // namespace rl::app
