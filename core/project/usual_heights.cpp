#include "core/project/usual_heights.h"
#include "core/base/words.h"

namespace rl {

namespace {
const std::vector<UsualHeight>& known()
{
    static const std::vector<UsualHeight> all{
        {later("adult"), 1.70, 1.40, 2.05, true},
        {later("child of ten"), 1.38, 1.20, 1.55, true},
        {later("child of five"), 1.10, 0.95, 1.25, true},
        {later("sitting adult"), 1.28, 1.10, 1.45, false},
        {later("rider on a horse"), 2.45, 2.15, 2.75, false},
        {later("horse"), 1.75, 1.30, 2.10, false},
        {later("camel"), 2.10, 1.80, 2.40, false},
        {later("elephant"), 3.00, 2.20, 4.00, false},
        {later("cow"), 1.40, 1.15, 1.70, false},
        {later("dog"), 0.60, 0.20, 0.95, false},
        {later("cat"), 0.27, 0.20, 0.35, false},
        {later("crow"), 0.40, 0.30, 0.50, false},
        {later("door"), 2.05, 1.80, 2.60, false},
        {later("gate"), 4.00, 2.50, 9.00, false},
        {later("window"), 1.30, 0.60, 2.20, false},
        {later("table"), 0.75, 0.65, 0.95, false},
        {later("chair"), 0.95, 0.75, 1.20, false},
        {later("bench"), 0.45, 0.38, 0.52, false},
        {later("step"), 0.17, 0.12, 0.22, false},
        {later("railing"), 1.00, 0.80, 1.20, false},
        {later("storey"), 3.00, 2.40, 4.50, false},
        {later("cottage"), 6.00, 4.00, 9.00, false},
        {later("house of three storeys"), 11.0, 8.50, 15.0, false},
        {later("church tower"), 40.0, 18.0, 100.0, false},
        {later("column"), 4.00, 2.00, 12.0, false},
        {later("lamp post"), 4.00, 2.50, 7.00, false},
        {later("tent"), 2.20, 1.20, 4.00, false},
        {later("cart"), 1.60, 1.20, 2.40, false},
        {later("cart wheel"), 1.30, 0.70, 1.80, false},
        {later("wagon with a hood"), 2.80, 2.20, 3.60, false},
        {later("rowing boat"), 0.60, 0.45, 0.90, false},
        {later("boat's mast"), 9.00, 4.00, 20.0, false},
        {later("ship's mast"), 35.0, 20.0, 65.0, false},
        {later("bush"), 1.20, 0.40, 3.00, false},
        {later("tree"), 9.00, 3.00, 30.0, false},
        {later("tall spruce"), 25.0, 12.0, 50.0, false},
        {later("jar"), 0.40, 0.12, 1.00, false},
        {later("barrel"), 0.90, 0.60, 1.20, false},
        {later("lantern"), 0.35, 0.15, 0.70, false},
        {later("motor car"), 1.50, 1.25, 1.95, false},
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
