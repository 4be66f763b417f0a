#include "core/paint/details.h"
#include "core/base/parallel.h"
#include <map>
#include <mutex>
#include <opencv2/imgproc.hpp>

namespace rl::paint {

namespace {
constexpr double kStandsOut = 8; // CIEDE2000 to what is about it
constexpr double kBetween = 1.25; // a colour is between two others when going by it is no longer than so

/// How long its border with each other puddle is, px.
using Borders = std::map<int, int>;

bool standsOut(const RecipeMap& map, int of, const Borders& borders, double& nearest)
{
    const auto& own = map.puddles[std::size_t(of)].wanted;
    int all = 0;
    for (const auto& [other, length] : borders)
        all += length;
    std::vector<std::pair<double, const colour::ExactLab*>> about;
    nearest = 1e9;
    for (const auto& [other, length] : borders) {
        if (10 * length < all)
            continue;
        const auto& lab = map.puddles[std::size_t(other)].wanted;
        const double de = colour::deltaE2000(own, lab);
        nearest = std::min(nearest, de);
        about.emplace_back(de, &lab);
    }
    if (about.empty() || nearest < kStandsOut)
        return false;
    for (std::size_t i = 0; i < about.size(); ++i)
        for (std::size_t j = i + 1; j < about.size(); ++j)
            if (about[i].first + about[j].first < kBetween * colour::deltaE2000(*about[i].second, *about[j].second))
                return false;
    return true;
}

void ofPuddle(const RecipeMap& map, int n, double pixelsPerCm, double underCm, std::vector<FineDetail>& out)
{
    const cv::Mat which = map.which.mat();
    const Rect& b = map.puddles[std::size_t(n)].box;
    cv::Rect r(int(b.x) - 1, int(b.y) - 1, int(b.width) + 2, int(b.height) + 2);
    r &= cv::Rect(0, 0, which.cols, which.rows);
    const cv::Mat mask = which(r) == n;
    cv::Mat labels, stats, centres, far;
    const int count = cv::connectedComponentsWithStats(mask, labels, stats, centres, 8, CV_32S);
    cv::Mat framed;
    cv::copyMakeBorder(mask, framed, 1, 1, 1, 1, cv::BORDER_REPLICATE); // the edge of the canvas is no border
    cv::distanceTransform(framed, far, cv::DIST_L2, 5);
    far = far(cv::Rect(1, 1, mask.cols, mask.rows));
    std::vector<float> widest(std::size_t(count), 0);
    std::vector<Borders> borders{std::size_t(count)};
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x) {
            const auto c = std::size_t(labels.at<int>(y, x));
            if (c == 0)
                continue;
            widest[c] = std::max(widest[c], far.at<float>(y, x));
            if (far.at<float>(y, x) > 1.5f)
                continue;
            for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                const int u = r.x + x + dx, v = r.y + y + dy;
                if (map.which.contains(u, v) && map.which.at(u, v) != n)
                    ++borders[c][map.which.at(u, v)];
            }
        }
    for (int c = 1; c < count; ++c) {
        const double width = (2 * double(widest[std::size_t(c)]) - 1) / pixelsPerCm;
        const int w = stats.at<int>(c, cv::CC_STAT_WIDTH), h = stats.at<int>(c, cv::CC_STAT_HEIGHT);
        const double length = std::max(w, h) / pixelsPerCm;
        FineDetail d;
        if (width >= underCm || (length < 3 * width && length < 0.2)
            || !standsOut(map, n, borders[std::size_t(c)], d.de))
            continue;
        d.element = map.puddles[std::size_t(n)].element, d.widthCm = width, d.lengthCm = length;
        d.box = {double(r.x + stats.at<int>(c, cv::CC_STAT_LEFT)), double(r.y + stats.at<int>(c, cv::CC_STAT_TOP)),
            double(w), double(h)};
        out.push_back(d);
    }
}
} // namespace

std::vector<FineDetail> fineDetails(const RecipeMap& map, double pixelsPerCm, double underCm)
{
    std::vector<std::vector<FineDetail>> each(map.puddles.size());
    if (map.which.empty() || underCm * pixelsPerCm < 1)
        return {};
    parallelItems(int(each.size()), [&](int n) { ofPuddle(map, n, pixelsPerCm, underCm, each[std::size_t(n)]); });
    std::vector<FineDetail> all;
    for (const auto& some : each)
        all.insert(all.end(), some.begin(), some.end());
    std::stable_sort(
        all.begin(), all.end(), [](const FineDetail& a, const FineDetail& b) { return a.widthCm < b.widthCm; });
    return all;
}

int strokesFor(const std::vector<FineDetail>& details)
{
    constexpr double kStroke = 4; // cm, of a hand at rest
    double n = 0;
    for (const FineDetail& d : details)
        n += std::max(1.0, std::ceil(d.lengthCm / kStroke));
    return int(n);
}

double weaveHolds(const PaintGround& g)
{
    switch (g.support) {
    case Support::Canvas: {
        // The hollows of a plain weave are about a quarter of its pitch deep; a coat of primer dries to some 0.04 mm in
        // them, half as much again where it is sanded down to the threads, finer than grit 150.
        const double pitch = 1 / std::max(1.0, g.threadsPerCm), deep = pitch / 4,
                     filled = 0.004 * g.coats * (g.grit >= 150 ? 1.5 : 1);
        return 2 * pitch * std::clamp(1 - filled / deep, 0.2, 1.0);
    }
    case Support::Paper:
        return 0.03; // the tooth of a cold-pressed sheet
    default:
        return 0.01;
    }
}

} // namespace rl::paint
