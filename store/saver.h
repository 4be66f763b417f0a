#pragma once
#include "store/project_file.h"
#include "store/work_place.h"
#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

namespace rl::store {

/// Writes every edit as it happens, off the interface thread. Nobody waits: an edit made while one before it is being
/// written is written next, the newest at once in place of those between. So what a sudden end can lose is what was
/// done during one write. What could not be written is kept and tried again until it can be, or something newer is.
class Saver {
public:
    /// All are called from the writing thread.
    struct Heard {
        std::function<void(Error)> failed; ///< what went wrong; once, however often it is tried again
        std::function<void()> saved = {}; ///< something has reached the disk
    };
    Saver(ProjectFile file, Heard heard);
    ~Saver(); ///< waits until all is written, or has failed once more

    enum class Whose { Painter, Program }; ///< who changed it; the program: what it can work out again
    void save(Project project, Whose whose = Whose::Painter);
    enum class Order { InTurn, Loose };
    /// Uses the file on the writing thread. \param order InTurn: after the edits handed over before it and before those
    /// that come later; Loose: at any time, it has nothing to do with them
    void post(std::function<void(ProjectFile&)> use, Order order = Order::InTurn);
    /// Another name, or a copy to go on in: ProjectFile::renameTo, continueIn. \param done called from the writing
    /// thread
    void rename(std::filesystem::path path, std::function<void(Result<Done>)> done);
    void continueIn(std::filesystem::path path, Project project, std::function<void(Result<Done>)> done);

    /// Until everything handed over is on the disk, or has failed.
    void wait();
    bool busy() const;
    bool unsaved() const; ///< the newest edit could not be written yet
    long writes() const; ///< transactions of edits so far
    /// Uses the file on the calling worker thread, between edits.
    Result<Done> fromWorker(const std::function<Result<Done>(ProjectFile&)>& use);
    bool readOnly() const { return m_readOnly; }
    std::filesystem::path path() const { return m_place->path(); }

private:
    struct Task { ///< one of both
        std::optional<Project> project;
        std::function<void(ProjectFile&)> use;
        Order order = Order::InTurn;
        Whose whose = Whose::Painter;
    };
    void run();
    void work(Task task);
    Result<Done> write(const Project& project, Whose whose);
    ProjectFile m_file;
    std::shared_ptr<const WorkPlace> m_place;
    std::atomic<bool> m_readOnly;
    Heard m_heard;
    mutable std::mutex m_mutex;
    std::mutex m_fileMutex;
    std::condition_variable m_changed;
    std::deque<Task> m_tasks;
    std::optional<Project> m_unsaved; ///< could not be written
    long m_writes = 0;
    bool m_busy = false, m_stop = false;
    std::thread m_thread;
};

} // namespace rl::store
