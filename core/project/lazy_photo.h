#pragma once
#include "core/base/raster.h"
#include <atomic>
#include <mutex>
#include <string>

namespace rl {

/// A picture's file, byte for byte, and the SHA-256 of it (lower-case hex): the only way a picture comes into a work.
/// store::pictureFile() makes it of bytes.
struct PictureFile {
    std::shared_ptr<const std::vector<unsigned char>> bytes;
    std::string sha256;
};

/// Where a photograph's pixels and its file come from when they are asked for.
class PhotoSource {
public:
    virtual ~PhotoSource() = default;
    virtual std::string sha256() const = 0; ///< of the file, lower-case hex
    /// Decodes: upright, sRGB; empty when it can not be read. From any thread.
    virtual Photo load() const = 0;
    /// The file, byte for byte; null when there is none. From any thread.
    virtual std::shared_ptr<const std::vector<unsigned char>> bytes() const = 0;

    /// Could it not be read when it was last asked for?
    bool missing() const { return m_missing; }
    void setMissing(bool missing) const { m_missing = missing; }

    /// Its pixels as decoded last; null once they gave way to others (core/base/kept.h).
    std::shared_ptr<const Photo> decoded() const;
    void setDecoded(const std::shared_ptr<const Photo>& photo) const;

private:
    mutable std::atomic<bool> m_missing = false;
    mutable std::mutex m_decodedMutex;
    mutable std::weak_ptr<const Photo> m_decoded;
};

/// A photograph that is decoded when it is looked at and kept for a while afterwards, so that a wall of hundreds
/// does not have to fit in memory. A value: copies share the photograph.
class LazyPhoto {
public:
    LazyPhoto() = default; ///< 0 × 0
    LazyPhoto(Photo photo, PictureFile file); ///< both held in memory
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
    std::string sha256() const { return m_source ? m_source->sha256() : std::string(); }
    const PhotoSource* source() const { return m_source.get(); }
    /// The same picture: the same file, wherever it is read from.
    bool operator==(const LazyPhoto& o) const
    {
        return m_source == o.m_source || (m_width == o.m_width && m_height == o.m_height && sha256() == o.sha256());
    }
    /// Equal for copies of one photograph: a key for caches.
    const void* identity() const { return m_source.get(); }

private:
    int m_width = 0, m_height = 0;
    std::shared_ptr<const PhotoSource> m_source;
};

} // namespace rl
