#include "store/exiv.h"
#include "store/picture_reader.h"
#include <cmath>

namespace rl::store {

namespace {
double numberIn(const Exiv2::ExifData& data, const char* key)
{
    const auto found = data.findKey(Exiv2::ExifKey(key));
    const double value = found == data.end() || found->count() < 1 ? 0.0 : double(found->toFloat());
    return std::isfinite(value) && value > 0 ? value : 0;
}

/// Long side over short one.
double shapeOf(double w, double h)
{
    return std::max(w, h) / std::max(1e-9, std::min(w, h));
}
} // namespace

double focalShareOf(Bytes file, int width, int height)
{
    if (file.empty() || width < 1 || height < 1)
        return 0;
    try {
        const auto image = exivImage(file);
        image->readMetadata();
        const Exiv2::ExifData& data = image->exifData();
        const double w = numberIn(data, "Exif.Photo.PixelXDimension"), h = numberIn(data, "Exif.Photo.PixelYDimension");
        if (w > 0 && h > 0 && std::abs(shapeOf(w, h) / shapeOf(width, height) - 1) > 0.01)
            return 0;
        double share = 0;
        if (const double f35 = numberIn(data, "Exif.Photo.FocalLengthIn35mmFilm"); f35 > 0) {
            share = f35 / 43.27 * std::hypot(width, height) / width;
        } else {
            const double f = numberIn(data, "Exif.Photo.FocalLength"),
                         perUnit = numberIn(data, "Exif.Photo.FocalPlaneXResolution"),
                         unit = numberIn(data, "Exif.Photo.FocalPlaneResolutionUnit") == 3 ? 10 : 25.4; // cm, inches
            if (f > 0 && perUnit > 0 && w > 0)
                share = f / (w / perUnit * unit) * std::max(width, height) / width; // w runs along the sensor
        }
        return share > 0.2 && share < 30 ? share : 0;
    } catch (const std::exception&) {
        return 0;
    }
}

} // namespace rl::store
