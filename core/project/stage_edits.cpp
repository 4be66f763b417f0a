#include "core/project/stage_edits.h"
#include "core/project/usual_heights.h"

namespace rl::edits {

namespace {
struct Ground {
    double focal, x0, horizon, eye;
    explicit Ground(const Project& p)
        : focal(p.brief.widthCm / (2 * std::tan(radians(p.camera.fovDegrees) / 2)))
        , x0(p.brief.widthCm / 2)
        , horizon(p.camera.horizonCm)
        , eye(p.camera.eyeHeightM)
    {
    }
    bool under(Vec2 cm) const { return cm.y > horizon + 1e-9; }
    Vec2 metres(Vec2 cm) const ///< X and Z
    {
        const double z = focal * eye / (cm.y - horizon);
        return {(cm.x - x0) * z / focal, z};
    }
    Vec2 canvas(Vec2 m) const { return {x0 + focal * m.x / m.y, horizon + focal * eye / m.y}; }
};
constexpr double kNearest = 0.3; // m
} // namespace

Project withFoot(Project p, int id, Vec2 to, bool alone)
{
    Element* e = p.element(id);
    if (!e || e->locked || !std::isfinite(to.x) || !std::isfinite(to.y))
        return p;
    const Vec2 from = e->baseCm;
    e->baseCm = to;
    repair(p);
    e = p.element(id);
    if (!e || alone || !e->group)
        return p;
    const Ground g(p);
    const bool onGround = g.under(from) && g.under(e->baseCm);
    const Vec2 shift = onGround ? g.metres(e->baseCm) - g.metres(from) : e->baseCm - from;
    for (Element& x : p.elements) {
        if (x.id == id || x.group != e->group || x.locked)
            continue;
        if (!onGround || !g.under(x.baseCm)) {
            x.baseCm = x.baseCm + (onGround ? e->baseCm - from : shift);
            continue;
        }
        Vec2 m = g.metres(x.baseCm) + shift;
        m.y = std::max(m.y, kNearest);
        x.baseCm = g.canvas(m);
    }
    repair(p);
    return p;
}

Project withFootMoved(Project p, int id, Vec2 by)
{
    const Element* e = p.element(id);
    if (!e)
        return p;
    const Vec2 to = e->baseCm + by;
    return withFoot(std::move(p), id, to);
}

Project withAltitude(Project p, int id, double altitudeM)
{
    if (Element* e = p.element(id); e && !e->locked)
        e->altitudeM = altitudeM;
    repair(p);
    return p;
}

namespace {
bool ofFoot(const FootWord& w, double at)
{
    return std::abs(w.at - at) < 0.05;
}
} // namespace

Project withFootWord(Project p, int id, const FootWord& word)
{
    Element* e = p.element(id);
    if (!e || e->locked)
        return p;
    std::erase_if(e->feet, [&](const FootWord& w) { return ofFoot(w, word.at); });
    e->feet.push_back(word);
    repair(p);
    return p;
}

Project withoutFootWord(Project p, int id, double at)
{
    if (Element* e = p.element(id); e && !e->locked)
        std::erase_if(e->feet, [&](const FootWord& w) { return ofFoot(w, at); });
    return p;
}

std::optional<FootWord> footWordAt(const Element& e, double at)
{
    const auto found = std::find_if(e.feet.begin(), e.feet.end(), [&](const FootWord& w) { return ofFoot(w, at); });
    return found == e.feet.end() ? std::nullopt : std::optional(*found);
}

Project withTrueHeight(Project p, int id, double heightM)
{
    Element* e = p.element(id);
    if (!e || !(heightM > 0) || !std::isfinite(heightM))
        return p;
    const double k = std::clamp(heightM, 0.01, 2000.0) / e->heightM;
    const int step = e->step;
    for (Element& x : p.elements)
        if (x.id == id || (step && x.step == step))
            x.heightM *= k;
    p.element(id)->heightM = std::clamp(heightM, 0.01, 2000.0);
    repair(p);
    return p;
}

Project withCanvasHeight(Project p, int id, double cm)
{
    const Element* e = p.element(id);
    const Ground g(p);
    if (!e || !g.under(e->baseCm))
        return p;
    const double metres = cm * g.metres(e->baseCm).y / g.focal;
    return withTrueHeight(std::move(p), id, metres);
}

Project withUsual(Project p, int id, const std::string& name)
{
    if (!p.element(id))
        return p;
    const UsualHeight u = usualHeight(p, name);
    if (!u.name.empty())
        p = withTrueHeight(std::move(p), id, u.metres);
    p.element(id)->usual = u.name;
    return p;
}

Project withUsualKept(Project p, int id, const std::string& name)
{
    const Element* e = p.element(id);
    if (!e || name.empty())
        return p;
    const double metres = e->heightM;
    const UsualHeight u{name, metres, 0.8 * metres, 1.25 * metres, usualHeight(p, name).person};
    p = withUsualHeight(std::move(p), u);
    if (Element* x = p.element(id))
        x->usual = u.name;
    return p;
}

Project withPerspectiveFrom(Project p, double cm)
{
    Camera c = p.camera;
    c.fovDegrees = 2 * degrees(std::atan(p.brief.widthCm / 2 / std::max(1.0, cm)));
    return withCamera(std::move(p), c);
}

Project withDepthsSwapped(Project p, int a, int b)
{
    Element *x = p.element(a), *y = p.element(b);
    if (x && y && !x->locked && !y->locked)
        std::swap(x->baseCm.y, y->baseCm.y);
    return p;
}

Project withBaseAt(Project p, int id, int other)
{
    Element* e = p.element(id);
    const Element* o = p.element(other);
    if (e && o && !e->locked)
        e->baseCm.y = o->baseCm.y;
    return p;
}

Project withTopAtHorizon(Project p, int id)
{
    Element* e = p.element(id);
    if (!e || e->locked)
        return p;
    if (e->altitudeM > 0)
        e->altitudeM = p.camera.eyeHeightM - e->heightM;
    else if (p.camera.eyeHeightM - e->altitudeM > 0.01)
        return withTrueHeight(p, id, p.camera.eyeHeightM - e->altitudeM);
    return p;
}

Project withBaseAtHorizon(Project p, int id)
{
    Element* e = p.element(id);
    if (e && !e->locked)
        e->baseCm.y = p.camera.horizonCm + 0.01 * p.brief.heightCm;
    return p;
}

Project withGroup(Project p, const std::vector<int>& ids, const std::string& name)
{
    std::vector<int> known;
    for (const int id : ids)
        if (p.element(id))
            known.push_back(id);
    if (known.size() < 2)
        return p;
    const int group = p.freshId();
    p.groups.push_back({group, name});
    for (const int id : known)
        p.element(id)->group = group;
    std::erase_if(p.groups, [&](const Group& g) {
        return std::none_of(p.elements.begin(), p.elements.end(), [&](const Element& e) { return e.group == g.id; });
    });
    return p;
}

Project withoutGroup(Project p, int group)
{
    for (Element& e : p.elements)
        if (e.group == group)
            e.group = 0;
    std::erase_if(p.groups, [=](const Group& g) { return g.id == group; });
    return p;
}

Project withInStep(Project p, int a, int b, bool inStep)
{
    Element *x = p.element(a), *y = p.element(b);
    if (!x || (inStep && (!y || a == b)))
        return p;
    if (!inStep) {
        const int left = x->step;
        x->step = 0;
        long others = 0;
        for (const Element& e : p.elements)
            others += e.step == left;
        for (Element& e : p.elements)
            if (left && others == 1 && e.step == left)
                e.step = 0; // one alone keeps step with nothing
        return p;
    }
    const int step = y->step ? y->step : x->step ? x->step : p.freshId();
    const int old = x->step;
    for (Element& e : p.elements)
        if (e.id == a || e.id == b || (old && e.step == old))
            e.step = step;
    return p;
}

Project withInside(Project p, int id, int other)
{
    Element* e = p.element(id);
    const Element* o = p.element(other);
    if (e && (other == 0 || (o && other != id && o->inside != id)))
        e->inside = other;
    return p;
}

Element standinOf(Solid solid)
{
    Element e;
    e.delight = 0;
    Standin& s = e.standin;
    s.solid = solid;
    const auto as = [&](const char* name, double height, double wide, double deep) {
        e.name = name, e.heightM = height, s.wide = wide, s.deep = deep;
    };
    switch (solid) {
    case Solid::Shape:
        as("shape", 2, 1, 0.05);
        s.outlines
            = {{{{{-0.4, 0}, false}, {{-0.3, 0.7}, true}, {{0.05, 1}, false}, {{0.35, 0.55}, true}, {{0.4, 0}, false}},
                false}};
        e.form = Form::Card;
        break;
    case Solid::Box:
        as("box", 1, 1, 1);
        break;
    case Solid::Stair:
        as("stair", 1.6, 1.2, 1.6);
        break;
    case Solid::Arch:
        as("arch", 4, 0.9, 0.3);
        e.usual = "gate";
        break;
    case Solid::Column:
        as("column", 4, 0.22, 0.22);
        e.usual = "column";
        break;
    case Solid::Cone:
        as("cone", 1.5, 0.9, 0.9);
        break;
    case Solid::Tent:
        as("tent", 2.2, 1.2, 1.5);
        e.usual = "tent";
        break;
    case Solid::Wheel:
        as("wheel", 1.4, 1, 0.08);
        e.usual = "cart wheel";
        s.count = 10;
        break;
    case Solid::Tree:
        as("tree", 8, 0.7, 0.7);
        e.usual = "tree";
        s.count = 9, s.hue = 125, s.chroma = 22, s.lightness = 45;
        break;
    case Solid::Figure:
        as("figure", 1.75, 0.3, 0.2);
        e.usual = "adult";
        break;
    case Solid::Turned:
        as("vase", 0.6, 0.6, 0.6);
        s.profile = {{{0.13, 0}, false}, {{0.15, 0.03}, true}, {{0.30, 0.42}, true}, {{0.11, 0.82}, true},
            {{0.12, 0.93}, true}, {{0.19, 1}, false}};
        s.wall = 0.03;
        break;
    case Solid::Path:
        as("causeway", 0.15, 1, 1);
        s.path = {{0, 0}, {0.5, 6}, {-1, 14}, {1, 26}};
        break;
    case Solid::None:
        break;
    }
    return e;
}

Project withDuplicate(Project p, int id, Vec2 by)
{
    const Element* found = p.element(id);
    if (!found)
        return p;
    Element e = *found;
    e.id = 0;
    e.cast = 0;
    e.locked = false;
    e.baseCm = e.baseCm + by;
    return withElement(std::move(p), std::move(e));
}

Project withCutoutFor(Project p, int id, int cutout)
{
    Element* e = p.element(id);
    if (!e || !p.cutout(cutout))
        return p;
    if (!e->cutout) { // a photograph has its own light to be taken off, and is no solid to be turned far
        e->delight = 0.7;
        e->yaw = 0;
        e->form = Form::Puffed;
    }
    e->cutout = cutout;
    repair(p);
    return p;
}

Project withStandinShown(Project p, int id)
{
    Element* e = p.element(id);
    if (e && e->standin.solid != Solid::None)
        e->cutout = 0;
    return p;
}

} // namespace rl::edits
