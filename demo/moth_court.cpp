#include "core/paint/box.h"
#include "core/project/edits.h"
#include "core/stage/drawn.h"
#include "demo/builder.h"
#include "demo/demo_work.h"

namespace rl::demo {

namespace {
void standCourt(Builder& b)
{
    Project& p = b.project;
    p.brief.title = "The Moth Court";
    p.brief.widthCm = 60, p.brief.heightCm = 60;
    p.brief.format = Format::Oval;
    p.brief.ground.support = Support::Panel;
    p.brief.viewingDistanceCm = 150;
    p.camera = {30, 1.55, 60}; // the eye that saw the hall
    const int listener = b.cast("Listener"), keeper = b.cast("Keeper of moths"), orrery = b.cast("Orrery");
    p.backdrop.reference = b.picture("moth_hall");
    const int head = b.cutout("listener", b.picture("listener"), 4);
    const int cloak = b.cutout("moth_cloak", b.picture("moth_cloak"), 4);
    const int brass = b.cutout("orrery", b.picture("orrery"), 3);
    b.element("Orrery", orrery, brass, {29.5, 45.2}, 1.66).material = Material::Gloss;
    b.element("Keeper of moths", keeper, cloak, {42.2, 47.6}, 1.97).form = Form::Column;
    b.project.elements.back().mirrored = true; // towards her
    Element& l = b.element("Listener", listener, head, {17.5, 101.6}, 0.72);
    l.altitudeM = 0.70;
    l.mirrored = true; // towards the court
    l.meaning = 1.5; // a face
    stage::SurfaceCache cache;
    for (const char* name : {"Orrery", "Keeper of moths"})
        p = stage::withFootFound(std::move(p), idOf(p, name), cache);
}

/// One window, one stove, and what flies to the light.
void lightCourt(Project& p)
{
    p.lights.sun.on = false;
    Lantern& window = hung(p, "Window", 7600, {-3.55, 2.6, 8.2}, 3.6, 0.85);
    window.kind = LampKind::Panel;
    window.wide = 1.5, window.high = 2.7, window.facing = 136, window.hidden = true;
    Lantern& stove = hung(p, "Stove", 2200, {2.62, 0.72, 6.3}, 1.6, 0.28);
    stove.radius = 0.16, stove.hidden = true;
    Lantern& moths = hung(p, "Lamp moths", 2600, {0.12, 1.72, 2.2}, 1.3, 0.5);
    moths.kind = LampKind::Swarm;
    moths.count = 18, moths.wide = 1.0, moths.high = 0.55, moths.deep = 1.3, moths.radius = 0.02;
    Lantern& near = hung(p, "Moths beside her", 2500, {0.22, 1.5, 0.72}, 0.6, 0.55);
    near.radius = 0.12, near.hidden = true;
    p.lights.air = {0, 1.0, 0.0, 0.2};
    p.lights.air.glow = 0.6;
    p.lights.air.bounce = 1.2;
}

void tellCourt(Builder& b)
{
    b.idea("Everyone listens to what is not said");
    b.clue("her head is turned away from the court", "Listener", {0.2, 0, 0.6, 0.45});
    b.clue("the feelers stand up", "Keeper of moths", {0.1, 0, 0.8, 0.1});
    b.clue("the orrery stands still", "Orrery");
    b.idea("Night creatures in daylight");
    b.clue("a cloak of moth wings", "Keeper of moths", {0, 0.35, 1, 0.65});
    b.clue("eyes on the cloak look back", "Keeper of moths", {0.2, 0.5, 0.6, 0.4});
    b.clue("a collar of folded wings", "Keeper of moths", {0.2, 0.1, 0.6, 0.15});
    b.fact("eye-spots stand in rows, larger towards the hem", "pattern cut for this picture", "Keeper of moths");
    b.fact("three rings, each with two balls that balance", "turner's drawing made for this picture", "Orrery");
    b.project = edits::withPaintBox(std::move(b.project), paint::firstBox());
}
} // namespace

Result<Project> mothCourt(Progress& progress)
{
    return guarded([&]() -> Result<Project> {
        Builder b(progress);
        standCourt(b);
        if (!b.m_error.sentence.empty())
            return b.m_error;
        lightCourt(b.project);
        tellCourt(b);
        return b.done();
    });
}

} // namespace rl::demo
