#include "app/frame/work_files.h"
#include "app/desk/settings.h"
#include "app/frame/start_page.h"
#include "core/base/words.h"
#include "core/project/edits.h"
#include "core/review/first_steps.h"
#include "demo/demo_work.h"
#include "output/sheets.h"
#include "store/file_lock.h"
#include "store/stored_picture.h"
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QRegularExpression>
#include <QSettings>
#include <QStandardPaths>

namespace rl::app {

QString withEnding(QString path)
{
    return path.endsWith(".lantern", Qt::CaseInsensitive) ? path : path + ".lantern";
}

Result<QString> exampleFile(Example which, const QString& folder, Progress& progress)
{
    const auto project = which == Example::Court ? demo::mothCourt(progress) : demo::caravanPutRight(progress);
    if (!project)
        return project.error();
    if (!QDir().mkpath(folder))
        return Error{ErrorKind::NotWritable, rl::tr("The folder of works cannot be made."), folder.toStdString()};
    const QString name = QString::fromStdString(project->brief.title);
    for (int i = 1;; ++i) { // a copy that was painted in stays as it is
        const QString path = folder + "/" + name + (i > 1 ? QString(" %1").arg(i) : QString()) + ".lantern";
        if (!QFileInfo::exists(path)) {
            auto made = store::ProjectFile::create(path.toStdString(), *project);
            return made ? Result<QString>(path) : Result<QString>(made.error());
        }
        if (store::FileLock::anywhere(path.toStdString()))
            continue;
        const auto there = store::ProjectFile::open(path.toStdString());
        if (there && there->project == *project)
            return path;
    }
}

WorkFiles::WorkFiles(Desk& desk, LongJob& longJob, QWidget* window)
    : m_desk(desk)
    , m_longJob(longJob)
    , m_window(window)
    , m_open(nullptr)
    , m_make(&desk.notices)
    , m_find(desk.jobs)
    , m_example(&desk.notices)
{
    connect(&m_example, &JobBase::done, this, [this] {
        if (m_example.problem() || !m_example.last())
            return emit opened(false);
        open(*m_example.last());
    });
    connect(&desk.document, &Document::projectChanged, this, &WorkFiles::nameAfterTitle);
    connect(&m_open, &JobBase::done, this, &WorkFiles::takeOpened);
    connect(&m_make, &JobBase::done, this, [this] {
        if (m_make.problem() || !m_make.last())
            return emit opened(false);
        takeOver(*m_make.last());
        m_make.forget();
        emit made(m_study);
        emit opened(true);
    });
    connect(&desk.document, &Document::moved, this, [this](bool renamed) {
        rememberWork(m_desk.document.path());
        m_desk.notices.say(
            (renamed ? tr("The work is kept as %1.") : tr("You now work in %1.")).arg(m_desk.document.path()));
    });
    connect(&m_find, &JobBase::done, this, [this] {
        const Reference* old = m_desk.project().reference(m_sought);
        if (m_find.problem() || !m_find.last() || !old)
            return;
        if (m_find.last()->sha256() == old->sha256()) {
            m_desk.notices.say(tr("“%1” is there again, byte for byte.").arg(QString::fromStdString(old->name)));
            m_desk.wall.lookForMissing();
            return;
        }
        Reference r = *old;
        r.pixels = m_find.last()->pixels;
        m_desk.edit(tr("Put another picture in its place"), edits::withReference(m_desk.project(), std::move(r)));
        m_desk.notices.say(tr("That is another file than the one that is missing; it has taken its place. Ctrl+Z takes "
                              "it back."));
    });
}

void WorkFiles::open(const QString& path)
{
    if (path == m_desk.document.path()
        && store::FileLock::anywhere(path.toStdString())) { // it is open, and all is written
        QMetaObject::invokeMethod(
            this, [this] { emit opened(true); }, Qt::QueuedConnection);
        return;
    }
    m_open.ask(
        ++m_count,
        [this, self = QPointer<QObject>(this), path](Progress&) -> Result<Opened> {
            WorkSession::waitForEndings(); // it may be the one that is just being left
            const auto preview = store::ProjectFile::previewOf(path.toStdString());
            QImage image;
            if (!preview.empty() && image.loadFromData(preview.data(), int(preview.size())))
                onInterface(self, [this, image] { emit previewFound(image); });
            auto opened = store::ProjectFile::open(path.toStdString());
            if (!opened && opened.error().kind == ErrorKind::Damaged) {
                const Error damage = opened.error();
                opened = store::ProjectFile::salvage(path.toStdString());
                if (!opened) {
                    auto kept = store::ProjectFile::openKeptState(path.toStdString());
                    if (kept) {
                        auto taken = kept.take();
                        taken.note = rl::tr(
                            "%1 Nothing of it can be read; its newest good state, kept beside it, is open as a copy.",
                            damage.sentence);
                        return std::make_shared<store::ProjectFile::Opened>(std::move(taken));
                    }
                }
            }
            if (!opened)
                return opened.error();
            auto taken = opened.take();
            return std::make_shared<store::ProjectFile::Opened>(std::move(taken));
        },
        Lane::Long);
}

void WorkFiles::takeOpened()
{
    if (m_open.problem() || !m_open.last()) {
        if (m_open.problem())
            m_desk.notices.fail(*m_open.problem());
        return emit opened(false);
    }
    takeOver(*m_open.last());
    m_open.forget();
    emit opened(true);
}

void WorkFiles::takeOver(const Opened& opened)
{
    const QString note = QString::fromStdString(opened->note);
    m_desk.document.adopt(std::move(*opened));
    rememberWork(m_desk.document.path());
    m_desk.notices.say(note);
}

void WorkFiles::make(const QString& path, Project project)
{
    m_study = false;
    m_make.ask(
        ++m_count,
        [at = withEnding(path), project = std::move(project)](Progress&) -> Result<Opened> {
            auto file = store::ProjectFile::create(at.toStdString(), project);
            if (!file)
                return file.error();
            return std::make_shared<store::ProjectFile::Opened>(store::ProjectFile::Opened{file.take(), project, {}});
        },
        Lane::Long);
}

QString WorkFiles::worksFolder()
{
    return Settings::read().worksFolder;
}

namespace {
const QString kMakeshift = "untitled";

/// A free name in a folder: "name", "name 2"…; what no file may be called by is left out.
QString freePath(const QString& folder, QString name)
{
    static const QRegularExpression odd(R"([/\\:*?"<>|\x00-\x1f])");
    name = name.remove(odd).simplified().left(80);
    while (name.startsWith('.'))
        name.remove(0, 1);
    QString path;
    for (int i = 1; path.isEmpty() || QFileInfo::exists(path); ++i)
        path = folder + "/" + (name.isEmpty() ? kMakeshift : name) + (i > 1 ? QString(" %1").arg(i) : QString())
            + ".lantern";
    return path;
}
} // namespace

void WorkFiles::begin(const QString& title)
{
    if (!QDir().mkpath(worksFolder()))
        return m_desk.notices.fail(
            {ErrorKind::NotWritable, rl::tr("The folder of works cannot be made."), worksFolder().toStdString()});
    make(freePath(worksFolder(), title), Settings::read().onFresh(review::freshWork(title.toStdString())));
}

void WorkFiles::nameAfterTitle()
{
    const QFileInfo file(m_desk.document.path());
    const QString title = QString::fromStdString(m_desk.project().brief.title).simplified();
    if (m_desk.document.moving() || m_desk.document.readOnly() || title.isEmpty()
        || file.absolutePath() != QDir(worksFolder()).absolutePath() || !file.fileName().startsWith(kMakeshift))
        return;
    const QString path = freePath(worksFolder(), title);
    if (QFileInfo(path).fileName().startsWith(kMakeshift) || path == m_named)
        return;
    m_named = path; // where it cannot be had it is not asked for at every edit
    m_desk.document.rename(path);
}

void WorkFiles::openExample(Example which)
{
    m_example.ask(
        ++m_count,
        [which, folder = worksFolder()](Progress& progress) {
            WorkSession::waitForEndings();
            return exampleFile(which, folder, progress);
        },
        Lane::Long);
}

void WorkFiles::saveCopy(const QString& path)
{
    m_desk.document.continueIn(withEnding(path));
}

} // namespace rl::app
