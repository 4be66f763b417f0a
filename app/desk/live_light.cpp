#include "app/desk/live_light.h"
#include "app/desk/job.h"
#include "core/base/result.h"
#include "core/colour/srgb.h"
#include "core/review/known_reviews.h"
#include <chrono>

namespace rl::app {

QImage imageOf(const Photo& photo)
{
    return photo.empty() ? QImage()
                         : QImage(reinterpret_cast<const uchar*>(photo.data()), photo.width(), photo.height(),
                             photo.width() * 3, QImage::Format_RGB888)
                               .copy();
}
QImage imageOf(const LinearPicture& picture)
{
    return imageOf(colour::codeOf(picture));
}

namespace {
/// Both are held while they are compared, so an address stands for what is there.
bool sameReferences(const Project& a, const Project& b)
{
    return std::equal(a.cutouts.begin(), a.cutouts.end(), b.cutouts.begin(), b.cutouts.end(),
               [](const Cutout& x, const Cutout& y) {
                   return x.id == y.id && x.reference == y.reference && x.alpha.identity() == y.alpha.identity()
                       && x.pins == y.pins;
               })
        && std::equal(a.references.begin(), a.references.end(), b.references.begin(), b.references.end(),
            [](const Reference& x, const Reference& y) {
                return x.id == y.id && x.pixels.identity() == y.pixels.identity();
            });
}

/// Would both be composed to the same frame?
bool sameStage(const Project& a, const Project& b)
{
    return a.elements == b.elements && a.camera == b.camera && a.backdrop == b.backdrop
        && a.brief.widthCm == b.brief.widthCm && a.brief.heightCm == b.brief.heightCm && sameReferences(a, b);
}
/// Another work: it has pictures, and none of them is of the first.
bool strangers(const Project& a, const Project& b)
{
    return !b.references.empty() && std::none_of(b.references.begin(), b.references.end(), [&](const Reference& x) {
        return std::any_of(a.references.begin(), a.references.end(),
            [&](const Reference& y) { return x.pixels.identity() == y.pixels.identity(); });
    });
}

stage::SurfaceCache& surfacesOfAll()
{
    static stage::SurfaceCache one;
    return one;
}
} // namespace

LiveLight::LiveLight(Notices* notices, QObject* parent)
    : QObject(parent)
    , m_notices(notices)
    , m_cache(surfacesOfAll())
{
    qRegisterMetaType<std::shared_ptr<const LitWork>>();
    qRegisterMetaType<std::shared_ptr<const review::Review>>();
    m_thread = std::thread([this] { run(); });
    m_judge = std::thread([this] { runReviews(); });
}

LiveLight::~LiveLight()
{
    {
        const std::lock_guard lock(m_mutex);
        m_stop = true;
        m_newer = true;
        ++m_works;
    }
    m_changed.notify_all();
    m_thread.join();
    m_judge.join();
}

void LiveLight::ask(const Project& project, quint64 revision, int widthPx, bool judged, bool dragged)
{
    {
        const std::lock_guard lock(m_mutex);
        if (judged && (revision != m_revision || m_judgeAnew))
            m_revision = revision, ++m_works;
        m_next = Wish{project, revision, widthPx, judged, dragged, ++m_wishes, m_works};
        m_newer = true;
    }
    m_changed.notify_all();
}

void LiveLight::forget()
{
    review::KnownReviews::ofAll().forget();
    m_forget = m_judgeAnew = true;
}

void LiveLight::leave()
{
    {
        const std::lock_guard lock(m_mutex);
        m_next.reset(), m_toJudge.reset();
        m_newer = true;
        m_forget = m_judgeAnew = true;
        m_leftAt = ++m_wishes, ++m_works;
    }
    m_cache.forgetCutouts();
}

void LiveLight::fail(const Error& error)
{
    QMetaObject::invokeMethod(m_notices, [n = m_notices, error] { n->fail(error); });
}

bool LiveLight::idle() const
{
    const std::lock_guard lock(m_mutex);
    return !m_next && !m_busy && !m_toJudge && !m_judging;
}

void LiveLight::run()
{
    yieldToTheHand();
    std::unique_lock lock(m_mutex);
    while (true) {
        m_changed.wait(lock, [this] { return m_next || m_stop; });
        if (m_stop)
            return;
        const Wish wish = std::move(*m_next);
        m_next.reset();
        m_newer = m_stop;
        m_busy = true;
        lock.unlock();
        const auto done = guarded([&]() -> Result<Done> {
            work(wish);
            return Done{};
        });
        if (!done)
            fail(done.error());
        lock.lock();
        m_busy = false;
        if (wish.judged && !m_next && wish.work != m_judged) { // a board of another size is no other work
            m_toJudge = wish, m_judged = wish.work;
            m_changed.notify_all();
        }
    }
}

void LiveLight::work(const Wish& wish)
{
    constexpr double follows = 33, smaller = 0.55; // ms; share of the width
    constexpr int rests = 80; // ms
    if (m_forget.exchange(false))
        m_whole = {}, m_quick = {};
    if (wish.dragged && m_wholeMs > follows) {
        Wish quick = wish;
        quick.widthPx = std::max(200, int(smaller * wish.widthPx));
        show(m_quick, quick);
        if (newerWithin(rests))
            return;
    }
    if (!m_whole.framed
        || strangers(m_whole.framed->project, wish.project)) { // a work just opened: a coarse first look
        constexpr int coarse = 360; // px of a surface
        Maker first;
        first.composer = stage::Composer(coarse);
        Wish small = wish;
        small.widthPx = std::max(200, int(smaller * wish.widthPx));
        show(first, small);
    }
    const auto begin = std::chrono::steady_clock::now();
    show(m_whole, wish);
    m_wholeMs = std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count();
}

void LiveLight::show(Maker& m, const Wish& wish)
{
    NoProgress whole; // a frame is quick, and a half-made one shows nothing: during a drag each is finished
    if (!m.frame || !m.framed || m.framed->widthPx != wish.widthPx || !sameStage(m.framed->project, wish.project)) {
        m.frame = m.composer.compose(wish.project, wish.widthPx, m_cache, whole);
        m.framed = wish;
    }
    auto result = std::make_shared<LitWork>();
    result->revision = wish.revision, result->wish = wish.count;
    result->frame = m.frame;
    result->picture = m.relighter.light(m.frame, wish.project.lights);
    result->image = imageOf(result->picture.colour);
    emit lit(result);
}

bool LiveLight::newerWithin(int ms)
{
    std::unique_lock lock(m_mutex);
    return m_changed.wait_for(lock, std::chrono::milliseconds(ms), [this] { return m_next || m_stop; });
}

} // namespace rl::app
