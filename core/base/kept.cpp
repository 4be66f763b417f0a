#include "core/base/kept.h"
#include <list>
#include <mutex>
#include <unordered_map>
#include <vector>

namespace rl::kept {

namespace {
struct Thing {
    std::shared_ptr<const void> what;
    std::size_t bytes;
};

class Shelf {
public:
    using Gone = std::vector<std::shared_ptr<const void>>; ///< ends after the lock: its end may take a while

    void hold(const std::shared_ptr<const void>& what, std::size_t bytes)
    {
        Gone gone;
        const std::lock_guard lock(m_mutex);
        take(what.get(), gone);
        m_things.push_front({what, bytes});
        m_where[what.get()] = m_things.begin();
        m_bytes += bytes;
        trim(gone);
    }
    void used(const void* what)
    {
        const std::lock_guard lock(m_mutex);
        if (const auto at = m_where.find(what); at != m_where.end())
            m_things.splice(m_things.begin(), m_things, at->second);
    }
    void letGo(const void* what)
    {
        Gone gone;
        const std::lock_guard lock(m_mutex);
        take(what, gone);
    }
    void setMost(std::size_t bytes)
    {
        Gone gone;
        const std::lock_guard lock(m_mutex);
        m_most = bytes;
        trim(gone);
    }
    std::size_t most() const
    {
        const std::lock_guard lock(m_mutex);
        return m_most;
    }
    std::size_t bytes() const
    {
        const std::lock_guard lock(m_mutex);
        return m_bytes;
    }

private:
    void take(const void* what, Gone& gone)
    {
        const auto at = m_where.find(what);
        if (at == m_where.end())
            return;
        m_bytes -= at->second->bytes;
        gone.push_back(std::move(at->second->what));
        m_things.erase(at->second);
        m_where.erase(at);
    }
    void trim(Gone& gone)
    {
        while (m_bytes > m_most && m_things.size() > 1)
            take(m_things.back().what.get(), gone);
    }
    mutable std::mutex m_mutex;
    std::list<Thing> m_things; // the last used first
    std::unordered_map<const void*, std::list<Thing>::iterator> m_where;
    std::size_t m_bytes = 0, m_most = kAtFirst;
};

Shelf& shelf()
{
    static auto* one = new Shelf; // never ends: what it holds may end later than any static
    return *one;
}
} // namespace

void hold(const std::shared_ptr<const void>& what, std::size_t bytes)
{
    shelf().hold(what, bytes);
}
void used(const void* what)
{
    shelf().used(what);
}
void letGo(const void* what)
{
    shelf().letGo(what);
}
void setMost(std::size_t bytes)
{
    shelf().setMost(bytes);
}
std::size_t most()
{
    return shelf().most();
}
std::size_t bytes()
{
    return shelf().bytes();
}

} // namespace rl::kept
