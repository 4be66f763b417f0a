// Regular patterns that follow the relief: distances run along the surface, not across the picture.
#include "core/base/parallel.h"
#include "core/colour/lab.h"
#include "core/stage/layers.h"

namespace rl::stage {

namespace {
double ramp(double edge0, double edge1, double v)
{
    const double t = std::clamp((v - edge0) / (edge1 - edge0), 0.0, 1.0);
    return t * t * (3 - 2 * t);
}
double within(double v)
{
    return v - std::floor(v);
}

/// 0 dark … 1 light at (u, v) in repeats.
double valueAt(PatternKind kind, double u, double v)
{
    switch (kind) {
    case PatternKind::Tiles: {
        const double row = std::floor(v), x = within(u + (long(row) % 2 ? 0.5 : 0)), y = within(v);
        return ramp(0, 0.09, std::min({x, 1 - x, y, 1 - y}));
    }
    case PatternKind::Scales: {
        const double row = std::floor(2 * v), x = within(u + (long(row) % 2 ? 0.5 : 0)) - 0.5, y = within(2 * v);
        const double r = std::hypot(x, 0.5 * y) / 0.5; // a half disc hanging from its row
        return std::clamp(1 - 0.75 * r, 0.0, 1.0);
    }
    case PatternKind::Weave: {
        const bool over = (long(std::floor(u)) + long(std::floor(v))) % 2 == 0;
        const double across = over ? within(v) : within(u);
        return (over ? 0.95 : 0.6) * std::sin(kPi * std::clamp(across, 0.04, 0.96));
    }
    case PatternKind::Stripes:
        return ramp(0.2, 0.3, std::abs(within(u) - 0.5));
    case PatternKind::None:
        break;
    }
    return 1;
}

/// Metres along the surface from a start, one step a pixel of length `step` seen under the cosine `facing`.
template <class Facing> std::vector<double> runAlong(int n, int start, double step, Facing facing)
{
    std::vector<double> at(std::size_t(std::max(n, 0)));
    double sum = 0;
    for (int i = start; i < n; ++i)
        at[std::size_t(i)] = sum, sum += step / std::max(0.2, facing(i));
    sum = 0;
    for (int i = start - 1; i >= 0; --i)
        sum -= step / std::max(0.2, facing(i)), at[std::size_t(i)] = sum;
    return at;
}
} // namespace

void layPattern(std::span<Rgb> albedo, const Layer& l, const Pattern& p, double metresPerPx, Vec2 centre)
{
    const int w = l.width(), h = l.height();
    if (p.kind == PatternKind::None || p.strength <= 0 || w == 0 || h == 0)
        return;
    const int cx = std::clamp(int(centre.x), 0, w - 1), cy = std::clamp(int(centre.y), 0, h - 1);
    // A pixel of something deep spans more the farther it lies.
    const auto nearness = [&](int x, int y) {
        return l.depth.empty() || l.depth.at(x, y) <= 0 ? 1.0 : double(l.depth.at(x, y)) / l.distance;
    };
    // Up and down is measured along the middle column of each strip, so that rows stay rows.
    std::vector<double> down(std::size_t(w) * std::size_t(h));
    parallelRows(w, [&](int begin, int end) {
        for (int x = begin; x < end; ++x) {
            const auto run = runAlong(h, cy, metresPerPx, [&](int y) {
                const Vec3f n = l.normal.at(x, y);
                return double(std::sqrt(n.z * n.z + n.x * n.x)) / nearness(x, y);
            });
            for (int y = 0; y < h; ++y)
                down[std::size_t(y) * std::size_t(w) + std::size_t(x)] = run[std::size_t(y)];
        }
    });
    const double c = std::cos(radians(p.turn)), s = std::sin(radians(p.turn));
    // Finer than three pixels a repeat cannot be shown: it fades to its mean.
    const double visible = ramp(2, 4, p.sizeM / metresPerPx), mean = 0.72;
    parallelRows(h, [&](int begin, int end) {
        for (int y = begin; y < end; ++y) {
            const auto across = runAlong(w, cx, metresPerPx, [&](int x) {
                const Vec3f n = l.normal.at(x, y);
                return double(std::sqrt(n.z * n.z + n.y * n.y)) / nearness(x, y);
            });
            for (int x = 0; x < w; ++x) {
                const std::size_t i = std::size_t(y) * std::size_t(w) + std::size_t(x);
                if (l.cover.data()[i] <= 0)
                    continue;
                const double L = double(colour::lightness(luminance(albedo[i])));
                const double here = ramp(p.fromL - 4, p.fromL + 4, L + (p.fromL <= 0 ? 8 : 0))
                    * (1 - ramp(p.toL - 4, p.toL + 4, L - (p.toL >= 100 ? 8 : 0)));
                if (here <= 0)
                    continue;
                const double u = across[std::size_t(x)], v = down[i];
                const double value = valueAt(p.kind, (u * c - v * s) / p.sizeM, (u * s + v * c) / p.sizeM);
                const double shown = mean + (value - mean) * visible;
                albedo[i] = albedo[i] * float(1 + p.strength * here * 1.1 * (shown - mean));
            }
        }
    });
}

} // namespace rl::stage
