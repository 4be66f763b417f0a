#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"

namespace rl::colour {

/// CIELAB against D65; L 0…100.
struct Lab {
    float L = 0, a = 0, b = 0;
};

/// From linear sRGB. Source: CIE 15:2004; matrix of IEC 61966-2-1, white 0.95047, 1, 1.08883.
Lab toLab(Rgb linear);
Rgb fromLab(Lab lab);
/// L* of a relative luminance, 0…100 (clamped at 0).
float lightness(float y);
/// Relative luminance of an L*.
float luminanceOf(float lightness);

/// CIEDE2000 colour difference, kL = kC = kH = 1. Source: Sharma, Wu & Dalal (2005); hues 180° apart are
/// ordered with a tolerance of 1e-9, so that the published rows 10 and 14 come out either way round.
double deltaE2000(Lab x, Lab y);

/// CIELAB where single precision would tell (sums over spectra, small differences).
struct ExactLab {
    double L = 0, a = 0, b = 0;
    ExactLab() = default;
    ExactLab(double lightness, double greenRed, double blueYellow)
        : L(lightness)
        , a(greenRed)
        , b(blueYellow)
    {
    }
    ExactLab(Lab lab)
        : ExactLab(double(lab.L), double(lab.a), double(lab.b))
    {
    }
    explicit operator Lab() const { return {float(L), float(a), float(b)}; }
    double chroma() const { return std::hypot(a, b); }
    double hue() const { return wrapped360(degrees(std::atan2(b, a))); } ///< degrees, 0…360
};
/// CIEDE2000 in its parts: lightness, chroma and hue from the first to the second (positive: lighter, more vivid,
/// counter-clockwise), each over its weight, and the rotation that ties the last two.
struct DeltaTerms {
    double lightness = 0, chroma = 0, hue = 0, rotation = 0;
    double sl = 1, sc = 1, sh = 1; ///< the weights S_L, S_C, S_H
    double fromChroma = 0, toChroma = 0; ///< C′
    double turn = 0; ///< Δh′, degrees
    double stretch = 1; ///< of a: 1 + G
    double total() const;
};
DeltaTerms deltaTerms(const ExactLab& from, const ExactLab& to);
double deltaE2000(const ExactLab& x, const ExactLab& y);

} // namespace rl::colour
