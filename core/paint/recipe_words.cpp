#include "core/paint/recipe_words.h"
#include "core/base/text.h"
#include "core/base/words.h"

namespace rl::paint {

std::string amountSaid(double parts)
{
    if (parts == 0.25)
        return "¼";
    if (parts == 0.5)
        return "½";
    return fixed(parts, parts == std::floor(parts) ? 0 : 2);
}

std::string paintSaid(const MixingBox& box, const std::string& id)
{
    const BoxPaint* b = box.of(id);
    const Pigment* p = pigmentOf(id.substr(0, id.find_first_of("/#")));
    const std::string name = b ? b->name : p ? p->name : id;
    const auto slash = id.rfind('/');
    return slash == std::string::npos ? name : tr("%1 (1 in %2 white)", name, id.substr(slash + 1));
}

std::string recipeSaid(const MixingBox& box, Recipe recipe)
{
    std::stable_sort(recipe.begin(), recipe.end(), [](const Part& a, const Part& b) { return a.parts > b.parts; });
    std::string s;
    for (const Part& p : recipe)
        s += (s.empty() ? "" : " + ") + amountSaid(p.parts) + " " + paintSaid(box, p.paint);
    return s;
}

std::string recipeSaid(const Mixing& m, std::size_t i)
{
    return i < m.recipes.size() && !m.recipes[i].formulas.empty() ? recipeSaid(m.box, m.recipes[i].formulas[0].recipe)
                                                                  : tr("no recipe");
}

std::string whoseSaid(const Project& project, const Puddle& p)
{
    const auto place = [&](int element, bool light) {
        const Element* e = project.element(element);
        return tr(light ? translatable("light of %1") : translatable("shade of %1"),
            e ? e->name : std::string(tr("the backdrop")));
    };
    std::string s = place(p.element, p.light);
    for (const auto& [element, light] : p.also)
        s += ", " + place(element, light);
    return s;
}

std::string mlSaid(double ml)
{
    return ml > 0 && ml < 0.05 ? std::string(tr("under 0.1 ml")) : tr("%1 ml", fixed(ml, 1));
}

} // namespace rl::paint
