// The light bench: pages of fields, the plan and the side view beside them.
#include "app/stations/bench_kit.h"
#include "app/stations/light_station.h"
#include "core/light/presets.h"
#include "core/project/edits.h"
#include <QCheckBox>
#include <QComboBox>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QToolButton>

namespace rl::app {

namespace {
const QString kDegree(QChar(0xb0)), kTimes(QChar(0xd7));
QDoubleSpinBox* hueField(const QString& name)
{
    QDoubleSpinBox* f = numberField(name, kDegree, -1, 360, 0, 5,
        LightStation::tr(
            "Hue of the light, for what no flame gives. 30 is orange, 150 green, 280 blue; the lowest value "
            "goes by temperature."));
    f->setSpecialValueText(LightStation::tr("by K"));
    f->setValue(-1);
    return f;
}
} // namespace

LightStation::LightStation(Workbench& bench)
    : StationView(bench)
    , m_bench(new QWidget)
    , m_above(new GroundPlan(GroundPlan::View::Above))
    , m_side(new GroundPlan(GroundPlan::View::Side))
    , m_pages(new QStackedWidget)
    , m_log(named(new QLabel, "lightLog", tr("What the light in hand does, in figures")))
    , m_families(new QLabel)
    , m_colourSays(new QLabel)
    , m_sunOn(named(new QCheckBox(tr("Sun")), "sunOn",
          tr("One far light: sun or moon. Carry it round the plan and up the side view.")))
    , m_sunWarmth(numberField("sunWarmth", "K", 1000, 15000, 0, 100,
          tr("Colour temperature of the sun. 2000 K red at the horizon, 5500 K by day, 9000 K cold.")))
    , m_sunHue(hueField("sunHue"))
    , m_sunStrength(numberField("sunStrength", kTimes, 0, 20, 2, 0.05,
          tr("Strength of the sun. 1 is full key light on a white card facing it.")))
    , m_sunSize(numberField("sunSize", kDegree, 0.1, 60, 1, 0.5,
          tr("How wide the sun is. 0.5 degrees in clear air; wider gives softer shadows.")))
    , m_sky(numberField(
          "sky", kTimes, 0, 10, 2, 0.05, tr("How much sky light fills the shade. 1 is as the backdrop has it.")))
    , m_exposure(numberField(
          "exposure", "stops", -8, 8, 2, 0.25, tr("Exposure of the whole picture. One stop doubles the light.")))
    , m_spill(percentField("spill", 200, 100,
          tr("Backdrop light falling into edges. It binds a thing to its place; none makes it look stuck on.")))
    , m_bounce(percentField(
          "bounce", 200, 100, tr("Light thrown back by the ground and by large neighbours, in their colour.")))
    , m_time(named(new QComboBox, "dayTime",
          tr("A height, colour and strength to begin with; the side the light comes from stays")))
    , m_arcs(button("skyArcs", tr("Sky arcs"),
          tr("Where this sun can put a rainbow, a halo or its path on water, and where shafts and shadows meet; or why "
             "it cannot"),
          {}))
    , m_which(named(
          new QComboBox, "lanternWhich", tr("The lantern in hand; you can also take it on the plan or in the picture")))
    , m_kind(named(new QComboBox, "lanternKind",
          tr("A flame is small and round; a panel is a window or a sign and shines to one side; a swarm is many small "
             "lights")))
    , m_within(named(new QComboBox, "lanternWithin",
          tr("Hangs inside this element: it shines out through it and is not shadowed by it")))
    , m_group(named(new QComboBox, "lanternGroup", tr("Lanterns of one group are switched and dimmed together")))
    , m_lanternOn(named(new QCheckBox(tr("burns")), "lanternOn", tr("Puts this lantern out or lights it again")))
    , m_seen(named(new QCheckBox(tr("seen")), "lanternSeen",
          tr("Shows its own brightness in the picture. Unseen it still lights, as from outside the frame.")))
    , m_groupOn(named(new QCheckBox(tr("group burns")), "groupOn", tr("Puts the whole group out or lights it again")))
    , m_warmth(numberField("lanternWarmth", "K", 1000, 15000, 0, 100,
          tr("Colour temperature of the lantern. A flame is near 1900 K, a bulb 2700 K.")))
    , m_hue(hueField("lanternHue"))
    , m_strength(numberField("lanternStrength", kTimes, 0, 100, 2, 0.05,
          tr("Strength of the lantern at its own distance. 1 is full key light there.")))
    , m_stops(numberField("lanternStops", "stops", -10, 6.6, 1, 0.5,
          tr("The same strength in stops over full key light. Each stop doubles it.")))
    , m_cardL(numberField("cardL", "L*", 0, 100, 0, 2,
          tr("How light a white card shows, held up to this lantern where the element in hand stands.")))
    , m_soft(numberField("lanternSoft", "cm", 0.5, 2000, 1, 1,
          tr("Radius of what shines. A small one throws hard shadows, a large one soft ones.")))
    , m_wide(numberField("lanternWide", "m", 0.01, 500, 2, 0.1, tr("Width of the panel or of the swarm.")))
    , m_high(numberField("lanternHigh", "m", 0.01, 500, 2, 0.1, tr("Height of the panel or of the swarm.")))
    , m_deep(numberField("lanternDeep", "m", 0.01, 500, 2, 0.1, tr("Depth of the swarm.")))
    , m_facing(numberField("lanternFacing", kDegree, -360, 720, 0, 5,
          tr("Where the panel shines to, seen from above. 180 to the viewer, 90 to the right, 0 away.")))
    , m_count(countField("lanternCount", kTimes, 2, 200, 24, tr("How many lights the swarm has.")))
    , m_groupStops(numberField("groupStops", "stops", -10, 10, 1, 0.5,
          tr("Dims or raises the whole group on top of each lantern's own strength.")))
    , m_douse(button("douse", tr("Douse"), tr("Takes the lantern in hand away"),
          [this] { work.document.edit(tr("Douse a lantern"), edits::withoutLantern(project(), work.lantern())); }))
    , m_rename(button("nameLantern", tr("Name…"), tr("Gives the lantern in hand a name"), [this] { nameLantern(); }))
    , m_alone(button("alone", tr("Alone"),
          tr("Shows the picture with this lantern alone, to see what it does; nothing is changed"), {}))
    , m_haze(numberField(
          "haze", "m", 0, 100000, 0, 10, tr("Distance at which the air halves contrast. 0 is perfectly clear.")))
    , m_hazeTop(numberField("hazeTop", "m", 0, 10000, 1, 0.5,
          tr("Height at which haze has thinned to a third. 0 leaves it alike at every height.")))
    , m_glow(percentField("glow", 300, 100, tr("Veil of light round lanterns.")))
    , m_shafts(percentField("shafts", 100, 0,
          tr("Beams of light in the haze, cut out by what stands in their way. Slow; wants hazy air.")))
    , m_wet(numberField("wet", "%", 0, 100, 0, 5,
          tr("How wet the ground is. Wet ground mirrors what stands on it and draws lights towards you.")))
    , m_vignette(percentField("vignette", 100, 0,
          tr("How far the sky's light falls off away from the focal place. Lanterns out there still shine.")))
    , m_vignetteReach(percentField(
          "vignetteReach", 200, 60, tr("Full light up to here. 100 % is from the middle of the canvas to its corner.")))
    , m_driftAmount(percentField("driftAmount", 100, 40, tr("How much of it there is.")))
    , m_mistZ(numberField("mistZ", "m", 0.2, 5000, 1, 1, tr("Distance at which this sheet of mist lies.")))
    , m_mistDensity(percentField("mistDensity", 100, 50, tr("What it hides where it lies thickest.")))
    , m_mistTop(numberField("mistTop", "m", 0.01, 1000, 2, 0.2, tr("Height at which it has thinned to a third.")))
    , m_drift(named(new QComboBox, "drift", tr("Small things in the air that take the light")))
    , m_mist(named(new QComboBox, "mist", tr("The sheet of mist in hand")))
    , m_focal(button("focalPlace", tr("Focal place…"),
          tr("Click where the light should stay full; it falls off away from there"),
          [this] { startDrawing(m_drawing == Drawing::Focal ? Drawing::None : Drawing::Focal); }))
    , m_noMist(button("mistAway", tr("Lift it"), tr("Takes this sheet of mist away"),
          [this] {
              const auto at = std::size_t(std::max(0, m_mist->currentIndex()));
              editAir(tr("Lift a sheet of mist"), [=](Air& a) {
                  if (at < a.mists.size())
                      a.mists.erase(a.mists.begin() + std::ptrdiff_t(at));
              });
          }))
    , m_form(named(new QComboBox, "form", tr("What form its relief takes: it decides how light turns across it")))
    , m_material(named(new QComboBox, "material",
          tr("How its surface takes light. A glowing one lights what is around it; light comes through a thin one")))
    , m_part(named(new QComboBox, "reliefPart", tr("The whole relief, or the part of it in hand")))
    , m_partForm(named(new QComboBox, "partForm", tr("A form of this part's own, or the form that is there")))
    , m_delight(numberField("delight", "%", 0, 100, 0, 5,
          tr("How much of the photograph's own light is taken off this element. 0 is as photographed.")))
    , m_through(percentField("through", 100, 50, tr("Share of the light that comes through a thin thing.")))
    , m_rim(percentField("rim", 100, 0,
          tr("Hair, fur or cloth fuzz at its edge that catches light from behind, on the side it comes from.")))
    , m_elementGlow(numberField("elementGlow", kTimes, 0, 20, 2, 0.1, tr("How strongly a glowing thing shines.")))
    , m_tiltX(numberField("tiltX", kDegree, -80, 80, 0, 5, tr("Turns the face of this part to the right.")))
    , m_tiltY(numberField("tiltY", kDegree, -80, 80, 0, 5, tr("Turns the face of this part upwards.")))
    , m_puff(numberField("puff", kTimes, 0, 3, 2, 0.1, tr("Rounder or flatter than it is. 1 leaves it.")))
    , m_ridgeHeight(numberField("ridgeHeight", kTimes, -3, 3, 1, 0.2,
          tr("How steeply the surface stands up along the next ridge. Less than nothing sinks it in.")))
    , m_ridgeWidth(percentField("ridgeWidth", 50, 8, tr("How far the flanks of the next ridge reach.")))
    , m_asPhotographed(button("asPhotographed", tr("As photographed (A)"),
          tr("Shows everything in the light it was photographed in, and back again"), {}))
    , m_drawPart(button("drawPart", tr("Outline a part…"),
          tr("Click round a part of the element in hand; Enter closes it. It then takes a form of its own"),
          [this] { startDrawing(m_drawing == Drawing::Part ? Drawing::None : Drawing::Part); }))
    , m_drawRidge(
          button("drawRidge", tr("Ridge line…"), tr("Click along an edge of the form, a nose or a fold; Enter ends it"),
              [this] { startDrawing(m_drawing == Drawing::Ridge ? Drawing::None : Drawing::Ridge); }))
    , m_drawEye(button("drawEye", tr("Eye…"),
          tr("Click the middle of an eye: lights show in it as catch-lights, where the ball faces them"),
          [this] { startDrawing(m_drawing == Drawing::Eye ? Drawing::None : Drawing::Eye); }))
    , m_partAway(button("partAway", tr("Undo part"), tr("Takes the part in hand, or the newest ridge or eye, away"),
          [this] {
              const int at = m_part->currentData().toInt();
              editElement(tr("Take a part of the relief away"), [=](Element& e) {
                  if (at >= 0 && at < int(e.parts.size()))
                      e.parts.erase(e.parts.begin() + at);
                  else if (!e.ridges.empty())
                      e.ridges.pop_back();
                  else if (!e.eyes.empty())
                      e.eyes.pop_back();
              });
          }))
    , m_zoneSteps(numberField("zoneSteps", kTimes, 2, 6, 0, 1,
          tr("Zones of form. 2: light and shade; 3: half-tone; 4: reflected light; 5: cast shadow; 6: occlusion.")))
    , m_zones(button("formZones", tr("Form zones (Z)"),
          tr("Light, half-tone, core shadow, reflected light, cast shadow and occlusion as a map of greys"), {}))
    , m_audit(button("lookClosely", tr("Look closely"),
          tr("Measures the element in hand: light as photographed, as planned, as now in the picture, and how much it "
             "looks pasted in; its lights and shades as strips for mixing"),
          [this] { lookClosely(); }))
    , m_strips(button("saveFamilies", tr("Colours to mix…"),
          tr("Writes the light and shade colours of every element as a table for mixing"), {}))
    , m_sheets(button("studySheets", tr("Study sheets…"),
          tr("Writes sheets to hang beside the easel: plan, values, form zones, and where each element's light is"),
          {}))
{
    build();
    connectSky();
    connectLantern();
    connectAir();
    connectForm();
    connectPlans();
    connectStudy();
    turnTo(Page::Lantern);
}

QPushButton* LightStation::button(
    const QString& name, const QString& text, const QString& tip, const std::function<void()>& act)
{
    return pressButton(this, name, text, tip, act);
}

void LightStation::build()
{
    for (QPushButton* b : {m_arcs, m_alone, m_zones, m_asPhotographed, m_drawPart, m_drawRidge, m_drawEye, m_focal})
        b->setCheckable(true);
    m_families->setObjectName("families");
    for (QLabel* label : {m_log, m_colourSays}) {
        label->setWordWrap(true);
        label->setProperty("role", "hint");
        label->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    }
    for (QWidget* page : {buildSky(), buildLantern(), buildAir(), buildForm(), buildStudy()})
        m_pages->addWidget(page);
    auto* first = new QHBoxLayout;
    first->setSpacing(8);
    first->addWidget(buildPages());
    first->addStretch(1);
    auto* left = new QVBoxLayout;
    left->setSpacing(6);
    left->addLayout(first);
    left->addWidget(m_pages);
    left->addWidget(m_log, 1);
    auto* views = new QWidget;
    auto* beside = new QHBoxLayout(views);
    beside->setContentsMargins(0, 0, 0, 0);
    beside->addWidget(m_above, 5);
    beside->addWidget(m_side, 4);
    views->setFixedWidth(500);
    auto* layout = new QHBoxLayout(m_bench);
    layout->setContentsMargins(14, 6, 12, 6);
    layout->addLayout(left, 1);
    layout->addWidget(views);
}

QWidget* LightStation::buildPages()
{
    const QString names[kPageCount] = {tr("Sun and sky"), tr("Lanterns"), tr("Air"), tr("Form"), tr("Study")};
    const QString tips[kPageCount] = {tr("Sun or moon, the sky's fill, and what throws light back"),
        tr("Flames, panels and swarms: colour, strength, softness, groups"),
        tr("Haze, mist, beams, wet ground, falling-off light, dust and rain"),
        tr("How the element in hand takes light: form, surface, parts, eyes"),
        tr("Form zones, a close look, colours to mix, sheets for the easel")};
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(1);
    for (int i = 0; i < kPageCount; ++i) {
        auto* b = new QToolButton;
        b->setObjectName(QString("lightPage%1").arg(i));
        b->setText(names[i]);
        b->setToolTip(tips[i]);
        b->setCheckable(true);
        b->setAutoExclusive(true);
        connect(b, &QToolButton::clicked, this, [this, i] { turnTo(Page(i)); });
        m_words[std::size_t(i)] = b;
        row->addWidget(b);
    }
    return box;
}

void LightStation::turnTo(Page page)
{
    m_page = page;
    m_words[std::size_t(page)]->setChecked(true);
    for (int i = 0; i < m_pages->count(); ++i) // pages out of sight ask for no room
        m_pages->widget(i)->setSizePolicy(
            QSizePolicy::Preferred, i == int(page) ? QSizePolicy::Maximum : QSizePolicy::Ignored);
    m_pages->setCurrentIndex(int(page));
    m_pages->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
    m_pages->setMaximumHeight(m_pages->widget(int(page))->sizeHint().height());
    startDrawing(Drawing::None);
    say();
    emit overlayChanged();
}

QWidget* LightStation::buildSky()
{
    m_time->addItem(tr("time of day…"));
    for (int i = 0; i < light::kDayTimes; ++i)
        m_time->addItem(tr(light::dayTime(i).name));
    for (QWidget* w : std::initializer_list<QWidget*>{
             m_sunWarmth, m_sunHue, m_sunStrength, m_sunSize, m_sky, m_exposure, m_spill, m_bounce})
        w->setFixedWidth(84);
    return rowsOf({rowOf({m_sunOn, labelled(tr("colour"), m_sunWarmth), labelled(tr("hue"), m_sunHue),
                       labelled(tr("strength"), m_sunStrength), labelled(tr("width"), m_sunSize), m_time}),
        rowOf({labelled(tr("Sky fill"), m_sky), labelled(tr("Exposure"), m_exposure),
            labelled(tr("Spill at edges"), m_spill), labelled(tr("Thrown back"), m_bounce), m_arcs})});
}

QWidget* LightStation::buildLantern()
{
    m_kind->addItems({tr("flame"), tr("panel"), tr("swarm")});
    m_which->setFixedWidth(128);
    m_within->setFixedWidth(120);
    m_group->setFixedWidth(120);
    for (QWidget* w : std::initializer_list<QWidget*>{
             m_warmth, m_hue, m_strength, m_cardL, m_soft, m_wide, m_high, m_deep, m_facing, m_count})
        w->setFixedWidth(70);
    m_stops->setFixedWidth(86);
    m_groupStops->setFixedWidth(86);
    auto* add = button("addLantern", tr("Hang one (L)"), tr("Hangs another lantern in the middle of the scene"),
        [this] { addLantern(); });
    return rowsOf({rowOf({m_which, m_kind, m_lanternOn, m_seen, add, m_douse, m_rename, m_alone}),
        rowOf({labelled(tr("colour"), m_warmth), labelled(tr("hue"), m_hue), labelled(tr("strength"), m_strength),
            labelled(tr("in stops"), m_stops), labelled(tr("card there"), m_cardL), labelled(tr("softness"), m_soft),
            labelled(tr("hangs in"), m_within)}),
        rowOf({labelled(tr("wide"), m_wide), labelled(tr("high"), m_high), labelled(tr("deep"), m_deep),
            labelled(tr("faces"), m_facing), labelled(tr("lights"), m_count), labelled(tr("group"), m_group), m_groupOn,
            m_groupStops})});
}

QWidget* LightStation::buildAir()
{
    m_drift->addItems({tr("clear of specks"), tr("dust"), tr("sparks"), tr("rain")});
    m_mist->setFixedWidth(120);
    for (QWidget* w : std::initializer_list<QWidget*>{m_haze, m_hazeTop, m_glow, m_shafts, m_wet, m_vignette,
             m_vignetteReach, m_driftAmount, m_mistZ, m_mistDensity, m_mistTop})
        w->setFixedWidth(78);
    auto* add = button("addMist", tr("Lay mist"), tr("Lays a sheet of mist behind the element in hand"), [this] {
        const Element* e = work.heldElement();
        const auto place = e ? stage::placed(project(), *e, work.light.surfaces()) : stage::Placement{};
        Mist mist;
        mist.z = place.visible ? place.distance * 1.15 : 20;
        mist.topM = std::max(0.3, 0.06 * mist.z);
        editAir(tr("Lay a sheet of mist"), [&](Air& a) {
            mist.name = tr("mist %1").arg(a.mists.size() + 1).toStdString();
            a.mists.push_back(mist);
        });
        m_mist->setCurrentIndex(m_mist->count() - 1);
        fillAir();
    });
    return rowsOf({rowOf({labelled(tr("Halves at"), m_haze), labelled(tr("thins over"), m_hazeTop),
                       labelled(tr("Glow"), m_glow), labelled(tr("Beams"), m_shafts), labelled(tr("Wet ground"), m_wet),
                       labelled(tr("In the air"), m_drift), labelled(tr("amount"), m_driftAmount)}),
        rowOf({labelled(tr("Light falls off by"), m_vignette), labelled(tr("beyond"), m_vignetteReach), m_focal}),
        rowOf({labelled(tr("Mist"), m_mist), labelled(tr("at"), m_mistZ), labelled(tr("hides"), m_mistDensity),
            labelled(tr("thins over"), m_mistTop), add, m_noMist})});
}

QWidget* LightStation::buildForm()
{
    for (const char* form : {"puffed", "ball", "column", "slab", "flat card", "corner", "ground"})
        m_form->addItem(tr(form));
    for (const char* material : {"matt", "satin", "wet", "glowing", "glass", "lacquer", "thin"})
        m_material->addItem(tr(material));
    m_partForm->addItem(tr("as it is"));
    for (int i = 0; i < m_form->count(); ++i)
        m_partForm->addItem(m_form->itemText(i));
    for (QWidget* w : std::initializer_list<QWidget*>{
             m_delight, m_through, m_rim, m_elementGlow, m_tiltX, m_tiltY, m_puff, m_ridgeHeight, m_ridgeWidth})
        w->setFixedWidth(74);
    m_part->setFixedWidth(96);
    m_ridgeHeight->setValue(1);
    return rowsOf({rowOf({labelled(tr("Form"), m_form), labelled(tr("Surface"), m_material),
                       labelled(tr("Own light off"), m_delight), labelled(tr("lets through"), m_through),
                       labelled(tr("glows"), m_elementGlow), labelled(tr("edge fuzz"), m_rim), m_asPhotographed}),
        rowOf({labelled(tr("Part"), m_part), labelled(tr("its form"), m_partForm), labelled(tr("faces right"), m_tiltX),
            labelled(tr("faces up"), m_tiltY), labelled(tr("puffed"), m_puff), m_drawPart, m_partAway}),
        rowOf({labelled(tr("ridge height"), m_ridgeHeight), labelled(tr("its width"), m_ridgeWidth), m_drawRidge,
            m_drawEye})});
}

QWidget* LightStation::buildStudy()
{
    m_zoneSteps->setValue(6);
    m_zoneSteps->setFixedWidth(54);
    m_families->setFixedSize(360, 54);
    m_colourSays->setFixedSize(330, 54);
    return rowsOf({rowOf({m_zones, m_zoneSteps, m_audit, m_strips, m_sheets}), rowOf({m_families, m_colourSays})});
}

void LightStation::connectSky()
{
    connect(m_sunOn, &QCheckBox::clicked, this,
        [this](bool on) { editSun(on ? tr("Light the sun") : tr("Put the sun out"), [&](Sun& s) { s.on = on; }); });
    connect(m_sunWarmth, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editSun(tr("Colour the sun"), [&](Sun& s) { s.kelvin = v, s.hue = -1; }); });
    connect(m_sunHue, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editSun(tr("Colour the sun"), [&](Sun& s) { s.hue = v; }); });
    connect(m_sunStrength, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editSun(tr("Set the sun's strength"), [&](Sun& s) { s.strength = v; }); });
    connect(m_sunSize, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editSun(tr("Set the sun's width"), [&](Sun& s) { s.diameter = v; }); });
    connect(m_sky, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editAir(tr("Set the sky's fill"), [&](Air& a) { a.skyStrength = v; }); });
    connect(m_exposure, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editAir(tr("Set the exposure"), [&](Air& a) { a.exposureStops = v; }); });
    connect(m_spill, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editAir(tr("Set the spill"), [&](Air& a) { a.spill = v / 100; }); });
    connect(m_bounce, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editAir(tr("Set what is thrown back"), [&](Air& a) { a.bounce = v / 100; }); });
}

void LightStation::connectLantern()
{
    const auto number = [this](QDoubleSpinBox* field, const QString& what, auto set) {
        connect(field, &QDoubleSpinBox::valueChanged, this,
            [=, this](double v) { editLantern(what, [&](Lantern& l) { set(l, v); }); });
    };
    connect(m_which, &QComboBox::activated, &work, [this] { work.holdLantern(m_which->currentData().toInt()); });
    number(m_warmth, tr("Colour the lantern"), [](Lantern& l, double v) { l.kelvin = v, l.hue = -1; });
    number(m_hue, tr("Colour the lantern"), [](Lantern& l, double v) { l.hue = v; });
    number(m_strength, tr("Set the lantern's strength"), [](Lantern& l, double v) { l.strength = v; });
    number(m_soft, tr("Soften the lantern"), [](Lantern& l, double v) { l.radius = v / 100; });
    number(m_wide, tr("Size the lantern"), [](Lantern& l, double v) { l.wide = v; });
    number(m_high, tr("Size the lantern"), [](Lantern& l, double v) { l.high = v; });
    number(m_deep, tr("Size the lantern"), [](Lantern& l, double v) { l.deep = v; });
    number(m_facing, tr("Turn the panel"), [](Lantern& l, double v) { l.facing = wrapped360(v); });
    number(m_count, tr("Count the swarm"), [](Lantern& l, double v) { l.count = int(v); });
    connect(m_lanternOn, &QCheckBox::clicked, this, [this](bool on) {
        editLantern(on ? tr("Light the lantern") : tr("Put the lantern out"), [&](Lantern& l) { l.on = on; });
    });
    connect(m_seen, &QCheckBox::clicked, this, [this](bool on) {
        editLantern(on ? tr("Show the lantern") : tr("Hide the lantern"), [&](Lantern& l) { l.hidden = !on; });
    });
    connect(m_kind, &QComboBox::activated, this, [this](int i) {
        editLantern(tr("Make it a %1").arg(m_kind->itemText(i)), [&](Lantern& l) {
            l.kind = LampKind(i);
            if (l.kind == LampKind::Swarm && l.radius > 0.06)
                l.radius = 0.02;
        });
    });
    connect(m_within, &QComboBox::activated, this, [this] {
        const Element* host = project().element(m_within->currentData().toInt());
        const auto place = host ? stage::placed(project(), *host, work.light.surfaces()) : stage::Placement{};
        editLantern(host ? tr("Hang it inside") : tr("Hang it free"), [&](Lantern& l) {
            l.within = host ? host->id : 0;
            if (place.visible)
                l.position = stage::atDistance(stage::eyeOf(project()), place.canvas.centre(), place.distance);
            l.position.y = std::max(l.position.y, 0.05);
        });
    });
    connect(m_group, &QComboBox::activated, this, &LightStation::chooseGroup);
    connect(m_groupOn, &QCheckBox::clicked, this, [this](bool on) {
        editGroup(on ? tr("Light the group") : tr("Put the group out"), [=](LightGroup& g) { g.on = on; });
    });
    connect(m_groupStops, &QDoubleSpinBox::valueChanged, this,
        [this](double v) { editGroup(tr("Dim the group"), [=](LightGroup& g) { g.stops = v; }); });
}

void LightStation::nameLantern()
{
    const Lantern* l = project().lantern(work.lantern());
    bool ok = false;
    const QString name = l ? QInputDialog::getText(m_bench, tr("Name the lantern"), tr("Its name:"), QLineEdit::Normal,
                             QString::fromStdString(l->name), &ok)
                                 .trimmed()
                           : QString();
    if (ok && !name.isEmpty())
        editLantern(tr("Name the lantern"), [&](Lantern& x) { x.name = name.toStdString(); });
}

void LightStation::chooseGroup()
{
    int id = m_group->currentData().toInt();
    if (!project().lantern(work.lantern()))
        return;
    Project after = project();
    if (id < 0) { // a new one
        bool ok = false;
        const QString name = QInputDialog::getText(
            m_bench, tr("A new light group"), tr("Its name:"), QLineEdit::Normal, tr("harbour lights"), &ok)
                                 .trimmed();
        if (!ok || name.isEmpty())
            return fillLantern();
        id = after.freshId();
        after.lights.groups.push_back({id, name.toStdString(), true, 0});
    }
    after.lantern(work.lantern())->group = id;
    work.document.edit(tr("Put it in a light group"), std::move(after));
}

void LightStation::connectAir()
{
    const auto number = [this](QDoubleSpinBox* field, const QString& what, auto set) {
        connect(field, &QDoubleSpinBox::valueChanged, this,
            [=, this](double v) { editAir(what, [&](Air& a) { set(a, v); }); });
    };
    number(m_haze, tr("Set the haze"), [](Air& a, double v) { a.halfContrastM = v; });
    number(m_hazeTop, tr("Set the haze's height"), [](Air& a, double v) { a.hazeTopM = v; });
    number(m_glow, tr("Set the glow"), [](Air& a, double v) { a.glow = v / 100; });
    number(m_shafts, tr("Set the beams"), [](Air& a, double v) { a.shafts = v / 100; });
    number(m_wet, tr("Wet the ground"), [](Air& a, double v) { a.wetness = v / 100; });
    number(m_vignette, tr("Let the light fall off"), [](Air& a, double v) { a.vignette = v / 100; });
    number(m_vignetteReach, tr("Set how far full light reaches"), [](Air& a, double v) { a.vignetteReach = v / 100; });
    number(m_driftAmount, tr("Set how much is in the air"), [](Air& a, double v) { a.drift.amount = v / 100; });
    connect(m_drift, &QComboBox::activated, this,
        [this](int i) { editAir(tr("Fill the air"), [=](Air& a) { a.drift.kind = DriftKind(i); }); });
    connect(m_mist, &QComboBox::activated, this, [this] { fillAir(); });
    const auto mist = [this](QDoubleSpinBox* field, const QString& what, auto set) {
        connect(field, &QDoubleSpinBox::valueChanged, this, [=, this](double v) {
            const int at = m_mist->currentIndex();
            editAir(what, [&](Air& a) {
                if (at >= 0 && at < int(a.mists.size()))
                    set(a.mists[std::size_t(at)], v);
            });
        });
    };
    mist(m_mistZ, tr("Move the mist"), [](Mist& m, double v) { m.z = v; });
    mist(m_mistDensity, tr("Thicken the mist"), [](Mist& m, double v) { m.density = v / 100; });
    mist(m_mistTop, tr("Raise the mist"), [](Mist& m, double v) { m.topM = v; });
}

void LightStation::connectForm()
{
    const auto number = [this](QDoubleSpinBox* field, const QString& what, auto set) {
        connect(field, &QDoubleSpinBox::valueChanged, this,
            [=, this](double v) { editElement(what, [&](Element& e) { set(e, v); }); });
    };
    connect(m_form, &QComboBox::activated, this,
        [this](int i) { editElement(tr("Choose its form"), [&](Element& e) { e.form = Form(i); }); });
    connect(m_material, &QComboBox::activated, this,
        [this](int i) { editElement(tr("Choose its surface"), [&](Element& e) { e.material = Material(i); }); });
    number(m_delight, tr("Take its own light off"), [](Element& e, double v) { e.delight = v / 100; });
    number(m_through, tr("Let light through"), [](Element& e, double v) { e.through = v / 100; });
    number(m_rim, tr("Give its edge fuzz"), [](Element& e, double v) { e.rim = v / 100; });
    number(m_elementGlow, tr("Set its glow"), [](Element& e, double v) { e.glow = v; });
    connect(m_part, &QComboBox::activated, this, [this] {
        fillForm();
        emit overlayChanged();
    });
    connect(m_partForm, &QComboBox::activated, this, [this](int i) {
        editPart(tr("Give the part a form"), [=](ReliefPart& p) {
            p.own = i > 0;
            if (i > 0)
                p.form = Form(i - 1);
        });
    });
    const auto part = [this](QDoubleSpinBox* field, const QString& what, auto set) {
        connect(field, &QDoubleSpinBox::valueChanged, this,
            [=, this](double v) { editPart(what, [&](ReliefPart& p) { set(p, v); }); });
    };
    part(m_tiltX, tr("Tilt the part"), [](ReliefPart& p, double v) { p.tiltX = v; });
    part(m_tiltY, tr("Tilt the part"), [](ReliefPart& p, double v) { p.tiltY = v; });
    part(m_puff, tr("Puff the part"), [](ReliefPart& p, double v) { p.puff = v; });
}

void LightStation::connectPlans()
{
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

void LightStation::fillLantern()
{
    const Project& p = project();
    const QSignalBlocker quiet(m_which), quietWithin(m_within), quietGroup(m_group);
    m_which->clear();
    for (const Lantern& l : p.lights.lanterns)
        m_which->addItem(QString::fromStdString(l.name), l.id);
    m_which->setCurrentIndex(m_which->findData(work.lantern()));
    m_within->clear();
    m_within->addItem(tr("the open"), 0);
    for (const Element& e : p.elements)
        m_within->addItem(QString::fromStdString(e.name), e.id);
    m_group->clear();
    m_group->addItem(tr("none"), 0);
    for (const LightGroup& g : p.lights.groups)
        m_group->addItem(QString::fromStdString(g.name), g.id);
    m_group->addItem(tr("new…"), -1);
    const Lantern* l = p.lantern(work.lantern());
    for (QWidget* w : std::initializer_list<QWidget*>{m_which, m_kind, m_lanternOn, m_seen, m_douse, m_rename, m_alone,
             m_warmth, m_hue, m_strength, m_stops, m_cardL, m_soft, m_within, m_group})
        w->setEnabled(l != nullptr);
    const bool panel = l && l->kind == LampKind::Panel, swarm = l && l->kind == LampKind::Swarm;
    for (QWidget* w : {m_wide, m_high})
        w->setEnabled(panel || swarm);
    m_deep->setEnabled(swarm);
    m_count->setEnabled(swarm);
    m_facing->setEnabled(panel);
    m_soft->setEnabled(l && !panel);
    const LightGroup* g = l ? p.lights.group(l->group) : nullptr;
    m_groupOn->setEnabled(g);
    m_groupStops->setEnabled(g);
    m_groupOn->setChecked(g && g->on);
    setQuietly(m_groupStops, g ? g->stops : 0);
    if (!l)
        return;
    m_kind->setCurrentIndex(int(l->kind));
    m_lanternOn->setChecked(l->on);
    m_seen->setChecked(!l->hidden);
    m_within->setCurrentIndex(std::max(0, m_within->findData(l->within)));
    m_group->setCurrentIndex(std::max(0, m_group->findData(l->group)));
    setQuietly(m_warmth, l->kelvin);
    setQuietly(m_hue, l->hue < 0 ? -1 : l->hue);
    setQuietly(m_strength, l->strength);
    setQuietly(m_soft, 100 * l->radius);
    setQuietly(m_wide, l->wide);
    setQuietly(m_high, l->high);
    setQuietly(m_deep, l->deep);
    setQuietly(m_facing, l->facing);
    setQuietly(m_count, l->count);
}

void LightStation::fillAir()
{
    const Air& a = project().lights.air;
    setQuietly(m_haze, a.halfContrastM);
    setQuietly(m_hazeTop, a.hazeTopM);
    setQuietly(m_glow, 100 * a.glow);
    setQuietly(m_shafts, 100 * a.shafts);
    setQuietly(m_wet, 100 * a.wetness);
    setQuietly(m_vignette, 100 * a.vignette);
    setQuietly(m_vignetteReach, 100 * a.vignetteReach);
    m_drift->setCurrentIndex(int(a.drift.kind));
    setQuietly(m_driftAmount, 100 * a.drift.amount);
    m_driftAmount->setEnabled(a.drift.kind != DriftKind::None);
    const QSignalBlocker quiet(m_mist);
    const int held = m_mist->currentIndex();
    m_mist->clear();
    for (const Mist& m : a.mists)
        m_mist->addItem(QString::fromStdString(m.name));
    m_mist->setCurrentIndex(std::clamp(held, a.mists.empty() ? -1 : 0, int(a.mists.size()) - 1));
    const bool any = m_mist->currentIndex() >= 0;
    for (QWidget* w : std::initializer_list<QWidget*>{m_mist, m_mistZ, m_mistDensity, m_mistTop, m_noMist})
        w->setEnabled(any);
    if (!any)
        return;
    const Mist& m = a.mists[std::size_t(m_mist->currentIndex())];
    setQuietly(m_mistZ, m.z);
    setQuietly(m_mistDensity, 100 * m.density);
    setQuietly(m_mistTop, m.topM);
}

void LightStation::fillForm()
{
    const Element* e = work.heldElement();
    for (QWidget* w : std::initializer_list<QWidget*>{m_form, m_material, m_delight, m_through, m_rim, m_elementGlow,
             m_part, m_partForm, m_tiltX, m_tiltY, m_puff, m_drawPart, m_drawRidge, m_drawEye, m_partAway})
        w->setEnabled(e != nullptr);
    if (!e)
        return;
    m_form->setCurrentIndex(int(e->form));
    m_material->setCurrentIndex(int(e->material));
    setQuietly(m_delight, 100 * e->delight);
    setQuietly(m_through, 100 * e->through);
    setQuietly(m_rim, 100 * e->rim);
    setQuietly(m_elementGlow, e->glow);
    m_through->setEnabled(e->material == Material::Thin);
    m_elementGlow->setEnabled(e->material == Material::Glowing);
    const bool relief = stage::isCard(project(), *e); // solids have a form of their own already
    for (QWidget* w :
        std::initializer_list<QWidget*>{m_form, m_part, m_partForm, m_tiltX, m_tiltY, m_puff, m_drawPart, m_drawRidge})
        w->setEnabled(relief);
    m_delight->setEnabled(e->cutout != 0);
    const QSignalBlocker quiet(m_part);
    const int held = m_part->currentData().isValid() ? m_part->currentData().toInt() : -1;
    m_part->clear();
    m_part->addItem(tr("the whole"), -1);
    int whole = -1;
    for (int i = 0; i < int(e->parts.size()); ++i) {
        if (e->parts[std::size_t(i)].outline.empty())
            whole = i;
        else
            m_part->addItem(tr("part %1").arg(m_part->count()), i);
    }
    m_part->setItemData(0, whole);
    m_part->setCurrentIndex(std::max(0, m_part->findData(held)));
    const int at = m_part->currentData().toInt();
    const ReliefPart part = at >= 0 && at < int(e->parts.size()) ? e->parts[std::size_t(at)]
                                                                 : ReliefPart{{}, Form::Puffed, false, 0, 0, 1};
    m_partForm->setCurrentIndex(part.own ? 1 + int(part.form) : 0);
    setQuietly(m_tiltX, part.tiltX);
    setQuietly(m_tiltY, part.tiltY);
    setQuietly(m_puff, part.puff);
    m_partAway->setEnabled(at >= 0 || !e->ridges.empty() || !e->eyes.empty());
}

} // namespace rl::app
