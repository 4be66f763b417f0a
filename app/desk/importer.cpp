#include "app/desk/importer.h"
#include "app/desk/job.h"
#include "app/desk/wall_keeper.h"
#include "store/stored_picture.h"
#include <QDir>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QtConcurrent>

namespace rl::app {

namespace {
/// What a folder holds; anything named outright is tried whatever it is called.
QStringList expanded(const QStringList& given)
{
    QStringList files;
    for (const QString& f : given) {
        if (!QFileInfo(f).isDir())
            files << f;
        else
            for (const QFileInfo& inside : QDir(f).entryInfoList(pictureEndings(), QDir::Files, QDir::Name))
                files << inside.filePath();
    }
    return files;
}

Result<Arrival> glanced(const QString& file, const std::shared_ptr<store::Saver>& saver)
{
    const auto bytes = store::readFile(std::filesystem::path(file.toStdString()));
    if (!bytes)
        return bytes.error();
    const auto picture = store::glancePicture(*bytes);
    if (!picture)
        return picture.error();
    Arrival a{
        store::referenceOf(QFileInfo(file).completeBaseName().toStdString(), *picture), smallImage(picture->small)};
    if (saver && !saver->readOnly()) {
        const auto kept = saver->fromWorker([&](store::ProjectFile& f) { return f.keepPicture(a.reference); });
        if (!kept)
            return kept.error();
    }
    return a;
}
} // namespace

QStringList pictureEndings()
{
    QStringList all;
    for (const char* e : {"jpg", "jpeg", "png", "tif", "tiff", "webp", "heic", "heif", "svg", "dng", "cr2", "cr3",
             "nef", "arw", "raf", "orf", "rw2", "pef"})
        all << QString("*.") + e << QString("*.") + QString(e).toUpper();
    return all;
}

Importer::Importer(Document& document, Jobs& jobs)
    : m_document(document)
    , m_job(jobs)
{
    connect(&m_job, &JobBase::done, this, [this] {
        const Error* problem = m_job.problem();
        const bool stopped = problem && problem->kind == ErrorKind::Cancelled;
        emit finished(m_problems, stopped);
    });
    connect(&m_job, &JobBase::left, this, [this] { emit finished({}, true); });
}

void Importer::start(const QStringList& given)
{
    if (running() || given.isEmpty())
        return;
    m_problems.clear();
    m_job.ask(
        ++m_count,
        [this, given, saver = m_document.saver(), answer = m_document.answering(this)](
            Progress& progress) -> Result<Done> {
            const QStringList files = expanded(given);
            QStringList problems;
            if (files.isEmpty())
                problems << tr("There is no picture in that folder.");
            std::vector<Arrival> batch;
            const auto deliver = [&] {
                if (!batch.empty())
                    answer([this, came = std::exchange(batch, {})] { emit arrived(came); });
            };
            QElapsedTimer since;
            since.start();
            int done = 0;
            for (const QString& file : files) {
                if (progress.cancelled())
                    break;
                answer([this, n = done++, all = int(files.size())] { emit progressed(n, all); });
                auto read = guarded([&] { return glanced(file, saver); });
                if (read)
                    batch.push_back(read.take());
                else
                    problems << QString("%1: %2").arg(
                        QFileInfo(file).fileName(), QString::fromStdString(read.error().sentence));
                if (since.elapsed() > 400) {
                    deliver();
                    since.restart();
                }
            }
            deliver();
            answer([this, problems] { m_problems = problems; });
            return Done{};
        },
        Lane::Long);
}

} // namespace rl::app
