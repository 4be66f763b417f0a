#pragma once
#include <cstddef>

namespace rl {

/// How many bytes of decoded photographs are kept at most, those in use elsewhere not counted; at first kPhotosKept.
void keepPhotos(std::size_t bytes);

} // namespace rl
