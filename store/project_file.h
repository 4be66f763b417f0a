#pragma once
#include "core/base/result.h"
#include "core/project/project.h"
#include <filesystem>
#include <functional>
#include <memory>
#include <span>

namespace rl::store {

struct Milestone {
    int id = 0;
    std::string name;
    std::string when; ///< ISO 8601, UTC
};

/// What a tidying gave back.
struct Tidied {
    int pictures = 0; ///< pictures and mattes dropped
    std::uintmax_t bytes = 0; ///< of them
};

/// A *.lantern file: one SQLite 3 database with its own application id (docs/file-format.md). One thread at a time.
class ProjectFile {
public:
    ProjectFile(ProjectFile&&) noexcept;
    ProjectFile& operator=(ProjectFile&&) noexcept;
    ~ProjectFile();

    /// A new file, written beside and then renamed; whatever stood at the path is kept until that succeeds.
    static Result<ProjectFile> create(const std::filesystem::path& path, const Project& project);

    struct Opened;
    /// Opens safely: own application id, integrity check, size limits, no trusted schema. A file of a later version
    /// opens read-only where it can be understood. A picture that cannot be read is missing in the work and named in
    /// the note; a file that cannot be read as a whole is Kind::Damaged: see salvage().
    static Result<Opened> open(const std::filesystem::path& path);
    /// What can be read of a damaged file, as a copy "… (salvaged).lantern" beside it; what is lost is named in the
    /// note. Kind::Damaged when nothing can.
    static Result<Opened> salvage(const std::filesystem::path& path);
    /// Where the newest good state of a work is kept: beside it, with a ~ at the end. There may be none.
    static std::filesystem::path keptStateOf(const std::filesystem::path& path);
    /// That state as a copy "… (kept).lantern" beside the work.
    static Result<Opened> openKeptState(const std::filesystem::path& path);

    /// One transaction: when it returns, the project is on the disk; when it fails, the file is as it was.
    Result<Done> save(const Project& project);
    /// Puts a picture's file on the disk ahead of the edit that brings it in, and lets its bytes leave the memory.
    Result<Done> keepPicture(const Reference& reference);
    /// What was worked out from a picture and can be worked out again ("small", "measure"), kept to save the time.
    Result<Done> keepDerived(const std::string& sha256, const std::string& kind, std::span<const unsigned char> bytes);
    static constexpr std::int64_t kDerivedKept = 200'000'000; ///< bytes a work at most, until keepAtMost() says otherwise
    /// How many bytes of what can be made again are kept in a work at most; the largest goes first, never what is kept just now.
    static void keepAtMost(std::int64_t bytes);
    std::vector<unsigned char> derived(const std::string& sha256, const std::string& kind) const; ///< empty: none
    /// A picture's file as kept in the work at a path. Opens the file by itself: from any thread.
    static Result<std::shared_ptr<const std::vector<unsigned char>>> pictureBytes(
        const std::filesystem::path& path, const std::string& sha256);
    /// \param picture a small encoded one of the work as it stands; may be empty
    Result<Done> addMilestone(const std::string& name, std::span<const unsigned char> picture = {});
    Result<Done> withoutMilestone(int milestone);
    Result<std::vector<Milestone>> milestones() const;
    std::vector<unsigned char> milestonePicture(int milestone) const; ///< empty: none
    Result<Project> projectAt(int milestone) const;
    /// Drops the pictures and mattes that neither the work, a milestone nor one of `needed` (undo steps) holds, and
    /// gives their room back.
    Result<Tidied> tidy(const std::vector<Project>& needed = {});
    /// Copies the file as it stands to where its newest good state is kept.
    Result<Done> keepState() const;
    /// A sitting under way, so that a sudden end loses its last second at most: open() puts it among the sittings.
    Result<Done> keepRunning(const Sitting& sitting);
    Result<Done> dropRunning();
    /// A small picture of the work as last seen, any encoded format; shown while the work itself is being read.
    Result<Done> setPreview(const std::vector<unsigned char>& picture);
    static std::vector<unsigned char> previewOf(const std::filesystem::path& path); ///< empty when there is none
    bool readOnly() const;
    bool gone() const; ///< the file was deleted while it was open; all edits fail, rescueTo() still reads it
    /// A file that holds the pictures of a project already; the project is written into it.
    static Result<ProjectFile> reopen(const std::filesystem::path& path, const Project& project);
    /// All that is still open of it into a new file.
    Result<Done> rescueTo(const std::filesystem::path& path);
    std::filesystem::path path() const;

    struct Database;

private:
    explicit ProjectFile(std::unique_ptr<Database> database);
    std::unique_ptr<Database> m_database;
};

struct ProjectFile::Opened {
    ProjectFile file;
    Project project;
    std::string note; ///< what the painter should know: read-only, what is lost
};

} // namespace rl::store
