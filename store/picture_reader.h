#pragma once
#include "core/base/raster.h"
#include "core/base/result.h"
#include "store/picture_header.h"
#include <filesystem>
#include <memory>
#include <vector>

namespace rl::store {

using Blob = std::shared_ptr<const std::vector<unsigned char>>;

struct ReadPicture {
    Photo pixels; ///< upright, 8 bits, sRGB
    std::string mediaType;
    Blob original;
    std::string sha256;
    std::string note; ///< what was done that the painter should know, or empty
};

inline constexpr std::uint64_t kMostPixels = 200'000'000;
inline constexpr std::uint64_t kMostBytes = 1'000'000'000;

/// Decodes a picture: size limits before decoding, EXIF orientation applied, embedded profile converted to sRGB,
/// 16 bits and CMYK brought to 8-bit RGB (noted).
Result<ReadPicture> readPicture(Blob bytes);
Result<ReadPicture> readPicture(const std::filesystem::path& path);

/// Focal length over the width of a picture as its camera wrote it down (EXIF 2.32: the length equal in angle on 35 mm
/// film, its diagonal 43.27 mm as CIPA DCG-001 has it; else the length and the pixels of the sensor's plane).
/// \param width, height px, upright. \return 0: not told, or the picture was cut to another shape since
double focalShareOf(Bytes file, int width, int height);

/// A picture only glanced at: its size, upright, and a small copy; much faster than decoding it whole.
struct GlancedPicture {
    int width = 0, height = 0; ///< px, upright
    Photo small; ///< upright, sRGB, the long side about `longest`
    std::string mediaType;
    Blob original;
    std::string sha256;
};
/// \param longest side of the small copy, px, 16…4096
Result<GlancedPicture> glancePicture(const Blob& bytes, int longest = 480);

/// A whole file. \return Missing, TooLarge or NotWritable kinds with one sentence
Result<Blob> readFile(const std::filesystem::path& path, std::uint64_t most = kMostBytes);
/// Writes beside the path, then renames: the old file stays whole when this fails.
Result<Done> writeFile(const std::filesystem::path& path, Bytes bytes);

/// A matte (one channel) from a picture file: grey, or alpha where there is one.
Result<Mask> readMask(const std::filesystem::path& path);
Result<Mask> decodeMask(Bytes png);
std::vector<unsigned char> encodePng(const Mask& mask);
std::vector<unsigned char> encodePng(const Photo& photo);
std::vector<unsigned char> encodePng(const Photo& photo, const Mask& alpha); ///< with transparency
/// OpenEXR, half a picture's worth of floats a channel: linear sRGB primaries, values as they are. Empty on failure.
std::vector<unsigned char> encodeExr(const LinearPicture& picture);
std::vector<unsigned char> encodeJpeg(const Photo& photo, int quality = 88);

} // namespace rl::store
