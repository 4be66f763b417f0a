#include "app/desk/take_keeper.h"
#include "app/desk/live_light.h"
#include "core/project/takes.h"

namespace rl::app {

TakeKeeper::TakeKeeper(Document& document, stage::SurfaceCache& cache, Jobs& jobs)
    : m_document(document)
    , m_cache(cache)
    , m_job(jobs)
{
    connect(&m_job, &JobBase::done, this, &TakeKeeper::finished);
    connect(&m_document, &Document::workChanged, this, [this] { m_known.clear(); });
}

const TakeKeeper::Known* TakeKeeper::known(int take) const
{
    const auto found = m_known.find(take);
    return found == m_known.end() ? nullptr : &found->second;
}

void TakeKeeper::follow()
{
    if (m_job.running())
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
        m_job.ask(
            std::pair(id, scene),
            [this, id, scene, p](Progress& progress) -> Result<Known> {
                Known k{id, scene, review::figuresOf(p, id, m_cache, progress), {}};
                k.image = imageOf(k.figures.picture.colour);
                return k;
            },
            Lane::Long);
        return;
    }
}

void TakeKeeper::finished()
{
    if (m_job.problem())
        return; // said; tried again when something changes
    if (const Known* k = m_job.last())
        m_known[k->take] = *k;
    emit changed();
    follow();
}

} // namespace rl::app
