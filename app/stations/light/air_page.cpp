#include "app/stations/light/air_page.h"
#include "core/light/light_log.h"
#include "core/project/edits.h"

namespace rl::app {

AirPage::AirPage(Desk& desk, StationView& view)
    : LightPage(desk, view, tr("Air"), tr("Haze, mist, beams, wet ground, darkening outwards, dust and rain"))
    , m_place(desk)
{
    const auto air = lens::air();
    m_form->number(air, &Air::halfContrastM,
        {"haze", tr("haze: half contrast at"),
            tr("Distance at which the air halves contrast. 0 is perfectly clear. The line on the plan is the same: "
               "drag "
               "it."),
            tr("Set the haze"), NumberFormat{1, " m", 0, 10}, tr("clear")});
    m_form->number(air, &Air::hazeTopM,
        {"hazeTop", tr("thins over"),
            tr("Height at which haze has thinned to a third. 0 leaves it alike at every height."),
            tr("Set the haze's height"), NumberFormat{1, " m", 1, 0.5}, tr("nowhere")},
        [](const Air& a) { return a.halfContrastM > 0; });
    m_form->number(air, &Air::glow, {"glow", tr("glow"), tr("Veil of light round lanterns."), tr("Set the glow")});
    m_form->number(air, &Air::shafts,
        {"shafts", tr("beams"),
            tr("Beams of light in the haze, cut out by what stands in their way. Slow; wants hazy air."),
            tr("Set the beams")});
    const When<Air> sunny = [this](const Air&) { return project().lights.sun.on; };
    m_form->number(air, &Air::rainbow,
        {"rainbow", tr("rainbow"),
            tr("Paints both bows into the rain, beyond 60 m, opposite the sun. Sky arcs, at Sun and sky, shows where "
               "it can "
               "stand and why not."),
            tr("Paint a rainbow")},
        sunny);
    m_form->number(air, &Air::halo,
        {"halo", tr("halo"), tr("Paints the ring of 22° that ice in thin cloud draws round the sun."),
            tr("Paint a halo")},
        sunny);
    m_form->number(air, &Air::wetness,
        {"wet", tr("wet ground"),
            tr("How wet the ground is. Wet ground mirrors what stands on it and draws lights towards you."),
            tr("Wet the ground")});
    m_form->choice(lens::drift(), &Drift::kind, {tr("nothing"), tr("dust"), tr("sparks"), tr("rain")},
        {"drift", tr("in the air"), tr("Small things in the air that take the light"), tr("Fill the air")});
    m_form->number(lens::drift(), &Drift::amount,
        {"driftAmount", tr("amount"), tr("How much of it there is."), tr("Set how much is in the air")},
        [](const Drift& d) { return d.kind != DriftKind::None; });
    m_form->number(air, &Air::vignette,
        {"vignette", tr("darken away from focus"),
            tr("How far the sky's light falls off away from the focal place. Lanterns out there still shine."),
            tr("Let the light fall off")});
    m_form->number(air, &Air::vignetteReach,
        {"vignetteReach", tr("beyond"),
            tr("Full light up to here. 100 % is from the middle of the canvas to its corner."),
            tr("Set how far full light reaches")},
        [](const Air& a) { return a.vignette > 0; });
    drawLatch("focalPlace", tr("Focal place…"),
        tr("Click where the light should stay full; it falls off away from there"), [this] { return focal(); });
    mistFields();
}

void AirPage::mistFields()
{
    const auto mist = lens::mist();
    m_form->mainButton(
        "addMist", tr("Add mist"), tr("Adds a sheet of mist behind the selected element"), [this] { layMist(); });
    m_form->pick(
        {"mist", tr("mist"), tr("The selected sheet of mist"), {}},
        [this] {
            Choices all;
            for (const Mist& m : project().lights.air.mists)
                all.emplace_back(QString::fromStdString(m.name), int(all.size()));
            return all;
        },
        [this] { return m_desk.selection().mist >= 0 ? std::optional(m_desk.selection().mist) : std::nullopt; },
        [this](int i) {
            Selection s = m_desk.selection();
            s.mist = i;
            m_desk.hold(s);
        });
    m_form->number(mist, &Mist::z,
        {"mistZ", tr("at"), tr("Distance at which this sheet of mist lies."), tr("Move the mist"),
            NumberFormat{1, " m", 1, 1}});
    m_form->number(mist, &Mist::density,
        {"mistDensity", tr("hides"), tr("What it hides where it lies thickest."), tr("Thicken the mist")});
    m_form->number(mist, &Mist::topM,
        {"mistTop", tr("thins over"), tr("Height at which it has thinned to a third."), tr("Raise the mist")});
    m_form->button(
        "mistAway", tr("Remove mist"), tr("Removes this sheet of mist"), [this] { liftMist(); },
        [this] { return m_desk.selection().mist >= 0; });
}

void AirPage::layMist()
{
    Air a = project().lights.air;
    Mist m = light::freshMist(project(), m_desk.heldElement(), m_desk.surfaces());
    m.name = tr("mist %1").arg(a.mists.size() + 1).toStdString();
    a.mists.push_back(std::move(m));
    m_desk.edit(tr("Lay a sheet of mist"), edits::withAir(project(), std::move(a)));
    Selection s = m_desk.selection();
    s.mist = int(project().lights.air.mists.size()) - 1;
    m_desk.hold(s);
}

void AirPage::liftMist()
{
    Air a = project().lights.air;
    const int at = m_desk.selection().mist;
    if (at < 0 || at >= int(a.mists.size()))
        return;
    a.mists.erase(a.mists.begin() + at);
    m_desk.edit(tr("Lift a sheet of mist"), edits::withAir(project(), std::move(a)));
}

PointsWanted AirPage::focal()
{
    PointsWanted wanted;
    wanted.hint = tr("Click where the light should stay full.");
    wanted.most = 1;
    wanted.done = [this](const std::vector<OutlinePoint>& at) {
        m_form->change(lens::air(), tr("Set the focal place"), -1, [&](Air& a) {
            a.vignetteAt = {std::max(0.0, at.front().at.x), at.front().at.y};
            if (a.vignette <= 0)
                a.vignette = 0.5;
        });
    };
    return wanted;
}

QString AirPage::says() const
{
    const Air& a = project().lights.air;
    return a.halfContrastM > 0 ? tr("Contrast is halved at %1 m and quartered at %2 m.")
                                     .arg(a.halfContrastM, 0, 'f', 0)
                                     .arg(2 * a.halfContrastM, 0, 'f', 0)
                               : tr("The air is clear: far things are as dark and as coloured as near ones.");
}

} // namespace rl::app
