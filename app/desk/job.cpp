#include "app/desk/job.h"
#include "app/desk/notices.h"
#include <QThreadPool>
#include <QtConcurrent>
#include <sys/resource.h>
#include <unistd.h>

namespace rl::app {

QThreadPool* poolOf(Lane lane)
{
    static QThreadPool quick, slow;
    [[maybe_unused]] static const bool once = [] {
        quick.setMaxThreadCount(2);
        slow.setMaxThreadCount(2);
        return true;
    }();
    return lane == Lane::Quick ? &quick : &slow;
}

void yieldToTheHand()
{
    // On Linux niceness belongs to a thread; those it starts inherit it. Where it is refused nothing is lost.
    static thread_local const int done = setpriority(PRIO_PROCESS, id_t(gettid()), 6);
    (void)done;
}

JobBase::JobBase(Notices* notices)
    : m_notices(notices)
{
    connect(&m_watcher, &QFutureWatcherBase::finished, this, [this] { finished(); });
}

void JobBase::stop()
{
    if (m_run)
        m_run->stopped = true;
}

void JobBase::end()
{
    stop();
    m_watcher.disconnect(this);
    m_watcher.waitForFinished();
}

void JobBase::begin(std::shared_ptr<Run> run, std::function<void(Run&)> work, Lane lane)
{
    run->job = this;
    m_run = run;
    m_watcher.setFuture(QtConcurrent::run(poolOf(lane), [run, work = std::move(work)] {
        yieldToTheHand();
        work(*run);
    }));
}

void JobBase::tell(const Error& error)
{
    if (m_notices && error.kind != Kind::Cancelled)
        m_notices->fail(error);
}

/// The job outlives its runs, so it may be told from here.
void JobBase::Run::report(double fraction, std::string_view note)
{
    const int percent = int(100 * fraction);
    if (stopped || percent == last)
        return;
    last = percent;
    QMetaObject::invokeMethod(job, [j = job, fraction, words = QString::fromUtf8(note.data(), qsizetype(note.size()))] {
        emit j->progressed(fraction, words);
    });
}

} // namespace rl::app
