#include "core/project/hold.h"
#include <cmath>

namespace rl {

namespace {
template <class V> auto* found(V& items, int id)
{
    for (auto& item : items)
        if (item.id == id)
            return &item;
    return decltype(&items.front())(nullptr);
}
} // namespace

const LightGroup* Lights::group(int id) const
{
    return found(groups, id);
}
bool Lights::burns(const Lantern& l) const
{
    const LightGroup* g = group(l.group);
    return l.on && l.strength > 0 && (!g || g->on);
}
double Lights::strengthOf(const Lantern& l) const
{
    const LightGroup* g = group(l.group);
    return l.strength * (g ? std::exp2(g->stops) : 1.0);
}

const Reference* Project::reference(int id) const
{
    return found(references, id);
}
const Cutout* Project::cutout(int id) const
{
    return found(cutouts, id);
}
const Element* Project::element(int id) const
{
    return found(elements, id);
}
const Lantern* Project::lantern(int id) const
{
    return found(lights.lanterns, id);
}
const Group* Project::group(int id) const
{
    return found(groups, id);
}
const PaintBox* Project::paintBox() const
{
    for (const PaintBox& b : boxes)
        if (b.id == mix.box)
            return &b;
    return boxes.empty() ? nullptr : &boxes.front();
}
const Tube* Project::tube(int id) const
{
    for (const PaintBox& b : boxes)
        for (const Tube& t : b.tubes)
            if (t.id == id)
                return &t;
    return nullptr;
}
const Take* Project::takeOf(int id) const
{
    return found(takes, id);
}
const CastMember* Project::castMember(int id) const
{
    return found(brief.cast, id);
}
Element* Project::element(int id)
{
    return found(elements, id);
}
Lantern* Project::lantern(int id)
{
    return found(lights.lanterns, id);
}
Cutout* Project::cutout(int id)
{
    return found(cutouts, id);
}

int firstToHold(const Project& p)
{
    for (const CastMember& m : p.brief.cast)
        for (const Element& e : p.elements)
            if (e.cast == m.id)
                return e.id;
    return p.elements.empty() ? 0 : p.elements.back().id;
}

} // namespace rl
