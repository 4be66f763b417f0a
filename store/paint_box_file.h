#pragma once
#include "core/base/result.h"
#include "core/paint/calibration.h"
#include <filesystem>

namespace rl::store {

/// What was read of a swatch card.
struct SwatchCard {
    std::vector<paint::Swatches> swatches;
    double sigmaLab = 1; ///< noise of a reading, CIELAB
    paint::Finish finish = paint::Finish::Satin;
};
/// From JSON, {"swatches": [{"paint", "masstone_lab", "tint_1_2_lab", "tint_1_10_lab", "drawdown": {"wet_um",
/// "white_lab", "black_lab", "white_card_external", "black_card_external"}}], "sigma_lab", "finish"}, or from a CGATS
/// text whose SAMPLE_ID is PAINT/masstone, PAINT/2, PAINT/10. At most 1 MB.
Result<SwatchCard> readSwatches(const std::filesystem::path& file);
/// The CGATS text itself: LAB_L, LAB_A, LAB_B or reflectances SPECTRAL_380 …, 0…1 or 0…100.
/// Source: ISO 28178 (exchange format for colour data), as far as measured patches need it.
Result<SwatchCard> swatchesFromCgats(std::string_view text);

/// Calibrated paints with their K and S, as `lantern mix --box` reads them.
Result<Done> writePaintBox(const std::vector<paint::CalibratedPaint>& paints, const std::filesystem::path& file);
Result<paint::Paints> readPaintBox(const std::filesystem::path& file);

} // namespace rl::store
