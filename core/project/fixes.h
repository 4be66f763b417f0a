#pragma once
#include "core/base/words.h"
#include "core/project/stage_edits.h"

/// Fixes of findings, made of the same edits as a drag.
namespace rl::fixes {

/// One that moves an element, its group with it; none for what is locked in its place.
inline std::optional<Fix> moves(const Element& e, std::string label, std::function<Project(Project)> apply)
{
    return e.locked ? std::nullopt : std::optional(Fix{std::move(label), std::move(apply)});
}
/// Its foot to another place, cm.
inline std::optional<Fix> foot(const Element& e, std::string label, Vec2 to)
{
    return moves(e, std::move(label), [id = e.id, to](Project p) { return edits::withFoot(std::move(p), id, to); });
}
inline std::optional<Fix> shift(const Element& e, std::string label, Vec2 by)
{
    return foot(e, std::move(label), e.baseCm + by);
}
inline Fix trueHeight(const Element& e, std::string label, double metres)
{
    return {
        std::move(label), [id = e.id, metres](Project p) { return edits::withTrueHeight(std::move(p), id, metres); }};
}
inline Fix mirror(const Element& e)
{
    return {tr("Mirror it"), [id = e.id](Project p) { return edits::withMirrored(std::move(p), id); }};
}
inline Fix ownLightOff(const Element& e)
{
    return {tr("Take its own light off wholly"),
        [id = e.id](Project p) { return edits::withDelight(std::move(p), id, 1); }};
}
/// Changes the air.
inline Fix air(std::string label, std::function<void(Air&)> change)
{
    return {std::move(label), [change](Project p) {
                Air a = p.lights.air;
                change(a);
                return edits::withAir(std::move(p), a);
            }};
}

} // namespace rl::fixes
