#include "app/stations/light/lantern_page.h"
#include "core/light/light_log.h"
#include "core/light/presets.h"
#include "core/project/edits.h"
#include <QInputDialog>

namespace rl::app {

namespace {
const When<Lantern> kSized = [](const Lantern& l) { return l.kind != LampKind::Flame; };
const When<Lantern> kPanel = [](const Lantern& l) { return l.kind == LampKind::Panel; };
const When<Lantern> kSwarm = [](const Lantern& l) { return l.kind == LampKind::Swarm; };
} // namespace

LanternPage::LanternPage(Desk& desk, StationView& view)
    : LightPage(desk, view, tr("Lanterns"), tr("Flames, panels and swarms: colour, strength, softness, groups"))
{
    const auto any = [this] { return m_desk.heldLantern() != nullptr; };
    m_form->pick(
        {"lanternWhich", tr("lantern"),
            tr("The selected lantern; you can also click it in the top view or in the picture"), {}},
        [this] {
            Choices all;
            for (const Lantern& l : project().lights.lanterns)
                all.emplace_back(QString::fromStdString(l.name), l.id);
            return all;
        },
        [this, any] { return any() ? std::optional(m_desk.lantern()) : std::nullopt; },
        [this](int id) { m_desk.holdLantern(id); });
    m_form->mainButton("addLantern", tr("Add lantern"), tr("Adds another lantern beside the selected element (L)"),
        [this] { hang(); });
    const auto lantern = lens::lantern();
    m_form->toggle(lantern, &Lantern::on,
        {"lanternOn", tr("on"), tr("Puts this lantern out or lights it again"), tr("Light the lantern")},
        tr("Put the lantern out"));
    m_form->toggle(lantern, &Lantern::hidden,
        {"lanternSeen", tr("seen"),
            tr("Shows its own brightness in the picture. Unseen it still lights, as from outside the frame."),
            tr("Show the lantern")},
        tr("Hide the lantern"), {}, true);
    m_alone = m_form->latch(
        "alone", tr("Only this one"),
        tr("Shows the picture with this lantern alone, to see what it does; nothing is changed"),
        [this](bool on) { m_desk.setAlone(on ? m_desk.lantern() : 0); }, any);
    m_form->button(
        "nameLantern", tr("Name…"), tr("Names the selected lantern"), [this] { rename(); }, any);
    m_form->button(
        "douse", tr("Remove"), tr("Removes the selected lantern"),
        [this] { m_desk.edit(tr("Remove a lantern"), edits::withoutLantern(project(), m_desk.lantern())); }, any);
    groupFields();
    m_form->line();
    strengthFields();
    shapeFields();
    placeFields();
}

void LanternPage::strengthFields()
{
    colourFields();
    stopFields();
    reachFields();
}

void LanternPage::colourFields()
{
    const auto lantern = lens::lantern();
    m_form->choice(lantern, &Lantern::kind, {tr("flame"), tr("panel"), tr("swarm")},
        {"lanternKind", tr("type"),
            tr("A flame is small and round; a panel is a window or a sign and shines to one side; a swarm is many "
               "small "
               "lights"),
            tr("Make it something else")});
    m_form->value(
        {"lanternWarmth", tr("colour"), tr("Colour temperature of the lantern. A flame is near 1900 K, a bulb 2700 K."),
            tr("Colour the lantern")},
        shownAs(Unit::Kelvin), numberAt(&Lantern::kelvin).low, numberAt(&Lantern::kelvin).high,
        [this]() -> std::optional<double> {
            const Lantern* l = m_desk.heldLantern();
            return l ? std::optional(l->kelvin) : std::nullopt;
        },
        [this, lantern](double v, int g) {
            m_form->change(lantern, tr("Colour the lantern"), g, [v](Lantern& l) { l.kelvin = v, l.hue = -1; });
        });
    m_form->number(lantern, &Lantern::hue,
        {"lanternHue", tr("hue"),
            tr("Hue of the light, for what no flame gives. 30 is orange, 150 green, 280 blue; the lowest value goes by "
               "temperature."),
            tr("Colour the lantern"), {}, tr("from temperature")});
}

void LanternPage::stopFields()
{
    const auto lantern = lens::lantern();
    m_form->number(lantern, &Lantern::strength,
        {"lanternStrength", tr("strength"),
            tr("Brightness of this light. 1 × is as bright as full key light at its reach."),
            tr("Set the lantern's strength")});
    m_form->value(
        {"lanternStops", tr("brightness in stops"),
            tr("The same strength in stops over full key light. Each stop doubles it."), {}},
        shownAs(Unit::Stops), -10, 6.6,
        [this]() -> std::optional<double> {
            const Lantern* l = m_desk.heldLantern();
            return l ? std::optional(std::log2(std::max(l->strength, 1e-3))) : std::nullopt;
        },
        [this, lantern](double v, int g) {
            m_form->change(
                lantern, tr("Set the lantern's strength"), g, [v](Lantern& l) { l.strength = std::exp2(v); });
        });
}

void LanternPage::reachFields()
{
    const auto lantern = lens::lantern();
    m_form->value(
        {"cardL", tr("white card shows"),
            tr("How light a white card looks, held up to this lantern where the selected element stands."), {}},
        shownAs(Unit::Lightness), 0, 100,
        [this]() -> std::optional<double> {
            const Lantern* l = m_desk.heldLantern();
            return l ? std::optional(std::min(100.0,
                       light::cardLightness(
                           l->strength * light::levelAt(project(), *l, m_desk.heldElement(), m_desk.surfaces()))))
                     : std::nullopt;
        },
        [this, lantern](double v, int g) {
            const Lantern* held = m_desk.heldLantern();
            const double unit = held ? light::levelAt(project(), *held, m_desk.heldElement(), m_desk.surfaces()) : 0.0;
            if (unit > 0)
                m_form->change(lantern, tr("Set the lantern's strength"), g,
                    [&](Lantern& l) { l.strength = std::min(100.0, light::levelForCard(v) / unit); });
        });
    m_form->value(
        {"lanternReach", tr("reach"),
            tr("Distance at which it gives a white card L* 50. The ring on the plan is the same: drag it."), {}},
        shownAs(Unit::Metre), 0, 1000,
        [this]() -> std::optional<double> {
            const Lantern* l = m_desk.heldLantern();
            return l ? std::optional(light::reachOf(project().lights, *l)) : std::nullopt;
        },
        [this, lantern](double v, int g) {
            m_form->change(lantern, tr("Set the lantern's reach"), g,
                [&](Lantern& l) { l = light::withReach(project().lights, l, v); });
        });
    m_form->number(lantern, &Lantern::radius,
        {"lanternSoft", tr("softness"),
            tr("Radius of what shines. A small one throws hard shadows, a large one soft ones."),
            tr("Soften the lantern"), NumberFormat{100, " cm", 1, 1}},
        [](const Lantern& l) { return l.kind != LampKind::Panel; });
}

void LanternPage::shapeFields()
{
    const auto lantern = lens::lantern();
    m_form->number(lantern, &Lantern::wide,
        {"lanternWide", tr("wide"), tr("Width of the panel or of the swarm."), tr("Size the lantern")}, kSized);
    m_form->number(lantern, &Lantern::high,
        {"lanternHigh", tr("high"), tr("Height of the panel or of the swarm."), tr("Size the lantern")}, kSized);
    m_form->number(lantern, &Lantern::deep,
        {"lanternDeep", tr("deep"), tr("Depth of the swarm."), tr("Size the lantern")}, kSwarm);
    m_form->number(lantern, &Lantern::facing,
        {"lanternFacing", tr("faces"),
            tr("Where the panel shines to, seen from above. 180 to the viewer, 90 to the right, 0 away."),
            tr("Turn the panel")},
        kPanel);
    m_form->number(lantern, &Lantern::count,
        {"lanternCount", tr("lights"), tr("How many lights the swarm has."), tr("Count the swarm")}, kSwarm);
    thingPick({"lanternWithin", tr("inside"),
                  tr("Hangs inside this element: it shines out through it and is not shadowed by it"), {}},
        tr("the open"), &Lantern::within, [this, lantern](int id) {
            const Element* host = project().element(id);
            m_form->change(lantern, host ? tr("Hang it inside") : tr("Hang it free"), -1,
                [&](Lantern& l) { l = light::hungIn(project(), l, host, m_desk.surfaces()); });
        });
}

void LanternPage::hang()
{
    const Element* beside = m_desk.heldElement();
    Lantern l = light::freshLantern(project(), beside, m_desk.surfaces());
    l.name = tr("Lantern %1").arg(project().lights.lanterns.size() + 1).toStdString();
    Project after = edits::withLantern(project(), l);
    const int id = after.lights.lanterns.back().id;
    m_desk.edit(tr("Hang a lantern"), std::move(after));
    m_desk.holdLantern(id);
}

void LanternPage::refresh()
{
    LightPage::refresh();
    if (m_alone->isChecked() && m_desk.alone() != m_desk.lantern())
        m_desk.setAlone(m_desk.lantern());
    const QSignalBlocker quiet(m_alone);
    m_alone->setChecked(m_desk.alone() != 0 && m_desk.alone() == m_desk.lantern());
}

QString LanternPage::says() const
{
    const Lantern* l = m_desk.heldLantern();
    if (!l)
        return tr("No lantern hangs here yet: hang one, then carry it about on the plan, from the side or in the "
                  "picture.");
    const light::Reached r = light::firstReached(project(), *l, m_desk.surfaces());
    const Element* e = project().element(r.element);
    return tr("%1: %2 m %3, %4 m high, %5 m away; %6.")
        .arg(QString::fromStdString(l->name))
        .arg(std::abs(l->position.x), 0, 'f', 1)
        .arg(l->position.x < 0 ? tr("left") : tr("right"))
        .arg(l->position.y, 0, 'f', 1)
        .arg(l->position.z, 0, 'f', 1)
        .arg(e ? tr("reaches %1 first, %2 m off, at %3 × key")
                     .arg(QString::fromStdString(e->name))
                     .arg(r.metres, 0, 'f', 1)
                     .arg(r.level, 0, 'f', 2)
               : tr("reaches nothing"));
}

} // namespace rl::app
