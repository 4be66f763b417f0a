#include "output/big_picture.h"
#include "core/base/parallel.h"
#include "output/paper.h"
#include "output/said.h"
#include <cmath>
#include <cstring>
#include <opencv2/imgproc.hpp>
#include <tiffio.h>
#include <unistd.h>

namespace rl::output {

namespace {
constexpr int kStrip = 128; // rows

/// Rows [top, top + rows) of the picture at its new size.
void strip(const cv::Mat& source, int width, int height, int top, int rows, cv::Mat& out)
{
    const double kx = double(source.cols) / width, ky = double(source.rows) / height;
    out.create(rows, width, CV_8UC3);
    parallelRows(rows, [&](int begin, int end) {
        const int y0 = top + begin, n = end - begin;
        cv::Mat part = out.rowRange(begin, end);
        // What of the source these rows need, with room for the kernel.
        const int from = std::max(0, int(std::floor(y0 * ky)) - 3),
                  to = std::min(source.rows, int(std::ceil((y0 + n) * ky)) + 3);
        const cv::Mat piece = source.rowRange(from, to);
        const cv::Matx23d m(kx, 0, 0.5 * kx - 0.5, 0, ky, (y0 + 0.5) * ky - 0.5 - from);
        cv::warpAffine(piece, part, m, part.size(), cv::INTER_CUBIC | cv::WARP_INVERSE_MAP, cv::BORDER_REPLICATE);
    });
}
/// All rows into an open file; a full disk is seen at the strip it stops, or when the last is flushed.
Result<Done> fill(
    const cv::Mat& source, int widthPx, int heightPx, double pixelsPerInch, QSaveFile& file, Progress& progress)
{
    TIFFSetErrorHandler(nullptr), TIFFSetWarningHandler(nullptr);
    const bool big = double(widthPx) * heightPx * 3 > 3.9e9;
    TIFF* tiff = TIFFFdOpen(::dup(file.handle()), "picture", big ? "w8" : "w");
    if (!tiff)
        return Error{ErrorKind::NotWritable, {}, {}};
    TIFFSetField(tiff, TIFFTAG_IMAGEWIDTH, std::uint32_t(widthPx));
    TIFFSetField(tiff, TIFFTAG_IMAGELENGTH, std::uint32_t(heightPx));
    TIFFSetField(tiff, TIFFTAG_BITSPERSAMPLE, 8);
    TIFFSetField(tiff, TIFFTAG_SAMPLESPERPIXEL, 3);
    TIFFSetField(tiff, TIFFTAG_PHOTOMETRIC, PHOTOMETRIC_RGB);
    TIFFSetField(tiff, TIFFTAG_PLANARCONFIG, PLANARCONFIG_CONTIG);
    TIFFSetField(tiff, TIFFTAG_COMPRESSION, COMPRESSION_NONE);
    TIFFSetField(tiff, TIFFTAG_ROWSPERSTRIP, std::uint32_t(kStrip));
    TIFFSetField(tiff, TIFFTAG_RESOLUTIONUNIT, RESUNIT_INCH);
    TIFFSetField(tiff, TIFFTAG_XRESOLUTION, pixelsPerInch);
    TIFFSetField(tiff, TIFFTAG_YRESOLUTION, pixelsPerInch);
    bool ok = true;
    cv::Mat rows;
    for (int top = 0, n = 0; ok && top < heightPx && !progress.cancelled(); top += kStrip, ++n) {
        strip(source, widthPx, heightPx, top, std::min(kStrip, heightPx - top), rows);
        const auto bytes = tmsize_t(rows.total() * rows.elemSize());
        ok = TIFFWriteEncodedStrip(tiff, std::uint32_t(n), rows.data, bytes) == bytes;
        progress.report(double(top) / heightPx, tr("writing"));
    }
    ok = ok && TIFFFlush(tiff) == 1;
    TIFFClose(tiff);
    if (progress.cancelled())
        return Error{ErrorKind::Cancelled, tr("Nothing was written."), {}};
    return ok ? Result<Done>(Done{}) : Result<Done>(Error{ErrorKind::NotWritable, {}, {}});
}
} // namespace

Result<Done> writeTiff(
    const Photo& picture, int widthPx, int heightPx, double pixelsPerInch, const QString& path, Progress& progress)
{
    if (picture.empty() || widthPx < 1 || heightPx < 1 || widthPx > 100'000 || heightPx > 100'000
        || !(pixelsPerInch > 0) || !std::isfinite(pixelsPerInch))
        return Error{ErrorKind::Invalid, tr("A picture is 1 to 100000 pixels on a side."), {}};
    cv::Mat source = picture.mat();
    if (widthPx * 2 <= source.cols) { // shrunk first, so that no pixel is skipped
        cv::Mat smaller;
        cv::resize(source, smaller, {widthPx, heightPx}, 0, 0, cv::INTER_AREA);
        source = smaller;
    }
    return writeWhole(path, tr("The file cannot be written there; choose another folder."),
        [&](QSaveFile& file) { return fill(source, widthPx, heightPx, pixelsPerInch, file, progress); });
}

} // namespace rl::output
