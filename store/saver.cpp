#include "store/saver.h"

namespace rl::store {

namespace {
constexpr auto kTriedAgain = std::chrono::seconds(2);
}

Saver::Saver(ProjectFile file, Heard heard)
    : m_file(std::move(file))
    , m_place(m_file.place())
    , m_readOnly(m_file.readOnly())
    , m_heard(std::move(heard))
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

void Saver::save(Project project, Whose whose)
{
    {
        const std::lock_guard lock(m_mutex);
        if (std::exchange(m_unsaved, std::nullopt)) // this one is newer
            whose = Whose::Painter;
        auto waiting = m_tasks.rbegin();
        while (waiting != m_tasks.rend() && !waiting->project && waiting->order == Order::Loose)
            ++waiting;
        if (waiting != m_tasks.rend() && waiting->project) {
            waiting->project = std::move(project);
            if (whose == Whose::Painter)
                waiting->whose = whose;
        } else {
            m_tasks.push_back({std::move(project), nullptr, Order::InTurn, whose});
        }
    }
    m_changed.notify_all();
}

void Saver::post(std::function<void(ProjectFile&)> use, Order order)
{
    {
        const std::lock_guard lock(m_mutex);
        m_tasks.push_back({std::nullopt, std::move(use), order, Whose::Painter});
    }
    m_changed.notify_all();
}

void Saver::rename(std::filesystem::path path, std::function<void(Result<Done>)> done)
{
    post([path = std::move(path), done = std::move(done)](ProjectFile& file) { done(file.renameTo(path)); });
}

void Saver::continueIn(std::filesystem::path path, Project project, std::function<void(Result<Done>)> done)
{
    post([this, path = std::move(path), project = std::move(project), done = std::move(done)](ProjectFile& file) {
        const auto went = file.continueIn(path, project);
        m_readOnly = file.readOnly();
        if (went) {
            const std::lock_guard lock(m_mutex);
            m_unsaved.reset(); // it is in there
        }
        done(went);
    });
}

bool Saver::busy() const
{
    const std::lock_guard lock(m_mutex);
    return m_busy || !m_tasks.empty();
}

bool Saver::unsaved() const
{
    const std::lock_guard lock(m_mutex);
    return m_unsaved.has_value();
}

long Saver::writes() const
{
    const std::lock_guard lock(m_mutex);
    return m_writes;
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

Result<Done> Saver::write(const Project& project, Whose whose)
{
    const std::lock_guard file(m_fileMutex);
    return m_file.save(project, whose == Whose::Painter);
}

void Saver::work(Task task)
{
    const auto done = guarded([&]() -> Result<Done> {
        if (task.project)
            return write(*task.project, task.whose);
        const std::lock_guard file(m_fileMutex);
        task.use(m_file);
        return Done{};
    });
    if (task.project) {
        const std::lock_guard lock(m_mutex);
        ++m_writes;
        const bool newer = std::any_of(m_tasks.begin(), m_tasks.end(), [](const Task& t) { return bool(t.project); });
        if (done)
            m_unsaved.reset();
        else if (!newer)
            m_unsaved = std::move(task.project);
    }
    if (!done && m_heard.failed)
        m_heard.failed(done.error());
    else if (done && task.project && m_heard.saved)
        m_heard.saved();
}

void Saver::run()
{
    std::unique_lock lock(m_mutex);
    while (true) {
        const auto wanted = [this] { return m_stop || !m_tasks.empty(); };
        const bool again
            = m_unsaved ? !m_changed.wait_for(lock, kTriedAgain, wanted) : (m_changed.wait(lock, wanted), false);
        if ((again || (m_stop && m_tasks.empty())) && m_unsaved) {
            const Project project = *m_unsaved;
            m_busy = true;
            lock.unlock();
            const bool went = bool(guarded([&] { return write(project, Whose::Painter); }));
            if (went && m_heard.saved)
                m_heard.saved();
            lock.lock();
            m_busy = false;
            if (went)
                m_unsaved.reset();
            m_changed.notify_all();
            if (m_stop && m_tasks.empty())
                return;
            continue;
        }
        if (m_tasks.empty())
            return;
        Task task = std::move(m_tasks.front());
        m_tasks.pop_front();
        m_busy = true;
        lock.unlock();
        work(std::move(task));
        lock.lock();
        m_busy = false;
        m_changed.notify_all();
    }
}

} // namespace rl::store
