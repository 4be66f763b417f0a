// Where a lantern hangs, and on what.
#include "app/stations/light/lantern_page.h"
#include "core/light/presets.h"
#include "core/project/edits.h"

namespace rl::app {

/// One of the things that stand here, or none.
void LanternPage::thingPick(
    const FieldWords& words, const QString& none, int Lantern::*which, std::function<void(int)> choose)
{
    m_form->pick(
        words,
        [this, none] {
            Choices all{{none, 0}};
            for (const Element& e : project().elements)
                all.emplace_back(QString::fromStdString(e.name), e.id);
            return all;
        },
        [this, which]() -> std::optional<int> {
            const Lantern* l = m_desk.heldLantern();
            return l ? std::optional(l->*which) : std::nullopt;
        },
        std::move(choose));
}

void LanternPage::placeFields()
{
    const auto lantern = lens::lantern();
    const auto distance = [&](const char* name, const QString& label, const QString& help, double Vec3::*axis,
                              double low, double high) {
        m_form->value(
            {name, label, help, {}}, shownAs(Unit::Metre), low, high,
            [this, axis]() -> std::optional<double> {
                const Lantern* l = m_desk.heldLantern();
                return l ? std::optional(l->position.*axis) : std::nullopt;
            },
            [this, lantern, axis](double v, int g) {
                m_form->change(lantern, tr("Carry the lantern"), g, [axis, v](Lantern& l) { l.position.*axis = v; });
            });
    };
    distance("lanternAside", tr("left / right"),
        tr("To the right of the middle of the picture; less than nothing: to the left."), &Vec3::x, -5000, 5000);
    distance("lanternUp", tr("up"), tr("Over the ground."), &Vec3::y, -10, 1000);
    distance("lanternAway", tr("away"), tr("From the viewer."), &Vec3::z, 0.05, 5000);
    thingPick({"lanternCarried", tr("attached to"),
                  tr("Moves, turns, grows and mirrors with this thing: a hand, a mast, a window. Dragged away from it, "
                     "it hangs by itself again."),
                  {}},
        tr("nothing"), &Lantern::carriedBy, [this, lantern](int id) {
            m_form->change(lantern, id ? tr("Tie the lantern to it") : tr("Untie the lantern"), -1,
                [id](Lantern& l) { l.carriedBy = id; });
        });
}

} // namespace rl::app
