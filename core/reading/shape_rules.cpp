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
    static constexpr const char* words[]
        = {translatable("lost"), translatable("soft"), translatable("firm"), translatable("hard")};
    return words[std::size_t(kind)];
}
const char* wordOf(EdgeWish wish)
{
    static constexpr const char* words[] = {translatable("lost"), translatable("soft"), translatable("firm"),
        translatable("hard"), translatable("a dark line"), translatable("a light line")};
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

namespace {
/// Which wish a place of a contour has; −1: none. A later wish takes its stretch from those before it.
class Wishes {
public:
    Wishes(const Element& e, const Silhouette& s)
        : m_element(e)
    {
        for (const EdgePoint& q : s.contour) {
            m_x0 = std::min(m_x0, q.at.x), m_x1 = std::max(m_x1, q.at.x);
            m_y0 = std::min(m_y0, q.at.y), m_y1 = std::max(m_y1, q.at.y);
        }
    }
    int at(Vec2 px) const
    {
        const double side = std::max({m_x1 - m_x0, m_y1 - m_y0, 1.0});
        for (std::size_t i = m_element.edges.size(); i-- > 0;) {
            const PlannedEdge& w = m_element.edges[i];
            const Vec2 at{m_x0 + w.at.x * (m_x1 - m_x0), m_y0 + w.at.y * (m_y1 - m_y0)};
            if ((px - at).length() <= w.reach * side)
                return int(i);
        }
        return -1;
    }
    bool lostAt(Vec2 px) const
    {
        const int i = at(px);
        return i >= 0 && m_element.edges[std::size_t(i)].wish == EdgeWish::Lost;
    }

private:
    const Element& m_element;
    double m_x0 = 1e9, m_y0 = 1e9, m_x1 = -1e9, m_y1 = -1e9;
};
} // namespace

double lostUnmeant(const Element& e, const Silhouette& s)
{
    if (e.edges.empty() || s.contour.empty())
        return s.lost;
    const Wishes wishes(e, s);
    double lost = 0;
    for (const EdgePoint& q : s.contour)
        lost += q.kind == EdgeKind::Lost && !wishes.lostAt(q.at);
    return std::min(s.lost, lost / double(s.contour.size()));
}

std::vector<EdgeHeld> plannedEdges(const Project& p, const std::vector<Silhouette>& shapes)
{
    std::vector<EdgeHeld> out;
    for (const Silhouette& s : shapes) {
        const Element* e = p.element(s.element);
        if (!e || e->edges.empty() || s.contour.empty())
            continue;
        const Wishes wishes(*e, s);
        std::vector<std::vector<const EdgePoint*>> stretches(e->edges.size());
        for (const EdgePoint& q : s.contour)
            if (const int i = wishes.at(q.at); i >= 0)
                stretches[std::size_t(i)].push_back(&q);
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
                100 * h.kept, 60, translatable("% of the stretch as meant"), v.around(h.at, 3), h.element,
                tr("Where the eye should rest edges are hard, where it should pass they are soft; planned now, it is "
                   "not left to chance in paint."),
                {}});
    }
}

void meltFindings(const RuleView& v, Findings& out)
{
    const double k = v.picture.pixelsPerCm;
    for (const Silhouette& s : v.reading.silhouettes) {
        const Element* e = v.project.element(s.element);
        const double lost = e ? lostUnmeant(*e, s) : s.lost;
        if (lost < 0.25 || s.contour.size() < 30 || (e && e->quiet))
            continue; // what is meant to be lost, or to be quiet, may melt
        const bool grain = s.medianDifference >= 6 && s.medianSeparation < 6;
        out.push_back({"read.melts:" + std::to_string(s.element), Station::Read,
            lost > 0.45 ? Severity::Broken : Severity::Watch,
            tr("%1 melts into what is behind it along %2 % of its contour (median difference ΔE %3, %4 L*%5).",
                v.name(s.element), fixed(100 * lost, 0), fixed(s.medianDifference), fixed(s.medianLightness),
                grain ? tr("; both sides are strewn alike, so that the eye sees only ΔE %1", fixed(s.medianSeparation))
                      : ""),
            100 * lost, 25, translatable("% lost"),
            {s.lostPlace.x / k, s.lostPlace.y / k, s.lostPlace.width / k, s.lostPlace.height / k}, s.element,
            grain ? tr("Like grain before like grain hides a contour even where the colours differ; calm one side, or "
                       "turn its strokes.")
                  : tr("A lost edge here and there lets a shape breathe; when a quarter is gone the shape itself is."),
            {}});
    }
    const auto meant = [&](int element, Vec2 at) { // quiet, or lost there on purpose
        const Element* e = v.project.element(element);
        if (!e || e->quiet)
            return e != nullptr;
        return std::any_of(v.reading.silhouettes.begin(), v.reading.silhouettes.end(),
            [&](const Silhouette& s) { return s.element == element && Wishes(*e, s).lostAt(at); });
    };
    for (const Merged& m : v.reading.merged)
        if (!meant(m.first, m.at) && !meant(m.second, m.at))
            out.push_back({"read.merged:" + std::to_string(m.first) + "+" + std::to_string(m.second), Station::Read,
                Severity::Watch,
                tr("%1 and %2 run into one shape: %3 % of the %4 cm they share is lost.", v.name(m.first),
                    v.name(m.second), fixed(100 * m.lost, 0), fixed(m.lengthPx / k, 0)),
                100 * m.lost, 60, translatable("% lost"), v.around(m.at, 4), m.first,
                tr("Two things of one value become one thing; a step of 12 in ΔE between them parts them again."), {}});
}

std::vector<Fix> tangentMoves(const RuleView& v, const Tangent& t)
{
    std::vector<Fix> all;
    const Rect a = v.boundsOf(t.first), b = v.boundsOf(t.second);
    const double free = t.freePx / v.picture.pixelsPerCm;
    const bool firstMoves = a.width * a.height <= b.width * b.height; // the smaller, if it helps
    for (const bool first : {firstMoves, !firstMoves})
        for (const double more : {1.0, 1.6}) {
            const int moved = first ? t.first : t.second;
            const Vec2 by = t.way * (more * (first ? free : -free));
            if (const Element* e = v.project.element(moved))
                if (auto fix = fixes::shift(*e,
                        tr("Move %1 %2%3", v.name(moved), fixed(10 * by.length(), 0),
                            free > 0 ? tr(" mm away") : tr(" mm further over")),
                        by))
                    all.push_back(std::move(*fix));
        }
    return all;
}

void tangentFindings(const RuleView& v, Findings& out)
{
    const double k = v.picture.pixelsPerCm;
    for (const Tangent& t : v.reading.tangents) {
        if (t.second == 0)
            continue; // the margin rule of the stage speaks of the canvas edge
        const Rect a = v.boundsOf(t.first), b = v.boundsOf(t.second);
        const int smaller = a.width * a.height <= b.width * b.height ? t.first : t.second;
        Finding f{"read.tangent:" + std::to_string(t.first) + "+" + std::to_string(t.second), Station::Read,
            Severity::Watch,
            t.kind == Tangent::Kind::Graze
                ? tr("The outlines of %1 and %2 graze: they cross so flat that they run into one another.",
                    v.name(t.first), v.name(t.second))
                : tr("The outlines of %1 and %2 just kiss: %3 mm between them.", v.name(t.first), v.name(t.second),
                    fixed(10 * t.gapPx / k, 0)),
            10 * t.gapPx / k, 10 * std::abs(t.freePx / k), "mm", v.around(t.at, 2), smaller,
            tr("Two edges that just touch tie near and far together; let them overlap clearly or stand apart."), {}};
        if (auto moves = tangentMoves(v, t); !moves.empty())
            f.fix = std::move(moves.front());
        out.push_back(std::move(f));
    }
}

static void limbFindings(const RuleView& v, Findings& out)
{
    for (const LostLimb& l : lostLimbs(v.project, v.picture)) {
        Finding f{"read.limb:" + std::to_string(l.element) + ":" + l.name, Station::Read, Severity::Watch,
            tr("The %1 of %2 lies inside its own outline along %3 %.", l.name, v.name(l.element),
                fixed(100 * l.inside, 0)),
            100 * l.inside, 50, translatable("% inside"), v.around(l.at, 3), l.element,
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
        if (!e || !e->cast || e->quiet)
            continue; // what is not in the cast, or is to be quiet, need not be told
        if (t.hidden > 0.5)
            out.push_back({"read.hidden:" + std::to_string(t.element), Station::Read, Severity::Watch,
                tr("%1 % of %2 is hidden behind others or off the canvas.", fixed(100 * t.hidden, 0),
                    v.name(t.element)),
                100 * t.hidden, 50, translatable("% hidden"), v.boundsOf(t.element), t.element,
                tr("What is recognised by its shape needs most of it to be seen."), {}});
        if (t.read >= 0.3)
            continue;
        out.push_back({"read.thumb:" + std::to_string(t.element), Station::Read, Severity::Watch,
            tr("As small as a thumb the shape of %1 reads %2 of 1: %3", v.name(t.element), fixed(t.read, 2),
                t.thin && t.limbs < 0.5 ? tr("of its thin parts only %1 % survive.", fixed(100 * t.limbs, 0))
                    : t.told < 0.3      ? tr("its outline is too round to measure anything.")
                                        : tr("too little of it survives.")),
            t.read, 0.3, translatable("of 1"), v.boundsOf(t.element), t.element,
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
                100 * r.alike, 82, translatable("% alike"), v.boundsOf(r.second), r.second,
                tr("Twins look copied; turn one, change its height by a quarter, or cover part of it."), {}});
    }
    const Skyline& line = v.reading.skyline;
    if (line.peaks >= 3 && line.heights < 0.12 && line.spacing < 0.2)
        out.push_back({"read.skyline", Station::Read, Severity::Watch,
            tr("The skyline has %1 peaks of nearly one height (they vary by %2 %) at nearly even steps (%3 %).",
                std::to_string(line.peaks), fixed(100 * line.heights, 0), fixed(100 * line.spacing, 0)),
            100 * line.heights, 12, translatable("% variation"), {}, 0,
            tr("Even peaks read as a fence; one tall, one low and a wide gap make a rhythm."), {}});
}

} // namespace rl::reading
