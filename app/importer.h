#pragma once
#include "core/base/result.h"
#include "core/project/project.h"
#include <QFutureWatcher>
#include <QObject>
#include <QStringList>
#include <atomic>

namespace rl::app {

/// Reads picture files off the interface thread, with progress and cancel.
class Importer final : public QObject {
    Q_OBJECT
public:
    explicit Importer(QObject* parent = nullptr);
    ~Importer() override;
    void start(const QStringList& files);
    void cancel() { m_stop = true; }
    bool running() const { return m_watcher.isRunning(); }

signals:
    void progressed(int done, int all);
    void finished(std::vector<rl::Reference> pictures, QStringList problems);

private:
    struct Outcome {
        std::vector<Reference> pictures;
        QStringList problems;
    };
    QFutureWatcher<Outcome> m_watcher;
    std::atomic<bool> m_stop = false;
};

} // namespace rl::app
