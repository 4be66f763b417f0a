#include "app/stations/paint/days_page.h"
#include "app/theme/theme.h"
#include "core/project/painting_edits.h"
#include <QListWidget>

namespace rl::app {

/// A part of a split task stands for the whole.
std::string TasksPage::wholeOf(const std::string& key)
{
    return key.substr(0, key.find('#'));
}

TasksPage::TasksPage(Desk& desk, StationView& view)
    : PaintPage(desk, view, tr("Tasks"), tr("Stages from the plan itself: tick, move, split, merge, leave out, add"))
    , m_list(new QListWidget)
{
    m_marks.places = true;
    m_list->setObjectName("tasks");
    m_list->setAccessibleName(tr("Tasks in the order of painting"));
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->hide();
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) {
        const auto* plan = m_state.work.plan();
        if (!m_filling && plan && row >= 0 && row < int(plan->tasks.size()))
            m_state.work.holdTask(plan->tasks[std::size_t(row)].key);
    });
    connect(m_list, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        const auto* plan = m_state.work.plan();
        const int row = m_list->row(item);
        if (m_filling || !plan || row < 0 || row >= int(plan->tasks.size()))
            return;
        m_desk.edit(tr("Tick a task"),
            edits::withTaskDone(project(), plan->tasks[std::size_t(row)].key, item->checkState() == Qt::Checked));
    });
    doFields();
    sizeFields();
    ownFields();
}

QWidget* TasksPage::beside()
{
    return m_list;
}

TaskOverride TasksPage::wordOfHeld() const
{
    TaskOverride w;
    const std::string key = wholeOf(m_state.work.task());
    if (const TaskOverride* known = project().painting.word(key))
        w = *known;
    w.task = key;
    return w;
}

void TasksPage::set(const QString& undo, const std::function<void(TaskOverride&)>& change)
{
    if (!m_state.work.heldTask())
        return;
    TaskOverride w = wordOfHeld();
    const TaskOverride was = w;
    change(w);
    if (!(w == was))
        m_desk.edit(undo, edits::withTaskWord(project(), w));
}

void TasksPage::tick()
{
    const auto* t = m_state.work.heldTask();
    if (!t)
        return;
    const TaskOverride* word = project().painting.word(t->key); // the plan may lag behind the hand
    m_desk.edit(tr("Tick a task"), edits::withTaskDone(project(), t->key, !(word && word->done)));
}

void TasksPage::move(int by)
{
    const auto* plan = m_state.work.plan();
    const auto* t = m_state.work.heldTask();
    if (!plan || !t)
        return;
    const auto& all = plan->tasks;
    const int at = int(t - all.data()), to = by < 0 ? at - 1 : at + 2;
    if (to < 0 || to >= int(all.size()))
        return;
    const std::string before = wholeOf(all[std::size_t(to)].key);
    set(tr("Move a task"), [before](TaskOverride& w) { w.before = before; });
}

void TasksPage::fillList()
{
    const auto* plan = m_state.work.plan();
    if (!plan)
        return;
    m_filling = true;
    const int top = m_list->indexAt({4, 4}).row();
    m_list->clear();
    for (const auto& t : plan->tasks) {
        auto* item = new QListWidgetItem(tr("%1 – %2").arg(said(t.words), hoursSaid(t.hours)), m_list);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(t.done ? Qt::Checked : Qt::Unchecked);
        item->setToolTip(
            tr("%1\n%2 cm², %3 to %4 h%5")
                .arg(said(t.why))
                .arg(t.areaCm2, 0, 'f', 0)
                .arg(t.low, 0, 'f', 1)
                .arg(t.high, 0, 'f', 1)
                .arg(t.dry.overHours > 0 ? tr(", paint over after %1 h").arg(t.dry.overHours, 0, 'f', 1) : QString()));
        if (t.key == m_state.work.task())
            m_list->setCurrentItem(item);
    }
    if (top > 0)
        m_list->scrollToItem(m_list->item(std::min(top, m_list->count() - 1)), QAbstractItemView::PositionAtTop);
    m_filling = false;
}

void TasksPage::refresh()
{
    PaintPage::refresh();
    fillList();
}

QString TasksPage::says() const
{
    const auto* t = m_state.work.heldTask();
    const auto* plan = m_state.work.plan();
    if (m_state.stopped() && !m_state.busy())
        return stoppedWords();
    if (!plan)
        return tr("The stages are being worked out from the picture.");
    if (!t)
        return tr("%n tasks; select one in the list.", nullptr, int(plan->tasks.size()));
    const auto learned = schedule::learnedFrom(project().painting, plan->tasks);
    const int from = learned.from[std::size_t(t->kind)];
    return tr("%1: %2 cm², %3 h (%4 to %5 h)%6. %7")
        .arg(said(t->words))
        .arg(t->areaCm2, 0, 'f', 0)
        .arg(t->hours, 0, 'f', 1)
        .arg(t->low, 0, 'f', 1)
        .arg(t->high, 0, 'f', 1)
        .arg(from ? tr(", learned from %1 of your own").arg(from) : tr(", usual rates"), said(t->why));
}

} // namespace rl::app
