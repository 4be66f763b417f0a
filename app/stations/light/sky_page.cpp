#include "app/stations/light/sky_page.h"
#include "core/light/presets.h"
#include "core/light/sky_optics.h"
#include "core/project/edits.h"
#include "core/review/first_steps.h"

namespace rl::app {

SkyPage::SkyPage(Desk& desk, StationView& view)
    : LightPage(desk, view, tr("Sun and sky"), tr("Sun or moon, sky light and reflected light"))
    , m_arcs(desk)
{
    sunFields();
    dayField();
    skyFields();
    backdropFields();
}

void SkyPage::sunFields()
{
    const auto sun = lens::sun();
    const auto air = lens::air();
    const When<Sun> burns = [](const Sun& s) { return s.on; };
    m_form->toggle(sun, &Sun::on,
        {"sunOn", tr("Sun"), tr("One far light: sun or moon. Carry it round the plan and up the side view."),
            tr("Light the sun")},
        tr("Put the sun out"));
    m_form->number(sun, &Sun::strength,
        {"sunStrength", tr("strength"), tr("Strength of the sun. 1 is full key light on a white card facing it."),
            tr("Set the sun's strength")},
        burns);
    m_form->value(
        {"sunWarmth", tr("colour"),
            tr("Colour temperature of the sun. 2000 K red at the horizon, 5500 K by day, 9000 K cold."),
            tr("Colour the sun")},
        shownAs(Unit::Kelvin), numberAt(&Sun::kelvin).low, numberAt(&Sun::kelvin).high,
        [this, sun]() -> std::optional<double> {
            const Sun* s = m_form->held(sun);
            return s->on ? std::optional(s->kelvin) : std::nullopt;
        },
        [this, sun](double v, int g) {
            m_form->change(sun, tr("Colour the sun"), g, [v](Sun& s) { s.kelvin = v, s.hue = -1; });
        });
    m_form->number(sun, &Sun::hue,
        {"sunHue", tr("hue"),
            tr("Hue of the light, for what no flame gives. 30 is orange, 150 green, 280 blue; the lowest value goes by "
               "temperature."),
            tr("Colour the sun"), {}, tr("from temperature")},
        burns);
    m_form->number(sun, &Sun::diameter,
        {"sunSize", tr("width"), tr("How wide the sun is. 0.5° in clear air; wider gives softer shadows."),
            tr("Set the sun's width"), NumberFormat{1, QChar(0xb0), 1, 0.5}},
        burns);
}

void SkyPage::dayField()
{
    m_form->pick(
        {"dayTime", tr("begin with"),
            tr("A height, colour and strength to begin with; the side the light comes from stays"), {}},
        [] {
            Choices all{{tr("time of day…"), 0}};
            for (int i = 0; i < light::kDayTimes; ++i)
                all.emplace_back(tr(light::dayTime(i).name), i + 1);
            return all;
        },
        [] { return std::optional(0); },
        [this](int i) {
            if (i < 1)
                return;
            Project after = project();
            after.lights = light::withDayTime(after.lights, i - 1);
            m_desk.edit(tr("Begin with %1").arg(tr(light::dayTime(i - 1).name)), std::move(after));
        });
}

void SkyPage::skyFields()
{
    const auto air = lens::air();
    m_form->number(air, &Air::skyStrength,
        {"sky", tr("sky fill"), tr("How much sky light fills the shade. 1 is as the backdrop has it."),
            tr("Set the sky's fill")});
    m_form->number(air, &Air::exposureStops,
        {"exposure", tr("exposure"), tr("Exposure of the whole picture. One stop doubles the light."),
            tr("Set the exposure"), NumberFormat{1, tr(" stops"), 2, 0.25}});
    m_form->number(air, &Air::darks,
        {"darks", tr("deeper darks"),
            tr("Brings darks back that the air has made pale, as deep as paint can go; middles and lights stay."),
            tr("Deepen the darks")});
    m_form->number(air, &Air::spill,
        {"spill", tr("backdrop light on edges"),
            tr("Backdrop light falling into edges. It binds a thing to its place; none makes it look stuck on."),
            tr("Set the spill")});
    m_form->number(air, &Air::bounce,
        {"bounce", tr("reflected light"), tr("Light reflected by the ground and by large neighbours, in their colour."),
            tr("Set reflected light")});
}

void SkyPage::backdropFields()
{
    const auto backdrop = lens::backdrop();
    const When<Backdrop> pictured = [](const Backdrop& b) { return b.reference != 0; };
    m_form->number(backdrop, &Backdrop::ownSun,
        {"ownSun", tr("sun already in photo"),
            tr("Sunlight that the backdrop's ground already shows. It is taken off before yours is laid on, so that "
               "nothing is lit twice and a shadow cast there is as dark as its own."),
            tr("Set the backdrop's own sun"), NumberFormat{1, " ×", 2, 0.05}, tr("none")},
        pictured);
    m_form->button(
        "ownSunIsThis", tr("Same sun as mine"),
        tr("The backdrop was photographed in this sun: its ground comes as photographed, and stronger suns add to it"),
        [this] {
            m_desk.edit(tr("Count the sun as the backdrop's own"),
                edits::withBackdrop(project(), review::ownSunOf(project().backdrop, project().lights)));
        },
        [this] { return project().backdrop.reference != 0 && project().lights.sun.on; });
    m_form->latch("skyArcs", tr("Rainbow and halo…"),
        tr("Where this sun can put a rainbow, a halo or its path on water, and where shafts and shadows meet; or why "
           "it "
           "cannot"),
        [this](bool on) {
            m_arcs.setShown(on);
            emit saysChanged();
            emit m_desk.overlayChanged();
        });
}

std::vector<Overlay*> SkyPage::overlays()
{
    return {&m_arcs, &m_marks};
}

QString SkyPage::says() const
{
    if (!m_arcs.shown()) {
        const Sun& s = project().lights.sun;
        return s.on ? tr("The sun stands %1° round (0 ahead, 90 right, 180 behind you) and %2° high.")
                          .arg(s.azimuth, 0, 'f', 0)
                          .arg(s.elevation, 0, 'f', 0)
                    : tr("No sun: light the sun, or work with the sky and lanterns alone.");
    }
    const light::SkyOptics o = light::skyOptics(project());
    QString s = o.rainbow
        ? tr("A rainbow can stand here: red outside at 42°, its top %1° over the horizon; a fainter second one at 50° "
             "with its colours the other way round, and a darker sky between them. ")
              .arg(42.4 - project().lights.sun.elevation, 0, 'f', 0)
        : QString::fromStdString(o.why) + " ";
    if (o.halo)
        s += tr("A halo can stand 22° round the sun, if there is thin high cloud. ");
    return s
        + (o.sunAhead ? tr("Shafts and shadows meet at the sun; on water its path leads to you.")
                      : tr("Shafts and shadows run together towards the point opposite the sun."));
}

} // namespace rl::app
