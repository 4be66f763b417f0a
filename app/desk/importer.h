#pragma once
#include "app/desk/document.h"
#include "core/project/project.h"
#include <QImage>
#include <QObject>
#include <QStringList>

namespace rl::app {

/// A picture that has come in: its file is in the work's file already, where there is one.
struct Arrival {
    Reference reference;
    QImage small;
};

/// Brings picture files and whole folders in off the interface thread, a few at a time, with progress and cancel. Each
/// is only glanced at; its file goes to the disk before the edit that shows it, so that memory does not fill up. What
/// comes in comes into the work it was asked for, or nowhere.
class Importer final : public QObject {
    Q_OBJECT
public:
    Importer(Document& document, Jobs& jobs);
    void start(const QStringList& filesAndFolders);
    void cancel() { m_job.stop(); }
    bool running() const { return m_job.running(); }

signals:
    void progressed(int done, int all);
    void arrived(std::vector<rl::app::Arrival> pictures);
    void finished(QStringList problems, bool cancelled);

private:
    Document& m_document;
    Job<Done> m_job;
    QStringList m_problems; ///< what could not be read
    int m_count = 0;
};

/// Ending patterns for file choosers and folders: "*.jpg *.png …".
QStringList pictureEndings();

} // namespace rl::app
