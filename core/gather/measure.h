#pragma once
#include "core/base/progress.h"
#include "core/colour/lab.h"
#include "core/gather/vanishing.h"
#include "core/project/project.h"
#include "core/relief/photo_light.h"
#include <array>

namespace rl::gather {

struct Swatch {
    Rgb8 colour;
    double share = 0; ///< of the pixels looked at, 0…1
};

/// The light of one thing in a photograph.
struct FigureLight {
    Rect box; ///< shares of the picture
    PictureLight light;
    double azimuthHalf = 90, azimuthMost = 180; ///< degrees: half, and nine in ten, of such readings are nearer
};

inline constexpr int kMeasuredPx = 1600; ///< longest side of what is measured
/// A copy of at most so many pixels on its longer side: means over areas.
Photo atMost(const Photo& picture, int longest);

/// What a photograph measures. Worked out on a copy of at most 1600 px, but for sharpness and noise.
struct PictureMeasure {
    PictureLight light; ///< of the thing cut out of it, or of what seems to be the figure; confidence 0 = cannot tell
    bool lightOfCutout = false; ///< measured on a cut-out; otherwise on a guess at what is the figure
    std::vector<FigureLight> figures; ///< the cut-out, or up to three figures that were found; the surest first
    double softness = 0.5; ///< share of light that comes from everywhere, 0 = one hard light, 1 = flat
    double lightKelvin = 0, shadeKelvin = 0; ///< correlated colour temperature; 0 = too far from the daylight colours
    double warmerBy = 0; ///< mired by which the light is warmer than the shade; positive = warm light, cool shade
    double darkL = 0, lightL = 100; ///< L* under which, and above which, 1 % of the pixels lie
    double sharpness = 0; ///< 10–90 % width of its crispest edges, px at full size; smaller is sharper
    double noise = 0; ///< standard deviation of the grain, L*
    double eyeLevel = 0.5; ///< 0 top … 1 bottom
    double eyeConfidence = 0; ///< under 0.25: cannot tell
    std::vector<Swatch> palette; ///< up to 8, largest share first
};

/// \param alpha of a cut-out from it, same size; empty = none, then the middle is cut out roughly to measure its light
PictureMeasure measured(const Photo& picture, const Mask& alpha, Progress& progress);

/// Of that only the light of a cut-out: where it comes from, how soft and warm it is, how light its lights are.
/// \param alpha not empty \param known its light as it was read already; null: it is read here
PictureMeasure measuredLight(const Photo& picture, const Mask& alpha, const relief::MeasuredLight* known = nullptr);

/// The same with the painter's word put in place of what was measured.
PictureMeasure overruled(PictureMeasure measure, const Overrule& word);

/// Correlated colour temperature of a linear colour; 0 when it lies further than 0.05 in u′v′ from the black-body
/// colours, where the figure means nothing. Source: C. S. McCamy, Color Research & Application 17 (1992).
double colourTemperature(Rgb linear);

/// Up to 8 colours that stand for the picture, by k-means in CIELAB on 20 000 pixels; fixed seed.
std::vector<Swatch> paletteOf(const Photo& picture, const Mask& alpha);

/// 10–90 % width of the crispest tenth of the edges, px. Source: edge spread, as in ISO 12233.
double edgeWidth(const Photo& picture);
/// Grain, as the standard deviation of L*: of the Laplacian mask of J. Immerkær (1996), taken over the calmest tiles.
double grainOf(const Photo& picture);

/// 64 bits that stay nearly alike when a picture is scaled, recompressed or slightly toned: differing bits 0…64.
/// Source: perceptual hash on the low cosine frequencies (OpenCV's img_hash).
std::uint64_t likenessOf(const Photo& picture);
int differingBits(std::uint64_t a, std::uint64_t b);
inline constexpr int kNearlyTheSame = 6; ///< bits up to which two pictures count as nearly the same

} // namespace rl::gather
