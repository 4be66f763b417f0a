#pragma once
#include "store/file_lock.h"
#include "store/project_file.h"
#include "store/sqlite.h"
#include "store/stored_picture.h"
#include "store/work_place.h"
#include <map>
#include <set>

/// The database inside a work's file. Of store/ alone.
namespace rl::store {

inline constexpr int kApplicationId = 0x524c4e54; // "RLNT"
inline constexpr int kFileVersion = 2; // 1: no small pictures of milestones, cut-outs stand on the middle of their box
inline constexpr std::uintmax_t kMostFile = 8'000'000'000;

struct ProjectFile::Database {
    sqlite3* db = nullptr;
    std::shared_ptr<WorkPlace> place;
    bool readOnly = false;
    bool changed = false; ///< since it was opened: something that only this file has was written
    std::shared_ptr<FileLock> hold; ///< while it may be written
    std::map<const void*, std::pair<Mask, std::string>> matteNames; ///< encoded already; held, so that an address lasts
    std::vector<std::string> lost; ///< what the last projectFrom could not read, as a painter would call it

    ~Database() { sqlite3_close(db); }
    std::filesystem::path path() const { return place->path(); }
    static Result<std::unique_ptr<Database>> connect(const std::filesystem::path& path, int flags);
    /// A new, empty file of the present version.
    static Result<std::unique_ptr<Database>> make(const std::filesystem::path& path);

    int run(const char* sql) { return sqlite3_exec(db, sql, nullptr, nullptr, nullptr); }
    int pragma(const char* name);
    int keepBlob(const std::string& name, const char* kind, std::span<const unsigned char> bytes);
    bool hasBlob(const std::string& name) const;
    Result<Blob> blob(const std::string& name);
    /// What cannot be read is left out and told in `lost`: a picture stays as a missing one, a cut-out without its
    /// edge.
    Result<Project> projectFrom(const std::string& description);
    /// \pre in a transaction. A picture that this file has not got and that cannot be read is an error, unless it is
    /// known to be missing. \param settled gets the pictures whose bytes are in this file once it is committed
    Result<Done> write(const Project& project, std::vector<LazyPhoto>& settled);
    /// The same in a transaction of its own.
    Result<Done> writeAll(const Project& project, bool own);
    Result<Done> writePicture(const Reference& reference, std::vector<LazyPhoto>& settled);
    int keepDerived(const std::string& sha256, const std::string& kind, std::span<const unsigned char> bytes);
    /// Every blob that a description names.
    static void namesIn(const std::string& description, std::set<std::string>& names);
    /// BEGIN, work, COMMIT; rolled back when anything fails. \param own what cannot be made again is written
    Result<Done> transaction(const std::function<Result<Done>()>& work, bool own = true);
    /// The file is the one it was, where it was or moved elsewhere; else what has become of it, in one sentence.
    Result<Done> there();
    /// Goes on with the same file, or another that holds all this one does, at a path; nothing is changed where that
    /// fails. \param bring puts the file there, while nobody has this one open; may be null
    Result<Done> goOnAt(const std::filesystem::path& path, const std::function<Result<Done>()>& bring);

private:
    void upgrade();
};

/// All of a database into another, empty one.
Result<Done> copied(sqlite3* from, const ProjectFile::Database& to);
/// Nothing lies in the way of a file that is to be renamed to this path: no work that is open anywhere, and no journal
/// that would be rolled back into it. What lies there of an older file is put aside, not deleted.
Result<Done> clearTheWay(const std::filesystem::path& path);
/// A file's name is on the disk with the folder it lies in (fsync(2)).
void syncFolderOf(const std::filesystem::path& path);

/// Done, or what the code means.
Result<Done> doneOr(const ProjectFile::Database& d, int code, const char* doing);

} // namespace rl::store
