#pragma once
#include "core/base/uncleared.h"
#include <algorithm>
#include <cassert>
#include <cstddef>
#include <cstdint>
#include <cstring>
#include <memory>
#include <opencv2/core.hpp>
#include <vector>

namespace rl {

/// Linear light, sRGB primaries; 1.0 = paper white in full key light. Finite, may exceed 1.
struct Rgb {
    float r = 0, g = 0, b = 0;
    friend Rgb operator+(Rgb a, Rgb c) { return {a.r + c.r, a.g + c.g, a.b + c.b}; }
    friend Rgb operator-(Rgb a, Rgb c) { return {a.r - c.r, a.g - c.g, a.b - c.b}; }
    friend Rgb operator*(Rgb a, Rgb c) { return {a.r * c.r, a.g * c.g, a.b * c.b}; }
    friend Rgb operator*(Rgb a, float k) { return {a.r * k, a.g * k, a.b * k}; }
    bool operator==(const Rgb&) const = default;
};
/// Relative luminance Y, 0…1 for colours inside sRGB (IEC 61966-2-1 primaries).
inline float luminance(Rgb c)
{
    return 0.2126f * c.r + 0.7152f * c.g + 0.0722f * c.b;
}

/// sRGB-encoded, 8 bits a channel, as pictures arrive and leave.
struct Rgb8 {
    std::uint8_t r = 0, g = 0, b = 0;
    bool operator==(const Rgb8&) const = default;
};

struct Vec3f {
    float x = 0, y = 0, z = 0;
};

template <class T> struct CvType;
template <> struct CvType<std::uint8_t> {
    static constexpr int value = CV_8UC1;
};
template <> struct CvType<std::int32_t> {
    static constexpr int value = CV_32SC1;
};
template <> struct CvType<float> {
    static constexpr int value = CV_32FC1;
};
template <> struct CvType<Rgb8> {
    static constexpr int value = CV_8UC3;
};
template <> struct CvType<Rgb> {
    static constexpr int value = CV_32FC3;
};
template <> struct CvType<Vec3f> {
    static constexpr int value = CV_32FC3;
};

/// A rectangle of pixels that never changes, rows from the top left. Copies share the pixels: a copy is
/// cheap, and any thread may read one without a lock.
template <class T> class Raster {
public:
    Raster() = default; ///< 0 × 0
    /// \pre pixels.size() == width * height (asserted; sizes from files are checked in store/)
    Raster(int width, int height, std::vector<T> pixels) { take(width, height, std::move(pixels)); }
    template <class Memory> Raster(int width, int height, std::vector<T, Memory> pixels)
    {
        take(width, height, std::move(pixels));
    }
    static Raster filled(int width, int height, T value)
    {
        return {width, height, std::vector<T>(std::size_t(width) * std::size_t(height), value)};
    }
    /// Copies the matrix. \pre its type is T's (asserted)
    static Raster fromMat(const cv::Mat& mat)
    {
        assert(mat.type() == CvType<T>::value);
        Uncleared<T> pixels(mat.total());
        for (int y = 0; y < mat.rows; ++y)
            std::memcpy(static_cast<void*>(pixels.data() + std::size_t(y) * std::size_t(mat.cols)), mat.ptr(y),
                sizeof(T) * std::size_t(mat.cols));
        return {mat.cols, mat.rows, std::move(pixels)};
    }
    int width() const { return m_width; }
    int height() const { return m_height; }
    bool empty() const { return m_width == 0 || m_height == 0; }
    std::size_t size() const { return std::size_t(m_width) * std::size_t(m_height); }
    const T* data() const { return m_data; }
    const T* row(int y) const { return data() + std::size_t(y) * std::size_t(m_width); }
    const T& at(int x, int y) const { return row(y)[x]; }
    bool contains(int x, int y) const { return x >= 0 && y >= 0 && x < m_width && y < m_height; }
    /// A header over the same pixels for reading with OpenCV; never write through it.
    cv::Mat mat() const
    {
        return empty() ? cv::Mat() : cv::Mat(m_height, m_width, CvType<T>::value, const_cast<T*>(data()));
    }
    /// The same pixels; looked at one by one only where both are not copies of one raster.
    bool operator==(const Raster& o) const
    {
        return m_width == o.m_width && m_height == o.m_height
            && (m_pixels == o.m_pixels || std::equal(data(), data() + size(), o.data()));
    }
    /// Equal for copies of one raster: a key for caches.
    const void* identity() const { return m_pixels.get(); }
    /// The same for caches that outlive it: whose it is stays told apart after it has gone, and nothing is held.
    std::weak_ptr<const void> owner() const { return m_pixels; }

private:
    template <class Pixels> void take(int width, int height, Pixels pixels)
    {
        assert(pixels.size() == std::size_t(width) * std::size_t(height));
        const auto kept = std::make_shared<const Pixels>(std::move(pixels));
        m_width = width, m_height = height, m_data = kept->data(), m_pixels = kept;
    }
    int m_width = 0, m_height = 0;
    const T* m_data = nullptr;
    std::shared_ptr<const void> m_pixels; // what holds them; null when empty
};

using Mask = Raster<std::uint8_t>; ///< 0 = out, 255 = in
using Plane = Raster<float>;
using Photo = Raster<Rgb8>;
using LinearPicture = Raster<Rgb>;
using IdMap = Raster<std::int32_t>; ///< element id, 0 = ground and sky

} // namespace rl
