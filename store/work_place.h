#pragma once
#include <filesystem>
#include <mutex>
#include <shared_mutex>

namespace rl::store {

/// Where a work's file lies. Shared by the file and by every picture that is read from it, so that a work that is moved
/// takes its pictures along. From any thread.
class WorkPlace {
public:
    explicit WorkPlace(std::filesystem::path path)
        : m_path(std::move(path))
    {
    }
    std::filesystem::path path() const
    {
        const std::shared_lock lock(m_mutex);
        return m_path;
    }
    /// Reads at the path, which does not change meanwhile.
    template <class F> auto reading(F read) const
    {
        const std::shared_lock lock(m_mutex);
        return read(m_path);
    }
    /// Nobody reads meanwhile. \param move gets the path and may change it
    template <class F> auto moving(F move)
    {
        const std::unique_lock lock(m_mutex);
        return move(m_path);
    }

private:
    mutable std::shared_mutex m_mutex;
    std::filesystem::path m_path;
};

} // namespace rl::store
