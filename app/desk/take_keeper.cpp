#include "app/desk/take_keeper.h"
#include "app/desk/live_light.h"
#include "core/project/takes.h"

namespace rl::app {

TakeKeeper::TakeKeeper(Desk& desk)
    : m_desk(desk)
    , m_job(desk.jobs)
{
    connect(&m_job, &JobBase::done, this, &TakeKeeper::finished);
    connect(&m_desk.document, &Document::workChanged, this, [this] { m_known.clear(); });
    connect(&m_desk, &Desk::reviewed, this, [this] {
        if (m_desk.known() && !m_known.empty())
            follow();
    });
}

const TakeKeeper::Known* TakeKeeper::known(int take) const
{
    const auto found = m_known.find(take);
    return found == m_known.end() ? nullptr : &found->second;
}

bool TakeKeeper::current(int take) const
{
    const Known* have = known(take);
    return have && have->of == asTake(take);
}

/// The take's own work, without what no judgement looks at.
Project TakeKeeper::asTake(int take) const
{
    Project p = takes::projectOf(m_desk.project(), take);
    p.takes.clear(), p.votes.clear(), p.take = 0, p.lastId = 0;
    return p;
}

void TakeKeeper::follow()
{
    if (m_job.running())
        return;
    const Project& p = m_desk.project();
    std::vector<int> ids;
    for (const Take& t : p.takes)
        ids.push_back(t.id);
    if (ids.empty())
        ids.push_back(0);
    std::erase_if(m_known, [&](const auto& k) { return std::find(ids.begin(), ids.end(), k.first) == ids.end(); });
    std::stable_partition(ids.begin(), ids.end(), [&](int id) { return id == p.take; });
    for (const int id : ids) {
        const Project of = asTake(id);
        if (const Known* have = known(id); have && have->of == of)
            continue;
        const bool inHand = id == p.take;
        if (inHand && !m_desk.known())
            continue; // it is being looked at already
        m_job.ask(
            std::pair(id, of),
            [this, id, of, p, review = inHand ? m_desk.review : nullptr](Progress& progress) -> Result<Known> {
                Known k{id, of,
                    review ? review::figuresOf(of, id, *review, m_desk.surfaces())
                           : review::figuresOf(p, id, m_desk.surfaces(), progress),
                    {}};
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
