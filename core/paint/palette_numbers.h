#pragma once
#include "core/paint/recipe_map.h"
#include "core/project/project.h"

namespace rl::paint {

/// The map with the numbers its puddles have in a work. A puddle of one thing's light or shade whose colour is still
/// within CIEDE2000 12 of one that has a number keeps it, the nearest first; those that are mixed choose before the
/// others. The rest get the lowest free numbers, the lightest first. The same map and work give the same numbers.
RecipeMap numbered(RecipeMap map, const Project& project);

/// What a work is to keep of them: the numbered puddles of its take, those of other takes, and what is mixed.
std::vector<KnownPuddle> keptNumbers(const RecipeMap& map, const Project& project);

/// What a work knows of a numbered puddle; null: nothing.
const KnownPuddle* knownPuddle(const Project& project, int number);

/// A puddle stands mixed with a recipe, and stays so whatever the picture becomes; an empty recipe: it does not.
/// \param map numbered
Project withMixed(Project project, const RecipeMap& map, int number, const std::string& recipe);

/// All numbers of the take anew: the lightest is 1. What is mixed keeps its recipe.
Project numberedAnew(Project project, const RecipeMap& map);

/// Place of a number in the map, −1: it is not there.
int placeOf(const RecipeMap& map, int number);

} // namespace rl::paint
