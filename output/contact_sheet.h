#pragma once
#include "core/base/result.h"
#include "core/review/take_figures.h"
#include <QString>

namespace rl::output {

/// A sheet of small pictures to vote on: each with its letter, name and figures, and a line to write votes on.
/// PDF (A4, as many pages as needed) or PNG (one picture), by the suffix of the path; written beside, then renamed.
/// \param figures of the takes to show, in order \return Invalid for another suffix or no takes
Result<Done> writeContactSheet(
    const Project& project, const std::vector<review::TakeFigures>& figures, const QString& path);

} // namespace rl::output
