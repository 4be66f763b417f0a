#pragma once
#include "core/base/raster.h"
#include "core/paint/calibration.h"

namespace rl::paint {

enum class PatchKind { Masstone, Tint2, Tint10, OverWhite, OverBlack };
inline constexpr int kPatchKinds = 5;
const char* wordOf(PatchKind kind); ///< "masstone", "1 in 2 white" …

/// A card to paint swatches on: one A4 page, four marks at its corners, a row for each tube, mm from the upper left.
struct CardLayout {
    static constexpr double kWide = 210, kHigh = 297, kMark = 14;
    static constexpr int kMostTubes = 12;
    struct Patch {
        int tube = 0; ///< place in the list
        PatchKind kind = PatchKind::Masstone;
        Rect at;
    };
    std::vector<Patch> patches;
    std::vector<Rect> marks; ///< four, as ArUco 4×4 numbers 0…3, clockwise from the upper left
    Rect grey; ///< printed at sRGB 119: a check, not a measure
    std::vector<Vec2> paper; ///< places that stay bare
};
/// \param tubes 1…12
CardLayout cardLayout(int tubes);
/// The mark of that number as black and white cells, 6 × 6, its border included.
Mask cardMark(int number);

/// One patch of a photographed card.
struct PatchRead {
    int tube = 0;
    PatchKind kind = PatchKind::Masstone;
    colour::ExactLab lab;
    std::string refused; ///< why it cannot be read; empty: it was
    bool bare = false; ///< refused because nothing is painted there
};
struct CardRead {
    std::vector<PatchRead> patches;
    double greyOff = 0; ///< CIEDE2000 by which the printed grey is off; over 3: the light is uneven or coloured
    double unevenness = 0; ///< how much of the light the darkest paper lacks, 0…1
};
/// Reads a photograph: finds the marks, straightens the card, divides by a smooth field fitted to its bare paper
/// (uneven light, colour cast), takes the median of the middle of each patch. Patches with glare, clipped channels, or
/// left bare are refused one by one.
/// \param paperY luminance factor of the paper, 0…1 \return Invalid where the four marks are not found
Result<CardRead> readCard(const Photo& photo, const CardLayout& layout, double paperY = 0.88);

} // namespace rl::paint
