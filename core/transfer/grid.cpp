#include "core/transfer/grid.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/transfer/canvas_plan.h"
#include "core/transfer/curves.h"
#include <cmath>
#include <map>

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
    const CanvasPlan canvas = canvasPlanOf(p);
    const double w = canvas.widthCm, h = canvas.heightCm;
    g.sideCm = p.sheets.gridCm > 0 ? std::max(p.sheets.gridCm, std::max(w, h) / 200) : chosenSideCm(w, h, p.brief.unit);
    const auto lines = [&](double length) {
        std::vector<double> at;
        if (p.sheets.quarters)
            return std::vector<double>{0, length / 4, length / 2, 3 * length / 4, length};
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

std::string onRuler(double cm, LengthUnit unit)
{
    if (unit == LengthUnit::Centimetre) {
        const double mm = std::round(20 * cm) / 2;
        return tr("%1 mm", fixed(mm, mm == std::floor(mm) ? 0 : 1));
    }
    long parts = std::lround(cm / 2.54 * 32), below = 32; // thirty-seconds, as on a ruler
    const long whole = parts / 32;
    parts %= 32;
    if (parts == 0)
        return tr("%1 in", std::to_string(whole));
    while (parts % 2 == 0)
        parts /= 2, below /= 2;
    return tr("%1%2/%3 in", whole ? std::to_string(whole) + " " : "", std::to_string(parts), std::to_string(below));
}

double rulerStepCm(LengthUnit unit)
{
    return unit == LengthUnit::Centimetre ? 0.05 : 2.54 / 32;
}

std::vector<std::pair<int, int>> denseSquares(const Grid& g, const std::vector<Stroke>& lines, const CanvasPlan& canvas)
{
    std::map<std::pair<int, int>, double> length;
    const auto indexOf = [](const std::vector<double>& at, double v) {
        return int(std::upper_bound(at.begin(), at.end(), v) - at.begin()) - 1;
    };
    for (const Stroke& s : lines)
        for (std::size_t i = 1; i < s.points.size(); ++i) {
            const Vec2 a = canvas.toCanvas(s.points[i - 1]), b = canvas.toCanvas(s.points[i]), m = (a + b) * 0.5;
            const int c = indexOf(g.xs, m.x), r = indexOf(g.ys, m.y);
            if (c >= 0 && r >= 0 && c < g.columns && r < g.rows)
                length[{c, r}] += (b - a).length();
        }
    std::vector<double> all;
    for (const auto& [at, l] : length)
        all.push_back(l);
    if (all.size() < 4)
        return {};
    std::nth_element(all.begin(), all.begin() + std::ptrdiff_t(all.size() / 2), all.end());
    // Twice as much as in the middle one, and enough that quarters of it still hold something.
    const double from = std::max(2 * all[all.size() / 2], 1.5 * g.sideCm);
    std::vector<std::pair<int, int>> dense;
    for (const auto& [at, l] : length)
        if (l > from)
            dense.push_back(at);
    return dense;
}

} // namespace rl::transfer
