#pragma once
#include "core/base/raster.h"

namespace rl::relief {

/// What a direction was read from. Both: they agree, and their middle is taken.
enum class LightSource { Outline, Shading, Both };

/// Where the light of a photograph comes from, read off one cut-out.
struct MeasuredLight {
    double azimuth = 0; ///< degrees in the picture plane, counter-clockwise from right, 0…360
    double elevation = 0; ///< degrees towards the viewer; negative = back light
    double confidence = 0; ///< 0…1: how often the azimuth is within 30°; under 0.25: lit flat, cannot tell
    double contrast = 0; ///< of light against shade along the outline, (P90-P10)/(P90+P10)
    double azimuthHalf = 90; ///< degrees: half of all such readings are nearer than this…
    double azimuthMost = 180; ///< …and nine in ten than this
    double elevationMost = 90; ///< degrees
    LightSource source = LightSource::Outline; ///< of the azimuth
};

/// What a photograph tells of one thing in it.
struct PhotoReading {
    MeasuredLight light;
    /// What the shading adds to the normals of the puffed outline, over what the outline spans; longest side 88.
    Raster<Vec3f> lift;
    double share = 0; ///< 0…1: of it that is to be believed
    /// 0…1: how much of all relief is taken off, where neither light nor outline tells it: folds without a light are
    /// told no better than by a card, and a pillow in their place far worse.
    double flat = 0;
};

/// \param alpha of the object in the same picture; 0…255
/// Two readings of the azimuth: brightness along the occluding contour, correlated with max(0, cos) (after Nillius &
/// Eklundh 2001), and inside with max(0, N·L) on the relief inflated from the outline, summed 2 : 1; and the same on
/// the normals of lightNet() with some light of the sky, together with the light the network itself sees. Where both
/// lie within 30° of each other their middle is taken, else the one that is surer. Elevation is mostly the network's.
/// Confidence is a logistic of fifteen features, fitted on 650 made pictures. Polished metal and two lights at once
/// fool it: one in seven metals is sure and wrong.
PhotoReading readPhoto(const Photo& picture, const Mask& alpha);
MeasuredLight photoLight(const Photo& picture, const Mask& alpha);

} // namespace rl::relief
