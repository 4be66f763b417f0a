#include "app/stations/light_station.h"
#include "app/stations/bench_kit.h"
#include "app/stations/stage_station.h"
#include "core/light/light_rules.h"
#include "core/project/edits.h"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>

namespace rl::app {

void LightStation::editLantern(const QString& what, const std::function<void(Lantern&)>& change, int gesture)
{
    const Lantern* held = project().lantern(work.lantern());
    if (!held)
        return;
    Lantern l = *held;
    change(l);
    work.document.edit(what, edits::withLantern(project(), l), gesture);
}

void LightStation::editSun(const QString& what, const std::function<void(Sun&)>& change, int gesture)
{
    Sun s = project().lights.sun;
    change(s);
    work.document.edit(what, edits::withSun(project(), s), gesture);
}

void LightStation::editAir(const QString& what, const std::function<void(Air&)>& change)
{
    Air a = project().lights.air;
    change(a);
    work.document.edit(what, edits::withAir(project(), a));
}

void LightStation::editGroup(const QString& what, const std::function<void(LightGroup&)>& change)
{
    const Lantern* held = project().lantern(work.lantern());
    Project after = project();
    for (LightGroup& g : after.lights.groups)
        if (held && g.id == held->group) {
            change(g);
            repair(after);
            work.document.edit(what, std::move(after));
            return;
        }
}

void LightStation::editElement(const QString& what, const std::function<void(Element&)>& change)
{
    const Element* held = work.heldElement();
    if (!held)
        return;
    Element e = *held;
    change(e);
    if (e == *held)
        return;
    Project after = edits::withElement(project(), e);
    repair(after);
    work.document.edit(what, std::move(after));
}

/// The part in hand; the whole becomes a part without an outline when it is first shaped.
void LightStation::editPart(const QString& what, const std::function<void(ReliefPart&)>& change)
{
    const int at = m_part->currentData().toInt();
    editElement(what, [&](Element& e) {
        if (at >= 0 && at < int(e.parts.size()))
            return change(e.parts[std::size_t(at)]);
        ReliefPart whole;
        whole.own = false;
        change(whole);
        e.parts.insert(e.parts.begin(), whole);
    });
}

void LightStation::addLantern()
{
    Lantern l;
    l.name = tr("Lantern %1").arg(project().lights.lanterns.size() + 1).toStdString();
    l.kelvin = 2300;
    l.strength = 0.6;
    l.position = {0.6, 2.0,
        std::max(3.0,
            0.8
                * (project().elements.empty()
                        ? 8.0
                        : stage::groundDistance(stage::eyeOf(project()), project().elements.back().baseCm.y)))};
    if (!std::isfinite(l.position.z))
        l.position.z = 8;
    Project after = edits::withLantern(project(), l);
    const int id = after.lights.lanterns.back().id;
    work.document.edit(tr("Hang a lantern"), std::move(after));
    work.holdLantern(id);
}

void LightStation::say()
{
    const Lantern* l = project().lantern(work.lantern());
    QString words;
    if (l) {
        // What it reaches first, and how strongly.
        QString reached;
        double most = 0;
        for (const Element& e : project().elements) {
            const auto place = stage::placed(project(), e, work.light.surfaces());
            if (!place.visible)
                continue;
            const Vec3 middle = stage::atDistance(stage::eyeOf(project()), place.canvas.centre(), place.distance),
                       to = l->position - middle;
            const double level = project().lights.strengthOf(*l)
                * light::lanternIrradiance(*l, middle, to * (1 / std::max(1e-6, to.length())));
            if (level > most)
                most = level,
                reached = tr("reaches %1 first, %2 m off, at %3 × key")
                              .arg(QString::fromStdString(e.name))
                              .arg(to.length(), 0, 'f', 1)
                              .arg(level, 0, 'f', 2);
        }
        words = tr("%1: %2 m %3, %4 m high, %5 m away; %6.")
                    .arg(QString::fromStdString(l->name))
                    .arg(std::abs(l->position.x), 0, 'f', 1)
                    .arg(l->position.x < 0 ? tr("left") : tr("right"))
                    .arg(l->position.y, 0, 'f', 1)
                    .arg(l->position.z, 0, 'f', 1)
                    .arg(reached.isEmpty() ? tr("reaches nothing") : reached);
    }
    if (const Element* e = work.heldElement(); e && work.lit) {
        const auto own = work.light.surfaces().light(project(), *e);
        words += "\n"
            + (own.confidence < 0.25 ? tr("%1 was lit flat.").arg(QString::fromStdString(e->name))
                                     : tr("%1 was lit from %2°, %3° up towards you (confidence %4).")
                                           .arg(QString::fromStdString(e->name))
                                           .arg(own.azimuth, 0, 'f', 0)
                                           .arg(own.elevation, 0, 'f', 0)
                                           .arg(own.confidence, 0, 'f', 2));
    }
    if (m_page == Page::Study && !m_auditWords.isEmpty() && m_auditOf == work.element())
        words = m_auditWords;
    if (m_arcs->isChecked() && m_page == Page::Sky)
        words = skyWords();
    if (m_drawing != Drawing::None)
        words = drawingWords();
    m_log->setText(words.trimmed());
}

void LightStation::refresh()
{
    const Project& p = project();
    if (!p.lantern(work.lantern()) && !p.lights.lanterns.empty()) {
        work.holdLantern(p.lights.lanterns.front().id);
        return;
    }
    const Sun& s = p.lights.sun;
    m_sunOn->setChecked(s.on);
    setQuietly(m_sunWarmth, s.kelvin);
    setQuietly(m_sunHue, s.hue < 0 ? -1 : s.hue);
    setQuietly(m_sunStrength, s.strength);
    setQuietly(m_sunSize, s.diameter);
    setQuietly(m_sky, p.lights.air.skyStrength);
    setQuietly(m_exposure, p.lights.air.exposureStops);
    setQuietly(m_spill, 100 * p.lights.air.spill);
    setQuietly(m_bounce, 100 * p.lights.air.bounce);
    fillLantern();
    fillAir();
    fillForm();
    auto scene = planOf(p, work.light.surfaces());
    scene.heldElement = work.element();
    scene.heldLantern = work.lantern();
    m_above->show(scene);
    m_side->show(std::move(scene));
    fillStudy();
    say();
}

} // namespace rl::app
