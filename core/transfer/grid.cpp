#include "core/transfer/grid.h"

namespace rl::transfer {

std::string Grid::column(int index) const
{
    std::string name;
    for (int i = index; i >= 0; i = i / 26 - 1)
        name.insert(name.begin(), char('A' + i % 26));
    return name;
}

double chosenSideCm(double width, double height, LengthUnit unit)
{
    const std::vector<double> sides = unit == LengthUnit::Inch
        ? std::vector<double>{20 * 2.54, 8 * 2.54, 4 * 2.54, 2 * 2.54, 2.54, 1.27}
        : std::vector<double>{50, 20, 10, 5, 2.5, 2, 1};
    const double longSide = std::max(width, height);
    for (const double s : sides)
        if (longSide / s >= 6 - 1e-9 && longSide / s <= 14 + 1e-9)
            return s;
    // Nothing fits evenly: the one whose count of squares is nearest to ten.
    return *std::min_element(sides.begin(), sides.end(), [&](double a, double b) {
        return std::abs(std::log(longSide / a / 10)) < std::abs(std::log(longSide / b / 10));
    });
}

Grid gridOf(const Project& p)
{
    Grid g;
    const double w = p.brief.widthCm, h = p.brief.heightCm;
    g.sideCm = p.sheets.gridCm > 0 ? std::max(p.sheets.gridCm, std::max(w, h) / 200) : chosenSideCm(w, h, p.brief.unit);
    const auto lines = [&](double length) {
        std::vector<double> at;
        for (int i = 0; i * g.sideCm < length - 1e-6; ++i)
            at.push_back(i * g.sideCm);
        at.push_back(length);
        return at;
    };
    g.xs = lines(w);
    g.ys = lines(h);
    g.columns = int(g.xs.size()) - 1;
    g.rows = int(g.ys.size()) - 1;
    return g;
}

} // namespace rl::transfer
