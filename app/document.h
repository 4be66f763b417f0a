#pragma once
#include "store/saver.h"
#include <QObject>
#include <QUndoStack>
#include <memory>

namespace rl::app {

/// The open work: the project as it stands, its undo steps, its file. Every edit is written as it happens.
class Document final : public QObject {
    Q_OBJECT
public:
    explicit Document(QObject* parent = nullptr);
    ~Document() override;

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

    void adopt(store::ProjectFile::Opened opened); ///< takes over an opened work
    Result<Done> makeNew(const QString& path, Project project);
    Result<Done> saveCopy(const QString& path); ///< and goes on in the copy
    Result<Done> addMilestone(const QString& name);
    void waitSaved();
    void keepPreview(const std::vector<unsigned char>& picture); ///< shown first when the work is opened again

    Project exchangeProject(Project other); ///< for undo steps only

signals:
    void projectChanged();
    void workChanged(); ///< another work altogether
    void failed(const QString& sentence);

private:
    void begin(store::ProjectFile file, Project project);
    void save();
    Project m_project;
    quint64 m_revision = 0;
    QUndoStack m_stack;
    std::shared_ptr<store::Saver> m_saver;
    QString m_path;
    int m_lastGesture = 0;
    bool m_unsaved = false, m_inGesture = false;
};

} // namespace rl::app
