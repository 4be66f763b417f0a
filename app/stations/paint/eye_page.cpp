#include "app/stations/paint/eye_page.h"
#include <QVBoxLayout>

namespace rl::app {

EyePage::EyePage(Desk& desk, StationView& view)
    : PaintPage(desk, view, tr("Eye training"),
        tr("Two minutes a day: what your eye just notices, in exercises from your own plan"))
    , m_plot(new EyePlot)
{
    m_form->pick(
        {"eyeSkill", tr("exercise"), tr("What is trained; its threshold is shown in the unit it is measured in"), {}},
        [] {
            Choices all;
            for (int i = 0; i < trainer::kSkillCount; ++i)
                all.emplace_back(tr(trainer::specOf(trainer::Skill(i)).name), i);
            return all;
        },
        [this] { return std::optional(int(m_skill)); },
        [this](int i) {
            m_skill = trainer::Skill(i);
            refresh();
            emit saysChanged();
        });
    m_form->mainButton("practise", tr("Practise"),
        tr("One exercise after the other until the threshold is known, about two minutes"), [this] { practise(); });
    layout()->addWidget(m_plot);
}

void EyePage::practise()
{
    const Instant now = m_state.clock.wall.now();
    m_view = std::make_unique<EyeView>(m_state, m_skill, unsigned(now & 0xffffff));
    connect(m_view.get(), &EyeView::settled, this, [this, skill = m_skill](double threshold) {
        const Instant at = m_state.clock.wall.now();
        keepEyeRecord(skill, {said(schedule::dateOf(at / 60 + m_state.clock.wall.utcMinutes(at))), threshold});
        refresh();
        emit saysChanged();
    });
    m_view->show();
    m_view->setFocus();
}

void EyePage::refresh()
{
    PaintPage::refresh();
    m_plot->show(m_skill);
}

QString EyePage::says() const
{
    const auto all = eyeRecords(m_skill);
    const auto& spec = trainer::specOf(m_skill);
    QString s = all.empty() ? tr(spec.question)
                            : tr("You tell %1 %2 apart; at first it was %3.")
                                  .arg(all.back().threshold, 0, 'g', 2)
                                  .arg(spec.unit)
                                  .arg(all.front().threshold, 0, 'g', 2);
    // What the canvas shows of the same skill.
    if (const auto* c = m_state.photos.compared(); c && m_skill == trainer::Skill::Value) {
        double dark = 0, n = 0;
        for (const auto& part : c->parts)
            if (part.judged && part.lightness < 45)
                dark += part.dL, ++n;
        if (n > 0 && std::abs(dark / n) > 2)
            s += tr(" On the canvas your darks run %1 L* too %2.")
                     .arg(std::abs(dark / n), 0, 'f', 0)
                     .arg(dark > 0 ? tr("light") : tr("dark"));
    }
    if (const auto* c = m_state.photos.compared(); c && m_skill == trainer::Skill::Length) {
        std::vector<double> mm;
        for (const auto& d : c->compared.landmarks)
            if (d.painted && d.confidence > 0.6)
                mm.push_back(std::hypot(d.dxMm, d.dyMm));
        std::sort(mm.begin(), mm.end());
        if (!mm.empty())
            s += tr(" On the canvas half of the landmarks lie within %1 mm.").arg(mm[mm.size() / 2], 0, 'f', 1);
    }
    return s;
}

} // namespace rl::app
