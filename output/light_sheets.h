#pragma once
#include "core/base/result.h"
#include "core/review/light_study.h"
#include <QString>

namespace rl::output {

/// Light study sheets to hang beside the easel, as a PDF on the work's paper: first the picture, its values, its form
/// zones, the ground plan with the lanterns and a list of them; then every element with a dial of where its light is,
/// what lights it, and its light and shade families to mix. Written beside, then renamed.
/// \return Invalid for another suffix than .pdf or a study without a picture
Result<Done> writeLightSheets(const review::LightStudy& study, const QString& path);

} // namespace rl::output
