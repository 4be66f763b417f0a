#include "app/stations/paint/days_page.h"
#include "app/theme/theme.h"
#include "core/project/painting_edits.h"
#include "output/work_sheets.h"
#include "store/picture_reader.h"
#include <QListWidget>
#include <QVBoxLayout>

namespace rl::app {

DaysPage::DaysPage(Desk& desk, StationView& view)
    : PaintPage(desk, view, tr("Schedule"), tr("The work laid out over your days, and how each sitting should end"))
    , m_path(new DayPath(desk, m_state))
    , m_sheet(new QListWidget)
{
    m_marks.places = true;
    m_form->button("sittingBefore", tr("◂ Sitting"), tr("The sitting before ([)"), [this] { m_path->step(-1); });
    m_form->button("sittingNext", tr("Sitting ▸"), tr("The next sitting (])"), [this] { m_path->step(1); });
    m_form->button(
        "asItStands", tr("Now"), tr("How the canvas should look now"), [this] { m_state.work.holdSitting(-1); },
        [this] { return m_state.work.sitting() >= 0; });
    m_form->mainButton(
        "writeSitting", tr("Print sitting…"),
        tr("A PDF to take to the easel: what, where, puddles, brushes, before and after"),
        [this] {
            if (const QString path = askPath(tr("Sitting"), "next-sitting.pdf", tr("PDF (*.pdf)")); !path.isEmpty())
                writeSitting(path);
        },
        [this] { return m_state.work.plan() && !m_state.work.plan()->sittings.empty() && !m_write.running(); });
    m_form->button(
        "writeCalendar", tr("Calendar…"), tr("The sittings as an iCalendar file, for any calendar"),
        [this] {
            if (const QString path = askPath(tr("Calendar"), "painting.ics", tr("Calendar (*.ics)")); !path.isEmpty())
                writeCalendar(path);
        },
        [this] { return m_state.work.plan() && !m_state.work.plan()->sittings.empty(); });
    addAgain();
    addWriting();
    m_path->setParent(this);
    m_path->hide();
    m_sheet->setObjectName("sittingSheet");
    m_sheet->setAccessibleName(tr("What is done in this sitting"));
    m_sheet->setWordWrap(true);
    m_sheet->setSpacing(4);
    m_sheet->setSelectionMode(QAbstractItemView::NoSelection);
    m_sheet->setFocusPolicy(Qt::NoFocus);
    m_sheet->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_sheet->hide();
}

QWidget* DaysPage::beside()
{
    return m_sheet;
}

void DaysPage::fillList()
{
    m_sheet->clear();
    const auto* plan = m_state.work.plan();
    if (!plan)
        return;
    const auto add = [&](const QString& words, bool bold = false) {
        auto* item = new QListWidgetItem(words, m_sheet);
        item->setFont(bold ? theme::heading(15) : theme::text(13));
    };
    const int which = m_state.work.sitting() >= 0 ? m_state.work.sitting() : plan->sittings.empty() ? -1 : 0;
    if (which < 0) {
        add(tr("Nothing is left to do."), true);
        return;
    }
    const auto& s = plan->sittings[std::size_t(which)];
    add(tr("%1, %2–%3")
            .arg(said(schedule::daySaid(s.free.from)), said(schedule::clockOf(s.free.from)),
                said(schedule::clockOf(s.free.to))),
        true);
    std::set<std::string> cautions;
    std::set<int> puddles;
    for (const auto& part : s.parts) {
        const auto& t = plan->tasks[std::size_t(part.task)];
        QString line
            = tr("%1  %2%3").arg(said(schedule::clockOf(part.from)), said(t.words), part.last ? "" : tr(" (goes on)"));
        if (t.areaCm2 > 0)
            line += tr("\n%1 cm²").arg(t.areaCm2, 0, 'f', 0);
        if (t.brushMm > 0)
            line += tr(", brush %1 mm").arg(t.brushMm, 0, 'f', t.brushMm < 3 ? 1 : 0);
        if (t.dry.overHours > 0)
            line += tr(", paint over after %1").arg(hoursSaid(t.dry.overHours));
        if (!t.why.empty())
            line += "\n" + said(t.why);
        add(line);
        cautions.insert(t.cautions.begin(), t.cautions.end());
        puddles.insert(t.puddles.begin(), t.puddles.end());
        for (const int id : t.facts)
            for (const Fact& f : project().brief.facts)
                if (f.id == id)
                    add(tr("Must be right: %1").arg(said(f.words)));
    }
    if (!puddles.empty()) {
        QStringList numbers;
        for (const int p : puddles)
            numbers << m_state.work.puddleNumber(p);
        add(tr("Puddles %1").arg(numbers.join(", ")));
    }
    for (const auto& c : cautions)
        add(said(c));
}

QWidget* DaysPage::over()
{
    return m_path;
}

void DaysPage::refresh()
{
    PaintPage::refresh();
    m_path->refresh();
    fillList();
}

void DaysPage::writeSitting(const QString& path)
{
    auto work = m_state.work.current();
    if (!work)
        return;
    write(tr("The sitting is in %1.").arg(path),
        [work = std::move(*work), plan = *m_state.work.plan(), which = std::max(0, m_state.work.sitting()), path](
            Progress&) { return output::writeSitting(work, plan, which, path); });
}

void DaysPage::writeCalendar(const QString& path)
{
    if (!m_state.work.plan())
        return;
    const std::string title = project().brief.title,
                      ics
        = schedule::icsOf(schedule::calendarOf(*m_state.work.plan(), title), title, m_state.clock.wall.now() / 60);
    write(tr("The calendar is in %1.").arg(path), [ics, path](Progress&) {
        return store::writeFile(path.toStdString(), std::vector<unsigned char>(ics.begin(), ics.end()));
    });
}

QString DaysPage::says() const
{
    const auto* p = m_state.work.plan();
    if (m_state.stopped() && !m_state.busy())
        return stoppedWords();
    if (!p)
        return tr("The stages are being worked out from the picture.");
    if (p->problem)
        return said(p->problem->sentence);
    if (p->sittings.empty())
        return tr("All tasks are done.");
    return tr(
        "About %1 h (%2 to %3 h) in %n sittings; finished around %4 (%5 to %6).%7", nullptr, int(p->sittings.size()))
        .arg(p->hours, 0, 'f', 0)
        .arg(p->lowHours, 0, 'f', 0)
        .arg(p->highHours, 0, 'f', 0)
        .arg(said(schedule::daySaid(p->finish)), said(schedule::daySaid(p->early)), said(schedule::daySaid(p->late)),
            p->assumed ? tr(" Free hours are assumed: set yours on Free time.") : QString());
}

} // namespace rl::app
