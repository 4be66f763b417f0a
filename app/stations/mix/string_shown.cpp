// What the page of strings and gradients shows and says.
#include "app/board/board.h"
#include "app/stations/mix/string_page.h"
#include "app/theme/theme.h"
#include "core/paint/mixing.h"
#include <QPainter>
#include <QVBoxLayout>

namespace rl::app {

void StringPage::showString()
{
    const auto f = family();
    if (!f) {
        m_chips->say(tr("Click a thing with light and shade: its string from light to dark stands here."));
        return;
    }
    const auto ends = paint::Ends(std::clamp(project().brief.school(School::Black), 0, 2));
    m_string.ask(stringKey(),
        [paints = m_state.mixing()->box.paints, f = *f, n = m_steps, ends](
            Progress& progress) -> Result<paint::ColourString> {
            return paint::colourString(paint::Search(paints), f[0], f[1], f[2], n, ends, progress);
        });
    const paint::ColourString* s = m_string.answer(stringKey());
    if (!s) {
        m_chips->say(tr("Mixing the string…"));
        return;
    }
    std::vector<ChipRow::Chip> chips;
    for (const paint::StringStep& step : s->steps)
        chips.push_back({screenColour(step.formula.lab), screenColour(step.plain),
            tr("L* %1, C* +%2").arg(step.formula.lab.L, 0, 'f', 0).arg(step.chalk, 0, 'f', 0),
            m_state.partsOf(step.formula.recipe)});
    for (const auto& [formula, name] : {std::pair(&s->shadow.warm, tr("shadow, first: warm, soft")),
             std::pair(&s->shadow.dark, tr("shadow, then: dark"))})
        chips.push_back({screenColour(formula->lab), {}, name, m_state.partsOf(formula->recipe)});
    m_chips->show(std::move(chips), tr("alive"), tr("white, black"));
}

void StringPage::showGradient()
{
    if (m_places.size() < 2) {
        m_bandChips->say(m_places.empty() ? tr("Click two places: the passage between them stands here, band by band.")
                                          : tr("…and where it ends; a third place bends the way."));
        return;
    }
    if (!m_state.canMix())
        return;
    paint::GradientWish wish;
    wish.from = m_colours.front(), wish.to = m_colours.back();
    if (m_places.size() == 3) {
        wish.via = m_colours[1];
        wish.viaShare = (m_places[1] - m_places[0]).length() / std::max(lengthCm(), 1e-6);
    }
    wish.lengthCm = std::max(0.5, lengthCm()), wish.stepDe = m_stepDe;
    wish.openMinutes = project().mix.openMinutes, wish.paceCmPerMinute = project().mix.paceCmPerMinute;
    m_gradient.ask(
        gradientKey(),
        [paints = m_state.mixing()->box.paints, wish](Progress& progress) -> Result<paint::Gradient> {
            return paint::gradient(paint::Search(paints), wish, progress);
        },
        Lane::Long);
    const paint::Gradient* g = m_gradient.answer(gradientKey());
    if (!g) {
        m_bandChips->say(tr("Laying bands…"));
        return;
    }
    std::vector<ChipRow::Chip> chips;
    for (const paint::Band& b : g->bands) {
        paint::Recipe percent = b.recipe;
        for (paint::Part& p : percent)
            p.parts = std::round(1000 * p.parts) / 10;
        std::erase_if(percent, [](const paint::Part& p) { return p.parts <= 0; });
        chips.push_back({screenColour(b.lab), {},
            tr("%1\u2013%2 cm")
                .arg(b.fromCm, 0, 'f', g->bands.size() > 9 ? 0 : 1)
                .arg(b.toCm, 0, 'f', g->bands.size() > 9 ? 0 : 1),
            m_state.partsOf(percent)});
    }
    m_bandChips->show(std::move(chips));
}

QString StringPage::says() const
{
    const paint::Gradient* g = m_places.size() >= 2 ? m_gradient.answer(gradientKey()) : nullptr;
    if (g && !g->bands.empty()) {
        const paint::MediumSpec* spec = project().paintBox() ? &paint::specOf(project().paintBox()->medium) : nullptr;
        QString s = tr("<b>%1 cm in %2 bands</b> (percent of each tube), neighbours %3 %4E apart at most; two take %5 "
                       "min, it stays open for %6.")
                        .arg(lengthCm(), 0, 'f', 1)
                        .arg(g->bands.size())
                        .arg(g->largestStep, 0, 'f', 1)
                        .arg(QChar(0x394))
                        .arg(g->minutes, 0, 'f', 1)
                        .arg(project().mix.openMinutes, 0, 'f', 0);
        if (g->forTime && spec)
            s += tr(" More bands than the eye needs, for the time: or %1.").arg(QString::fromUtf8(spec->longer));
        if (g->off > 1)
            s += tr(" These tubes bend the way by %1 %2E.").arg(g->off, 0, 'f', 1).arg(QChar(0x394));
        return s;
    }
    const paint::ColourString* s = family() ? m_string.answer(stringKey()) : nullptr;
    double most = 0;
    if (s)
        for (const auto& step : s->steps)
            most = std::max(most, step.chalk);
    return s
        ? tr(
            "Against white and black alone the string keeps up to <b>C* %1</b> more; upper row mixed, lower row plain.")
              .arg(most, 0, 'f', 0)
        : tr("Click a thing for its string; two places for a passage.");
}

} // namespace rl::app
