#pragma once
#include "core/base/geometry.h"
#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace rl {

struct Project;

enum class Station { Brief, Gather, Cut, Stage, Light, Read, Carry };
inline constexpr int kStationCount = 7;

/// Holds: nothing to say. Watch: worth a look. Broken: will show in paint.
enum class Severity { Holds, Watch, Broken };

/// One undoable change that answers a finding.
struct Fix {
    std::string label; ///< a verb: "Mirror the tea house"
    std::function<void(Project&)> apply;
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
};
using Findings = std::vector<Finding>;

} // namespace rl
