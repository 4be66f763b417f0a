#include "core/schedule/civil.h"
#include "core/base/words.h"
#include <chrono>
#include <cstdio>

namespace rl::schedule {

std::optional<Minutes> minutesFrom(const std::string& text)
{
    int y = 0, mo = 0, d = 0, h = 0, mi = 0, end = 0;
    if (text.size() == 10) {
        if (std::sscanf(text.c_str(), "%4d-%2d-%2d%n", &y, &mo, &d, &end) != 3 || end != 10)
            return {};
    } else if (std::sscanf(text.c_str(), "%4d-%2d-%2dT%2d:%2d%n", &y, &mo, &d, &h, &mi, &end) != 5 || h > 24 || mi > 59
        || h < 0 || mi < 0) {
        return {};
    }
    const std::chrono::year_month_day day{
        std::chrono::year(y), std::chrono::month(unsigned(mo)), std::chrono::day(unsigned(d))};
    if (!day.ok() || y < 1900 || y > 2999)
        return {};
    return Minutes(std::chrono::sys_days(day).time_since_epoch().count()) * kDay + h * 60 + mi;
}

std::string dateOf(Minutes m)
{
    const std::chrono::year_month_day day(std::chrono::sys_days(std::chrono::days(midnightOf(m) / kDay)));
    char text[32];
    std::snprintf(text, sizeof text, "%04d-%02u-%02u", int(day.year()), unsigned(day.month()), unsigned(day.day()));
    return text;
}

std::string clockOf(Minutes m)
{
    const int at = int(m - midnightOf(m));
    char text[16];
    std::snprintf(text, sizeof text, "%02d:%02d", at / 60, at % 60);
    return text;
}

std::string textOf(Minutes m)
{
    return dateOf(m) + "T" + clockOf(m);
}

int weekdayOf(Minutes m)
{
    const Minutes day = midnightOf(m) / kDay + 3; // 1970-01-01 was a Thursday
    return int(((day % 7) + 7) % 7);
}

const char* shortDayOf(int weekday)
{
    static constexpr const char* kDays[] = {translatable("Mon"), translatable("Tue"), translatable("Wed"),
        translatable("Thu"), translatable("Fri"), translatable("Sat"), translatable("Sun")};
    return kDays[std::size_t(((weekday % 7) + 7) % 7)];
}

std::string daySaid(Minutes m)
{
    static constexpr const char* kMonths[] = {translatable("Jan"), translatable("Feb"), translatable("Mar"),
        translatable("Apr"), translatable("May"), translatable("Jun"), translatable("Jul"), translatable("Aug"),
        translatable("Sep"), translatable("Oct"), translatable("Nov"), translatable("Dec")};
    const std::chrono::year_month_day day(std::chrono::sys_days(std::chrono::days(midnightOf(m) / kDay)));
    return tr(
        "%1 %2 %3", shortDayOf(weekdayOf(m)), std::to_string(unsigned(day.day())), kMonths[unsigned(day.month()) - 1]);
}

} // namespace rl::schedule
