#include "demo/demo_work.h"
#include "core/cutout/cut.h"
#include "core/paint/box.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/stage/drawn.h"
#include "core/stage/kin.h"
#include "core/stage/solids.h"
#include "store/stored_picture.h"
#include <QFile>
#include <nlohmann/json.hpp>

static void openDemoResources()
{
    Q_INIT_RESOURCE(demo);
}

namespace rl::demo {

namespace {
std::vector<unsigned char> resource(const QString& name)
{
    QFile file(":/demo/" + name);
    if (!file.open(QIODevice::ReadOnly))
        return {};
    const QByteArray bytes = file.readAll();
    return {bytes.begin(), bytes.end()};
}

/// Builds the work step by step; stops at the first thing that fails.
class Builder {
public:
    explicit Builder(Progress& progress)
        : m_progress(progress)
    {
    }
    int picture(const char* name, Permission permission = Permission::Own)
    {
        auto read = store::readPicture(
            std::make_shared<const std::vector<unsigned char>>(resource(QString("pictures/%1.jpg").arg(name))));
        if (!read) {
            m_error = read.error();
            return 0;
        }
        const store::ReadPicture p = read.take();
        Reference r = store::referenceOf(name, p);
        r.id = project.freshId();
        r.credit = permission == Permission::Own ? "made for this demo" : "";
        r.permission = permission;
        project.references.push_back(std::move(r));
        return project.lastId;
    }
    int cutout(const char* name, int reference, double bandPx)
    {
        Cutout c;
        c.id = project.freshId();
        c.reference = reference;
        c.bandPx = bandPx;
        const auto bytes = resource(QString("outlines/%1.json").arg(name));
        const auto json = nlohmann::json::parse(bytes.begin(), bytes.end(), nullptr, false);
        std::vector<cutout::Loop> loops;
        if (!json.is_object()) {
            m_error = {Kind::Missing, "A demo outline is missing.", name};
            return 0;
        }
        for (const auto& piece : json.value("pieces", nlohmann::json::array())) {
            Outline o;
            cutout::Loop loop;
            o.hole = loop.hole = piece.value("hole", false);
            for (const auto& p : piece["points"]) {
                o.points.push_back({{p[0].get<double>(), p[1].get<double>()}, false});
                loop.nodes.push_back({o.points.back().at, false});
            }
            c.pieces.push_back(std::move(o));
            loops.push_back(std::move(loop));
        }
        if (const Reference* r = project.reference(reference))
            c.alpha = cutout::cut(r->pixels, {loops, {}, {}}, {bandPx, 2.0}, m_progress).alpha;
        project.cutouts.push_back(std::move(c));
        return project.lastId;
    }
    int cast(const char* name)
    {
        project.brief.cast.push_back({project.freshId(), name});
        return project.lastId;
    }
    Element& element(const char* name, int cast, int cutout, Vec2 baseCm, double heightM)
    {
        Element e;
        e.id = project.freshId();
        e.name = name;
        e.cast = cast;
        e.cutout = cutout;
        e.baseCm = baseCm;
        e.footShare = 0.5; // set by hand; the foot is found below, the picture staying where it is
        e.heightM = heightM;
        project.elements.push_back(e);
        return project.elements.back();
    }
    Project project;
    Error m_error{Kind::Internal, "", ""};

private:
    Progress& m_progress;
};

void standCaravan(Builder& b)
{
    Project& p = b.project;
    p.brief.title = "Low Tide Caravan";
    p.brief.widthCm = 90, p.brief.heightCm = 60;
    p.brief.viewingDistanceCm = 220;
    p.camera = {27, 1.9, 52};
    const int lamplighter = b.cast("Lamplighter"), tortoise = b.cast("Tortoise"), house = b.cast("Tea house"),
              pylons = b.cast("Pylons");
    p.backdrop.reference = b.picture("flat_dusk");
    b.picture("flat_grey");
    const int figureCut = b.cutout("lamplighter", b.picture("lamplighter"), 5);
    const int tortoiseCut = b.cutout("tortoise", b.picture("tortoise"), 5);
    const int houseCut = b.cutout("tea_house", b.picture("tea_house"), 4);
    const int pylonCut = b.cutout("pylon", b.picture("pylon", Permission::ToAsk), 4);
    const int heapCut = b.cutout("salt_heap", b.picture("salt_heap"), 5);
    const int kiteCut = b.cutout("kite", b.picture("kite"), 3);
    b.element("Far pylon", pylons, pylonCut, {50.9, 28.7}, 9.0).form = Form::Slab;
    Element& middle = b.element("Middle pylon", pylons, pylonCut, {75.2, 29.8}, 9.2);
    middle.form = Form::Slab;
    middle.mirrored = true;
    b.element("Near pylon", pylons, pylonCut, {86.4, 31.6}, 9.2).form = Form::Slab;
    Element& teaHouse = b.element("Tea house", house, houseCut, {27.6, 39.9}, 2.75);
    teaHouse.altitudeM = 2.5;
    teaHouse.form = Form::Slab;
    b.element("Tortoise", tortoise, tortoiseCut, {27.4, 40.2}, 3.1);
    b.element("Lamplighter", lamplighter, figureCut, {63.6, 45.4}, 4.2);
    b.element("Salt heap", 0, heapCut, {1.2, 50.5}, 0.95);
    Element& kite = b.element("Kite", 0, kiteCut, {82.4, 33.4}, 1.15);
    kite.altitudeM = 7.27;
    kite.form = Form::Card;
    stage::SurfaceCache cache;
    for (std::size_t i = 0; i < p.elements.size(); ++i)
        p = stage::withFootFound(std::move(p), p.elements[i].id, cache);
}

void lightCaravan(Project& p)
{
    p.lights.sun = {true, 318, 7, 2.0, 2700, 0.30};
    Lantern pole;
    pole.id = p.freshId();
    pole.name = "Pole lantern";
    pole.kelvin = 2700;
    pole.reference = 2.4;
    pole.strength = 0.42;
    pole.radius = 0.14;
    pole.position = {2.66, 3.56, 9.0};
    Lantern rakers;
    rakers.id = p.freshId();
    rakers.name = "Rakers' lamp";
    rakers.kelvin = 3400;
    rakers.reference = 2;
    rakers.strength = 0.8;
    rakers.radius = 0.06;
    rakers.position = {-4.5, 1.15, 6.1};
    p.lights.lanterns = {pole, rakers};
    p.lights.air = {58, 1.0, 0.8, 0.6};
    p.lights.air.darks = 0.06;
}

/// What it has to tell, by what, and what must be right.
void tellCaravan(Project& p)
{
    const auto idea = [&](const char* words) { p.brief.ideas.push_back({p.freshId(), words, {}}); };
    const auto clue = [&](const char* words, const char* element, Rect part) {
        for (const Element& e : p.elements)
            if (e.name == std::string(element)) {
                p.brief.ideas.back().clues.push_back({p.freshId(), words, e.cast, e.id, part});
                return;
            }
    };
    idea("A long journey");
    clue("bundle on his back", "Lamplighter", {0.02, 0.14, 0.17, 0.19});
    clue("a house on a beast", "Tea house", {});
    clue("pylons to the horizon", "Far pylon", {});
    idea("Somebody keeps the light");
    clue("lantern held out", "Lamplighter", {0.78, 0.04, 0.22, 0.2});
    clue("stilts over the wet", "Lamplighter", {0.05, 0.72, 0.5, 0.28});
    idea("The sea comes back");
    clue("a kite tells the wind", "Kite", {});
    clue("salt raked before the tide", "Salt heap", {});
    clue("rake left standing", "Salt heap", {0.3, 0, 0.3, 0.35});
    const auto fact = [&](const char* words, const char* source, const char* element) {
        for (const Element& e : p.elements)
            if (e.name == std::string(element))
                p.brief.facts.push_back({p.freshId(), words, source, e.id, false});
    };
    fact("four feet, each with a flat sole", "our own clay model, third sheet", "Tortoise");
    fact("both hands on the pole, the right one lower", "pose sketch of the first week", "Lamplighter");
    fact("two cross-arms, the upper one shorter", "survey drawing made for this picture", "Near pylon");
    p.brief.ground.threadsPerCm = 12;
    p = edits::withPaintBox(std::move(p), paint::firstBox());
}

int stand(Project& p, Solid solid, const char* name, Vec2 baseCm, double heightM)
{
    Element e = edits::standinOf(solid);
    e.name = name;
    e.baseCm = baseCm;
    e.heightM = heightM;
    p = edits::withElement(std::move(p), e);
    return p.elements.back().id;
}

/// Two more arrangements: one thought further with stand-ins, one tried and set aside.
void takesOfCaravan(Project& p)
{
    const auto id = [&](const char* name) {
        for (const Element& e : p.elements)
            if (e.name == name)
                return e.id;
        return 0;
    };
    p = edits::withGroup(std::move(p), {id("Tortoise"), id("Tea house")}, "the tortoise and her house");
    p.lights.lanterns[0].carriedBy = id("Lamplighter"); // his pole lantern goes where he goes
    p = takes::withDuplicate(std::move(p), "a way across");
    const int first = p.takes.front().id;
    p = edits::withFoot(std::move(p), id("Lamplighter"), {33, 47.5}, true);
    p = edits::withFoot(std::move(p), id("Tortoise"), {60, 38.5});
    p = edits::withoutElement(std::move(p), id("Near pylon"));
    const int way = stand(p, Solid::Path, "Causeway", {52, 59}, 0.2);
    p.element(way)->standin.path = {{0, 0}, {0.2, 3}, {-0.6, 9}, {1.2, 18}, {0.5, 34}, {4, 60}};
    p.element(way)->standin.pathWidthM = 1.1;
    const int raker = stand(p, Solid::Figure, "Raker", {78, 44}, 1.65);
    p.element(raker)->standin.pose = stage::poseOf(stage::Stance::Walking);
    p.element(raker)->yaw = -70;
    p.element(raker)->usual = "adult";
    const int jar = stand(p, Solid::Turned, "Glass jar", {17, 57}, 0.75);
    p.element(jar)->standin.profile = stage::profileOf(stage::Turning::Jar);
    p.element(jar)->material = Material::Glass;
    p.lights.lanterns[0].position = {-0.14, 3.6, 8.6};
    p = takes::withDuplicate(std::move(p), "a row of pylons");
    const int third = p.take;
    stage::KinWish row{id("Middle pylon"), 5, stage::Spread::Depth, {{-9, 26}, {-3, 120}}, 30, 0.2, true, 0.1, 3};
    p = stage::withKin(std::move(p), row);
    p = takes::withCurrent(std::move(p), first);
    p = takes::withAside(std::move(p), third, "the row reads as a fence");
    p = takes::withVote(std::move(p), "Ilse", "B", "the way leads me in");
    p = takes::withVote(std::move(p), "Oren", "A", "quieter");
}
} // namespace

Result<Project> lowTideCaravan(Progress& progress)
{
    return guarded([&]() -> Result<Project> {
        openDemoResources();
        Builder b(progress);
        standCaravan(b);
        if (!b.m_error.sentence.empty())
            return b.m_error;
        lightCaravan(b.project);
        tellCaravan(b.project);
        takesOfCaravan(b.project);
        repair(b.project);
        return b.project;
    });
}

} // namespace rl::demo
