#pragma once
#include "app/desk/job.h"
#include "app/stations/paint/sitting_clock.h"
#include "core/survey/work_survey.h"

namespace rl::app {

/// The work prepared for stages, its plan of work, and which sitting and task of that is in hand.
class WorkInHand final : public QObject {
    Q_OBJECT
public:
    WorkInHand(Desk& desk, SittingClock& clock);

    void want(); ///< asks for what is missing
    const survey::PaintedWork* painted() const { return m_work.last() ? m_work.last()->get() : nullptr; }
    std::shared_ptr<const survey::PaintedWork> held() const { return m_work.last() ? *m_work.last() : nullptr; }
    const schedule::WorkPlan* plan() const { return m_plan.last(); }
    /// The work as it stands, with the plan's tasks: what a worker takes along.
    std::optional<survey::PaintedWork> current() const;

    QString puddleNumber(int place) const; ///< of a task's puddle
    int sitting() const { return m_sitting; } ///< of the plan; −1: as it stands now
    void holdSitting(int which);
    const std::string& task() const { return m_task; } ///< key of the one in hand; empty: none
    const schedule::WorkTask* heldTask() const;
    void holdTask(const std::string& key);
    const schedule::WorkTask* nextTask() const; ///< the first that is not done

    /// How it should look at the end of the sitting in hand, or now; null while it is made.
    QImage expected() const { return m_expected.last() ? *m_expected.last() : QImage(); }
    QImage small(int sitting) const; ///< at its end; null while it is made

    bool busy() const { return m_work.running() || m_plan.running(); }
    const Error* problem() const { return m_work.problem() ? m_work.problem() : m_plan.problem(); }
    void stop();
    bool stopped() const; ///< something of that was stopped or failed; it is not tried again by itself
    void again();

signals:
    void changed();

private:
    JobKey workKey() const;
    JobKey planKey() const;
    void wantLooks();
    void sayWhatEatsTheEvening();
    static std::set<std::string> doneBy(const schedule::WorkPlan& plan, int sitting);
    Desk& m_desk;
    SittingClock& m_clock;
    Job<std::shared_ptr<const survey::PaintedWork>> m_work;
    Job<schedule::WorkPlan> m_plan;
    Job<std::vector<QImage>> m_small; ///< of all sittings
    Job<QImage> m_expected;
    int m_sitting = -1;
    std::string m_task, m_saidOf;
};

} // namespace rl::app
