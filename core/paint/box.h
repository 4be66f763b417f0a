#pragma once
#include "core/paint/calibration.h"
#include "core/project/project.h"

namespace rl::paint {

/// A tube of a box as recipes see it.
struct BoxPaint {
    int tube = 0;
    std::string id; ///< the pigment's; "PB29#2" for the second tube of one pigment
    std::string name; ///< the painter's own, or the usual one
    bool calibrated = false;
    double fromTypical = 0; ///< CIEDE2000, see CalibratedPaint
    double left = 0; ///< CIEDE2000 left between patches and fit
    bool drawdown = false;
};
/// A box ready to be mixed from.
struct MixingBox {
    Paints paints;
    std::vector<BoxPaint> tubes; ///< beside the paints
    std::vector<int> leftOut; ///< tubes whose mixes cannot be computed (fluorescent, unknown)
    bool typical() const; ///< some tube is not calibrated
    const BoxPaint* of(std::string_view id) const;
};
/// The chosen tubes of a box, each fitted to its swatches where it has some.
MixingBox mixingBox(const PaintBox& box, bool chosenOnly = true);

/// Those of a box that a work's recipes may hold: all that can be mixed, but no tube of black where the painter's
/// school mixes its darks.
Paints paintsOf(const MixingBox& box, const Brief& brief);

const char* wordOf(PaintMedium medium); ///< "heavy acrylic"
/// The finish that this medium dries to by itself.
Finish finishOf(PaintMedium medium);
/// Twelve tubes of no maker, for the demo and a first box.
PaintBox firstBox();

} // namespace rl::paint
