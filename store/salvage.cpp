// What can still be had of a damaged file.
#include "core/base/words.h"
#include "store/database.h"
#include <nlohmann/json.hpp>

namespace rl::store {

namespace {
namespace fs = std::filesystem;

/// "dusk (salvaged).lantern", "dusk (salvaged 2).lantern" …: the first that is free.
fs::path besideNamed(const fs::path& path, const std::string& word)
{
    for (int i = 1;; ++i) {
        const std::string tail = i == 1 ? " (" + word + ")" : " (" + word + " " + std::to_string(i) + ")";
        const fs::path at = path.parent_path() / (path.stem().string() + tail + ".lantern");
        std::error_code error;
        if (!fs::exists(at, error))
            return at;
    }
}

Error nothingLeft(const fs::path& path, const std::string& detail)
{
    std::error_code error;
    const fs::path kept = ProjectFile::keptStateOf(path);
    const bool has = fs::exists(kept, error);
    return {ErrorKind::Damaged,
        tr("Nothing can be read of the damaged file “%1”%2", path.filename().string(),
            has ? tr("; its newest good state is kept beside it as “%1”.", kept.filename().string()) : "."),
        detail};
}

/// The newest description that can still be read: the work's own, else a milestone's.
std::string newestDescription(sqlite3* db)
{
    for (const char* sql :
        {"SELECT description FROM work WHERE id = 1", "SELECT description FROM milestone ORDER BY id DESC"}) {
        Statement s(db, sql);
        while (s.step() == SQLITE_ROW)
            if (const auto text = s.columnText(0); nlohmann::json::accept(text))
                return text;
    }
    return {};
}

void copyMilestones(sqlite3* from, ProjectFile::Database& to)
{
    Statement s(from, "SELECT name, made, description FROM milestone ORDER BY id");
    while (s.step() == SQLITE_ROW) {
        if (!nlohmann::json::accept(s.columnText(2)))
            continue;
        Statement put(to.db, "INSERT INTO milestone(name, made, description) VALUES(?, ?, ?)");
        put.text(1, s.columnText(0)).text(2, s.columnText(1)).text(3, s.columnText(2)).step();
    }
}
} // namespace

Result<ProjectFile::Opened> ProjectFile::salvage(const fs::path& path)
{
    return guarded([&]() -> Result<Opened> {
        auto made = Database::connect(path, SQLITE_OPEN_READONLY);
        if (!made)
            return nothingLeft(path, made.error().detail);
        const auto from = made.take();
        const std::string description = newestDescription(from->db);
        if (description.empty())
            return nothingLeft(path, sqlite3_errmsg(from->db));
        std::set<std::string> names;
        Database::namesIn(description, names);
        const fs::path copy = besideNamed(path, "salvaged");
        {
            auto to = Database::make(copy);
            if (!to)
                return to.error();
            Database& d = *to.value();
            const auto done = d.transaction([&]() -> Result<Done> {
                copyMilestones(from->db, d);
                Statement every(d.db, "SELECT description FROM milestone");
                while (every.step() == SQLITE_ROW)
                    Database::namesIn(every.columnText(0), names);
                for (const std::string& name : names)
                    if (const auto bytes = from->blob(name)) // whole, by its digest
                        if (const int code = d.keepBlob(name, "picture", **bytes); code != SQLITE_DONE)
                            return sqlError(d.db, code, "salvage");
                Statement put(d.db, "INSERT INTO work(id, description) VALUES(1, ?)");
                return doneOr(d, put.text(1, description).step(), "salvage");
            });
            if (!done)
                return done.error();
        }
        auto opened = open(copy);
        if (!opened)
            return opened.error();
        Opened out = opened.take();
        out.note = tr("“%1” is damaged. What could be read is open as a copy, “%2”; the damaged file is as it was. %3",
            path.filename().string(), copy.filename().string(),
            out.note.empty() ? tr("Nothing of the work itself is lost.") : out.note);
        return out;
    });
}

fs::path ProjectFile::keptStateOf(const fs::path& path)
{
    fs::path kept = path;
    kept += "~";
    return kept;
}

Result<ProjectFile::Opened> ProjectFile::openKeptState(const fs::path& path)
{
    return guarded([&]() -> Result<Opened> {
        std::error_code error;
        const fs::path kept = keptStateOf(path);
        if (!fs::exists(kept, error))
            return Error{ErrorKind::Missing, tr("No earlier state of this work is kept beside it."), {}};
        const fs::path copy = besideNamed(path, "kept");
        fs::copy_file(kept, copy, error);
        if (error)
            return Error{ErrorKind::NotWritable, tr("The kept state cannot be copied there."), error.message()};
        return open(copy);
    });
}

namespace {
/// Brings one table of an attached database up to the main one's.
Result<Done> sameRows(ProjectFile::Database& d, const char* table, const char* columns)
{
    const std::string all = std::string("DELETE FROM kept.") + table + "; INSERT INTO kept." + table + "(" + columns
        + ") SELECT " + columns + " FROM main." + table;
    return doneOr(d, d.run(all.c_str()), "keep state");
}

/// The state kept before becomes the present one: what it has of pictures stays. \return false: it is none of ours
Result<Done> broughtUp(ProjectFile::Database& d)
{
    const auto done = [&]() -> Result<Done> {
        if (const int code = d.run("BEGIN"); code != SQLITE_OK)
            return sqlError(d.db, code, "keep state");
        Result<Done> same = doneOr(d,
            d.run("DELETE FROM kept.blob WHERE sha256 NOT IN (SELECT +sha256 FROM main.blob);" // see Database::hasBlob
                  "INSERT INTO kept.blob SELECT * FROM main.blob WHERE sha256 NOT IN (SELECT +sha256 FROM kept.blob)"),
            "keep state");
        if (same)
            same = sameRows(d, "work", "id, description");
        if (same)
            same = sameRows(d, "milestone", "id, name, made, description, picture");
        return same;
    }();
    if (done && d.run("COMMIT") == SQLITE_OK)
        return done;
    d.run("ROLLBACK");
    return done ? Result<Done>(sqlError(d.db, SQLITE_ERROR, "keep state")) : done;
}

/// Is that a state which only has to be brought up to the present one?
bool isState(const fs::path& kept)
{
    std::error_code error;
    if (!fs::exists(kept, error))
        return false;
    auto d = ProjectFile::Database::connect(kept, SQLITE_OPEN_READWRITE);
    return d && d.value()->pragma("application_id") == kApplicationId
        && d.value()->pragma("user_version") == kFileVersion && !d.value()->readOnly;
}
} // namespace

Result<Done> ProjectFile::keepState() const
{
    return guarded([&]() -> Result<Done> {
        const fs::path kept = keptStateOf(m_database->path());
        if (isState(kept) && m_database->pragma("user_version") == kFileVersion) {
            Statement attach(m_database->db, "ATTACH DATABASE ? AS kept");
            const bool attached = attach.text(1, kept.string()).step() == SQLITE_DONE;
            const auto done
                = attached ? broughtUp(*m_database) : Result<Done>(sqlError(m_database->db, SQLITE_ERROR, {}));
            if (attached)
                m_database->run("DETACH DATABASE kept");
            if (done)
                return done;
        }
        fs::path beside = kept;
        beside += ".new";
        std::error_code error;
        fs::remove(beside, error);
        {
            auto to = Database::connect(beside, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE);
            if (!to)
                return to.error();
            if (const auto done = copied(m_database->db, *to.value()); !done) {
                fs::remove(beside, error);
                return done;
            }
        }
        fs::rename(beside, kept, error);
        return error ? Result<Done>(
                   Error{ErrorKind::NotWritable, tr("No earlier state can be kept beside the work."), error.message()})
                     : Result<Done>(Done{});
    });
}

} // namespace rl::store
