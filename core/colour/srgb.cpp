#include "core/colour/srgb.h"
#include "core/base/parallel.h"
#include <array>
#include <cmath>

namespace rl::colour {

double toLinear(double e)
{
    return e <= 0.04045 ? e / 12.92 : std::pow((e + 0.055) / 1.055, 2.4);
}
double toEncoded(double l)
{
    return l <= 0.0031308 ? 12.92 * l : 1.055 * std::pow(l, 1 / 2.4) - 0.055;
}

namespace {
const std::array<float, 256>& linearTable()
{
    static const auto table = [] {
        std::array<float, 256> t;
        for (std::size_t i = 0; i < 256; ++i)
            t[i] = float(toLinear(double(i) / 255));
        return t;
    }();
    return table;
}
const std::vector<std::uint8_t>& codeTable()
{
    static const auto table = [] {
        std::vector<std::uint8_t> t(65536);
        for (std::size_t i = 0; i < t.size(); ++i)
            t[i] = std::uint8_t(std::lround(255 * toEncoded(double(i) / 65535)));
        return t;
    }();
    return table;
}
inline std::uint8_t lookup(const std::uint8_t* table, float linear)
{
    return table[int(std::min(std::max(linear, 0.f), 1.f) * 65535.f + 0.5f)];
}
} // namespace

float linearOf(std::uint8_t code)
{
    return linearTable()[code];
}
std::uint8_t codeOf(float linear)
{
    return lookup(codeTable().data(), linear);
}
Rgb linearOf(Rgb8 c)
{
    return {linearOf(c.r), linearOf(c.g), linearOf(c.b)};
}
Rgb8 codeOf(Rgb c)
{
    return {codeOf(c.r), codeOf(c.g), codeOf(c.b)};
}

LinearPicture linearOf(const Photo& photo)
{
    Uncleared<Rgb> out(photo.size());
    const auto& table = linearTable();
    parallelRows(photo.height(), [&](int begin, int end) {
        const std::size_t w = std::size_t(photo.width());
        for (std::size_t i = std::size_t(begin) * w; i < std::size_t(end) * w; ++i) {
            const Rgb8 c = photo.data()[i];
            out[i] = {table[c.r], table[c.g], table[c.b]};
        }
    });
    return {photo.width(), photo.height(), std::move(out)};
}

Photo codeOf(const LinearPicture& picture)
{
    Uncleared<Rgb8> out(picture.size());
    const std::uint8_t* table = codeTable().data();
    parallelRows(picture.height(), [&](int begin, int end) {
        const std::size_t w = std::size_t(picture.width());
        for (std::size_t i = std::size_t(begin) * w; i < std::size_t(end) * w; ++i) {
            const Rgb c = picture.data()[i];
            out[i] = {lookup(table, c.r), lookup(table, c.g), lookup(table, c.b)};
        }
    });
    return {picture.width(), picture.height(), std::move(out)};
}

} // namespace rl::colour
