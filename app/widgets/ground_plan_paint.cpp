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
    p.setPen(QPen(theme::kLine, 1));
    p.setBrush(theme::kPaper);
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
        p.setPen(QPen(theme::kLine, 1, Qt::DotLine));
        p.drawArc(QRectF(s.x() - r, s.y() - r, 2 * r, 2 * r), 20 * 16, 140 * 16);
    }
    const double r = QLineF(s, toScreen({0, 0, farthest()})).length();
    QPainterPath wedge(s);
    wedge.lineTo(s + QPointF(-std::sin(side) * r, -std::cos(side) * r));
    wedge.moveTo(s);
    wedge.lineTo(s + QPointF(std::sin(side) * r, -std::cos(side) * r));
    p.setPen(QPen(theme::kFaint, 1.2));
    p.drawPath(wedge);
    p.setBrush(theme::kInk);
    p.setPen(Qt::NoPen);
    p.drawEllipse(s, 4, 4);
    for (const Thing& t : m_scene.elements) {
        const bool held = t.id == m_scene.heldElement;
        const QPen pen(held ? theme::kAccent : theme::kInk, held ? 5 : 4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
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
    p.setPen(QPen(theme::kAccent, 1.5));
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
    p.setPen(QPen(theme::kInk, 1.3));
    p.drawLine(QPointF(8, s.y()), QPointF(width() - 8, s.y()));
    for (const double d : {2.0, 5.0, 10.0, 20.0, 50.0, 100.0})
        if (d <= farthest()) {
            p.setPen(QPen(theme::kLine, 1, Qt::DotLine));
            p.drawLine(QPointF(toScreen({0, 0, d}).x(), s.y()), QPointF(toScreen({0, 0, d}).x(), 16));
        }
    p.setPen(QPen(theme::kFaint, 1, Qt::DashLine));
    const double eye = toScreen({0, m_scene.eyeHeight, 0}).y();
    p.drawLine(QPointF(s.x(), eye), QPointF(width() - 10, eye));
    for (const Thing& t : m_scene.elements) {
        p.setPen(QPen(t.id == m_scene.heldElement ? theme::kAccent : theme::kInk, 3, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(toScreen(t.at), toScreen(t.at + Vec3{0, t.height, 0}));
    }
    if (m_scene.withLights && m_scene.sunOn) {
        const double r = std::min(width(), height()) * 0.34;
        p.setPen(QPen(theme::kLine, 1));
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
        p.setPen(QPen(held ? theme::kAccent : theme::kInk, held ? 2.5 : 1.4));
        p.setBrush(theme::kGlow);
        p.drawEllipse(c, 5.5, 5.5);
    }
    if (!m_scene.withLights)
        return;
    if (m_scene.hazeM > 0 && m_scene.hazeM < farthest()) {
        p.setPen(QPen(theme::kFaint, 1.4, Qt::DashDotLine));
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
        p.setPen(QPen(theme::kInk, 1.2));
        p.setBrush(QColor(0xff, 0xe2, 0xa6));
        p.drawEllipse(sunHandle(), 8, 8);
    }
}

void GroundPlan::paintGrips(QPainter& p) const
{
    const Thing* l = held(m_scene.lanterns, m_scene.heldLantern);
    p.setBrush(Qt::NoBrush);
    if (l && m_scene.withLights) {
        p.setPen(QPen(theme::kAccent, 1.2, Qt::DashLine));
        if (l->reach > 0 && l->reach < 1000)
            p.drawPolyline(ringAbout(l->at, l->reach));
        p.setPen(QPen(theme::kAccent, 1.2));
        const QPointF soft = gripAt(Grip::Softness), arm = gripAt(Grip::Facing);
        if (!soft.isNull())
            p.drawEllipse(toScreen(l->at), toScreen(l->at).y() - soft.y(), toScreen(l->at).y() - soft.y());
        if (!arm.isNull())
            p.drawLine(toScreen(l->at), arm);
    }
    p.setPen(QPen(theme::kInk, 1));
    p.setBrush(theme::kPaper);
    for (const Grip g : {Grip::Reach, Grip::Softness, Grip::Facing, Grip::Height, Grip::Haze})
        if (const QPointF at = gripAt(g); !at.isNull()) {
            p.setBrush(m_grip == g ? theme::kAccent : theme::kPaper);
            p.drawEllipse(at, 4, 4);
        }
}

/// Names and figures, by rank: what is in hand, the sun, then near to far, then the scale. One that finds no room near
/// its thing is led to a free place by a line, or left out.
std::vector<GroundPlan::Label> GroundPlan::labels() const
{
    const QFontMetricsF metrics(theme::text(11));
    std::vector<Label> out;
    const QRectF room = QRectF(rect()).adjusted(3, 3, -3, -3);
    const auto put = [&](QPointF of, const QString& words, bool held, std::initializer_list<QPointF> offsets, bool lead) {
        const double w = metrics.horizontalAdvance(words) + 2, h = metrics.height() - 1;
        bool near = true;
        for (const QPointF& d : offsets) {
            QRectF r(of + d - QPointF(w / 2, h / 2), QSizeF(w, h));
            r.moveLeft(std::clamp(r.left(), room.left(), std::max(room.left(), room.right() - w)));
            if (!room.contains(r)
                || std::any_of(out.begin(), out.end(), [&](const Label& o) { return o.at.intersects(r); }))
                continue;
            near = QLineF(r.center(), of).length() < 30 + w / 2;
            if (!near && !lead)
                continue;
            out.push_back({r, of, words, held, !near});
            return;
        }
    };
    const double up = theme::px(14), far = theme::px(30);
    if (const Thing* l = held(m_scene.lanterns, m_scene.heldLantern)) {
        QString words = l->name;
        if (m_scene.withLights && l->reach > 0)
            words += tr(" · L* 50 at %1 m").arg(l->reach, 0, 'f', l->reach < 10 ? 1 : 0);
        put(toScreen(l->at), words, true, {{0, -up - 8}, {0, up + 8}, {0, -far - 8}, {0, far + 10}, {60, -60}, {-60, 60}}, true);
    }
    if (const Thing* e = held(m_scene.elements, m_scene.heldElement)) {
        const QPointF of = m_view == View::Above ? toScreen(e->at) : toScreen(e->at + Vec3{0, e->height, 0});
        const QString words = m_view == View::Above ? e->name : tr("%1 · %2 m").arg(e->name).arg(e->height, 0, 'f', 2);
        put(of, words, true, {{0, up}, {0, -up}, {0, 2 * up}, {0, -2 * up}, {70, -40}, {-70, 50}, {0, 70}, {0, -70}}, true);
    }
    if (m_scene.withLights && m_scene.sunOn)
        put(sunHandle(),
            m_view == View::Above ? tr("sun %1°").arg(m_scene.sunAzimuth, 0, 'f', 0)
                                  : tr("sun %1° high").arg(m_scene.sunElevation, 0, 'f', 0),
            false, {{0, -up - 4}, {0, up + 5}, {-40, 0}, {40, 0}}, false);
    std::vector<const Thing*> order;
    for (const Thing& t : m_scene.elements)
        if (t.id != m_scene.heldElement)
            order.push_back(&t);
    std::stable_sort(order.begin(), order.end(), [](const Thing* a, const Thing* b) { return a->at.z < b->at.z; });
    if (m_view == View::Above)
        for (const Thing* t : order)
            put(toScreen(t->at), t->name, false, {{0, up}, {0, -up}, {0, 2 * up}, {0, -2 * up}, {74, -22}, {-74, -22}, {74, 26}, {-74, 26}}, true);
    if (m_scene.withLights && m_scene.hazeM > 0 && m_scene.hazeM < farthest())
        put(gripAt(Grip::Haze), tr("haze halves at %1 m").arg(m_scene.hazeM, 0, 'f', 0), false,
            {{0, -up}, {0, up}, {-50, -up}}, false);
    // The scale beside the left line of sight, or under the ground.
    const double side = radians(m_scene.fovDegrees / 2);
    for (const double d : {2.0, 5.0, 10.0, 20.0, 50.0, 100.0, 200.0})
        if (d <= farthest())
            put(m_view == View::Above ? toScreen(Vec3{-std::sin(side), 0, std::cos(side)} * d) : toScreen({0, 0, d}),
                tr("%1 m").arg(d), false, {m_view == View::Above ? QPointF(-18, 2) : QPointF(0, 10)}, false);
    if (m_view == View::Side) {
        const double step = highest() > 30 ? 10 : highest() > 12 ? 5 : highest() > 5 ? 2 : 1;
        for (double h = step; h < highest(); h += step)
            put({theme::px(15) * 1.0, toScreen({0, h, 0}).y()}, tr("%1 m").arg(h), false, {{0, 0}}, false);
        put({width() - theme::px(60) * 1.0, toScreen({0, m_scene.eyeHeight, 0}).y()},
            tr("eye level %1 m").arg(m_scene.eyeHeight, 0, 'f', 1), false, {{0, -8}, {0, 9}, {-70, -8}}, false);
    }
    return out;
}

std::vector<QRectF> GroundPlan::labelRects() const
{
    std::vector<QRectF> all;
    for (const Label& l : labels())
        all.push_back(l.at);
    return all;
}

void GroundPlan::paintLabels(QPainter& p) const
{
    p.setFont(theme::text(11));
    for (const Label& l : labels()) {
        if (l.led) {
            p.setPen(QPen(theme::kFaint, 0.8));
            p.drawLine(l.of, QPointF(std::clamp(l.of.x(), l.at.left(), l.at.right()),
                                 l.of.y() < l.at.center().y() ? l.at.top() : l.at.bottom()));
        }
        p.fillRect(l.at, QColor(246, 245, 242, 200));
        p.setPen(l.held ? theme::kAccent : theme::kInk);
        p.drawText(l.at, Qt::AlignCenter, l.words);
    }
}

} // namespace rl::app
