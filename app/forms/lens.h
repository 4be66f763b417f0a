#pragma once
#include "app/desk/selection.h"
#include "core/project/project.h"
#include <functional>

namespace rl::app {

/// Where an owner of fields sits in the project. get() is null when nothing of it is held: its fields are then not
/// shown. put() is a pure edit.
template <class O> struct Lens {
    std::function<const O*(const Project&, const Selection&)> get;
    std::function<Project(Project, const Selection&, O)> put;
};

/// The lens of a part of an owner.
template <class O, class P> Lens<P> inside(const Lens<O>& outer, P O::*part)
{
    return {[=](const Project& p, const Selection& s) -> const P* {
                const O* o = outer.get(p, s);
                return o ? &(o->*part) : nullptr;
            },
        [=](Project p, const Selection& s, P value) {
            const O* was = outer.get(p, s);
            if (!was)
                return p;
            O o = *was;
            o.*part = std::move(value);
            return outer.put(std::move(p), s, std::move(o));
        }};
}

/// The lenses of this project.
namespace lens {
Lens<Brief> brief();
Lens<Camera> camera();
Lens<Backdrop> backdrop();
Lens<Sheets> sheets();
Lens<Guides> guides();
Lens<Sun> sun();
Lens<Air> air();
Lens<Drift> drift();
Lens<Mist> mist(); ///< the held one
Lens<Lantern> lantern(); ///< the held one
Lens<LightGroup> lightGroup(); ///< the held lantern's
Lens<Element> element(); ///< the held one
Lens<ReliefPart> part(); ///< the held one of the held element, or the whole of it
Lens<Reference> reference(); ///< the held one
Lens<MixPlan> mix();
Lens<Tube> tube(); ///< the held one
Lens<PaintBox> paintBox(); ///< the one in use
} // namespace lens

} // namespace rl::app
