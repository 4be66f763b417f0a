#pragma once
#include "store/project_file.h"
#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

namespace rl::store {

/// Writes every edit as it happens, off the interface thread. Nobody waits: an edit made while one before it is being
/// written is written next, the newest at once in place of those between. So what a sudden end can lose is what was
/// done during one write.
class Saver {
public:
    /// \param failed called from the writing thread with what went wrong
    Saver(ProjectFile file, std::function<void(Error)> failed);
    ~Saver(); ///< waits until all is written

    void save(Project project);
    /// Uses the file on the writing thread, after what was handed over before it and before what comes later.
    void post(std::function<void(ProjectFile&)> use);
    /// Until everything handed over is on the disk, or has failed.
    void wait();
    bool busy() const;
    /// Uses the file on the calling worker thread, between edits.
    Result<Done> fromWorker(const std::function<Result<Done>(ProjectFile&)>& use);
    bool readOnly() const { return m_readOnly; }

private:
    void run();
    ProjectFile m_file;
    bool m_readOnly;
    std::function<void(Error)> m_failed;
    mutable std::mutex m_mutex;
    std::mutex m_fileMutex;
    std::condition_variable m_changed;
    struct Task { ///< one of both
        std::optional<Project> project;
        std::function<void(ProjectFile&)> use;
    };
    std::deque<Task> m_tasks;
    bool m_busy = false, m_stop = false;
    std::thread m_thread;
};

} // namespace rl::store
