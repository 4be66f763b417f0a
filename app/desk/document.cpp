#include "app/desk/document.h"
#include "core/base/parallel.h"
#include "core/project/brief_edits.h"
#include "core/stage/carried.h"
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
    void undo() override
    {
        redo();
        setObsolete(m_document.givingUp()); // a drag that was given up is not to be redone
    }
    int id() const override { return m_gesture; }
    // The document shows the newer project already; m_other is still the one before the drag.
    bool mergeWith(const QUndoCommand*) override { return true; }
    const Project& other() const { return m_other; }

private:
    Document& m_document;
    Project m_other;
    int m_gesture;
};
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
        emit failed({ErrorKind::NotWritable,
            tr("This work is open for reading only; save a copy to change it.").toStdString(), {}});
        return;
    }
    if (gesture < 0 || gesture != m_gesture)
        m_gestureFrom = m_project;
    m_gesture = gesture;
    // A tool may begin from where its drag began, or from where it has come to.
    after = stage::withLanternsCarried(m_gestureFrom, std::move(after));
    after = stage::withLanternsCarried(m_project, std::move(after));
    m_inGesture = gesture >= 0;
    if (m_inGesture)
        handMoved();
    const auto namesakes = gesture < 0 ? edits::freshNamesakes(m_project, after) : std::vector<std::pair<int, int>>();
    m_stack.push(new ChangeProject(*this, text, std::move(after), gesture));
    linkNamesakes(namesakes);
}

/// A step of its own, so that one click takes it back alone.
void Document::linkNamesakes(const std::vector<std::pair<int, int>>& all)
{
    for (const auto& [element, member] : all) {
        Project linked = m_project;
        Element* e = linked.element(element);
        if (!e)
            continue;
        e->cast = member;
        const QString name = QString::fromStdString(e->name);
        m_stack.push(new ChangeProject(*this, tr("Link “%1” to the cast").arg(name), std::move(linked), -1));
        emit noted(tr("“%1” in the scene now shows “%1” of the cast, for they have one name; Ctrl+Z parts them again.")
                       .arg(name));
    }
}

void Document::amend(Project after)
{
    if (readOnly() || after == m_project)
        return;
    m_project = std::move(after);
    if (m_inGesture)
        m_unsaved = true;
    else
        save(store::Saver::Whose::Program);
}

void Document::finishGesture()
{
    m_inGesture = false;
    m_gesture = -1;
    if (m_unsaved)
        save();
}

void Document::cancelGesture()
{
    const bool mine = m_inGesture && m_stack.index() > 0 && m_stack.index() == m_stack.count()
        && m_stack.command(m_stack.index() - 1)->id() == m_gesture;
    m_inGesture = false;
    m_gesture = -1;
    if (mine) {
        m_givingUp = true;
        m_stack.undo();
        m_givingUp = false;
    }
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

void Document::save(store::Saver::Whose whose)
{
    m_unsaved = false;
    if (m_session && !readOnly())
        saver()->save(m_project, whose);
}

void Document::adopt(store::ProjectFile::Opened opened)
{
    close();
    m_session = std::make_unique<WorkSession>(std::move(opened.file));
    connect(m_session.get(), &WorkSession::saved, this, &Document::saved);
    connect(m_session.get(), &WorkSession::failed, this, &Document::failed);
    m_project = std::move(opened.project);
    ++m_revision;
    m_stack.clear();
    emit workChanged();
    emit projectChanged();
}

void Document::rename(const QString& path)
{
    if (!m_session || m_moving)
        return;
    m_moving = true;
    saver()->rename(path.toStdString(),
        [this, answer = answering(this)](const Result<Done>& done) { answer([this, done] { go(true, done); }); });
}

void Document::continueIn(const QString& path)
{
    if (!m_session || m_moving)
        return;
    finishGesture();
    m_moving = true;
    saver()->continueIn(path.toStdString(), m_project,
        [this, answer = answering(this)](const Result<Done>& done) { answer([this, done] { go(false, done); }); });
}

void Document::go(bool renamed, const Result<Done>& done)
{
    m_moving = false;
    if (!done)
        return emit failed(done.error());
    emit moved(renamed);
    emit projectChanged();
}

void Document::keepPreview(std::function<std::vector<unsigned char>()> encode)
{
    if (m_session && !readOnly())
        saver()->post(
            [encode = std::move(encode)](store::ProjectFile& f) {
                if (const auto kept = f.setPreview(encode()); !kept)
                    qWarning("preview: %s", kept.error().detail.c_str());
            },
            store::Saver::Order::Loose);
}

void Document::close()
{
    if (m_session)
        emit ending();
    finishGesture();
    if (!m_session)
        return;
    std::vector<QFuture<void>> running;
    emit leaving(running);
    m_session->end(std::move(running));
    m_session.reset();
    m_moving = false;
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
    if (m_session)
        saver()->wait();
}

} // namespace rl::app
