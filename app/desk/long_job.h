#pragma once
#include "app/desk/job.h"
#include "core/stage/surface.h"
#include <QWidget>

class QProgressBar;

namespace rl::app {

/// A long job under the board: how far it is and a way to give it up. Hidden while nothing is under way. What it writes
/// is written aside: nothing is left behind when it is given up.
class LongJob final : public QWidget {
    Q_OBJECT
public:
    LongJob(Jobs& jobs, stage::SurfaceCache& cache);
    /// Refused with a notice while another is under way. \param said when it has worked
    void run(std::function<Result<Done>(Progress&)> work, const QString& said);
    /// The finished picture as PNG, strip by strip. \param widthPx 16…12000
    void savePicture(const Project& project, const QString& path, int widthPx);
    bool running() const { return m_job.running(); }
    void giveUp() { m_job.stop(); }

signals:
    void finished(bool whole);

private:
    Notices& m_notices;
    stage::SurfaceCache& m_cache;
    QProgressBar* m_bar;
    QString m_said;
    int m_count = 0;
    Job<Done> m_job;
};

} // namespace rl::app
