// The close look at a picture at rest, on a thread of its own.
#include "app/desk/job.h"
#include "app/desk/live_light.h"
#include "core/base/parallel.h"
#include "core/base/result.h"
#include "core/review/light_audit.h"

namespace rl::app {

namespace {
class GiveUpWhenPassed final : public Progress {
public:
    GiveUpWhenPassed(const std::atomic<quint64>& wishes, quint64 own)
        : m_wishes(wishes)
        , m_own(own)
    {
    }
    void report(double, std::string_view) override { }
    bool cancelled() const override { return m_wishes != m_own; }

private:
    const std::atomic<quint64>& m_wishes;
    quint64 m_own;
};

} // namespace

/// Of what the last close look found: what no edit since can have changed.
Findings LiveLight::stillTrue(const Project& p)
{
    const std::lock_guard lock(m_mutex);
    Findings out;
    if (!(m_closeOf.lights == p.lights) || !(m_closeOf.camera == p.camera) || !(m_closeOf.backdrop == p.backdrop))
        return out;
    for (const Finding& f : m_close) {
        const Element *was = m_closeOf.element(f.element), *is = p.element(f.element);
        if (!p.setAside.contains(f.key) && (f.element == 0 || (was && is && *was == *is)))
            out.push_back(f);
    }
    return out;
}

void LiveLight::runLooks()
{
    yieldToTheHand();
    workAside();
    std::unique_lock lock(m_mutex);
    while (true) {
        m_changed.wait(lock, [this] { return m_look || m_stop; });
        if (m_stop)
            return;
        const Look look = std::move(*m_look);
        m_look.reset();
        // Not before the hand has rested a while.
        if (m_changed.wait_for(
                lock, std::chrono::milliseconds(900), [&] { return look.wish.count != m_wishes || m_stop; }))
            continue;
        lock.unlock();
        const auto done = guarded([&]() -> Result<Done> {
            lookClosely(look);
            return Done{};
        });
        if (!done)
            fail(done.error());
        lock.lock();
    }
}

void LiveLight::lookClosely(const Look& look)
{
    GiveUpWhenPassed progress(m_wishes, look.wish.count);
    Findings found = review::closeLook(look.wish.project, look.frame, look.judged->picture, m_cache, progress);
    if (progress.cancelled())
        return;
    {
        const std::lock_guard lock(m_mutex);
        m_close = found, m_closeOf = look.wish.project;
    }
    auto result = std::make_shared<review::Review>(*look.judged);
    review::merge(result->findings, std::move(found));
    emit reviewed(look.wish.revision, result);
}

} // namespace rl::app
