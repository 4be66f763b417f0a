#pragma once
#include "core/schedule/work_plan.h"

namespace rl::schedule {

/// Deadline, no free hours, an order turned round, too many layers for the ground, a blend longer than the paint is
/// open, a task no sitting can hold, hours against rank, facts not checked before signing, the signature's place.
Findings workFindings(
    const Project& project, const PlanFacts& facts, const paint::Mixing* mixing, const WorkPlan& plan);

/// Hours logged by element; 0 = the backdrop and the whole.
std::vector<std::pair<int, double>> hoursByElement(const Painting& painting);
std::array<double, kWorkKindCount> hoursByKind(const Painting& painting);
/// Layers of paint laid on an element by tasks that are done.
int layersOn(const std::vector<WorkTask>& tasks, int element, bool doneOnly);
/// A low-ranked thing that has eaten more hours than one ranked above it, and more than was reckoned for it; nothing
/// else to say.
struct EatsHours {
    int element = 0, above = 0;
    double hours = 0, reckoned = 0, hoursAbove = 0;
};
std::optional<EatsHours> eatsTheEvening(
    const Project& project, const PlanFacts& facts, const std::vector<WorkTask>& tasks);
/// The whole log as CSV (RFC 4180): a row a span, then decisions and photographs; times UTC.
std::string csvOf(const Project& project);

} // namespace rl::schedule
