#pragma once
#include "core/base/finding.h"
#include "core/reading/order.h"
#include "core/reading/read_rules.h"
#include <nlohmann/json.hpp>

namespace rl::cli {

nlohmann::json jsonOf(const Finding& finding);
nlohmann::json jsonOf(const Findings& findings);
nlohmann::json jsonOf(const reading::Attention& attention);
nlohmann::json jsonOf(const reading::Suggestion& suggestion);
const char* nameOf(Station station);

} // namespace rl::cli
