#pragma once
#include "core/base/raster.h"
#include <atomic>

namespace rl {

/// Where a photograph's pixels and its file come from when they are asked for.
class PhotoSource {
public:
    virtual ~PhotoSource() = default;
    /// Decodes: upright, sRGB; empty when it can not be read. From any thread.
    virtual Photo load() const = 0;
    /// The file, byte for byte; null when there is none. From any thread.
    virtual std::shared_ptr<const std::vector<unsigned char>> bytes() const = 0;

    /// Could it not be read when it was last asked for?
    bool missing() const { return m_missing; }
    void setMissing(bool missing) const { m_missing = missing; }

private:
    mutable std::atomic<bool> m_missing = false;
};

/// A photograph that is decoded when it is looked at and kept for a while afterwards, so that a wall of hundreds
/// does not have to fit in memory. A value: copies share the photograph.
class LazyPhoto {
public:
    LazyPhoto() = default; ///< 0 × 0
    LazyPhoto(Photo photo); ///< held in memory, without a file
    LazyPhoto(Photo photo, std::shared_ptr<const std::vector<unsigned char>> file); ///< both held in memory
    /// \param width, height px, upright, as the source will give them
    LazyPhoto(int width, int height, std::shared_ptr<const PhotoSource> source);

    int width() const { return m_width; }
    int height() const { return m_height; }
    bool empty() const { return m_width == 0 || m_height == 0; }
    /// The pixels; takes as long as decoding when they are not at hand. Empty while they can not be read: then it is
    /// missing, until a later call succeeds.
    Photo photo() const;
    bool missing() const { return m_source && m_source->missing(); }
    std::shared_ptr<const PhotoSource> held() const { return m_source; } ///< keeps identity() from being used again
    operator Photo() const { return photo(); }
    std::shared_ptr<const std::vector<unsigned char>> bytes() const;
    const PhotoSource* source() const { return m_source.get(); }
    /// Equal for copies of one photograph: a key for caches.
    const void* identity() const { return m_source.get(); }

private:
    int m_width = 0, m_height = 0;
    std::shared_ptr<const PhotoSource> m_source;
};

/// Bytes of decoded photographs kept at most (those in use elsewhere not counted).
inline constexpr std::size_t kPhotosKept = 320'000'000;

} // namespace rl
