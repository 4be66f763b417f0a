#include "core/paint/recipes.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include "core/paint/parts.h"
#include <set>

namespace rl::paint {

using colour::ExactLab;

namespace {
constexpr double kPerPaint = 0.1, kPerFraction = 0.05, kPerSlip = 0.2; // CIEDE2000 that a simpler recipe is worth
constexpr double kNotSeen = 0.02; // CIEDE2000

Formula formulaOf(Recipe recipe, const Paints& paints, const ExactLab& wanted)
{
    Formula f;
    f.recipe = std::move(recipe);
    f.lab = colourOf(f.recipe, paints);
    f.de = colour::deltaE2000(wanted, f.lab);
    f.sensitivity = sensitivityOf(f.recipe, paints, wanted);
    const auto fractions = std::count_if(f.recipe.begin(), f.recipe.end(), [](const Part& p) { return p.parts < 1; });
    f.rank = f.de + kPerPaint * double(std::max<std::size_t>(f.recipe.size(), 2) - 2) + kPerSlip * f.sensitivity
        + kPerFraction * double(fractions);
    return f;
}
std::set<std::string> tubesOf(const Recipe& r)
{
    std::set<std::string> s;
    for (const Part& p : r)
        s.insert(p.paint);
    return s;
}

/// The best of each set of paints, by rank, the nearest among them.
std::vector<Formula> chosen(std::vector<Formula> all, int count)
{
    std::stable_sort(all.begin(), all.end(), [](const Formula& a, const Formula& b) { return a.rank < b.rank; });
    std::set<std::set<std::string>> seen;
    std::vector<Formula> out;
    const auto nearest
        = std::min_element(all.begin(), all.end(), [](const Formula& a, const Formula& b) { return a.de < b.de; });
    for (const Formula& f : all)
        if (int(out.size()) < count && seen.insert(tubesOf(f.recipe)).second)
            out.push_back(f);
    if (nearest != all.end()
        && std::none_of(out.begin(), out.end(), [&](const Formula& f) { return f.de <= nearest->de + 0.02; })) {
        if (int(out.size()) == count)
            out.pop_back();
        out.push_back(*nearest);
    }
    return out;
}

/// Without the paints of which so little is wanted that nobody would see them missing.
Recipe withoutTraces(Recipe r, const Paints& paints, const ExactLab& wanted)
{
    constexpr double kTrace = 2e-3; // share
    for (std::size_t i = r.size(); i-- > 0 && r.size() > 1;)
        if (r[i].parts < kTrace) {
            Recipe less = r;
            less.erase(less.begin() + std::ptrdiff_t(i));
            if (colour::deltaE2000(wanted, colourOf(less, paints))
                < colour::deltaE2000(wanted, colourOf(r, paints)) + kNotSeen)
                r = std::move(less);
        }
    return r;
}

std::vector<Formula> anyAmounts(const Search& search, const Search::Found& found, const Wish& wish)
{
    std::vector<Formula> all;
    for (const Fit& f : found.fits) {
        if (all.size() >= 40)
            break;
        if (f.de > found.fits.front().de + 4 || (found.hueKept && !keepsHue(wish.wanted, f.lab)))
            continue;
        all.push_back(
            formulaOf(withoutTraces(search.recipeOf(f), search.paints(), wish.wanted), search.paints(), wish.wanted));
    }
    return all;
}

/// A choice of paints with the shares wanted of each.
struct Choice {
    std::array<const Packed*, 4> packed{};
    std::array<std::string, 4> ids;
    std::array<double, 4> shares{};
    int count = 0;
    double de = 0;
    double least = 1; ///< smallest share
};

/// Let-downs of those tubes that so little is wanted of.
class LetDowns {
public:
    LetDowns(const Search& search, int n)
        : m_n(n)
    {
        const Paint* white = paintOf(search.paints(), "PW6");
        if (n < 2 || !white)
            return;
        for (const Paint& p : search.paints())
            m_of.push_back(p.id == "PW6" ? Paint() : letDown(p, n, white->optics));
        for (const Paint& p : m_of)
            m_packed.push_back(packed(p.optics));
    }
    /// The choice with each of the wanted tubes let down; white gives what they bring.
    void addTo(std::vector<Choice>& out, const Choice& c, const Fit& f) const
    {
        if (m_of.empty())
            return;
        std::vector<std::size_t> small;
        for (std::size_t i = 0; i < std::size_t(c.count); ++i)
            if (!m_of[std::size_t(f.of[i])].id.empty() && c.shares[i] * kMostParts < 1.6)
                small.push_back(i);
        for (unsigned which = 1; which < 1u << small.size(); ++which) {
            Choice d = c;
            double brought = 0;
            for (std::size_t k = 0; k < small.size(); ++k)
                if (which >> k & 1) {
                    const std::size_t i = small[k], tube = std::size_t(f.of[i]);
                    d.packed[i] = &m_packed[tube], d.ids[i] = m_of[tube].id;
                    brought += d.shares[i] * (m_n - 1);
                    d.shares[i] *= m_n;
                }
            for (std::size_t i = 0; i < std::size_t(d.count); ++i)
                if (d.ids[i] == "PW6")
                    d.shares[i] = std::max(d.shares[i] - brought, 1e-6);
            d.least = *std::min_element(d.shares.begin(), d.shares.begin() + d.count);
            out.push_back(d);
        }
    }

private:
    int m_n;
    std::vector<Paint> m_of; ///< beside the tubes; white's is empty
    std::vector<Packed> m_packed;
};

std::vector<Choice> choicesOf(
    const Search& search, const Search::Found& found, const Wish& wish, const LetDowns& letDowns)
{
    std::vector<Choice> all;
    for (const Fit& f : found.fits) {
        if (found.hueKept && !keepsHue(wish.wanted, f.lab))
            continue;
        Choice c;
        c.count = f.count, c.de = f.de, c.shares = f.amounts;
        for (std::size_t i = 0; i < std::size_t(f.count); ++i) {
            c.packed[i] = &search.packedOf(f.of[i]);
            c.ids[i] = search.paints()[std::size_t(f.of[i])].id;
            c.least = std::min(c.least, f.amounts[i]);
        }
        all.push_back(c);
        letDowns.addTo(all, c, f);
    }
    // Nearest first; among equals those with no tiny share, which round best.
    std::stable_sort(all.begin(), all.end(), [](const Choice& a, const Choice& b) {
        const int x = int(a.de * 20), y = int(b.de * 20);
        return x != y ? x < y : a.least > b.least;
    });
    return all;
}

std::vector<Formula> partsOf(const Search& search, const Search::Found& found, const Wish& wish, Progress& progress)
{
    constexpr std::size_t kWave = 32, kQuick = 36, kMost = 900;
    constexpr double kSlack = 0.3; // worse ones may still be simpler
    const bool full = wish.effort == Effort::Full;
    const LetDowns letDowns(search, wish.letDown);
    std::vector<Choice> choices = choicesOf(search, found, wish, letDowns);
    // One or two paints are always tried: a share too small for the ladder costs more than their distance.
    const auto first
        = std::stable_partition(choices.begin(), choices.end(), [](const Choice& c) { return c.count <= 2; });
    const auto simple = std::size_t(first - choices.begin());
    const Aim aim(wish.wanted, found.hueKept);
    std::vector<PartsFit> fits;
    double best = 1e9;
    const std::size_t most = std::min(choices.size(), full ? kMost : kQuick + simple);
    for (std::size_t begin = 0; begin < most && !progress.cancelled(); begin += kWave) {
        const std::size_t end = std::min(begin + kWave, most);
        fits.resize(end);
        parallelItems(int(end - begin), [&](int k) {
            const Choice& c = choices[begin + std::size_t(k)];
            PartsFit& f = fits[begin + std::size_t(k)];
            f.paints = c.packed, f.count = c.count;
            if (c.de > best + kSlack)
                return;
            roundAbout(f, c.shares, aim);
            if (full)
                enumerate(f, aim, std::min(f.de, best + 1));
        });
        for (std::size_t i = begin; i < end; ++i)
            best = std::min(best, fits[i].de);
        progress.report(double(end) / double(most), tr("Recipes in parts"));
    }
    std::vector<Formula> all;
    for (std::size_t i = 0; i < fits.size(); ++i) {
        if (fits[i].de > best + 2)
            continue;
        Recipe r;
        for (std::size_t k = 0; k < std::size_t(fits[i].count); ++k)
            r.push_back({choices[i].ids[k], double(fits[i].parts[k])});
        all.push_back(formulaOf(std::move(r), search.paints(), wish.wanted));
    }
    return all;
}
} // namespace

Answer recipesFor(const Search& search, const Wish& wish, Progress& progress)
{
    Answer a;
    if (search.paints().empty() || progress.cancelled())
        return a;
    const Search::Found found = search.best(wish.wanted, wish.most, wish.effort, wish.only);
    const bool fewer = wish.most < 4;
    const Fit reach = fewer ? search.best(wish.wanted, 4, wish.effort, wish.only).nearest : found.nearest;
    a.reach = reach.lab, a.reachDe = reach.de, a.hueKept = found.hueKept;
    if (a.reachDe > 2)
        a.missed = missedBy(wish.wanted, a.reach);
    a.formulas
        = chosen(wish.inParts ? partsOf(search, found, wish, progress) : anyAmounts(search, found, wish), wish.count);
    if (progress.cancelled())
        a.formulas.clear();
    return a;
}

} // namespace rl::paint
