#pragma once
#include "late/pictures.h"

namespace rl::store {

/// What decodes and encodes pictures, loaded by the first who asks. \throws std::runtime_error, see core/base/late.h
const late::Pictures& latePictures();

} // namespace rl::store
