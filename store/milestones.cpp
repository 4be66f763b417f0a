// Points to go back to, and what a file may forget.
#include "core/base/words.h"
#include "store/database.h"
#include "store/digest.h"
#include "store/picture_reader.h"
#include <ctime>

namespace rl::store {

namespace {
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

Result<Done> ProjectFile::addMilestone(const std::string& name, std::span<const unsigned char> picture)
{
    return guarded([&]() -> Result<Done> {
        return m_database->transaction([&] {
            Statement put(m_database->db,
                "INSERT INTO milestone(name, made, description, picture) SELECT ?, ?, description, ? FROM work WHERE "
                "id = 1");
            return doneOr(*m_database, put.text(1, name).text(2, nowUtc()).bytes(3, picture).step(), "milestone");
        });
    });
}

Result<Done> ProjectFile::withoutMilestone(int milestone)
{
    return guarded([&]() -> Result<Done> {
        return m_database->transaction([&] {
            Statement away(m_database->db, "DELETE FROM milestone WHERE id = ?");
            return doneOr(*m_database, away.number(1, milestone).step(), "milestone");
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

std::vector<unsigned char> ProjectFile::milestonePicture(int milestone) const
{
    Statement s(m_database->db, "SELECT picture FROM milestone WHERE id = ? AND length(picture) < 8000000");
    return s.number(1, milestone).step() == SQLITE_ROW ? s.columnBytes(0) : std::vector<unsigned char>();
}

Result<Project> ProjectFile::projectAt(int milestone) const
{
    return guarded([&]() -> Result<Project> {
        Statement s(m_database->db, "SELECT description FROM milestone WHERE id = ?");
        if (s.number(1, milestone).step() != SQLITE_ROW)
            return Error{ErrorKind::Missing, tr("There is no such milestone in this work."), {}};
        return m_database->projectFrom(s.columnText(0));
    });
}

Result<Tidied> ProjectFile::tidy(const std::vector<Project>& needed)
{
    return guarded([&]() -> Result<Tidied> {
        Database& d = *m_database;
        std::set<std::string> names;
        for (const char* sql : {"SELECT description FROM work", "SELECT description FROM milestone"}) {
            Statement all(d.db, sql);
            while (all.step() == SQLITE_ROW)
                Database::namesIn(all.columnText(0), names);
        }
        for (const Project& p : needed) {
            for (const Reference& r : p.references)
                names.insert(r.sha256());
            for (const Cutout& c : p.cutouts)
                for (const Mask* m : {&c.alpha, &c.strokes}) {
                    const auto known = d.matteNames.find(m->identity());
                    if (known != d.matteNames.end())
                        names.insert(known->second.second);
                    else if (!m->empty())
                        names.insert(sha256(encodePng(*m)));
                }
        }
        Tidied out;
        std::vector<std::string> away;
        {
            Statement all(d.db, "SELECT sha256, length(bytes) FROM blob");
            while (all.step() == SQLITE_ROW)
                if (!names.contains(all.columnText(0))) {
                    away.push_back(all.columnText(0));
                    out.bytes += std::uintmax_t(all.columnNumber(1));
                }
        }
        if (away.empty())
            return out;
        const auto done = d.transaction([&]() -> Result<Done> {
            for (const std::string& name : away)
                for (const char* sql : {"DELETE FROM blob WHERE +sha256 = ?", "DELETE FROM derived WHERE sha256 = ?"}) {
                    Statement drop(d.db, sql);
                    if (const int code = drop.text(1, name).step(); code != SQLITE_DONE)
                        return sqlError(d.db, code, "tidy");
                }
            return Done{};
        });
        if (!done)
            return done.error();
        std::erase_if(d.matteNames,
            [&](const auto& m) { return std::find(away.begin(), away.end(), m.second.second) != away.end(); });
        out.pictures = int(away.size());
        d.run(d.pragma("auto_vacuum") == 2 ? "PRAGMA incremental_vacuum" : "VACUUM"); // a file in use stays as it is
        return out;
    });
}

} // namespace rl::store
