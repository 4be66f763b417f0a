#include "app/live_light.h"
#include "core/base/result.h"
#include "core/colour/srgb.h"

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
class GiveUpWhenNewer final : public Progress {
public:
    explicit GiveUpWhenNewer(const std::atomic<bool>& newer)
        : m_newer(newer)
    {
    }
    void report(double, std::string_view) override { }
    bool cancelled() const override { return m_newer; }

private:
    const std::atomic<bool>& m_newer;
};

bool sameReferences(const Project& a, const Project& b)
{
    return std::equal(
        a.cutouts.begin(), a.cutouts.end(), b.cutouts.begin(), b.cutouts.end(), [](const Cutout& x, const Cutout& y) {
            return x.id == y.id && x.alpha.identity() == y.alpha.identity() && x.pins == y.pins;
        });
}

/// Would both be composed to the same frame?
bool sameStage(const Project& a, const Project& b)
{
    return a.elements == b.elements && a.camera == b.camera && a.backdrop == b.backdrop
        && a.brief.widthCm == b.brief.widthCm && a.brief.heightCm == b.brief.heightCm && sameReferences(a, b);
}
} // namespace

LiveLight::LiveLight(QObject* parent)
    : QObject(parent)
{
    qRegisterMetaType<std::shared_ptr<const LitWork>>();
    qRegisterMetaType<std::shared_ptr<const review::Review>>();
    m_thread = std::thread([this] { run(); });
}

LiveLight::~LiveLight()
{
    {
        const std::lock_guard lock(m_mutex);
        m_stop = true;
        m_newer = true;
    }
    m_changed.notify_all();
    m_thread.join();
}

void LiveLight::ask(const Project& project, quint64 revision, int widthPx, bool judged)
{
    {
        const std::lock_guard lock(m_mutex);
        m_next = Wish{project, revision, widthPx, judged};
        m_newer = true;
    }
    m_changed.notify_all();
}

bool LiveLight::idle() const
{
    const std::lock_guard lock(m_mutex);
    return !m_next && !m_busy;
}

void LiveLight::run()
{
    std::unique_lock lock(m_mutex);
    while (true) {
        m_changed.wait(lock, [this] { return m_next || m_stop; });
        if (m_stop)
            return;
        const Wish wish = std::move(*m_next);
        m_next.reset();
        m_newer = false;
        m_busy = true;
        lock.unlock();
        (void)guarded([&]() -> Result<Done> {
            work(wish);
            if (!m_newer && wish.judged)
                judge(wish);
            return Done{};
        });
        lock.lock();
        m_busy = false;
    }
}

void LiveLight::work(const Wish& wish)
{
    NoProgress whole; // a frame is quick, and a half-made one shows nothing: during a drag each is finished
    if (!m_frame || !m_framed || m_framed->widthPx != wish.widthPx || !sameStage(m_framed->project, wish.project)) {
        m_frame = m_composer.compose(wish.project, wish.widthPx, m_cache, whole);
        m_framed = wish;
    }
    auto result = std::make_shared<LitWork>();
    result->revision = wish.revision;
    result->frame = m_frame;
    result->picture = m_relighter.light(m_frame, wish.project.lights);
    result->image = imageOf(result->picture.colour);
    emit lit(result);
}

void LiveLight::judge(const Wish& wish)
{
    // Give a running drag the way before the slower judging.
    {
        std::unique_lock lock(m_mutex);
        if (m_changed.wait_for(lock, std::chrono::milliseconds(120), [this] { return m_next || m_stop; }))
            return;
    }
    auto result = std::make_shared<review::Review>();
    GiveUpWhenNewer progress(m_newer);
    result->picture = m_relighter.light(m_frame, wish.project.lights);
    result->reading = reading::read(wish.project, result->picture);
    if (progress.cancelled())
        return;
    result->findings = review::findingsOf(wish.project, result->picture, result->reading, m_cache);
    if (!progress.cancelled())
        emit reviewed(wish.revision, result);
}

} // namespace rl::app
