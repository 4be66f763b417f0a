// What is done with the file of a work beside opening and saving it.
#include "app/frame/work_files.h"
#include "core/base/words.h"
#include "core/project/edits.h"
#include "core/review/first_steps.h"
#include "output/sheets.h"
#include "store/stored_picture.h"
#include <QFileDialog>
#include <QFileInfo>

namespace rl::app {

void WorkFiles::study(int reference)
{
    const Reference* r = m_desk.project().reference(reference);
    if (!r || m_desk.document.path().isEmpty())
        return;
    const gather::PictureMeasure* m = m_desk.wall.measure(reference);
    const QFileInfo here(m_desk.document.path());
    QString path;
    for (int i = 0; path.isEmpty() || QFileInfo::exists(path); ++i)
        path
            = here.dir().filePath(tr("study of %1%2.lantern")
                                      .arg(QString::fromStdString(r->name), i ? QString(" %1").arg(i + 1) : QString()));
    make(path, edits::studyOf(*r, m && m->eyeConfidence >= 0.25 ? m->eyeLevel : 0.5));
    m_study = true;
}

void WorkFiles::findAgain(int reference, const QString& file)
{
    const auto saver = m_desk.document.saver();
    const Reference* old = m_desk.project().reference(reference);
    if (!old || !saver)
        return;
    m_sought = reference;
    m_find.ask(
        ++m_count,
        [file, saver, name = old->name](Progress&) -> Result<Reference> {
            const auto bytes = store::readFile(std::filesystem::path(file.toStdString()));
            if (!bytes)
                return bytes.error();
            const auto glanced = store::glancePicture(*bytes);
            if (!glanced)
                return glanced.error();
            Reference r = store::referenceOf(name, *glanced);
            if (!saver->readOnly())
                if (const auto kept = saver->fromWorker([&](store::ProjectFile& f) { return f.keepPicture(r); }); !kept)
                    return kept.error();
            return r;
        },
        Lane::Long);
}

void WorkFiles::tidy()
{
    const auto saver = m_desk.document.saver();
    if (!saver || saver->readOnly())
        return m_desk.notices.say(tr("There is no work open that can be tidied."));
    saver->post([this, answer = m_desk.document.answering(this), needed = m_desk.document.undoProjects()](
                    store::ProjectFile& file) {
        const auto tidied = file.tidy(needed);
        answer([this, tidied] {
            if (!tidied)
                return m_desk.notices.fail(tidied.error());
            m_desk.notices.say(tidied->pictures == 0
                    ? tr("There was nothing to tidy away.")
                    : tr("%n unused images removed, %1 MB.", nullptr, int(tidied->pictures))
                          .arg(double(tidied->bytes) / 1e6, 0, 'f', 1));
        });
    });
}

} // namespace rl::app
