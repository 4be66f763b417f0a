#include "store/database.h"
#include "core/base/words.h"
#include "store/digest.h"
#include "store/picture_reader.h"
#include "store/project_json.h"
#include "store/stored_picture.h"
#include <nlohmann/json.hpp>

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
    d->path = path;
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
    Statement known(db, "SELECT 1 FROM blob WHERE sha256 = ?");
    if (known.text(1, name).step() == SQLITE_ROW)
        return SQLITE_DONE;
    Statement put(db, "INSERT INTO blob(sha256, kind, bytes) VALUES(?, ?, ?)");
    return put.text(1, name).text(2, kind).bytes(3, bytes).step();
}

Result<Blob> Base::blob(const std::string& name)
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

Result<Project> Base::projectFrom(const std::string& description)
{
    lost.clear();
    const auto json = nlohmann::json::parse(description, nullptr, false);
    if (json.is_discarded() || !json.is_object())
        return Error{Kind::Damaged, tr("The work's own description is damaged."), {}};
    PixelSource source;
    source.picture = [&](Reference r, int width, int height) -> Result<Reference> {
        auto bytes = blob(r.sha256);
        const bool sized
            = width > 0 && height > 0 && std::uint64_t(width) * std::uint64_t(height) <= std::uint64_t(kMostPixels);
        if (bytes && !sized) {
            const auto glanced = glancePicture(*bytes);
            width = glanced ? glanced->width : 0, height = glanced ? glanced->height : 0;
            if (!glanced)
                bytes = glanced.error();
        }
        r.pixels = LazyPhoto(std::max(1, width), std::max(1, height), std::make_shared<StoredPicture>(path, r.sha256));
        if (!bytes) {
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

Result<Done> Base::write(const Project& p)
{
    int code = SQLITE_DONE;
    const auto keep = [&](const std::string& name, const char* kind, std::span<const unsigned char> bytes) {
        if (code == SQLITE_DONE)
            code = keepBlob(name, kind, bytes);
    };
    for (const Reference& r : p.references) {
        const auto* stored = dynamic_cast<const StoredPicture*>(r.pixels.source());
        if (stored && stored->settledIn(path))
            continue;
        if (const Blob bytes = r.pixels.bytes()) // missing: nothing is written, nothing overwritten
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
    return doneOr(*this, code, "write");
}

void Base::settle(const Project& p, const std::filesystem::path& at)
{
    for (const Reference& r : p.references)
        if (const auto* stored = dynamic_cast<const StoredPicture*>(r.pixels.source()))
            if (!stored->missing())
                stored->settle(at);
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

Result<Done> Base::transaction(const std::function<Result<Done>()>& work)
{
    if (readOnly)
        return sqlError(nullptr, SQLITE_READONLY, "save");
    if (hold && hold->gone())
        return Error{Kind::Missing,
            tr("The file of this work was taken away: nothing more is saved. Save a copy of it now."), path.string()};
    if (const int code = run("BEGIN IMMEDIATE"); code != SQLITE_OK)
        return sqlError(db, code, "begin");
    upgrade();
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

} // namespace rl::store
