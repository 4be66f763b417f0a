#pragma once
#include "core/base/result.h"
#include "core/project/project.h"
#include <filesystem>
#include <memory>
#include <span>

namespace rl::store {

struct Milestone {
    int id = 0;
    std::string name;
    std::string when; ///< ISO 8601, UTC
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
    /// opens read-only where it can be understood.
    static Result<Opened> open(const std::filesystem::path& path);

    /// One transaction: when it returns, the project is on the disk; when it fails, the file is as it was.
    Result<Done> save(const Project& project);
    /// Puts a picture's file on the disk ahead of the edit that brings it in, and lets its bytes leave the memory.
    Result<Done> keepPicture(const Reference& reference);
    /// What was worked out from a picture and can be worked out again ("small", "measure"), kept to save the time.
    Result<Done> keepDerived(const std::string& sha256, const std::string& kind, std::span<const unsigned char> bytes);
    std::vector<unsigned char> derived(const std::string& sha256, const std::string& kind) const; ///< empty: none
    /// A picture's file as kept in the work at a path. Opens the file by itself: from any thread.
    static Result<std::shared_ptr<const std::vector<unsigned char>>> pictureBytes(
        const std::filesystem::path& path, const std::string& sha256);
    Result<Done> addMilestone(const std::string& name);
    Result<std::vector<Milestone>> milestones() const;
    Result<Project> projectAt(int milestone) const;
    /// A small picture of the work as last seen, any encoded format; shown while the work itself is being read.
    Result<Done> setPreview(const std::vector<unsigned char>& picture);
    static std::vector<unsigned char> previewOf(const std::filesystem::path& path); ///< empty when there is none
    bool readOnly() const;
    std::filesystem::path path() const;

private:
    struct Database;
    explicit ProjectFile(std::unique_ptr<Database> database);
    std::unique_ptr<Database> m_database;
};

struct ProjectFile::Opened {
    ProjectFile file;
    Project project;
    std::string note; ///< what the painter should know: read-only, repaired
};

} // namespace rl::store
