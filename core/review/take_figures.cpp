#include "core/review/take_figures.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/takes.h"
#include <map>

namespace rl::review {

TakeFigures figuresOf(const Project& project, int take, stage::SurfaceCache& cache, Progress& progress, int widthPx)
{
    const Project p = takes::projectOf(project, take);
    return figuresOf(p, take, review(p, cache, progress), cache, widthPx);
}

TakeFigures figuresOf(const Project& p, int take, const Review& r, stage::SurfaceCache& cache, int widthPx)
{
    TakeFigures f;
    f.take = take;
    if (!r.picture.colour.empty())
        f.picture = reading::smaller(r.picture, std::min(1.0, widthPx / double(r.picture.ids.width())));
    f.elements = int(p.elements.size());
    f.horizonShare = p.camera.horizonCm / p.brief.heightCm;
    f.fovDegrees = p.camera.fovDegrees;
    if (f.picture.colour.empty())
        return f;
    f.range = r.reading.lightest - r.reading.darkest;
    f.leftWeight = r.reading.balance.left;
    for (const Finding& x : r.findings)
        (x.severity == Severity::Broken ? f.broken : f.watch) += x.severity != Severity::Holds;
    const stage::Room room = stage::roomOf(p, cache);
    if (!room.known)
        return f;
    const Element* lead = p.element(room.lead);
    f.leadHeightShare = stage::placed(p, *lead, cache).canvas.height / p.brief.heightCm;
    const auto shares = reading::castShares(p, r.reading.attention, r.picture.pixelsPerCm);
    if (const auto own = shares.find(lead->cast); own != shares.end()) {
        f.leadPull = own->second;
        f.leadRank = 1;
        for (const auto& [cast, share] : shares)
            f.leadRank += cast != 0 && share > own->second;
    }
    return f;
}

std::vector<std::string> differences(const Project& project, const TakeFigures& a, const TakeFigures& b)
{
    std::vector<std::string> out;
    const auto figure = [&](const char* what, double from, double to, double least, const char* unit, int decimals) {
        if (std::abs(to - from) >= least)
            out.push_back(std::string(what) + " " + fixed(from, decimals) + " → " + fixed(to, decimals) + unit);
    };
    const Project pa = takes::projectOf(project, a.take), pb = takes::projectOf(project, b.take);
    std::map<int, const Element*> before;
    for (const Element& e : pa.elements)
        before[e.id] = &e;
    int moved = 0, added = 0;
    for (const Element& e : pb.elements) {
        const auto old = before.find(e.id);
        if (old == before.end())
            ++added;
        else {
            moved += !(*old->second == e);
            before.erase(old);
        }
    }
    if (added)
        out.push_back(trn("%n elements more", added));
    if (!before.empty())
        out.push_back(trn("%n elements fewer", std::int64_t(before.size())));
    if (moved)
        out.push_back(trn("%n elements changed", moved));
    figure(tr("horizon"), 100 * a.horizonShare, 100 * b.horizonShare, 0.5, tr(" % of the height"), 0);
    figure(tr("field of view"), a.fovDegrees, b.fovDegrees, 0.5, "°", 0);
    figure(tr("lead height"), 100 * a.leadHeightShare, 100 * b.leadHeightShare, 1, tr(" % of the canvas"), 0);
    figure(tr("lead's pull"), 100 * a.leadPull, 100 * b.leadPull, 1, " %", 0);
    figure(tr("lead read as number"), a.leadRank, b.leadRank, 1, "", 0);
    figure(tr("left weighs"), 100 * a.leftWeight, 100 * b.leftWeight, 1, " %", 0);
    figure(tr("range"), a.range, b.range, 1, " L*", 0);
    figure(tr("problem"), a.broken, b.broken, 1, "", 0);
    figure(tr("note"), a.watch, b.watch, 1, "", 0);
    if (!(pa.lights == pb.lights))
        out.push_back(tr("light differs"));
    return out;
}

} // namespace rl::review
