#include "late/pictures.h"
#include <cstring>
#include <libheif/heif.h>
#include <libraw/libraw.h>
#include <librsvg/rsvg.h>
#include <memory>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace rl::late {

namespace {
Foreign damaged(const char* detail)
{
    Foreign f;
    f.outcome = Read::Damaged, f.detail = detail ? detail : "";
    return f;
}

Foreign damaged(GError* error)
{
    Foreign f = damaged(error ? error->message : "");
    g_clear_error(&error);
    return f;
}

Foreign tooLarge(std::uint64_t w, std::uint64_t h)
{
    Foreign f;
    f.outcome = Read::TooLarge, f.width = w, f.height = h;
    return f;
}

template <class T, void (*Free)(T*)> struct Freed {
    void operator()(T* p) const { Free(p); }
};
using HeifContext = std::unique_ptr<heif_context, Freed<heif_context, heif_context_free>>;
void releaseHandle(heif_image_handle* h)
{
    heif_image_handle_release(h);
}
void releaseImage(heif_image* i)
{
    heif_image_release(i);
}
using HeifHandle = std::unique_ptr<heif_image_handle, Freed<heif_image_handle, releaseHandle>>;
using HeifImage = std::unique_ptr<heif_image, Freed<heif_image, releaseImage>>;
void unref(RsvgHandle* h)
{
    g_object_unref(h);
}
using SvgHandle = std::unique_ptr<RsvgHandle, Freed<RsvgHandle, unref>>;

Foreign decodeHeif(Pictures::Bytes bytes, std::uint64_t most)
{
    const HeifContext context(heif_context_alloc());
    heif_error e = heif_context_read_from_memory_without_copy(context.get(), bytes.data(), bytes.size(), nullptr);
    if (e.code != heif_error_Ok)
        return damaged(e.message);
    heif_image_handle* rawHandle = nullptr;
    e = heif_context_get_primary_image_handle(context.get(), &rawHandle);
    const HeifHandle handle(rawHandle);
    if (e.code != heif_error_Ok)
        return damaged(e.message);
    const int w = heif_image_handle_get_width(handle.get()), h = heif_image_handle_get_height(handle.get());
    if (w <= 0 || h <= 0 || std::uint64_t(w) * std::uint64_t(h) > most)
        return tooLarge(std::uint64_t(std::max(0, w)), std::uint64_t(std::max(0, h)));
    heif_image* rawImage = nullptr;
    e = heif_decode_image(handle.get(), &rawImage, heif_colorspace_RGB, heif_chroma_interleaved_RGB, nullptr);
    const HeifImage image(rawImage);
    if (e.code != heif_error_Ok)
        return damaged(e.message);
    int stride = 0;
    const std::uint8_t* plane = heif_image_get_plane_readonly(image.get(), heif_channel_interleaved, &stride);
    if (!plane)
        return damaged("no plane");
    Foreign out;
    const cv::Mat rgb(heif_image_get_height(image.get(), heif_channel_interleaved),
        heif_image_get_width(image.get(), heif_channel_interleaved), CV_8UC3, const_cast<std::uint8_t*>(plane),
        std::size_t(stride));
    cv::cvtColor(rgb, out.bgr, cv::COLOR_RGB2BGR);
    const std::size_t size = heif_image_handle_get_raw_color_profile_size(handle.get());
    if (size > 0 && size < 10'000'000) {
        out.profile.resize(size);
        if (heif_image_handle_get_raw_color_profile(handle.get(), out.profile.data()).code != heif_error_Ok)
            out.profile.clear();
    }
    return out;
}

Foreign decodeRaw(Pictures::Bytes bytes, std::uint64_t most)
{
    const auto raw = std::make_unique<LibRaw>(); // too large for the stack
    if (const int code = raw->open_buffer(const_cast<unsigned char*>(bytes.data()), bytes.size()); code != 0)
        return damaged(libraw_strerror(code));
    const std::uint64_t w = raw->imgdata.sizes.raw_width, h = raw->imgdata.sizes.raw_height;
    if (w * h > most || w == 0 || h == 0)
        return tooLarge(w, h);
    raw->imgdata.params.use_camera_wb = 1;
    raw->imgdata.params.output_bps = 8;
    raw->imgdata.params.output_color = 1; // sRGB
    if (int code = raw->unpack(); code != 0)
        return damaged(libraw_strerror(code));
    if (int code = raw->dcraw_process(); code != 0)
        return damaged(libraw_strerror(code));
    int code = 0;
    libraw_processed_image_t* made = raw->dcraw_make_mem_image(&code);
    if (!made || made->type != LIBRAW_IMAGE_BITMAP || (made->colors != 3 && made->colors != 1) || made->bits != 8) {
        LibRaw::dcraw_clear_mem(made);
        return damaged(libraw_strerror(code));
    }
    Foreign out;
    const cv::Mat pixels(made->height, made->width, made->colors == 3 ? CV_8UC3 : CV_8UC1, made->data);
    cv::cvtColor(pixels, out.bgr, made->colors == 3 ? cv::COLOR_RGB2BGR : cv::COLOR_GRAY2BGR);
    LibRaw::dcraw_clear_mem(made);
    return out;
}

Foreign decodeSvg(Pictures::Bytes bytes, int longSide)
{
    GError* error = nullptr;
    const SvgHandle svg(rsvg_handle_new_from_data(bytes.data(), bytes.size(), &error));
    if (!svg)
        return damaged(error);
    double w = 0, h = 0;
    if (!rsvg_handle_get_intrinsic_size_in_pixels(svg.get(), &w, &h) || !(w > 0 && h > 0)) {
        RsvgRectangle box{};
        gboolean has = FALSE, hasW = FALSE, hasH = FALSE;
        RsvgLength lw, lh;
        rsvg_handle_get_intrinsic_dimensions(svg.get(), &hasW, &lw, &hasH, &lh, &has, &box);
        w = has ? box.width : 1, h = has ? box.height : 1;
    }
    Foreign out;
    if (!(w > 0 && h > 0 && w < 1e6 && h < 1e6 && w / h < 200 && h / w < 200)) {
        out.outcome = Read::NoSize;
        return out;
    }
    const double scale = longSide / std::max(w, h);
    cv::Mat canvas(std::max(1, int(std::lround(h * scale))), std::max(1, int(std::lround(w * scale))), CV_8UC4,
        cv::Scalar::all(255));
    cairo_surface_t* surface = cairo_image_surface_create_for_data(
        canvas.data, CAIRO_FORMAT_ARGB32, canvas.cols, canvas.rows, int(canvas.step));
    cairo_t* cairo = cairo_create(surface);
    const RsvgRectangle page{0, 0, double(canvas.cols), double(canvas.rows)};
    const bool drawn = rsvg_handle_render_document(svg.get(), cairo, &page, &error);
    cairo_surface_flush(surface);
    cairo_destroy(cairo);
    cairo_surface_destroy(surface);
    if (!drawn)
        return damaged(error);
    cv::cvtColor(canvas, out.bgr, cv::COLOR_BGRA2BGR);
    return out;
}
} // namespace

} // namespace rl::late

const rl::late::Pictures* rlLatePictures()
{
    static const rl::late::Pictures pictures{[](const cv::Mat& bytes, int flags) { return cv::imdecode(bytes, flags); },
        [](const char* extension, const cv::Mat& bgr, std::vector<unsigned char>& out,
            const std::vector<int>& options) { return cv::imencode(extension, bgr, out, options); },
        rl::late::decodeHeif, rl::late::decodeRaw, rl::late::decodeSvg};
    return &pictures;
}
