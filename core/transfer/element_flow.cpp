#include "core/transfer/element_flow.h"
#include "core/base/words.h"
#include "core/colour/srgb.h"
#include "core/stage/compose.h"
#include "core/transfer/curves.h"
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

namespace rl::transfer {

namespace {
double medianOf(std::vector<double> v)
{
    if (v.empty())
        return 0;
    std::nth_element(v.begin(), v.begin() + std::ptrdiff_t(v.size() / 2), v.end());
    return v[v.size() / 2];
}

/// R.m.s. of a strand's direction about its own even bend, degrees.
double wave(const std::vector<Vec2>& p)
{
    std::vector<double> a;
    double before = 0;
    for (std::size_t i = 1; i < p.size(); ++i) {
        double d = std::atan2(p[i].y - p[i - 1].y, p[i].x - p[i - 1].x) * 180 / std::numbers::pi;
        if (!a.empty())
            d = before + std::remainder(d - before, 360);
        a.push_back(before = d);
    }
    const double n = double(a.size());
    if (n < 8)
        return 0;
    double st = 0, sa = 0, stt = 0, sta = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        st += double(i), sa += a[i], stt += double(i) * double(i), sta += double(i) * a[i];
    const double slope = (n * sta - st * sa) / (n * stt - st * st), base = (sa - slope * st) / n;
    double sum = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        sum += std::pow(a[i] - base - slope * double(i), 2);
    return std::sqrt(sum / n);
}

const stage::Layer* layerOf(const stage::StageFrame& frame, int element)
{
    for (const stage::Layer& l : frame.layers)
        if (l.element == element)
            return &l;
    return nullptr;
}
} // namespace

double taper(double share)
{
    const double root = std::min(1.0, std::sqrt(std::max(0.0, share) / 0.12));
    return root * std::max(0.0, 1 - share) * (1 + 0.6 * share);
}

Result<ElementFlow> elementFlow(
    const Project& project, int element, double apartCm, stage::SurfaceCache& cache, Progress& progress)
{
    const Element* e = project.element(element);
    if (!e || !project.cutout(e->cutout))
        return Error{ErrorKind::Missing, tr("Stroke flow is read from a photograph; this has none."), {}};
    Project alone = project;
    std::erase_if(alone.elements, [&](const Element& x) { return x.id != element; });
    alone.groups.clear();
    const auto box = [&](int width) -> std::optional<std::pair<std::shared_ptr<const stage::StageFrame>, double>> {
        auto frame = stage::compose(alone, width, cache, progress);
        const stage::Layer* l = frame ? layerOf(*frame, element) : nullptr;
        if (!l)
            return {};
        return std::pair(frame, double(std::max(l->width(), l->height())));
    };
    const auto first = box(400);
    if (progress.cancelled())
        return Error{ErrorKind::Cancelled, tr("The measuring was cancelled."), {}};
    if (!first || first->second < 1)
        return Error{ErrorKind::Invalid, tr("It lies outside the canvas."), {}};
    // As large as 900 px, but no larger than it was photographed: what is blown up runs along its pixels.
    const stage::Placement place = stage::placed(project, *e, cache);
    const double own = place.cmPerPixel > 0 ? project.brief.widthCm / place.cmPerPixel : 5000;
    const auto second = box(int(std::clamp(std::min(400 * 900 / first->second, own), 60.0, 5000.0)));
    if (!second)
        return Error{ErrorKind::Cancelled, tr("The measuring was cancelled."), {}};
    const stage::Layer& l = *layerOf(*second->first, element);
    if (second->second < 40)
        return Error{ErrorKind::Invalid, tr("It is too small on the canvas for its strokes to be measured."), {}};
    std::vector<std::uint8_t> mask(l.cover.size());
    for (std::size_t i = 0; i < mask.size(); ++i)
        mask[i] = l.cover.data()[i] > 0.6f ? 255 : 0;
    const Mask inside(l.width(), l.height(), std::move(mask));
    const Photo photo = colour::codeOf(l.albedo);
    ElementFlow out;
    out.element = element, out.pixelsPerCm = second->first->pixelsPerCm;
    out.originCm = {l.left / out.pixelsPerCm, l.top / out.pixelsPerCm};
    out.field = flowOf(photo, inside, progress);
    if (out.field.empty())
        return Error{ErrorKind::Cancelled, tr("The measuring was cancelled."), {}};
    out.points = flowPoints(out.field, photo, inside, std::max(8.0, std::max(l.width(), l.height()) / 50.0));
    std::vector<double> lengths, waves;
    std::size_t sure = 0;
    for (const FlowPoint& p : out.points) {
        sure += p.reliable;
        if (p.reliable && p.length > 0)
            lengths.push_back(p.length);
    }
    out.reliable = out.points.empty() ? 0 : double(sure) / double(out.points.size());
    const double length = std::clamp(medianOf(lengths), 8.0, 400.0);
    out.lengthCm = length / out.pixelsPerCm;
    for (const FlowStroke& s : flowStrokes(out.field, length, std::max(3.0, apartCm * out.pixelsPerCm))) {
        waves.push_back(wave(s.points));
        std::vector<Vec2> cm;
        for (const Vec2 p : s.points)
            cm.push_back(p * (1 / out.pixelsPerCm) + out.originCm);
        out.strokes.push_back(thinnedLine(cm, 0.01));
    }
    out.waviness = medianOf(waves);
    return out;
}

} // namespace rl::transfer
