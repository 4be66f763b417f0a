#pragma once
#include "app/desk/document.h"
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
    TakeKeeper(Document& document, stage::SurfaceCache& cache, Jobs& jobs);

    struct Known {
        int take = 0;
        Scene scene;
        review::TakeFigures figures;
        QImage image;
    };
    const Known* known(int take) const; ///< null while not at hand; may be of a scene just left
    bool idle() const { return !m_job.running(); }
    /// Looks what has changed and works it out.
    void follow();

signals:
    void changed();

private:
    void finished();
    Document& m_document;
    stage::SurfaceCache& m_cache;
    std::map<int, Known> m_known;
    Job<Known> m_job;
};

} // namespace rl::app
