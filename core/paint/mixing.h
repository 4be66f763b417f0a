#pragma once
#include "core/base/finding.h"
#include "core/paint/details.h"
#include "core/paint/medium.h"
#include "core/paint/other_tube.h"
#include "core/paint/quantities.h"

namespace rl::paint {

/// A work mixed from its box: what Mix shows and judges.
struct Mixing {
    MixingBox box;
    RecipeMap map;
    double pixelsPerCm = 1; ///< of the map
    std::vector<Answer> recipes; ///< of each puddle
    Needs needs;
    std::vector<Alike> alike;
    Passage sky;
    double finestCm = 0; ///< the finest that brush and ground hold
    std::vector<FineDetail> fine; ///< what is finer, the thinnest first
    std::vector<OtherTube>
        others; ///< of each puddle: the tube not in the box that brings it nearest, where it is far off
    double darkest = 0, lightest = 100; ///< L* that these paints reach with the wanted finish
    double planDarkest = 0, planLightest = 100; ///< L* of the plan: 1 % and 99 % points
};
/// \param map of another run over the same picture, to be used again; null: made anew \return no recipes where the work
/// has no paint box or it was given up
Mixing mixing(const Project& project, const LinearPicture& picture, const IdMap& ids, double pixelsPerCm,
    const RecipeMap* map, Progress& progress);

/// The ground's tone, inside the paint: what the first coat lies on.
Spectrum groundInside(const Project& project);

/// Share of the canvas whose mixes hold a tube that lies farther than that from its typical one, 0…1.
double shareOffTypical(const Mixing& mixing, double de);

/// Every second pixel as often as the picture has more than that many.
void thinned(LinearPicture& picture, IdMap& ids, double& pixelsPerCm, std::size_t mostPixels);

/// Out of reach, alike, runs out, cannot be blended in time, needs an underlayer, too many layers, too fine for brush
/// or ground, fugitive, fluorescent, sprayed hazard, beyond the range, card missing or old. \param today YYYY-MM-DD;
/// empty: the age of a card is not judged
Findings mixFindings(const Project& project, const Mixing& mixing, const std::string& today = {});

} // namespace rl::paint
