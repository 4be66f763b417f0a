#pragma once
#include "core/stage/compose.h"

namespace rl::kit {

/// A work's frame with nothing kept from before. \param width px
inline std::shared_ptr<const stage::StageFrame> frameOf(const Project& project, int width = 600)
{
    stage::SurfaceCache cache;
    NoProgress progress;
    return stage::compose(project, width, cache, progress);
}

} // namespace rl::kit
