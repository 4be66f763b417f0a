#pragma once
#include "core/reading/order.h"
#include "core/stage/compose.h"
#include <functional>

namespace rl::review {

/// One change that helps to put a work in order, with a switch of its own.
struct Remedy {
    int element = 0; ///< what it is about; 0 = a light
    enum class Kind { Light, Size, Tone } kind = Kind::Tone;
    std::string words; ///< "“Salt heap” 9 L* darker"
    std::function<Project(Project)> apply;
};

/// What makes the measured order of a work the intended one.
struct PutRight {
    bool already = false; ///< it is: nothing is changed
    bool solved = false; ///< it is afterwards, measured on the work lit anew
    double margin = 0; ///< least ratio of pull between what must be over what, afterwards; under 1.1 is thin
    std::vector<Remedy> remedies; ///< in the order they are applied: light, size and place, tone; none where not solved
    std::vector<Remedy> nearest; ///< where it cannot be had: what comes nearest; told, not proposed
    std::vector<std::string> against; ///< what stands against it, in words, each of `remain`
    std::vector<std::pair<int, int>> remain; ///< elements that are still the wrong way round: first must draw more
    std::vector<int> before, after; ///< orders
};

/// First what light can do: the change that mends most, if it mends a third, twice at most: a lamp (or the sun) at
/// half, √½, √2 or double strength, a lantern warmer, cooler or a metre aside, the haze thicker or thinner. Then a
/// little tone, half of what a painter would accept, if that does it. Else size and place, four steps at most: a thing
/// nearer or farther, or larger or smaller by up to a third, where it may have that size and is not locked. Then tone
/// within the bounds of reading::putInOrder(), carried over to what things are made of and proved on the work lit anew,
/// at the judged size. Where that does not do it, size and place once more, seen with that tone, and things an eighth
/// of the canvas aside; then the tone anew. What cannot be had so is not proposed: what comes nearest is told, and what stands against it.
/// \return what was reached so far when cancelled
PutRight putRight(const Project& project, stage::SurfaceCache& cache, Progress& progress);
/// The same for another order than that of the cast.
PutRight putRight(
    const Project& project, const reading::Intent& intent, stage::SurfaceCache& cache, Progress& progress);

/// The work with those remedies whose switch is on. \param on as many as remedies
Project withRemedies(Project project, const std::vector<Remedy>& remedies, const std::vector<bool>& on);

/// An element's values and chroma changed as it is seen: its tone, in terms of its own colours.
/// \param frame in which it stands \param litL its mean L* as lit
Project withTouch(Project project, const stage::StageFrame& frame, const reading::Touch& touch, double litL);

/// A look on one element, or (element 0) on all of the work, backdrop included, as tones of its parts. A picture lit
/// anew is close to the look, not the same: light falls on what was changed.
Project withLook(
    Project project, const stage::StageFrame& frame, const light::Picture& picture, const reading::Touch& look);

} // namespace rl::review
