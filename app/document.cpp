#include "app/document.h"
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
        emit failed(tr("This work is open for reading only; save a copy to change it."));
        return;
    }
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
    if (m_saver && !m_saver->readOnly())
        m_saver->save(m_project);
}

void Document::begin(store::ProjectFile file, Project project)
{
    m_path = QString::fromStdString(file.path().string());
    m_saver = std::make_shared<store::Saver>(std::move(file), [this](const Error& e) {
        QMetaObject::invokeMethod(
            this, [this, s = QString::fromStdString(e.sentence)] { emit failed(s); }, Qt::QueuedConnection);
    });
    m_project = std::move(project);
    ++m_revision;
    m_unsaved = m_inGesture = false;
    m_stack.clear();
    emit workChanged();
    emit projectChanged();
}

void Document::adopt(store::ProjectFile::Opened opened)
{
    waitSaved();
    begin(std::move(opened.file), std::move(opened.project));
}

Result<Done> Document::makeNew(const QString& path, Project project)
{
    waitSaved();
    auto file = store::ProjectFile::create(path.toStdString(), project);
    if (!file)
        return file.error();
    begin(file.take(), std::move(project));
    return Done{};
}

Result<Done> Document::saveCopy(const QString& path)
{
    waitSaved();
    auto file = store::ProjectFile::create(path.toStdString(), m_project);
    if (!file)
        return file.error();
    begin(file.take(), Project(m_project));
    return Done{};
}

Result<Done> Document::addMilestone(const QString& name)
{
    if (!m_saver)
        return Error{Kind::Invalid, "There is no work open.", {}};
    return m_saver->withFile([&](store::ProjectFile& f) { return f.addMilestone(name.toStdString()); });
}

void Document::keepPreview(const std::vector<unsigned char>& picture)
{
    if (m_saver && !m_saver->readOnly())
        (void)m_saver->withFile([&](store::ProjectFile& f) { return f.setPreview(picture); });
}

void Document::waitSaved()
{
    if (m_saver)
        m_saver->wait();
}

} // namespace rl::app
