// Labels that never lie over one another.
#include "app/theme/theme.h"
#include "app/widgets/ground_plan.h"
#include <QPainter>
#include <QPainterPath>

namespace rl::app {

/// Names and figures, by rank: what is in hand, the sun, then near to far, then the scale. One that finds no room near
/// its thing is led to a free place by a line, or left out.
std::vector<GroundPlan::Label> GroundPlan::labels() const
{
    const QFontMetricsF metrics(theme::text(11));
    std::vector<Label> out;
    const QRectF room = QRectF(rect()).adjusted(3, 3, -3, -3);
    const auto put
        = [&](QPointF of, const QString& words, bool held, std::initializer_list<QPointF> offsets, bool lead) {
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
        put(toScreen(l->at), words, true,
            {{0, -up - 8}, {0, up + 8}, {0, -far - 8}, {0, far + 10}, {60, -60}, {-60, 60}}, true);
    }
    if (const Thing* e = held(m_scene.elements, m_scene.heldElement)) {
        const QPointF of = m_view == View::Above ? toScreen(e->at) : toScreen(e->at + Vec3{0, e->height, 0});
        const QString words = m_view == View::Above ? e->name : tr("%1 · %2 m").arg(e->name).arg(e->height, 0, 'f', 2);
        put(of, words, true, {{0, up}, {0, -up}, {0, 2 * up}, {0, -2 * up}, {70, -40}, {-70, 50}, {0, 70}, {0, -70}},
            true);
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
            put(toScreen(t->at), t->name, false,
                {{0, up}, {0, -up}, {0, 2 * up}, {0, -2 * up}, {74, -22}, {-74, -22}, {74, 26}, {-74, 26}}, true);
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
            p.setPen(QPen(theme::faint(), 0.8));
            p.drawLine(l.of,
                QPointF(std::clamp(l.of.x(), l.at.left(), l.at.right()),
                    l.of.y() < l.at.center().y() ? l.at.top() : l.at.bottom()));
        }
        p.fillRect(l.at, theme::veil(200));
        p.setPen(l.held ? theme::accent() : theme::ink());
        p.drawText(l.at, Qt::AlignCenter, l.words);
    }
}
} // namespace rl::app
