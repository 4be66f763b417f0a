#include "core/paint/other_tube.h"

namespace rl::paint {

OtherTube otherTube(const MixingBox& box, const colour::ExactLab& wanted, double reachDe)
{
    constexpr double kWorth = 0.67;
    OtherTube best{"", kWorth * reachDe};
    Paints with = box.paints;
    with.push_back({});
    for (const Pigment& p : pigments()) {
        if (!p.optics || p.fugitive || paintOf(box.paints, p.id))
            continue;
        with.back() = {p.id, *p.optics};
        const auto found = Search(with).best(wanted, 3, Effort::Moving);
        if (!found.fits.empty() && found.fits[0].de < best.de)
            best = {p.id, found.fits[0].de};
    }
    return best;
}

} // namespace rl::paint
