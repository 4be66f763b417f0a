// Carry: line art against rendered truth, stroke flow, landmarks, keystone; and their speed.
#include "bench/figures.h"
#include "core/colour/srgb.h"
#include "core/transfer/curves.h"
#include "core/transfer/flow.h"
#include "core/transfer/lineart.h"
#include "demo/demo_work.h"
#include "store/picture_reader.h"
#include <chrono>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::bench {

namespace {
template <class F> double bestMs(int times, F f)
{
    double best = 1e18;
    for (int i = 0; i < times; ++i) {
        const auto from = std::chrono::steady_clock::now();
        f();
        best = std::min(
            best, std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - from).count());
    }
    return best;
}
} // namespace

std::optional<transfer::LineSource> photographedThing(const Project& p, const std::string& name, int widthPx)
{
    const Reference* r = nullptr;
    for (const Reference& x : p.references)
        if (x.name.find(name) != std::string::npos)
            r = &x;
    const Cutout* c = nullptr;
    for (const Cutout& x : p.cutouts)
        if (r && x.reference == r->id)
            c = &x;
    if (!c)
        return {};
    cv::Mat photo, alpha;
    const Photo pixels = r->pixels.photo();
    cv::resize(pixels.mat(), photo, {widthPx, pixels.height() * widthPx / pixels.width()}, 0, 0, cv::INTER_AREA);
    cv::resize(c->alpha.mat(), alpha, photo.size(), 0, 0, cv::INTER_AREA);
    transfer::LineSource s;
    s.plain = colour::linearOf(Photo::fromMat(photo));
    std::vector<std::int32_t> ids(alpha.total());
    for (std::size_t i = 0; i < ids.size(); ++i)
        ids[i] = alpha.data[i] > 127;
    s.ids = {alpha.cols, alpha.rows, std::move(ids)}, s.order = {1};
    s.pixelsPerCm = 14; // a canvas of 60 cm
    return s;
}

LineScore scored(const std::vector<transfer::Stroke>& lines, const cv::Mat& truth, double pixelsPerCm)
{
    constexpr double kNear = 2.6; // px
    cv::Mat toTruth, drawn(truth.size(), CV_8U, cv::Scalar(255)), toDrawn;
    cv::distanceTransform(truth == 0, toTruth, cv::DIST_L2, 5);
    LineScore score;
    double all = 0, onTrue = 0, longer = 0;
    for (const auto& s : lines) {
        const double length = s.lengthCm();
        longer += length > 2 ? length : 0;
        for (std::size_t i = s.closed ? 0 : 1; i < s.points.size(); ++i) {
            const Vec2 a = s.points[(i + s.points.size() - 1) % s.points.size()] * pixelsPerCm,
                       b = s.points[i] * pixelsPerCm, m = (a + b) * 0.5;
            const double step = (b - a).length() / pixelsPerCm;
            all += step;
            const int x = std::clamp(int(m.x), 0, truth.cols - 1), y = std::clamp(int(m.y), 0, truth.rows - 1);
            onTrue += double(toTruth.at<float>(y, x)) <= kNear ? step : 0;
            cv::line(drawn, {int(a.x), int(a.y)}, {int(b.x), int(b.y)}, 0);
        }
    }
    cv::distanceTransform(drawn, toDrawn, cv::DIST_L2, 5);
    const cv::Mat found = (truth > 0) & (toDrawn <= kNear);
    score.found = double(cv::countNonZero(found)) / std::max(1, cv::countNonZero(truth));
    score.onTrue = all > 0 ? onTrue / all : 0, score.overTwoCm = all > 0 ? longer / all : 0;
    score.strokes = int(lines.size()), score.lengthCm = all;
    return score;
}

namespace {
void lineFigures(std::vector<Figure>& out)
{
    NoProgress progress;
    const auto demo = demo::lowTideCaravan(progress);
    if (!demo)
        return;
    for (const char* name : {"tortoise", "tea_house", "lamplighter", "pylon"}) {
        const cv::Mat truth = cv::imread(std::string(RL_LINE_TRUTHS) + "/" + name + ".png", cv::IMREAD_GRAYSCALE);
        const auto source = photographedThing(*demo, name, truth.cols);
        if (!source || truth.empty())
            continue;
        std::vector<transfer::Stroke> lines;
        const double ms = bestMs(3, [&] { lines = transfer::lineArt(*source); });
        std::erase_if(lines, [](const auto& s) { return s.element == 0; }); // of the thing alone
        const LineScore s = scored(lines, truth, source->pixelsPerCm);
        const std::string of = std::string("lines of the ") + name;
        out.push_back({of + ": in strokes over 2 cm", 100 * s.overTwoCm, "%", 0, false});
        out.push_back({of + ": on a true edge", 100 * s.onTrue, "%", 0, false});
        out.push_back({of + ": of the true edges found", 100 * s.found, "%", 0, false});
        out.push_back({of + ": time", ms, "ms", 400, true});
    }
}
} // namespace

void carryFigures(std::vector<Figure>& out)
{
    lineFigures(out);
}

} // namespace rl::bench
