#include "core/base/finding.h"
#include "core/base/text.h"
#include <cmath>

namespace rl {

namespace {
/// As few decimals as tell it; as many as tell it from the other.
std::string number(double v, double other)
{
    int decimals = std::abs(v) >= 100 || v == std::round(v) ? 0 : std::abs(v) < 1 ? 2 : 1;
    while (decimals < 3 && v != other && fixed(v, decimals) == fixed(other, decimals))
        ++decimals;
    return fixed(v, decimals);
}

bool counts(const std::string& unit)
{
    for (const char* u : {"elements", "members", "lights", "outlines", "sheets", "squares", "pictures", "credits", "permissions"})
        if (unit == u)
            return true;
    return false;
}

std::string with(const std::string& value, const std::string& unit)
{
    if (unit.empty() || unit.starts_with("\u00b0"))
        return value + unit;
    return value + " " + (value == "1" && counts(unit) ? unit.substr(0, unit.size() - 1) : unit);
}
} // namespace

std::string heldAgainst(const Finding& f)
{
    const std::string measured = number(f.measured, f.target), target = number(f.target, f.measured);
    const std::string held = with(measured, f.unit), wanted = f.unit == "of 100" ? target : with(target, f.unit);
    if (f.against == Against::Plan || f.measured == f.target)
        return held + ", planned: " + wanted;
    return held + (f.measured > f.target ? ", at most " : ", at least ") + wanted;
}

} // namespace rl
