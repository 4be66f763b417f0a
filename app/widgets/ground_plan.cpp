#include "app/widgets/ground_plan.h"
#include "app/theme/theme.h"
#include "core/stage/solids.h"
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

namespace rl::app {

namespace {
constexpr double kBend = 3; // m: where the logarithm takes over
double folded(double metres)
{
    return std::log1p(std::max(metres, 0.0) / kBend);
}
double unfolded(double f)
{
    return kBend * std::expm1(f);
}
int s_gesture = 1 << 20; // apart from the document's own numbers
} // namespace

GroundPlan::Scene planOf(const Project& p, stage::SurfaceCache& cache)
{
    GroundPlan::Scene s;
    const stage::Eye eye = stage::eyeOf(p);
    for (const Element& e : p.elements) {
        const stage::Placement place = stage::placed(p, e, cache);
        if (place.visible)
            s.elements.push_back({e.id, QString::fromStdString(e.name),
                {(e.baseCm.x - eye.x0) * place.distance / eye.focalCm, e.altitudeM, place.distance}, place.widthM / 2,
                place.heightM, e.yaw, {}});
        if (place.visible && !e.cutout && e.standin.solid == Solid::Path)
            for (const Vec2& q : stage::pathLine(e.standin, 1)) {
                const Vec3 foot = stage::footOf(eye, e);
                const double c = std::cos(radians(e.yaw)), sn = std::sin(radians(e.yaw));
                s.elements.back().line.push_back({foot.x + q.x * c - q.y * sn, foot.z + q.x * sn + q.y * c});
            }
    }
    for (const Lantern& l : p.lights.lanterns)
        if (l.on)
            s.lanterns.push_back({l.id, QString::fromStdString(l.name), l.position, 0, 0, 0, {}});
    s.fovDegrees = p.camera.fovDegrees;
    s.eyeHeight = p.camera.eyeHeightM;
    s.sunOn = p.lights.sun.on;
    s.sunAzimuth = p.lights.sun.azimuth;
    s.sunElevation = p.lights.sun.elevation;
    return s;
}

GroundPlan::GroundPlan(View view, QWidget* parent)
    : QWidget(parent)
    , m_view(view)
{
    setObjectName(view == View::Above ? "planAbove" : "planSide");
    setMinimumSize(220, 150);
    setMouseTracking(true);
    setFocusPolicy(Qt::ClickFocus);
    setAccessibleName(view == View::Above ? tr("Ground plan from above") : tr("Side view"));
    setToolTip(view == View::Above ? tr("The scene from above, in metres from where you stand. Drag a footprint, a "
                                        "lantern or the sun: the picture follows.")
                                   : tr("The scene from the side: heights against distance. Drag a lantern up or down, "
                                        "or the sun along its arc."));
}

void GroundPlan::setPointing(bool on)
{
    m_pointing = on;
    setCursor(on ? Qt::CrossCursor : Qt::ArrowCursor);
}

void GroundPlan::show(Scene scene)
{
    m_scene = std::move(scene);
    update();
}

QPointF GroundPlan::station() const
{
    return m_view == View::Above ? QPointF(width() / 2.0, height() - 14) : QPointF(34, height() - 20);
}
double GroundPlan::farthest() const
{
    double far = 20;
    for (const Thing& t : m_scene.elements)
        far = std::max(far, t.at.z * 1.25);
    for (const Thing& t : m_scene.lanterns)
        far = std::max(far, t.at.z * 1.25);
    return std::min(far, 400.0);
}
double GroundPlan::highest() const
{
    double high = 4;
    for (const Thing& t : m_scene.elements)
        high = std::max(high, t.at.y + t.height);
    for (const Thing& t : m_scene.lanterns)
        high = std::max(high, t.at.y);
    return high * 1.15;
}
double GroundPlan::reach() const
{
    return (m_view == View::Above ? height() - 40 : width() - 90) / folded(farthest());
}

QPointF GroundPlan::toScreen(Vec3 at) const
{
    if (m_view == View::Side)
        return station() + QPointF(folded(at.z) * reach(), -at.y / highest() * (height() - 44));
    const double angle = std::atan2(at.x, at.z), r = folded(std::hypot(at.x, at.z)) * reach();
    return station() + QPointF(std::sin(angle) * r, -std::cos(angle) * r);
}

Vec3 GroundPlan::fromScreen(QPointF s, Vec3 before) const
{
    const QPointF d = s - station();
    if (m_view == View::Side)
        return {before.x, std::max(0.0, -d.y() / (height() - 44) * highest()),
            std::clamp(unfolded(d.x() / reach()), 0.5, 400.0)};
    const double r = unfolded(std::hypot(d.x(), d.y()) / reach()), angle = std::atan2(d.x(), -d.y());
    return {std::sin(angle) * r, before.y, std::max(0.5, std::cos(angle) * r)};
}

QPointF GroundPlan::sunHandle() const
{
    if (m_view == View::Side) {
        const double a = radians(std::clamp(m_scene.sunElevation, 0.0, 90.0)), r = std::min(width(), height()) * 0.30;
        return QPointF(width() - 14, height() - 20) + QPointF(-std::cos(a) * r, -std::sin(a) * r);
    }
    const double a = radians(m_scene.sunAzimuth);
    const QPointF c(width() / 2.0, height() / 2.0 + 2);
    return c + QPointF(std::sin(a) * (width() / 2.0 - 16), -std::cos(a) * (height() / 2.0 - 18));
}

void GroundPlan::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme::kLine, 1));
    p.setBrush(theme::kPaper);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 5, 5);
    p.setFont(theme::text(11));
    m_view == View::Above ? paintAbove(p) : paintSide(p);
    if (m_scene.withLights) {
        for (const Thing& l : m_scene.lanterns) {
            const QPointF c = toScreen(l.at);
            QRadialGradient glow(c, 22);
            glow.setColorAt(0, QColor(240, 169, 74, 190));
            glow.setColorAt(1, QColor(240, 169, 74, 0));
            p.setPen(Qt::NoPen);
            p.setBrush(glow);
            p.drawEllipse(c, 22, 22);
            p.setPen(QPen(
                l.id == m_scene.heldLantern ? theme::kAccent : theme::kInk, l.id == m_scene.heldLantern ? 2.5 : 1.4));
            p.setBrush(theme::kGlow);
            p.drawEllipse(c, 6, 6);
            p.setPen(theme::kInk);
            if (l.id == m_scene.heldLantern)
                p.drawText(c + QPointF(9, -8), l.name);
        }
        if (m_scene.sunOn) {
            const QPointF c = sunHandle();
            p.setPen(QPen(theme::kInk, 1.2));
            p.setBrush(QColor(0xff, 0xe2, 0xa6));
            p.drawEllipse(c, 8, 8);
            p.setPen(theme::kFaint);
            const QString words = m_view == View::Above ? tr("sun %1°").arg(m_scene.sunAzimuth, 0, 'f', 0)
                                                        : tr("sun %1° high").arg(m_scene.sunElevation, 0, 'f', 0);
            const double w = p.fontMetrics().horizontalAdvance(words);
            p.drawText(
                QPointF(std::clamp(c.x() - w / 2, 4.0, width() - w - 4), c.y() < 30 ? c.y() + 22 : c.y() - 12), words);
        }
    }
}

void GroundPlan::paintAbove(QPainter& p) const
{
    const QPointF s = station();
    p.setBrush(Qt::NoBrush);
    for (const double d : {2.0, 5.0, 10.0, 20.0, 50.0, 100.0, 200.0}) {
        if (d > farthest())
            break;
        const double r = folded(d) * reach();
        p.setPen(QPen(theme::kLine, 1, Qt::DotLine));
        p.drawArc(QRectF(s.x() - r, s.y() - r, 2 * r, 2 * r), 20 * 16, 140 * 16);
        p.setPen(theme::kFaint);
        // Beside the left line of sight, out of the way of what stands in the picture.
        const double side = radians(m_scene.fovDegrees / 2);
        const QString words = tr("%1 m").arg(d);
        p.drawText(QPointF(std::max(3.0, s.x() - std::sin(side) * r - p.fontMetrics().horizontalAdvance(words) - 5),
                       s.y() - std::cos(side) * r + 4),
            words);
    }
    const double half = radians(m_scene.fovDegrees / 2), r = folded(farthest()) * reach();
    QPainterPath wedge(s);
    wedge.lineTo(s + QPointF(-std::sin(half) * r, -std::cos(half) * r));
    wedge.moveTo(s);
    wedge.lineTo(s + QPointF(std::sin(half) * r, -std::cos(half) * r));
    p.setPen(QPen(theme::kFaint, 1.2));
    p.drawPath(wedge);
    p.setBrush(theme::kInk);
    p.setPen(Qt::NoPen);
    p.drawEllipse(s, 4, 4);
    for (const Thing& t : m_scene.elements) {
        const bool held = t.id == m_scene.heldElement;
        const Vec3 half = Vec3{std::cos(radians(t.yaw)), 0, std::sin(radians(t.yaw))} * t.halfWidth;
        const QPointF a = toScreen(t.at - half), b = toScreen(t.at + half);
        if (!t.line.empty()) {
            QPolygonF course;
            for (const Vec2& q : t.line)
                course << toScreen({q.x, 0, std::max(0.2, q.y)});
            p.setPen(QPen(held ? theme::kAccent : theme::kInk, 3, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            p.drawPolyline(course);
            continue;
        }
        p.setPen(QPen(held ? theme::kAccent : theme::kInk, held ? 5 : 4, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(a, b);
    }
    p.setPen(QPen(theme::kAccent, 1.5));
    p.setBrush(theme::kGlow);
    for (std::size_t i = 0; i < m_scene.pointed.size(); ++i) {
        const QPointF q = toScreen({m_scene.pointed[i].x, 0, m_scene.pointed[i].y});
        if (i > 0)
            p.drawLine(toScreen({m_scene.pointed[i - 1].x, 0, m_scene.pointed[i - 1].y}), q);
        p.drawEllipse(q, 3.5, 3.5);
    }
    // Names where there is room: what is in hand first, then near to far.
    std::vector<const Thing*> order;
    for (const Thing& t : m_scene.elements)
        order.push_back(&t);
    std::stable_sort(order.begin(), order.end(), [&](const Thing* a, const Thing* b) {
        return a->id == m_scene.heldElement || (b->id != m_scene.heldElement && a->at.z < b->at.z);
    });
    std::vector<QRectF> taken;
    for (const Thing* t : order) {
        const double w = p.fontMetrics().horizontalAdvance(t->name);
        for (const double dy : {16.0, -6.0, 28.0}) {
            const QRectF r(toScreen(t->at) + QPointF(-w / 2, dy - 11), QSizeF(w, 13));
            if (std::any_of(taken.begin(), taken.end(), [&](const QRectF& o) { return o.intersects(r); }))
                continue;
            taken.push_back(r);
            p.setPen(t->id == m_scene.heldElement ? theme::kAccent : theme::kInk);
            p.drawText(r.bottomLeft() - QPointF(0, 2), t->name);
            break;
        }
    }
}

void GroundPlan::paintSide(QPainter& p) const
{
    const QPointF s = station();
    p.setPen(QPen(theme::kInk, 1.3));
    p.drawLine(QPointF(8, s.y()), QPointF(width() - 8, s.y()));
    double free = 4;
    for (const double d : {2.0, 5.0, 10.0, 20.0, 50.0, 100.0}) {
        if (d > farthest())
            break;
        const double x = s.x() + folded(d) * reach();
        p.setPen(QPen(theme::kLine, 1, Qt::DotLine));
        p.drawLine(QPointF(x, s.y()), QPointF(x, 16));
        p.setPen(theme::kFaint);
        const QString words = tr("%1 m").arg(d);
        const double wide = p.fontMetrics().horizontalAdvance(words);
        if (x - wide / 2 < free)
            continue;
        p.drawText(QPointF(x - wide / 2, s.y() + 14), words);
        free = x + wide / 2 + 6;
    }
    const double step = highest() > 30 ? 10 : highest() > 12 ? 5 : highest() > 5 ? 2 : 1;
    for (double h = step; h < highest(); h += step) {
        const double y = toScreen({0, h, 0}).y();
        p.setPen(theme::kFaint);
        p.drawText(QPointF(4, y + 4), tr("%1 m").arg(h));
    }
    p.setPen(QPen(theme::kFaint, 1, Qt::DashLine));
    const double eye = toScreen({0, m_scene.eyeHeight, 0}).y();
    p.drawLine(QPointF(s.x(), eye), QPointF(width() - 60, eye));
    p.drawText(QPointF(width() - 150, eye - 3), tr("eye level %1 m").arg(m_scene.eyeHeight, 0, 'f', 1));
    for (const Thing& t : m_scene.elements) {
        p.setPen(QPen(t.id == m_scene.heldElement ? theme::kAccent : theme::kInk, 3, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(toScreen(t.at), toScreen(t.at + Vec3{0, t.height, 0}));
    }
    if (m_scene.withLights && m_scene.sunOn) {
        const double r = std::min(width(), height()) * 0.30;
        p.setPen(QPen(theme::kLine, 1));
        p.setBrush(Qt::NoBrush);
        p.drawArc(QRectF(width() - 14 - r, height() - 20 - r, 2 * r, 2 * r), 90 * 16, 90 * 16);
    }
}

void GroundPlan::mousePressEvent(QMouseEvent* e)
{
    m_held = Held::None;
    m_gesture = ++s_gesture;
    m_moved = false;
    m_pressed = e->position();
    if (m_pointing && m_view == View::Above) {
        emit groundPointed(fromScreen(e->position(), {}));
        return;
    }
    const auto near = [&](QPointF at, double r) { return QLineF(at, e->position()).length() <= r; };
    if (m_scene.withLights)
        for (const Thing& l : m_scene.lanterns)
            if (near(toScreen(l.at), 13)) {
                m_held = Held::Lantern, m_heldId = l.id;
                emit lanternHeld(l.id);
                return;
            }
    if (m_scene.withLights && m_scene.sunOn && near(sunHandle(), 14)) {
        m_held = Held::Sun;
        return;
    }
    double best = 16;
    for (const Thing& t : m_scene.elements) {
        double d = QLineF(toScreen(t.at), e->position()).length();
        if (m_view == View::Side) { // anywhere along its height
            const QPointF a = toScreen(t.at), b = toScreen(t.at + Vec3{0, t.height, 0});
            d = std::abs(e->position().x() - a.x())
                + std::max({0.0, e->position().y() - a.y(), b.y() - e->position().y()});
        }
        if (d < best)
            best = d, m_held = Held::Element, m_heldId = t.id;
    }
    if (m_held == Held::Element)
        emit elementHeld(m_heldId);
}

void GroundPlan::mouseMoveEvent(QMouseEvent* e)
{
    const auto find = [&](const std::vector<Thing>& all) {
        for (const Thing& t : all)
            if (t.id == m_heldId)
                return t.at;
        return Vec3{};
    };
    if (m_held == Held::None || (!m_moved && (e->position() - m_pressed).manhattanLength() < 3))
        return; // a click takes hold and moves nothing
    m_moved = true;
    if (m_held == Held::Element) {
        Vec3 to = fromScreen(e->position(), find(m_scene.elements));
        if (m_view == View::Side && std::abs(toScreen({0, to.y, to.z}).y() - toScreen({0, 0, to.z}).y()) < 5)
            to.y = 0; // the ground holds on
        emit elementMoved(m_heldId, to, m_gesture);
    }
    if (m_held == Held::Lantern) {
        Vec3 to = fromScreen(e->position(), find(m_scene.lanterns));
        to.y = std::max(to.y, 0.05);
        emit lanternMoved(m_heldId, to, m_gesture);
    }
    if (m_held == Held::Sun && m_view == View::Above) {
        const QPointF d = e->position() - QPointF(width() / 2.0, height() / 2.0 + 2);
        emit sunMoved(
            wrapped360(degrees(std::atan2(d.x() / width(), -d.y() / height()))), m_scene.sunElevation, m_gesture);
    } else if (m_held == Held::Sun) {
        const QPointF d = QPointF(width() - 14, height() - 20) - e->position();
        emit sunMoved(
            m_scene.sunAzimuth, std::clamp(degrees(std::atan2(d.y(), std::max(1.0, d.x()))), -5.0, 90.0), m_gesture);
    }
}

void GroundPlan::mouseReleaseEvent(QMouseEvent*)
{
    if (m_held != Held::None)
        emit released();
    m_held = Held::None;
}

} // namespace rl::app
