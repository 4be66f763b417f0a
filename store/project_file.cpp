#include "store/project_file.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "store/database.h"
#include "store/picture_reader.h"
#include "store/project_json.h"
#include "store/stored_picture.h"
#include <atomic>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <unistd.h>

namespace rl::store {

namespace {
std::atomic<std::int64_t> s_derivedKept = ProjectFile::kDerivedKept;
}

ProjectFile::ProjectFile(std::unique_ptr<Database> database)
    : m_database(std::move(database))
{
}
ProjectFile::ProjectFile(ProjectFile&&) noexcept = default;
ProjectFile& ProjectFile::operator=(ProjectFile&&) noexcept = default;
ProjectFile::~ProjectFile() = default;

namespace {
/// "dusk.lantern.new-4711": written there and renamed when it is whole.
std::filesystem::path besideOf(const std::filesystem::path& path)
{
    std::filesystem::path beside = path;
    beside += ".new-" + std::to_string(::getpid());
    for (const char* tail : {"", "-journal"}) {
        std::error_code error;
        std::filesystem::remove(beside.string() + tail, error);
    }
    return beside;
}

/// What was written beside is whole: it takes its place. Where anything failed it goes.
Result<Done> put(const std::filesystem::path& beside, const std::filesystem::path& path, Result<Done> whole)
{
    std::error_code error;
    if (whole)
        whole = clearTheWay(path);
    if (whole) {
        std::filesystem::rename(beside, path, error);
        if (error)
            whole = Error{ErrorKind::NotWritable, tr("The work cannot be saved there."), error.message()};
        else
            syncFolderOf(path);
    }
    if (!whole)
        std::filesystem::remove(beside, error);
    return whole;
}

Result<Done> renamed(const std::filesystem::path& from, const std::filesystem::path& to)
{
    if (::renameat2(AT_FDCWD, from.c_str(), AT_FDCWD, to.c_str(), RENAME_NOREPLACE) == 0)
        return Done{};
    std::error_code error;
    if (errno == EINVAL && !std::filesystem::exists(to, error)) { // a file system that cannot promise that
        std::filesystem::rename(from, to, error);
        if (!error)
            return Done{};
    }
    return Error{ErrorKind::NotWritable, tr("The work cannot be renamed to “%1”.", to.filename().string()),
        std::string(std::strerror(errno)) + " " + to.string()};
}
} // namespace

Result<ProjectFile> ProjectFile::create(const std::filesystem::path& path, const Project& project)
{
    return guarded([&]() -> Result<ProjectFile> {
        const auto beside = besideOf(path);
        std::vector<LazyPhoto> settled;
        Result<Done> done = Done{};
        {
            auto made = Database::make(beside);
            done = made ? made.value()->transaction([&] { return made.value()->write(project, settled); })
                        : Result<Done>(made.error());
        }
        if (done = put(beside, path, std::move(done)); !done)
            return done.error();
        auto d = Database::connect(path, SQLITE_OPEN_READWRITE);
        if (!d)
            return d.error();
        auto file = d.take();
        for (const LazyPhoto& photo : settled)
            if (const auto* stored = dynamic_cast<const StoredPicture*>(photo.source()))
                stored->settle(file->place);
        file->hold = FileLock::take(path);
        file->changed = true;
        return ProjectFile(std::move(file));
    });
}

Result<Done> ProjectFile::renameTo(const std::filesystem::path& path)
{
    return guarded([&]() -> Result<Done> {
        Database& d = *m_database;
        if (d.readOnly)
            return sqlError(nullptr, SQLITE_READONLY, "rename");
        if (const auto here = d.there(); !here)
            return here;
        if (const auto free = clearTheWay(path); !free)
            return free;
        const auto from = d.path();
        const auto done = d.goOnAt(path, [&] { return renamed(from, path); });
        if (done) {
            (void)renamed(keptStateOf(from), keptStateOf(path)); // there may be none
            syncFolderOf(path);
        }
        return done;
    });
}

Result<Done> ProjectFile::continueIn(const std::filesystem::path& path, const Project& project)
{
    return guarded([&]() -> Result<Done> {
        Database& d = *m_database;
        std::error_code error;
        if (std::filesystem::equivalent(path, d.path(), error) && !gone())
            return Error{ErrorKind::Invalid,
                tr("That is the open work itself, which is saved already; choose another name."), path.string()};
        const auto beside = besideOf(path);
        auto made = Database::connect(beside, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE);
        if (!made)
            return made.error();
        auto copy = made.take();
        Result<Done> done = copied(d.db, *copy);
        if (done && copy->pragma("user_version") != kFileVersion)
            copy->run(("PRAGMA user_version = " + std::to_string(kFileVersion)).c_str());
        copy->place = d.place; // its pictures are in there
        std::vector<LazyPhoto> settled;
        if (done)
            done = copy->transaction([&] { return copy->write(project, settled); });
        copy.reset();
        if (done = put(beside, path, std::move(done)); !done)
            return done;
        if (done = d.goOnAt(path, {}); !done)
            return done;
        for (const LazyPhoto& photo : settled)
            if (const auto* stored = dynamic_cast<const StoredPicture*>(photo.source()))
                stored->settle(d.place);
        d.hold = FileLock::take(path);
        d.changed = true;
        return done;
    });
}

bool ProjectFile::changed() const
{
    return m_database->changed;
}

bool ProjectFile::gone() const
{
    return m_database->hold && m_database->hold->gone();
}

Result<std::vector<std::string>> ProjectFile::check(Progress& progress) const
{
    return guarded([&]() -> Result<std::vector<std::string>> {
        std::vector<std::string> wrong;
        Statement pages(m_database->db, "PRAGMA quick_check(1)");
        if (pages.step() != SQLITE_ROW || pages.columnText(0) != "ok")
            wrong.push_back(tr("pages of the file itself: %1", pages.columnText(0)));
        Statement get(m_database->db, "SELECT description FROM work WHERE id = 1");
        if (get.step() != SQLITE_ROW)
            return Error{
                ErrorKind::Damaged, tr("The file %1 holds no description of a work.", path().filename().string()), {}};
        auto read = m_database->projectFrom(get.columnText(0));
        if (!read)
            return read.error();
        const Project p = read.take();
        const std::vector<std::string> lost = m_database->lost; // mattes, and pictures that are not there
        for (std::size_t i = 0; i < p.references.size() && !progress.cancelled(); ++i) {
            const Reference& r = p.references[i];
            progress.report(double(i) / double(p.references.size()), r.name);
            if (r.pixels.missing())
                continue; // told among the lost
            if (const auto bytes = m_database->blob(r.sha256()); !bytes)
                wrong.push_back(tr("the picture “%1”: %2", r.name, bytes.error().sentence));
            else if (r.pixels.photo().empty())
                wrong.push_back(tr("the picture “%1” cannot be decoded", r.name));
        }
        wrong.insert(wrong.end(), lost.begin(), lost.end());
        return wrong;
    });
}

namespace {
Error unreadable(int version, const Error& e)
{
    return version > kFileVersion
        ? Error{ErrorKind::Newer, tr("This work was saved by a later version that this one cannot read."), e.detail}
        : e;
}

std::string lostNote(const std::vector<std::string>& lost)
{
    if (lost.empty())
        return {};
    std::string all;
    for (std::size_t i = 0; i < std::min<std::size_t>(lost.size(), 6); ++i)
        all += (i ? ", " : "") + lost[i];
    if (lost.size() > 6)
        all += tr(" and %1 more", std::to_string(lost.size() - 6));
    return tr("Cannot be read in this work's file: %1. The place stays marked; nothing else is touched.", all);
}
} // namespace

namespace {
constexpr const char* kRunningTable
    = "CREATE TABLE IF NOT EXISTS running(id INTEGER PRIMARY KEY CHECK(id = 1), description TEXT NOT NULL)";

/// A sitting that was under way when the program ended comes to the others. \return its minutes; 0: there was none
double withRunning(ProjectFile::Database& d, Project& p)
{
    Statement there(d.db, "SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'running'");
    if (there.step() != SQLITE_ROW)
        return 0;
    Statement get(d.db, "SELECT description FROM running WHERE id = 1 AND length(description) < 2000000");
    if (get.step() != SQLITE_ROW)
        return 0;
    auto read = sittingFrom(get.columnText(0));
    if (!read)
        return 0;
    Sitting sitting = read.take();
    for (const Sitting& s : p.painting.sittings)
        if (s.began == sitting.began)
            return 0;
    double seconds = 0;
    for (const WorkSpan& w : sitting.spans)
        seconds += w.seconds;
    sitting.id = p.freshId();
    p.painting.sittings.push_back(std::move(sitting));
    repair(p);
    return seconds / 60;
}
} // namespace

Result<ProjectFile::Opened> ProjectFile::open(const std::filesystem::path& path)
{
    return guarded([&]() -> Result<Opened> {
        const std::string name = tr("“%1”", path.filename().string());
        std::error_code error;
        if (!std::filesystem::exists(path, error))
            return Error{ErrorKind::Missing, tr("There is no file %1.", name), path.string()};
        if (!std::filesystem::is_regular_file(path, error) || std::filesystem::file_size(path, error) > kMostFile)
            return Error{ErrorKind::Unsupported, tr("%1 is not a work that can be opened.", name), {}};
        const bool writable = ::access(path.c_str(), W_OK) == 0;
        auto made = Database::connect(path, writable ? SQLITE_OPEN_READWRITE : SQLITE_OPEN_READONLY);
        if (!made)
            return made.error();
        auto d = made.take();
        if (d->pragma("application_id") != kApplicationId)
            return Error{ErrorKind::Unsupported, tr("%1 is not a work of Roving Lantern, or it is damaged.", name), {}};
        const int version = d->pragma("user_version");
        std::string note;
        if (version > kFileVersion) {
            d->readOnly = true;
            note = tr("This work was saved by a later version; it is open for reading only. A copy saved here loses "
                      "what this version does not know.");
        } else if (!writable) {
            d->readOnly = true;
            note = tr("This file is protected; the work is open for reading only.");
        } else if (d->hold = FileLock::take(path); !d->hold) {
            d->readOnly = true;
            note = tr("This work is open in another window; here it is open for reading only.");
        }
        const auto size = std::filesystem::file_size(path, error);
        if (std::uintmax_t(d->pragma("page_count")) * std::uintmax_t(d->pragma("page_size")) > size)
            return Error{ErrorKind::Damaged, tr("The file %1 is damaged.", name), "cut off"};
        Statement check(d->db, "PRAGMA quick_check(1)");
        if (size <= kCheckedWhole && (check.step() != SQLITE_ROW || check.columnText(0) != "ok"))
            return Error{ErrorKind::Damaged, tr("The file %1 is damaged.", name), check.columnText(0)};
        Statement get(d->db, "SELECT description FROM work WHERE id = 1");
        if (get.step() != SQLITE_ROW)
            return unreadable(
                version, {ErrorKind::Damaged, tr("The file %1 holds no description of a work.", name), {}});
        auto project = d->projectFrom(get.columnText(0));
        if (!project)
            return unreadable(version, project.error());
        if (const std::string lost = lostNote(d->lost); !lost.empty())
            note += (note.empty() ? "" : " ") + lost;
        Project p = project.take();
        if (const double minutes = withRunning(*d, p); minutes > 0)
            note += tr(
                "%1A sitting that was under way was kept: %2 min of work.", note.empty() ? "" : " ", fixed(minutes, 0));
        return Opened{ProjectFile(std::move(d)), std::move(p), note};
    });
}

Result<Done> ProjectFile::save(const Project& project, bool own)
{
    return guarded([&]() -> Result<Done> { return m_database->writeAll(project, own); });
}

Result<Done> ProjectFile::keepPicture(const Reference& reference)
{
    return guarded([&]() -> Result<Done> {
        const Blob bytes = reference.pixels.bytes();
        if (!bytes)
            return Error{ErrorKind::Invalid, tr("The picture's file is not at hand."), {}};
        auto done = m_database->transaction([&]() -> Result<Done> {
            Statement away(m_database->db, "DELETE FROM blob WHERE +sha256 = ?"); // a damaged one gives way
            if (!m_database->blob(reference.sha256()))
                away.text(1, reference.sha256()).step();
            return doneOr(*m_database, m_database->keepBlob(reference.sha256(), "picture", *bytes), "picture");
        });
        if (const auto* stored = dynamic_cast<const StoredPicture*>(reference.pixels.source()); stored && done)
            stored->settle(m_database->place);
        return done;
    });
}

Result<Done> ProjectFile::keepDerived(
    const std::string& sha256, const std::string& kind, std::span<const unsigned char> bytes)
{
    return guarded([&]() -> Result<Done> {
        return m_database->transaction(
            [&]() -> Result<Done> {
                if (const auto done = doneOr(*m_database, m_database->keepDerived(sha256, kind, bytes), "derived");
                    !done)
                    return done;
                Statement tidy(m_database->db,
                    "DELETE FROM derived WHERE (sha256, kind) IN (SELECT sha256, kind FROM (SELECT sha256, kind, "
                    "SUM(LENGTH(bytes) / 1000.0) OVER (ORDER BY sha256 = ?1 AND kind = ?2 DESC, LENGTH(bytes), sha256, "
                    "kind) AS "
                    "upTo FROM derived) WHERE upTo > ?3)");
                tidy.text(1, sha256).text(2, kind).number(3, int(s_derivedKept.load() / 1000));
                return doneOr(*m_database, tidy.step(), "derived");
            },
            false);
    });
}

void ProjectFile::keepAtMost(std::int64_t bytes)
{
    s_derivedKept = bytes;
}

std::vector<unsigned char> ProjectFile::derived(const std::string& sha256, const std::string& kind) const
{
    Statement get(m_database->db, "SELECT bytes FROM derived WHERE sha256 = ? AND kind = ?");
    return get.text(1, sha256).text(2, kind).step() == SQLITE_ROW ? get.columnBytes(0) : std::vector<unsigned char>();
}

Result<Blob> ProjectFile::pictureBytes(const WorkPlace& work, const std::string& sha256)
{
    return guarded([&]() -> Result<Blob> {
        return work.reading([&](const std::filesystem::path& path) -> Result<Blob> {
            auto d = Database::connect(path, SQLITE_OPEN_READONLY);
            if (!d)
                return d.error();
            return d.take()->blob(sha256);
        });
    });
}

Result<Done> ProjectFile::keepRunning(const Sitting& sitting)
{
    return guarded([&]() -> Result<Done> {
        if (const int code = m_database->run(kRunningTable); code != SQLITE_OK)
            return doneOr(*m_database, code, "running");
        return m_database->transaction([&] {
            Statement put(m_database->db,
                "INSERT INTO running(id, description) VALUES(1, ?) ON CONFLICT(id) DO UPDATE SET description = "
                "excluded.description");
            return doneOr(*m_database, put.text(1, sittingText(sitting)).step(), "running");
        });
    });
}

Result<Done> ProjectFile::dropRunning()
{
    return guarded([&]() -> Result<Done> {
        return doneOr(*m_database, m_database->run("DROP TABLE IF EXISTS running"), "running");
    });
}

Result<Done> ProjectFile::setPreview(const std::vector<unsigned char>& picture)
{
    return guarded([&]() -> Result<Done> {
        return m_database->transaction(
            [&] {
                Statement put(m_database->db,
                    "INSERT INTO preview(id, bytes) VALUES(1, ?) ON CONFLICT(id) DO UPDATE SET bytes = excluded.bytes");
                return doneOr(*m_database, put.bytes(1, picture).step(), "preview");
            },
            false);
    });
}

std::vector<unsigned char> ProjectFile::previewOf(const std::filesystem::path& path)
{
    const auto read = guarded([&]() -> Result<std::vector<unsigned char>> {
        auto d = Database::connect(path, SQLITE_OPEN_READONLY);
        if (!d)
            return d.error();
        Statement get(d.value()->db, "SELECT bytes FROM preview WHERE id = 1 AND length(bytes) < 8000000");
        if (d.value()->pragma("application_id") != kApplicationId || get.step() != SQLITE_ROW)
            return Error{ErrorKind::Missing, tr("There is no preview."), {}};
        return get.columnBytes(0);
    });
    return read ? *read : std::vector<unsigned char>();
}

bool ProjectFile::readOnly() const
{
    return m_database->readOnly;
}
std::filesystem::path ProjectFile::path() const
{
    return m_database->path();
}
std::shared_ptr<const WorkPlace> ProjectFile::place() const
{
    return m_database->place;
}

} // namespace rl::store
