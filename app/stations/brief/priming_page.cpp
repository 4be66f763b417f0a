#include "app/stations/brief/priming_page.h"
#include "app/theme/theme.h"
#include "core/colour/srgb.h"
#include "core/project/schools.h"
#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>

namespace rl::app {

PrimingPage::PrimingPage(Desk& desk)
    : Page(desk, tr("Ground"), tr("What is painted on, and how it is made ready"))
    , m_tasks(new QLabel)
{
    const auto ground = inside(lens::brief(), &Brief::ground);
    using G = PaintGround;
    m_form->choice(ground, &G::support, {tr("canvas"), tr("board"), tr("paper"), tr("panel")},
        {"support", tr("support"), tr("What the paint lies on"), tr("Choose the ground")});
    m_form->number(ground, &G::threadsPerCm,
        {"threads", tr("weave"),
            tr("Threads of the canvas in a centimetre: 6 is coarse, 14 usual, 30 fine portrait linen. A "
               "brush mark finer than a thread is lost."),
            tr("Set the weave"), NumberFormat{1, tr(" threads/cm"), 0, 1}},
        [](const G& g) { return g.support == Support::Canvas; });
    m_form->number(ground, &G::paperGsm,
        {"paperWeight", tr("paper"), tr("Its weight. Under 400 g/m² it must be stretched, or it cockles."),
            tr("Set the weight of the paper"), NumberFormat{1, tr(" g/m²"), 0, 10}},
        [](const G& g) { return g.support == Support::Paper; });
    m_form->number(ground, &G::coats,
        {"coats", tr("primer"), tr("Coats of primer"), tr("Set the coats"), NumberFormat{1, tr(" coats"), 0, 1}});
    m_form->number(ground, &G::dryHours,
        {"dryHours", tr("drying"), tr("Hours between two coats, as on the tin"), tr("Set the drying"),
            NumberFormat{1, tr(" h"), 0, 1}});
    m_form->number(ground, &G::grit,
        {"grit", tr("sanded with"), tr("Grit between coats: 220 usual, 400 smooth. 0: not sanded."), tr("Set the grit"),
            NumberFormat{1, tr(" grit"), 0, 20}, tr("not sanded")});
    m_form->choice(ground, &G::toning,
        {tr("left white"), tr("middle tone of the plan"), tr("opposite to the picture"), tr("just over its darkest")},
        {"toning", tr("toned"), tr("The colour of the ground before the first stroke, taken from the plan"),
            tr("Choose the tone of the ground")});
    m_tasks->setWordWrap(true);
    m_tasks->setTextFormat(Qt::RichText);
    m_tasks->setAlignment(Qt::AlignTop);
    m_tasks->setObjectName("groundTasks");
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_tasks);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setMinimumHeight(theme::px(110));
    scroll->setMaximumHeight(theme::px(190));
    layout()->addWidget(scroll);
}

reading::GroundPlan PrimingPage::plan() const
{
    colour::Lab mean{50, 0, 0};
    double darkest = 12, middle = 50;
    if (m_desk.review) {
        const auto& r = m_desk.review->reading;
        darkest = r.darkest, middle = r.values.all.middle;
        mean = r.colours.mean;
    }
    return reading::preparing(project().brief, darkest, middle, mean);
}

void PrimingPage::refresh()
{
    Page::refresh();
    const reading::GroundPlan g = plan();
    QString html;
    int n = 0;
    for (const reading::GroundTask& t : g.tasks) {
        html += tr("<b>%1</b> %2: %3 min")
                    .arg(++n)
                    .arg(QString::fromStdString(t.words).toHtmlEscaped())
                    .arg(t.minutes, 0, 'f', 0);
        if (t.ml > 0)
            html += tr(", %1 ml").arg(t.ml, 0, 'f', 0);
        if (t.dryHours > 0)
            html += tr(", then %1 h to dry").arg(t.dryHours, 0, 'f', 0);
        html += ".";
        if (!t.caution.empty())
            html += " <i>" + QString::fromStdString(t.caution).toHtmlEscaped() + "</i>";
        html += "<br>";
    }
    const Rgb c = colour::fromLab(g.tone);
    const auto code = [](float v) { return int(colour::codeOf(std::clamp(v, 0.f, 1.f))); };
    html += QString("<span style='background-color:%1'>&nbsp;&nbsp;&nbsp;&nbsp;&nbsp;&nbsp;</span> ")
                .arg(QColor(code(c.r), code(c.g), code(c.b)).name())
        + tr("L* %1, a* %2, b* %3. ")
              .arg(double(g.tone.L), 0, 'f', 0)
              .arg(double(g.tone.a), 0, 'f', 0)
              .arg(double(g.tone.b), 0, 'f', 0)
        + QString::fromStdString(g.toneWhy).toHtmlEscaped();
    m_tasks->setText(html);
}

QString PrimingPage::says() const
{
    const reading::GroundPlan g = plan();
    return tr("%1 steps, %2 ml, ready to paint on after %3 h (%4 m² of canvas).")
        .arg(g.tasks.size())
        .arg(g.ml(), 0, 'f', 0)
        .arg(g.hours(), 0, 'f', 0)
        .arg(areaOf(project().brief) / 1e4, 0, 'f', 2);
}

SchoolsPage::SchoolsPage(Desk& desk)
    : Page(desk, tr("Approach"), tr("Where painters disagree: what you choose, the findings follow"))
{
    for (const SchoolSpec& s : schools()) {
        m_form->pick(
            {QString("school-") + s.key, tr(s.question), tr("A choice, not a rule; change it at any time"), {}},
            [&s] {
                Choices all;
                for (std::size_t i = 0; i < s.choices.size(); ++i)
                    all.emplace_back(tr(s.choices[i].name), int(i));
                return all;
            },
            [this, &s] { return std::optional(project().brief.school(s.school)); },
            [this, &s](int i) {
                m_last = int(s.school);
                m_form->change(
                    lens::brief(), tr("Choose a school"), -1, [&](Brief& b) { b.schools[std::size_t(s.school)] = i; });
                emit saysChanged();
            });
    }
}

QString SchoolsPage::says() const
{
    const auto& s = schools()[std::size_t(m_last)];
    return tr("<b>%1: %2.</b> %3")
        .arg(tr(s.question), tr(choiceOf(project().brief, s.school).name), tr(choiceOf(project().brief, s.school).why));
}

} // namespace rl::app
