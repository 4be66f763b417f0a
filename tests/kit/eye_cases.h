#pragma once
#include "core/base/raster.h"
#include <optional>
#include <string>
#include <vector>

namespace rl::kit {

/// A made picture and what is known of where it was taken from.
struct EyeCase {
    std::string kind;
    Photo photo;
    std::optional<double> level; ///< px from the top; nothing where nobody could tell
    double focalPx = 600;
};

/// Seas, plains under hills, boxes, and what only looks like a horizon: a table's edge, a wall of boards, leaves,
/// folds, grass.
std::vector<EyeCase> eyeCases(unsigned seed, int ofEach);

/// How often what is claimed (confidence from `sure` up) lies within 2°, and how sure it was said to be.
struct EyeHeld {
    int cases = 0, known = 0, claimed = 0, right = 0, claimedUnknown = 0;
    double said = 0; ///< mean confidence of the claims
    double often() const { return claimed ? double(right) / claimed : 1; }
};
EyeHeld eyeHeld(const std::vector<EyeCase>& cases, double sure = 0.5);

} // namespace rl::kit
