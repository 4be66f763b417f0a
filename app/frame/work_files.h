#pragma once
#include "app/desk/desk.h"
#include "app/desk/job.h"
#include "app/desk/long_job.h"

namespace rl::app {

enum class Example { Caravan, Court };

/// Works as files: opening, making, copying, salvaging, tidying. All of it off the interface thread.
class WorkFiles final : public QObject {
    Q_OBJECT
public:
    WorkFiles(Desk& desk, LongJob& longJob, QWidget* window);
    void open(const QString& path); ///< its last picture is shown meanwhile
    void make(const QString& path, Project project); ///< a new work, with the ending of works
    void saveCopy(const QString& path); ///< and goes on in the copy
    void study(int reference); ///< a work of its own to take this picture apart
    void findAgain(int reference, const QString& file); ///< a missing picture
    void tidy();
    bool opening() const { return m_open.running(); }
    bool busy() const { return m_open.running() || m_make.running() || m_desk.document.moving(); }

    void begin(const QString& title = {}); ///< a fresh work in the folder of works, nothing asked
    void openExample(Example which); ///< a fresh work of the painter's own; one that was changed is left as it is
    static QString worksFolder();
    void askOpen();
    void askCopy();
    void askPicture();

signals:
    void opened(bool ok);
    void made(bool study); ///< a new work is on the desk
    void previewFound(const QImage& image); ///< of a work being opened

private:
    using Opened = std::shared_ptr<store::ProjectFile::Opened>;
    void takeOpened();
    void takeOver(const Opened& opened);
    void nameAfterTitle(); ///< a work that has got a title gives up its makeshift name
    Desk& m_desk;
    LongJob& m_longJob;
    QWidget* m_window;
    Job<Opened> m_open, m_make;
    Job<Reference> m_find;
    Job<QString> m_example;
    QString m_named; ///< asked for last by itself
    bool m_study = false;
    int m_count = 0, m_sought = 0;
};

/// An example as a fresh work in a folder, or the one that lies there and nothing was changed in.
Result<QString> exampleFile(Example which, const QString& folder, Progress& progress);
/// "a work" → "a work.lantern"; what has the ending keeps it.
QString withEnding(QString path);

} // namespace rl::app
