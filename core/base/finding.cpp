#include "core/base/finding.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include <algorithm>
#include <cmath>

namespace rl {

namespace {
/// As few decimals as tell it; as many as tell it from the other.
std::string number(double v, double other)
{
    int decimals = std::abs(v) >= 100 || v == std::round(v) ? 0 : std::abs(v) < 1 ? 2 : 1;
    while (decimals < 3 && v != other && fixed(v, decimals) == fixed(other, decimals))
        ++decimals;
    return SaidPart(fixed(v, decimals)).text;
}

/// What is counted: one and many.
constexpr std::pair<const char*, const char*> kCounted[] = {{translatable("element"), translatable("elements")},
    {translatable("subject"), translatable("subjects")}, {translatable("light"), translatable("lights")},
    {translatable("outline"), translatable("outlines")}, {translatable("sheet"), translatable("sheets")},
    {translatable("square"), translatable("squares")}, {translatable("picture"), translatable("pictures")},
    {translatable("fact"), translatable("facts")}, {translatable("tube"), translatable("tubes")},
    {translatable("credit"), translatable("credits")}, {translatable("permission"), translatable("permissions")}};

std::string with(const std::string& value, const std::string& unit)
{
    if (unit.empty() || unit.starts_with("\u00b0"))
        return value + unit;
    for (const auto& [one, many] : kCounted)
        if (unit == many && value == "1")
            return value + " " + tr(one);
    return value + " " + tr(unit);
}
} // namespace

std::string heldAgainst(const Finding& f)
{
    const auto counted = [&] {
        return f.unit == "titles" || f.unit == "tones" || f.unit == "title"
            || std::any_of(std::begin(kCounted), std::end(kCounted), [&](const auto& c) { return f.unit == c.second; });
    };
    if ((f.unit.empty() && f.measured == f.target)
        || (f.against == Against::Limit && counted() && f.target <= 1 && f.measured <= 1))
        return {}; // there is one or there is none: the sentence says it
    if (f.against == Against::Limit && f.target == 0 && counted())
        return with(number(f.measured, 0), f.unit);
    const std::string measured = number(f.measured, f.target), target = number(f.target, f.measured);
    const std::string held = with(measured, f.unit), wanted = f.unit == "of 100" ? target : with(target, f.unit);
    if (f.against == Against::Plan || f.measured == f.target)
        return tr("%1, planned: %2", held, wanted);
    return tr(f.measured > f.target ? translatable("now %1 – aim for %2 or less")
                                    : translatable("now %1 – aim for %2 or more"),
        held, wanted);
}

} // namespace rl
