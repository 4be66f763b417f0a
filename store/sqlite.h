#pragma once
#include "core/base/result.h"
#include <span>
#include <sqlite3.h>
#include <vector>

/// SQLite 3 as this project uses it.
namespace rl::store {

/// What a code of SQLite's means to a painter. \param db may be null \param doing for the log
Error sqlError(sqlite3* db, int code, const std::string& doing);

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
    Statement& bytes(int at, std::span<const unsigned char> value)
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

} // namespace rl::store
