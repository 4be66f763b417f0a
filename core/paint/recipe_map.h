#pragma once
#include "core/base/progress.h"
#include "core/base/raster.h"
#include "core/paint/recipes.h"

namespace rl::paint {

/// One mix of the recipe map and where it goes.
struct Puddle {
    int number = 0; ///< what it is called everywhere, 1…; see numbered()
    int element = 0; ///< whose; 0 = the backdrop
    bool light = true; ///< of its light family; else of its shade
    colour::ExactLab wanted; ///< mean of where it goes
    double spread = 0; ///< mean CIEDE2000 of where it goes from its mean
    double share = 0; ///< of the canvas, 0…1
    Vec2 at; ///< px, a place well inside
    Rect box; ///< px
    std::vector<std::pair<int, bool>> also; ///< element and family of what was merged into it
};
/// The whole canvas in a chosen number of mixes, split by element, by light and shade, and by value.
struct RecipeMap {
    Raster<std::uint8_t> which; ///< index of the puddle at each pixel
    std::vector<Puddle> puddles; ///< by value, the lightest first
};
/// \param count 2…64 puddles; fewer come where the picture has fewer colours
/// Light and shade of an element part where its lightness does best (Otsu 1979), where they lie 8 L* apart. Each part
/// is then cut along its widest direction in CIELAB until there are as many as asked, always the one that gains most:
/// area × variance (after Heckbert's median cut, 1982, with variance for range).
RecipeMap recipeMap(const LinearPicture& picture, const IdMap& ids, int count, Progress& progress);

/// The mean colour of a ring about a place, in light. \param from, to its radii, cm \return nothing off the picture
std::optional<colour::ExactLab> colourAbout(
    const LinearPicture& picture, double pixelsPerCm, Vec2 cm, double from, double to);
/// The mean of all puddles of an element's light or shade, and the largest of them; nothing where there are none.
std::optional<std::pair<colour::ExactLab, int>> familyOf(const RecipeMap& map, int element, bool light);

/// Two puddles that nobody could tell apart.
struct Alike {
    int first = 0, second = 0;
    double de = 0; ///< CIEDE2000 between them
    bool twoLights = false; ///< one is light, the other shade of different things: one puddle does two lights' work
};
std::vector<Alike> alike(const RecipeMap& map, double within = 2);

/// The map with the nearest two puddles made one, again and again, until no two lie within that much CIEDE2000; the
/// light of one thing and the shade of another stay apart (see Alike::twoLights).
RecipeMap merged(RecipeMap map, double withinDe);

/// Recipes for all puddles from few tubes: each in parts, tubes that others use already preferred.
/// \return one formula for each puddle, in their order; empty when given up or there are no paints
std::vector<Answer> puddleRecipes(
    const Search& search, const RecipeMap& map, bool inParts, int letDown, Progress& progress);
/// How many puddles each paint is in; those in most are what holds the picture together.
std::vector<std::pair<std::string, int>> sharedPaints(const std::vector<Answer>& recipes);

} // namespace rl::paint
