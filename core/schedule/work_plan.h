#pragma once
#include "core/base/finding.h"
#include "core/schedule/diary.h"
#include "core/schedule/sittings.h"
#include "core/schedule/tasks.h"

namespace rl::schedule {

/// One sitting to come.
struct PlannedSitting {
    Window free; ///< the painter's hours
    struct Part {
        int task = 0; ///< place among the tasks
        Minutes from = 0, to = 0;
        bool last = false; ///< ends with it
    };
    std::vector<Part> parts;
    Minutes worked() const;
};
/// The plan of work laid over the painter's days.
struct WorkPlan {
    std::vector<WorkTask> tasks;
    std::vector<PlannedSitting> sittings;
    Minutes now = 0, finish = 0, early = 0, late = 0; ///< local; the range most such works fall in
    double hours = 0, lowHours = 0, highHours = 0; ///< of work still to do
    double loggedHours = 0;
    bool assumed = false; ///< there are no free hours in the diary: two evenings and a Saturday were taken
    bool proved = false;
    std::optional<Error> problem; ///< why it could not be laid over the days
    Findings findings;
};
/// What every plan of a work is made with, so that it is the same wherever it is shown; 150 tasks take a fifth of a
/// second.
inline constexpr Effort kPlanEffort{2000, 40'000};
/// \param now local; the quarter of an hour it lies in counts \param effort see planned()
WorkPlan planWork(const Project& project, const PlanFacts& facts, const paint::Mixing* mixing, Minutes now,
    const Effort& effort, Progress& progress);

/// Two evenings and a Saturday afternoon.
Diary usualDiary();

/// The plan as calendar entries: sittings with what is done in them, and pauses.
std::vector<CalendarEntry> calendarOf(const WorkPlan& plan, const std::string& title);

} // namespace rl::schedule
