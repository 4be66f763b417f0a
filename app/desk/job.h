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

class QThreadPool;

namespace rl::app {

class Notices;

/// Where work is done. Never on Qt's global pool: Qt paints and scales with its help and waits for it.
enum class Lane {
    Quick, ///< tenths of a second: what the hand waits for
    Long ///< seconds: sheets, measures
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

/// What jobs of all kinds share: signals, progress, and an end that stops the work and waits for it.
class JobBase : public QObject {
    Q_OBJECT
public:
    /// \param notices where a failure is told; null: nowhere
    explicit JobBase(Notices* notices);
    bool running() const { return m_run != nullptr; } ///< until its end has been heard of
    void stop(); ///< gives up what is under way; it ends soon, without an answer

signals:
    void done(); ///< there is an answer, or it failed, or was given up
    void progressed(double fraction, const QString& note);

protected:
    struct Run : Progress {
        JobBase* job = nullptr;
        std::atomic<bool> stopped = false;
        int last = -1;
        void report(double fraction, std::string_view note) override;
        bool cancelled() const override { return stopped; }
    };
    void begin(std::shared_ptr<Run> run, std::function<void(Run&)> work, Lane lane);
    void end(); ///< of a destructor: stops and waits
    virtual void finished() = 0;
    void tell(const Error& error);
    std::shared_ptr<Run> m_run;

private:
    Notices* m_notices;
    QFutureWatcher<void> m_watcher;
};

/// Work off the interface thread with one answer, kept with the key it belongs to. Whatever it throws becomes an Error,
/// which is told. The destructor stops it and waits.
template <class T> class Job final : public JobBase {
public:
    using JobBase::JobBase;
    ~Job() override { end(); }

    /// Works it out, unless that is its answer already or under way. Something else under way is given up first.
    void ask(JobKey key, std::function<Result<T>(Progress&)> work, Lane lane = Lane::Quick)
    {
        if ((running() && m_asked == key && !m_next && !m_run->stopped) || (m_answer && m_key == key && !running()))
            return;
        if (running()) {
            m_next.emplace(Wish{std::move(key), std::move(work), lane});
            stop();
            return;
        }
        start({std::move(key), std::move(work), lane});
    }
    /// Null while it is not at hand.
    const T* answer(const JobKey& key) const { return m_answer && m_key == key ? &*m_answer : nullptr; }
    const T* last() const { return m_answer ? &*m_answer : nullptr; } ///< whatever it belongs to
    const Error* problem() const { return m_problem ? &*m_problem : nullptr; } ///< of the last run
    const JobKey& asked() const { return m_asked; }
    void forget()
    {
        m_answer.reset();
        m_key = {};
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
            m_problem = Error{Kind::Cancelled, {}, {}};
        }
        if (m_next) {
            Wish next = std::move(*m_next);
            m_next.reset();
            start(std::move(next));
            return;
        }
        if (m_problem)
            tell(*m_problem);
        emit done();
    }
    JobKey m_key, m_asked;
    std::optional<T> m_answer;
    std::optional<Error> m_problem;
    std::optional<Wish> m_next;
};

} // namespace rl::app
