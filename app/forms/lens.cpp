#include "app/forms/lens.h"
#include "core/project/stage_edits.h"

namespace rl::app::lens {

namespace {
/// A part of the project of which there is one.
template <class O, class Get, class Put> Lens<O> whole(Get get, Put put)
{
    return {[get](const Project& p, const Selection&) -> const O* { return &get(p); },
        [put](Project p, const Selection&, O o) { return put(std::move(p), std::move(o)); }};
}
} // namespace

Lens<Brief> brief()
{
    return whole<Brief>([](const Project& p) -> const Brief& { return p.brief; }, edits::withBrief);
}
Lens<Camera> camera()
{
    return whole<Camera>([](const Project& p) -> const Camera& { return p.camera; }, edits::withCamera);
}
Lens<Backdrop> backdrop()
{
    return whole<Backdrop>([](const Project& p) -> const Backdrop& { return p.backdrop; }, edits::withBackdrop);
}
Lens<Sheets> sheets()
{
    return whole<Sheets>([](const Project& p) -> const Sheets& { return p.sheets; }, edits::withSheets);
}
Lens<MixPlan> mix()
{
    return whole<MixPlan>([](const Project& p) -> const MixPlan& { return p.mix; }, edits::withMix);
}
Lens<PaintBox> paintBox()
{
    return {[](const Project& p, const Selection&) { return p.paintBox(); },
        [](Project p, const Selection&, PaintBox b) { return edits::withPaintBox(std::move(p), std::move(b)); }};
}
Lens<Tube> tube()
{
    return {[](const Project& p, const Selection& s) { return p.tube(s.tube); },
        [](Project p, const Selection&, Tube t) { return edits::withTube(std::move(p), std::move(t)); }};
}
Lens<Guides> guides()
{
    return whole<Guides>([](const Project& p) -> const Guides& { return p.guides; }, edits::withGuides);
}
Lens<Sun> sun()
{
    return whole<Sun>([](const Project& p) -> const Sun& { return p.lights.sun; }, edits::withSun);
}
Lens<Air> air()
{
    return whole<Air>([](const Project& p) -> const Air& { return p.lights.air; }, edits::withAir);
}
Lens<Drift> drift()
{
    return inside(air(), &Air::drift);
}

Lens<Mist> mist()
{
    return {[](const Project& p, const Selection& s) -> const Mist* {
                const auto& all = p.lights.air.mists;
                return s.mist >= 0 && s.mist < int(all.size()) ? &all[std::size_t(s.mist)] : nullptr;
            },
        [](Project p, const Selection& s, Mist m) {
            Air a = p.lights.air;
            if (s.mist >= 0 && s.mist < int(a.mists.size()))
                a.mists[std::size_t(s.mist)] = std::move(m);
            return edits::withAir(std::move(p), std::move(a));
        }};
}

Lens<Lantern> lantern()
{
    return {[](const Project& p, const Selection& s) { return p.lantern(s.lantern); },
        [](Project p, const Selection&, Lantern l) { return edits::withLantern(std::move(p), std::move(l)); }};
}

Lens<LightGroup> lightGroup()
{
    return {[](const Project& p, const Selection& s) -> const LightGroup* {
                const Lantern* l = p.lantern(s.lantern);
                return l ? p.lights.group(l->group) : nullptr;
            },
        [](Project p, const Selection&, LightGroup g) { return edits::withLightGroup(std::move(p), std::move(g)); }};
}

Lens<Element> element()
{
    return {[](const Project& p, const Selection& s) { return p.element(s.element); },
        [](Project p, const Selection&, Element e) { return edits::withElement(std::move(p), std::move(e)); }};
}

namespace {
/// The whole of a relief is a part without an outline; it is there once it has been shaped.
int wholeOf(const Element& e)
{
    for (int i = 0; i < int(e.parts.size()); ++i)
        if (e.parts[std::size_t(i)].outline.empty())
            return i;
    return -1;
}
} // namespace

Lens<ReliefPart> part()
{
    return {[](const Project& p, const Selection& s) -> const ReliefPart* {
                static const ReliefPart untouched{{}, rl::Form::Puffed, false, 0, 0, 1};
                const Element* e = p.element(s.element);
                const int at = e ? (s.part >= 0 ? s.part : wholeOf(*e)) : -1;
                return !e ? nullptr : at >= 0 && at < int(e->parts.size()) ? &e->parts[std::size_t(at)] : &untouched;
            },
        [](Project p, const Selection& s, ReliefPart part) {
            const Element* was = p.element(s.element);
            if (!was)
                return p;
            Element e = *was;
            const int at = s.part >= 0 ? s.part : wholeOf(e);
            if (at >= 0 && at < int(e.parts.size()))
                e.parts[std::size_t(at)] = std::move(part);
            else
                e.parts.insert(e.parts.begin(), std::move(part));
            return edits::withElement(std::move(p), std::move(e));
        }};
}

Lens<Reference> reference()
{
    return {[](const Project& p, const Selection& s) { return p.reference(s.reference); },
        [](Project p, const Selection&, Reference r) { return edits::withReference(std::move(p), std::move(r)); }};
}

} // namespace rl::app::lens
