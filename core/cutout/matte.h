#pragma once
#include "core/base/raster.h"

namespace rl::cutout {

/// Soft alpha in a band around a hard outline. Inside the band each pixel is placed on the line between the local
/// colour inside and the local colour outside (both averaged over sure pixels near by); where the two are too alike
/// to tell, the outline's own coverage stands.
/// \param coverage 0…255, of the outline \param bandPx full width of the band, px, > 0
/// Source: the compositing equation I = αF + (1-α)B solved for α by projection (Porter & Duff 1984; colour-line
/// projection as in Ruzon & Tomasi 2000), with Gaussian-weighted local means for F and B.
Mask softEdge(const Photo& picture, const Mask& coverage, double bandPx);

/// Colours of the cut-out with the old background taken out of its edge pixels: each is drawn towards the colour
/// just inside, wholly where α is small. Linear light; as large as the picture.
LinearPicture cleanColours(const LinearPicture& picture, const Mask& alpha);

} // namespace rl::cutout
