#include "app/take_keeper.h"
#include "app/jobs.h"
#include "app/live_light.h"
#include "core/base/result.h"
#include "core/project/takes.h"
#include <QtConcurrent>

namespace rl::app {

TakeKeeper::TakeKeeper(Document& document, stage::SurfaceCache& cache)
    : m_document(document)
    , m_cache(cache)
{
    connect(&m_watcher, &QFutureWatcherBase::finished, this, &TakeKeeper::finished);
    connect(&m_document, &Document::workChanged, this, [this] { m_known.clear(); });
}

TakeKeeper::~TakeKeeper()
{
    m_stop = true;
    m_watcher.waitForFinished();
}

const TakeKeeper::Known* TakeKeeper::known(int take) const
{
    const auto found = m_known.find(take);
    return found == m_known.end() ? nullptr : &found->second;
}

void TakeKeeper::follow()
{
    if (m_watcher.isRunning() || m_stop)
        return;
    const Project& p = m_document.project();
    std::vector<int> ids;
    for (const Take& t : p.takes)
        ids.push_back(t.id);
    if (ids.empty())
        ids.push_back(0);
    std::erase_if(m_known, [&](const auto& k) { return std::find(ids.begin(), ids.end(), k.first) == ids.end(); });
    for (const int id : ids) {
        const Take* t = p.takeOf(id);
        const Scene scene = t && id != p.take ? t->scene : takes::sceneOf(p);
        const Known* have = known(id);
        if (have && have->scene == scene)
            continue;
        m_watcher.setFuture(QtConcurrent::run(jobs(), [this, id, scene, p] {
            Made made{id, {scene, {}, {}}};
            (void)guarded([&]() -> Result<Done> {
                UntilStopped progress(m_stop);
                made.known.figures = review::figuresOf(p, id, m_cache, progress);
                made.known.image = imageOf(made.known.figures.picture.colour);
                return Done{};
            });
            return made;
        }));
        return;
    }
}

void TakeKeeper::finished()
{
    if (m_stop)
        return;
    Made made = m_watcher.result();
    m_known[made.take] = std::move(made.known);
    emit changed();
    follow();
}

} // namespace rl::app
