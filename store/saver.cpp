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
    {
        const std::lock_guard lock(m_mutex);
        if (!m_tasks.empty() && m_tasks.back().project)
            m_tasks.back().project = std::move(project);
        else
            m_tasks.push_back({std::move(project), nullptr});
    }
    m_changed.notify_all();
}

void Saver::post(std::function<void(ProjectFile&)> use)
{
    {
        const std::lock_guard lock(m_mutex);
        m_tasks.push_back({std::nullopt, std::move(use)});
    }
    m_changed.notify_all();
}

bool Saver::busy() const
{
    const std::lock_guard lock(m_mutex);
    return m_busy || !m_tasks.empty();
}

void Saver::wait()
{
    std::unique_lock lock(m_mutex);
    m_changed.wait(lock, [this] { return !m_busy && m_tasks.empty(); });
}

Result<Done> Saver::fromWorker(const std::function<Result<Done>(ProjectFile&)>& use)
{
    { // edits go first
        std::unique_lock lock(m_mutex);
        m_changed.wait(lock, [this] { return !m_busy && m_tasks.empty(); });
    }
    const std::lock_guard file(m_fileMutex);
    return use(m_file);
}

void Saver::run()
{
    std::unique_lock lock(m_mutex);
    while (true) {
        m_changed.wait(lock, [this] { return m_stop || !m_tasks.empty(); });
        if (m_tasks.empty())
            return;
        std::optional<Task> task = std::move(m_tasks.front());
        m_tasks.pop_front();
        m_busy = true;
        lock.unlock();
        const auto done = guarded([&]() -> Result<Done> {
            const std::lock_guard file(m_fileMutex);
            if (task->project)
                return m_file.save(*task->project);
            task->use(m_file);
            return Done{};
        });
        if (!done && m_failed)
            m_failed(done.error());
        task.reset();
        lock.lock();
        m_busy = false;
        m_changed.notify_all();
    }
}

} // namespace rl::store
