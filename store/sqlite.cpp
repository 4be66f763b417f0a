#include "store/sqlite.h"
#include "core/base/words.h"

namespace rl::store {

Error sqlError(sqlite3* db, int code, const std::string& doing)
{
    const std::string detail = doing + ": " + (db ? sqlite3_errmsg(db) : sqlite3_errstr(code));
    switch (code & 0xff) {
    case SQLITE_FULL:
        return {ErrorKind::Full,
            tr("There is no room left on the disk; the last change is not saved, everything before it is."), detail};
    case SQLITE_READONLY:
    case SQLITE_PERM:
        return {ErrorKind::NotWritable, tr("This work is open for reading only; save a copy to go on."), detail};
    case SQLITE_CANTOPEN:
        return {ErrorKind::NotWritable,
            tr("The file cannot be opened or made there; the folder may be missing or protected."), detail};
    case SQLITE_BUSY:
    case SQLITE_LOCKED:
        return {ErrorKind::NotWritable, tr("Another program is using this work."), detail};
    case SQLITE_IOERR:
        return {ErrorKind::Full, tr("The disk would not take the last change; everything before it is saved."), detail};
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB:
        return {ErrorKind::Damaged, tr("This file is damaged and cannot be opened as a work."), detail};
    default:
        return {ErrorKind::Internal, tr("The work's file could not be used."), detail};
    }
}

} // namespace rl::store
