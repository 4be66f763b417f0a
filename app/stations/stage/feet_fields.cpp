// Where the thing in hand stands with each foot.
#include "app/stations/stage/hand_page.h"
#include "core/project/stage_edits.h"
#include "core/stage/drawn.h"

namespace rl::app {

/// Those of a card with several; of anything else none.
std::vector<stage::Foot> HandPage::feet() const
{
    const Element* e = m_desk.heldElement();
    if (!e || !e->cutout || e->altitudeM != 0)
        return {};
    auto all = m_desk.surfaces().footing(project(), *e).feet;
    return all.size() > 1 ? all : std::vector<stage::Foot>();
}

std::optional<stage::Foot> HandPage::foot() const
{
    const auto all = feet();
    return all.empty() ? std::nullopt : std::optional(all[std::size_t(std::clamp(m_foot, 0, int(all.size()) - 1))]);
}

void HandPage::feetFields()
{
    const auto word = [this] {
        const Element* e = m_desk.heldElement();
        const auto f = foot();
        return e && f ? edits::footWordAt(*e, f->at()) : std::nullopt;
    };
    const auto say = [this, word](const QString& undo, int gesture, const std::function<void(FootWord&)>& set) {
        const auto f = foot();
        if (!f || m_desk.refusesLocked(m_desk.heldElement()))
            return;
        FootWord w = word().value_or(FootWord{f->at(), stage::seenBackM(project(), *m_desk.heldElement(), *f), false});
        set(w);
        m_desk.edit(undo, edits::withFootWord(project(), m_desk.element(), w), gesture);
    };
    m_form->pick(
        {"whichFoot", {},
            tr("Which of its feet is meant. They are numbered on the picture, from the left of its photograph"), {}},
        [this] {
            Choices all;
            const Element* e = m_desk.heldElement();
            for (const stage::Foot& f : feet())
                all.emplace_back(tr("foot %1 of %2").arg(all.size() + 1).arg(feet().size())
                        + (e && edits::footWordAt(*e, f.at()) ? tr(", as you set it") : tr(", as seen")),
                    int(all.size()));
            return all;
        },
        [this]() -> std::optional<int> {
            return foot() ? std::optional(std::clamp(m_foot, 0, int(feet().size()) - 1)) : std::nullopt;
        },
        [this](int i) {
            m_foot = i;
            refresh();
        });
    const auto& back = numberAt(&FootWord::backM);
    m_form->value(
        {"footBack", {},
            tr("How far behind its lowest foot this one stands; its shadow starts there. Measured in the picture until "
               "you set it."),
            {}},
        NumberFormat{1, tr(" m back"), 2, 0.05}, back.low, back.high,
        [this, word]() -> std::optional<double> {
            const auto f = foot();
            const auto w = word();
            return !f || (w && w->aloft)
                ? std::nullopt
                : std::optional(w ? w->backM : stage::seenBackM(project(), *m_desk.heldElement(), *f));
        },
        [say](double v, int g) { say(tr("Set its foot down"), g, [v](FootWord& w) { w.backM = v; }); });
    m_form->check(
        {"footAloft", tr("in the air"), tr("This foot is lifted and touches no ground"), {}},
        [this, word]() -> std::optional<bool> {
            return foot() ? std::optional(word() && word()->aloft) : std::nullopt;
        },
        [say](bool on) {
            say(on ? tr("Lift its foot") : tr("Put its foot down"), -1, [on](FootWord& w) { w.aloft = on; });
        });
    m_form->button(
        "footSeen", tr("Reset foot"), tr("Lets this foot stand where it is seen again"),
        [this] {
            m_desk.edit(tr("Let the foot stand where it is seen"),
                edits::withoutFootWord(project(), m_desk.element(), foot()->at()));
        },
        [word] { return word().has_value(); });
}

} // namespace rl::app
