#include "core/paint/box.h"
#include "core/project/edits.h"
#include "core/project/stage_edits.h"
#include "core/project/takes.h"
#include "core/stage/drawn.h"
#include "core/stage/kin.h"
#include "core/stage/solids.h"
#include "demo/builder.h"
#include "demo/demo_work.h"

namespace rl::demo {

namespace {
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
    hung(p, "Pole lantern", 2700, {2.66, 3.56, 9.0}, 2.4, 0.42).radius = 0.14;
    hung(p, "Rakers' lamp", 3400, {-4.5, 1.15, 6.1}, 2, 0.8).radius = 0.06;
    p.lights.air = {58, 1.0, 0.8, 0.6};
    p.lights.air.darks = 0.06;
}

/// What it has to tell, by what, and what must be right.
void tellCaravan(Builder& b)
{
    b.idea("A long journey");
    b.clue("bundle on his back", "Lamplighter", {0.02, 0.14, 0.17, 0.19});
    b.clue("a house on a beast", "Tea house");
    b.clue("pylons to the horizon", "Far pylon");
    b.idea("Somebody keeps the light");
    b.clue("lantern held out", "Lamplighter", {0.78, 0.04, 0.22, 0.2});
    b.clue("stilts over the wet", "Lamplighter", {0.05, 0.72, 0.5, 0.28});
    b.idea("The sea comes back");
    b.clue("a kite tells the wind", "Kite");
    b.clue("salt raked before the tide", "Salt heap");
    b.clue("rake left standing", "Salt heap", {0.3, 0, 0.3, 0.35});
    b.fact("four feet, each with a flat sole", "our own clay model, third sheet", "Tortoise");
    b.fact("both hands on the pole, the right one lower", "pose sketch of the first week", "Lamplighter");
    b.fact("two cross-arms, the upper one shorter", "survey drawing made for this picture", "Near pylon");
    b.project.brief.ground.threadsPerCm = 12;
    PaintBox box = paint::firstBox();
    for (Tube& t : box.tubes)
        if (t.pigment == "PR254")
            t.leftMl = 14; // enough for the lamplighter's coat
    b.project = edits::withPaintBox(std::move(b.project), std::move(box));
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

/// The cure of each planted fault: lit from one side, one row of pylons that stands free, salt that keeps to its place,
/// a kite no larger than its pixels carry, and a lead that is read first.
void putRight(Project& p)
{
    const auto stand = [&](const char* name, Vec2 footCm) { p = edits::withFoot(std::move(p), idOf(p, name), footCm); };
    p = edits::withMirrored(std::move(p), idOf(p, "Tea house"));
    Element& house = *p.element(idOf(p, "Tea house"));
    house.baseCm.x -= 16.3; // it turned about its foot, which is not in its middle
    house.tone.b = 10, house.tone.amount = 1, house.tone.darkTo = 22; // her darks in the air between
    house.heightM *= 0.92;
    p.element(idOf(p, "Lamplighter"))->tone.saturation = 1.85;
    p.lights.lanterns[0].strength = 0.75; // who carries the light is seen first
    Element& beast = *p.element(idOf(p, "Tortoise"));
    beast.tone.b = 11, beast.tone.amount = 1;
    stand("Far pylon", {69.3, 28.85});
    stand("Middle pylon", {74.3, 29.9});
    stand("Near pylon", {82.9, 31.7});
    Element& kite = *p.element(idOf(p, "Kite"));
    kite.heightM = 0.85, kite.altitudeM = 7.6;
    stand("Kite", {50.5, 33.4});
    Element& salt = *p.element(idOf(p, "Salt heap"));
    salt.heightM = 0.8, salt.tone.lightTo = 86, salt.tone.amount = 1;
    stand("Salt heap", {11.5, 49});
    Lantern& rakers = p.lights.lanterns[1];
    rakers.strength = 0.24, rakers.position = {-4.25, 1.0, 7.3};
    p.lights.air.halfContrastM = 85;
    Lantern& tea = hung(p, "Tea lamp", 2300, {-2.55, 3.6, 13.3}, 1.4, 0.2);
    tea.within = idOf(p, "Tea house"), tea.radius = 0.1, tea.hidden = true;
}

/// More arrangements: the cure of this one, one thought further with stand-ins, one tried and set aside.
void takesOfCaravan(Project& p)
{
    const auto id = [&](const char* name) { return idOf(p, name); };
    p = edits::withGroup(std::move(p), {id("Tortoise"), id("Tea house")}, "the tortoise and her house");
    p.lights.lanterns[0].carriedBy = id("Lamplighter"); // his pole lantern goes where he goes
    p = takes::withDuplicate(std::move(p), "put right");
    const int first = p.takes.front().id;
    p = takes::withName(std::move(p), first, "as first thought");
    putRight(p);
    p = takes::withCurrent(std::move(p), first);
    p = takes::withDuplicate(std::move(p), "a way across");
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
    p = takes::withVote(std::move(p), "Ilse", "C", "the way leads me in");
    p = takes::withVote(std::move(p), "Oren", "B", "quieter, and it holds together");
}
} // namespace

Result<Project> lowTideCaravan(Progress& progress)
{
    return guarded([&]() -> Result<Project> {
        Builder b(progress);
        standCaravan(b);
        if (!b.m_error.sentence.empty())
            return b.m_error;
        lightCaravan(b.project);
        tellCaravan(b);
        takesOfCaravan(b.project);
        return b.done();
    });
}

Result<Project> caravanPutRight(Progress& progress)
{
    auto made = lowTideCaravan(progress);
    if (!made)
        return made;
    Project p = made.take();
    for (const Take& t : p.takes)
        if (t.name == "put right") {
            const int id = t.id;
            return takes::withCurrent(std::move(p), id);
        }
    return p;
}

} // namespace rl::demo
