#pragma once
#include "core/project/painting.h"
#include "core/schedule/civil.h"

/// The painter's free hours, and the calendar they are read from and written to.
namespace rl::schedule {

/// Free hours from one time to another: the round of the diary, single days taken off and added; in order, those that
/// touch made one. \param until at most ten years on
std::vector<Window> freeWindows(const Diary& diary, Minutes from, Minutes until);
double hoursARound(const Diary& diary);

/// One entry of a calendar.
struct CalendarEntry {
    Minutes from = 0, to = 0;
    std::string what, about;
    bool free = false; ///< marked as not taking time (TRANSP:TRANSPARENT)
};
/// Entries of an iCalendar file (RFC 5545), local as they stand; times in UTC are moved by `utcMinutes`. Daily and
/// weekly repetitions (with INTERVAL, COUNT, UNTIL, BYDAY) are followed up to `until`. \return Invalid for what is no
/// calendar; entries that cannot be understood are left out
Result<std::vector<CalendarEntry>> entriesOf(const std::string& ics, int utcMinutes, Minutes until);
/// What the calendar has takes the painter's hours (its entries become days that are not free), or with `asFree` its
/// entries are the free hours themselves.
Diary withCalendar(Diary diary, const std::vector<CalendarEntry>& entries, bool asFree);
/// An iCalendar file, lines folded at 75 octets; times float (they are local wherever it is opened).
/// \param stamp when it was made, UTC minutes since 1970
std::string icsOf(const std::vector<CalendarEntry>& entries, const std::string& name, Minutes stamp);

} // namespace rl::schedule
