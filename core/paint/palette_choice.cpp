#include "core/paint/palette_choice.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include <map>
#include <set>

namespace rl::paint {

namespace {
constexpr double kGreyed = 12; // CIEDE2000 that a lost hue counts more: a grey must not win over a violet
constexpr double kFar = 20; // worse than that is all the same

/// What each choice of up to four tubes misses each puddle by.
class Misses {
public:
    Misses(const Search& search, const RecipeMap& map, Progress& progress)
        : m_puddles(map.puddles.size())
    {
        for (std::size_t i = 0; i < map.puddles.size() && !progress.cancelled(); ++i) {
            const auto& wanted = map.puddles[i].wanted;
            m_share.push_back(map.puddles[i].share);
            for (const Fit& f : search.best(wanted, 4, Effort::Full).fits) {
                std::uint32_t tubes = 0;
                for (int k = 0; k < f.count; ++k)
                    tubes |= 1u << f.of[std::size_t(k)];
                const double cost = std::min(kFar, f.de) + (keepsHue(wanted, f.lab) || f.de < 2 ? 0 : kGreyed);
                auto& row = m_of[tubes];
                row.resize(m_puddles, float(kFar + kGreyed));
                row[i] = std::min(row[i], float(cost));
            }
            progress.report(0.8 * double(i + 1) / double(m_puddles), tr("What each few tubes reach"));
        }
    }
    /// The least of all choices within a set, for each puddle.
    void of(std::uint32_t set, std::vector<float>& out) const
    {
        out.assign(m_puddles, float(kFar + kGreyed));
        for (const auto& [tubes, row] : m_of)
            if ((tubes & ~set) == 0)
                for (std::size_t i = 0; i < m_puddles; ++i)
                    out[i] = std::min(out[i], row[i]);
    }
    double cost(std::uint32_t set, std::vector<float>& room) const
    {
        of(set, room);
        double sum = 0;
        for (std::size_t i = 0; i < m_puddles; ++i)
            sum += m_share[i] * double(room[i]);
        return sum;
    }
    double within(const std::vector<float>& misses, double de) const
    {
        double sum = 0;
        for (std::size_t i = 0; i < m_puddles; ++i)
            sum += double(misses[i]) <= de ? m_share[i] : 0;
        return sum;
    }

private:
    std::size_t m_puddles;
    std::vector<double> m_share;
    std::map<std::uint32_t, std::vector<float>> m_of;
};

/// From a first set on, one tube at a time is added that helps most, then exchanged as long as that helps.
std::uint32_t climbed(const Misses& misses, int tubes, int count, std::uint32_t without, Progress& progress)
{
    std::vector<float> room;
    std::uint32_t set = 0;
    double best = 1e9;
    const auto better = [&](std::uint32_t s) {
        const double c = misses.cost(s, room);
        if (c >= best - 1e-9)
            return false;
        best = c, set = s;
        return true;
    };
    for (int n = 0; n < count && !progress.cancelled(); ++n) {
        const std::uint32_t was = set;
        best = 1e9;
        for (int t = 0; t < tubes; ++t)
            if (const std::uint32_t bit = 1u << t; !(was & bit) && !(without & bit))
                better(was | bit);
    }
    for (bool moved = true; moved && !progress.cancelled();) {
        moved = false;
        const std::uint32_t was = set;
        for (int out = 0; out < tubes; ++out)
            for (int in = 0; in < tubes; ++in)
                if ((was >> out & 1) && !(was >> in & 1) && !(without >> in & 1))
                    moved = better((was & ~(1u << out)) | 1u << in) || moved;
    }
    return set;
}
} // namespace

std::vector<PaletteChoice> choosePalette(
    const Search& search, const RecipeMap& map, int count, int most, Progress& progress)
{
    const int tubes = int(search.paints().size());
    count = std::min({count, tubes, 12});
    if (tubes > 32 || count < 1 || map.puddles.empty())
        return {};
    const Misses misses(search, map, progress);
    std::set<std::uint32_t> sets;
    // The best, and the best without each of its tubes: what stands in for one that is missing.
    const std::uint32_t first = climbed(misses, tubes, count, 0, progress);
    sets.insert(first);
    for (int t = 0; t < tubes && !progress.cancelled(); ++t)
        if ((first >> t & 1) && tubes > count)
            sets.insert(climbed(misses, tubes, count, 1u << t, progress));
    if (progress.cancelled())
        return {};
    std::vector<PaletteChoice> all;
    std::vector<float> room;
    for (const std::uint32_t set : sets) {
        PaletteChoice c;
        c.cost = misses.cost(set, room);
        c.within2 = misses.within(room, 2), c.within4 = misses.within(room, 4), c.within8 = misses.within(room, 8);
        for (int t = 0; t < tubes; ++t)
            if (set >> t & 1) {
                c.tubes.push_back(t);
                misses.of(set & ~(1u << t), room);
                c.without.push_back(misses.within(room, 4));
            }
        all.push_back(std::move(c));
    }
    std::stable_sort(
        all.begin(), all.end(), [](const PaletteChoice& a, const PaletteChoice& b) { return a.cost < b.cost; });
    all.resize(std::min(all.size(), std::size_t(std::max(most, 1))));
    return all;
}

} // namespace rl::paint
