#pragma once
#include "core/base/geometry.h"
#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace rl {

struct Project;

enum class Station { Brief, Gather, Cut, Stage, Light, Read, Mix, Carry, Paint };
inline constexpr int kStationCount = 9;

/// Holds: nothing to say. Watch: worth a look. Broken: will show in paint.
enum class Severity { Holds, Watch, Broken };

/// One undoable change that answers a finding. It is made of edits, as a drag is: what is locked stays, ties hold.
struct Fix {
    std::string label; ///< a verb: "Mirror the tea house"
    std::function<Project(Project)> apply;
};

/// How a figure is held against its target.
enum class Against {
    Limit, ///< it lies on the wrong side of it: over it, at most that much is wanted; under it, at least
    Plan ///< it should be just that
};

/// One judgement of the program: a sentence, a figure, where it is and why it matters.
struct Finding {
    std::string key; ///< stable for ever, with the element's id: "light.side:4"
    Station station = Station::Brief;
    Severity severity = Severity::Watch;
    std::string sentence; ///< what is so
    double measured = 0, target = 0;
    std::string unit; ///< of both: "L*", "cm", "%"
    Rect place; ///< cm on the canvas; empty = the whole work
    int element = 0; ///< 0 = none
    std::string why; ///< why it matters in paint
    std::optional<Fix> fix;
    Against against = Against::Limit;
    int reference = 0; ///< the picture it speaks of; 0 = none
    std::string opens{}; ///< a field in which only the painter can answer: "credit", "find", "picture"; empty = none
};
/// "46.4 of 100, at most 45", "11 px/cm, at least 17", "3 facts". Empty where a figure says no more than the sentence.
std::string heldAgainst(const Finding& finding);
using Findings = std::vector<Finding>;

} // namespace rl
