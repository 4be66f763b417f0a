#pragma once
#include "core/base/result.h"
#include <QDateTime>
#include <QObject>
#include <vector>

namespace rl::app {

/// What the painter is told: one sentence each, kept in a list that can be opened again. The detail of what went wrong
/// goes to the log file.
class Notices final : public QObject {
    Q_OBJECT
public:
    struct Notice {
        QDateTime when;
        QString sentence;
        bool problem = false;
        int count = 1; ///< how often in a row
    };
    void say(const QString& sentence);
    void fail(const Error& error); ///< says its sentence and logs its detail; cancelled: nothing
    const std::vector<Notice>& all() const { return m_all; } ///< oldest first, the last hundred
    int unread() const { return m_unread; } ///< since the list was opened last
    void read();

signals:
    void changed();

private:
    void add(Notice notice);
    std::vector<Notice> m_all;
    int m_unread = 0;
};

/// The log in the user's state folder: what a sentence leaves out. Rotated at 1 MB, three old ones are kept.
namespace logfile {
QString path(); ///< its folder is made when needed
void write(const QString& line); ///< from any thread
void catchMessages(); ///< Qt's and the libraries' own complaints go there instead of to standard error
} // namespace logfile

} // namespace rl::app
