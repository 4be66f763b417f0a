#pragma once
#include "app/desk/desk.h"
#include "core/schedule/sitting_timer.h"
#include "core/schedule/work_plan.h"
#include <QElapsedTimer>
#include <QTimer>

namespace rl::app {

/// What the clock on the wall says: UTC seconds and what is added for local time. Tests turn it.
struct WallClock {
    std::function<Instant()> now;
    std::function<int(Instant)> utcMinutes;
};
WallClock systemClock();

/// The sitting under way and its clock; what it has counted is kept in the file each second.
class SittingClock final : public QObject {
    Q_OBJECT
public:
    explicit SittingClock(Desk& desk);
    ~SittingClock() override;

    schedule::SittingTimer timer;
    WallClock wall = systemClock();
    schedule::Minutes local() const; ///< now, by the clock on the wall
    void begin();
    void pause(bool on);
    void turnTo(const schedule::WorkTask& task);
    void end(); ///< it comes into the log
    void tick(double seconds); ///< a steady clock has gone on

signals:
    void changed();
    void turned(const std::string& task); ///< to the task of that key
    void ticked(); ///< a second of work

private:
    void journal();
    Desk& m_desk;
    QTimer m_second;
    QElapsedTimer m_steady;
};

} // namespace rl::app
