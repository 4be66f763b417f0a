#include "app/stations/cut/match_page.h"
#include "core/project/edits.h"

namespace rl::app {

MatchPage::MatchPage(Desk& desk, CutTable& table)
    : CutPage(desk, table, tr("Match"),
        tr("Bring black point, white point and cast to those of the backdrop where it stands"))
    , m_measure(desk.jobs)
{
    const auto stands = [this] { return m_table.standing() != nullptr; };
    m_form->mainButton(
        "matchIt", tr("Match to backdrop"),
        tr("Measures both and brings the cut-out to the backdrop at its depth, by the amount beside it"),
        [this] {
            const Element* e = m_table.standing();
            m_measure.forget(); // measured anew
            match(e && e->tone.amount > 0 ? e->tone.amount : 0.7, -1);
        },
        stands);
    m_form->value(
        {"matchAmount", tr("amount"), tr("How much of the match is applied. 0 leaves the cut-out as photographed."),
            {}},
        NumberFormat{100, " %", 0, 10}, 0, 100,
        [this]() -> std::optional<double> {
            const Element* e = m_table.standing();
            return e ? std::optional(100 * e->tone.amount) : std::nullopt;
        },
        [this](double v, int g) { match(v / 100, g); });
    m_form->number(lens::backdrop(), &Backdrop::dimL,
        {"dimBackdrop", tr("dim the backdrop by"),
            tr("Takes lightness off the backdrop. A calmer ground lets what stands before it speak."),
            tr("Dim the backdrop")});
    connect(&m_measure, &JobBase::done, this, [this] {
        if (const double wanted = std::exchange(m_wanted, -1); wanted >= 0 && m_measure.answer(key()))
            match(wanted, -1);
        m_form->refresh();
        emit saysChanged();
    });
}

JobKey MatchPage::key() const
{
    const Element* e = m_table.standing();
    return std::pair(e ? e->id : 0, e ? e->cutout : 0);
}

void MatchPage::measure()
{
    if (const Element* e = m_table.standing())
        m_measure.ask(key(), [this, p = project(), id = e->id](Progress&) -> Result<Tone> {
            const Element* of = p.element(id);
            return of ? stage::matchedTone(p, *of, m_desk.surfaces(), 1) : Tone{};
        });
}

void MatchPage::match(double amount, int gesture)
{
    const Element* e = m_table.standing();
    if (!e)
        return;
    const Tone* whole = m_measure.answer(key());
    if (!whole || whole->amount <= 0) {
        m_wanted = amount;
        return measure();
    }
    Tone t = *whole;
    t.amount = amount;
    if (!(t == e->tone))
        m_desk.edit(tr("Match it to the backdrop"), edits::withTone(project(), e->id, t), gesture);
}

void MatchPage::refresh()
{
    CutPage::refresh();
    if (isVisible())
        measure();
}

QString MatchPage::says() const
{
    const Element* e = m_table.standing();
    if (!e)
        return tr("Stand it in the scene first; then its values can be brought to the backdrop's.");
    const bool applied = e->tone.amount > 0;
    const Tone* proposed = m_measure.answer(key());
    if (!applied && !proposed)
        return tr("Measuring…");
    const Tone& t = applied ? e->tone : *proposed;
    const auto by = [&](double from, double to) { return from + t.amount * (to - from); };
    return (applied ? QString() : tr("Would be, whole: "))
        + tr(
            "darks L* %1 → %2, lights %3 → %4, cast a* %5, b* %6. Values are L* of the cut-out as photographed, before "
            "your light falls on it.")
              .arg(t.darkFrom, 0, 'f', 0)
              .arg(by(t.darkFrom, t.darkTo), 0, 'f', 0)
              .arg(t.lightFrom, 0, 'f', 0)
              .arg(by(t.lightFrom, t.lightTo), 0, 'f', 0)
              .arg(t.amount * t.a, 0, 'f', 1)
              .arg(t.amount * t.b, 0, 'f', 1);
}

} // namespace rl::app
