#pragma once
#include "core/base/result.h"
#include "core/project/project.h"
#include <functional>
#include <nlohmann/json_fwd.hpp>

namespace rl::store {

/// The project as JSON, pixels left out; pictures and mattes are named by the SHA-256 of their bytes.
/// docs/file-format.md describes every field. \param matteOf gives the name under which a matte is stored
nlohmann::json toJson(const Project& project, const std::function<std::string(const Mask&)>& matteOf);

/// What is missing takes its default, what is out of range is repaired; a wrong type is an Error.
struct PixelSource {
    /// Fills in the pixels by their file's SHA-256; width and height as described, 0 where they are not.
    std::function<Result<Reference>(Reference, const std::string& sha256, int width, int height)> picture;
    std::function<Result<Mask>(const std::string&)> matte;
};
/// A sitting by itself.
std::string sittingText(const Sitting& sitting);
Result<Sitting> sittingFrom(const std::string& text);
Result<Project> fromJson(const nlohmann::json& json, const PixelSource& source);

} // namespace rl::store
