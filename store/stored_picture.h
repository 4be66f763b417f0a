#pragma once
#include "core/project/lazy_photo.h"
#include "core/project/project.h"
#include "store/picture_reader.h"
#include "store/work_place.h"
#include <mutex>

namespace rl::store {

/// A picture file that lies in memory until it is on the disk inside a work, and is read from there afterwards.
class StoredPicture final : public PhotoSource {
public:
    explicit StoredPicture(PictureFile file);
    StoredPicture(std::shared_ptr<const WorkPlace> work, std::string sha256);
    Photo load() const override;
    Blob bytes() const override;
    std::string sha256() const override { return m_sha256; }
    /// Its bytes are in that work now; they need not stay in memory.
    void settle(const std::shared_ptr<const WorkPlace>& work) const;
    bool settledIn(const std::shared_ptr<const WorkPlace>& work) const;

private:
    mutable std::mutex m_mutex;
    mutable Blob m_bytes; // null once settled
    mutable std::shared_ptr<const WorkPlace> m_work;
    std::string m_sha256;
};

/// A picture's file of its bytes: works out the digest.
PictureFile pictureFile(Blob bytes);
/// The same of a picture that the program made, as JPEG. Takes as long as encoding: not on the interface thread.
PictureFile pictureFile(const Photo& photo, int quality = 92);

/// A reference of a picture, decoded when it is looked at. \param name shown on the wall \param width, height px,
/// upright
Reference referenceOf(std::string name, PictureFile file, int width, int height);
Reference referenceOf(std::string name, const ReadPicture& picture);
/// The same of a file that has only been glanced at.
Reference referenceOf(std::string name, const GlancedPicture& picture);

} // namespace rl::store
