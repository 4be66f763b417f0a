#include "store/stored_picture.h"
#include "store/digest.h"
#include "store/project_file.h"

namespace rl::store {

StoredPicture::StoredPicture(PictureFile file)
    : m_bytes(std::move(file.bytes))
    , m_sha256(std::move(file.sha256))
{
}

StoredPicture::StoredPicture(std::shared_ptr<const WorkPlace> work, std::string sha256)
    : m_work(std::move(work))
    , m_sha256(std::move(sha256))
{
}

Blob StoredPicture::bytes() const
{
    std::shared_ptr<const WorkPlace> work;
    {
        const std::lock_guard lock(m_mutex);
        if (m_bytes)
            return m_bytes;
        work = m_work;
    }
    if (!work)
        return nullptr;
    const auto read = ProjectFile::pictureBytes(*work, m_sha256);
    return read ? *read : nullptr;
}

Photo StoredPicture::load() const
{
    const Blob file = bytes();
    if (!file)
        return {};
    auto read = readPicture(file);
    return read ? read.take().pixels : Photo();
}

void StoredPicture::settle(const std::shared_ptr<const WorkPlace>& work) const
{
    const std::lock_guard lock(m_mutex);
    m_work = work;
    m_bytes = nullptr;
}

bool StoredPicture::settledIn(const std::shared_ptr<const WorkPlace>& work) const
{
    const std::lock_guard lock(m_mutex);
    return !m_bytes && m_work == work;
}

PictureFile pictureFile(Blob bytes)
{
    std::string digest = bytes ? sha256(*bytes) : std::string();
    return {std::move(bytes), std::move(digest)};
}

PictureFile pictureFile(const Photo& photo, int quality)
{
    return pictureFile(std::make_shared<const std::vector<unsigned char>>(encodeJpeg(photo, quality)));
}

Reference referenceOf(std::string name, PictureFile file, int width, int height)
{
    Reference r;
    r.name = std::move(name);
    r.pixels = LazyPhoto(width, height, std::make_shared<StoredPicture>(std::move(file)));
    return r;
}

Reference referenceOf(std::string name, const ReadPicture& picture)
{
    return referenceOf(
        std::move(name), {picture.original, picture.sha256}, picture.pixels.width(), picture.pixels.height());
}

Reference referenceOf(std::string name, const GlancedPicture& picture)
{
    return referenceOf(std::move(name), {picture.original, picture.sha256}, picture.width, picture.height);
}

} // namespace rl::store
