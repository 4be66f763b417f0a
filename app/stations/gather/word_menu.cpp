#include "app/stations/gather/word_menu.h"
#include <QMenu>
#include <QWidgetAction>

namespace rl::app {

namespace {
Lens<Overrule> overrule()
{
    return inside(lens::reference(), &Reference::overrule);
}
} // namespace

WordMenu::WordMenu(Desk& desk)
    : QPushButton(tr("Correct these readings…"))
    , m_desk(desk)
    , m_form(new Form(desk))
{
    setObjectName("overrule");
    setToolTip(tr("Where you know better than the measurement"));
    setFocusPolicy(Qt::TabFocus);
    m_form->setContentsMargins(10, 8, 10, 8);
    m_form->setFixedWidth(460);
    word(
        "wordLight", tr("the light comes from"), &Overrule::lightSet, [](Overrule& o, const gather::PictureMeasure& m) {
            o.light = {m.light.azimuth, m.light.elevation, 1};
        });
    const auto& azimuth = numberAt(&PictureLight::azimuth);
    figure({"wordAzimuth", {}, tr("In the picture, counter-clockwise from the right: 90 = from above."), {}},
        NumberFormat{1, QChar(0xb0), 0, 5}, azimuth.low, azimuth.high, &Overrule::lightSet,
        [](Overrule& o) -> double& { return o.light.azimuth; });
    figure({"wordElevation", {}, tr("Towards you; negative = from behind."), {}},
        NumberFormat{1, QString(QChar(0xb0)) + tr(" up"), 0, 5}, -90, 90, &Overrule::lightSet,
        [](Overrule& o) -> double& { return o.light.elevation; });
    m_form->line();
    word("wordSoft", tr("its shade holds"), &Overrule::softnessSet,
        [](Overrule& o, const gather::PictureMeasure& m) { o.softness = m.softness; });
    figure({"wordSoftness", {}, tr("0 = one hard light, 100 = light from everywhere."), {}},
        NumberFormat{100, tr(" % of the light"), 0, 5}, 0, 100, &Overrule::softnessSet,
        [](Overrule& o) -> double& { return o.softness; });
    m_form->line();
    word("wordKelvin", tr("its light is"), &Overrule::kelvinSet,
        [](Overrule& o, const gather::PictureMeasure& m) { o.kelvin = m.lightKelvin > 0 ? m.lightKelvin : 5500; });
    const auto& kelvin = numberAt(&Overrule::kelvin);
    figure({"wordKelvinValue", {}, tr("Colour temperature: 2000 candle, 5500 sun, 9000 shade."), {}},
        shownAs(Unit::Kelvin), kelvin.low, kelvin.high, &Overrule::kelvinSet,
        [](Overrule& o) -> double& { return o.kelvin; });
    m_form->line();
    word("wordEye", tr("its eye level lies"), &Overrule::eyeLevelSet,
        [](Overrule& o, const gather::PictureMeasure& m) { o.eyeLevel = m.eyeLevel; });
    const auto& level = numberAt(&Overrule::eyeLevel);
    figure({"wordEyeLevel", {}, tr("Where the horizon would be in the picture."), {}},
        NumberFormat{100, tr(" % from its top"), 0, 1}, 100 * level.low, 100 * level.high, &Overrule::eyeLevelSet,
        [](Overrule& o) -> double& { return o.eyeLevel; });
    auto* menu = new QMenu(this);
    auto* action = new QWidgetAction(menu);
    action->setDefaultWidget(m_form);
    menu->addAction(action);
    setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this] { m_form->refresh(); });
}

void WordMenu::word(const QString& name, const QString& label, bool Overrule::*set,
    std::function<void(Overrule&, const gather::PictureMeasure&)> begin)
{
    m_form->check(
        {name, label, tr("Your word counts in place of what was measured"), {}},
        [this, set]() -> std::optional<bool> {
            const Overrule* o = m_form->held(overrule());
            return o ? std::optional(o->*set) : std::nullopt;
        },
        [this, set, begin](bool on) {
            const auto* measured = m_desk.wall.measure(m_desk.reference());
            m_form->change(overrule(), tr("Set the picture's light"), -1, [&](Overrule& o) {
                o.*set = on;
                if (on && measured) // it begins where the measure was
                    begin(o, *measured);
            });
            m_form->refresh();
        });
}

template <class V>
void WordMenu::figure(
    const FieldWords& words, const NumberFormat& shown, double low, double high, bool Overrule::*set, V value)
{
    m_form->value(
        words, shown, low, high,
        [=, this]() -> std::optional<double> {
            const Overrule* o = m_form->held(overrule());
            if (!o || !(o->*set))
                return {};
            Overrule copy = *o;
            return shown.factor * value(copy);
        },
        [=, this](double v, int g) {
            m_form->change(
                overrule(), tr("Set the picture's light"), g, [&](Overrule& o) { value(o) = v / shown.factor; });
        });
}

} // namespace rl::app
