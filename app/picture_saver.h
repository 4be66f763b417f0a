#pragma once
#include "app/workbench.h"
#include <QFutureWatcher>
#include <QWidget>
#include <atomic>

class QProgressBar;

namespace rl::app {

/// Writes the finished picture as PNG, as large as wanted, strip by strip aside, with how far it is and a way to give
/// it up. Hidden while nothing is written.
class PictureSaver final : public QWidget {
    Q_OBJECT
public:
    explicit PictureSaver(Workbench& bench);
    ~PictureSaver() override;
    /// \param widthPx 16…12000; asked while another is being written it is refused with a notice
    void save(const Project& project, const QString& path, int widthPx);
    bool saving() const { return m_watcher.isRunning(); }
    void giveUp() { m_stop = true; }

signals:
    void saved(bool whole);

private:
    Workbench& m_work;
    QProgressBar* m_bar;
    QFutureWatcher<QString> m_watcher;
    std::atomic<bool> m_stop = false;
};

} // namespace rl::app
