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
nlohmann::json jsonOf(const reading::Reading& reading, double pixelsPerCm);
nlohmann::json jsonOf(const reading::ValuePlan& values);
nlohmann::json jsonOf(const reading::ColourPlan& colours);
const char* nameOf(Station station);

} // namespace rl::cli
