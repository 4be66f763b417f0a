#include "core/paint/quantities.h"
#include "core/paint/csv.h"
#include <map>

namespace rl::paint {

double millilitres(double areaCm2, double wetUm, int coats, double loss)
{
    return areaCm2 / 1e4 * wetUm * coats * (1 + loss);
}

namespace {
/// ml of each tube in a recipe of that much mixed paint.
std::map<std::string, double> tubesOf(const Recipe& recipe, double ml)
{
    double sum = 0;
    for (const Part& p : recipe)
        sum += p.parts;
    std::map<std::string, double> all;
    for (const Part& p : recipe) {
        const double of = ml * p.parts / sum;
        const auto slash = p.paint.rfind('/');
        const double n = slash == std::string::npos ? 1 : numberIn(std::string_view(p.paint).substr(slash + 1));
        all[p.paint.substr(0, slash)] += of / n;
        if (n > 1)
            all["PW6"] += of * (n - 1) / n;
    }
    return all;
}
} // namespace

Needs needsOf(const std::vector<Answer>& recipes, const RecipeMap& map, const MixingBox& box, const PaintBox& tubes,
    const MixPlan& plan, double canvasCm2)
{
    Needs needs;
    std::map<std::string, double> all;
    for (std::size_t i = 0; i < map.puddles.size(); ++i) {
        PuddleNeed need;
        need.ml = std::max(kLeastMl, millilitres(canvasCm2 * map.puddles[i].share, plan.wetUm, plan.coats, plan.loss));
        if (i < recipes.size() && !recipes[i].formulas.empty())
            for (const auto& [id, ml] : tubesOf(recipes[i].formulas[0].recipe, need.ml)) {
                need.tubes.emplace_back(id, ml);
                all[id] += ml;
            }
        needs.ml += need.ml;
        needs.puddles.push_back(std::move(need));
    }
    for (const auto& [id, ml] : all) {
        TubeNeed t;
        t.id = id, t.ml = ml;
        const BoxPaint* paint = box.of(id);
        for (const Tube& tube : tubes.tubes)
            if (paint && tube.id == paint->tube) {
                t.tube = tube.id, t.leftMl = tube.leftMl;
                t.cost = tube.price / tube.sizeMl * ml;
            }
        if (t.ml > t.leftMl) {
            t.missingMl = t.ml - t.leftMl;
            t.runsOutInCoat = std::min(plan.coats, int(t.leftMl / (t.ml / plan.coats)) + 1);
        }
        needs.cost += t.cost;
        needs.tubes.push_back(std::move(t));
    }
    std::stable_sort(
        needs.tubes.begin(), needs.tubes.end(), [](const TubeNeed& a, const TubeNeed& b) { return a.ml > b.ml; });
    return needs;
}

} // namespace rl::paint
