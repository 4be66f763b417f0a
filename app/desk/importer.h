#pragma once
#include "app/desk/document.h"
#include "core/project/project.h"
#include <QFutureWatcher>
#include <QImage>
#include <QObject>
#include <QStringList>
#include <atomic>

namespace rl::app {

/// A picture that has come in: its file is in the work's file already, where there is one.
struct Arrival {
    Reference reference;
    QImage small;
};

/// Brings picture files and whole folders in off the interface thread, a few at a time, with progress and cancel. Each
/// is only glanced at; its file goes to the disk before the edit that shows it, so that memory does not fill up.
class Importer final : public QObject {
    Q_OBJECT
public:
    explicit Importer(Document& document);
    ~Importer() override;
    void start(const QStringList& filesAndFolders);
    void cancel() { m_stop = true; }
    bool running() const { return m_watcher.isRunning(); }

signals:
    void progressed(int done, int all);
    void arrived(std::vector<rl::app::Arrival> pictures);
    void finished(QStringList problems, bool cancelled);

private:
    Document& m_document;
    QFutureWatcher<QStringList> m_watcher;
    std::atomic<bool> m_stop = false;
};

/// Ending patterns for file choosers and folders: "*.jpg *.png …".
QStringList pictureEndings();

} // namespace rl::app
