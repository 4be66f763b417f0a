#include "store/project_file.h"
#include "store/digest.h"
#include "store/picture_reader.h"
#include "store/project_json.h"
#include "store/stored_picture.h"
#include <ctime>
#include <map>
#include <nlohmann/json.hpp>
#include <sqlite3.h>
#include <unistd.h>

namespace rl::store {

namespace {
constexpr int kApplicationId = 0x524c4e54; // "RLNT"
constexpr int kVersion = 1;
constexpr std::uintmax_t kMostFile = 8'000'000'000;

constexpr const char* kSchema = R"(
CREATE TABLE work(id INTEGER PRIMARY KEY CHECK(id = 1), description TEXT NOT NULL);
CREATE TABLE blob(sha256 TEXT PRIMARY KEY, kind TEXT NOT NULL, bytes BLOB NOT NULL) WITHOUT ROWID;
CREATE TABLE derived(sha256 TEXT NOT NULL, kind TEXT NOT NULL, bytes BLOB NOT NULL, PRIMARY KEY(sha256, kind))
    WITHOUT ROWID;
CREATE TABLE preview(id INTEGER PRIMARY KEY CHECK(id = 1), bytes BLOB NOT NULL);
CREATE TABLE milestone(id INTEGER PRIMARY KEY, name TEXT NOT NULL, made TEXT NOT NULL, description TEXT NOT NULL);
)";

Error sqlError(sqlite3* db, int code, const std::string& doing)
{
    const std::string detail = doing + ": " + (db ? sqlite3_errmsg(db) : sqlite3_errstr(code));
    switch (code & 0xff) {
    case SQLITE_FULL:
        return {Kind::Full, "There is no room left on the disk; the last change is not saved, everything before it is.",
            detail};
    case SQLITE_READONLY:
    case SQLITE_PERM:
        return {Kind::NotWritable, "This work is open for reading only; save a copy to go on.", detail};
    case SQLITE_CANTOPEN:
        return {Kind::NotWritable, "The file cannot be opened or made there; the folder may be missing or protected.",
            detail};
    case SQLITE_BUSY:
    case SQLITE_LOCKED:
        return {Kind::NotWritable, "Another program is using this work.", detail};
    case SQLITE_IOERR:
        return {Kind::Full, "The disk would not take the last change; everything before it is saved.", detail};
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB:
        return {Kind::Damaged, "This file is damaged and cannot be opened as a work.", detail};
    default:
        return {Kind::Internal, "The work's file could not be used.", detail};
    }
}

/// A prepared statement that closes itself.
class Statement {
public:
    Statement(sqlite3* db, const char* sql)
        : m_code(sqlite3_prepare_v2(db, sql, -1, &m_statement, nullptr))
    {
    }
    ~Statement() { sqlite3_finalize(m_statement); }
    Statement(const Statement&) = delete;
    Statement& operator=(const Statement&) = delete;
    Statement& text(int at, const std::string& value)
    {
        sqlite3_bind_text(m_statement, at, value.data(), int(value.size()), SQLITE_TRANSIENT);
        return *this;
    }
    Statement& bytes(int at, Bytes value)
    {
        sqlite3_bind_blob64(m_statement, at, value.data(), value.size(), SQLITE_STATIC);
        return *this;
    }
    Statement& number(int at, int value)
    {
        sqlite3_bind_int(m_statement, at, value);
        return *this;
    }
    int step() { return m_code == SQLITE_OK ? sqlite3_step(m_statement) : m_code; }
    int columnNumber(int at) const { return sqlite3_column_int(m_statement, at); }
    std::string columnText(int at) const
    {
        const auto* t = sqlite3_column_text(m_statement, at);
        return t ? std::string(reinterpret_cast<const char*>(t), std::size_t(sqlite3_column_bytes(m_statement, at)))
                 : std::string();
    }
    std::vector<unsigned char> columnBytes(int at) const
    {
        const auto* b = static_cast<const unsigned char*>(sqlite3_column_blob(m_statement, at));
        return b ? std::vector<unsigned char>(b, b + sqlite3_column_bytes(m_statement, at))
                 : std::vector<unsigned char>();
    }

private:
    sqlite3_stmt* m_statement = nullptr;
    int m_code;
};

std::string nowUtc()
{
    const std::time_t now = std::time(nullptr);
    std::tm parts{};
    gmtime_r(&now, &parts);
    char text[32];
    std::strftime(text, sizeof text, "%Y-%m-%dT%H:%M:%SZ", &parts);
    return text;
}
} // namespace

struct ProjectFile::Database {
    sqlite3* db = nullptr;
    std::filesystem::path path;
    bool readOnly = false;
    std::map<const void*, std::pair<Mask, std::string>> matteNames; // encoded already

    ~Database() { sqlite3_close(db); }

    int run(const char* sql) { return sqlite3_exec(db, sql, nullptr, nullptr, nullptr); }

    static Result<std::unique_ptr<Database>> connect(const std::filesystem::path& path, int flags)
    {
        auto d = std::make_unique<Database>();
        d->path = path;
        const int code = sqlite3_open_v2(path.c_str(), &d->db, flags | SQLITE_OPEN_EXRESCODE, nullptr);
        if (code != SQLITE_OK)
            return sqlError(d->db, code, "open");
        sqlite3_db_config(d->db, SQLITE_DBCONFIG_DEFENSIVE, 1, nullptr);
        sqlite3_db_config(d->db, SQLITE_DBCONFIG_TRUSTED_SCHEMA, 0, nullptr);
        sqlite3_db_config(d->db, SQLITE_DBCONFIG_ENABLE_TRIGGER, 0, nullptr);
        sqlite3_db_config(d->db, SQLITE_DBCONFIG_ENABLE_VIEW, 0, nullptr);
        sqlite3_limit(d->db, SQLITE_LIMIT_LENGTH, 1'050'000'000);
        sqlite3_busy_timeout(d->db, 2000);
        d->run("PRAGMA cell_size_check = ON; PRAGMA mmap_size = 0; PRAGMA synchronous = FULL;");
        d->readOnly = sqlite3_db_readonly(d->db, "main") == 1;
        return d;
    }

    int pragma(const char* name)
    {
        Statement s(db, (std::string("PRAGMA ") + name).c_str());
        return s.step() == SQLITE_ROW ? s.columnNumber(0) : -1;
    }

    int keepBlob(const std::string& name, const char* kind, Bytes bytes)
    {
        Statement known(db, "SELECT 1 FROM blob WHERE sha256 = ?");
        if (known.text(1, name).step() == SQLITE_ROW)
            return SQLITE_DONE;
        Statement put(db, "INSERT INTO blob(sha256, kind, bytes) VALUES(?, ?, ?)");
        return put.text(1, name).text(2, kind).bytes(3, bytes).step();
    }

    Result<Blob> blob(const std::string& name)
    {
        Statement s(db, "SELECT bytes FROM blob WHERE sha256 = ?");
        const int code = s.text(1, name).step();
        if (code != SQLITE_ROW)
            return code == SQLITE_DONE ? Error{Kind::Damaged, "A picture of this work is missing from its file.", name}
                                       : sqlError(db, code, "blob");
        auto bytes = std::make_shared<const std::vector<unsigned char>>(s.columnBytes(0));
        if (sha256(*bytes) != name)
            return Error{Kind::Damaged, "A picture in this work's file is damaged.", name};
        return Blob(bytes);
    }

    Result<Project> projectFrom(const std::string& description)
    {
        const auto json = nlohmann::json::parse(description, nullptr, false);
        if (json.is_discarded() || !json.is_object())
            return Error{Kind::Damaged, "The work's own description is damaged.", {}};
        PixelSource source;
        source.picture = [&](Reference r, int width, int height) -> Result<Reference> {
            auto bytes = blob(r.sha256);
            if (!bytes)
                return bytes.error();
            if (width <= 0 || height <= 0 || std::uint64_t(width) * std::uint64_t(height) > kMostPixels) {
                auto glanced = glancePicture(bytes.take());
                if (!glanced)
                    return glanced.error();
                width = glanced->width, height = glanced->height;
            }
            r.pixels = LazyPhoto(width, height, std::make_shared<StoredPicture>(path, r.sha256));
            return r;
        };
        source.matte = [&](const std::string& name) -> Result<Mask> {
            const auto bytes = blob(name);
            if (!bytes)
                return bytes.error();
            auto mask = decodeMask(*bytes.value());
            if (mask)
                matteNames[mask.value().identity()] = {mask.value(), name};
            return mask;
        };
        return fromJson(json, source);
    }

    Result<Done> write(const Project& p)
    {
        int code = SQLITE_DONE;
        const auto keep = [&](const std::string& name, const char* kind, Bytes bytes) {
            if (code == SQLITE_DONE)
                code = keepBlob(name, kind, bytes);
        };
        for (const Reference& r : p.references) {
            const auto* stored = dynamic_cast<const StoredPicture*>(r.pixels.source());
            if (stored && stored->settledIn(path))
                continue;
            if (const Blob bytes = r.pixels.bytes())
                keep(r.sha256, "picture", *bytes);
        }
        const auto json = toJson(p, [&](const Mask& alpha) {
            auto& known = matteNames[alpha.identity()];
            if (known.second.empty()) {
                const auto png = encodePng(alpha);
                known = {alpha, sha256(png)};
                keep(known.second, "matte", png);
            }
            return known.second;
        });
        if (code == SQLITE_DONE) {
            Statement put(db,
                "INSERT INTO work(id, description) VALUES(1, ?) ON CONFLICT(id) DO UPDATE SET description = "
                "excluded.description");
            code = put.text(1, json.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace)).step();
        }
        return code == SQLITE_DONE ? Result<Done>(Done{}) : Result<Done>(sqlError(db, code, "write"));
    }

    /// Pictures that were in memory are on the disk now.
    static void settle(const Project& p, const std::filesystem::path& at)
    {
        for (const Reference& r : p.references)
            if (const auto* stored = dynamic_cast<const StoredPicture*>(r.pixels.source()))
                stored->settle(at);
    }

    int keepDerived(const std::string& sha256, const std::string& kind, Bytes bytes)
    {
        run("CREATE TABLE IF NOT EXISTS derived(sha256 TEXT NOT NULL, kind TEXT NOT NULL, bytes BLOB NOT NULL, "
            "PRIMARY KEY(sha256, kind)) WITHOUT ROWID");
        Statement put(db, "INSERT OR REPLACE INTO derived(sha256, kind, bytes) VALUES(?, ?, ?)");
        return put.text(1, sha256).text(2, kind).bytes(3, bytes).step();
    }

    /// BEGIN, work, COMMIT; rolled back when anything fails.
    template <class F> Result<Done> transaction(F work)
    {
        if (readOnly)
            return sqlError(nullptr, SQLITE_READONLY, "save");
        if (const int code = run("BEGIN IMMEDIATE"); code != SQLITE_OK)
            return sqlError(db, code, "begin");
        Result<Done> done = work();
        if (done) {
            const int code = run("COMMIT");
            if (code == SQLITE_OK)
                return done;
            done = sqlError(db, code, "commit");
        }
        run("ROLLBACK");
        matteNames.clear();
        return done;
    }
};

ProjectFile::ProjectFile(std::unique_ptr<Database> database)
    : m_database(std::move(database))
{
}
ProjectFile::ProjectFile(ProjectFile&&) noexcept = default;
ProjectFile& ProjectFile::operator=(ProjectFile&&) noexcept = default;
ProjectFile::~ProjectFile() = default;

Result<ProjectFile> ProjectFile::create(const std::filesystem::path& path, const Project& project)
{
    return guarded([&]() -> Result<ProjectFile> {
        std::filesystem::path beside = path;
        beside += ".new-" + std::to_string(::getpid());
        std::error_code error;
        std::filesystem::remove(beside, error);
        {
            auto made = Database::connect(beside, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE);
            if (!made)
                return made.error();
            const auto d = made.take();
            const std::string setup = "PRAGMA application_id = " + std::to_string(kApplicationId)
                + "; PRAGMA user_version = " + std::to_string(kVersion) + ";" + kSchema;
            if (const int code = d->run(setup.c_str()); code != SQLITE_OK) {
                const Error e = sqlError(d->db, code, "create");
                std::filesystem::remove(beside, error);
                return e;
            }
            if (const auto done = d->transaction([&] { return d->write(project); }); !done) {
                std::filesystem::remove(beside, error);
                return done.error();
            }
        }
        std::filesystem::rename(beside, path, error);
        if (error)
            return Error{Kind::NotWritable, "The work cannot be saved there.", error.message()};
        auto d = Database::connect(path, SQLITE_OPEN_READWRITE);
        if (!d)
            return d.error();
        Database::settle(project, path);
        return ProjectFile(d.take());
    });
}

Result<ProjectFile::Opened> ProjectFile::open(const std::filesystem::path& path)
{
    return guarded([&]() -> Result<Opened> {
        std::error_code error;
        if (!std::filesystem::exists(path, error))
            return Error{Kind::Missing, "There is no file “" + path.filename().string() + "”.", path.string()};
        if (!std::filesystem::is_regular_file(path, error) || std::filesystem::file_size(path, error) > kMostFile)
            return Error{Kind::Unsupported, "“" + path.filename().string() + "” is not a work that can be opened.", {}};
        const bool writable = ::access(path.c_str(), W_OK) == 0;
        auto made = Database::connect(path, writable ? SQLITE_OPEN_READWRITE : SQLITE_OPEN_READONLY);
        if (!made)
            return made.error();
        auto d = made.take();
        if (d->pragma("application_id") != kApplicationId)
            return Error{Kind::Unsupported,
                "“" + path.filename().string() + "” is not a work of Roving Lantern, or it is damaged.", {}};
        const int version = d->pragma("user_version");
        std::string note;
        if (version > kVersion) {
            d->readOnly = true;
            note = "This work was saved by a later version; it is open for reading only.";
        } else if (!writable) {
            d->readOnly = true;
            note = "This file is protected; the work is open for reading only.";
        }
        Statement check(d->db, "PRAGMA quick_check(1)");
        if (check.step() != SQLITE_ROW || check.columnText(0) != "ok")
            return Error{Kind::Damaged, "This work's file is damaged; take its last backup.", check.columnText(0)};
        Statement get(d->db, "SELECT description FROM work WHERE id = 1");
        if (get.step() != SQLITE_ROW)
            return version > kVersion
                ? Error{Kind::Newer, "This work was saved by a later version that this one cannot read.", {}}
                : Error{Kind::Damaged, "This work's file holds no description of a work.", {}};
        auto project = d->projectFrom(get.columnText(0));
        if (!project)
            return version > kVersion ? Error{Kind::Newer,
                       "This work was saved by a later version that this one cannot read.", project.error().detail}
                                      : project.error();
        return Opened{ProjectFile(std::move(d)), project.take(), note};
    });
}

Result<Done> ProjectFile::save(const Project& project)
{
    return guarded([&]() -> Result<Done> {
        auto done = m_database->transaction([&] { return m_database->write(project); });
        if (done)
            Database::settle(project, m_database->path);
        return done;
    });
}

Result<Done> ProjectFile::keepPicture(const Reference& reference)
{
    return guarded([&]() -> Result<Done> {
        const Blob bytes = reference.pixels.bytes();
        if (!bytes)
            return Error{Kind::Invalid, "The picture's file is not at hand.", {}};
        auto done = m_database->transaction([&]() -> Result<Done> {
            const int code = m_database->keepBlob(reference.sha256, "picture", *bytes);
            return code == SQLITE_DONE ? Result<Done>(Done{}) : Result<Done>(sqlError(m_database->db, code, "picture"));
        });
        if (const auto* stored = dynamic_cast<const StoredPicture*>(reference.pixels.source()); stored && done)
            stored->settle(m_database->path);
        return done;
    });
}

Result<Done> ProjectFile::keepDerived(const std::string& sha256, const std::string& kind, Bytes bytes)
{
    return guarded([&]() -> Result<Done> {
        return m_database->transaction([&]() -> Result<Done> {
            const int code = m_database->keepDerived(sha256, kind, bytes);
            return code == SQLITE_DONE ? Result<Done>(Done{}) : Result<Done>(sqlError(m_database->db, code, "derived"));
        });
    });
}

std::vector<unsigned char> ProjectFile::derived(const std::string& sha256, const std::string& kind) const
{
    Statement get(m_database->db, "SELECT bytes FROM derived WHERE sha256 = ? AND kind = ?");
    return get.text(1, sha256).text(2, kind).step() == SQLITE_ROW ? get.columnBytes(0) : std::vector<unsigned char>();
}

Result<Blob> ProjectFile::pictureBytes(const std::filesystem::path& path, const std::string& sha256)
{
    return guarded([&]() -> Result<Blob> {
        auto d = Database::connect(path, SQLITE_OPEN_READONLY);
        if (!d)
            return d.error();
        return d.take()->blob(sha256);
    });
}

Result<Done> ProjectFile::addMilestone(const std::string& name)
{
    return guarded([&]() -> Result<Done> {
        return m_database->transaction([&]() -> Result<Done> {
            Statement put(m_database->db,
                "INSERT INTO milestone(name, made, description) SELECT ?, ?, description FROM work WHERE id = 1");
            const int code = put.text(1, name).text(2, nowUtc()).step();
            return code == SQLITE_DONE ? Result<Done>(Done{})
                                       : Result<Done>(sqlError(m_database->db, code, "milestone"));
        });
    });
}

Result<std::vector<Milestone>> ProjectFile::milestones() const
{
    return guarded([&]() -> Result<std::vector<Milestone>> {
        std::vector<Milestone> all;
        Statement s(m_database->db, "SELECT id, name, made FROM milestone ORDER BY id");
        while (s.step() == SQLITE_ROW)
            all.push_back({s.columnNumber(0), s.columnText(1), s.columnText(2)});
        return all;
    });
}

Result<Project> ProjectFile::projectAt(int milestone) const
{
    return guarded([&]() -> Result<Project> {
        Statement s(m_database->db, "SELECT description FROM milestone WHERE id = ?");
        if (s.number(1, milestone).step() != SQLITE_ROW)
            return Error{Kind::Missing, "There is no such milestone in this work.", {}};
        return m_database->projectFrom(s.columnText(0));
    });
}

Result<Done> ProjectFile::setPreview(const std::vector<unsigned char>& picture)
{
    return guarded([&]() -> Result<Done> {
        return m_database->transaction([&]() -> Result<Done> {
            Statement put(m_database->db,
                "INSERT INTO preview(id, bytes) VALUES(1, ?) ON CONFLICT(id) DO UPDATE SET bytes = excluded.bytes");
            const int code = put.bytes(1, picture).step();
            return code == SQLITE_DONE ? Result<Done>(Done{}) : Result<Done>(sqlError(m_database->db, code, "preview"));
        });
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
            return Error{Kind::Missing, "There is no preview.", {}};
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
    return m_database->path;
}

} // namespace rl::store
