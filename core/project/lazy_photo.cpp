#include "core/project/lazy_photo.h"
#include "core/project/photo_memory.h"
#include <atomic>
#include <list>
#include <mutex>

namespace rl {

namespace {
class MemorySource final : public PhotoSource {
public:
    MemorySource(Photo photo, std::shared_ptr<const std::vector<unsigned char>> file)
        : m_photo(std::move(photo))
        , m_file(std::move(file))
    {
    }
    Photo load() const override { return m_photo; }
    std::shared_ptr<const std::vector<unsigned char>> bytes() const override { return m_file; }

private:
    Photo m_photo;
    std::shared_ptr<const std::vector<unsigned char>> m_file;
};

/// Decoded photographs, the last looked at first. One for the process: memory is.
class Shelf {
public:
    Photo find(const std::shared_ptr<const PhotoSource>& source)
    {
        const std::lock_guard lock(m_mutex);
        for (auto it = m_items.begin(); it != m_items.end(); ++it)
            if (it->source.lock() == source) {
                m_items.splice(m_items.begin(), m_items, it);
                return it->photo;
            }
        return {};
    }
    void put(const std::shared_ptr<const PhotoSource>& source, const Photo& photo)
    {
        const std::lock_guard lock(m_mutex);
        m_items.remove_if([&](const Item& i) { return i.source.expired() || i.source.lock() == source; });
        m_items.push_front({source, photo});
        std::size_t kept = 0;
        for (auto it = m_items.begin(); it != m_items.end();) {
            kept += it->photo.size() * sizeof(Rgb8);
            it = kept > m_most && it != m_items.begin() ? m_items.erase(it) : std::next(it);
        }
    }

    void setMost(std::size_t bytes) { m_most = bytes; }

private:
    struct Item {
        std::weak_ptr<const PhotoSource> source;
        Photo photo;
    };
    std::mutex m_mutex;
    std::list<Item> m_items;
    std::atomic<std::size_t> m_most = kPhotosKept;
};

Shelf& shelf()
{
    static Shelf one;
    return one;
}
} // namespace

void keepPhotos(std::size_t bytes)
{
    shelf().setMost(bytes);
}

LazyPhoto::LazyPhoto(Photo photo)
    : LazyPhoto(std::move(photo), nullptr)
{
}

LazyPhoto::LazyPhoto(Photo photo, std::shared_ptr<const std::vector<unsigned char>> file)
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
    Photo kept = shelf().find(m_source);
    if (!kept.empty())
        return kept;
    Photo loaded = m_source->load();
    const bool whole = loaded.width() == m_width && loaded.height() == m_height;
    m_source->setMissing(!whole);
    if (!whole)
        return {};
    shelf().put(m_source, loaded);
    return loaded;
}

std::shared_ptr<const std::vector<unsigned char>> LazyPhoto::bytes() const
{
    return m_source ? m_source->bytes() : nullptr;
}

} // namespace rl
