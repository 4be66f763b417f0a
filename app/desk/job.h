#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include <QCoreApplication>
#include <QFutureWatcher>
#include <QObject>
#include <QPointer>
#include <QString>
#include <atomic>
#include <memory>
#include <optional>
#include <vector>

class QThreadPool;

namespace rl::app {

class Notices;

/// Where work is done. Never on Qt's global pool: Qt paints and scales with its help and waits for it.
enum class Lane {
    Quick, ///< tenths of a second: what the hand waits for
    Long, ///< seconds: sheets, measures; rests while a hand drags
    Ending ///< works that were left, one after another
};
QThreadPool* poolOf(Lane lane);
/// The thread that calls this lets the hand go first: the window never waits for a core that works on a picture.
void yieldToTheHand();

/// Does something on the interface thread if the object is still there then. From any thread.
template <class F> void onInterface(QPointer<QObject> object, F f)
{
    QMetaObject::invokeMethod(
        QCoreApplication::instance(),
        [object, f] {
            if (object)
                f();
        },
        Qt::QueuedConnection);
}

/// What an answer belongs to: any value that can be compared. It owns a copy, so nothing it names can come back as
/// another thing.
class JobKey {
public:
    JobKey() = default;
    template <class K>
    requires(!std::is_same_v<std::decay_t<K>, JobKey>) JobKey(K key) // NOLINT: a key is said by its value
        : m_held(std::make_shared<Held<K>>(std::move(key)))
    {
    }
    bool operator==(const JobKey& o) const
    {
        return m_held == o.m_held || (m_held && o.m_held && m_held->same(*o.m_held));
    }
    explicit operator bool() const { return m_held != nullptr; }

private:
    struct Any {
        virtual ~Any() = default;
        virtual bool same(const Any& o) const = 0;
    };
    template <class K> struct Held final : Any {
        explicit Held(K k)
            : key(std::move(k))
        {
        }
        bool same(const Any& o) const override
        {
            const auto* other = dynamic_cast<const Held*>(&o);
            return other && other->key == key;
        }
        K key;
    };
    std::shared_ptr<const Any> m_held;
};

class JobBase;

/// All that is at work on the open work. When the work is left its jobs forget what they know and wish; what still runs
/// is stopped, and its answer is heard by nobody.
class Jobs {
public:
    explicit Jobs(Notices* notices)
        : m_notices(notices)
    {
    }
    Jobs(const Jobs&) = delete;
    Jobs& operator=(const Jobs&) = delete;
    Notices* notices() const { return m_notices; }
    /// \return what still has to come to its end
    std::vector<QFuture<void>> leave();

private:
    friend class JobBase;
    Notices* m_notices;
    std::shared_ptr<std::vector<JobBase*>> m_all
        = std::make_shared<std::vector<JobBase*>>(); ///< a job may outlive this
};

/// What jobs of all kinds share: signals, progress, and an end that stops the work and waits for it.
class JobBase : public QObject {
    Q_OBJECT
public:
    /// One that has nothing to do with the open work. \param notices where a failure is told; null: nowhere
    explicit JobBase(Notices* notices);
    enum class Told { Yes, No };
    /// One of the open work: it ends with it. \param told whether a failure is told
    explicit JobBase(Jobs& of, Told told = Told::Yes);
    ~JobBase() override;
    bool running() const { return m_run != nullptr; } ///< until its end has been heard of
    /// Gives up what is under way; it ends soon, without an answer, and is not asked for again by itself.
    void stop();

signals:
    void done(); ///< there is an answer, or it failed, or was given up
    void left(); ///< its work was left while it ran: no answer will come
    void progressed(double fraction, const QString& note);

protected:
    struct Run : Progress {
        QPointer<JobBase> job; ///< looked at by the interface's thread alone
        std::atomic<bool> stopped = false;
        int last = -1;
        bool aside = false;
        void report(double fraction, std::string_view note) override;
        bool cancelled() const override;
    };
    void begin(std::shared_ptr<Run> run, std::function<void(Run&)> work, Lane lane);
    void end(); ///< of a destructor: stops and waits
    void giveUp(); ///< the run under way
    virtual void dropWish() = 0; ///< what would come after it
    virtual void finished() = 0;
    virtual void forgetAll() = 0;
    void tell(const Error& error);
    std::shared_ptr<Run> m_run;

private:
    friend class Jobs;
    void leave(std::vector<QFuture<void>>& running);
    Notices* m_notices;
    std::shared_ptr<std::vector<JobBase*>> m_all; ///< of its work; null: it belongs to none
    QFutureWatcher<void>* m_watcher = nullptr; ///< of the run under way
    std::vector<QFuture<void>> m_left; ///< runs of works that were left
};

/// Work off the interface thread with one answer, kept with the key it belongs to, which names all it reads. Whatever
/// it throws becomes an Error, which is told. What was stopped or failed is not asked for again by itself: only under
/// another key, or after again(). The destructor stops it and waits.
template <class T> class Job final : public JobBase {
public:
    using JobBase::JobBase;
    ~Job() override { end(); }

    /// Works it out, unless that is its answer already, under way, or was stopped or failed. Something else under way
    /// is given up first.
    void ask(JobKey key, std::function<Result<T>(Progress&)> work, Lane lane = Lane::Quick)
    {
        if (key && key == m_refused)
            return;
        if ((running() && m_asked == key && !m_next && !m_run->stopped) || (m_answer && m_key == key && !running()))
            return;
        if (running()) {
            m_next.emplace(Wish{std::move(key), std::move(work), lane});
            giveUp();
            return;
        }
        start({std::move(key), std::move(work), lane});
    }
    /// Null while it is not at hand.
    const T* answer(const JobKey& key) const { return m_answer && m_key == key ? &*m_answer : nullptr; }
    const T* last() const { return m_answer ? &*m_answer : nullptr; } ///< whatever it belongs to
    const Error* problem() const { return m_problem ? &*m_problem : nullptr; } ///< of the last run
    const JobKey& asked() const { return m_asked; }
    bool refuses(const JobKey& key) const { return key && key == m_refused; } ///< it was stopped, or failed
    void again() { m_refused = {}; } ///< the painter wants it tried once more
    void forget()
    {
        m_answer.reset();
        m_key = m_refused = {};
    }

private:
    struct Wish {
        JobKey key;
        std::function<Result<T>(Progress&)> work;
        Lane lane;
    };
    struct OwnRun final : Run {
        std::optional<Result<T>> result;
    };
    void start(Wish wish)
    {
        m_refused = {};
        m_asked = wish.key;
        begin(
            std::make_shared<OwnRun>(),
            [work = std::move(wish.work)](
                Run& run) { static_cast<OwnRun&>(run).result = guarded([&] { return work(run); }); },
            wish.lane);
    }
    void finished() override
    {
        const auto run = std::static_pointer_cast<OwnRun>(std::exchange(m_run, nullptr));
        m_problem.reset();
        if (run && run->result && *run->result && !run->stopped) {
            m_answer = run->result->take();
            m_key = m_asked;
        } else if (run && run->result && !*run->result) {
            m_problem = run->result->error();
        } else if (run && run->stopped) {
            m_problem = Error{ErrorKind::Cancelled, {}, {}};
        }
        if (m_next) {
            Wish next = std::move(*m_next);
            m_next.reset();
            start(std::move(next));
            return;
        }
        if (m_problem) {
            m_refused = m_asked;
            tell(*m_problem);
        }
        emit done();
    }
    void dropWish() override
    {
        if (m_next)
            m_asked = m_next->key; // that is what was stopped
        m_next.reset();
    }
    void forgetAll() override
    {
        forget();
        m_asked = {};
        m_problem.reset();
        m_next.reset();
    }
    JobKey m_key, m_asked, m_refused;
    std::optional<T> m_answer;
    std::optional<Error> m_problem;
    std::optional<Wish> m_next;
};

} // namespace rl::app
