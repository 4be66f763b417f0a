#pragma once
#include "store/saver.h"
#include <QObject>
#include <QUndoStack>
#include <memory>

namespace rl::app {

/// The open work: the project as it stands, its undo steps, its file. Every edit is written as it happens; nothing here
/// waits for the disk.
class Document final : public QObject {
    Q_OBJECT
public:
    explicit Document(QObject* parent = nullptr);
    ~Document() override; ///< waits until all is written

    const Project& project() const { return m_project; }
    quint64 revision() const { return m_revision; } ///< grows with every change
    QUndoStack& undoStack() { return m_stack; }
    QString path() const { return m_path; }
    std::shared_ptr<store::Saver> saver() const { return m_saver; } ///< for workers; null without a file
    bool readOnly() const { return m_saver && m_saver->readOnly(); }

    /// One undoable step. \param gesture equal for the moves of one drag, which become one step; -1 = alone
    void edit(const QString& text, Project after, int gesture = -1);
    int freshGesture() { return ++m_lastGesture; }
    /// The drag is over: what it came to is written.
    void finishGesture();
    bool inGesture() const { return m_inGesture; } ///< a hand drags

    /// Takes over an opened or freshly made work. The one before is tidied and closed aside.
    void adopt(store::ProjectFile::Opened opened);
    /// The same for a file that was just made of `project`, which the painter goes on in without losing undo steps.
    /// \param takeAway the file before goes, with the state kept beside it: the work has only got another name
    void goOnIn(store::ProjectFile file, bool takeAway = false);
    void waitSaved();
    void keepPreview(std::vector<unsigned char> picture); ///< shown first when the work is opened again
    /// Tidies the file, keeps its state beside it, and lets go of it; aside.
    void close(bool takeAway = false);
    /// The projects that undoing and redoing can come to.
    std::vector<Project> undoProjects() const;

    Project exchangeProject(Project other); ///< for undo steps only

signals:
    void projectChanged();
    void workChanged(); ///< another work altogether
    void saved(); ///< something has reached the disk
    void failed(const rl::Error& error);

private:
    std::shared_ptr<store::Saver> saverOf(store::ProjectFile file);
    void save();
    Project m_project;
    quint64 m_revision = 0;
    QUndoStack m_stack;
    std::shared_ptr<store::Saver> m_saver;
    QString m_path;
    int m_lastGesture = 0, m_gesture = -1;
    Project m_gestureFrom; ///< as it was when the drag began
    bool m_unsaved = false, m_inGesture = false;
};

} // namespace rl::app

Q_DECLARE_METATYPE(rl::Error)
