#include "core/base/text.h"
#include "core/base/words.h"
#include <charconv>
#include <cmath>

namespace rl {

std::string fixed(double value, int decimals)
{
    if (!std::isfinite(value))
        return "?";
    char buffer[400];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, value, std::chars_format::fixed, decimals);
    std::string text(buffer, end.ptr);
    return text.find_first_not_of("-0.") == std::string::npos && text[0] == '-' ? text.substr(1) : text;
}

} // namespace rl
