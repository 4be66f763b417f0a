// The fields of the page of tasks.
#include "app/stations/paint/days_page.h"
#include "core/project/painting_edits.h"

namespace rl::app {

namespace {
constexpr const char* kFamilies[]
    = {QT_TRANSLATE_NOOP("rl::app::TasksPage", "acrylic"), QT_TRANSLATE_NOOP("rl::app::TasksPage", "gouache"),
        QT_TRANSLATE_NOOP("rl::app::TasksPage", "oil"), QT_TRANSLATE_NOOP("rl::app::TasksPage", "watercolour")};
} // namespace

void TasksPage::doFields()
{
    const auto some = [this] { return m_state.work.heldTask() != nullptr; };
    m_form->button(
        "tickTask", tr("Done"), tr("Ticks the selected task, or removes the tick (T)"), [this] { tick(); }, some);
    m_form->button(
        "earlier", tr("Earlier"), tr("Puts it before the task above; you are warned of what that breaks"),
        [this] { move(-1); }, some);
    m_form->button(
        "later", tr("Later"), tr("Puts it after the task below"), [this] { move(1); }, some);
}

void TasksPage::sizeFields()
{
    m_form->value(
        {"taskHours", tr("hours"), tr("Your own estimate of the work"), {}}, NumberFormat{1, tr(" h"), 2, 0.25}, 0,
        1000,
        [this]() -> std::optional<double> {
            const auto* t = m_state.work.heldTask();
            return t && !t->pause ? std::optional(t->hours) : std::nullopt;
        },
        [this](double v, int) { set(tr("Reckon a task"), [v](TaskOverride& w) { w.hours = v; }); });
    m_form->value(
        {"taskPieces", tr("split into"), tr("Splits it into equal parts, to be ticked one by one"), {}},
        NumberFormat{1, tr(" parts"), 0, 1}, 1, 24,
        [this]() -> std::optional<double> {
            const auto* t = m_state.work.heldTask();
            return t && !t->pause ? std::optional(double(wordOfHeld().pieces)) : std::nullopt;
        },
        [this](double v, int) { set(tr("Split a task"), [v](TaskOverride& w) { w.pieces = int(v); }); });
    m_form->pick(
        {"taskPaint", tr("paint"), tr("What this task is painted in, where that is not the paint of the box"), {}},
        [] {
            Choices all{{tr("the box's paint"), 0}};
            for (int i = 0; i < int(std::size(kFamilies)); ++i)
                all.emplace_back(tr(kFamilies[i]), i + 1);
            return all;
        },
        [this]() -> std::optional<int> {
            const auto* t = m_state.work.heldTask();
            if (!t || t->pause)
                return {};
            const auto at = std::find(std::begin(kFamilies), std::end(kFamilies), wordOfHeld().paint);
            return at == std::end(kFamilies) ? 0 : int(at - std::begin(kFamilies)) + 1;
        },
        [this](int i) {
            set(tr("Choose a task's paint"), [i](TaskOverride& w) { w.paint = i > 0 ? kFamilies[i - 1] : ""; });
        });
    m_form->pick(
        {"mergeTask", tr("merge with"), tr("Done in one go with another task of its kind"), {}},
        [this] {
            Choices all{{tr("by itself"), -1}};
            const auto* plan = m_state.work.plan();
            const auto* held = m_state.work.heldTask();
            for (std::size_t i = 0; plan && held && i < plan->tasks.size(); ++i)
                if (plan->tasks[i].kind == held->kind && wholeOf(plan->tasks[i].key) != wholeOf(held->key))
                    all.emplace_back(said(plan->tasks[i].words), int(i));
            return all;
        },
        [this]() -> std::optional<int> {
            const auto* t = m_state.work.heldTask();
            return t && !t->pause ? std::optional(-1) : std::nullopt;
        },
        [this](int i) {
            const auto* plan = m_state.work.plan();
            const std::string into
                = i >= 0 && plan && i < int(plan->tasks.size()) ? wholeOf(plan->tasks[std::size_t(i)].key) : "";
            set(tr("Merge tasks"), [into](TaskOverride& w) { w.into = into; });
        });
}

void TasksPage::ownFields()
{
    const auto some = [this] { return m_state.work.heldTask() != nullptr; };
    m_form->button(
        "dropTask", tr("Leave out"), tr("It is not done in this painting"),
        [this] { set(tr("Leave a task out"), [](TaskOverride& w) { w.dropped = true; }); }, some);
    m_form->text(
        {"ownTask", tr("a task of your own"), tr("Its name; it comes before the selected task"), {}}, 200,
        [] { return std::optional(QString()); },
        [this](const QString& words) {
            if (words.isEmpty())
                return;
            TaskOverride w;
            w.words = words.toStdString();
            w.hours = 0.5;
            if (const auto* t = m_state.work.heldTask())
                w.before = wholeOf(t->key), w.element = t->element;
            m_desk.edit(tr("Add a task"), edits::withOwnTask(project(), w));
        });
    m_form->button(
        "forgetWords", tr("Reset the plan"), tr("Removes your changes to the plan of work; ticks stay"),
        [this] {
            Painting p = project().painting;
            std::vector<TaskOverride> kept;
            for (const TaskOverride& t : p.tasks)
                if (t.done) {
                    TaskOverride w;
                    w.task = t.task, w.done = true, w.pieces = t.pieces, w.words = t.words, w.kind = t.kind;
                    kept.push_back(w);
                }
            p.tasks = kept;
            m_desk.edit(tr("Take the plan as reckoned"), edits::withPainting(project(), std::move(p)));
        },
        [this] { return !project().painting.tasks.empty(); });
    addAgain();
}

} // namespace rl::app
