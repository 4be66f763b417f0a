#pragma once
#include "core/cutout/cut.h"
#include "core/project/project.h"

namespace rl::stage {

/// What was said of a cut-out, as cutting takes it.
cutout::Wanted wantedOf(const Cutout& cutout);
/// A thread as its smooth loop.
cutout::Loop loopOf(const Outline& outline);

} // namespace rl::stage
