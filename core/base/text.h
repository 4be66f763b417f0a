#pragma once
#include <string>

namespace rl {

/// The number with a fixed count of decimals and a point, whatever the locale: "12.5".
std::string fixed(double value, int decimals = 1);
/// "3 steps", "1 step".
std::string counted(long count, const std::string& one, const std::string& many);

} // namespace rl
