#pragma once
#include "store/project_file.h"
#include <condition_variable>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

namespace rl::store {

/// Writes every edit as it happens, off the interface thread. An edit is handed over only when the one before it is
/// on the disk, so that at most the last can be lost.
class Saver {
public:
    /// \param failed called from the writing thread with what went wrong
    Saver(ProjectFile file, std::function<void(Error)> failed);
    ~Saver(); ///< waits for the last edit

    /// Waits for the edit before this one (a few milliseconds at most on a working disk), then returns at once.
    void save(Project project);
    /// Until everything handed over is on the disk, or has failed.
    void wait();
    /// Waits, then uses the file on this thread.
    Result<Done> withFile(const std::function<Result<Done>(ProjectFile&)>& use);
    /// Uses the file on the calling worker thread, between edits, without holding the interface up.
    Result<Done> fromWorker(const std::function<Result<Done>(ProjectFile&)>& use);
    bool readOnly() const { return m_readOnly; }

private:
    void run();
    ProjectFile m_file;
    bool m_readOnly;
    std::function<void(Error)> m_failed;
    std::mutex m_mutex, m_fileMutex;
    std::condition_variable m_changed;
    std::optional<Project> m_next;
    bool m_busy = false, m_stop = false;
    std::thread m_thread;
};

} // namespace rl::store
