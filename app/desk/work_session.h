#pragma once
#include "app/desk/job.h"
#include "store/saver.h"

namespace rl::app {

/// One opened work: its file with its lock, and what writes it. It ends when the work is left; what was asked in it is
/// answered in it, or not at all.
class WorkSession final : public QObject {
    Q_OBJECT
public:
    explicit WorkSession(store::ProjectFile file);
    ~WorkSession() override;

    std::shared_ptr<store::Saver> saver() const { return m_saver; } ///< for workers
    QString path() const { return QString::fromStdString(m_saver->path().string()); }
    /// Ends it aside: runs are waited for, what is queued is written, and unless nothing has changed the file is tidied
    /// and its state kept beside it. The interface never waits for that; what opens a work does (waitForEndings).
    void end(std::vector<QFuture<void>> running);
    static void waitForEndings(); ///< of a worker: until all works that were left are wholly written

signals:
    void saved(); ///< something has reached the disk
    void failed(const rl::Error& error);
    void moved(); ///< it lies elsewhere, or may be written now

private:
    std::shared_ptr<store::Saver> m_saver;
};

/// How a worker answers into the window: what it says is done on the interface's thread if both the object and the
/// session it was asked in are there then.
class Answering {
public:
    Answering(QObject* object, QObject* session)
        : m_object(object)
        , m_session(session)
    {
    }
    template <class F> void operator()(F f) const
    {
        onInterface(m_session, [object = m_object, f] {
            if (object)
                f();
        });
    }

private:
    QPointer<QObject> m_object, m_session;
};

} // namespace rl::app

Q_DECLARE_METATYPE(rl::Error)
