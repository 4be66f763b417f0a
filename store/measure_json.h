#pragma once
#include "core/gather/measure.h"
#include <optional>
#include <vector>

namespace rl::store {

/// A picture's measures as kept in the work's file beside it (JSON), and back; nothing when they are of another make.
std::vector<unsigned char> bytesOf(const gather::PictureMeasure& measure);
std::optional<gather::PictureMeasure> measureFrom(const std::vector<unsigned char>& bytes);

} // namespace rl::store
