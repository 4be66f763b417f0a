#pragma once
#include "store/hold.h"
#include "store/project_file.h"
#include "store/sqlite.h"
#include <map>
#include <set>

/// The database inside a work's file. Of store/ alone.
namespace rl::store {

using Blob = std::shared_ptr<const std::vector<unsigned char>>;

inline constexpr int kApplicationId = 0x524c4e54; // "RLNT"
inline constexpr int kFileVersion = 2; // 1: no small pictures of milestones, cut-outs stand on the middle of their box
inline constexpr std::uintmax_t kMostFile = 8'000'000'000;

struct ProjectFile::Database {
    sqlite3* db = nullptr;
    std::filesystem::path path;
    bool readOnly = false;
    std::shared_ptr<Hold> hold; ///< while it may be written
    std::map<const void*, std::pair<Mask, std::string>> matteNames; ///< encoded already; held, so that an address lasts
    std::vector<std::string> lost; ///< what the last projectFrom could not read, as a painter would call it

    ~Database() { sqlite3_close(db); }
    static Result<std::unique_ptr<Database>> connect(const std::filesystem::path& path, int flags);
    /// A new, empty file of the present version.
    static Result<std::unique_ptr<Database>> make(const std::filesystem::path& path);

    int run(const char* sql) { return sqlite3_exec(db, sql, nullptr, nullptr, nullptr); }
    int pragma(const char* name);
    int keepBlob(const std::string& name, const char* kind, std::span<const unsigned char> bytes);
    Result<Blob> blob(const std::string& name);
    /// What cannot be read is left out and told in `lost`: a picture stays as a missing one, a cut-out without its
    /// edge.
    Result<Project> projectFrom(const std::string& description);
    Result<Done> write(const Project& project);
    int keepDerived(const std::string& sha256, const std::string& kind, std::span<const unsigned char> bytes);
    /// Every blob that a description names.
    static void namesIn(const std::string& description, std::set<std::string>& names);
    /// BEGIN, work, COMMIT; rolled back when anything fails.
    Result<Done> transaction(const std::function<Result<Done>()>& work);
    /// Pictures that were in memory are on the disk now.
    static void settle(const Project& project, const std::filesystem::path& at);

private:
    void upgrade();
};

/// Done, or what the code means.
Result<Done> doneOr(const ProjectFile::Database& d, int code, const char* doing);

} // namespace rl::store
