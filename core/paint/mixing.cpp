#include "core/paint/mixing.h"
#include "core/base/parallel.h"
#include "core/paint/palette_numbers.h"

namespace rl::paint {

namespace {
/// The lightest and the darkest that the paints alone reach, dry, with a finish.
std::pair<double, double> rangeOf(const Paints& paints, Finish finish)
{
    std::pair<double, double> range{100, 0};
    for (const Paint& p : paints) {
        const double L = toLab(seen(opaque(p.optics), finish)).L;
        range.first = std::min(range.first, L), range.second = std::max(range.second, L);
    }
    return range;
}
std::pair<double, double> planRange(const LinearPicture& picture)
{
    std::vector<float> L;
    for (std::size_t i = 0; i < picture.size(); i += 7)
        L.push_back(colour::lightness(luminance(picture.data()[i])));
    if (L.empty())
        return {0, 100};
    std::sort(L.begin(), L.end());
    return {double(L[L.size() / 100]), double(L[L.size() - 1 - L.size() / 100])};
}
/// What else would reach the puddles that are far out of reach; the largest misses, since each costs a search.
void nearerTubes(Mixing& m)
{
    constexpr double kFar = 4, kMost = 5;
    m.others.resize(m.recipes.size());
    std::vector<std::size_t> far;
    for (std::size_t i = 0; i < m.recipes.size(); ++i)
        if (m.recipes[i].reachDe > kFar)
            far.push_back(i);
    std::sort(far.begin(), far.end(), [&](std::size_t a, std::size_t b) {
        return m.recipes[a].reachDe * m.map.puddles[a].share > m.recipes[b].reachDe * m.map.puddles[b].share;
    });
    far.resize(std::min<std::size_t>(far.size(), kMost));
    parallelItems(int(far.size()), [&](int n) {
        const std::size_t i = far[std::size_t(n)];
        m.others[i] = otherTube(m.box, m.map.puddles[i].wanted, m.recipes[i].reachDe);
    });
}

/// What stands mixed stays as it was mixed, while its tubes are there; what would be advised now comes second.
void keepMixed(const Project& p, Mixing& m)
{
    for (std::size_t i = 0; i < m.recipes.size(); ++i) {
        const KnownPuddle* k = knownPuddle(p, m.map.puddles[i].number);
        if (!k || k->mixed.empty())
            continue;
        const auto recipe = recipeFrom(k->mixed, m.box.paints);
        if (!recipe)
            continue;
        Formula f;
        f.recipe = *recipe, f.lab = colourOf(*recipe, m.box.paints);
        f.de = colour::deltaE2000(m.map.puddles[i].wanted, f.lab);
        f.sensitivity = sensitivityOf(*recipe, m.box.paints, m.map.puddles[i].wanted);
        m.recipes[i].formulas.insert(m.recipes[i].formulas.begin(), std::move(f));
        m.recipes[i].mixed = true;
    }
}
} // namespace

Spectrum groundInside(const Project& p)
{
    constexpr double kMiddle = 0.2, kDark = 0.08; // as seen
    switch (p.brief.ground.toning) {
    case Toning::White:
        return inside(evenly(kWhiteCard));
    case Toning::Darkest:
        return inside(evenly(kDark));
    default:
        return inside(evenly(kMiddle));
    }
}

double shareOffTypical(const Mixing& m, double de)
{
    double share = 0;
    for (std::size_t i = 0; i < m.recipes.size(); ++i) {
        const auto& all = m.recipes[i].formulas;
        const auto off = [&](const Part& p) {
            const BoxPaint* b = m.box.of(p.paint);
            return b && b->fromTypical > de;
        };
        if (!all.empty() && std::any_of(all[0].recipe.begin(), all[0].recipe.end(), off))
            share += m.map.puddles[i].share;
    }
    return share;
}

void thinned(LinearPicture& picture, IdMap& ids, double& pixelsPerCm, std::size_t mostPixels)
{
    while (picture.size() > mostPixels) {
        const int w = picture.width() / 2, h = picture.height() / 2;
        std::vector<Rgb> colours;
        std::vector<std::int32_t> which;
        for (int y = 0; y < h; ++y)
            for (int x = 0; x < w; ++x)
                colours.push_back(picture.at(2 * x, 2 * y)), which.push_back(ids.at(2 * x, 2 * y));
        picture = {w, h, std::move(colours)}, ids = {w, h, std::move(which)};
        pixelsPerCm /= 2;
    }
}

Mixing mixing(const Project& p, const LinearPicture& picture, const IdMap& ids, double pixelsPerCm,
    const RecipeMap* map, Progress& progress)
{
    Mixing m;
    const PaintBox* box = p.paintBox();
    m.pixelsPerCm = pixelsPerCm;
    m.map = map ? *map : recipeMap(picture, ids, p.mix.puddles, progress);
    if (p.mix.mergeDe > 0)
        m.map = merged(std::move(m.map), p.mix.mergeDe);
    m.map = numbered(std::move(m.map), p);
    if (!box || progress.cancelled())
        return m;
    m.box = mixingBox(*box);
    const Search search(paintsOf(m.box, p.brief));
    m.recipes = puddleRecipes(search, m.map, true, p.mix.letDown, progress);
    keepMixed(p, m);
    m.needs = needsOf(m.recipes, m.map, m.box, *box, p.mix, areaOf(p.brief));
    m.alike = alike(m.map);
    m.finestCm = std::max(p.mix.finestMm / 10, weaveHolds(p.brief.ground));
    m.fine = fineDetails(m.map, pixelsPerCm, m.finestCm);
    nearerTubes(m);
    m.sky = skyPassage(picture, ids, pixelsPerCm, p.mix.paceCmPerMinute);
    std::tie(m.darkest, m.lightest) = rangeOf(m.box.paints, p.mix.finish);
    std::tie(m.planDarkest, m.planLightest) = planRange(picture);
    return m;
}

} // namespace rl::paint
