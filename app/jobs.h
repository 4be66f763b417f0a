#pragma once
#include <QThreadPool>

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

} // namespace rl::app
