#include "core/project/brief.h"
#include <charconv>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <numeric>

namespace rl {

std::vector<Vec2> outlineOf(const Brief& b)
{
    if (b.format == Format::Free && b.outline.size() >= 3)
        return b.outline;
    if (b.format != Format::Oval)
        return {{0, 0}, {b.widthCm, 0}, {b.widthCm, b.heightCm}, {0, b.heightCm}};
    std::vector<Vec2> out;
    for (int i = 0; i < 96; ++i) {
        const double a = 2 * kPi * i / 96;
        out.push_back({b.widthCm / 2 * (1 + std::cos(a)), b.heightCm / 2 * (1 + std::sin(a))});
    }
    return out;
}

bool onCanvas(const Brief& b, Vec2 q)
{
    const auto line = outlineOf(b);
    bool in = false;
    for (std::size_t i = 0, j = line.size() - 1; i < line.size(); j = i++)
        if ((line[i].y > q.y) != (line[j].y > q.y)
            && q.x < line[i].x + (q.y - line[i].y) / (line[j].y - line[i].y) * (line[j].x - line[i].x))
            in = !in;
    return in;
}

double areaOf(const Brief& b)
{
    const auto line = outlineOf(b);
    double twice = 0;
    for (std::size_t i = 0, j = line.size() - 1; i < line.size(); j = i++)
        twice += line[j].x * line[i].y - line[i].x * line[j].y;
    return std::abs(twice) / 2;
}

namespace {
/// A plain number that is all of the words.
std::optional<double> numberIn(const std::string& s)
{
    double v = 0;
    const auto [end, problem] = std::from_chars(s.data(), s.data() + s.size(), v);
    return problem == std::errc() && end == s.data() + s.size() && std::isfinite(v) && v >= 0 ? std::optional(v)
                                                                                              : std::nullopt;
}
} // namespace

std::optional<double> inchesFrom(const std::string& said)
{
    std::string words;
    for (const char c : said)
        words += c == '-' ? ' ' : c == ',' ? '.' : c;
    while (!words.empty() && (words.back() == ' ' || words.back() == '"'))
        words.pop_back();
    while (!words.empty() && words.front() == ' ')
        words.erase(words.begin());
    const auto slash = words.find('/');
    if (slash == std::string::npos)
        return numberIn(words);
    const auto gap = words.rfind(' ', slash);
    const auto whole = gap == std::string::npos ? std::optional(0.0) : numberIn(words.substr(0, words.find(' ')));
    const auto above = numberIn(words.substr(
                   gap == std::string::npos ? 0 : gap + 1, slash - (gap == std::string::npos ? 0 : gap + 1))),
               below = numberIn(words.substr(slash + 1));
    if (!whole || !above || !below || *below <= 0)
        return {};
    return *whole + *above / *below;
}

std::string inchesOf(double inches)
{
    const auto sixteenths = std::lround(std::max(0.0, inches) * 16), whole = sixteenths / 16, part = sixteenths % 16;
    if (!part)
        return std::to_string(whole);
    const auto shared = std::gcd(part, 16L);
    const std::string fraction = std::to_string(part / shared) + "/" + std::to_string(16 / shared);
    return whole ? std::to_string(whole) + " " + fraction : fraction;
}

namespace {
std::optional<std::chrono::sys_days> dayIn(const std::string& s)
{
    int year = 0;
    unsigned month = 0, day = 0;
    char rest = 0;
    if (s.size() != 10 || std::sscanf(s.c_str(), "%4d-%2u-%2u%c", &year, &month, &day, &rest) != 3)
        return {};
    const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(month), std::chrono::day(day)};
    return date.ok() ? std::optional(std::chrono::sys_days(date)) : std::nullopt;
}
} // namespace

std::optional<int> daysBetween(const std::string& from, const std::string& to)
{
    const auto a = dayIn(from), b = dayIn(to);
    if (!a || !b)
        return {};
    return int((*b - *a).count());
}

} // namespace rl
