#include "store/picture_header.h"
#include "core/base/words.h"
#include <algorithm>
#include <cstring>
#include <initializer_list>

namespace rl::store {

namespace {
/// Reads numbers with the bounds checked; past the end everything is 0.
class Reader {
public:
    explicit Reader(Bytes bytes)
        : m_bytes(bytes)
    {
    }
    std::uint32_t byte(std::size_t at) const { return at < m_bytes.size() ? m_bytes[at] : 0; }
    std::uint32_t big16(std::size_t at) const { return byte(at) << 8 | byte(at + 1); }
    std::uint32_t big32(std::size_t at) const { return big16(at) << 16 | big16(at + 2); }
    std::uint32_t little16(std::size_t at) const { return byte(at) | byte(at + 1) << 8; }
    std::uint32_t little24(std::size_t at) const { return little16(at) | byte(at + 2) << 16; }
    std::uint32_t little32(std::size_t at) const { return little16(at) | little16(at + 2) << 16; }
    bool has(std::size_t at, const char* text) const
    {
        const std::size_t n = std::strlen(text);
        return at + n <= m_bytes.size() && std::memcmp(m_bytes.data() + at, text, n) == 0;
    }
    std::size_t size() const { return m_bytes.size(); }

private:
    Bytes m_bytes;
};

PictureHeader jpeg(const Reader& r)
{
    PictureHeader h{"image/jpeg"};
    std::size_t at = 2;
    bool scan = false;
    while (at + 4 <= r.size()) {
        if (r.byte(at) != 0xff) {
            ++at;
            continue;
        }
        const std::uint32_t marker = r.byte(at + 1);
        if (marker == 0xff || marker == 0 || marker == 1 || (marker >= 0xd0 && marker <= 0xd8)) {
            at += marker == 0xff ? 1 : 2;
            continue;
        }
        if (marker >= 0xc0 && marker <= 0xcf && marker != 0xc4 && marker != 0xc8 && marker != 0xcc) {
            h.height = r.big16(at + 5);
            h.width = r.big16(at + 7);
        }
        if (marker == 0xda) {
            scan = true;
            break;
        }
        at += 2 + std::max<std::size_t>(2, r.big16(at + 2));
    }
    // Every whole JPEG closes with an end-of-image marker; cameras may append a few bytes after it.
    bool closed = false;
    for (std::size_t i = r.size(); scan && i-- > at + 2;)
        if (r.byte(i) == 0xff && r.byte(i + 1) == 0xd9) {
            closed = true;
            break;
        }
    h.complete = scan && closed;
    return h;
}

PictureHeader png(const Reader& r)
{
    PictureHeader h{"image/png", r.big32(16), r.big32(20)};
    h.complete = false;
    for (std::size_t at = 8; at + 12 <= r.size();) {
        if (r.has(at + 4, "acTL"))
            h.animated = true;
        if (r.has(at + 4, "IEND"))
            h.complete = true;
        at += 12 + std::size_t(r.big32(at));
    }
    return h;
}

PictureHeader webp(const Reader& r)
{
    PictureHeader h{"image/webp"};
    if (r.has(12, "VP8X")) {
        h.animated = (r.byte(20) & 2) != 0;
        h.width = r.little24(24) + 1;
        h.height = r.little24(27) + 1;
    } else if (r.has(12, "VP8L")) {
        const std::uint32_t bits = r.little32(21);
        h.width = (bits & 0x3fff) + 1;
        h.height = (bits >> 14 & 0x3fff) + 1;
    } else {
        h.width = r.little16(26) & 0x3fff;
        h.height = r.little16(28) & 0x3fff;
    }
    h.complete = std::uint64_t(r.little32(4)) + 8 <= r.size() + 1;
    return h;
}

PictureHeader tiff(const Reader& r)
{
    PictureHeader h{"image/tiff"};
    const bool little = r.byte(0) == 'I';
    const auto u16 = [&](std::size_t at) { return little ? r.little16(at) : r.big16(at); };
    const auto u32 = [&](std::size_t at) { return little ? r.little32(at) : r.big32(at); };
    const std::size_t directory = u32(4);
    const std::uint32_t entries = u16(directory);
    bool make = false, parts = false, dng = false;
    for (std::uint32_t i = 0; i < std::min(entries, 400u); ++i) {
        const std::size_t at = directory + 2 + std::size_t(i) * 12;
        const std::uint32_t tag = u16(at), value = u16(at + 2) == 3 ? u16(at + 8) : u32(at + 8);
        if (tag == 256)
            h.width = value;
        if (tag == 257)
            h.height = value;
        make = make || tag == 271;
        parts = parts || tag == 330;
        dng = dng || tag == 50706;
    }
    // Camera raw dresses as TIFF: a DNG says so; others name the camera and keep the sensor's data in a part of its
    // own.
    if (dng || r.has(8, "CR") || (make && parts))
        return {"image/x-raw"};
    h.complete = directory + 2 < r.size() && h.width > 0;
    return h;
}

/// The brand of an ISO base media file, at byte 8 behind "ftyp".
bool branded(const Reader& r, std::initializer_list<const char*> brands)
{
    return r.has(4, "ftyp") && std::any_of(brands.begin(), brands.end(), [&](const char* b) { return r.has(8, b); });
}

bool looksLikeSvg(const Reader& r)
{
    std::string start;
    for (std::size_t i = 0; i < std::min<std::size_t>(r.size(), 2000); ++i)
        start += char(r.byte(i));
    const auto first = start.find_first_not_of(" \t\r\n\xef\xbb\xbf");
    return first != std::string::npos && start[first] == '<' && start.find("<svg") != std::string::npos;
}

bool looksLikeRaw(const Reader& r)
{
    return branded(r, {"crx "}) || r.has(0, "FUJIFILMCCD-RAW") || r.has(0, "IIRO") || r.has(0, "IIRS")
        || r.has(0, "MMOR") || (r.has(0, "IIU") && r.byte(3) == 0) || r.has(0, "FOVb");
}
} // namespace

bool looksLikeFilm(Bytes bytes)
{
    const Reader r(bytes);
    const bool picture = branded(r, {"heic", "heix", "hevc", "mif1", "msf1", "avif", "crx "});
    return (r.has(4, "ftyp") && !picture) || r.has(4, "moov") || r.has(4, "mdat") || r.has(0, "\x1a\x45\xdf\xa3")
        || (r.has(0, "RIFF") && r.has(8, "AVI "));
}

Result<PictureHeader> pictureHeader(Bytes bytes)
{
    const Reader r(bytes);
    if (bytes.empty())
        return Error{ErrorKind::Damaged, tr("The file is empty."), {}};
    if (r.byte(0) == 0xff && r.byte(1) == 0xd8 && r.byte(2) == 0xff)
        return jpeg(r);
    if (r.has(0, "\x89PNG\r\n\x1a\n"))
        return png(r);
    if (r.has(0, "RIFF") && r.has(8, "WEBP"))
        return webp(r);
    if ((r.has(0, "II*") && r.byte(3) == 0) || (r.has(0, "MM") && r.byte(2) == 0 && r.byte(3) == 42))
        return tiff(r);
    if (branded(r, {"heic", "heix", "hevc", "mif1", "msf1"}))
        return PictureHeader{"image/heif"};
    if (looksLikeRaw(r))
        return PictureHeader{"image/x-raw"};
    if (looksLikeSvg(r))
        return PictureHeader{"image/svg+xml"};
    if (looksLikeFilm(bytes))
        return Error{ErrorKind::Unsupported, tr("This is a video clip; pick a still from it at Gather."), {}};
    if (r.has(0, "GIF8"))
        return Error{ErrorKind::Unsupported,
            tr("This is a GIF, which holds too few colours to be a reference; save it as PNG."), {}};
    return Error{ErrorKind::Unsupported,
        tr("The contents are not JPEG, PNG, TIFF, WebP, HEIC, SVG or camera raw, although the name says so."), {}};
}

} // namespace rl::store
