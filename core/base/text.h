#pragma once
#include <string>

namespace rl {

/// The number with a fixed count of decimals and a point, whatever the locale: "12.5".
std::string fixed(double value, int decimals = 1);

} // namespace rl
