#pragma once
#include <span>
#include <string_view>

namespace rl {

/// A sheet of paper, cm, upright. Sizes: ISO 216, ANSI/ASME Y14.1, JIS P 0138.
struct Paper {
    const char* name;
    double width, height;
};
std::span<const Paper> papers();
/// \return null when there is none of that name
const Paper* paperOf(std::string_view name);

} // namespace rl
