#include "app/desk/document.h"
#include "app/desk/job.h"
#include "core/stage/carried.h"
#include <QFile>
#include <QThreadPool>
#include <QUndoCommand>

namespace rl::app {

namespace {
/// One edit: keeps the other project, and trades it with the document's.
class ChangeProject final : public QUndoCommand {
public:
    ChangeProject(Document& document, const QString& text, Project after, int gesture)
        : QUndoCommand(text)
        , m_document(document)
        , m_other(std::move(after))
        , m_gesture(gesture)
    {
    }
    void redo() override { m_other = m_document.exchangeProject(std::move(m_other)); }
    void undo() override { redo(); }
    int id() const override { return m_gesture; }
    // The document shows the newer project already; m_other is still the one before the drag.
    bool mergeWith(const QUndoCommand*) override { return true; }
    const Project& other() const { return m_other; }

private:
    Document& m_document;
    Project m_other;
    int m_gesture;
};

/// What a work goes through when it is left: what nothing needs is dropped, and its state is kept beside it.
void leave(store::ProjectFile& file)
{
    if (file.readOnly())
        return;
    const auto tidied = file.tidy();
    const auto kept = file.keepState();
    for (const Error* e : {tidied ? nullptr : &tidied.error(), kept ? nullptr : &kept.error()})
        if (e)
            qWarning("leaving a work: %s (%s)", e->sentence.c_str(), e->detail.c_str());
}
} // namespace

Document::Document(QObject* parent)
    : QObject(parent)
{
    m_stack.setUndoLimit(400);
}

Document::~Document()
{
    finishGesture();
    waitSaved();
}

void Document::edit(const QString& text, Project after, int gesture)
{
    if (readOnly()) {
        emit failed(
            {Kind::NotWritable, tr("This work is open for reading only; save a copy to change it.").toStdString(), {}});
        return;
    }
    if (gesture < 0 || gesture != m_gesture)
        m_gestureFrom = m_project;
    m_gesture = gesture;
    // A tool may begin from where its drag began, or from where it has come to.
    after = stage::withLanternsCarried(m_gestureFrom, std::move(after));
    after = stage::withLanternsCarried(m_project, std::move(after));
    m_inGesture = gesture >= 0;
    m_stack.push(new ChangeProject(*this, text, std::move(after), gesture));
}

void Document::finishGesture()
{
    m_inGesture = false;
    if (m_unsaved)
        save();
}

Project Document::exchangeProject(Project other)
{
    std::swap(m_project, other);
    ++m_revision;
    m_unsaved = true;
    if (!m_inGesture)
        save();
    emit projectChanged();
    return other;
}

void Document::save()
{
    m_unsaved = false;
    if (!m_saver || m_saver->readOnly())
        return;
    m_saver->save(m_project);
    m_saver->post(
        [this, self = QPointer<QObject>(this)](store::ProjectFile&) { onInterface(self, [this] { emit saved(); }); });
}

std::shared_ptr<store::Saver> Document::saverOf(store::ProjectFile file)
{
    return std::make_shared<store::Saver>(std::move(file),
        [this, self = QPointer<QObject>(this)](const Error& e) { onInterface(self, [this, e] { emit failed(e); }); });
}

void Document::adopt(store::ProjectFile::Opened opened)
{
    close();
    m_path = QString::fromStdString(opened.file.path().string());
    m_saver = saverOf(std::move(opened.file));
    m_project = std::move(opened.project);
    ++m_revision;
    m_unsaved = m_inGesture = false;
    m_stack.clear();
    emit workChanged();
    emit projectChanged();
}

void Document::goOnIn(store::ProjectFile file, bool takeAway)
{
    close(takeAway);
    m_path = QString::fromStdString(file.path().string());
    m_saver = saverOf(std::move(file));
    save();
    emit projectChanged();
}

void Document::keepPreview(std::vector<unsigned char> picture)
{
    if (m_saver && !m_saver->readOnly())
        m_saver->post([picture = std::move(picture)](store::ProjectFile& f) {
            if (const auto kept = f.setPreview(picture); !kept)
                qWarning("preview: %s", kept.error().detail.c_str());
        });
}

void Document::close(bool takeAway)
{
    finishGesture();
    if (!m_saver)
        return;
    if (!takeAway)
        m_saver->post(leave);
    // Its end waits for the disk: not here.
    poolOf(Lane::Long)->start([saver = std::exchange(m_saver, nullptr), takeAway, path = m_path]() mutable {
        saver.reset();
        if (takeAway)
            for (const QString& file :
                {path, QString::fromStdString(store::ProjectFile::keptStateOf(path.toStdString()).string())})
                QFile::remove(file);
    });
}

std::vector<Project> Document::undoProjects() const
{
    std::vector<Project> all{m_project};
    for (int i = 0; i < m_stack.count(); ++i)
        if (const auto* step = dynamic_cast<const ChangeProject*>(m_stack.command(i)))
            all.push_back(step->other());
    return all;
}

void Document::waitSaved()
{
    if (m_saver)
        m_saver->wait();
}

} // namespace rl::app
