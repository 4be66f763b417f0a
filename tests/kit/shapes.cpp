#include "tests/kit/shapes.h"
#include "core/colour/lab.h"

namespace rl::kit {

light::Picture pictureBy(int w, int h, double widthCm, const std::function<Pixel(double, double)>& at)
{
    std::vector<Rgb> colour(std::size_t(w) * std::size_t(h));
    std::vector<std::int32_t> ids(colour.size());
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const Pixel p = at(x + 0.5, y + 0.5);
            const auto i = std::size_t(y) * std::size_t(w) + std::size_t(x);
            colour[i] = colour::fromLab({float(p.L), float(p.a), float(p.b)});
            ids[i] = p.id;
        }
    return {{w, h, std::move(colour)}, {w, h, std::move(ids)}, w / widthCm};
}

namespace {
/// Noise of unit size, −1…1, smooth between whole places.
double noise(double x, double y, unsigned seed)
{
    const auto hash = [&](int i, int j) {
        unsigned h = unsigned(i) * 374761393U + unsigned(j) * 668265263U + seed * 2246822519U;
        h = (h ^ (h >> 13)) * 1274126177U;
        return double((h ^ (h >> 16)) & 0xffff) / 32767.5 - 1;
    };
    const int i = int(std::floor(x)), j = int(std::floor(y));
    const double u = x - i, v = y - j, s = u * u * (3 - 2 * u), t = v * v * (3 - 2 * v);
    return (hash(i, j) * (1 - s) + hash(i + 1, j) * s) * (1 - t)
        + (hash(i, j + 1) * (1 - s) + hash(i + 1, j + 1) * s) * t;
}
} // namespace

double grainAt(GrainKind kind, double x, double y, unsigned seed)
{
    switch (kind) {
    case GrainKind::None:
        return 0;
    case GrainKind::Dots:
        return 18 * noise(x / 5, y / 5, seed);
    case GrainKind::Fine:
        return 14 * noise(x / 1.5, y / 1.5, seed);
    case GrainKind::Upright:
        return 16 * noise(x / 3, y / 30, seed);
    case GrainKind::Level:
        return 16 * noise(x / 30, y / 3, seed);
    }
    return 0;
}

} // namespace rl::kit
