#include "app/stations/paint/work_in_hand.h"
#include "app/desk/live_light.h"
#include "core/project/painting_edits.h"
#include "core/schedule/paint_rules.h"

namespace rl::app {

WorkInHand::WorkInHand(Desk& desk, SittingClock& clock)
    : m_desk(desk)
    , m_clock(clock)
    , m_work(desk.jobs)
    , m_plan(desk.jobs)
    , m_small(desk.jobs, JobBase::Told::No)
    , m_expected(desk.jobs)
{
    connect(&m_work, &JobBase::done, this, [this] {
        want();
        emit changed();
    });
    connect(&m_plan, &JobBase::done, this, [this] {
        if (const auto* p = plan(); p && m_sitting >= int(p->sittings.size()))
            m_sitting = -1;
        wantLooks();
        emit changed();
    });
    connect(&m_small, &JobBase::done, this, &WorkInHand::changed);
    connect(&m_expected, &JobBase::done, this, &WorkInHand::changed);
    connect(&clock, &SittingClock::turned, this, [this](const std::string& task) {
        m_task = task;
        wantLooks();
    });
    connect(&clock, &SittingClock::ticked, this, &WorkInHand::sayWhatEatsTheEvening);
    connect(&desk.document, &Document::workChanged, this, [this] { m_sitting = -1, m_task.clear(); });
}

JobKey WorkInHand::workKey() const
{
    const Project& p = m_desk.project();
    const auto& r = m_desk.review;
    return std::tuple(p.scene(), p.brief, p.mix, p.painting.blockMm, r ? r->mixing : nullptr,
        r ? r->picture.colour : LinearPicture());
}

JobKey WorkInHand::planKey() const
{
    const Project& p = m_desk.project();
    return std::tuple(held(), p.painting, p.brief, p.sheets, p.setAside, m_clock.local() / 15);
}

void WorkInHand::want()
{
    const auto& seen = m_desk.review;
    if (!seen || seen->picture.colour.empty())
        return;
    if (!m_work.answer(workKey()))
        m_work.ask(workKey(), [p = m_desk.project(), seen](Progress&) {
            return Result<std::shared_ptr<const survey::PaintedWork>>(std::make_shared<const survey::PaintedWork>(
                survey::paintedWork(p, seen->picture, schedule::farToNear(*seen->frame), seen->mixing)));
        });
    if (m_work.last() && !m_plan.answer(planKey())) {
        m_plan.ask(
            planKey(), [p = m_desk.project(), work = *m_work.last(), local = m_clock.local()](Progress& progress) {
                return Result<schedule::WorkPlan>(
                    schedule::planWork(p, work->facts, work->mixing.get(), local, schedule::kPlanEffort, progress));
            });
    }
}

std::optional<survey::PaintedWork> WorkInHand::current() const
{
    if (!painted() || !plan())
        return {};
    survey::PaintedWork w = *painted();
    w.project = m_desk.project();
    w.tasks = plan()->tasks;
    return w;
}

QString WorkInHand::puddleNumber(int place) const
{
    const auto mixing = painted() ? painted()->mixing : nullptr;
    const bool known = mixing && place >= 0 && place < int(mixing->map.puddles.size());
    return known ? QString::number(mixing->map.puddles[std::size_t(place)].number) : QString("?");
}

void WorkInHand::holdSitting(int which)
{
    const int n = plan() ? int(plan()->sittings.size()) : 0;
    m_sitting = std::clamp(which, -1, n - 1);
    if (m_sitting >= 0 && !plan()->sittings[std::size_t(m_sitting)].parts.empty())
        m_task = plan()->tasks[std::size_t(plan()->sittings[std::size_t(m_sitting)].parts.front().task)].key;
    wantLooks();
    emit changed();
}

void WorkInHand::holdTask(const std::string& key)
{
    m_task = key;
    emit changed();
}

const schedule::WorkTask* WorkInHand::heldTask() const
{
    if (!plan())
        return nullptr;
    for (const auto& t : plan()->tasks)
        if (t.key == m_task)
            return &t;
    return nullptr;
}

const schedule::WorkTask* WorkInHand::nextTask() const
{
    if (!plan())
        return nullptr;
    if (!plan()->sittings.empty() && !plan()->sittings.front().parts.empty())
        return &plan()->tasks[std::size_t(plan()->sittings.front().parts.front().task)];
    for (const auto& t : plan()->tasks)
        if (!t.done && !t.pause)
            return &t;
    return nullptr;
}

std::set<std::string> WorkInHand::doneBy(const schedule::WorkPlan& plan, int sitting)
{
    std::set<std::string> done;
    for (const auto& t : plan.tasks)
        if (t.done)
            done.insert(t.key);
    for (int i = 0; i <= sitting && i < int(plan.sittings.size()); ++i)
        for (const auto& p : plan.sittings[std::size_t(i)].parts)
            if (p.last)
                done.insert(plan.tasks[std::size_t(p.task)].key);
    return done;
}

QImage WorkInHand::small(int sitting) const
{
    const auto* all = m_small.last();
    return all && sitting >= 0 && sitting < int(all->size()) ? (*all)[std::size_t(sitting)] : QImage();
}

void WorkInHand::wantLooks()
{
    if (!painted() || !plan() || !painted()->looks)
        return;
    const auto base = *m_work.last();
    const std::tuple now(base, m_desk.project().painting.tasks, plan()->finish, plan()->sittings.size());
    if (!m_small.answer(JobKey(now)))
        m_small.ask(JobKey(now), [base, p = *plan()](Progress& progress) {
            std::vector<QImage> all;
            for (int i = 0; i < int(p.sittings.size()) && i < 200 && !progress.cancelled(); ++i)
                all.push_back(imageOf(base->looks->after(p.tasks, doneBy(p, i)))
                                  .scaled(240, 240, Qt::KeepAspectRatio, Qt::SmoothTransformation));
            return Result<std::vector<QImage>>(std::move(all));
        });
    // While something is painted: how it should look when that is done.
    const std::string at = m_clock.timer.running() && m_sitting < 0 ? m_task : std::string();
    const std::tuple one(now, m_sitting, at);
    if (!m_expected.answer(JobKey(one)))
        m_expected.ask(JobKey(one), [base, p = *plan(), sitting = m_sitting, at](Progress&) {
            auto done = doneBy(p, sitting);
            done.insert(at);
            return Result<QImage>(imageOf(base->looks->after(p.tasks, done)));
        });
}

void WorkInHand::sayWhatEatsTheEvening()
{
    if (!painted() || !plan())
        return;
    // Said once in a sitting, not every second.
    Project p = m_desk.project();
    Sitting now = m_clock.timer.sitting();
    now.id = p.freshId();
    p.painting.sittings.push_back(now);
    if (const auto e = schedule::eatsTheEvening(p, painted()->facts, plan()->tasks)) {
        const std::string of = std::to_string(m_clock.timer.sitting().began) + ":" + std::to_string(e->element);
        const Element *low = p.element(e->element), *high = p.element(e->above);
        if (of != m_saidOf && low && high && m_clock.timer.workedOn(e->element) > 60) {
            m_saidOf = of;
            m_desk.notices.say(
                tr("“%1” has had %2 h, more than was reckoned for it; “%3”, which is to be read before it, %4 h.")
                    .arg(QString::fromStdString(low->name))
                    .arg(e->hours, 0, 'f', 1)
                    .arg(QString::fromStdString(high->name))
                    .arg(e->hoursAbove, 0, 'f', 1));
        }
    }
}

void WorkInHand::stop()
{
    m_plan.stop();
    m_work.stop();
}

bool WorkInHand::stopped() const
{
    return m_work.refuses(workKey()) || m_plan.refuses(planKey());
}

void WorkInHand::again()
{
    m_work.again(), m_plan.again();
    want();
}

} // namespace rl::app
