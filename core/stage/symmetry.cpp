#include "core/stage/symmetry.h"

namespace rl::stage {

namespace {
struct Row {
    double y, left, right; // px
    double middle() const { return (left + right) / 2; }
};

/// Outermost edges of the outline, to a fraction of a pixel by where the cover passes a half.
std::vector<Row> rowsOf(const Plane& share)
{
    std::vector<Row> rows;
    const int w = share.width();
    for (int y = 0; y < share.height(); ++y) {
        const auto at = [&](int x) { return x < 0 || x >= w ? 0.0 : double(share.at(x, y)); };
        int a = 0, b = w - 1;
        while (a < w && at(a) < 0.5)
            ++a;
        while (b >= 0 && at(b) < 0.5)
            --b;
        if (a > b)
            continue;
        const auto crossing = [&](double out, double in) { return (in - 0.5) / std::max(1e-6, in - out); };
        rows.push_back({y + 0.5, a + 0.5 - crossing(at(a - 1), at(a)), b + 0.5 + crossing(at(b + 1), at(b))});
    }
    return rows;
}

double median(std::vector<double> v)
{
    const auto mid = v.begin() + long(v.size() / 2);
    std::nth_element(v.begin(), mid, v.end());
    return *mid;
}
} // namespace

Symmetry symmetryOf(const Cover& cover, bool upright)
{
    Symmetry s;
    std::vector<Row> rows = rowsOf(cover.share);
    if (rows.size() < 8)
        return s;
    // The first and last rows are cut by the outline's own roundness.
    rows = {rows.begin() + 1, rows.end() - 1};
    double slope = 0;
    if (!upright) { // Theil-Sen: the median of slopes between far rows
        std::vector<double> slopes;
        const std::size_t half = rows.size() / 2;
        for (std::size_t i = 0; i + half < rows.size(); ++i)
            slopes.push_back((rows[i + half].middle() - rows[i].middle()) / (rows[i + half].y - rows[i].y));
        slope = median(slopes);
    }
    std::vector<double> offsets;
    for (const Row& r : rows)
        offsets.push_back(r.middle() - slope * r.y);
    const double offset = median(offsets), mm = 10 / cover.pixelsPerCm;
    double sum = 0;
    for (const Row& r : rows) {
        const double axis = offset + slope * r.y, off = (r.right - axis) - (axis - r.left);
        sum += std::abs(off);
        if (std::abs(off) * mm > s.worstMm) {
            s.worstMm = std::abs(off) * mm;
            s.worstAtCm = cover.originCm.y + r.y / cover.pixelsPerCm;
            s.wideRight = off > 0;
        }
    }
    const double middle = (rows.front().y + rows.back().y) / 2;
    s.known = true;
    s.meanMm = sum / double(rows.size()) * mm;
    s.leanDegrees = -degrees(std::atan(slope));
    s.axisCm = cover.originCm.x + (offset + slope * middle) / cover.pixelsPerCm;
    return s;
}

} // namespace rl::stage
