#include "app/widgets/ground_plan.h"
#include "app/theme/theme.h"
#include <QMouseEvent>

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
// A lantern's softness is centimetres on a plan of a hundred metres: its ring grows with the logarithm.
double ringOf(double radiusM)
{
    return 10 + 7 * std::log2(1 + radiusM / 0.03);
}
} // namespace

GroundPlan::GroundPlan(View view, QWidget* parent)
    : QWidget(parent)
    , m_view(view)
{
    setObjectName(view == View::Above ? "planAbove" : "planSide");
    setMinimumSize(180, 120);
    setMouseTracking(true);
    setFocusPolicy(Qt::ClickFocus);
    setAccessibleName(view == View::Above ? tr("Ground plan from above") : tr("Side view"));
    setToolTip(
        view == View::Above ? tr(
            "The scene from above, in metres from where you stand. Drag a footprint, a lantern, the sun, the ring of "
            "a lantern's reach, the arm it faces by, or the line where haze halves contrast. Double-click: larger.")
                            : tr("The scene from the side: heights against distance. Drag a lantern, the top of the "
                                 "selected element's rod, or the sun. Double-click: larger."));
}

void GroundPlan::setPointing(bool on)
{
    m_pointing = on;
    setCursor(on ? Qt::CrossCursor : Qt::ArrowCursor);
}

void GroundPlan::show(Scene scene)
{
    m_scene = std::move(scene);
    QStringList told; // to who does not see it
    for (const auto* things : {&m_scene.elements, &m_scene.lanterns})
        for (const Thing& t : *things)
            told << tr("%1: %2 m away, %3 m %4, %5 m up")
                        .arg(t.name)
                        .arg(t.at.z, 0, 'f', 1)
                        .arg(std::abs(t.at.x), 0, 'f', 1)
                        .arg(t.at.x < 0 ? tr("to the left") : tr("to the right"))
                        .arg(t.at.y, 0, 'f', 1);
    if (m_scene.withLights && m_scene.sunOn)
        told << tr("sun, %1° up").arg(m_scene.sunElevation, 0, 'f', 0);
    setAccessibleDescription(told.join("; "));
    update();
}

QPointF GroundPlan::station() const
{
    return m_view == View::Above ? QPointF(width() / 2.0, height() - 14)
                                 : QPointF(theme::px(34), height() - theme::px(20));
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
    return (m_view == View::Above ? height() - theme::px(44) : width() - theme::px(60)) / folded(farthest());
}

QPointF GroundPlan::toScreen(Vec3 at) const
{
    if (m_view == View::Side)
        return station() + QPointF(folded(at.z) * reach(), -at.y / highest() * (height() - theme::px(44)));
    const double angle = std::atan2(at.x, at.z), r = folded(std::hypot(at.x, at.z)) * reach();
    return station() + QPointF(std::sin(angle) * r, -std::cos(angle) * r);
}

Vec3 GroundPlan::fromScreen(QPointF s, Vec3 before) const
{
    const QPointF d = s - station();
    if (m_view == View::Side)
        return {before.x, std::max(0.0, -d.y() / (height() - theme::px(44)) * highest()),
            std::clamp(unfolded(d.x() / reach()), 0.5, 400.0)};
    const double r = unfolded(std::hypot(d.x(), d.y()) / reach()), angle = std::atan2(d.x(), -d.y());
    return {std::sin(angle) * r, before.y, std::max(0.5, std::cos(angle) * r)};
}

QPointF GroundPlan::sunHandle() const
{
    if (m_view == View::Side) {
        const double a = radians(std::clamp(m_scene.sunElevation, 0.0, 90.0)), r = std::min(width(), height()) * 0.34;
        return QPointF(width() - 16, station().y()) + QPointF(-std::cos(a) * r, -std::sin(a) * r);
    }
    const double a = radians(m_scene.sunAzimuth);
    const QPointF c(width() / 2.0, height() / 2.0 + 2);
    return c + QPointF(std::sin(a) * (width() / 2.0 - 16), -std::cos(a) * (height() / 2.0 - 18));
}

const GroundPlan::Thing* GroundPlan::held(const std::vector<Thing>& all, int id) const
{
    const auto found = std::find_if(all.begin(), all.end(), [=](const Thing& t) { return t.id == id; });
    return found == all.end() ? nullptr : &*found;
}

QPolygonF GroundPlan::ringAbout(Vec3 at, double metres) const
{
    QPolygonF ring;
    for (int i = 0; i <= 60; ++i) {
        const double t = 2 * kPi * i / 60, u = metres * std::cos(t), v = metres * std::sin(t);
        ring << toScreen(m_view == View::Above ? Vec3{at.x + u, 0, at.z + v}
                                               : Vec3{at.x, std::max(0.0, at.y + v), std::max(0.0, at.z + u)});
    }
    return ring;
}

QPointF GroundPlan::gripAt(Grip grip) const
{
    const Thing *l = held(m_scene.lanterns, m_scene.heldLantern), *e = held(m_scene.elements, m_scene.heldElement);
    switch (grip) {
    case Grip::Sun:
        return m_scene.withLights && m_scene.sunOn ? sunHandle() : QPointF();
    case Grip::Reach:
        // Towards the viewer, where the plan has room.
        return l && m_scene.withLights && l->reach > 0
            ? toScreen(m_view == View::Above ? Vec3{l->at.x + 0.7 * l->reach, 0, l->at.z - 0.7 * l->reach}
                                             : Vec3{l->at.x, l->at.y, std::max(0.0, l->at.z - l->reach)})
            : QPointF();
    case Grip::Softness:
        return l && m_scene.withLights && l->facing < 0 ? toScreen(l->at) + QPointF(0, -ringOf(l->radius)) : QPointF();
    case Grip::Facing: {
        if (!l || !m_scene.withLights || l->facing < 0 || m_view != View::Above)
            return {};
        const double a = radians(l->facing);
        return toScreen(l->at) + QPointF(std::sin(a), -std::cos(a)) * 34;
    }
    case Grip::Height:
        return e && m_view == View::Side && e->line.empty() ? toScreen(e->at + Vec3{0, e->height, 0}) : QPointF();
    case Grip::Haze:
        return m_scene.withLights && m_scene.hazeM > 0 && m_scene.hazeM < farthest() ? m_view == View::Above
                ? toScreen(Vec3{std::sin(radians(m_scene.fovDegrees / 2)), 0, std::cos(radians(m_scene.fovDegrees / 2))}
                    * m_scene.hazeM)
                : toScreen({0, highest() * 0.8, m_scene.hazeM})
                                                                                     : QPointF();
    default:
        return {};
    }
}

} // namespace rl::app
