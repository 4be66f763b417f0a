#pragma once
#include "app/document.h"
#include "core/review/take_figures.h"
#include <QFutureWatcher>
#include <QImage>
#include <atomic>
#include <map>

namespace rl::app {

/// Small pictures and figures of the takes, made one by one off the interface thread and kept while a take's scene
/// stays the same.
class TakeKeeper final : public QObject {
    Q_OBJECT
public:
    TakeKeeper(Document& document, stage::SurfaceCache& cache);
    ~TakeKeeper() override;

    struct Known {
        Scene scene;
        review::TakeFigures figures;
        QImage image;
    };
    const Known* known(int take) const; ///< null while not at hand; may be of a scene just left
    bool idle() const { return !m_watcher.isRunning(); }
    /// Looks what has changed and works it out. \param take 0 for a work of one arrangement
    void follow();

signals:
    void changed();

private:
    struct Made {
        int take = 0;
        Known known;
    };
    void finished();
    Document& m_document;
    stage::SurfaceCache& m_cache;
    std::map<int, Known> m_known;
    QFutureWatcher<Made> m_watcher;
    std::atomic<bool> m_stop = false;
};

} // namespace rl::app
