#include "core/project/usual_heights.h"
#include "core/base/words.h"

namespace rl {

namespace {
const std::vector<UsualHeight>& known()
{
    static const std::vector<UsualHeight> all{
        {translatable("adult"), 1.70, 1.40, 2.05, true},
        {translatable("child of ten"), 1.38, 1.20, 1.55, true},
        {translatable("child of five"), 1.10, 0.95, 1.25, true},
        {translatable("sitting adult"), 1.28, 1.10, 1.45, false},
        {translatable("rider on a horse"), 2.45, 2.15, 2.75, false},
        {translatable("horse"), 1.75, 1.30, 2.10, false},
        {translatable("camel"), 2.10, 1.80, 2.40, false},
        {translatable("elephant"), 3.00, 2.20, 4.00, false},
        {translatable("cow"), 1.40, 1.15, 1.70, false},
        {translatable("dog"), 0.60, 0.20, 0.95, false},
        {translatable("cat"), 0.27, 0.20, 0.35, false},
        {translatable("crow"), 0.40, 0.30, 0.50, false},
        {translatable("door"), 2.05, 1.80, 2.60, false},
        {translatable("gate"), 4.00, 2.50, 9.00, false},
        {translatable("window"), 1.30, 0.60, 2.20, false},
        {translatable("table"), 0.75, 0.65, 0.95, false},
        {translatable("chair"), 0.95, 0.75, 1.20, false},
        {translatable("bench"), 0.45, 0.38, 0.52, false},
        {translatable("step"), 0.17, 0.12, 0.22, false},
        {translatable("railing"), 1.00, 0.80, 1.20, false},
        {translatable("storey"), 3.00, 2.40, 4.50, false},
        {translatable("cottage"), 6.00, 4.00, 9.00, false},
        {translatable("house of three storeys"), 11.0, 8.50, 15.0, false},
        {translatable("church tower"), 40.0, 18.0, 100.0, false},
        {translatable("column"), 4.00, 2.00, 12.0, false},
        {translatable("lamp post"), 4.00, 2.50, 7.00, false},
        {translatable("tent"), 2.20, 1.20, 4.00, false},
        {translatable("cart"), 1.60, 1.20, 2.40, false},
        {translatable("cart wheel"), 1.30, 0.70, 1.80, false},
        {translatable("wagon with a hood"), 2.80, 2.20, 3.60, false},
        {translatable("rowing boat"), 0.60, 0.45, 0.90, false},
        {translatable("boat's mast"), 9.00, 4.00, 20.0, false},
        {translatable("ship's mast"), 35.0, 20.0, 65.0, false},
        {translatable("bush"), 1.20, 0.40, 3.00, false},
        {translatable("tree"), 9.00, 3.00, 30.0, false},
        {translatable("tall spruce"), 25.0, 12.0, 50.0, false},
        {translatable("jar"), 0.40, 0.12, 1.00, false},
        {translatable("barrel"), 0.90, 0.60, 1.20, false},
        {translatable("lantern"), 0.35, 0.15, 0.70, false},
        {translatable("motor car"), 1.50, 1.25, 1.95, false},
    };
    return all;
}
} // namespace

std::vector<UsualHeight> heightsOf(const Project& p)
{
    std::vector<UsualHeight> all = p.heights;
    for (const UsualHeight& h : known())
        if (std::none_of(p.heights.begin(), p.heights.end(), [&](const UsualHeight& x) { return x.name == h.name; }))
            all.push_back(h);
    return all;
}

UsualHeight usualHeight(const Project& p, const std::string& name)
{
    if (!name.empty())
        for (const UsualHeight& h : heightsOf(p))
            if (h.name == name)
                return h;
    return {};
}

Project withUsualHeight(Project p, UsualHeight height)
{
    if (height.name.empty())
        return p;
    for (UsualHeight& h : p.heights)
        if (h.name == height.name) {
            h = std::move(height);
            repair(p);
            return p;
        }
    p.heights.push_back(std::move(height));
    repair(p);
    return p;
}

Project withoutUsualHeight(Project p, const std::string& name)
{
    std::erase_if(p.heights, [&](const UsualHeight& h) { return h.name == name; });
    return p;
}

} // namespace rl
