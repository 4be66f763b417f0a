// Judging a work at rest, on a thread of its own.
#include "app/desk/job.h"
#include "app/desk/live_light.h"
#include "core/base/parallel.h"
#include "core/base/result.h"
#include "core/review/known_reviews.h"

namespace rl::app {

namespace {
class GiveUpWhenPassed final : public Progress {
public:
    GiveUpWhenPassed(const std::atomic<quint64>& works, quint64 own)
        : m_works(works)
        , m_own(own)
    {
    }
    void report(double, std::string_view) override { }
    bool cancelled() const override { return m_works != m_own; }

private:
    const std::atomic<quint64>& m_works;
    quint64 m_own;
};
} // namespace

void LiveLight::runReviews()
{
    constexpr auto rests = std::chrono::milliseconds(120); // before a running drag is taken to be over
    yieldToTheHand();
    workAside();
    auto reviewer = std::make_unique<review::Reviewer>(m_cache);
    std::unique_lock lock(m_mutex);
    while (true) {
        m_changed.wait(lock, [this] { return m_toJudge || m_stop; });
        if (m_stop)
            return;
        const Wish wish = std::move(*m_toJudge);
        m_toJudge.reset();
        m_judging = true;
        const bool passed = m_changed.wait_for(lock, rests, [&] { return wish.work != m_works || m_stop; });
        lock.unlock();
        if (m_judgeAnew.exchange(false))
            reviewer = std::make_unique<review::Reviewer>(m_cache);
        if (!passed) {
            const auto done = guarded([&]() -> Result<Done> {
                judge(*reviewer, wish);
                return Done{};
            });
            if (!done)
                fail(done.error());
        }
        lock.lock();
        m_judging = false;
    }
}

void LiveLight::judge(review::Reviewer& reviewer, const Wish& wish)
{
    GiveUpWhenPassed progress(m_works, wish.work);
    const auto tell = [&](review::Reviewed r) {
        if (r && !progress.cancelled())
            emit reviewed(wish.revision, r);
    };
    review::Reviewed known = review::KnownReviews::ofAll().of(wish.project);
    tell(known ? std::move(known) : reviewer.look(wish.project, progress, tell));
}

} // namespace rl::app
