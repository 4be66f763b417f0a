#include "core/paint/bands.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include <map>

namespace rl::paint {

using colour::ExactLab;

namespace {
constexpr int kLook = 9, kFine = 401, kMostBands = 400;

ExactLab onLine(const GradientWish& w, double t)
{
    const auto between = [](const ExactLab& a, const ExactLab& b, double s) {
        return ExactLab(a.L + (b.L - a.L) * s, a.a + (b.a - a.a) * s, a.b + (b.b - a.b) * s);
    };
    if (!w.via)
        return between(w.from, w.to, t);
    const double share = std::clamp(w.viaShare, 0.01, 0.99);
    return t < share ? between(w.from, *w.via, t / share) : between(*w.via, w.to, (t - share) / (1 - share));
}

/// One set of tubes along the whole way, each place started from the one before.
std::vector<Fit> along(const Search& search, const Fit& tubes, const GradientWish& wish, int count)
{
    std::vector<Fit> out;
    for (int i = 0; i < count; ++i) {
        const ExactLab wanted = onLine(wish, i / (count - 1.0));
        const Fit f = search.fit(tubes.of, tubes.count, wanted, out.empty() ? nullptr : out.back().amounts.data());
        out.push_back(f);
        if (f.de > 0.3) { // the start may have led astray
            const Fit g = search.fit(tubes.of, tubes.count, wanted);
            if (g.de < f.de - 0.05)
                out.back() = g;
        }
    }
    return out;
}
double worstOf(const std::vector<Fit>& fits)
{
    double most = 0;
    for (const Fit& f : fits)
        most = std::max(most, f.de);
    return most;
}

/// The tubes that keep nearest to the way everywhere.
Fit tubesFor(const Search& search, const GradientWish& wish, Progress& progress)
{
    constexpr std::size_t kTried = 12;
    struct Seen {
        Fit fit;
        double worst = 0;
        int times = 0;
    };
    std::map<std::array<int, 4>, Seen> seen;
    for (int i = 0; i < kLook && !progress.cancelled(); ++i) {
        progress.report(0.7 * i / kLook, tr("Tubes for the whole gradient"));
        for (const Fit& f : search.best(onLine(wish, i / (kLook - 1.0)), 4, Effort::Full, wish.only).fits) {
            Seen& s = seen[f.of];
            s.fit = f, s.worst = std::max(s.worst, f.de), ++s.times;
        }
    }
    std::vector<Seen> all;
    for (const auto& [of, s] : seen)
        if (s.times >= kLook)
            all.push_back(s);
    std::sort(all.begin(), all.end(), [](const Seen& a, const Seen& b) { return a.worst < b.worst; });
    all.resize(std::min(all.size(), kTried));
    parallelItems(int(all.size()), [&](int i) {
        Seen& s = all[std::size_t(i)];
        s.worst = worstOf(along(search, s.fit, wish, 2 * kLook - 1));
    });
    const auto best = std::min_element(all.begin(), all.end(), [](const Seen& a, const Seen& b) {
        // Within a twentieth the set of fewer tubes.
        return std::pair(std::round(a.worst * 20), a.fit.count) < std::pair(std::round(b.worst * 20), b.fit.count);
    });
    return best == all.end() ? Fit() : best->fit;
}

/// Places along the way with neighbours at most `step` apart, as few as can be; both ends included.
std::vector<int> stepped(const std::vector<Fit>& way, double step)
{
    std::vector<int> at{0};
    const int last = int(way.size()) - 1;
    while (at.back() < last && int(at.size()) <= kMostBands) {
        int next = at.back() + 1;
        while (
            next < last && colour::deltaE2000(way[std::size_t(at.back())].lab, way[std::size_t(next + 1)].lab) <= step)
            ++next;
        at.push_back(next);
    }
    return at;
}
/// The same number of places, as even as can be.
std::vector<int> evened(const std::vector<Fit>& way, double step, std::size_t count)
{
    double low = 0, high = step;
    std::vector<int> best = stepped(way, step);
    for (int i = 0; i < 24; ++i) {
        const double middle = (low + high) / 2;
        if (auto at = stepped(way, middle); at.size() <= count)
            best = std::move(at), high = middle;
        else
            low = middle;
    }
    return best;
}
} // namespace

Gradient gradient(const Search& search, const GradientWish& wish, Progress& progress)
{
    Gradient g;
    if (search.paints().empty())
        return g;
    const Fit tubes = tubesFor(search, wish, progress);
    if (progress.cancelled() || tubes.count == 0)
        return g;
    progress.report(0.75, "Bands");
    const std::vector<Fit> way = along(search, tubes, wish, kFine);
    std::vector<int> at = stepped(way, wish.stepDe);
    const double reach = wish.openMinutes * wish.paceCmPerMinute;
    const auto forTime
        = reach > 0 ? std::size_t(std::min(std::ceil(2 * wish.lengthCm / reach), double(kMostBands))) : 0;
    g.forTime = forTime > at.size();
    const std::size_t count = std::max({at.size(), forTime, std::size_t(2)});
    if (g.forTime) {
        at.clear();
        for (std::size_t i = 0; i < count; ++i)
            at.push_back(int(std::lround(double(i) * (kFine - 1) / double(count - 1))));
    } else
        at = evened(way, wish.stepDe, count);
    for (std::size_t i = 0; i < at.size(); ++i) {
        const Fit& f = way[std::size_t(at[i])];
        Band b;
        b.fromCm = wish.lengthCm * double(i) / double(at.size());
        b.toCm = wish.lengthCm * double(i + 1) / double(at.size());
        b.lab = f.lab, b.recipe = search.recipeOf(f), b.off = f.de;
        g.off = std::max(g.off, b.off);
        if (!g.bands.empty())
            g.largestStep = std::max(g.largestStep, colour::deltaE2000(g.bands.back().lab, b.lab));
        g.bands.push_back(std::move(b));
    }
    if (wish.paceCmPerMinute > 0)
        g.minutes = 2 * wish.lengthCm / double(g.bands.size()) / wish.paceCmPerMinute;
    return g;
}

} // namespace rl::paint
