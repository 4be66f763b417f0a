#include "store/database.h"
#include "core/base/words.h"
#include "store/digest.h"
#include "store/picture_reader.h"
#include "store/project_json.h"
#include "store/stored_picture.h"
#include <fcntl.h>
#include <nlohmann/json.hpp>
#include <unistd.h>

namespace rl::store {

namespace {
constexpr const char* kSchema = R"(
CREATE TABLE work(id INTEGER PRIMARY KEY CHECK(id = 1), description TEXT NOT NULL);
CREATE TABLE blob(sha256 TEXT PRIMARY KEY, kind TEXT NOT NULL, bytes BLOB NOT NULL) WITHOUT ROWID;
CREATE TABLE derived(sha256 TEXT NOT NULL, kind TEXT NOT NULL, bytes BLOB NOT NULL, PRIMARY KEY(sha256, kind))
    WITHOUT ROWID;
CREATE TABLE preview(id INTEGER PRIMARY KEY CHECK(id = 1), bytes BLOB NOT NULL);
CREATE TABLE milestone(id INTEGER PRIMARY KEY, name TEXT NOT NULL, made TEXT NOT NULL, description TEXT NOT NULL,
    picture BLOB);
)";

std::string said(const std::string& name)
{
    return name.empty() ? tr("a picture") : tr("the picture “%1”", name);
}
} // namespace

Result<Done> doneOr(const ProjectFile::Database& d, int code, const char* doing)
{
    return code == SQLITE_DONE || code == SQLITE_OK ? Result<Done>(Done{}) : Result<Done>(sqlError(d.db, code, doing));
}

using Base = ProjectFile::Database;

Result<std::unique_ptr<Base>> Base::connect(const std::filesystem::path& path, int flags)
{
    auto d = std::make_unique<Database>();
    d->place = std::make_shared<WorkPlace>(path);
    const int code = sqlite3_open_v2(path.c_str(), &d->db, flags | SQLITE_OPEN_EXRESCODE, nullptr);
    if (code != SQLITE_OK)
        return sqlError(d->db, code, "open");
    sqlite3_db_config(d->db, SQLITE_DBCONFIG_DEFENSIVE, 1, nullptr);
    sqlite3_db_config(d->db, SQLITE_DBCONFIG_TRUSTED_SCHEMA, 0, nullptr);
    sqlite3_db_config(d->db, SQLITE_DBCONFIG_ENABLE_TRIGGER, 0, nullptr);
    sqlite3_db_config(d->db, SQLITE_DBCONFIG_ENABLE_VIEW, 0, nullptr);
    sqlite3_limit(d->db, SQLITE_LIMIT_LENGTH, 1'050'000'000);
    sqlite3_busy_timeout(d->db, 4000);
    d->run("PRAGMA cell_size_check = ON; PRAGMA mmap_size = 0; PRAGMA synchronous = FULL;");
    d->readOnly = sqlite3_db_readonly(d->db, "main") == 1;
    return d;
}

Result<std::unique_ptr<Base>> Base::make(const std::filesystem::path& path)
{
    auto made = connect(path, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE);
    if (!made)
        return made;
    auto d = made.take();
    const std::string setup = "PRAGMA auto_vacuum = INCREMENTAL; PRAGMA application_id = "
        + std::to_string(kApplicationId) + "; PRAGMA user_version = " + std::to_string(kFileVersion) + ";" + kSchema;
    if (const int code = d->run(setup.c_str()); code != SQLITE_OK)
        return sqlError(d->db, code, "create");
    return d;
}

int Base::pragma(const char* name)
{
    Statement s(db, (std::string("PRAGMA ") + name).c_str());
    return s.step() == SQLITE_ROW ? s.columnNumber(0) : -1;
}

int Base::keepBlob(const std::string& name, const char* kind, std::span<const unsigned char> bytes)
{
    if (hasBlob(name))
        return SQLITE_DONE;
    Statement put(db, "INSERT INTO blob(sha256, kind, bytes) VALUES(?, ?, ?)");
    return put.text(1, name).text(2, kind).bytes(3, bytes).step();
}

// With +, rows are gone through by their keys alone: the tree would be searched by comparing rows, which reads each
// picture it meets whole (3 GB of 307: 40 ms a picture against half a millisecond).
bool Base::hasBlob(const std::string& name) const
{
    Statement known(db, "SELECT 1 FROM blob WHERE +sha256 = ?");
    return known.text(1, name).step() == SQLITE_ROW;
}

Result<Blob> Base::blob(const std::string& name)
{
    Statement s(db, "SELECT bytes FROM blob WHERE +sha256 = ?");
    const int code = s.text(1, name).step();
    if (code != SQLITE_ROW)
        return code == SQLITE_DONE ? Error{ErrorKind::Damaged, "A picture of this work is missing from its file.", name}
                                   : sqlError(db, code, "blob");
    auto bytes = std::make_shared<const std::vector<unsigned char>>(s.columnBytes(0));
    if (sha256(*bytes) != name)
        return Error{ErrorKind::Damaged, "A picture in this work's file is damaged.", name};
    return Blob(bytes);
}

Result<Project> Base::projectFrom(const std::string& description)
{
    lost.clear();
    const auto json = nlohmann::json::parse(description, nullptr, false);
    if (json.is_discarded() || !json.is_object())
        return Error{ErrorKind::Damaged, tr("The work's own description is damaged."), {}};
    PixelSource source;
    // Whether it is there is asked, not whether it is whole: that is seen when it is first decoded.
    source.picture = [&](Reference r, const std::string& name, int width, int height) -> Result<Reference> {
        bool there = hasBlob(name);
        const bool sized
            = width > 0 && height > 0 && std::uint64_t(width) * std::uint64_t(height) <= std::uint64_t(kMostPixels);
        if (there && !sized) {
            const auto bytes = blob(name);
            const auto glanced = bytes ? glancePicture(*bytes) : Result<GlancedPicture>(bytes.error());
            there = bool(glanced);
            width = there ? glanced->width : 0, height = there ? glanced->height : 0;
        }
        r.pixels = LazyPhoto(std::max(1, width), std::max(1, height), std::make_shared<StoredPicture>(place, name));
        if (!there) {
            r.pixels.source()->setMissing(true);
            lost.push_back(said(r.name));
        }
        return r;
    };
    source.matte = [&](const std::string& name) -> Result<Mask> {
        const auto bytes = blob(name);
        auto mask = bytes ? decodeMask(*bytes.value()) : Result<Mask>(bytes.error());
        if (mask)
            matteNames[mask.value().identity()] = {mask.value(), name};
        else
            lost.push_back(tr("the edge of a cut-out"));
        return mask ? mask : Result<Mask>(Mask());
    };
    return fromJson(json, source);
}

/// The first write to an older file makes it one of the present version.
void Base::upgrade()
{
    if (pragma("user_version") >= kFileVersion)
        return;
    run("ALTER TABLE milestone ADD COLUMN picture BLOB");
    run(("PRAGMA user_version = " + std::to_string(kFileVersion)).c_str());
}

Result<Done> Base::writePicture(const Reference& r, std::vector<LazyPhoto>& settled)
{
    const auto* stored = dynamic_cast<const StoredPicture*>(r.pixels.source());
    if (r.pixels.empty() || (stored && stored->settledIn(place)))
        return Done{};
    const std::string name = r.sha256();
    if (!hasBlob(name)) {
        const Blob bytes = r.pixels.bytes();
        if (!bytes && r.pixels.missing()) // nothing is written, nothing overwritten: its place stays
            return Done{};
        if (!bytes || name.empty())
            return Error{ErrorKind::NotWritable,
                tr("The picture “%1” cannot be read just now, so nothing is saved there; everything is as it was.",
                    r.name),
                name};
        if (const auto done = doneOr(*this, keepBlob(name, "picture", *bytes), "picture"); !done)
            return done;
    }
    settled.push_back(r.pixels);
    return Done{};
}

Result<Done> Base::write(const Project& p, std::vector<LazyPhoto>& settled)
{
    for (const Reference& r : p.references)
        if (const auto done = writePicture(r, settled); !done)
            return done;
    int code = SQLITE_DONE;
    std::set<const void*> used;
    const auto json = toJson(p, [&](const Mask& alpha) {
        used.insert(alpha.identity());
        auto& known = matteNames[alpha.identity()];
        if (known.second.empty()) {
            const auto png = encodePng(alpha);
            known = {alpha, sha256(png)};
            if (code == SQLITE_DONE)
                code = keepBlob(known.second, "matte", png);
        }
        return known.second;
    });
    if (code == SQLITE_DONE) {
        Statement put(db,
            "INSERT INTO work(id, description) VALUES(1, ?) ON CONFLICT(id) DO UPDATE SET description = "
            "excluded.description");
        code = put.text(1, json.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace)).step();
    }
    // Mattes nobody asks for any more are not held; undone to, one is encoded once more.
    std::erase_if(matteNames, [&](const auto& m) { return !used.contains(m.first); });
    return doneOr(*this, code, "write");
}

Result<Done> Base::writeAll(const Project& project, bool own)
{
    std::vector<LazyPhoto> settled;
    auto done = transaction([&] { return write(project, settled); }, own);
    if (done)
        for (const LazyPhoto& photo : settled)
            if (const auto* stored = dynamic_cast<const StoredPicture*>(photo.source()))
                stored->settle(place);
    return done;
}

int Base::keepDerived(const std::string& sha256, const std::string& kind, std::span<const unsigned char> bytes)
{
    run("CREATE TABLE IF NOT EXISTS derived(sha256 TEXT NOT NULL, kind TEXT NOT NULL, bytes BLOB NOT NULL, "
        "PRIMARY KEY(sha256, kind)) WITHOUT ROWID");
    Statement put(db, "INSERT OR REPLACE INTO derived(sha256, kind, bytes) VALUES(?, ?, ?)");
    return put.text(1, sha256).text(2, kind).bytes(3, bytes).step();
}

void Base::namesIn(const std::string& description, std::set<std::string>& names)
{
    const auto json = nlohmann::json::parse(description, nullptr, false);
    const auto take = [&](const char* list, std::initializer_list<const char*> fields) {
        if (!json.is_object() || !json.contains(list) || !json[list].is_array())
            return;
        for (const auto& item : json[list])
            for (const char* field : fields)
                if (item.is_object() && item.contains(field) && item[field].is_string())
                    names.insert(item[field].get<std::string>());
    };
    take("references", {"sha256"});
    take("cutouts", {"matte", "strokes"});
}

Result<Done> Base::there()
{
    if (!db) // it could not be opened again after it was moved
        if (const auto again = goOnAt(path(), {}); !again)
            return again;
    if (!hold)
        return Done{};
    if (hold->gone())
        return Error{ErrorKind::Missing,
            tr("The file of this work was taken away: nothing more is saved. Save a copy of it now."), path().string()};
    std::error_code error;
    if (hold->replacedAt(path()))
        return Error{ErrorKind::Missing,
            tr("Another file lies where this work was: nothing more is saved. Save a copy of it now."),
            path().string()};
    if (!std::filesystem::exists(path(), error))
        if (const auto now = hold->whereabouts(); !now.empty()) // moved by hand: its journal has to lie beside it
            return goOnAt(now, {});
    return Done{};
}

Result<Done> Base::goOnAt(const std::filesystem::path& path, const std::function<Result<Done>()>& bring)
{
    return place->moving([&](std::filesystem::path& at) -> Result<Done> {
        const auto open = [&](const std::filesystem::path& from) -> Result<Done> {
            auto next = connect(from, SQLITE_OPEN_READWRITE);
            if (!next)
                return next.error();
            std::swap(db, next.value()->db);
            readOnly = next.value()->readOnly;
            return Done{};
        };
        Result<Done> done = Done{};
        if (bring) {
            sqlite3_close(std::exchange(db, nullptr));
            done = bring();
        }
        if (done && (done = open(path)))
            at = path;
        else if (!db)
            (void)open(at); // as it was
        return done;
    });
}

Result<Done> Base::transaction(const std::function<Result<Done>()>& work, bool own)
{
    if (readOnly)
        return sqlError(nullptr, SQLITE_READONLY, "save");
    if (const auto here = there(); !here)
        return here;
    if (const int code = run("BEGIN IMMEDIATE"); code != SQLITE_OK)
        return sqlError(db, code, "begin");
    upgrade();
    Result<Done> done = work();
    if (done) {
        const int code = run("COMMIT");
        if (code == SQLITE_OK) {
            changed |= own;
            return done;
        }
        done = sqlError(db, code, "commit");
    }
    run("ROLLBACK");
    matteNames.clear();
    return done;
}

Result<Done> clearTheWay(const std::filesystem::path& path)
{
    namespace fs = std::filesystem;
    std::error_code error;
    if (FileLock::anywhere(path))
        return Error{ErrorKind::NotWritable, tr("“%1” is open itself; choose another name.", path.filename().string()),
            path.string()};
    if (fs::exists(path, error)) // a journal of its own is rolled back into it first
        if (auto old = Base::connect(path, SQLITE_OPEN_READWRITE); old)
            (void)old.value()->pragma("schema_version");
    for (const char* tail : {"-journal", "-wal", "-shm"}) {
        fs::path left = path;
        left += tail;
        if (!fs::exists(left, error))
            continue;
        fs::path aside = left;
        for (int i = 1; fs::exists(aside, error); ++i)
            aside = left.string() + ".old" + (i > 1 ? std::to_string(i) : "");
        fs::rename(left, aside, error);
        if (error)
            return Error{ErrorKind::NotWritable, tr("The work cannot be saved there."), error.message()};
    }
    return Done{};
}

Result<Done> copied(sqlite3* from, const ProjectFile::Database& to)
{
    sqlite3_backup* copy = sqlite3_backup_init(to.db, "main", from, "main");
    const int code = copy ? sqlite3_backup_step(copy, -1) : SQLITE_ERROR;
    sqlite3_backup_finish(copy);
    return code == SQLITE_DONE ? Result<Done>(Done{}) : Result<Done>(sqlError(to.db, code, "copy"));
}

void syncFolderOf(const std::filesystem::path& path)
{
    const std::filesystem::path folder = path.parent_path().empty() ? "." : path.parent_path();
    if (const int f = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC); f >= 0) {
        ::fsync(f);
        ::close(f);
    }
}

} // namespace rl::store
