#pragma once
#include "core/paint/mixing.h"
#include "core/schedule/drying.h"
#include "core/schedule/facts.h"
#include <array>

/// The stages of a painting, from its plan.
namespace rl::schedule {

const char* wordOf(WorkKind kind); ///< "block in"

/// One task of the plan of work.
struct WorkTask {
    std::string key; ///< stable: "pass:12", "pass:12#2" of a split one, "own:7"
    WorkKind kind = WorkKind::Other;
    int element = 0; ///< 0 = the whole, or the backdrop
    std::string words;
    std::string why; ///< why it comes where it comes
    double areaCm2 = 0;
    double detail = 0; ///< 0…1
    double hours = 0, low = 0, high = 0; ///< of work: expected, and the range most such tasks fall in
    double usualHours = 0; ///< before anything was learned
    std::vector<std::string> after; ///< keys
    Drying dry; ///< of what it lays down
    bool wet = false; ///< one wet blend: not to be interrupted
    double brushMm = 0; ///< 0 = none
    std::vector<int> puddles; ///< places in the recipe map
    std::vector<int> masks; ///< elements kept clear of paint
    std::vector<std::string> cautions;
    std::vector<int> facts; ///< ids of what has to be right in it
    std::vector<std::string> merged; ///< keys of tasks that are done together with it, by the painter's word
    int layers = 0; ///< of paint that it adds where it goes
    Rect place; ///< cm
    bool slight = false; ///< of what nobody looks at first: as little as it takes
    bool done = false;
    bool pause = false;
};

/// Key of the last one that is done, in the order of the plan; empty: none is.
std::string lastDone(const std::vector<WorkTask>& tasks);

/// cm² an hour of one kind of work at middling detail: defaults to begin with, told as such.
double usualRate(WorkKind kind);

/// What was learned from logged sittings: hours really taken over hours expected, of tasks that are done.
struct Learned {
    std::array<double, kWorkKindCount> times{}; ///< × the default; 1 without data
    std::array<double, kWorkKindCount> spread{}; ///< × and ÷: range most fall in
    std::array<int, kWorkKindCount> from{}; ///< tasks it was learned from
};
/// Median of the logarithm of the ratio of each kind, shrunk to the default by two imagined tasks; the spread likewise
/// from 1.6 by the median absolute deviation.
Learned learnedFrom(const Painting& painting, const std::vector<WorkTask>& usual);

/// Hours logged on a task, or on its pieces.
double loggedHours(const Painting& painting, const std::string& task);
/// The same with the tasks that are done together with it.
double loggedHours(const Painting& painting, const WorkTask& task);

/// All tasks in the order of painting: from depth order, school, medium and ground; then as the painter reordered,
/// split, merged, added and dropped. \param mixing for puddles; null: not mixed yet
std::vector<WorkTask> workOf(const Project& project, const PlanFacts& facts, const paint::Mixing* mixing);

/// Which natural order the painter's own turns round: task and what should come before it.
std::vector<std::pair<std::string, std::string>> turnedRound(const Project& project, const PlanFacts& facts);

} // namespace rl::schedule
