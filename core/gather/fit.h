#pragma once
#include "core/gather/measure.h"
#include <map>

namespace rl::gather {

/// Measures by reference id.
using Measures = std::map<int, PictureMeasure>;

/// Of every reference; its first cut-out with a matte serves to measure its light. \return what was done when cancelled
Measures measuresOf(const Project& project, Progress& progress);
Mask matteFor(const Project& project, int reference); ///< that cut-out's, empty when there is none

/// Bounding boxes of mattes by cut-out, px: taking them once, since each looks at every pixel.
using Shapes = std::map<int, Rect>;
Shapes shapesOf(const Project& project);

/// One thing that would have to change.
struct Reason {
    std::string sentence; ///< "its light comes 12° higher and from the same side"
    std::string what; ///< light, softness, warmth, eye level, black point, pixels
    double measured = 0, target = 0;
    std::string unit; ///< °, %, mired, %, L*, px/cm
    double cost = 0; ///< 0 = nothing to do, 1 = a clear repair, 2 and more = hardly to be hidden
};

struct Candidate {
    int reference = 0;
    double cost = 0; ///< sum over the reasons; smaller fits better
    bool mirrored = false; ///< it fits better mirrored
    std::vector<Reason> reasons; ///< the dearest first
};

/// What the candidates are held against.
struct Lead {
    int reference = 0; ///< 0 = the stage itself, no backdrop chosen
    PictureLight light; ///< confidence 0 = nothing known
    double softness = -1, kelvin = 0, darkL = -1; ///< negative, 0, negative = unknown
    double eyeLevel = 0.5; ///< where the picture's eye level is, 0…1
    double eyeConfidence = 0;
};
/// The lead picture's measures with the painter's word over them. When the lead is the backdrop and its light cannot be
/// told, the sun of the stage stands for it.
Lead leadOf(const Project& project, int reference, const Measures& measures);

/// Every reference but the lead, best first. Picture elements in the scene give the size on the canvas; others are
/// taken as large as the tallest element, or as half the canvas. Costs, each 1 at: light 45° away, softness 35 % off,
/// warmth 60 mired off, eye level a tenth of the picture off, black point 12 L* off, half the pixels the eye can tell
/// (60 px/cm for faces).
std::vector<Candidate> ranked(const Project& project, int lead, const Measures& measures, const Shapes& shapes);

/// Canvas size of a reference's picture, cm; from the largest element cut out of it, else a guess as above.
struct Size {
    double heightCm = 0;
    double pixelsPerCm = 0;
    bool guessed = false;
};
Size sizeOnCanvas(const Project& project, const Reference& reference, const Shapes& shapes);
/// Pixels a centimetre that are enough: the eye's limit at the viewing distance, at least 60 for faces.
double enoughPixels(const Project& project, const Reference& reference);

/// Pairs that are the same file, or nearly the same picture.
struct Twins {
    int first = 0, second = 0;
    bool sameFile = false;
    int bits = 0; ///< of 64 that differ
};
std::vector<Twins> twinsOf(const Project& project, const std::map<int, std::uint64_t>& likeness);

} // namespace rl::gather
