#pragma once
#include "core/survey/work_survey.h"

namespace rl::app {

/// The simulated easel photographs a stage: askew, in lamp light, the nearest thing gone astray.
Result<Reference> simulatedPhoto(const survey::PaintedWork& work, int seed, const std::string& name);

} // namespace rl::app
