#pragma once
#include "core/project/lazy_photo.h"
#include "core/project/project.h"
#include "store/picture_reader.h"
#include <mutex>

namespace rl::store {

/// A picture file that lies in memory until it is on the disk inside a work, and is read from there afterwards.
class StoredPicture final : public PhotoSource {
public:
    StoredPicture(Blob bytes, std::string sha256);
    StoredPicture(std::filesystem::path work, std::string sha256);
    Photo load() const override;
    Blob bytes() const override;
    /// Its bytes are in that work now; they need not stay in memory.
    void settle(const std::filesystem::path& work) const;
    bool settledIn(const std::filesystem::path& work) const;

private:
    mutable std::mutex m_mutex;
    mutable Blob m_bytes; // null once settled
    mutable std::filesystem::path m_work;
    std::string m_sha256;
};

/// A reference of this picture, decoded when it is looked at. \param name shown on the wall
Reference referenceOf(std::string name, const ReadPicture& picture);
/// The same of a file that has only been glanced at.
Reference referenceOf(std::string name, const GlancedPicture& picture);

} // namespace rl::store
