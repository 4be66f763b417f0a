#pragma once
#include "core/base/progress.h"
#include "core/base/raster.h"

namespace rl::cutout {

/// Paints an unwanted thing out: the hole is filled from what lies around it, structures carried on, at the picture's
/// full size; outside of the hole every pixel stays as it was.
/// It is taken from where the painter says; else from the hole's own neighbourhood, as far away as the hole is large, and
/// there only from what is of a kind with its rim: nothing whose colours the rim has not.
/// \param hole 255 where to fill; as large as the picture \param from 255 where it may be taken from; empty = as above
/// \return empty when cancelled, or when there is nothing around the hole to fill from
/// Source: patch-based completion, Wexler, Shechtman & Irani (2007), with the nearest patches found after Barnes et
/// al., PatchMatch (2009); coarse to fine, 7 × 7 patches.
Photo patched(const Photo& picture, const Mask& hole, Progress& progress, const Mask& from = {});

} // namespace rl::cutout
