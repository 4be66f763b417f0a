#include "store/file_lock.h"
#include <cerrno>
#include <cstdlib>
#include <fcntl.h>
#include <map>
#include <mutex>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

namespace rl::store {

namespace {
using Inode = std::pair<dev_t, ino_t>;

/// A file of this user's for the lock of a work, by its inode: not the work itself, whose own locks any close() in the
/// process would let go (fcntl(2)). -1 where there can be none.
int lockFileOf(const Inode& work)
{
    const char* runtime = std::getenv("XDG_RUNTIME_DIR");
    std::error_code error;
    const std::filesystem::path folder
        = (runtime && *runtime ? std::filesystem::path(runtime) : std::filesystem::temp_directory_path(error))
        / ("roving-lantern-" + std::to_string(::getuid()));
    ::mkdir(folder.c_str(), 0700);
    struct stat s { };
    if (::lstat(folder.c_str(), &s) != 0 || !S_ISDIR(s.st_mode) || s.st_uid != ::getuid())
        return -1;
    const auto name = folder / (std::to_string(work.first) + "-" + std::to_string(work.second) + ".open");
    return ::open(name.c_str(), O_RDWR | O_CREAT | O_CLOEXEC | O_NOFOLLOW, 0600);
}
std::mutex s_one;
std::map<Inode, std::weak_ptr<FileLock>>& held()
{
    static std::map<Inode, std::weak_ptr<FileLock>> all;
    return all;
}
} // namespace

std::shared_ptr<FileLock> FileLock::take(const std::filesystem::path& work)
{
    const std::lock_guard guard(s_one);
    // O_PATH: closing it leaves the locks that the database has on the file (fcntl(2), open(2)).
    const int file = ::open(work.c_str(), O_PATH | O_CLOEXEC);
    struct stat s { };
    if (file < 0 || ::fstat(file, &s) != 0)
        return std::shared_ptr<FileLock>(new FileLock(file, -1));
    auto& known = held()[{s.st_dev, s.st_ino}];
    if (auto here = known.lock()) {
        ::close(file);
        return here;
    }
    const int lock = lockFileOf({s.st_dev, s.st_ino});
    if (lock >= 0 && ::flock(lock, LOCK_EX | LOCK_NB) != 0 && errno == EWOULDBLOCK) {
        ::close(lock);
        ::close(file);
        return nullptr;
    }
    std::shared_ptr<FileLock> mine(new FileLock(file, lock));
    known = mine;
    return mine;
}

FileLock::~FileLock()
{
    for (const int f : {m_lock, m_file})
        if (f >= 0)
            ::close(f);
}

bool FileLock::anywhere(const std::filesystem::path& work)
{
    struct stat s { };
    if (::stat(work.c_str(), &s) != 0)
        return false;
    const std::lock_guard guard(s_one);
    const Inode inode{s.st_dev, s.st_ino};
    if (const auto known = held().find(inode); known != held().end() && !known->second.expired())
        return true;
    const int lock = lockFileOf(inode);
    const bool taken = lock >= 0 && ::flock(lock, LOCK_EX | LOCK_NB) != 0 && errno == EWOULDBLOCK;
    if (lock >= 0)
        ::close(lock);
    return taken;
}

bool FileLock::replacedAt(const std::filesystem::path& path) const
{
    struct stat own {
    }, there{};
    return m_file >= 0 && ::fstat(m_file, &own) == 0 && ::stat(path.c_str(), &there) == 0
        && (own.st_dev != there.st_dev || own.st_ino != there.st_ino);
}

std::filesystem::path FileLock::whereabouts() const
{
    std::error_code error;
    const auto at = std::filesystem::read_symlink("/proc/self/fd/" + std::to_string(m_file), error);
    return !error && !gone() && std::filesystem::exists(at, error) && !replacedAt(at) ? at : std::filesystem::path();
}

bool FileLock::gone() const
{
    struct stat s { };
    return m_file >= 0 && ::fstat(m_file, &s) == 0 && s.st_nlink == 0;
}

} // namespace rl::store
