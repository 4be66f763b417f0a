#pragma once
#include "core/base/result.h"
#include "core/project/project.h"
#include <filesystem>
#include <memory>

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
