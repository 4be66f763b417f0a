#include "app/desk/work_session.h"
#include <QThreadPool>

namespace rl::app {

namespace {
/// What a work goes through when it is left: what nothing needs is dropped, and its state is kept beside it.
void leave(store::ProjectFile& file)
{
    if (file.readOnly() || !file.changed())
        return;
    const auto tidied = file.tidy();
    const auto kept = file.keepState();
    for (const Error* e : {tidied ? nullptr : &tidied.error(), kept ? nullptr : &kept.error()})
        if (e)
            qWarning("leaving a work: %s (%s)", e->sentence.c_str(), e->detail.c_str());
}
} // namespace

WorkSession::WorkSession(store::ProjectFile file)
{
    qRegisterMetaType<rl::Error>();
    m_saver = std::make_shared<store::Saver>(std::move(file),
        store::Saver::Heard{[this, self = QPointer<QObject>(this)](
                                const Error& e) { onInterface(self, [this, e] { emit failed(e); }); },
            [this, self = QPointer<QObject>(this)] { onInterface(self, [this] { emit saved(); }); }});
}

WorkSession::~WorkSession()
{
    if (m_saver)
        m_saver->wait();
}

void WorkSession::end(std::vector<QFuture<void>> running)
{
    m_saver->post(leave);
    poolOf(Lane::Ending)->start([saver = std::exchange(m_saver, nullptr), running = std::move(running)]() mutable {
        for (QFuture<void>& f : running)
            f.waitForFinished();
        running.clear(); // with them what their work held of the file
        saver.reset();
    });
}

void WorkSession::waitForEndings()
{
    poolOf(Lane::Ending)->waitForDone();
}

} // namespace rl::app
