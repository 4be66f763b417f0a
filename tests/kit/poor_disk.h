#pragma once
#include <atomic>
#include <chrono>
#include <cstring>
#include <sqlite3.h>
#include <thread>

namespace rl::kit {

/// A medium that is slow, or goes away: from its making on all files of works lie on it, until it ends. One at a time.
class PoorDisk {
public:
    PoorDisk()
    {
        own() = this;
        sqlite3_vfs* usual = sqlite3_vfs_find(nullptr);
        m_usual = usual;
        m_vfs = *usual;
        m_vfs.zName = "poor";
        m_vfs.szOsFile = int(sizeof(File)) + usual->szOsFile;
        m_vfs.xOpen = open;
        sqlite3_vfs_register(&m_vfs, 1);
    }
    ~PoorDisk()
    {
        sqlite3_vfs_unregister(&m_vfs);
        sqlite3_vfs_register(m_usual, 1);
        own() = nullptr;
    }
    std::atomic<int> delayMs{0}; ///< of every write
    std::atomic<long> until{-1}; ///< so many more writes are taken, then none, and nothing is read; negative = all
    std::atomic<long> writes{0};

private:
    struct File {
        sqlite3_file base;
        sqlite3_file* real() { return reinterpret_cast<sqlite3_file*>(this + 1); }
    };
    static PoorDisk*& own()
    {
        static PoorDisk* one = nullptr;
        return one;
    }
    static File* of(sqlite3_file* f) { return reinterpret_cast<File*>(f); }
    static const sqlite3_io_methods* methods(sqlite3_file* f) { return of(f)->real()->pMethods; }
    static bool away() { return own() && own()->until == 0; }
    static bool takes()
    {
        if (!own())
            return true;
        std::this_thread::sleep_for(std::chrono::milliseconds(own()->delayMs.load()));
        ++own()->writes;
        if (own()->until > 0)
            --own()->until;
        return !away();
    }
    static int open(sqlite3_vfs*, const char* name, sqlite3_file* f, int flags, int* out)
    {
        static const sqlite3_io_methods all{1,
            [](sqlite3_file* g) { return methods(g) ? methods(g)->xClose(of(g)->real()) : SQLITE_OK; },
            [](sqlite3_file* g, void* to, int n, sqlite3_int64 at) {
                return away() ? SQLITE_IOERR_READ : methods(g)->xRead(of(g)->real(), to, n, at);
            },
            [](sqlite3_file* g, const void* from, int n, sqlite3_int64 at) {
                return takes() ? methods(g)->xWrite(of(g)->real(), from, n, at) : SQLITE_IOERR_WRITE;
            },
            [](sqlite3_file* g, sqlite3_int64 n) {
                return takes() ? methods(g)->xTruncate(of(g)->real(), n) : SQLITE_IOERR_TRUNCATE;
            },
            [](sqlite3_file* g, int how) {
                return takes() ? methods(g)->xSync(of(g)->real(), how) : SQLITE_IOERR_FSYNC;
            },
            [](sqlite3_file* g, sqlite3_int64* n) {
                return away() ? SQLITE_IOERR_FSTAT : methods(g)->xFileSize(of(g)->real(), n);
            },
            [](sqlite3_file* g, int how) { return methods(g)->xLock(of(g)->real(), how); },
            [](sqlite3_file* g, int how) { return methods(g)->xUnlock(of(g)->real(), how); },
            [](sqlite3_file* g, int* held) { return methods(g)->xCheckReservedLock(of(g)->real(), held); },
            [](sqlite3_file* g, int what, void* with) { return methods(g)->xFileControl(of(g)->real(), what, with); },
            [](sqlite3_file* g) { return methods(g)->xSectorSize(of(g)->real()); },
            [](sqlite3_file* g) { return methods(g)->xDeviceCharacteristics(of(g)->real()); }, nullptr, nullptr,
            nullptr, nullptr, nullptr, nullptr};
        if (away())
            return SQLITE_CANTOPEN;
        const int code = own()->m_usual->xOpen(own()->m_usual, name, of(f)->real(), flags, out);
        f->pMethods = methods(f) ? &all : nullptr;
        return code;
    }
    sqlite3_vfs* m_usual = nullptr;
    sqlite3_vfs m_vfs{};
};

} // namespace rl::kit
