#include "core/paint/recipe_map.h"
#include "core/base/parallel.h"
#include "core/base/words.h"
#include <Eigen/Dense>
#include <map>

namespace rl::paint {

using colour::ExactLab;
using Eigen::Matrix3d;
using Eigen::Vector3d;

namespace {
constexpr double kTiny = 0.0015; // share of the canvas under which nothing gets a puddle of its own

/// Pixels of one family, still to be cut.
struct Region {
    int element = 0;
    bool light = true;
    std::vector<int> pixels;
    Vector3d mean = Vector3d::Zero(), along = Vector3d::UnitX();
    double variance = 0; ///< along `along`
    double gain() const { return variance * double(pixels.size()); }
};

Vector3d at(const std::vector<std::array<float, 3>>& lab, int i)
{
    const auto& c = lab[std::size_t(i)];
    return {double(c[0]), double(c[1]), double(c[2])};
}

void measure(Region& p, const std::vector<std::array<float, 3>>& lab)
{
    Vector3d sum = Vector3d::Zero();
    Matrix3d squares = Matrix3d::Zero();
    for (const int i : p.pixels) {
        const Vector3d v = at(lab, i);
        sum += v, squares += v * v.transpose();
    }
    const double n = double(std::max<std::size_t>(p.pixels.size(), 1));
    p.mean = sum / n;
    const Eigen::SelfAdjointEigenSolver<Matrix3d> axes(squares / n - p.mean * p.mean.transpose());
    p.variance = std::max(0.0, axes.eigenvalues()[2]);
    p.along = axes.eigenvectors().col(2);
}

/// Where lightness parts best in two, and how far apart both means are. Source: Otsu (1979).
std::pair<double, double> lightFrom(const std::vector<int>& pixels, const std::vector<std::array<float, 3>>& lab)
{
    std::array<double, 101> count{};
    for (const int i : pixels)
        ++count[std::size_t(std::clamp(lab[std::size_t(i)][0], 0.f, 100.f))];
    double all = 0, sum = 0, below = 0, belowSum = 0, best = -1;
    for (std::size_t L = 0; L <= 100; ++L)
        all += count[L], sum += double(L) * count[L];
    std::pair<double, double> out{50, 0};
    for (std::size_t L = 0; L < 100; ++L) {
        below += count[L], belowSum += double(L) * count[L];
        if (below == 0 || below == all)
            continue;
        const double a = belowSum / below, b = (sum - belowSum) / (all - below),
                     between = below * (all - below) * (b - a) * (b - a);
        if (between > best)
            best = between, out = {double(L) + 1, b - a};
    }
    return out;
}

std::vector<Region> families(const IdMap& ids, const std::vector<std::array<float, 3>>& lab)
{
    constexpr double kApart = 8; // L*
    std::map<int, std::vector<int>> byElement;
    for (std::size_t i = 0; i < ids.size(); ++i)
        byElement[ids.data()[i]].push_back(int(i));
    std::vector<Region> parts;
    for (auto& [element, pixels] : byElement) {
        const auto [from, apart] = lightFrom(pixels, lab);
        Region light{element, true, {}}, shade{element, false, {}};
        for (const int i : pixels)
            (apart >= kApart && double(lab[std::size_t(i)][0]) < from ? shade : light).pixels.push_back(i);
        for (Region* p : {&light, &shade})
            if (!p->pixels.empty()) {
                measure(*p, lab);
                parts.push_back(std::move(*p));
            }
    }
    return parts;
}

/// Cut in two across its widest direction, at its mean.
std::pair<Region, Region> cut(Region p, const std::vector<std::array<float, 3>>& lab)
{
    Region a{p.element, p.light, {}}, b = a;
    for (const int i : p.pixels) {
        const Vector3d v = at(lab, i);
        ((v - p.mean).dot(p.along) > 0 ? a : b).pixels.push_back(i);
    }
    measure(a, lab), measure(b, lab);
    return {std::move(a), std::move(b)};
}

Puddle puddleOf(const Region& p, const std::vector<std::array<float, 3>>& lab, int width, std::size_t all)
{
    Puddle q;
    q.element = p.element, q.light = p.light;
    q.wanted = {p.mean[0], p.mean[1], p.mean[2]};
    q.share = double(p.pixels.size()) / double(all);
    const std::size_t step = std::max<std::size_t>(1, p.pixels.size() / 400);
    double sum = 0;
    int n = 0, left = width, right = 0;
    Vec2 middle;
    for (const int i : p.pixels) {
        left = std::min(left, i % width), right = std::max(right, i % width);
        middle = middle + Vec2{double(i % width), double(i / width)};
    }
    middle = middle * (1.0 / double(p.pixels.size()));
    double nearest = 1e18;
    for (std::size_t k = 0; k < p.pixels.size(); k += step) {
        const int i = p.pixels[k];
        const auto& c = lab[std::size_t(i)];
        sum += colour::deltaE2000(q.wanted, {double(c[0]), double(c[1]), double(c[2])}), ++n;
        const Vec2 at{double(i % width), double(i / width)};
        if (const double d = (at - middle).length(); d < nearest)
            nearest = d, q.at = at;
    }
    q.spread = sum / std::max(n, 1);
    const double top = p.pixels.front() / width, bottom = p.pixels.back() / width;
    q.box = {double(left), top, double(right - left + 1), bottom - top + 1};
    return q;
}
} // namespace

RecipeMap recipeMap(const LinearPicture& picture, const IdMap& ids, int count, Progress& progress)
{
    RecipeMap map;
    if (picture.empty() || ids.width() != picture.width() || ids.height() != picture.height())
        return map;
    std::vector<std::array<float, 3>> lab(picture.size());
    parallelRows(picture.height(), [&](int begin, int end) {
        const auto w = std::size_t(picture.width());
        for (std::size_t i = std::size_t(begin) * w; i < std::size_t(end) * w; ++i) {
            const Rgb c = picture.data()[i];
            const auto in = [](float v) { return std::clamp(v, 0.f, 1.f); };
            const colour::Lab l = colour::toLab({in(c.r), in(c.g), in(c.b)});
            lab[i] = {l.L, l.a, l.b};
        }
    });
    progress.report(0.2, tr("Recipe map"));
    std::vector<Region> parts = families(ids, lab);
    const auto most = std::size_t(std::clamp(count, 2, 64));
    // Things too small for a puddle of their own join none: the smallest families go first.
    std::sort(
        parts.begin(), parts.end(), [](const Region& a, const Region& b) { return a.pixels.size() > b.pixels.size(); });
    std::vector<Region> small;
    const auto tiny = double(picture.size()) * kTiny;
    while (parts.size() > most || (parts.size() > 2 && double(parts.back().pixels.size()) < tiny))
        small.push_back(std::move(parts.back())), parts.pop_back();
    while (parts.size() < most && !progress.cancelled()) {
        const auto widest = std::max_element(
            parts.begin(), parts.end(), [](const Region& a, const Region& b) { return a.gain() < b.gain(); });
        if (widest->variance < 1)
            break; // nothing left that an eye could tell
        auto [a, b] = cut(std::move(*widest), lab);
        *widest = std::move(a);
        parts.push_back(std::move(b));
        progress.report(0.2 + 0.6 * double(parts.size()) / double(most), tr("Recipe map"));
    }
    if (progress.cancelled())
        return map;
    for (Region& s : small) { // into the nearest colour
        const auto nearest = std::min_element(parts.begin(), parts.end(), [&](const Region& a, const Region& b) {
            return (a.mean - s.mean).squaredNorm() < (b.mean - s.mean).squaredNorm();
        });
        nearest->pixels.insert(nearest->pixels.end(), s.pixels.begin(), s.pixels.end());
    }
    std::sort(parts.begin(), parts.end(), [](const Region& a, const Region& b) { return a.mean[0] > b.mean[0]; });
    std::vector<std::uint8_t> which(picture.size(), 0);
    map.puddles.resize(parts.size());
    parallelItems(int(parts.size()), [&](int n) {
        Region& p = parts[std::size_t(n)];
        std::sort(p.pixels.begin(), p.pixels.end());
        for (const int i : p.pixels)
            which[std::size_t(i)] = std::uint8_t(n);
        map.puddles[std::size_t(n)] = puddleOf(p, lab, picture.width(), picture.size());
    });
    map.which = {picture.width(), picture.height(), std::move(which)};
    return map;
}

std::optional<ExactLab> colourAbout(const LinearPicture& picture, double pixelsPerCm, Vec2 cm, double from, double to)
{
    double r = 0, g = 0, b = 0;
    int n = 0;
    const double k = pixelsPerCm;
    if (!picture.contains(int(cm.x * k), int(cm.y * k)))
        return {};
    for (int y = int((cm.y - to) * k); y <= int((cm.y + to) * k); ++y)
        for (int x = int((cm.x - to) * k); x <= int((cm.x + to) * k); ++x) {
            const double d = std::hypot(x / k - cm.x, y / k - cm.y);
            if (!picture.contains(x, y) || d > to || d < from)
                continue;
            const Rgb c = picture.at(x, y);
            r += double(c.r), g += double(c.g), b += double(c.b), ++n;
        }
    if (n == 0) {
        const Rgb c = picture.at(int(cm.x * k), int(cm.y * k));
        r = double(c.r), g = double(c.g), b = double(c.b), n = 1;
    }
    const auto in = [&](double v) { return float(std::clamp(v / n, 0.0, 1.0)); };
    return ExactLab(colour::toLab({in(r), in(g), in(b)}));
}

std::optional<std::pair<ExactLab, int>> familyOf(const RecipeMap& map, int element, bool light)
{
    double L = 0, a = 0, b = 0, share = 0;
    int largest = -1;
    for (std::size_t i = 0; i < map.puddles.size(); ++i) {
        const Puddle& p = map.puddles[i];
        if (p.element != element || p.light != light)
            continue;
        L += p.wanted.L * p.share, a += p.wanted.a * p.share, b += p.wanted.b * p.share, share += p.share;
        if (largest < 0 || p.share > map.puddles[std::size_t(largest)].share)
            largest = int(i);
    }
    if (largest < 0)
        return {};
    return std::pair(ExactLab(L / share, a / share, b / share), largest);
}

std::vector<Alike> alike(const RecipeMap& map, double within)
{
    std::vector<Alike> all;
    for (std::size_t i = 0; i < map.puddles.size(); ++i)
        for (std::size_t j = i + 1; j < map.puddles.size(); ++j) {
            const Puddle &a = map.puddles[i], &b = map.puddles[j];
            const double de = colour::deltaE2000(a.wanted, b.wanted);
            if (de < within)
                all.push_back({int(i), int(j), de, a.element != b.element && a.light != b.light});
        }
    std::sort(all.begin(), all.end(), [](const Alike& a, const Alike& b) { return a.de < b.de; });
    return all;
}

namespace {
/// The second puddle into the first.
void pour(RecipeMap& map, std::size_t into, std::size_t from)
{
    Puddle &a = map.puddles[into], &b = map.puddles[from];
    const double both = a.share + b.share, k = both > 0 ? b.share / both : 0.5;
    const ExactLab mean(a.wanted.L + k * (b.wanted.L - a.wanted.L), a.wanted.a + k * (b.wanted.a - a.wanted.a),
        a.wanted.b + k * (b.wanted.b - a.wanted.b));
    a.spread = (1 - k) * (a.spread + colour::deltaE2000(mean, a.wanted))
        + k * (b.spread + colour::deltaE2000(mean, b.wanted));
    const Rect r{std::min(a.box.x, b.box.x), std::min(a.box.y, b.box.y), 0, 0};
    a.box = {r.x, r.y, std::max(a.box.right(), b.box.right()) - r.x, std::max(a.box.bottom(), b.box.bottom()) - r.y};
    if (b.share > a.share)
        std::swap(a.element, b.element), std::swap(a.light, b.light), std::swap(a.at, b.at);
    a.wanted = mean, a.share = both;
    std::pair<int, bool> own{a.element, a.light};
    b.also.emplace_back(b.element, b.light);
    for (const auto& x : b.also)
        if (x != own && std::find(a.also.begin(), a.also.end(), x) == a.also.end())
            a.also.push_back(x);
    std::erase(a.also, own);
}
} // namespace

RecipeMap merged(RecipeMap map, double withinDe)
{
    std::vector<std::size_t> of(map.puddles.size()), left; // where each went; those that stay
    for (std::size_t i = 0; i < of.size(); ++i)
        of[i] = i;
    for (;;) {
        const auto all = alike(map, withinDe);
        const auto next = std::find_if(all.begin(), all.end(), [](const Alike& a) { return !a.twoLights; });
        if (next == all.end())
            break;
        const auto a = std::size_t(next->first), b = std::size_t(next->second);
        pour(map, a, b);
        map.puddles.erase(map.puddles.begin() + std::ptrdiff_t(b));
        for (std::size_t& i : of)
            i = i == b ? a : i > b ? i - 1 : i;
    }
    std::vector<std::size_t> order(map.puddles.size()), place(order.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    std::stable_sort(order.begin(), order.end(),
        [&](std::size_t a, std::size_t b) { return map.puddles[a].wanted.L > map.puddles[b].wanted.L; });
    std::vector<Puddle> sorted;
    for (std::size_t i = 0; i < order.size(); ++i)
        place[order[i]] = i, sorted.push_back(std::move(map.puddles[order[i]]));
    map.puddles = std::move(sorted);
    std::vector<std::uint8_t> which(map.which.data(), map.which.data() + map.which.size());
    for (std::uint8_t& w : which)
        w = std::uint8_t(place[of[w]]);
    map.which = {map.which.width(), map.which.height(), std::move(which)};
    return map;
}

std::vector<Answer> puddleRecipes(
    const Search& search, const RecipeMap& map, bool inParts, int letDown, Progress& progress)
{
    std::vector<Answer> all(map.puddles.size());
    parallelItems(int(map.puddles.size()), [&](int n) {
        if (progress.cancelled())
            return;
        const auto i = std::size_t(n);
        Wish wish;
        wish.wanted = map.puddles[i].wanted, wish.inParts = inParts, wish.letDown = letDown;
        wish.effort = Effort::Moving;
        NoProgress quiet;
        all[i] = recipesFor(search, wish, quiet);
    });
    progress.report(1, "Recipes");
    if (progress.cancelled() || search.paints().empty())
        return {};
    // Of recipes that nobody could tell apart the one whose tubes are out already.
    std::map<std::string, double> used;
    for (std::size_t i = 0; i < all.size(); ++i)
        if (!all[i].formulas.empty())
            for (const Part& p : all[i].formulas[0].recipe)
                used[p.paint] += map.puddles[i].share;
    for (Answer& a : all) {
        constexpr double kWorth = 0.4; // CIEDE2000 that a tube less is worth
        const auto cost = [&](const Formula& f) {
            double rare = 0;
            for (const Part& p : f.recipe)
                rare += used[p.paint] < 0.08 ? kWorth : 0;
            return f.rank + rare;
        };
        const auto best = std::min_element(a.formulas.begin(), a.formulas.end(),
            [&](const Formula& x, const Formula& y) { return cost(x) < cost(y); });
        if (best != a.formulas.end())
            std::rotate(a.formulas.begin(), best, best + 1);
    }
    return all;
}

std::vector<std::pair<std::string, int>> sharedPaints(const std::vector<Answer>& recipes)
{
    std::map<std::string, int> count;
    for (const Answer& a : recipes)
        if (!a.formulas.empty())
            for (const Part& p : a.formulas[0].recipe)
                ++count[p.paint];
    std::vector<std::pair<std::string, int>> all(count.begin(), count.end());
    std::stable_sort(all.begin(), all.end(), [](const auto& a, const auto& b) { return a.second > b.second; });
    return all;
}

} // namespace rl::paint
