#pragma once
#include "core/paint/recipe_map.h"

namespace rl::paint {

/// Which few of the tubes at hand reach a picture best.
struct PaletteChoice {
    std::vector<int> tubes; ///< places in the list, ascending
    double within2 = 0, within4 = 0, within8 = 0; ///< shares of the canvas, CIEDE2000
    double cost = 0; ///< mean of what is missed; hues that turn grey count more
    std::vector<double> without; ///< of each of the tubes: share within 4 when it stays at home
};
/// Tubes are added one by one, then exchanged as long as that helps; the first is the best found, the others do without
/// one of its tubes.
/// \param count 1…12 tubes \return the best ones, first the best, at most `most`; empty when given up
std::vector<PaletteChoice> choosePalette(
    const Search& search, const RecipeMap& map, int count, int most, Progress& progress);

} // namespace rl::paint
