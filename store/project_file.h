#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/project/project.h"
#include <filesystem>
#include <functional>
#include <memory>
#include <span>

namespace rl::store {

class WorkPlace;

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

    /// A new file, written beside and then renamed; whatever stood at the path is kept until that succeeds. Refused
    /// where a work lies that is open anywhere.
    static Result<ProjectFile> create(const std::filesystem::path& path, const Project& project);

    struct Opened;
    /// Opens safely: own application id, size limits, no trusted schema; what is cheap is checked (whole in length;
    /// up to kCheckedWhole bytes page by page), a picture's digest when it is first decoded, all of it by check(). A
    /// file of a later version opens read-only where it can be understood. A picture that is not there is missing in
    /// the work and named in the note; a file that cannot be read as a whole is ErrorKind::Damaged: see salvage().
    static Result<Opened> open(const std::filesystem::path& path);
    /// What can be read of a damaged file, as a copy "… (salvaged).lantern" beside it; what is lost is named in the
    /// note. ErrorKind::Damaged when nothing can.
    static Result<Opened> salvage(const std::filesystem::path& path);
    /// Where the newest good state of a work is kept: beside it, with a ~ at the end. There may be none.
    static std::filesystem::path keptStateOf(const std::filesystem::path& path);
    /// That state as a copy "… (kept).lantern" beside the work.
    static Result<Opened> openKeptState(const std::filesystem::path& path);

    static constexpr std::uintmax_t kCheckedWhole = 32'000'000;
    /// Reads everything: pages, pictures, mattes. \return what is missing or damaged, each as a painter would call it
    Result<std::vector<std::string>> check(Progress& progress) const;

    /// Another name in place of the present one, with the state kept beside it; pictures follow. Nothing is copied or
    /// deleted, nothing is written over, and where it fails all is as it was.
    Result<Done> renameTo(const std::filesystem::path& path);
    /// A copy of all there is (milestones too), with the project as it stands, in which this goes on; the file before
    /// stays as it was saved last. Refused where the open file itself, or another open work, lies.
    Result<Done> continueIn(const std::filesystem::path& path, const Project& project);
    bool changed() const; ///< has something been written since it was opened that only this file has?

    /// One transaction: when it returns, the project is on the disk; when it fails, the file is as it was.
    /// \param own the painter has changed it; not only what the program worked out and can work out again
    Result<Done> save(const Project& project, bool own = true);
    /// Puts a picture's file on the disk ahead of the edit that brings it in, and lets its bytes leave the memory.
    Result<Done> keepPicture(const Reference& reference);
    /// What was worked out from a picture and can be worked out again ("small", "measure"), kept to save the time.
    Result<Done> keepDerived(const std::string& sha256, const std::string& kind, std::span<const unsigned char> bytes);
    static constexpr std::int64_t kDerivedKept
        = 200'000'000; ///< bytes a work at most, until keepAtMost() says otherwise
    /// How many bytes of what can be made again are kept in a work at most; the largest goes first, never what is kept
    /// just now.
    static void keepAtMost(std::int64_t bytes);
    std::vector<unsigned char> derived(const std::string& sha256, const std::string& kind) const; ///< empty: none
    /// A picture's file as kept in a work, checked by its digest. Opens the file by itself: from any thread.
    static Result<std::shared_ptr<const std::vector<unsigned char>>> pictureBytes(
        const WorkPlace& work, const std::string& sha256);
    /// \param picture a small encoded one of the work as it stands; may be empty
    Result<Done> addMilestone(const std::string& name, std::span<const unsigned char> picture = {});
    Result<Done> withoutMilestone(int milestone);
    Result<std::vector<Milestone>> milestones() const;
    std::vector<unsigned char> milestonePicture(int milestone) const; ///< empty: none
    Result<Project> projectAt(int milestone) const;
    /// Drops the pictures and mattes that neither the work, a milestone nor one of `needed` (undo steps) holds, and
    /// gives their room back.
    Result<Tidied> tidy(const std::vector<Project>& needed = {});
    /// Brings where its newest good state is kept up to the file as it stands: what is there already is not copied
    /// again.
    Result<Done> keepState() const;
    /// A sitting under way, so that a sudden end loses its last second at most: open() puts it among the sittings.
    Result<Done> keepRunning(const Sitting& sitting);
    Result<Done> dropRunning();
    /// A small picture of the work as last seen, any encoded format; shown while the work itself is being read.
    Result<Done> setPreview(const std::vector<unsigned char>& picture);
    static std::vector<unsigned char> previewOf(const std::filesystem::path& path); ///< empty when there is none
    bool readOnly() const;
    bool gone() const; ///< the file was deleted while it was open; all edits fail, continueIn() still reads it
    std::filesystem::path path() const;
    std::shared_ptr<const WorkPlace> place() const; ///< follows the file when it is renamed

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
