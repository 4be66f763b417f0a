#pragma once
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/schedule/sitting_timer.h"
#include "core/survey/work_survey.h"
#include <QElapsedTimer>
#include <QTimer>

namespace rl::app {

class StationView;

inline QString said(const std::string& s)
{
    return QString::fromStdString(s);
}

/// "35 min", "2.5 h".
inline QString hoursSaid(double h)
{
    return h < 1 ? QObject::tr("%1 min").arg(h * 60, 0, 'f', 0) : QObject::tr("%1 h").arg(h, 0, 'f', h < 10 ? 1 : 0);
}

/// What the clock on the wall says: UTC seconds and what is added for local time. Tests turn it.
struct WallClock {
    std::function<Instant()> now;
    std::function<int(Instant)> utcMinutes;
};
WallClock systemClock();

/// What all pages of Paint share: the work prepared for stages, the plan of work, the sitting under way, the photograph
/// that is compared.
class PaintState final : public QObject {
    Q_OBJECT
public:
    static PaintState& of(Desk& desk, StationView& view); ///< the one of a station
    explicit PaintState(Desk& desk);
    ~PaintState() override;

    void want(); ///< asks for what is missing
    const survey::PaintedWork* work() const { return m_work.last() ? m_work.last()->get() : nullptr; }
    const schedule::WorkPlan* plan() const { return m_plan.last(); }
    bool busy() const { return m_work.running() || m_plan.running() || m_survey.running(); }
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

    // the sitting under way
    schedule::SittingTimer timer;
    WallClock clock = systemClock();
    void begin();
    void pause(bool on);
    void turnTo(const schedule::WorkTask& task);
    void end();
    void tick(double seconds); ///< a steady clock has gone on

    // the photograph of the canvas
    int photo() const { return m_photo; } ///< of the work's; 0: none
    void holdPhoto(int id);
    const survey::WorkSurvey* compared() const { return m_photo ? m_survey.last() : nullptr; }
    const Error* problem() const; ///< why the comparison, the plan or the preparation was not had; null: it was
    const CanvasPhoto* heldPhoto() const;
    void compare(); ///< asks for the comparison of the one in hand
    void stop(); ///< the comparison, the plan, the preparation: whatever is under way
    bool stopped() const; ///< something of that was stopped or failed; it is not tried again by itself
    void again();
    bool comparing() const { return m_survey.running(); }
    double progress() const { return m_progress; }
    QImage firstLook() const { return m_survey.running() ? m_firstLook : QImage(); } ///< squared up roughly
    QImage photoSmall(int photo) const; ///< squared up, small; null while it is made
    void takePhoto(Reference picture); ///< of the canvas, now

signals:
    void changed();
    void ticked(); ///< a second of work

private:
    JobKey workKey() const;
    JobKey planKey() const;
    JobKey surveyKey() const;
    void wantLooks();
    void wantSmallPhotos();
    static std::set<std::string> doneBy(const schedule::WorkPlan& plan, int sitting);
    void journal();
    Desk& m_desk;
    Job<std::shared_ptr<const survey::PaintedWork>> m_work;
    Job<schedule::WorkPlan> m_plan;
    Job<survey::WorkSurvey> m_survey;
    Job<std::vector<QImage>> m_small; ///< of all sittings
    Job<QImage> m_expected;
    using SmallPhotos = std::map<int, QImage>; ///< by the photograph's id
    Job<SmallPhotos> m_smallPhotos;
    SmallPhotos m_photos;
    QImage m_firstLook;
    int m_sitting = -1, m_photo = 0;
    std::string m_task, m_saidOf;
    double m_progress = 0;
    QTimer m_second;
    QElapsedTimer m_steady;
};

} // namespace rl::app
