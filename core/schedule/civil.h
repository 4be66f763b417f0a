#pragma once
#include "core/schedule/sittings.h"
#include <optional>

/// Days and minutes of the civil calendar (ISO 8601), local time as it stands: minutes since 1970-01-01 00:00, every
/// day 1440 of them, whatever the clock does at night.
namespace rl::schedule {

inline constexpr Minutes kDay = 1440;

/// "2031-03-01T19:00" or "2031-03-01". \return nothing for any other form, no such day, or before 1900 or after 2999
std::optional<Minutes> minutesFrom(const std::string& text);
std::string textOf(Minutes local); ///< "2031-03-01T19:00"
std::string dateOf(Minutes local); ///< "2031-03-01"
std::string clockOf(Minutes local); ///< "19:00"
std::string daySaid(Minutes local); ///< "Sat 28 Nov", as people write it
int weekdayOf(Minutes local); ///< 0 Monday … 6 Sunday
const char* shortDayOf(int weekday); ///< "Mon"
inline Minutes midnightOf(Minutes local)
{
    return local - ((local % kDay) + kDay) % kDay;
}

} // namespace rl::schedule
