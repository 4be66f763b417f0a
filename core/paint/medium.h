#pragma once
#include "core/base/finding.h"
#include "core/paint/box.h"
#include "core/paint/recipe_map.h"

namespace rl::paint {

/// What is usually true of a medium; ranges of makers and habits, not measurements.
struct MediumSpec {
    PaintMedium medium = PaintMedium::AcrylicHeavy;
    double openMinutes = 12; ///< that a brushed film can be moved
    int layers = 8; ///< that it takes before it seals or cracks
    double finestMm = 0.5; ///< the smallest mark a fine brush makes in it
    bool lifts = false; ///< dissolves again when it is touched wet
    const char* longer = ""; ///< how to keep it open longer, with its trade
};
const MediumSpec& specOf(PaintMedium medium);

/// "acrylic", "gouache", "oil" or "watercolour": its name in the table of layers.
const char* familyOf(PaintMedium medium);

/// What may go over what. Source: the table layers.csv, which can be added to.
struct LayerRule {
    std::string over, under; ///< "oil", "acrylic"
    bool allowed = true;
    std::string reason;
};
const std::vector<LayerRule>& layerRules();
/// The rule for one over the other; null where nothing is said.
const LayerRule* layerRule(std::string_view over, std::string_view under);

/// A long smooth passage of the backdrop that has to be blended.
struct Passage {
    Rect at; ///< cm
    double lengthCm = 0; ///< along the change
    double de = 0; ///< CIEDE2000 between its ends
    int bands = 0; ///< at steps of 2
    double minutes = 0; ///< to lay two neighbouring bands
};
/// From the top of the backdrop down to where its colour stops changing one way; empty length: no such passage.
Passage skyPassage(const LinearPicture& picture, const IdMap& ids, double pixelsPerCm, double paceCmPerMinute);

} // namespace rl::paint
