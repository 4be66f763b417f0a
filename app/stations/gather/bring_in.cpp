// What comes onto the wall, and what leaves it as a table.
#include "app/board/board.h"
#include "app/desk/importer.h"
#include "app/stations/gather/wall_page.h"
#include "app/widgets/clip_picker.h"
#include "core/project/edits.h"
#include "core/project/ledger.h"
#include "core/review/first_steps.h"
#include "store/stored_picture.h"
#include <QApplication>
#include <QClipboard>
#include <QDateTime>
#include <QDir>
#include <QFileDialog>
#include <QMimeData>
#include <QSettings>

namespace rl::app {

void WallPage::bringFields()
{
    m_form->mainButton("bringPictures", tr("Import pictures…"),
        tr("JPEG, PNG, TIFF, WebP, HEIC, camera raw or SVG; you can also drop files or folders on the wall, or paste "
           "(Ctrl+V)"),
        [this] { chooseFiles(); });
    m_form->button(
        "bringFolder", tr("Import folder…"), tr("Every picture in a folder at once"), [this] { chooseFolder(); });
    m_form->button("bringStill", tr("Video frame…"),
        tr("Picks a frame out of a video clip; the sharpest near the moment are offered"), [this] { chooseStill(); });
    m_form->button("paste", tr("Paste"), tr("Imports the picture that was copied elsewhere"), [this] { paste(); });
}

void WallPage::chooseFiles()
{
    QSettings settings;
    const QStringList files = QFileDialog::getOpenFileNames(this, tr("Import pictures"),
        settings.value("lastPictureFolder", QDir::homePath()).toString(),
        tr("Pictures (%1);;All files (*)").arg(pictureEndings().join(' ')));
    if (files.isEmpty())
        return;
    settings.setValue("lastPictureFolder", QFileInfo(files.first()).absolutePath());
    emit m_desk.importWanted(files);
}

void WallPage::chooseFolder()
{
    QSettings settings;
    const QString folder = QFileDialog::getExistingDirectory(
        this, tr("Import a folder"), settings.value("lastPictureFolder", QDir::homePath()).toString());
    if (folder.isEmpty())
        return;
    settings.setValue("lastPictureFolder", folder);
    emit m_desk.importWanted({folder});
}

void WallPage::chooseStill()
{
    QSettings settings;
    const QString clip = QFileDialog::getOpenFileName(this, tr("A video clip"),
        settings.value("lastPictureFolder", QDir::homePath()).toString(),
        tr("Video clips (*.mp4 *.mov *.mkv *.avi *.webm *.m4v);;All files (*)"));
    if (clip.isEmpty())
        return;
    auto* picker = new ClipPicker(clip, this);
    picker->setAttribute(Qt::WA_DeleteOnClose);
    connect(picker, &ClipPicker::picked, &m_desk, [this, clip](const QString& file) { bringStill(file, clip); });
    connect(picker, &ClipPicker::failed, &m_desk, [this](const QString& s) { m_desk.notices.say(s); });
    picker->open();
}

/// A still keeps its clip as its source.
void WallPage::bringStill(const QString& file, const QString& clip)
{
    const std::string name = QFileInfo(file).completeBaseName().toStdString();
    auto* waiting = new QObject(this);
    connect(
        &m_desk.document, &Document::projectChanged, waiting,
        [this, waiting, name, clip] {
            for (const Reference& r : project().references)
                if (r.name == name && r.source.empty()) {
                    waiting->deleteLater();
                    disconnect(&m_desk.document, nullptr, waiting, nullptr);
                    Reference said = r;
                    said.source = QFileInfo(clip).fileName().toStdString();
                    return m_desk.edit(
                        tr("Note where the still is from"), edits::withReference(project(), std::move(said)));
                }
        },
        Qt::QueuedConnection);
    emit m_desk.importWanted({file});
}

void WallPage::paste()
{
    const QMimeData* mime = QApplication::clipboard()->mimeData();
    QStringList files = localFiles(*mime);
    if (files.isEmpty() && mime->hasImage()) {
        const QString path = QDir::temp().filePath(QString("pasted-%1.png").arg(QDateTime::currentMSecsSinceEpoch()));
        if (qvariant_cast<QImage>(mime->imageData()).save(path))
            files << path;
    }
    if (files.isEmpty())
        m_desk.notices.say(tr("There is no picture to paste."));
    else
        emit m_desk.importWanted(files);
}

void WallPage::writeLedger()
{
    const QString path = QFileDialog::getSaveFileName(
        this, tr("The ledger of credits"), QDir::homePath() + "/" + tr("ledger.csv"), tr("Tables (*.csv)"));
    if (path.isEmpty())
        return;
    const std::string csv = ledgerCsv(project());
    const auto written
        = store::writeFile(path.toStdString(), {reinterpret_cast<const unsigned char*>(csv.data()), csv.size()});
    if (written)
        m_desk.notices.say(tr("Credits of %n pictures exported.", nullptr, int(project().references.size())));
    else
        m_desk.notices.fail(written.error());
}

void WallPage::layInHeap(const QString& heap)
{
    Project after = project();
    for (Reference& x : after.references)
        if (m_table.wall()->chosen().contains(x.id)) {
            x.heap = heap.toStdString();
            x.hung = false; // the heap finds its own place
        }
    m_desk.edit(tr("Lay pictures in a heap"), std::move(after));
}

void WallPage::useAsBackdrop()
{
    const Reference* r = m_desk.heldReference();
    if (!r || r->pixels.missing())
        return;
    m_backdropWanted = r->id;
    m_lens.ask(JobKey(std::pair(r->id, r->sha256())), [pixels = r->pixels](Progress&) -> Result<double> {
        if (const auto file = pixels.bytes())
            if (const double told = store::focalShareOf(*file, pixels.width(), pixels.height()); told > 0)
                return told; // the camera's own word
        const Photo photo = pixels.photo();
        return photo.empty() ? 0.0 : review::focalShareOf(photo);
    });
    if (!m_lens.running())
        takeBackdrop();
}

void WallPage::takeBackdrop()
{
    const int id = std::exchange(m_backdropWanted, 0);
    if (!id || !project().reference(id))
        return;
    const auto* m = m_desk.wall.measure(id);
    m_desk.edit(
        tr("Choose the backdrop"), review::withBackdropChosen(project(), id, m, m_lens.last() ? *m_lens.last() : 0));
}

/// The file of a missing picture is put back where it was when it is the same one, byte for byte; another picture of
/// the same size takes its place as a step that can be taken back.
void WallPage::findAgain()
{
    const Reference* gone = m_desk.heldReference();
    if (!gone || !gone->pixels.missing())
        return;
    const QString path
        = QFileDialog::getOpenFileName(this, tr("Find “%1” again").arg(QString::fromStdString(gone->name)),
            QSettings().value("lastPictureFolder", QDir::homePath()).toString(),
            tr("Pictures (%1);;All files (*)").arg(pictureEndings().join(' ')));
    if (!path.isEmpty())
        emit m_desk.findWanted(gone->id, path);
}

} // namespace rl::app
