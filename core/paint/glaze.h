#pragma once
#include "core/base/progress.h"
#include "core/paint/recipe.h"

namespace rl::paint {

/// Thin coats of one kind.
struct GlazeKind {
    double wetUm = 40; ///< of each coat
    double mediumParts = 5;
    double dryHours = 0.5; ///< before the next
};
/// One way from what is there to what is wanted.
struct GlazePlan {
    std::string paint;
    GlazeKind kind;
    int coats = 0;
    std::vector<colour::ExactLab> after; ///< each coat, as seen
    double de = 0; ///< CIEDE2000 to the wanted colour after the last
    double shows = 0; ///< share of the underlayer's difference from the glaze that still shows, 0…1
    double uneven = 0; ///< CIEDE2000 between a last coat of 0.6 and of 1.5 times the film, as a brush leaves them
    double hours = 0; ///< of drying
    int whiteFirst = 0; ///< coats of titanium white that must go under it
};
inline constexpr int kMostCoats = 12;
/// Brushed coats are uneven: what a coat of 0.6 and of 1.5 times the thickness looks like.
std::array<colour::ExactLab, 2> unevenness(const Optics& glaze, const GlazeKind& kind, const Spectrum& under);
/// Every paint on its own, 1 to 12 coats over the underlayer, and over white where the underlayer forbids it; the
/// nearest first. \param under reflectance inside
std::vector<GlazePlan> glazesTo(const Paints& paints, const Spectrum& under, const colour::ExactLab& wanted,
    const GlazeKind& kind, Progress& progress);

/// Coats of this paint until the underlayer is gone: the first n whose thinnest places (0.6 of the film, as in the
/// trough of a brush mark) lie within 1.5 CIEDE2000 of the opaque paint. \return 0 where more than 12 are needed
int coatsToHide(const Optics& paint, double wetUm, const Spectrum& under);

/// Light strokes over dark: how much of the ground they must cover.
struct Strokes {
    double share = 0; ///< of the ground, 0…1; below 0 or above 1: these two paints cannot give that value
    double perCm = 0; ///< strokes side by side across 1 cm
    double gapMm = 0; ///< between two strokes
    double arcMinutes = 0; ///< one stroke and gap, from the viewing distance; under 2 the eye mixes them
    bool mixes = false;
};
/// Areas mix as light does: the mean of luminances. Source: Murray-Davies (1936). \param brushMm a stroke's width
Strokes strokesFor(double overL, double underL, double wantedL, double brushMm, double distanceCm);

} // namespace rl::paint
