#pragma once
#include "core/paint/box.h"
#include "core/paint/recipe_map.h"

namespace rl::paint {

/// ml of mixed paint: area × film × coats × (1 + loss); 1 µm wet is 1 ml on a square metre.
double millilitres(double areaCm2, double wetUm, int coats, double loss);
inline constexpr double kLeastMl = 2; ///< less cannot be mixed to a colour again

/// What one puddle needs.
struct PuddleNeed {
    double ml = 0; ///< mixed, all coats
    std::vector<std::pair<std::string, double>> tubes; ///< ml of each tube, let-downs taken apart
};
/// What one tube has to give.
struct TubeNeed {
    int tube = 0; ///< its id
    std::string id;
    double ml = 0, leftMl = 0;
    int runsOutInCoat = 0; ///< 0: it lasts
    double missingMl = 0;
    double cost = 0; ///< of what is needed, in the painter's money; 0 where no price is said
};
struct Needs {
    std::vector<PuddleNeed> puddles;
    std::vector<TubeNeed> tubes; ///< those that are used, the most first
    double ml = 0, cost = 0;
};
/// \param first formula of each puddle, null where there is none
Needs needsOf(const std::vector<Answer>& recipes, const RecipeMap& map, const MixingBox& box, const PaintBox& tubes,
    const MixPlan& plan, double canvasCm2);

} // namespace rl::paint
