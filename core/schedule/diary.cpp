#include "core/schedule/diary.h"
#include "core/base/words.h"
#include <algorithm>
#include <cstdio>
#include <limits>
#include <map>
#include <sstream>

namespace rl::schedule {

namespace {
/// Monday 1970-01-05, a first day of weeks.
constexpr Minutes kFirstMonday = 4 * kDay;

std::vector<Window> joined(std::vector<Window> w)
{
    std::sort(w.begin(), w.end(), [](const Window& a, const Window& b) { return a.from < b.from; });
    std::vector<Window> out;
    for (const Window& one : w) {
        if (one.to <= one.from)
            continue;
        if (!out.empty() && one.from <= out.back().to)
            out.back().to = std::max(out.back().to, one.to);
        else
            out.push_back(one);
    }
    return out;
}

std::vector<Window> without(const std::vector<Window>& all, const Window& cut)
{
    std::vector<Window> out;
    for (const Window& w : all) {
        if (cut.to <= w.from || cut.from >= w.to) {
            out.push_back(w);
            continue;
        }
        if (cut.from > w.from)
            out.push_back({w.from, cut.from});
        if (cut.to < w.to)
            out.push_back({cut.to, w.to});
    }
    return out;
}
} // namespace

std::vector<Window> freeWindows(const Diary& d, Minutes from, Minutes until)
{
    until = std::min(until, from + 3660 * kDay);
    const Minutes first = minutesFrom(d.roundFrom).value_or(kFirstMonday);
    const Minutes round = std::max(1, d.roundDays);
    std::map<Minutes, std::vector<DayHours>> special;
    for (const DayHours& h : d.days)
        if (const auto day = minutesFrom(h.date))
            special[*day].push_back(h);
    std::vector<Window> all;
    for (Minutes day = midnightOf(from); day < until; day += kDay) {
        const Minutes place = (((day - first) / kDay) % round + round) % round;
        std::vector<Window> today;
        for (const FreeHours& h : d.hours)
            if (h.day == place)
                today.push_back({day + h.from, day + h.to});
        today = joined(today);
        if (const auto it = special.find(day); it != special.end()) {
            for (const DayHours& h : it->second)
                if (!h.free)
                    today = without(today, {day + h.from, day + h.to});
            for (const DayHours& h : it->second)
                if (h.free)
                    today.push_back({day + h.from, day + h.to});
        }
        for (Window w : joined(today)) {
            w.from = std::max(w.from, from), w.to = std::min(w.to, until);
            if (w.to > w.from)
                all.push_back(w);
        }
    }
    return joined(all);
}

double hoursARound(const Diary& d)
{
    std::vector<Window> all;
    for (const FreeHours& h : d.hours)
        if (h.day < d.roundDays)
            all.push_back({h.day * kDay + h.from, h.day * kDay + h.to});
    double minutes = 0;
    for (const Window& w : joined(all))
        minutes += double(w.to - w.from);
    return minutes / 60;
}

namespace {
/// Lines unfolded: one that begins with a blank goes on with the one before.
std::vector<std::string> linesOf(const std::string& ics)
{
    std::vector<std::string> out;
    std::istringstream in(ics);
    std::string line;
    while (std::getline(in, line)) {
        if (!line.empty() && line.back() == '\r')
            line.pop_back();
        if (!out.empty() && !line.empty() && (line[0] == ' ' || line[0] == '\t'))
            out.back() += line.substr(1);
        else
            out.push_back(line);
    }
    return out;
}

/// "20310301T190000Z", "20310301". \return nothing for any other form
std::optional<Minutes> stampFrom(const std::string& s, int utcMinutes, bool& wholeDay)
{
    if (s.size() < 8 || s.find_first_not_of("0123456789TZ") != std::string::npos)
        return {};
    std::string iso = s.substr(0, 4) + "-" + s.substr(4, 2) + "-" + s.substr(6, 2);
    wholeDay = s.size() == 8;
    if (!wholeDay) {
        if (s.size() < 13 || s[8] != 'T')
            return {};
        iso += "T" + s.substr(9, 2) + ":" + s.substr(11, 2);
    }
    auto m = minutesFrom(iso);
    if (m && s.back() == 'Z')
        *m += utcMinutes;
    return m;
}

/// "PT1H30M", "P1D". \return nothing for any other form
std::optional<Minutes> durationFrom(const std::string& s)
{
    Minutes total = 0;
    long number = -1;
    if (s.empty() || s[0] != 'P')
        return {};
    for (const char c : s.substr(1)) {
        if (c >= '0' && c <= '9') {
            number = std::min(100000L, std::max(0L, number) * 10 + (c - '0'));
            continue;
        }
        const Minutes each = c == 'W' ? 7 * kDay : c == 'D' ? kDay : c == 'H' ? 60 : c == 'M' ? 1 : 0;
        if (number >= 0)
            total += number * each;
        number = -1;
    }
    return total;
}

std::string unescaped(const std::string& s)
{
    std::string out;
    for (std::size_t i = 0; i < s.size(); ++i) {
        if (s[i] == '\\' && i + 1 < s.size()) {
            ++i;
            out += s[i] == 'n' || s[i] == 'N' ? '\n' : s[i];
        } else {
            out += s[i];
        }
    }
    return out;
}

struct Rule {
    std::string freq;
    int interval = 1, count = 0;
    std::optional<Minutes> until;
    std::vector<int> days; ///< of the week
};
Rule ruleFrom(const std::string& s, int utcMinutes)
{
    Rule r;
    std::istringstream in(s);
    std::string part;
    while (std::getline(in, part, ';')) {
        const auto at = part.find('=');
        if (at == std::string::npos)
            continue;
        const std::string key = part.substr(0, at), value = part.substr(at + 1);
        bool whole = false;
        if (key == "FREQ")
            r.freq = value;
        else if (key == "INTERVAL")
            r.interval = std::clamp(std::atoi(value.c_str()), 1, 1000);
        else if (key == "COUNT")
            r.count = std::clamp(std::atoi(value.c_str()), 1, 5000);
        else if (key == "UNTIL") {
            r.until = stampFrom(value, utcMinutes, whole);
            if (r.until && whole)
                *r.until += kDay - 1;
        } else if (key == "BYDAY") {
            static constexpr const char* kNames[] = {"MO", "TU", "WE", "TH", "FR", "SA", "SU"};
            for (int d = 0; d < 7; ++d)
                if (value.find(kNames[d]) != std::string::npos)
                    r.days.push_back(d);
        }
    }
    return r;
}

void repeated(const CalendarEntry& e, const Rule& r, Minutes until, std::vector<CalendarEntry>& out)
{
    const Minutes length = e.to - e.from, end = std::min(until, r.until.value_or(until));
    const bool weekly = r.freq == "WEEKLY";
    if (!weekly && r.freq != "DAILY") {
        out.push_back(e);
        return;
    }
    const Minutes week = midnightOf(e.from) - weekdayOf(e.from) * kDay;
    int n = 0;
    for (Minutes day = midnightOf(e.from); day <= end && n < 5000 && (!r.count || n < r.count); day += kDay) {
        const Minutes since = weekly ? (day - week) / (7 * kDay) : (day - midnightOf(e.from)) / kDay;
        const bool named = r.days.empty() ? !weekly || weekdayOf(day) == weekdayOf(e.from)
                                          : std::count(r.days.begin(), r.days.end(), weekdayOf(day)) > 0;
        if (since % r.interval || !named)
            continue;
        CalendarEntry one = e;
        one.from = day + (e.from - midnightOf(e.from)), one.to = one.from + length;
        if (one.from > end)
            break;
        out.push_back(one);
        ++n;
    }
}
} // namespace

namespace {
constexpr Minutes kNone = std::numeric_limits<Minutes>::min();
struct Times {
    Minutes from = kNone, to = kNone, lasts = kNone;
};
} // namespace

Result<std::vector<CalendarEntry>> entriesOf(const std::string& ics, int utcMinutes, Minutes until)
{
    if (ics.find("BEGIN:VCALENDAR") == std::string::npos)
        return Error{ErrorKind::Invalid, tr("This is no calendar file."), {}};
    std::vector<CalendarEntry> out;
    CalendarEntry e;
    Rule rule;
    Times at;
    bool in = false, whole = false, repeats = false;
    for (const std::string& line : linesOf(ics)) {
        const auto colon = line.find(':');
        if (colon == std::string::npos)
            continue;
        const std::string key = line.substr(0, std::min(colon, line.find(';'))), value = line.substr(colon + 1);
        if (key == "BEGIN" && value == "VEVENT") {
            e = {}, at = {}, in = true, whole = repeats = false;
        } else if (key == "END" && value == "VEVENT" && in) {
            in = false;
            if (at.from == kNone || out.size() > 20000)
                continue;
            e.from = at.from;
            e.to = at.to != kNone ? at.to : at.from + (at.lasts != kNone ? at.lasts : whole ? kDay : 60);
            if (e.to <= e.from || e.to - e.from > 400 * kDay)
                continue;
            if (repeats)
                repeated(e, rule, until, out);
            else
                out.push_back(e);
        } else if (in) {
            bool day = false;
            if (key == "DTSTART")
                at.from = stampFrom(value, utcMinutes, whole).value_or(kNone);
            else if (key == "DTEND")
                at.to = stampFrom(value, utcMinutes, day).value_or(kNone);
            else if (key == "DURATION")
                at.lasts = durationFrom(value).value_or(kNone);
            else if (key == "SUMMARY")
                e.what = unescaped(value);
            else if (key == "DESCRIPTION")
                e.about = unescaped(value);
            else if (key == "TRANSP")
                e.free = value == "TRANSPARENT";
            else if (key == "RRULE")
                rule = ruleFrom(value, utcMinutes), repeats = true;
        }
    }
    return out;
}

Diary withCalendar(Diary d, const std::vector<CalendarEntry>& entries, bool asFree)
{
    for (const CalendarEntry& e : entries) {
        if (e.free && !asFree)
            continue;
        for (Minutes day = midnightOf(e.from); day < e.to; day += kDay) {
            const int from = int(std::max(e.from, day) - day), to = int(std::min(e.to, day + kDay) - day);
            const DayHours h{dateOf(day), from, to, asFree};
            if (to > from && std::find(d.days.begin(), d.days.end(), h) == d.days.end())
                d.days.push_back(h);
        }
    }
    return d;
}

namespace {
std::string escaped(const std::string& s)
{
    std::string out;
    for (const char c : s) {
        if (c == '\\' || c == ';' || c == ',')
            out += '\\';
        if (c == '\n')
            out += "\\n";
        else if (c != '\r')
            out += c;
    }
    return out;
}
/// Folded at 75 octets, never inside a character.
void put(std::string& out, const std::string& line)
{
    std::size_t at = 0, room = 75;
    while (line.size() - at > room) {
        std::size_t end = at + room;
        while (end > at && (static_cast<unsigned char>(line[end]) & 0xC0) == 0x80)
            --end;
        out += line.substr(at, end - at) + "\r\n ";
        at = end, room = 74;
    }
    out += line.substr(at) + "\r\n";
}
std::string stampOf(Minutes m)
{
    std::string s = textOf(m) + ":00";
    std::erase_if(s, [](char c) { return c == '-' || c == ':'; });
    return s;
}
} // namespace

std::string icsOf(const std::vector<CalendarEntry>& entries, const std::string& name, Minutes stamp)
{
    std::string out;
    put(out, "BEGIN:VCALENDAR");
    put(out, "VERSION:2.0");
    put(out, "PRODID:-//Roving Lantern//Plan of work//EN");
    put(out, "NAME:" + escaped(name));
    for (const CalendarEntry& e : entries) {
        put(out, "BEGIN:VEVENT");
        char uid[64];
        std::snprintf(uid, sizeof uid, "UID:%lld-%zu@roving-lantern", static_cast<long long>(e.from),
            std::hash<std::string>{}(name) % 1000000);
        put(out, uid);
        put(out, "DTSTAMP:" + stampOf(stamp) + "Z");
        put(out, "DTSTART:" + stampOf(e.from));
        put(out, "DTEND:" + stampOf(e.to));
        put(out, "SUMMARY:" + escaped(e.what));
        if (!e.about.empty())
            put(out, "DESCRIPTION:" + escaped(e.about));
        if (e.free)
            put(out, "TRANSP:TRANSPARENT");
        put(out, "END:VEVENT");
    }
    put(out, "END:VCALENDAR");
    return out;
}

} // namespace rl::schedule
