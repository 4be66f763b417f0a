#pragma once
#include "app/desk/work_session.h"
#include <QUndoStack>
#include <memory>

namespace rl::app {

/// The open work: the project as it stands, its undo steps, its session. Every edit is written as it happens; nothing
/// here waits for the disk.
class Document final : public QObject {
    Q_OBJECT
public:
    explicit Document(QObject* parent = nullptr);
    ~Document() override; ///< waits until all is written

    const Project& project() const { return m_project; }
    quint64 revision() const { return m_revision; } ///< grows with every change
    QUndoStack& undoStack() { return m_stack; }
    QString path() const { return m_session ? m_session->path() : QString(); }
    std::shared_ptr<store::Saver> saver() const { return m_session ? m_session->saver() : nullptr; } ///< for workers
    WorkSession* session() const { return m_session.get(); } ///< null while no work is open
    Answering answering(QObject* object) const { return {object, m_session.get()}; } ///< for workers
    bool readOnly() const { return m_session && saver()->readOnly(); }
    bool unsaved() const { return m_session && saver()->unsaved(); } ///< the disk does not take the newest edits

    /// One undoable step. \param gesture equal for the moves of one drag, which become one step; -1 = alone
    void edit(const QString& text, Project after, int gesture = -1);
    /// What follows from the work itself is kept with it: no step, and nothing to look at anew.
    void amend(Project after);
    int freshGesture() { return ++m_lastGesture; }
    /// The drag is over: what it came to is written.
    void finishGesture();
    /// The drag is given up: the work is as it was before it.
    void cancelGesture();
    bool inGesture() const { return m_inGesture; } ///< a hand drags

    /// Takes over an opened or freshly made work. The one before ends first, in order.
    void adopt(store::ProjectFile::Opened opened);
    /// Another name for the file; undo steps and pictures stay. Told by moved() or failed().
    void rename(const QString& path);
    /// A copy of all there is at another path, in which the painter goes on. Told by moved() or failed().
    void continueIn(const QString& path);
    bool moving() const { return m_moving; }
    void waitSaved();
    /// NumberFormat first when the work is opened again. \param encode called on the writing thread
    void keepPreview(std::function<std::vector<unsigned char>()> encode);
    /// Ends the session, aside: no work is open then.
    void close();
    /// The projects that undoing and redoing can come to.
    std::vector<Project> undoProjects() const;

    Project exchangeProject(Project other); ///< for undo steps only
    bool givingUp() const { return m_givingUp; } ///< for them too: the drag they are of is given up

signals:
    void projectChanged();
    void ending(); ///< the work is about to be left: the hand is taken off
    /// The work is being left: what runs for it is stopped and listed, so that it is waited for.
    void leaving(std::vector<QFuture<void>>& running);
    void workChanged(); ///< another work altogether
    void saved(); ///< something has reached the disk
    void moved(bool renamed); ///< the same work lies at another path now
    void failed(const rl::Error& error);
    void noted(const QString& sentence); ///< something was done by itself, and is told

private:
    void go(bool renamed, const rl::Result<Done>& done);
    void save(store::Saver::Whose whose = store::Saver::Whose::Painter);
    void linkNamesakes(const std::vector<std::pair<int, int>>& all);
    Project m_project;
    quint64 m_revision = 0;
    QUndoStack m_stack;
    std::unique_ptr<WorkSession> m_session;
    int m_lastGesture = 0, m_gesture = -1;
    Project m_gestureFrom; ///< as it was when the drag began
    bool m_unsaved = false, m_inGesture = false, m_givingUp = false, m_moving = false;
};

/// A drag, a held key, a field being turned: all its edits become one step, written when it ends, which it does by
/// itself when it is destroyed or begun anew.
class Gesture {
public:
    explicit Gesture(Document& document)
        : m_document(document)
    {
    }
    ~Gesture() { finish(); }
    Gesture(const Gesture&) = delete;
    Gesture& operator=(const Gesture&) = delete;
    void begin()
    {
        finish();
        m_number = m_document.freshGesture();
    }
    void edit(const QString& text, Project after)
    {
        m_edited = m_number >= 0;
        m_document.edit(text, std::move(after), m_number);
    }
    void finish()
    {
        m_number = -1;
        if (std::exchange(m_edited, false))
            m_document.finishGesture();
    }
    void cancel()
    {
        m_number = -1;
        if (std::exchange(m_edited, false))
            m_document.cancelGesture();
    }
    bool on() const { return m_number >= 0; }
    int number() const { return m_number; } ///< −1: none is under way

private:
    Document& m_document;
    int m_number = -1;
    bool m_edited = false;
};

} // namespace rl::app
