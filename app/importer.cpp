#include "app/importer.h"
#include "store/picture_reader.h"
#include <QDir>
#include <QFileInfo>
#include <QtConcurrent>

namespace rl::app {

Importer::Importer(QObject* parent)
    : QObject(parent)
{
    connect(&m_watcher, &QFutureWatcher<Outcome>::finished, this, [this] {
        Outcome o = m_watcher.result();
        emit finished(std::move(o.pictures), o.problems);
    });
}

Importer::~Importer()
{
    m_stop = true;
    m_watcher.waitForFinished();
}

void Importer::start(const QStringList& given)
{
    if (running() || given.isEmpty())
        return;
    QStringList files;
    for (const QString& f : given) {
        const QFileInfo info(f);
        if (info.isDir())
            for (const QFileInfo& inside : QDir(f).entryInfoList(
                     {"*.jpg", "*.jpeg", "*.png", "*.tif", "*.tiff", "*.webp"}, QDir::Files, QDir::Name))
                files << inside.filePath();
        else
            files << f;
    }
    m_stop = false;
    m_watcher.setFuture(QtConcurrent::run([this, files] {
        Outcome outcome;
        int done = 0;
        for (const QString& file : files) {
            if (m_stop)
                break;
            emit progressed(done++, int(files.size()));
            auto read = store::readPicture(std::filesystem::path(file.toStdString()));
            const QFileInfo info(file);
            if (!read) {
                outcome.problems << QString("%1: %2").arg(
                    info.fileName(), QString::fromStdString(read.error().sentence));
                continue;
            }
            store::ReadPicture p = read.take();
            Reference r;
            r.name = info.completeBaseName().toStdString();
            r.original = p.original;
            r.sha256 = p.sha256;
            r.pixels = p.pixels;
            outcome.pictures.push_back(std::move(r));
        }
        return outcome;
    }));
}

} // namespace rl::app
