// Findings on shapes: contours, planned edges, tangents, silhouettes, repeats.
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/project/edits.h"
#include "core/project/fixes.h"
#include "core/reading/limbs.h"
#include "core/reading/rule_help.h"

namespace rl::reading {

const char* wordOf(EdgeKind kind)
{
    static constexpr const char* words[] = {later("lost"), later("soft"), later("firm"), later("hard")};
    return words[std::size_t(kind)];
}
const char* wordOf(EdgeWish wish)
{
    static constexpr const char* words[]
        = {later("lost"), later("soft"), later("firm"), later("hard"), later("a dark line"), later("a light line")};
    return words[std::size_t(wish)];
}

namespace {
bool keeps(const EdgePoint& e, EdgeWish wish)
{
    constexpr float kLine = 6; // L* by which a line must leave both sides
    switch (wish) {
    case EdgeWish::Lost:
        return e.kind == EdgeKind::Lost;
    case EdgeWish::Soft:
        return e.kind == EdgeKind::Soft || e.kind == EdgeKind::Lost;
    case EdgeWish::Firm:
        return e.kind == EdgeKind::Firm || e.kind == EdgeKind::Hard;
    case EdgeWish::Hard:
        return e.kind == EdgeKind::Hard;
    case EdgeWish::DarkLine:
        return e.line <= -kLine;
    case EdgeWish::LightLine:
        return e.line >= kLine;
    }
    return false;
}

EdgeHeld heldOf(const PlannedEdge& wish, const Silhouette& s, const std::vector<const EdgePoint*>& points)
{
    EdgeHeld h;
    h.element = s.element, h.wish = wish;
    std::array<int, 4> kinds{};
    std::vector<double> width, line;
    for (const EdgePoint* e : points) {
        h.kept += keeps(*e, wish.wish), ++kinds[std::size_t(e->kind)];
        width.push_back(double(e->width)), line.push_back(double(e->line));
        h.at = h.at + e->at;
    }
    const double n = double(points.size());
    h.kept /= n, h.at = h.at * (1 / n);
    h.mostly = EdgeKind(std::max_element(kinds.begin(), kinds.end()) - kinds.begin());
    const auto middle = [](std::vector<double>& v) {
        std::nth_element(v.begin(), v.begin() + std::ptrdiff_t(v.size() / 2), v.end());
        return v[v.size() / 2];
    };
    h.widthPx = middle(width), h.line = middle(line);
    return h;
}
} // namespace

std::vector<EdgeHeld> plannedEdges(const Project& p, const std::vector<Silhouette>& shapes)
{
    std::vector<EdgeHeld> out;
    for (const Silhouette& s : shapes) {
        const Element* e = p.element(s.element);
        if (!e || e->edges.empty() || s.contour.empty())
            continue;
        double x0 = 1e9, y0 = 1e9, x1 = -1e9, y1 = -1e9;
        for (const EdgePoint& q : s.contour) {
            x0 = std::min(x0, q.at.x), x1 = std::max(x1, q.at.x);
            y0 = std::min(y0, q.at.y), y1 = std::max(y1, q.at.y);
        }
        const double side = std::max({x1 - x0, y1 - y0, 1.0});
        // A later wish takes its stretch from those before it.
        std::vector<std::vector<const EdgePoint*>> stretches(e->edges.size());
        for (const EdgePoint& q : s.contour)
            for (std::size_t i = e->edges.size(); i-- > 0;) {
                const PlannedEdge& w = e->edges[i];
                const Vec2 at{x0 + w.at.x * (x1 - x0), y0 + w.at.y * (y1 - y0)};
                if ((q.at - at).length() <= w.reach * side) {
                    stretches[i].push_back(&q);
                    break;
                }
            }
        for (std::size_t i = 0; i < stretches.size(); ++i)
            if (!stretches[i].empty())
                out.push_back(heldOf(e->edges[i], s, stretches[i]));
    }
    return out;
}

void edgeFindings(const RuleView& v, Findings& out)
{
    int n = 0;
    for (const EdgeHeld& h : v.reading.edges) {
        const double mm = 10 * h.widthPx / v.picture.pixelsPerCm;
        const bool line = h.wish.wish == EdgeWish::DarkLine || h.wish.wish == EdgeWish::LightLine;
        ++n;
        if (h.kept >= 0.6)
            continue;
        out.push_back(
            {"read.edge-plan:" + std::to_string(h.element) + ":" + std::to_string(n), Station::Read, Severity::Watch,
                tr("A stretch of %1's contour is meant to be %2; it is mostly %3%4.", v.name(h.element),
                    wordOf(h.wish.wish),
                    line ? std::string(std::abs(h.line) < 2 ? tr("without a line") : tr("a line of "))
                         : std::string(wordOf(h.mostly)),
                    line ? (std::abs(h.line) < 2 ? std::string() : fixed(h.line, 0) + " L*")
                         : tr(", %1 mm wide", fixed(mm))),
                100 * h.kept, 60, later("% of the stretch as meant"), v.around(h.at, 3), h.element,
                tr("Where the eye should rest edges are hard, where it should pass they are soft; planned now, it is "
                   "not left to chance in paint."),
                {}});
    }
}

void meltFindings(const RuleView& v, Findings& out)
{
    const double k = v.picture.pixelsPerCm;
    for (const Silhouette& s : v.reading.silhouettes) {
        if (s.lost < 0.25 || s.contour.size() < 30)
            continue;
        const bool grain = s.medianDifference >= 6 && s.medianSeparation < 6;
        out.push_back({"read.melts:" + std::to_string(s.element), Station::Read,
            s.lost > 0.45 ? Severity::Broken : Severity::Watch,
            tr("%1 melts into what is behind it along %2 % of its contour (median difference ΔE %3, %4 L*%5).",
                v.name(s.element), fixed(100 * s.lost, 0), fixed(s.medianDifference), fixed(s.medianLightness),
                grain ? tr("; both sides are strewn alike, so that the eye sees only ΔE %1", fixed(s.medianSeparation))
                      : ""),
            100 * s.lost, 25, later("% lost"),
            {s.lostPlace.x / k, s.lostPlace.y / k, s.lostPlace.width / k, s.lostPlace.height / k}, s.element,
            grain ? tr("Like grain before like grain hides a contour even where the colours differ; calm one side, or "
                       "turn its strokes.")
                  : tr("A lost edge here and there lets a shape breathe; when a quarter is gone the shape itself is."),
            {}});
    }
    for (const Merged& m : v.reading.merged)
        out.push_back(
            {"read.merged:" + std::to_string(m.first) + "+" + std::to_string(m.second), Station::Read, Severity::Watch,
                tr("%1 and %2 run into one shape: %3 % of the %4 cm they share is lost.", v.name(m.first),
                    v.name(m.second), fixed(100 * m.lost, 0), fixed(m.lengthPx / k, 0)),
                100 * m.lost, 60, later("% lost"), v.around(m.at, 4), m.first,
                tr("Two things of one value become one thing; a step of 12 in ΔE between them parts them again."), {}});
}

void tangentFindings(const RuleView& v, Findings& out)
{
    const double k = v.picture.pixelsPerCm;
    for (const Tangent& t : v.reading.tangents) {
        if (t.second == 0)
            continue; // the margin rule of the stage speaks of the canvas edge
        const Rect a = v.boundsOf(t.first), b = v.boundsOf(t.second);
        const bool firstMoves = a.width * a.height <= b.width * b.height;
        const int moved = firstMoves ? t.first : t.second;
        const double free = t.freePx / k;
        const Vec2 by = t.way * (firstMoves ? free : -free);
        Finding f{"read.tangent:" + std::to_string(t.first) + "+" + std::to_string(t.second), Station::Read,
            Severity::Watch,
            t.kind == Tangent::Kind::Graze
                ? tr("The outlines of %1 and %2 graze: they cross so flat that they run into one another.",
                    v.name(t.first), v.name(t.second))
                : tr("The outlines of %1 and %2 just kiss: %3 mm between them.", v.name(t.first), v.name(t.second),
                    fixed(10 * t.gapPx / k, 0)),
            10 * t.gapPx / k, 10 * std::abs(free), "mm", v.around(t.at, 2), moved,
            tr("Two edges that just touch tie near and far together; let them overlap clearly or stand apart."), {}};
        if (const Element* e = v.project.element(moved))
            f.fix = fixes::shift(*e,
                tr("Move %1 %2%3", v.name(moved), fixed(10 * by.length(), 0),
                    free > 0 ? tr(" mm away") : tr(" mm further over")),
                by);
        out.push_back(std::move(f));
    }
}

static void limbFindings(const RuleView& v, Findings& out)
{
    for (const LostLimb& l : lostLimbs(v.project, v.picture)) {
        Finding f{"read.limb:" + std::to_string(l.element) + ":" + l.name, Station::Read, Severity::Watch,
            tr("The %1 of %2 lies inside its own outline along %3 %.", l.name, v.name(l.element),
                fixed(100 * l.inside, 0)),
            100 * l.inside, 50, later("% inside"), v.around(l.at, 3), l.element,
            tr("What a figure does is read off its outline; a limb before the body is not seen from across the room."),
            {}};
        if (l.spread > 0)
            f.fix = Fix{tr("Spread it by %1°", fixed(l.spread, 0)), [l](Project q) {
                            if (const Element* e = q.element(l.element)) {
                                Element posed = *e;
                                posed.standin.pose = withSpread(posed.standin.pose, l);
                                q = edits::withElement(std::move(q), std::move(posed));
                            }
                            return q;
                        }};
        out.push_back(std::move(f));
    }
}

void silhouetteFindings(const RuleView& v, Findings& out)
{
    for (const ThumbShape& t : v.reading.thumbs) {
        const Element* e = v.project.element(t.element);
        if (!e || !e->cast)
            continue; // what is not in the cast need not be told
        if (t.hidden > 0.5)
            out.push_back({"read.hidden:" + std::to_string(t.element), Station::Read, Severity::Watch,
                tr("%1 % of %2 is hidden behind others or off the canvas.", fixed(100 * t.hidden, 0),
                    v.name(t.element)),
                100 * t.hidden, 50, later("% hidden"), v.boundsOf(t.element), t.element,
                tr("What is told by its shape needs most of it to be seen."), {}});
        if (t.read >= 0.3)
            continue;
        out.push_back({"read.thumb:" + std::to_string(t.element), Station::Read, Severity::Watch,
            tr("As small as a thumb the shape of %1 reads %2 of 1: %3", v.name(t.element), fixed(t.read, 2),
                t.thin && t.limbs < 0.5 ? tr("of its thin parts only %1 % survive.", fixed(100 * t.limbs, 0))
                    : t.told < 0.3      ? tr("its outline is too round to tell anything.")
                                        : tr("too little of it survives.")),
            t.read, 0.3, later("of 1"), v.boundsOf(t.element), t.element,
            tr("A figure is met first as a silhouette; open its limbs, or give it room. Whether it is recognised "
               "cannot be measured."),
            {}});
    }
    limbFindings(v, out);
    for (const Repeat& r : v.reading.repeats) {
        const Element *a = v.project.element(r.first), *b = v.project.element(r.second);
        if (!a || !b || r.ratio < 0.8 || r.ratio > 1.25 || a->id == b->inside || b->id == a->inside)
            continue;
        out.push_back(
            {"read.repeat:" + std::to_string(r.first) + "+" + std::to_string(r.second), Station::Read, Severity::Watch,
                tr("%1 and %2 repeat one another by %3 % at nearly one size.", v.name(r.first), v.name(r.second),
                    fixed(100 * r.alike, 0)),
                100 * r.alike, 82, later("% alike"), v.boundsOf(r.second), r.second,
                tr("Twins look copied; turn one, change its height by a quarter, or cover part of it."), {}});
    }
    const Skyline& line = v.reading.skyline;
    if (line.peaks >= 3 && line.heights < 0.12 && line.spacing < 0.2)
        out.push_back({"read.skyline", Station::Read, Severity::Watch,
            tr("The skyline has %1 peaks of nearly one height (they vary by %2 %) at nearly even steps (%3 %).",
                std::to_string(line.peaks), fixed(100 * line.heights, 0), fixed(100 * line.spacing, 0)),
            100 * line.heights, 12, later("% variation"), {}, 0,
            tr("Even peaks read as a fence; one tall, one low and a wide gap make a rhythm."), {}});
}

} // namespace rl::reading
