#include "core/stage/wanted.h"

namespace rl::stage {

cutout::Loop loopOf(const Outline& o)
{
    cutout::Loop loop;
    loop.hole = o.hole;
    for (const OutlinePoint& p : o.points)
        loop.nodes.push_back({p.at, p.curved});
    return loop;
}

cutout::Wanted wantedOf(const Cutout& c)
{
    cutout::Wanted wanted;
    for (const Outline& o : c.pieces)
        wanted.loops.push_back(loopOf(o));
    wanted.strokes = c.strokes;
    for (const PlainGround& g : c.grounds)
        wanted.grounds.emplace_back(g.at, g.tolerance);
    return wanted;
}

} // namespace rl::stage
