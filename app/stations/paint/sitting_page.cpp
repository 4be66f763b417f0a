#include "app/stations/paint/sitting_page.h"
#include "app/theme/theme.h"
#include "core/project/painting_edits.h"
#include "core/schedule/paint_rules.h"
#include <QHeaderView>
#include <QTreeWidget>

namespace rl::app {

SittingPage::SittingPage(Desk& desk, StationView& view)
    : PaintPage(desk, view, tr("Sitting"), tr("The sitting under way: timer by thing, notes, decisions, the log"))
    , m_log(new QTreeWidget)
{
    m_marks.places = true;
    m_log->setObjectName("sittingLog");
    m_log->setAccessibleName(tr("The log"));
    m_log->setHeaderLabels({tr("when"), tr("what"), tr("time")});
    m_log->setRootIsDecorated(true);
    m_log->header()->setSectionResizeMode(0, QHeaderView::ResizeToContents);
    m_log->header()->setSectionResizeMode(1, QHeaderView::Stretch);
    m_log->header()->setStretchLastSection(false);
    m_log->hide();
    timerFields();
    noteFields();
    decisionFields();
    connect(&m_state, &PaintState::ticked, this, [this] {
        if (isVisible())
            emit saysChanged();
    });
}

void SittingPage::timerFields()
{
    m_form->mainButton("startSitting", tr("Begin / pause"), tr("Begins the sitting, pauses it, goes on (S)"),
        [this] { startOrPause(); });
    m_form->pick(
        {"workOn", tr("at"), tr("What you are painting now; the timer counts it by itself"), {}},
        [this] {
            Choices all;
            const auto* plan = m_state.work.plan();
            for (std::size_t i = 0; plan && i < plan->tasks.size(); ++i)
                if (!plan->tasks[i].done && !plan->tasks[i].pause)
                    all.emplace_back(said(plan->tasks[i].words), int(i));
            return all;
        },
        [this]() -> std::optional<int> {
            const auto* plan = m_state.work.plan();
            const auto* t = m_state.work.heldTask() && !m_state.work.heldTask()->done ? m_state.work.heldTask()
                                                                                      : m_state.work.nextTask();
            return plan && t ? std::optional(int(t - plan->tasks.data())) : std::nullopt;
        },
        [this](int i) {
            const auto* plan = m_state.work.plan();
            if (!plan || i < 0 || i >= int(plan->tasks.size()))
                return;
            if (m_state.clock.timer.running())
                m_state.clock.turnTo(plan->tasks[std::size_t(i)]);
            else
                m_state.work.holdTask(plan->tasks[std::size_t(i)].key);
        });
    m_form->button(
        "doneNext", tr("Done, next"), tr("Ticks it and goes on to the next"),
        [this] {
            EaselView hand(m_desk, m_state);
            hand.tickAndNext();
        },
        [this] { return m_state.work.heldTask() != nullptr; });
    m_form->button("easelView", tr("Easel view"),
        tr("Large and quiet, for a screen two metres away; any key goes on (E)"), [this] { openEasel(); });
    m_form->button(
        "endSitting", tr("End the sitting"), tr("Writes it to the log; the rest is planned anew"),
        [this] {
            m_state.clock.end();
            const Instant then = m_state.clock.wall.now() + Instant(3600 * project().painting.freshEyesHours);
            m_desk.notices.say(
                tr("Logged. Does it hold on the wall? Hang it where you see it by chance, and judge it after %1.")
                    .arg(said(schedule::daySaid(then / 60 + m_state.clock.wall.utcMinutes(then)))));
        },
        [this] { return m_state.clock.timer.running(); });
}

void SittingPage::noteFields()
{
    m_form->text(
        {"sittingNotes", tr("notes"), tr("Kept with this sitting"), {}}, 200,
        [this]() -> std::optional<QString> {
            return m_state.clock.timer.running() ? std::optional(said(m_state.clock.timer.sitting().notes))
                                                 : std::nullopt;
        },
        [this](const QString& s) { m_state.clock.timer.notes().notes = s.toStdString(); });
    m_form->text(
        {"sittingPaints", tr("paints used"), tr("Tubes, puddles, mediums of this sitting"), {}}, 160,
        [this]() -> std::optional<QString> {
            return m_state.clock.timer.running() ? std::optional(said(m_state.clock.timer.sitting().paints))
                                                 : std::nullopt;
        },
        [this](const QString& s) { m_state.clock.timer.notes().paints = s.toStdString(); });
}

void SittingPage::decisionFields()
{
    m_form->line();
    m_form->text(
        {"decisionWhy", tr("because"), tr("Type the reason first"), {}}, 200,
        [this] { return std::optional(m_reason); }, [this](const QString& s) { m_reason = s; });
    const auto decide = [this](const QString& s, bool scrapped) {
        if (s.isEmpty())
            return;
        Decision d;
        d.at = m_state.clock.wall.now(), d.words = s.toStdString(), d.reason = m_reason.toStdString(),
        d.scrapped = scrapped;
        d.photo = m_state.photos.id();
        m_reason.clear();
        m_desk.edit(scrapped ? tr("Log what was scrapped") : tr("Log a decision"), edits::withDecision(project(), d));
    };
    m_form->text(
        {"decision", tr("decided"), tr("What you decided; Enter keeps it in the log"), {}}, 180,
        [] { return std::optional(QString()); }, [decide](const QString& s) { decide(s, false); });
    m_form->text(
        {"scrapped", tr("tried and scrapped"), tr("What did not work; kept with the selected photograph"), {}}, 180,
        [] { return std::optional(QString()); }, [decide](const QString& s) { decide(s, true); });
}

QWidget* SittingPage::beside()
{
    return m_log;
}

void SittingPage::startOrPause()
{
    if (!m_state.clock.timer.running())
        m_state.begin();
    else
        m_state.clock.pause(!m_state.clock.timer.paused());
}

void SittingPage::openEasel()
{
    if (!m_easel) {
        m_easel = std::make_unique<EaselView>(m_desk, m_state);
        connect(&m_desk, &Desk::closing, m_easel.get(), &QWidget::close);
    }
    m_easel->show();
    m_easel->raise();
    m_easel->setFocus();
}

void SittingPage::fillLog()
{
    m_log->clear();
    const Painting& p = project().painting;
    const auto day = [](Instant at, int utcMinutes) { return said(schedule::daySaid(at / 60 + utcMinutes)); };
    for (auto it = p.sittings.rbegin(); it != p.sittings.rend(); ++it) {
        double seconds = 0;
        for (const WorkSpan& w : it->spans)
            seconds += w.seconds;
        auto* top = new QTreeWidgetItem(m_log,
            {day(it->began, it->utcMinutes), it->notes.empty() ? tr("sitting") : said(it->notes),
                tr("%1 min").arg(seconds / 60, 0, 'f', 0)});
        for (const WorkSpan& w : it->spans) {
            const Element* e = project().element(w.element);
            new QTreeWidgetItem(top,
                {said(schedule::clockOf(w.at / 60 + it->utcMinutes)),
                    tr("%1%2").arg(tr(schedule::wordOf(w.kind)), e ? ": " + said(e->name) : QString()),
                    tr("%1 min").arg(w.seconds / 60, 0, 'f', 0)});
        }
    }
    for (auto it = p.decisions.rbegin(); it != p.decisions.rend(); ++it) {
        auto* item = new QTreeWidgetItem(m_log,
            {day(it->at, m_state.clock.wall.utcMinutes(it->at)),
                (it->scrapped ? tr("scrapped: %1") : tr("decided: %1")).arg(said(it->words)), {}});
        item->setToolTip(1, said(it->reason));
    }
    const int layers = m_state.work.painted() ? paint::specOf(schedule::mediumOf(project())).layers : 0;
    if (layers && m_state.work.plan())
        for (const auto& part : m_state.work.painted()->facts.parts)
            if (const int n = schedule::layersOn(m_state.work.plan()->tasks, part.element, true))
                new QTreeWidgetItem(m_log, {tr("layers"), said(part.name), tr("%1 of %2").arg(n).arg(layers)});
}

void SittingPage::refresh()
{
    PaintPage::refresh();
    fillLog();
}

QString SittingPage::says() const
{
    const auto& timer = m_state.clock.timer;
    if (!timer.running()) {
        const auto* t = m_state.work.nextTask();
        return t ? tr("Next: %1. %2").arg(said(t->words), said(t->why)) : tr("Everything is done.");
    }
    const auto clock = [](double s) { return QString("%1:%2").arg(int(s) / 60).arg(int(s) % 60, 2, 10, QChar('0')); };
    const auto* t = m_state.work.heldTask();
    const Element* e = t ? project().element(t->element) : nullptr;
    return tr("%1 %2 in this sitting, %3 on %4.")
        .arg(timer.paused() ? tr("Paused;") : tr("Painting;"), clock(timer.worked()),
            clock(timer.workedOn(t ? t->element : 0)), e ? said(e->name) : tr("the whole"));
}

} // namespace rl::app
