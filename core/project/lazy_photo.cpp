#include "core/project/lazy_photo.h"
#include "core/base/kept.h"

namespace rl {

namespace {
class MemorySource final : public PhotoSource {
public:
    MemorySource(Photo photo, PictureFile file)
        : m_photo(std::move(photo))
        , m_file(std::move(file))
    {
    }
    Photo load() const override { return m_photo; }
    std::shared_ptr<const std::vector<unsigned char>> bytes() const override { return m_file.bytes; }
    std::string sha256() const override { return m_file.sha256; }

private:
    Photo m_photo;
    PictureFile m_file;
};
} // namespace

std::shared_ptr<const Photo> PhotoSource::decoded() const
{
    const std::lock_guard lock(m_decodedMutex);
    return m_decoded.lock();
}

void PhotoSource::setDecoded(const std::shared_ptr<const Photo>& photo) const
{
    const std::lock_guard lock(m_decodedMutex);
    m_decoded = photo;
}

LazyPhoto::LazyPhoto(Photo photo, PictureFile file)
    : m_width(photo.width())
    , m_height(photo.height())
{
    if (!photo.empty())
        m_source = std::make_shared<MemorySource>(std::move(photo), std::move(file));
}

LazyPhoto::LazyPhoto(int width, int height, std::shared_ptr<const PhotoSource> source)
    : m_width(width)
    , m_height(height)
    , m_source(std::move(source))
{
}

Photo LazyPhoto::photo() const
{
    if (!m_source)
        return {};
    if (dynamic_cast<const MemorySource*>(m_source.get()))
        return m_source->load();
    if (const auto decoded = m_source->decoded()) {
        kept::used(decoded.get());
        return *decoded;
    }
    const Photo loaded = m_source->load();
    const bool whole = loaded.width() == m_width && loaded.height() == m_height;
    m_source->setMissing(!whole);
    if (!whole)
        return {};
    const auto decoded = std::make_shared<const Photo>(loaded);
    m_source->setDecoded(decoded);
    kept::hold(decoded, loaded.size() * sizeof(Rgb8));
    return loaded;
}

std::shared_ptr<const std::vector<unsigned char>> LazyPhoto::bytes() const
{
    return m_source ? m_source->bytes() : nullptr;
}

} // namespace rl
