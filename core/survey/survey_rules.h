#pragma once
#include "core/survey/work_survey.h"

namespace rl::survey {

/// Drift of landmarks, values and colours of things, what should be painted and is not, what melts, what draws more
/// than it should; each with the smallest change in paint.
Findings surveyFindings(const PaintedWork& work, const WorkSurvey& survey);

/// "4 mm low and 2 mm to the right"
std::string driftWords(double dxMm, double dyMm);

} // namespace rl::survey
