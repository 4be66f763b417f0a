#pragma once
#include "core/paint/search.h"

namespace rl::paint {

/// A recipe for a wanted colour, with what is to be said of it.
struct Formula {
    Recipe recipe;
    colour::ExactLab lab; ///< opaque, satin, daylight
    double de = 0; ///< CIEDE2000 to the wanted colour
    double sensitivity = 0; ///< see sensitivityOf
    double rank = 0; ///< de, and a little for each paint above two, each fraction and each slip of the hand
};

/// Parts that a brush can measure: ¼, ½, 1, 2 … 24, at most 24 in all.
std::span<const float> partsLadder();
inline constexpr double kMostParts = 24;

struct Wish {
    colour::ExactLab wanted;
    int most = 4; ///< paints in a recipe, 1…4
    bool inParts = false; ///< on the ladder; else any amounts
    int letDown = 0; ///< n > 1: each tube also as 1 part in n of titanium white, where so little of it is wanted
    Effort effort = Effort::Full;
    std::vector<int> only; ///< places in the list that may be used; empty: all
    int count = 5; ///< recipes, at most
};

struct Answer {
    std::vector<Formula>
        formulas; ///< the first is advised; the nearest is always among them; no two of the same paints
    colour::ExactLab reach; ///< the nearest that any amounts of four of them come
    double reachDe = 0;
    std::string missed; ///< where that misses by more than 2: in which direction
    bool mixed = false; ///< the first stands mixed already
    bool hueKept = false; ///< the nearest of all would be a grey or of another hue: set aside
};

/// Recipes for a colour. Empty when the list is or the work was given up.
Answer recipesFor(const Search& search, const Wish& wish, Progress& progress);

} // namespace rl::paint
