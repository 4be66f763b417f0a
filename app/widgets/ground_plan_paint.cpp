// What the ground plan and the side view look like.
#include "app/theme/theme.h"
#include "app/widgets/ground_plan.h"
#include <QPainter>
#include <QPainterPath>

namespace rl::app {

void GroundPlan::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme::line(), 1));
    p.setBrush(theme::paper());
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 5, 5);
    p.setFont(theme::text(11));
    m_view == View::Above ? paintAbove(p) : paintSide(p);
    paintLights(p);
    paintGrips(p);
    paintLabels(p);
}

void GroundPlan::paintAbove(QPainter& p) const
{
    const QPointF s = station();
    p.setBrush(Qt::NoBrush);
    const double side = radians(m_scene.fovDegrees / 2);
    for (const double d : {2.0, 5.0, 10.0, 20.0, 50.0, 100.0, 200.0}) {
        if (d > farthest())
            break;
        const double r = QLineF(s, toScreen({0, 0, d})).length();
        p.setPen(QPen(theme::line(), 1, Qt::DotLine));
        p.drawArc(QRectF(s.x() - r, s.y() - r, 2 * r, 2 * r), 20 * 16, 140 * 16);
    }
    const double r = QLineF(s, toScreen({0, 0, farthest()})).length();
    QPainterPath wedge(s);
    wedge.lineTo(s + QPointF(-std::sin(side) * r, -std::cos(side) * r));
    wedge.moveTo(s);
    wedge.lineTo(s + QPointF(std::sin(side) * r, -std::cos(side) * r));
    p.setPen(QPen(theme::faint(), 1.2));
    p.drawPath(wedge);
    p.setBrush(theme::ink());
    p.setPen(Qt::NoPen);
    p.drawEllipse(s, 4, 4);
    for (const Thing& t : m_scene.elements) {
        const bool held = t.id == m_scene.heldElement;
        const QPen pen(held ? theme::accent() : theme::ink(), held ? 5 : 4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
        p.setPen(pen);
        if (!t.line.empty()) {
            QPolygonF course;
            for (const Vec2& q : t.line)
                course << toScreen({q.x, 0, std::max(0.2, q.y)});
            p.drawPolyline(course);
            continue;
        }
        const Vec3 way{std::cos(radians(t.yaw)), 0, std::sin(radians(t.yaw))};
        p.setPen(QPen(pen.color(), held ? 2.4 : 1.8, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(toScreen(t.at + way * t.left), toScreen(t.at + way * t.right));
        p.setPen(Qt::NoPen);
        p.setBrush(pen.color());
        for (const double foot : t.feet)
            p.drawEllipse(toScreen(t.at + way * foot), held ? 3.4 : 2.8, held ? 3.4 : 2.8);
    }
    p.setPen(QPen(theme::accent(), 1.5));
    p.setBrush(theme::kGlow);
    for (std::size_t i = 0; i < m_scene.pointed.size(); ++i) {
        const QPointF q = toScreen({m_scene.pointed[i].x, 0, m_scene.pointed[i].y});
        if (i > 0)
            p.drawLine(toScreen({m_scene.pointed[i - 1].x, 0, m_scene.pointed[i - 1].y}), q);
        p.drawEllipse(q, 3.5, 3.5);
    }
}

void GroundPlan::paintSide(QPainter& p) const
{
    const QPointF s = station();
    p.setPen(QPen(theme::ink(), 1.3));
    p.drawLine(QPointF(8, s.y()), QPointF(width() - 8, s.y()));
    for (const double d : {2.0, 5.0, 10.0, 20.0, 50.0, 100.0})
        if (d <= farthest()) {
            p.setPen(QPen(theme::line(), 1, Qt::DotLine));
            p.drawLine(QPointF(toScreen({0, 0, d}).x(), s.y()), QPointF(toScreen({0, 0, d}).x(), 16));
        }
    p.setPen(QPen(theme::faint(), 1, Qt::DashLine));
    const double eye = toScreen({0, m_scene.eyeHeight, 0}).y();
    p.drawLine(QPointF(s.x(), eye), QPointF(width() - 10, eye));
    for (const Thing& t : m_scene.elements) {
        p.setPen(QPen(t.id == m_scene.heldElement ? theme::accent() : theme::ink(), 3, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(toScreen(t.at), toScreen(t.at + Vec3{0, t.height, 0}));
    }
    if (m_scene.withLights && m_scene.sunOn) {
        const double r = std::min(width(), height()) * 0.34;
        p.setPen(QPen(theme::line(), 1));
        p.setBrush(Qt::NoBrush);
        p.drawArc(QRectF(width() - 16 - r, s.y() - r, 2 * r, 2 * r), 90 * 16, 90 * 16);
    }
}

void GroundPlan::paintLights(QPainter& p) const
{
    for (const Thing& l : m_scene.lanterns) {
        const QPointF c = toScreen(l.at);
        QRadialGradient glow(c, 20);
        glow.setColorAt(0, QColor(240, 169, 74, 190));
        glow.setColorAt(1, QColor(240, 169, 74, 0));
        p.setPen(Qt::NoPen);
        p.setBrush(glow);
        p.drawEllipse(c, 20, 20);
        const bool held = l.id == m_scene.heldLantern;
        p.setPen(QPen(held ? theme::accent() : theme::ink(), held ? 2.5 : 1.4));
        p.setBrush(theme::kGlow);
        p.drawEllipse(c, 5.5, 5.5);
    }
    if (!m_scene.withLights)
        return;
    if (m_scene.hazeM > 0 && m_scene.hazeM < farthest()) {
        p.setPen(QPen(theme::faint(), 1.4, Qt::DashDotLine));
        p.setBrush(Qt::NoBrush);
        if (m_view == View::Above) {
            QPolygonF arc;
            for (int i = -20; i <= 20; ++i) {
                const double a = radians(m_scene.fovDegrees / 2) * i / 20;
                arc << toScreen(Vec3{std::sin(a), 0, std::cos(a)} * m_scene.hazeM);
            }
            p.drawPolyline(arc);
        } else {
            p.drawLine(toScreen({0, 0, m_scene.hazeM}), toScreen({0, highest() * 0.8, m_scene.hazeM}));
        }
    }
    if (m_scene.sunOn) {
        p.setPen(QPen(theme::ink(), 1.2));
        p.setBrush(QColor(0xff, 0xe2, 0xa6));
        p.drawEllipse(sunHandle(), 8, 8);
    }
}

void GroundPlan::paintGrips(QPainter& p) const
{
    const Thing* l = held(m_scene.lanterns, m_scene.heldLantern);
    p.setBrush(Qt::NoBrush);
    if (l && m_scene.withLights) {
        p.setPen(QPen(theme::accent(), 1.2, Qt::DashLine));
        if (l->reach > 0 && l->reach < 1000)
            p.drawPolyline(ringAbout(l->at, l->reach));
        p.setPen(QPen(theme::accent(), 1.2));
        const QPointF soft = gripAt(Grip::Softness), arm = gripAt(Grip::Facing);
        if (!soft.isNull())
            p.drawEllipse(toScreen(l->at), toScreen(l->at).y() - soft.y(), toScreen(l->at).y() - soft.y());
        if (!arm.isNull())
            p.drawLine(toScreen(l->at), arm);
    }
    p.setPen(QPen(theme::ink(), 1));
    p.setBrush(theme::paper());
    for (const Grip g : {Grip::Reach, Grip::Softness, Grip::Facing, Grip::Height, Grip::Haze})
        if (const QPointF at = gripAt(g); !at.isNull()) {
            p.setBrush(m_grip == g ? theme::accent() : theme::paper());
            p.drawEllipse(at, 4, 4);
        }
}

} // namespace rl::app
