#pragma once
#include "core/base/result.h"
#include "core/cutout/cut.h"
#include <string_view>

namespace rl::store {

/// Threads from {"pieces": [{"points": [[x, y], …], "hole": false}]}, px within a million; a point may have a third
/// member, true where the thread bends softly.
Result<std::vector<cutout::Loop>> loopsFromJson(std::string_view text);

} // namespace rl::store
