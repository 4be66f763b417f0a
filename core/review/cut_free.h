#pragma once
#include "core/base/result.h"
#include "core/project/project.h"
#include "core/reading/attention.h"

namespace rl::review {

/// A strong place of the backdrop made an element of its own, where it is: a card cut from the backdrop's picture. What
/// lies over the horizon stands far behind, lifted.
/// \param pixelsPerCm of the picture the place was found in \return Invalid where the backdrop is no picture
Result<Project> withPlaceCutFree(Project project, const reading::StrongPlace& place, double pixelsPerCm);

} // namespace rl::review
