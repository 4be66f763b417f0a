#pragma once
#include "core/base/progress.h"
#include <QThreadPool>
#include <atomic>

namespace rl::app {

/// Threads for long work. Qt paints and scales with the help of its global pool and waits for it, so that pool must
/// never be kept busy: the window would stand still.
inline QThreadPool* jobs()
{
    static QThreadPool pool;
    [[maybe_unused]] static const bool once = [] {
        pool.setMaxThreadCount(2);
        return true;
    }();
    return &pool;
}

/// Progress of a job that is given up when a flag is raised.
class UntilStopped final : public Progress {
public:
    explicit UntilStopped(const std::atomic<bool>& stop)
        : m_stop(stop)
    {
    }
    void report(double, std::string_view) override { }
    bool cancelled() const override { return m_stop; }

private:
    const std::atomic<bool>& m_stop;
};

} // namespace rl::app
