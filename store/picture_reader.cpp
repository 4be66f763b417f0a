#include "store/picture_reader.h"
#include "core/base/text.h"
#include "core/base/words.h"
#include "core/colour/profile.h"
#include "store/digest.h"
#include "store/exiv.h"
#include "store/foreign_pictures.h"
#include "store/late_pictures.h"
#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <sys/stat.h>
#include <unistd.h>

namespace rl::store {

namespace {
/// What travels with the pixels: which way up, and which colours are meant.
struct Companions {
    int orientation = 1; ///< EXIF 1…8
    std::vector<unsigned char> profile;
};

/// Metadata are a courtesy: damaged ones never stop a picture from being read.
Companions companionsOf(const std::vector<unsigned char>& bytes)
{
    Companions c;
    try {
        const auto image = exivImage(bytes);
        image->readMetadata();
        const auto found = image->exifData().findKey(Exiv2::ExifKey("Exif.Image.Orientation"));
        if (found != image->exifData().end())
            c.orientation = exivWhole(*found);
        c.profile = exivProfile(*image);
    } catch (const std::exception&) {
        return c;
    }
    return c;
}

cv::Mat upright(const cv::Mat& m, int orientation)
{
    cv::Mat out = m;
    if (orientation >= 5 && orientation <= 8)
        cv::transpose(m, out);
    const bool flipX = orientation == 2 || orientation == 3 || orientation == 6 || orientation == 7;
    const bool flipY = orientation == 3 || orientation == 4 || orientation == 7 || orientation == 8;
    if (flipX || flipY)
        cv::flip(out, out, flipX && flipY ? -1 : flipX ? 1 : 0);
    return out;
}

/// Kinds whose decoders check sizes themselves.
bool decodedElsewhere(const PictureHeader& header)
{
    return header.mediaType == "image/heif" || header.mediaType == "image/x-raw" || header.mediaType == "image/svg+xml";
}

/// To 8-bit RGB; transparent parts are laid over mid grey.
cv::Mat toRgb8(cv::Mat m, std::string& note)
{
    if (m.depth() == CV_16U) {
        m.convertTo(m, CV_8U, 1 / 257.0);
        note = tr("16 bits a channel were brought to 8. ");
    } else if (m.depth() != CV_8U) {
        cv::Mat finite = m.clone();
        cv::patchNaNs(finite, 0);
        finite.convertTo(m, CV_8U, 255);
        note = tr("Its floating-point values were taken as 0 to 1. ");
    }
    cv::Mat rgb;
    if (m.channels() == 1)
        cv::cvtColor(m, rgb, cv::COLOR_GRAY2RGB);
    else if (m.channels() == 3)
        cv::cvtColor(m, rgb, cv::COLOR_BGR2RGB);
    else if (m.channels() == 4) {
        rgb.create(m.size(), CV_8UC3);
        for (int y = 0; y < m.rows; ++y)
            for (int x = 0; x < m.cols; ++x) {
                const cv::Vec4b p = m.at<cv::Vec4b>(y, x);
                const auto mix = [&](int c) { return std::uint8_t((p[c] * p[3] + 128 * (255 - p[3])) / 255); };
                rgb.at<cv::Vec3b>(y, x) = {mix(2), mix(1), mix(0)};
            }
    }
    return rgb;
}

/// What is so wrong with the header that nothing should be decoded.
Result<PictureHeader> checkedHeader(Bytes bytes)
{
    const auto header = pictureHeader(bytes);
    if (!header || decodedElsewhere(*header))
        return header;
    if (header->width == 0 || header->height == 0)
        return Error{ErrorKind::Damaged, tr("The picture is 0 pixels wide or high; it is damaged."), {}};
    if (header->width * header->height > kMostPixels)
        return Error{ErrorKind::TooLarge,
            tr("The picture is %1 × %2 pixels; at most 200 million in all can be opened.",
                std::to_string(header->width), std::to_string(header->height)),
            {}};
    if (!header->complete)
        return Error{ErrorKind::Damaged, tr("The picture file ends too early; it was probably not copied whole."), {}};
    if (header->animated)
        return Error{
            ErrorKind::Unsupported, tr("This is an animation; save the frame you want as a picture of its own."), {}};
    return header;
}

struct Decoded {
    cv::Mat pixels; ///< as OpenCV orders them, not yet upright
    Companions with;
    std::string note;
};

Result<Decoded> decodeForeign(const PictureHeader& header, Bytes bytes)
{
    auto foreign = header.mediaType == "image/heif" ? decodeHeif(bytes)
        : header.mediaType == "image/x-raw"         ? decodeRaw(bytes)
                                                    : decodeSvg(bytes);
    if (!foreign)
        return foreign.error();
    ForeignPicture f = foreign.take();
    Decoded d;
    d.pixels = f.bgr, d.note = f.note;
    d.with.profile = std::move(f.profile);
    return d;
}

/// \param reduce 1, or 2, 4, 8 to let a JPEG come out that many times smaller, faster
Result<Decoded> decodePixels(const PictureHeader& header, const Blob& bytes, int reduce)
{
    if (decodedElsewhere(header))
        return decodeForeign(header, *bytes);
    const int small = reduce == 8 ? cv::IMREAD_REDUCED_COLOR_8
        : reduce == 4             ? cv::IMREAD_REDUCED_COLOR_4
        : reduce == 2             ? cv::IMREAD_REDUCED_COLOR_2
                                  : cv::IMREAD_UNCHANGED;
    Decoded out;
    try {
        out.pixels
            = latePictures().decode(cv::Mat(1, int(bytes->size()), CV_8UC1, const_cast<unsigned char*>(bytes->data())),
                small | cv::IMREAD_IGNORE_ORIENTATION);
    } catch (const cv::Exception& e) {
        return Error{ErrorKind::Damaged, tr("The picture is damaged and cannot be decoded."), e.what()};
    }
    if (out.pixels.empty())
        return Error{ErrorKind::Damaged, tr("The picture is damaged or of a variant that cannot be decoded."), {}};
    out.with = companionsOf(*bytes);
    return out;
}

Result<Photo> developed(const Decoded& decoded, std::string& note)
{
    const cv::Mat rgb = toRgb8(decoded.pixels, note);
    if (rgb.empty())
        return Error{
            ErrorKind::Unsupported, tr("The picture has an unusual number of channels; save it as plain RGB."), {}};
    Photo photo = Photo::fromMat(upright(rgb, decoded.with.orientation));
    if (!decoded.with.profile.empty()) {
        auto converted = colour::toSrgb(photo, decoded.with.profile);
        if (converted)
            photo = converted.take();
        else
            note += converted.error().sentence;
    }
    return photo;
}

Result<ReadPicture> decode(const Blob& bytes)
{
    const auto header = checkedHeader(*bytes);
    if (!header)
        return header.error();
    const auto decoded = decodePixels(*header, bytes, 1);
    if (!decoded)
        return decoded.error();
    ReadPicture out;
    out.note = decoded->note;
    auto photo = developed(*decoded, out.note);
    if (!photo)
        return photo.error();
    out.pixels = photo.take();
    out.mediaType = header->mediaType;
    out.original = bytes;
    out.sha256 = sha256(*bytes);
    return out;
}

Result<GlancedPicture> glance(const Blob& bytes, int longest)
{
    const auto header = checkedHeader(*bytes);
    if (!header)
        return header.error();
    const int side = int(std::max(header->width, header->height));
    const bool jpeg = header->mediaType == "image/jpeg";
    const int reduce = !jpeg ? 1 : side >= 8 * longest ? 8 : side >= 4 * longest ? 4 : side >= 2 * longest ? 2 : 1;
    const auto decoded = decodePixels(*header, bytes, reduce);
    if (!decoded)
        return decoded.error();
    std::string note;
    const auto photo = developed(*decoded, note);
    if (!photo)
        return photo.error();
    GlancedPicture out;
    const bool turned = decoded->with.orientation >= 5 && decoded->with.orientation <= 8;
    out.width = reduce == 1 ? photo->width() : int(turned ? header->height : header->width);
    out.height = reduce == 1 ? photo->height() : int(turned ? header->width : header->height);
    const double scale = std::min(1.0, double(longest) / std::max(photo->width(), photo->height()));
    cv::Mat small;
    cv::resize(photo->mat(), small,
        cv::Size(std::max(1, int(std::lround(photo->width() * scale))),
            std::max(1, int(std::lround(photo->height() * scale)))),
        0, 0, cv::INTER_AREA);
    out.small = Photo::fromMat(small);
    out.mediaType = header->mediaType;
    out.original = bytes;
    out.sha256 = sha256(*bytes);
    return out;
}
} // namespace

Result<GlancedPicture> glancePicture(const Blob& bytes, int longest)
{
    return guarded([&]() -> Result<GlancedPicture> { return glance(bytes, std::clamp(longest, 16, 4096)); });
}

Result<ReadPicture> readPicture(Blob bytes)
{
    return guarded([&]() -> Result<ReadPicture> { return decode(bytes); });
}

Result<ReadPicture> readPicture(const std::filesystem::path& path)
{
    auto bytes = readFile(path);
    if (!bytes)
        return bytes.error();
    return readPicture(bytes.take());
}

Result<Blob> readFile(const std::filesystem::path& path, std::uint64_t most)
{
    return guarded([&]() -> Result<Blob> {
        const std::string name = tr("“%1”", path.filename().string());
        std::error_code error;
        if (!std::filesystem::exists(path, error))
            return Error{ErrorKind::Missing, tr("There is no file %1.", name), path.string()};
        if (!std::filesystem::is_regular_file(path, error))
            return Error{ErrorKind::Unsupported, tr("%1 is not a file that can be read.", name), path.string()};
        const std::uintmax_t size = std::filesystem::file_size(path, error);
        if (error || size > most)
            return Error{ErrorKind::TooLarge,
                tr("%1 is too large to be opened (%2 MB).", name, fixed(double(size) / 1e6, 0)), {}};
        std::ifstream in(path, std::ios::binary);
        std::vector<unsigned char> bytes(size);
        if (!in || (size > 0 && !in.read(reinterpret_cast<char*>(bytes.data()), std::streamsize(size))))
            return Error{ErrorKind::NotWritable, tr("%1 cannot be read; you may lack the permission.", name), {}};
        return std::make_shared<const std::vector<unsigned char>>(std::move(bytes));
    });
}

namespace {
/// What the person lets others do with new files, read once before any thread could ask.
mode_t usualMask()
{
    static const mode_t mask = [] {
        const mode_t was = ::umask(022);
        ::umask(was);
        return was;
    }();
    return mask;
}
[[maybe_unused]] const mode_t s_maskRead = usualMask();
// Off by default in the library, for reading hostile files; we only write. Here, before there are threads.
[[maybe_unused]] const int s_exrWritten = ::setenv("OPENCV_IO_ENABLE_OPENEXR", "1", 0);
} // namespace

Result<Done> writeFile(const std::filesystem::path& path, Bytes bytes)
{
    return guarded([&]() -> Result<Done> {
        const auto cannot = [&](int why) {
            return Error{why == ENOSPC || why == EDQUOT ? ErrorKind::Full : ErrorKind::NotWritable,
                tr("“%1” cannot be written there; the folder may be full or protected.", path.filename().string()),
                std::strerror(why)};
        };
        std::string beside = path.string() + ".XXXXXX";
        const int file = ::mkostemp(beside.data(), O_CLOEXEC);
        if (file < 0)
            return cannot(errno);
        ::fchmod(file, 0644 & ~usualMask());
        int wrong = 0;
        for (std::size_t at = 0; at < bytes.size() && !wrong;) {
            const ssize_t n = ::write(file, bytes.data() + at, bytes.size() - at);
            if (n < 0 && errno != EINTR)
                wrong = errno;
            at += n > 0 ? std::size_t(n) : 0;
        }
        if (!wrong && ::fsync(file) != 0 && errno != EINVAL)
            wrong = errno;
        if (::close(file) != 0 && !wrong)
            wrong = errno;
        if (!wrong && ::rename(beside.c_str(), path.c_str()) != 0)
            wrong = errno;
        if (wrong) {
            ::unlink(beside.c_str());
            return cannot(wrong);
        }
        return Done{};
    });
}

Result<Mask> decodeMask(Bytes png)
{
    return guarded([&]() -> Result<Mask> {
        const auto header = pictureHeader(png);
        if (!header)
            return header.error();
        if (header->width * header->height > kMostPixels || header->width == 0 || header->height == 0)
            return Error{ErrorKind::TooLarge, tr("The mask is too large, or empty."), {}};
        cv::Mat m = latePictures().decode(
            cv::Mat(1, int(png.size()), CV_8UC1, const_cast<unsigned char*>(png.data())), cv::IMREAD_UNCHANGED);
        if (!m.empty() && m.depth() == CV_16U)
            m.convertTo(m, CV_8U, 1 / 257.0);
        if (m.empty() || m.depth() != CV_8U)
            return Error{ErrorKind::Damaged, tr("The mask is damaged or not 8 or 16 bits a channel."), {}};
        cv::Mat one = m;
        if (m.channels() == 4)
            cv::extractChannel(m, one, 3);
        else if (m.channels() == 3)
            cv::cvtColor(m, one, cv::COLOR_BGR2GRAY);
        return Mask::fromMat(one);
    });
}

Result<Mask> readMask(const std::filesystem::path& path)
{
    const auto bytes = readFile(path);
    if (!bytes)
        return bytes.error();
    return decodeMask(*bytes.value());
}

std::vector<unsigned char> encodePng(const Mask& mask)
{
    std::vector<unsigned char> out;
    latePictures().encode(".png", mask.mat(), out, {cv::IMWRITE_PNG_COMPRESSION, 2});
    return out;
}

std::vector<unsigned char> encodePng(const Photo& photo)
{
    cv::Mat bgr;
    cv::cvtColor(photo.mat(), bgr, cv::COLOR_RGB2BGR);
    std::vector<unsigned char> out;
    latePictures().encode(".png", bgr, out, {cv::IMWRITE_PNG_COMPRESSION, 3});
    return out;
}

std::vector<unsigned char> encodePng(const Photo& photo, const Mask& alpha)
{
    cv::Mat bgra;
    cv::cvtColor(photo.mat(), bgra, cv::COLOR_RGB2BGRA);
    cv::insertChannel(alpha.mat(), bgra, 3);
    std::vector<unsigned char> out;
    latePictures().encode(".png", bgra, out, {cv::IMWRITE_PNG_COMPRESSION, 3});
    return out;
}

std::vector<unsigned char> encodeExr(const LinearPicture& picture)
{
    cv::Mat bgr;
    cv::cvtColor(picture.mat(), bgr, cv::COLOR_RGB2BGR);
    std::vector<unsigned char> out;
    if (!latePictures().encode(".exr", bgr, out, {cv::IMWRITE_EXR_TYPE, cv::IMWRITE_EXR_TYPE_FLOAT}))
        out.clear();
    return out;
}

std::vector<unsigned char> encodeJpeg(const Photo& photo, int quality)
{
    cv::Mat bgr;
    cv::cvtColor(photo.mat(), bgr, cv::COLOR_RGB2BGR);
    std::vector<unsigned char> out;
    latePictures().encode(".jpg", bgr, out, {cv::IMWRITE_JPEG_QUALITY, quality});
    return out;
}

} // namespace rl::store
