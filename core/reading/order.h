#pragma once
#include "core/base/progress.h"
#include "core/reading/attention.h"
#include "core/reading/touch.h"
#include <set>

namespace rl::reading {

/// The order in which a picture is meant to be read.
struct Intent {
    std::map<int, int> rank; ///< element → 1 first, 2 next…; those of one rank are not held against each other
    std::set<int> quiet; ///< must stay under everything that has a rank
    std::set<int> locked; ///< must not be touched
    bool softness = true; ///< contours may be softened
    /// Which element must draw more than which: a rank over every later one and over the quiet; elements without a
    /// rank only under the first.
    std::vector<std::pair<int, int>> pairs(const std::vector<int>& elements) const;
};

/// The cast in order: an element that shows its first member is meant to be read first. What is locked may be touched:
/// its value is not its place. Elements marked as quiet must stay under the cast.
Intent intentOf(const Project& project);

/// The smallest change that puts a picture in order.
struct Suggestion {
    bool already = false; ///< the order holds as it is: nothing is changed
    bool solved = false; ///< the order holds afterwards, measured on the picture itself
    double margin = 0; ///< least ratio of pull between what must be over what, afterwards; 1.15 is wanted
    std::vector<Touch> touches; ///< one an element, the largest change first; none where the order cannot be had
    /// Where it cannot: what comes nearest within the same bounds. It is not proposed; `remain` and `after` are of it.
    std::vector<Touch> nearest;
    std::vector<std::pair<int, int>> remain; ///< pairs that are still the wrong way round
    Attention after;
    int measured = 0; ///< how often a picture was measured
};

/// Sequential linear programming over lightness, contrast, saturation and softness of the elements in pairs that are
/// the wrong way round, within what a painter would accept (touch.h): least Σ |change| (1 + 3 area), every pair 1.15
/// apart; what turns out unnecessary is dropped.
/// Worked out at 256 px and proved at full size; where that fails, pairs are wanted farther apart by what they lack
/// there, three times at most. \param picture as shown, linear, within 0…1 \return what was reached so far when
/// cancelled
Suggestion putInOrder(
    const LinearPicture& picture, const IdMap& ids, const Viewing& viewing, const Intent& intent, Progress& progress);

} // namespace rl::reading
