#include "store/saver.h"

namespace rl::store {

Saver::Saver(ProjectFile file, std::function<void(Error)> failed)
    : m_file(std::move(file))
    , m_readOnly(m_file.readOnly())
    , m_failed(std::move(failed))
    , m_thread([this] { run(); })
{
}

Saver::~Saver()
{
    {
        const std::lock_guard lock(m_mutex);
        m_stop = true;
    }
    m_changed.notify_all();
    m_thread.join();
}

void Saver::save(Project project)
{
    std::unique_lock lock(m_mutex);
    m_changed.wait(lock, [this] { return !m_next && !m_busy; });
    m_next = std::move(project);
    lock.unlock();
    m_changed.notify_all();
}

void Saver::wait()
{
    std::unique_lock lock(m_mutex);
    m_changed.wait(lock, [this] { return !m_next && !m_busy; });
}

Result<Done> Saver::withFile(const std::function<Result<Done>(ProjectFile&)>& use)
{
    std::unique_lock lock(m_mutex);
    m_changed.wait(lock, [this] { return !m_next && !m_busy; });
    const std::lock_guard file(m_fileMutex);
    return use(m_file);
}

Result<Done> Saver::fromWorker(const std::function<Result<Done>(ProjectFile&)>& use)
{
    { // edits go first
        std::unique_lock lock(m_mutex);
        m_changed.wait(lock, [this] { return !m_next && !m_busy; });
    }
    const std::lock_guard file(m_fileMutex);
    return use(m_file);
}

void Saver::run()
{
    std::unique_lock lock(m_mutex);
    while (true) {
        m_changed.wait(lock, [this] { return m_next || m_stop; });
        if (!m_next)
            return;
        const Project project = std::move(*m_next);
        m_next.reset();
        m_busy = true;
        lock.unlock();
        const auto done = [&] {
            const std::lock_guard file(m_fileMutex);
            return m_file.save(project);
        }();
        if (!done && m_failed)
            m_failed(done.error());
        lock.lock();
        m_busy = false;
        m_changed.notify_all();
    }
}

} // namespace rl::store
