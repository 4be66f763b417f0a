#include "store/stored_picture.h"
#include "store/project_file.h"

namespace rl::store {

StoredPicture::StoredPicture(Blob bytes, std::string sha256)
    : m_bytes(std::move(bytes))
    , m_sha256(std::move(sha256))
{
}

StoredPicture::StoredPicture(std::filesystem::path work, std::string sha256)
    : m_work(std::move(work))
    , m_sha256(std::move(sha256))
{
}

Blob StoredPicture::bytes() const
{
    std::filesystem::path work;
    {
        const std::lock_guard lock(m_mutex);
        if (m_bytes)
            return m_bytes;
        work = m_work;
    }
    const auto read = ProjectFile::pictureBytes(work, m_sha256);
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

void StoredPicture::settle(const std::filesystem::path& work) const
{
    const std::lock_guard lock(m_mutex);
    m_work = work;
    m_bytes = nullptr;
}

bool StoredPicture::settledIn(const std::filesystem::path& work) const
{
    const std::lock_guard lock(m_mutex);
    return !m_bytes && m_work == work;
}

namespace {
Reference make(std::string name, int width, int height, const Blob& bytes, const std::string& sha256)
{
    Reference r;
    r.name = std::move(name);
    r.sha256 = sha256;
    r.pixels = LazyPhoto(width, height, std::make_shared<StoredPicture>(bytes, sha256));
    return r;
}
} // namespace

Reference referenceOf(std::string name, const ReadPicture& picture)
{
    return make(std::move(name), picture.pixels.width(), picture.pixels.height(), picture.original, picture.sha256);
}

Reference referenceOf(std::string name, const GlancedPicture& picture)
{
    return make(std::move(name), picture.width, picture.height, picture.original, picture.sha256);
}

} // namespace rl::store
