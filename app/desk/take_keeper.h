#pragma once
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "core/review/take_figures.h"
#include <QImage>
#include <map>

namespace rl::app {

/// Small pictures and figures of the takes, made one by one off the interface thread and kept while a take's scene
/// stays the same.
class TakeKeeper final : public QObject {
    Q_OBJECT
public:
    explicit TakeKeeper(Desk& desk);

    struct Known {
        int take = 0;
        Project of; ///< the take's own, as it was looked at
        review::TakeFigures figures;
        QImage image;
    };
    const Known* known(int take) const; ///< null while not at hand; may be of a scene just left
    bool current(int take) const; ///< what is known is of the work as it stands; else it is being checked
    bool idle() const { return !m_job.running(); }
    /// Looks what has changed and works it out.
    void follow();

signals:
    void changed();

private:
    void finished();
    Project asTake(int take) const;
    Desk& m_desk;
    std::map<int, Known> m_known;
    Job<Known> m_job;
};

} // namespace rl::app
