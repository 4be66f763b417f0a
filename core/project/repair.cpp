// Everything a file or a person could get wrong, put right.
#include "core/project/fields.h"
#include "core/project/papers.h"
#include "core/project/schools.h"
#include <set>

namespace rl {

namespace {
/// Notes whether anything had to be changed.
class Repairs {
public:
    /// Every number of it into the range its table says.
    template <class O> void keep(O& o)
    {
        for (const Number<O>& n : numbersOf<O>()) {
            const double was = n.get(o);
            n.set(o, was);
            m_clean = m_clean && n.get(o) == was;
        }
    }
    void keep(double& v, double low, double high, double fallback)
    {
        const double kept = std::isfinite(v) ? std::clamp(v, low, high) : fallback;
        m_clean = m_clean && kept == v;
        v = kept;
    }
    /// A place on or about the canvas, cm.
    void keepPlace(Vec2& at, Vec2 fallback)
    {
        keep(at.x, -kCanvasReach, kCanvasReach + 2000, fallback.x);
        keep(at.y, -kCanvasReach, kCanvasReach + 2000, fallback.y);
    }
    template <class V> void atMost(V& items, std::size_t most)
    {
        if (items.size() > most) {
            items.resize(most);
            m_clean = false;
        }
    }
    template <class V, class F> void dropIf(V& items, F bad)
    {
        if (std::erase_if(items, bad) > 0)
            m_clean = false;
    }
    /// A link that leads nowhere is cut.
    void unlink(int& link, bool leadsNowhere)
    {
        if (link && leadsNowhere) {
            link = 0;
            m_clean = false;
        }
    }
    void changed() { m_clean = false; }
    bool clean() const { return m_clean; }

private:
    bool m_clean = true;
};

/// Drops what is not a number or beyond reach, and what is more than anyone draws.
template <class V, class At> void keepPoints(V& points, double reach, At at, Repairs& r)
{
    r.dropIf(points, [&](const auto& p) {
        const Vec2 q = at(p);
        return !(std::abs(q.x) <= reach && std::abs(q.y) <= reach);
    });
    r.atMost(points, 2000);
}
Vec2 itself(Vec2 q)
{
    return q;
}

void repairStandin(Standin& s, Repairs& r)
{
    r.keep(s);
    r.keep(s.pose);
    for (Limb* limb : {&s.pose.leftArm, &s.pose.rightArm, &s.pose.leftLeg, &s.pose.rightLeg})
        r.keep(*limb);
    const auto at = [](const OutlinePoint& p) { return p.at; };
    r.atMost(s.outlines, 64);
    for (Outline& o : s.outlines)
        keepPoints(o.points, 100, at, r);
    keepPoints(s.profile, 100, at, r);
    for (OutlinePoint& p : s.profile)
        r.keep(p.at.x, 0, 100, 0);
    keepPoints(s.path, 5000, itself, r);
}

void repairElement(Element& e, const Brief& b, Repairs& r)
{
    r.keep(e);
    r.keepPlace(e.baseCm, {b.widthCm / 2, b.heightCm});
    r.keep(e.pattern);
    r.keep(e.ownLight);
    r.keep(e.tone);
    repairStandin(e.standin, r);
    r.atMost(e.parts, 64);
    r.atMost(e.ridges, 64);
    r.atMost(e.eyes, 32);
    r.atMost(e.feet, 32);
    for (FootWord& foot : e.feet)
        r.keep(foot);
    r.atMost(e.edges, 64);
    for (PlannedEdge& edge : e.edges) {
        r.keep(edge);
        r.keep(edge.at.x, -1, 2, 0.5);
        r.keep(edge.at.y, -1, 2, 0.5);
    }
    for (ReliefPart& part : e.parts) {
        keepPoints(part.outline, 4, itself, r);
        r.keep(part);
    }
    for (Ridge& ridge : e.ridges) {
        keepPoints(ridge.line, 4, itself, r);
        r.keep(ridge);
    }
    for (EyeBall& eye : e.eyes) {
        r.keep(eye.at.x, -1, 2, 0.5);
        r.keep(eye.at.y, -1, 2, 0.2);
        r.keep(eye);
    }
}

void repairLights(Lights& l, Repairs& r)
{
    r.keep(l.sun);
    for (Lantern& n : l.lanterns) {
        r.keep(n);
        r.keep(n.position.x, -5000, 5000, 0);
        r.keep(n.position.y, -10, 1000, 2);
        r.keep(n.position.z, 0.05, 5000, 8);
        r.unlink(n.group, !l.group(n.group));
    }
    r.atMost(l.groups, 100);
    for (LightGroup& g : l.groups)
        r.keep(g);
    r.keep(l.air);
    r.keepPlace(l.air.vignetteAt, {-1, -1});
    r.keep(l.air.drift);
    r.atMost(l.air.mists, 12);
    for (Mist& m : l.air.mists)
        r.keep(m);
}

const Element* in(const Scene& s, int id)
{
    const auto found = std::find_if(s.elements.begin(), s.elements.end(), [=](const Element& e) { return e.id == id; });
    return found == s.elements.end() ? nullptr : &*found;
}

/// A scene's numbers and links; pictures, cut-outs and cast are the project's.
void repairScene(Scene& s, const Project& p, Repairs& r)
{
    r.keep(s.camera);
    r.keep(s.backdrop);
    r.keep(s.backdrop.tone);
    for (Element& e : s.elements)
        r.unlink(e.cutout, !p.cutout(e.cutout)); // its stand-in takes over again, when it has one
    r.dropIf(s.elements, [&](const Element& e) { return !e.cutout && e.standin.solid == Solid::None; });
    for (Element& e : s.elements) {
        repairElement(e, p.brief, r);
        r.unlink(
            e.group, std::none_of(s.groups.begin(), s.groups.end(), [&](const Group& g) { return g.id == e.group; }));
        r.unlink(e.inside, e.inside == e.id || !in(s, e.inside));
        r.unlink(e.cast, !p.castMember(e.cast));
    }
    for (Lantern& l : s.lights.lanterns) {
        r.unlink(l.within, !in(s, l.within));
        r.unlink(l.carriedBy, !in(s, l.carriedBy));
    }
    r.unlink(s.backdrop.reference, !p.reference(s.backdrop.reference));
    repairLights(s.lights, r);
}

void repairPictures(Project& p, Repairs& r)
{
    r.dropIf(p.references, [](const Reference& x) { return x.pixels.empty(); });
    for (Reference& x : p.references) {
        r.keep(x.wallAt.x, -1e4, 1e4, 0);
        r.keep(x.wallAt.y, -1e4, 1e4, 0);
        r.keep(x.overrule);
        r.keep(x.overrule.light);
        x.roles &= (1U << kRoleCount) - 1;
    }
    r.unlink(p.lead, !p.reference(p.lead));
    r.dropIf(p.cutouts, [&](const Cutout& c) { return !p.reference(c.reference); });
    for (Cutout& c : p.cutouts) {
        r.keep(c);
        const LazyPhoto& of = p.reference(c.reference)->pixels;
        for (Mask* mask : {&c.alpha, &c.strokes})
            if (!mask->empty() && (mask->width() != of.width() || mask->height() != of.height())) {
                *mask = {};
                r.changed();
            }
        for (PlainGround& g : c.grounds) {
            r.keep(g.at.x, 0, of.width() - 1, 0);
            r.keep(g.at.y, 0, of.height() - 1, 0);
            r.keep(g);
        }
        for (Outline& o : c.pieces)
            r.dropIf(o.points, [](const OutlinePoint& q) { return !std::isfinite(q.at.x) || !std::isfinite(q.at.y); });
        const auto far = [](Vec2 q) { return !(std::abs(q.x) < 1e5 && std::abs(q.y) < 1e5); };
        r.dropIf(c.pins, [&](const Pin& q) { return far(q.from) || far(q.to); });
    }
}

void repairTakes(Project& p, Repairs& r)
{
    r.atMost(p.takes, 200);
    r.unlink(p.take, !p.takeOf(p.take));
    if (!p.take && !p.takes.empty())
        p.take = p.takes.front().id;
    r.dropIf(p.votes, [&](const Vote& v) { return !p.takeOf(v.take); });
    for (Take& t : p.takes)
        if (t.id != p.take)
            repairScene(t.scene, p, r);
}

void repairGuides(Project& p, Repairs& r)
{
    r.keep(p.guides);
    r.atMost(p.guides.corners, 3);
    p.guides.shown &= (1U << kGuideCount) - 1;
    r.keepPlace(p.guides.meet, {-1, -1});
    for (Vec2& c : p.guides.corners)
        r.keepPlace(c, {0, 0});
    r.atMost(p.heights, 500);
    for (UsualHeight& h : p.heights) {
        r.keep(h.metres, 0.001, 5000, 1);
        r.keep(h.least, 0.001, h.metres, h.metres);
        r.keep(h.most, h.metres, 10000, h.metres);
    }
}

void repairIds(Project& p, Repairs& r)
{
    int highest = 0;
    const auto unique = [&](auto& items) {
        std::set<int> seen;
        for (const auto& i : items)
            highest = std::max(highest, i.id);
        r.dropIf(items, [&](const auto& i) { return i.id <= 0 || !seen.insert(i.id).second; });
    };
    unique(p.references);
    unique(p.cutouts);
    unique(p.elements);
    unique(p.lights.lanterns);
    unique(p.brief.cast);
    unique(p.brief.ideas);
    unique(p.brief.facts);
    unique(p.boxes);
    for (PaintBox& b : p.boxes)
        unique(b.tubes);
    for (Idea& idea : p.brief.ideas)
        unique(idea.clues);
    unique(p.groups);
    unique(p.lights.groups);
    unique(p.takes);
    unique(p.painting.sittings), unique(p.painting.photos), unique(p.painting.decisions);
    unique(p.painting.accepted);
    for (const Take& t : p.takes)
        for (const Element& e : t.scene.elements)
            highest = std::max(highest, e.id);
    if (p.lastId < highest) {
        p.lastId = highest;
        r.changed();
    }
}
} // namespace

namespace {
void repairBrief(Project& p, Repairs& r)
{
    Brief& b = p.brief;
    r.keep(b);
    r.keep(b.ground);
    keepPoints(b.outline, kCanvasReach, itself, r);
    for (const SchoolSpec& s : schools()) {
        int& choice = b.schools[std::size_t(s.school)];
        if (choice < 0 || choice >= int(s.choices.size()))
            choice = 0, r.changed();
    }
    if (!b.deadline.empty() && !daysBetween(b.deadline, b.deadline))
        b.deadline.clear(), r.changed();
    r.dropIf(b.valueBounds, [](double L) { return !(L >= 0 && L <= 100); });
    r.atMost(b.valueBounds, 8);
    if (!std::is_sorted(b.valueBounds.begin(), b.valueBounds.end()))
        std::sort(b.valueBounds.begin(), b.valueBounds.end()), r.changed();
    // What one take has not, another may.
    const auto known = [&](int id) {
        return in(p, id) || std::any_of(p.takes.begin(), p.takes.end(), [&](const Take& t) { return in(t.scene, id); });
    };
    r.atMost(b.ideas, 100);
    r.atMost(b.facts, 500);
    for (Idea& idea : b.ideas) {
        r.atMost(idea.clues, 50);
        for (Clue& c : idea.clues) {
            for (double* v : {&c.part.x, &c.part.y, &c.part.width, &c.part.height})
                r.keep(*v, 0, 1, 0);
            r.unlink(c.cast, !p.castMember(c.cast));
            r.unlink(c.element, !known(c.element));
        }
    }
    for (CastMember& m : b.cast)
        for (double* v : {&m.place.x, &m.place.y, &m.place.width, &m.place.height})
            r.keep(*v, -2000, 2000, 0);
    for (Fact& f : b.facts)
        r.unlink(f.element, !known(f.element));
}
void repairPaints(Project& p, Repairs& r)
{
    r.atMost(p.boxes, 50);
    for (PaintBox& b : p.boxes) {
        r.atMost(b.tubes, 200);
        for (Tube& t : b.tubes) {
            r.keep(t), r.keep(t.card);
            for (Patch* patch :
                {&t.card.masstone, &t.card.tint2, &t.card.tint10, &t.card.overWhite, &t.card.overBlack}) {
                r.keep(patch->lab.x, 0, 100, 50);
                r.keep(patch->lab.y, -150, 150, 0), r.keep(patch->lab.z, -150, 150, 0);
            }
        }
    }
    std::set<std::pair<int, int>> numbers;
    r.dropIf(p.puddles, [&](const KnownPuddle& k) {
        const bool finite = std::isfinite(k.lab.x) && std::isfinite(k.lab.y) && std::isfinite(k.lab.z);
        return !finite || k.number < 1 || k.number > 999 || k.mixed.size() > 1000 || (k.take && !p.takeOf(k.take))
            || !numbers.insert({k.take, k.number}).second;
    });
    r.keep(p.mix);
    r.unlink(p.mix.box, std::none_of(p.boxes.begin(), p.boxes.end(), [&](const auto& b) { return b.id == p.mix.box; }));
}

bool isDate(const std::string& s)
{
    return daysBetween(s, s).has_value();
}
void repairLog(Project& p, Repairs& r)
{
    Painting& a = p.painting;
    r.atMost(a.sittings, 20000), r.atMost(a.photos, 2000), r.atMost(a.decisions, 5000), r.atMost(a.accepted, 1000);
    for (Sitting& s : a.sittings) {
        r.keep(s);
        r.atMost(s.spans, 5000);
        for (WorkSpan& w : s.spans)
            r.keep(w);
    }
    r.dropIf(a.photos, [&](const CanvasPhoto& c) {
        const bool four = c.corners.size() == 4 || c.corners.empty();
        return !p.reference(c.reference) || !four;
    });
    for (CanvasPhoto& c : a.photos) {
        r.keep(c);
        for (Vec2& v : c.corners)
            r.keep(v.x, -1e5, 1e5, 0), r.keep(v.y, -1e5, 1e5, 0);
        for (double* v : {&c.grey.x, &c.grey.y, &c.grey.width, &c.grey.height})
            r.keep(*v, 0, 1e5, 0);
    }
    const auto photo = [&](int id) {
        return std::any_of(a.photos.begin(), a.photos.end(), [&](const CanvasPhoto& c) { return c.id == id; });
    };
    for (Decision& d : a.decisions)
        r.unlink(d.photo, !photo(d.photo));
    r.dropIf(a.accepted, [&](const Accepted& c) { return !photo(c.photo); });
    for (Accepted& c : a.accepted)
        for (double* v : {&c.part.x, &c.part.y, &c.part.width, &c.part.height})
            r.keep(*v, -2000, 4000, 0);
}
void repairPainting(Project& p, Repairs& r)
{
    Painting& a = p.painting;
    r.keep(a), r.keep(a.diary);
    for (std::string* date : {&a.from, &a.diary.roundFrom})
        if (!date->empty() && !isDate(*date))
            date->clear(), r.changed();
    r.atMost(a.diary.hours, 500), r.atMost(a.diary.days, 5000), r.atMost(a.tasks, 2000);
    for (FreeHours& h : a.diary.hours)
        r.keep(h);
    for (DayHours& h : a.diary.days)
        r.keep(h);
    r.dropIf(a.diary.hours, [&](const FreeHours& h) { return h.to <= h.from || h.day >= a.diary.roundDays; });
    r.dropIf(a.diary.days, [](const DayHours& h) { return h.to <= h.from || !isDate(h.date); });
    for (TaskOverride& t : a.tasks) {
        r.keep(t);
        static const std::set<std::string> families{"", "acrylic", "gouache", "oil", "watercolour"};
        if (!families.contains(t.paint))
            t.paint.clear(), r.changed();
    }
    std::set<std::string> seen;
    r.dropIf(a.tasks, [&](const TaskOverride& t) { return t.task.empty() || !seen.insert(t.task).second; });
    for (Tolerance& t : a.tolerances)
        r.keep(t);
    r.keep(a.signatureAt.x, -1, 2000, -1), r.keep(a.signatureAt.y, -1, 2000, -1);
    repairLog(p, r);
}
} // namespace

bool repair(Project& p)
{
    Repairs r;
    repairBrief(p, r);
    repairPainting(p, r);
    repairPaints(p, r);
    r.keep(p.sheets);
    if (!paperOf(p.sheets.paper)) {
        p.sheets.paper = "A4";
        r.changed();
    }
    repairIds(p, r);
    repairPictures(p, r);
    repairScene(p, p, r);
    repairTakes(p, r);
    repairGuides(p, r);
    return r.clean();
}

} // namespace rl
