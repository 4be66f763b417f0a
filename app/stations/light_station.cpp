#include "app/stations/light_station.h"
#include "app/stations/stage_station.h"
#include "app/theme/theme.h"
#include "core/light/light_rules.h"
#include "core/light/presets.h"
#include "core/project/edits.h"
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>

namespace rl::app {

LightStation::LightStation(Workbench& bench)
    : StationView(bench)
    , m_time(new QComboBox)
    , m_stops(numberField("lanternStops", "stops", -10, 6.6, 1, 0.5,
          tr("The same strength in stops over full key light. Each stop doubles it.")))
    , m_cardL(numberField("cardL", "L*", 0, 100, 0, 2,
          tr("How light a white card shows, held up to this lantern where the element in hand stands.")))
    , m_zoneSteps(numberField("zoneSteps", QString(QChar(0xd7)), 2, 6, 0, 1,
          tr("Zones of form. 2: light and shade; 3: half-tone; 4: reflected light; 5: cast shadow; 6: occlusion.")))
    , m_alone(new QPushButton(tr("Alone")))
    , m_rename(new QPushButton(tr("Name…")))
    , m_zones(new QPushButton(tr("Form zones (Z)")))
    , m_audit(new QPushButton(tr("Look closely")))
    , m_arcs(new QPushButton(tr("Sky arcs")))
    , m_families(new QLabel)
    , m_bench(new QWidget)
    , m_above(new GroundPlan(GroundPlan::View::Above))
    , m_side(new GroundPlan(GroundPlan::View::Side))
    , m_which(new QComboBox)
    , m_form(new QComboBox)
    , m_material(new QComboBox)
    , m_sunOn(new QCheckBox(tr("Sun")))
    , m_lanternOn(new QCheckBox(tr("burns")))
    , m_sunWarmth(numberField("sunWarmth", "K", 1000, 15000, 0, 100,
          tr("Colour temperature of the sun. 2000 K red at the horizon, 5500 K by day, 9000 K cold.")))
    , m_sunStrength(numberField("sunStrength", "×", 0, 20, 2, 0.05,
          tr("Strength of the sun. 1 is full key light on a white card facing it.")))
    , m_sunSize(numberField("sunSize", QString(QChar(0xb0)), 0.1, 60, 1, 0.5,
          tr("How wide the sun is. 0.5 degrees in clear air; wider gives softer shadows.")))
    , m_warmth(numberField("lanternWarmth", "K", 1000, 15000, 0, 100,
          tr("Colour temperature of the lantern. A flame is near 1900 K, a bulb 2700 K.")))
    , m_strength(numberField("lanternStrength", "×", 0, 100, 2, 0.05,
          tr("Strength of the lantern at two metres and a bit. 1 is full key light there.")))
    , m_haze(numberField(
          "haze", "m", 0, 100000, 0, 10, tr("Distance at which the air halves contrast. 0 is perfectly clear.")))
    , m_sky(numberField(
          "sky", "×", 0, 10, 2, 0.05, tr("How much sky light fills the shade. 1 is as the backdrop has it.")))
    , m_wet(numberField("wet", "%", 0, 100, 0, 5,
          tr("How wet the ground is. Wet ground mirrors what stands on it and draws lights towards you.")))
    , m_exposure(numberField(
          "exposure", "stops", -8, 8, 2, 0.25, tr("Exposure of the whole picture. One stop doubles the light.")))
    , m_delight(numberField("delight", "%", 0, 100, 0, 5,
          tr("How much of the photograph's own light is taken off this element. 0 is as photographed.")))
    , m_log(new QLabel)
    , m_douse(new QPushButton(tr("Douse")))
{
    m_which->setObjectName("lanternWhich");
    m_which->setToolTip(tr("The lantern in hand; you can also take it on the plan or in the picture"));
    m_sunOn->setObjectName("sunOn");
    m_sunOn->setToolTip(tr("One far light: sun or moon. Carry it round the plan and up the side view."));
    m_lanternOn->setToolTip(tr("Puts this lantern out or lights it again"));
    for (const char* form : {"puffed", "ball", "column", "slab", "flat card"})
        m_form->addItem(tr(form));
    m_form->setToolTip(tr("What form its relief takes: it decides how light turns across it"));
    for (const char* material : {"matt", "satin", "wet", "glowing", "glass"})
        m_material->addItem(tr(material));
    m_material->setToolTip(tr("How its surface takes light; a glowing one lights itself"));
    m_time->setObjectName("dayTime");
    m_time->addItem(tr("time of day…"));
    for (int i = 0; i < light::kDayTimes; ++i)
        m_time->addItem(tr(light::dayTime(i).name));
    m_time->setToolTip(tr("A height, colour and strength to begin with; the side the light comes from stays"));
    m_alone->setObjectName("alone");
    m_alone->setCheckable(true);
    m_alone->setToolTip(tr("Shows the picture with this lantern alone, to see what it does; nothing is changed"));
    m_rename->setObjectName("nameLantern");
    m_rename->setToolTip(tr("Gives the lantern in hand a name"));
    m_zones->setObjectName("formZones");
    m_zones->setCheckable(true);
    m_zones->setToolTip(
        tr("Light, half-tone, core shadow, reflected light, cast shadow and occlusion as a map of greys"));
    m_arcs->setObjectName("skyArcs");
    m_arcs->setCheckable(true);
    m_arcs->setToolTip(
        tr("Where this sun can put a rainbow or a halo, and where shafts and shadows meet; or why it cannot"));
    m_zoneSteps->setValue(6);
    m_zoneSteps->setFixedWidth(50);
    m_stops->setFixedWidth(86);
    m_cardL->setFixedWidth(66);
    m_audit->setObjectName("lookClosely");
    m_audit->setToolTip(
        tr("Measures the element in hand: light as photographed, as planned, as now in the picture, and how much it "
           "looks pasted in; its lights and shades as strips for mixing"));
    m_families->setObjectName("families");
    m_log->setObjectName("lightLog");
    m_log->setWordWrap(true);
    m_log->setProperty("role", "hint");
    auto* add = new QPushButton(tr("Hang a lantern"));
    add->setObjectName("addLantern");
    add->setToolTip(tr("Hangs another lantern in the middle of the scene (L)"));
    m_douse->setToolTip(tr("Takes the lantern in hand away"));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(3);
    grid->addWidget(m_sunOn, 0, 0, Qt::AlignBottom);
    grid->addWidget(labelled(tr("colour"), m_sunWarmth), 0, 1);
    grid->addWidget(labelled(tr("strength"), m_sunStrength), 0, 2);
    grid->addWidget(labelled(tr("width"), m_sunSize), 0, 3);
    grid->addWidget(m_time, 0, 4, 1, 2, Qt::AlignBottom);
    grid->addWidget(labelled(tr("in stops"), m_stops), 1, 3);
    grid->addWidget(labelled(tr("card there"), m_cardL), 1, 4);
    grid->addWidget(labelled(tr("Lantern"), m_which), 1, 0);
    grid->addWidget(labelled(tr("colour"), m_warmth), 1, 1);
    grid->addWidget(labelled(tr("strength"), m_strength), 1, 2);
    grid->addWidget(m_lanternOn, 1, 5, Qt::AlignBottom);
    grid->addWidget(labelled(tr("Air halves at"), m_haze), 2, 0);
    grid->addWidget(labelled(tr("Sky fill"), m_sky), 2, 1);
    grid->addWidget(labelled(tr("Wet ground"), m_wet), 2, 2);
    grid->addWidget(labelled(tr("Exposure"), m_exposure), 2, 3);
    auto* elements = new QHBoxLayout;
    elements->addWidget(add);
    elements->addWidget(m_douse);
    elements->addWidget(m_rename);
    elements->addWidget(m_alone);
    elements->addWidget(m_arcs);
    elements->addStretch();
    grid->addLayout(elements, 3, 0, 1, 6);
    auto* zones = new QHBoxLayout;
    zones->addWidget(m_zones, 0, Qt::AlignBottom);
    zones->addWidget(m_zoneSteps, 0, Qt::AlignBottom);
    grid->addLayout(zones, 2, 4, 1, 2, Qt::AlignBottom);
    auto* element = new QGridLayout;
    auto* head = new QLabel(tr("Light log"));
    head->setProperty("role", "head");
    element->addWidget(head, 0, 0, 1, 2);
    element->addWidget(m_audit, 0, 2);
    element->addWidget(m_log, 1, 0, 1, 3, Qt::AlignTop);
    element->addWidget(m_families, 2, 0, 1, 3);
    element->addWidget(labelled(tr("Form"), m_form), 3, 0);
    element->addWidget(labelled(tr("Surface"), m_material), 3, 1);
    element->addWidget(labelled(tr("Own light off"), m_delight), 3, 2);
    element->setRowStretch(1, 1);
    auto* layout = new QHBoxLayout(m_bench);
    layout->setContentsMargins(14, 6, 12, 8);
    layout->addLayout(grid, 0);
    layout->addWidget(m_above, 3);
    layout->addWidget(m_side, 3);
    layout->addLayout(element, 2);

    connect(m_sunOn, &QCheckBox::clicked, this,
        [this](bool on) { editSun(on ? tr("Light the sun") : tr("Put the sun out"), [&](Sun& s) { s.on = on; }); });
    connect(m_sunWarmth, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editSun(tr("Colour the sun"), [&](Sun& s) { s.kelvin = v; }); });
    connect(m_sunStrength, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editSun(tr("Set the sun's strength"), [&](Sun& s) { s.strength = v; }); });
    connect(m_sunSize, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editSun(tr("Set the sun's width"), [&](Sun& s) { s.diameter = v; }); });
    connect(m_which, &QComboBox::activated, &work, [this] { work.holdLantern(m_which->currentData().toInt()); });
    connect(m_warmth, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editLantern(tr("Colour the lantern"), [&](Lantern& l) { l.kelvin = v; }); });
    connect(m_strength, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editLantern(tr("Set the lantern's strength"), [&](Lantern& l) { l.strength = v; }); });
    connect(m_lanternOn, &QCheckBox::clicked, this, [this](bool on) {
        editLantern(on ? tr("Light the lantern") : tr("Put the lantern out"), [&](Lantern& l) { l.on = on; });
    });
    connect(m_haze, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editAir(tr("Set the haze"), [&](Air& a) { a.halfContrastM = v; }); });
    connect(m_sky, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editAir(tr("Set the sky's fill"), [&](Air& a) { a.skyStrength = v; }); });
    connect(m_wet, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editAir(tr("Wet the ground"), [&](Air& a) { a.wetness = v / 100; }); });
    connect(m_exposure, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editAir(tr("Set the exposure"), [&](Air& a) { a.exposureStops = v; }); });
    const auto editElement = [this](const QString& what, auto change) {
        const Element* held = work.heldElement();
        if (!held)
            return;
        Element e = *held;
        change(e);
        work.document.edit(what, edits::withElement(project(), e));
    };
    connect(m_form, &QComboBox::activated, this,
        [=, this](int i) { editElement(tr("Choose its form"), [&](Element& e) { e.form = Form(i); }); });
    connect(m_material, &QComboBox::activated, this,
        [=, this](int i) { editElement(tr("Choose its surface"), [&](Element& e) { e.material = Material(i); }); });
    connect(m_delight, &QDoubleSpinBox::valueChanged, this,
        [=, this](double v) { editElement(tr("Take its own light off"), [&](Element& e) { e.delight = v / 100; }); });
    connectStudy();
    connect(add, &QPushButton::clicked, this, &LightStation::addLantern);
    connect(m_douse, &QPushButton::clicked, this,
        [this] { work.document.edit(tr("Douse a lantern"), edits::withoutLantern(project(), work.lantern())); });
    for (GroundPlan* plan : {m_above, m_side}) {
        connect(plan, &GroundPlan::lanternHeld, &work, [this](int id) { work.holdLantern(id); });
        connect(plan, &GroundPlan::elementHeld, &work, [this](int id) { work.holdElement(id); });
        connect(plan, &GroundPlan::lanternMoved, this, [this](int id, Vec3 to, int gesture) {
            work.holdLantern(id);
            editLantern(
                tr("Carry the lantern"), [&](Lantern& l) { l.position = to; }, gesture);
        });
        connect(plan, &GroundPlan::sunMoved, this, [this](double az, double el, int gesture) {
            editSun(
                tr("Carry the sun"), [&](Sun& s) { s.azimuth = az, s.elevation = el; }, gesture);
        });
        connect(plan, &GroundPlan::released, this, [this] { work.document.finishGesture(); });
    }
}

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
            const double level
                = l->strength * light::lanternIrradiance(*l, middle, to * (1 / std::max(1e-6, to.length())));
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
    if (!m_auditWords.isEmpty() && m_auditOf == work.element())
        words = m_auditWords;
    if (m_arcs->isChecked())
        words = skyWords();
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
    setQuietly(m_sunStrength, s.strength);
    setQuietly(m_sunSize, s.diameter);
    const QSignalBlocker quiet(m_which);
    m_which->clear();
    for (const Lantern& l : p.lights.lanterns)
        m_which->addItem(QString::fromStdString(l.name), l.id);
    m_which->setCurrentIndex(m_which->findData(work.lantern()));
    const Lantern* l = p.lantern(work.lantern());
    for (QWidget* w : std::initializer_list<QWidget*>{m_which, m_warmth, m_strength, m_lanternOn, m_douse})
        w->setEnabled(l != nullptr);
    if (l) {
        setQuietly(m_warmth, l->kelvin);
        setQuietly(m_strength, l->strength);
        m_lanternOn->setChecked(l->on);
    }
    setQuietly(m_haze, p.lights.air.halfContrastM);
    setQuietly(m_sky, p.lights.air.skyStrength);
    setQuietly(m_wet, 100 * p.lights.air.wetness);
    setQuietly(m_exposure, p.lights.air.exposureStops);
    const Element* e = work.heldElement();
    for (QWidget* w : std::initializer_list<QWidget*>{m_form, m_material, m_delight})
        w->setEnabled(e != nullptr);
    if (e) {
        m_form->setCurrentIndex(int(e->form));
        m_material->setCurrentIndex(int(e->material));
        setQuietly(m_delight, 100 * e->delight);
    }
    auto scene = planOf(p, work.light.surfaces());
    scene.heldElement = work.element();
    scene.heldLantern = work.lantern();
    m_above->show(scene);
    m_side->show(std::move(scene));
    fillStudy();
    say();
}

void LightStation::paintOver(QPainter& p, const Board& board)
{
    const stage::Eye eye = stage::eyeOf(project());
    p.setFont(theme::text(12));
    if (m_arcs->isChecked())
        paintArcs(p, board);
    for (const Lantern& l : project().lights.lanterns) {
        if (!l.on)
            continue;
        const QPointF c = board.toScreen(stage::projected(eye, l.position)),
                      foot = board.toScreen(stage::projected(eye, {l.position.x, 0, l.position.z}));
        const bool held = l.id == work.lantern();
        p.setPen(QPen(QColor(255, 244, 220, held ? 220 : 130), 1.2, Qt::DashLine));
        p.drawLine(c, foot);
        p.drawLine(foot - QPointF(6, 0), foot + QPointF(6, 0));
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(theme::kInk, 3.5));
        p.drawEllipse(c, 10, 10);
        p.setPen(QPen(held ? theme::kGlow : theme::kPaper, 2));
        p.drawEllipse(c, 10, 10);
    }
}

bool LightStation::press(Vec2 at, Qt::KeyboardModifiers, const Board& board)
{
    const stage::Eye eye = stage::eyeOf(project());
    for (const Lantern& l : project().lights.lanterns) {
        const Vec2 c = stage::projected(eye, l.position);
        if ((c - at).length() * board.pixelsPerCm() < 14) {
            work.holdLantern(l.id);
            m_grip = c - at;
            m_carrying = true;
            m_gesture = work.document.freshGesture();
            return true;
        }
    }
    if (const int id = work.lit ? elementAt(*work.lit, at) : 0) {
        work.holdElement(id);
        return true;
    }
    return false;
}

void LightStation::move(Vec2 at, Qt::KeyboardModifiers keys, const Board&)
{
    if (!m_carrying)
        return;
    const stage::Eye eye = stage::eyeOf(project());
    const Vec2 to = at + m_grip;
    editLantern(
        tr("Carry the lantern"),
        [&](Lantern& l) {
            if (keys & Qt::ShiftModifier) { // towards and away, keeping its height
                const double drop = to.y - eye.horizon;
                if (std::abs(drop) > 0.05 && (eye.heightM - l.position.y) / drop > 0)
                    l.position.z = std::clamp(eye.focalCm * (eye.heightM - l.position.y) / drop, 0.5, 400.0);
            } else
                l.position = stage::atDistance(eye, to, l.position.z);
            l.position.y = std::max(l.position.y, 0.05);
        },
        m_gesture);
}

void LightStation::release(Vec2, const Board&)
{
    if (m_carrying)
        work.document.finishGesture();
    m_carrying = false;
}

bool LightStation::key(QKeyEvent* e)
{
    const double step = e->modifiers() & Qt::ShiftModifier ? 1.0 : 0.1; // m
    const auto carry
        = [&](Vec3 by) { editLantern(tr("Carry the lantern"), [&](Lantern& l) { l.position = l.position + by; }); };
    switch (e->key()) {
    case Qt::Key_Left:
        carry({-step, 0, 0});
        return true;
    case Qt::Key_Right:
        carry({step, 0, 0});
        return true;
    case Qt::Key_Up:
        carry({0, step, 0});
        return true;
    case Qt::Key_Down:
        carry({0, -step, 0});
        return true;
    case Qt::Key_PageUp:
        carry({0, 0, step});
        return true;
    case Qt::Key_PageDown:
        carry({0, 0, -step});
        return true;
    case Qt::Key_Z:
        m_zones->toggle();
        return true;
    case Qt::Key_L:
        addLantern();
        return true;
    default:
        return false;
    }
}

} // namespace rl::app
