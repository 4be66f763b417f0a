#pragma once
#include "core/base/progress.h"
#include "core/paint/pigments.h"

namespace rl::paint {

/// What was read of one painted patch: CIELAB (D65), or its reflectance (0…1) where a spectrum is known.
struct Reading {
    colour::ExactLab lab;
    std::optional<Spectrum> spectrum;
};

/// A tube's patches on the swatch card; any may be missing but one.
struct Swatches {
    std::string paint; ///< pigment's id
    std::optional<Reading> masstone; ///< opaque, as from the tube
    std::optional<Reading> tint2, tint10; ///< 1 part in 2 and in 10 of the painter's own titanium white
    double wetUm = 0; ///< of the drawdown, µm of wet film (about half the gap of the bar); 0: none
    double whiteCard = 0.80, blackCard = 0.023; ///< what the card of the drawdown reflects, as seen, 0…1
    std::optional<Reading> overWhite, overBlack; ///< the drawdown on its white and on its black
};

struct CalibratedPaint {
    Paint paint; ///< as fitted
    double fromTypical = 0; ///< CIEDE2000 of the 1 : 10 tint (masstone where there is none) from the typical paint's
    double left = 0; ///< CIEDE2000 left between the patches and the fit, the worst
    bool drawdown = false; ///< its strength in glazes is known, not only typical
};

/// Fits K and S of each tube to its patches: 7 spline coefficients on ln K and 4 on ln S, held near the typical curves.
/// White is fitted first; tints are taken in it. Without a drawdown of known thickness the strength of thin films stays
/// typical, since only S times thickness can be seen.
/// \param sigmaLab noise of a reading, CIELAB: about 1 from a photograph, 0.4 from a colour reader
/// \return an Error when a paint is unknown or has no patch; paints in the order given
/// Source: two-constant Kubelka-Munk; damped Gauss-Newton; B-splines after de Boor (1978).
Result<std::vector<CalibratedPaint>> calibrated(
    const std::vector<Swatches>& swatches, double sigmaLab, Finish finish, Progress& progress);

} // namespace rl::paint
