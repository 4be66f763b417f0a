#pragma once
#include "core/base/result.h"
#include <cstdint>
#include <span>
#include <string>

namespace rl::store {

using Bytes = std::span<const unsigned char>;

/// What a picture file says of itself before anything is decoded.
struct PictureHeader {
    std::string mediaType; ///< "image/" and jpeg, png, tiff, webp, heif, svg+xml or x-raw
    std::uint64_t width = 0, height = 0; ///< px; 0 for heif, svg+xml and x-raw, which their decoders check
    bool animated = false;
    bool complete = true; ///< false when the file's own structure ends too early
};

/// Reads type and size from the first bytes, whatever the file is called. Anything else is an Error that says what
/// it is not.
Result<PictureHeader> pictureHeader(Bytes bytes);

/// Whether the first bytes are those of a video clip (ISO base media, Matroska, AVI), whatever it is called.
bool looksLikeFilm(Bytes firstBytes);

} // namespace rl::store
