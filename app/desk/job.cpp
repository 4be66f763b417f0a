#include "app/desk/job.h"
#include "app/desk/notices.h"
#include "core/base/parallel.h"
#include <QThreadPool>
#include <QtConcurrent>
#include <sys/resource.h>
#include <unistd.h>

namespace rl::app {

QThreadPool* poolOf(Lane lane)
{
    static QThreadPool pools[3];
    [[maybe_unused]] static const bool once = [] {
        for (const Lane l : {Lane::Quick, Lane::Long})
            pools[int(l)].setMaxThreadCount(2);
        pools[int(Lane::Ending)].setMaxThreadCount(1);
        return true;
    }();
    return &pools[int(lane)];
}

void yieldToTheHand()
{
    // On Linux niceness belongs to a thread; those it starts inherit it. Where it is refused nothing is lost.
    static thread_local const int done = setpriority(PRIO_PROCESS, id_t(gettid()), 6);
    (void)done;
}

std::vector<QFuture<void>> Jobs::leave()
{
    std::vector<QFuture<void>> running;
    for (JobBase* job : std::vector(*m_all))
        job->leave(running);
    return running;
}

JobBase::JobBase(Notices* notices)
    : m_notices(notices)
{
}

JobBase::JobBase(Jobs& of, Told told)
    : m_notices(told == Told::Yes ? of.notices() : nullptr)
    , m_all(of.m_all)
{
    m_all->push_back(this);
}

JobBase::~JobBase()
{
    if (m_all)
        std::erase(*m_all, this);
}

void JobBase::giveUp()
{
    if (m_run)
        m_run->stopped = true;
}

void JobBase::stop()
{
    dropWish();
    giveUp();
}

void JobBase::leave(std::vector<QFuture<void>>& running)
{
    const bool ran = this->running();
    giveUp();
    m_run.reset();
    std::erase_if(m_left, [](const QFuture<void>& f) { return f.isFinished(); });
    if (QFutureWatcher<void>* watcher = std::exchange(m_watcher, nullptr)) {
        m_left.push_back(watcher->future());
        running.push_back(watcher->future());
    }
    forgetAll();
    if (ran)
        emit left();
}

void JobBase::end()
{
    giveUp();
    if (m_watcher) {
        m_watcher->disconnect(this);
        m_watcher->waitForFinished();
    }
    for (QFuture<void>& f : m_left)
        f.waitForFinished();
}

void JobBase::begin(std::shared_ptr<Run> run, std::function<void(Run&)> work, Lane lane)
{
    run->job = this;
    run->aside = lane == Lane::Long;
    m_run = run;
    auto* watcher = new QFutureWatcher<void>(this);
    m_watcher = watcher;
    connect(watcher, &QFutureWatcherBase::finished, this, [this, watcher] {
        watcher->deleteLater();
        if (watcher != m_watcher)
            return; // its work was left
        m_watcher = nullptr;
        finished();
    });
    watcher->setFuture(QtConcurrent::run(poolOf(lane), [run, work = std::move(work)] {
        yieldToTheHand();
        if (run->aside)
            workAside();
        if (!run->stopped)
            work(*run);
    }));
}

void JobBase::tell(const Error& error)
{
    if (m_notices && error.kind != ErrorKind::Cancelled)
        m_notices->fail(error);
}

void JobBase::Run::report(double fraction, std::string_view note)
{
    const int percent = int(100 * fraction);
    if (stopped || percent == last)
        return;
    last = percent;
    QMetaObject::invokeMethod(
        QCoreApplication::instance(),
        [j = job, fraction, words = QString::fromUtf8(note.data(), qsizetype(note.size()))] {
            if (j && j->running())
                emit j->progressed(fraction, words);
        },
        Qt::QueuedConnection);
}

bool JobBase::Run::cancelled() const
{
    if (!stopped)
        waitForTheHand();
    return stopped;
}

} // namespace rl::app
