#include "app/board/plans.h"
#include "core/light/light_log.h"
#include "core/project/stage_edits.h"
#include "core/stage/solids.h"
#include <QVBoxLayout>

namespace rl::app {

namespace {
GroundPlan::Thing thingOf(const Project& p, const Element& e, const stage::Placement& place, stage::SurfaceCache& cache)
{
    const stage::Eye eye = stage::eyeOf(p);
    const Vec3 foot = stage::footOf(eye, e);
    GroundPlan::Thing t{e.id, QString::fromStdString(e.name), {foot.x, e.altitudeM, place.distance}, -place.widthM / 2,
        place.widthM / 2, place.heightM, e.yaw, {}, {}, 0, 0, -1};
    if (stage::isCard(p, e)) {
        const stage::Footing f = cache.footing(p, e);
        const auto along = [&](double share) { return (e.mirrored ? f.foot - share : share - f.foot) * place.widthM; };
        t.left = std::min(along(0), along(1)), t.right = std::max(along(0), along(1));
        for (const auto& touch : f.touching)
            t.feet.push_back(along((touch[0] + touch[1]) / 2));
    }
    if (!e.cutout && e.standin.solid == Solid::Path)
        for (const Vec2& q : stage::pathLine(e.standin, 1)) {
            const double c = std::cos(radians(e.yaw)), s = std::sin(radians(e.yaw));
            t.line.push_back({foot.x + q.x * c - q.y * s, foot.z + q.x * s + q.y * c});
        }
    return t;
}

GroundPlan::Scene sceneOf(const Project& p, stage::SurfaceCache& cache)
{
    GroundPlan::Scene s;
    for (const Element& e : p.elements)
        if (const auto place = stage::placed(p, e, cache); place.visible)
            s.elements.push_back(thingOf(p, e, place, cache));
    for (const Lantern& l : p.lights.lanterns)
        if (l.on) {
            GroundPlan::Thing t{l.id, QString::fromStdString(l.name), l.position, 0, 0, 0, 0, {}, {},
                light::reachOf(p.lights, l), l.radius, l.kind == LampKind::Panel ? wrapped360(l.facing) : -1};
            s.lanterns.push_back(std::move(t));
        }
    s.fovDegrees = p.camera.fovDegrees;
    s.eyeHeight = p.camera.eyeHeightM;
    s.sunOn = p.lights.sun.on;
    s.sunAzimuth = p.lights.sun.azimuth;
    s.sunElevation = p.lights.sun.elevation;
    s.hazeM = p.lights.air.halfContrastM;
    return s;
}
} // namespace

Plans::Plans(Desk& desk)
    : m_desk(desk)
    , m_above(new GroundPlan(GroundPlan::View::Above))
    , m_side(new GroundPlan(GroundPlan::View::Side))
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(4, 4, 6, 4);
    layout->setSpacing(4);
    layout->addWidget(m_above, 6);
    layout->addWidget(m_side, 5);
    connectPlan(m_above);
    connectPlan(m_side);
    connect(m_above, &GroundPlan::groundPointed, this, &Plans::groundPointed);
}

void Plans::connectPlan(GroundPlan* plan)
{
    const bool side = plan == m_side;
    connect(plan, &GroundPlan::lanternHeld, &m_desk, &Desk::holdLantern);
    connect(plan, &GroundPlan::elementHeld, &m_desk, &Desk::holdElement);
    connect(plan, &GroundPlan::elementMoved, this,
        [this, side](int id, Vec3 to, int gesture) { moveElement(id, to, side, gesture); });
    connect(plan, &GroundPlan::lanternMoved, this, [this](int id, Vec3 to, int gesture) {
        if (const Lantern* l = m_desk.project().lantern(id)) {
            Lantern moved = *l;
            moved.position = to;
            m_desk.edit(tr("Carry the lantern"), edits::withLantern(m_desk.project(), moved), gesture);
        }
    });
    connect(plan, &GroundPlan::sunMoved, this, [this](double azimuth, double elevation, int gesture) {
        Sun s = m_desk.project().lights.sun;
        s.azimuth = azimuth, s.elevation = elevation;
        m_desk.edit(tr("Carry the sun"), edits::withSun(m_desk.project(), s), gesture);
    });
    connect(plan, &GroundPlan::gripMoved, this, &Plans::moveGrip);
    connect(plan, &GroundPlan::released, this, [this] { m_desk.document.finishGesture(); });
    connect(plan, &GroundPlan::dropped, this, [this] { m_desk.document.cancelGesture(); });
    connect(plan, &GroundPlan::enlargeWanted, this, [this, plan] { emit enlargeWanted(plan); });
}

void Plans::moveElement(int id, Vec3 to, bool side, int gesture)
{
    const Project& p = m_desk.project();
    const Element* e = p.element(id);
    if (!e || m_desk.refusesLocked(e))
        return;
    Project after = edits::withFoot(p, id, stage::projected(stage::eyeOf(p), {to.x, 0, to.z}));
    if (side)
        after = edits::withAltitude(std::move(after), id, to.y);
    m_desk.edit(tr("Move it"), std::move(after), gesture);
}

void Plans::moveGrip(GroundPlan::Grip grip, int id, double value, int gesture)
{
    const Project& p = m_desk.project();
    if (grip == GroundPlan::Grip::Haze) {
        Air a = p.lights.air;
        a.halfContrastM = value;
        return m_desk.edit(tr("Set the haze"), edits::withAir(p, std::move(a)), gesture);
    }
    if (grip == GroundPlan::Grip::Height)
        return m_desk.edit(tr("Give it its true height"), edits::withTrueHeight(p, id, value), gesture);
    const Lantern* held = p.lantern(id);
    if (!held)
        return;
    Lantern l = *held;
    if (grip == GroundPlan::Grip::Reach)
        l = light::withReach(p.lights, l, value);
    else if (grip == GroundPlan::Grip::Softness)
        l.radius = value;
    else
        l.facing = value;
    m_desk.edit(grip == GroundPlan::Grip::Reach  ? tr("Set the lantern's reach")
            : grip == GroundPlan::Grip::Softness ? tr("Soften the lantern")
                                                 : tr("Turn the panel"),
        edits::withLantern(p, l), gesture);
}

void Plans::refresh()
{
    auto scene = sceneOf(m_desk.project(), m_desk.surfaces());
    scene.heldElement = m_desk.element();
    scene.heldLantern = m_desk.lantern();
    scene.withLights = m_lights;
    scene.pointed = m_pointed;
    m_above->show(scene);
    m_side->show(std::move(scene));
}

void Plans::setWithLights(bool on)
{
    m_lights = on;
}

void Plans::setPointing(bool on, const std::vector<Vec2>& places)
{
    m_above->setPointing(on);
    if (places == m_pointed)
        return;
    m_pointed = places;
    refresh();
}

void Plans::takeBack()
{
    auto* column = static_cast<QVBoxLayout*>(layout());
    column->insertWidget(0, m_above, 6);
    column->insertWidget(1, m_side, 5);
    m_above->setVisible(true);
    m_side->setVisible(true);
}

} // namespace rl::app
