#pragma once
#include <string>
#include <string_view>
#include <vector>

namespace rl::paint {

/// Rows of comma-separated text, the first one (names of the columns) included. Quoted fields may hold commas and
/// doubled quotes. Source: RFC 4180.
std::vector<std::vector<std::string>> csvRows(std::string_view text);
/// A plain decimal number, whatever the locale. \return NaN for anything else
double numberIn(std::string_view text);

} // namespace rl::paint
