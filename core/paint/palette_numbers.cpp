#include "core/paint/palette_numbers.h"
#include <set>

namespace rl::paint {

using colour::ExactLab;

namespace {
ExactLab labOf(const KnownPuddle& k)
{
    return {k.lab.x, k.lab.y, k.lab.z};
}

/// Those of the take in hand; a take that has none yet begins with those of the first that has.
std::vector<KnownPuddle> knownOf(const Project& p)
{
    std::vector<KnownPuddle> own, others;
    for (const KnownPuddle& k : p.puddles)
        (k.take == p.take ? own : others).push_back(k);
    if (!own.empty() || others.empty())
        return own;
    const int first = others.front().take;
    std::erase_if(others, [&](const KnownPuddle& k) { return k.take != first; });
    return others;
}

bool isOf(const Puddle& p, const KnownPuddle& k)
{
    const std::pair own(k.element, k.light);
    return (p.element == k.element && p.light == k.light)
        || std::find(p.also.begin(), p.also.end(), own) != p.also.end();
}
} // namespace

RecipeMap numbered(RecipeMap map, const Project& p)
{
    constexpr double kSame = 12; // CIEDE2000
    const std::vector<KnownPuddle> known = knownOf(p);
    struct Pair {
        bool mixed;
        double de;
        std::size_t known, puddle;
    };
    std::vector<Pair> pairs;
    for (std::size_t k = 0; k < known.size(); ++k)
        for (std::size_t i = 0; i < map.puddles.size(); ++i)
            if (isOf(map.puddles[i], known[k]))
                if (const double de = colour::deltaE2000(labOf(known[k]), map.puddles[i].wanted); de < kSame)
                    pairs.push_back({!known[k].mixed.empty(), de, k, i});
    std::stable_sort(pairs.begin(), pairs.end(),
        [](const Pair& a, const Pair& b) { return a.mixed != b.mixed ? a.mixed : a.de < b.de; });
    for (Puddle& q : map.puddles)
        q.number = 0;
    std::set<int> taken;
    for (const Pair& n : pairs)
        if (Puddle& q = map.puddles[n.puddle]; !q.number && taken.insert(known[n.known].number).second)
            q.number = known[n.known].number;
    for (const KnownPuddle& k : known)
        if (!k.mixed.empty())
            taken.insert(k.number); // it stands on the palette, though nothing of it is to be seen now
    int next = 1;
    for (Puddle& q : map.puddles) {
        if (q.number)
            continue;
        while (taken.contains(next))
            ++next;
        taken.insert(q.number = next);
    }
    return map;
}

std::vector<KnownPuddle> keptNumbers(const RecipeMap& map, const Project& p)
{
    std::vector<KnownPuddle> out;
    for (const KnownPuddle& k : p.puddles)
        if (k.take != p.take && (k.take == 0 || p.takeOf(k.take)) && !(k.take == 0 && p.take))
            out.push_back(k);
    const std::vector<KnownPuddle> known = knownOf(p);
    std::set<int> there;
    for (const Puddle& q : map.puddles) {
        KnownPuddle k{q.number, p.take, q.element, q.light, {q.wanted.L, q.wanted.a, q.wanted.b}};
        for (const KnownPuddle& before : known)
            if (before.number == q.number && isOf(q, before)) {
                k.mixed = before.mixed;
                if (!k.mixed.empty()) // it is what it was when it was mixed
                    k.element = before.element, k.light = before.light, k.lab = before.lab;
            }
        there.insert(k.number);
        out.push_back(std::move(k));
    }
    for (KnownPuddle k : known)
        if (!k.mixed.empty() && !there.contains(k.number)) {
            k.take = p.take;
            out.push_back(std::move(k));
        }
    return out;
}

const KnownPuddle* knownPuddle(const Project& p, int number)
{
    for (const KnownPuddle& k : p.puddles)
        if (k.take == p.take && k.number == number)
            return &k;
    return nullptr;
}

Project withMixed(Project p, const RecipeMap& map, int number, const std::string& recipe)
{
    p.puddles = keptNumbers(map, p);
    for (KnownPuddle& k : p.puddles)
        if (k.take == p.take && k.number == number)
            k.mixed = recipe;
    return p;
}

Project numberedAnew(Project p, const RecipeMap& map)
{
    p.puddles = keptNumbers(map, p);
    std::vector<KnownPuddle*> own;
    for (KnownPuddle& k : p.puddles)
        if (k.take == p.take)
            own.push_back(&k);
    std::stable_sort(
        own.begin(), own.end(), [](const KnownPuddle* a, const KnownPuddle* b) { return a->lab.x > b->lab.x; });
    for (std::size_t i = 0; i < own.size(); ++i)
        own[i]->number = int(i) + 1;
    return p;
}

int placeOf(const RecipeMap& map, int number)
{
    const auto at
        = std::find_if(map.puddles.begin(), map.puddles.end(), [=](const Puddle& q) { return q.number == number; });
    return at == map.puddles.end() ? -1 : int(at - map.puddles.begin());
}

} // namespace rl::paint
