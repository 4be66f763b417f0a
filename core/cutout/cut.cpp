#include "core/cutout/cut.h"
#include "core/base/words.h"
#include "core/colour/lab.h"
#include "core/colour/srgb.h"
#include "core/cutout/matte.h"
#include "core/cutout/snap.h"
#include <opencv2/imgproc.hpp>

namespace rl::cutout {

namespace {
/// Marks of strokes inside threads: well outside of the threads is out, the rest is left to the strokes.
Marks withinThreads(const Marks& strokes, const Mask& coverage, double bandPx)
{
    if (coverage.empty())
        return strokes;
    cv::Mat marks = strokes.mat().clone(), out;
    cv::distanceTransform(coverage.mat() <= 127, out, cv::DIST_L2, 5);
    marks.setTo(0, (out > bandPx) & (marks != 255));
    return Marks::fromMat(marks);
}
} // namespace

Cut cut(const Photo& picture, const Wanted& wanted, const CutOptions& options, Progress& progress, int longest)
{
    Cut result;
    std::vector<bool> holes;
    progress.report(0, tr("following the edge"));
    for (const Loop& loop : wanted.loops) {
        std::vector<Vec2> line = flattened(loop, 2.0);
        if (line.size() < 3)
            continue;
        if (options.pullPx > 0)
            line = snapped(line, picture, options.pullPx);
        result.lines.push_back(std::move(line));
        holes.push_back(loop.hole);
        if (progress.cancelled())
            return {};
    }
    const bool onlyHoles = !holes.empty() && std::all_of(holes.begin(), holes.end(), [](bool h) { return h; });
    Mask coverage;
    if (!result.lines.empty() && !onlyHoles)
        coverage = filled(result.lines, holes, picture.width(), picture.height());
    Rough rough;
    if (!wanted.strokes.empty()) {
        rough = roughCut(picture, withinThreads(wanted.strokes, coverage, options.bandPx), longest, progress);
        if (rough.hard.empty())
            return {};
    } else if (!coverage.empty())
        rough.hard = Mask::fromMat(coverage.mat() > 127);
    else if (!wanted.grounds.empty())
        rough.hard = Mask::filled(picture.width(), picture.height(), 255);
    else
        return {};
    for (const auto& [at, tolerance] : wanted.grounds)
        rough.hard = Mask::fromMat(rough.hard.mat() & unlike(picture, at, tolerance).mat());
    if (onlyHoles)
        rough.hard = Mask::fromMat(rough.hard.mat()
            & ~filled(result.lines, std::vector<bool>(holes.size(), false), picture.width(), picture.height()).mat());
    if (progress.cancelled() || cv::countNonZero(rough.hard.mat()) == 0)
        return {};
    result.alpha = refined(picture, rough, wanted.strokes, options.bandPx, progress);
    return progress.cancelled() ? Cut{} : result;
}

namespace {
double medianOf(std::vector<double>& v)
{
    if (v.empty())
        return 0;
    std::nth_element(v.begin(), v.begin() + std::ptrdiff_t(v.size() / 2), v.end());
    return v[v.size() / 2];
}

double jaggednessOf(const std::vector<cv::Point>& contour)
{
    const std::size_t n = contour.size();
    if (n < 24)
        return 0;
    const auto mean = [&](std::size_t i, int reach) {
        cv::Point2d sum(0, 0);
        for (int k = -reach; k <= reach; ++k)
            sum += cv::Point2d(contour[(i + n + std::size_t(k + int(n))) % n]);
        return sum / double(2 * reach + 1);
    };
    double fine = 0, smooth = 0;
    for (std::size_t i = 0; i < n; ++i) {
        fine += cv::norm(mean(i + 1, 1) - mean(i, 1));
        smooth += cv::norm(mean(i + 1, 5) - mean(i, 5));
    }
    return smooth > 0 ? 100 * (fine / smooth - 1) : 0;
}
} // namespace

EdgeQuality edgeQuality(const LinearPicture& colours, const Mask& alpha)
{
    EdgeQuality quality;
    if (alpha.empty())
        return quality;
    const cv::Mat a = alpha.mat();
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(cv::Mat(a > 127), contours, cv::RETR_LIST, cv::CHAIN_APPROX_NONE);
    cv::Mat gx, gy, steep;
    cv::Sobel(a, gx, CV_32F, 1, 0, 3, 0.125);
    cv::Sobel(a, gy, CV_32F, 0, 1, 3, 0.125);
    cv::magnitude(gx, gy, steep);
    std::vector<double> widths, halos;
    std::size_t longest = 0;
    for (const auto& contour : contours) {
        if (contour.size() > longest) {
            longest = contour.size();
            quality.jaggedness = jaggednessOf(contour);
        }
        for (const cv::Point p : contour) {
            if (p.x < 1 || p.y < 1 || p.x >= a.cols - 1 || p.y >= a.rows - 1)
                continue;
            const float g = std::max(steep.at<float>(p), 1.f);
            widths.push_back(0.8 * 255 / double(g));
            const float dx = gx.at<float>(p) / g, dy = gy.at<float>(p) / g;
            const int ix = p.x + int(std::lround(dx * 3)), iy = p.y + int(std::lround(dy * 3));
            const int ox = p.x - int(std::lround(dx)), oy = p.y - int(std::lround(dy));
            if (alpha.contains(ix, iy) && alpha.contains(ox, oy) && alpha.at(ix, iy) > 250 && alpha.at(ox, oy) > 20)
                halos.push_back(
                    colour::deltaE2000(colour::toLab(colours.at(ox, oy)), colour::toLab(colours.at(ix, iy))));
        }
    }
    quality.transitionPx = medianOf(widths);
    quality.halo = medianOf(halos);
    return quality;
}

Mask drawnIn(const Mask& alpha)
{
    cv::Mat smaller;
    cv::erode(alpha.mat(), smaller, cv::getStructuringElement(cv::MORPH_CROSS, cv::Size(3, 3)));
    return Mask::fromMat(smaller);
}

double borderShare(const Mask& alpha)
{
    std::vector<std::vector<cv::Point>> contours;
    if (!alpha.empty())
        cv::findContours(cv::Mat(alpha.mat() > 127), contours, cv::RETR_LIST, cv::CHAIN_APPROX_NONE);
    double border = 0, total = 0;
    for (const auto& contour : contours)
        for (const cv::Point p : contour) {
            ++total;
            border += p.x < 1 || p.y < 1 || p.x >= alpha.width() - 1 || p.y >= alpha.height() - 1;
        }
    return total > 0 ? border / total : 0;
}

} // namespace rl::cutout
