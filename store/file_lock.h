#pragma once
#include <filesystem>
#include <memory>

namespace rl::store {

/// That a work is open here: of all programs of one user only one writes a work, the others may read it. It ends with
/// the program, however that ends. What is open twice within one program shares it.
class FileLock {
public:
    /// \return null while another program holds the work; where locks cannot be had, it is held without one
    static std::shared_ptr<FileLock> take(const std::filesystem::path& work);
    ~FileLock();
    FileLock(const FileLock&) = delete;
    FileLock& operator=(const FileLock&) = delete;
    /// The file was deleted: what is written to it now is lost with its last user.
    bool gone() const;
    /// Another file lies at that path now.
    bool replacedAt(const std::filesystem::path& path) const;
    /// Where the file lies now, wherever it was moved to; empty when that cannot be told.
    std::filesystem::path whereabouts() const;
    /// Is the work at this path open in any program, this one too?
    static bool anywhere(const std::filesystem::path& work);

private:
    FileLock(int file, int lock)
        : m_file(file)
        , m_lock(lock)
    {
    }
    int m_file, m_lock;
};

} // namespace rl::store
