#include "app/desk/notices.h"
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QMutex>
#include <QStandardPaths>
#include <fcntl.h>
#include <opencv2/core/utils/logger.hpp>
#include <unistd.h>

namespace rl::app {

void Notices::add(Notice n)
{
    if (n.sentence.isEmpty())
        return;
    if (!m_all.empty() && m_all.back().sentence == n.sentence && m_all.back().when.msecsTo(n.when) < 4000) {
        ++m_all.back().count;
        m_all.back().when = n.when;
    } else {
        m_all.push_back(std::move(n));
        ++m_unread;
    }
    if (m_all.size() > 100)
        m_all.erase(m_all.begin());
    emit changed();
}

void Notices::say(const QString& sentence)
{
    add({QDateTime::currentDateTime(), sentence, false});
}

void Notices::fail(const Error& error)
{
    if (error.kind == ErrorKind::Cancelled)
        return;
    logfile::write(QString::fromStdString(error.sentence + (error.detail.empty() ? "" : " | " + error.detail)));
    add({QDateTime::currentDateTime(), QString::fromStdString(error.sentence), true});
}

void Notices::read()
{
    m_unread = 0;
    emit changed();
}

namespace logfile {

namespace {
QMutex s_mutex;
constexpr qint64 kMost = 1'000'000;

void rotate(const QString& path)
{
    if (QFileInfo(path).size() < kMost)
        return;
    QFile::remove(path + ".3");
    for (int i = 2; i >= 1; --i)
        QFile::rename(QString("%1.%2").arg(path).arg(i), QString("%1.%2").arg(path).arg(i + 1));
    QFile::rename(path, path + ".1");
}

void take(QtMsgType, const QMessageLogContext&, const QString& words)
{
    write(words);
}
} // namespace

QString path()
{
    QString state = qEnvironmentVariable("XDG_STATE_HOME");
    if (state.isEmpty())
        state = QDir::homePath() + "/.local/state";
    if (QStandardPaths::isTestModeEnabled())
        state = QDir::temp().filePath("roving-lantern-test-state");
    const QString folder = state + "/roving-lantern";
    QDir().mkpath(folder);
    return folder + "/log.txt";
}

void write(const QString& line)
{
    const QMutexLocker lock(&s_mutex);
    const QString at = path();
    rotate(at);
    QFile file(at);
    if (file.open(QIODevice::WriteOnly | QIODevice::Append | QIODevice::Text))
        file.write((QDateTime::currentDateTime().toString(Qt::ISODate) + " " + line + "\n").toUtf8());
}

void catchMessages()
{
    qInstallMessageHandler(take);
    cv::utils::logging::setLogLevel(cv::utils::logging::LOG_LEVEL_SILENT);
    // Decoders write to standard error directly.
    const int log = ::open(path().toLocal8Bit().constData(), O_WRONLY | O_CREAT | O_APPEND | O_CLOEXEC, 0600);
    if (log >= 0) {
        ::dup2(log, 2);
        ::close(log);
    }
}

} // namespace logfile

} // namespace rl::app
