#pragma once
#include "core/reading/attention.h"
#include "core/reading/silhouette.h"

namespace rl::reading {

/// How a clue shows in the picture.
struct ClueSeen {
    int idea = 0, clue = 0;
    bool there = false; ///< something in the picture shows it
    Rect at; ///< px
    double wideMm = 0; ///< on the canvas: its narrow side (the lesser side of the least box round it, as it lies)
    double arcMinutes = 0; ///< the same from the viewing distance
    double separation = 0; ///< ΔE00 with grain accounted for, median along its contour
    double lost = 0; ///< share of its contour
    int glance = 0; ///< 1 first…5; 0 = not among the first five
    double share = 0; ///< of the measured pull
    bool large() const; ///< enough to be told
    bool apart() const; ///< enough from what lies around it
    bool seen() const { return there && large() && apart(); }
};

/// A thing is recognised from about 8 resolved details across its narrow side (4 line pairs; J. Johnson, Analysis of
/// Image Forming Systems, 1958); the eye resolves one minute of arc (20/20 vision, ISO 8596).
inline constexpr double kRecognisedMinutes = 8;
/// Under it a shape cannot be told from what lies around it at a glance.
inline constexpr double kClueSeparation = 8;

/// The box round what is seen of an element, px; empty where nothing is.
Rect shownBox(const IdMap& ids, int element);

/// Each clue of the brief, measured where it lies: as a thing by itself beside all others.
std::vector<ClueSeen> cluesSeen(const Project& project, const light::Picture& picture, const Viewing& viewing);

/// Ideas with fewer than three clues that can be seen, and the clues that cannot, each with what is wrong with it.
Findings clueFindings(const Project& project, const light::Picture& picture, const std::vector<ClueSeen>& seen);

/// "6 mm wide and lost in what lies around it"
std::string whyNotSeen(const ClueSeen& clue);

} // namespace rl::reading
