// What the surroundings give: sky, ground, backdrop, mirrors.
#include "core/light/ambient.h"
#include "core/base/hot.h"
#include "core/base/parallel.h"
#include "core/stage/mesh.h"
#include <opencv2/imgproc.hpp>

namespace rl::light {

using stage::Layer;
using stage::StageFrame;

double waterMirror(double cosine)
{
    const double away = 1 - std::clamp(cosine, 0.0, 1.0), square = away * away;
    return 0.02 + 0.98 * square * square * away;
}

Surroundings surroundingsOf(const StageFrame& f)
{
    Surroundings s;
    const auto smaller = [&](const cv::Mat& from, int by) {
        cv::Mat m;
        cv::resize(from, m, cv::Size(std::max(2, f.width / by), std::max(2, f.height / by)), 0, 0, cv::INTER_AREA);
        return m;
    };
    const cv::Mat clear = smaller(f.backdrop.mat(), 6);
    cv::Mat soft = smaller(clear, 24);
    cv::GaussianBlur(soft, soft, cv::Size(), 1.5, 1.5, cv::BORDER_REPLICATE);
    s.soft = LinearPicture::fromMat(soft);
    s.clear = LinearPicture::fromMat(clear);
    return s;
}

namespace {
/// A picture read between its pixels, its edge going on outside. \param x, y px of it, pixel centres at halves
Rgb readAt(const LinearPicture& p, float x, float y)
{
    const float u = std::clamp(x - 0.5f, 0.f, float(p.width() - 1)),
                v = std::clamp(y - 0.5f, 0.f, float(p.height() - 1));
    const int i = std::min(int(u), p.width() - 2), j = std::min(int(v), p.height() - 2);
    const float s = u - float(i), t = v - float(j);
    const Rgb *a = p.row(j) + i, *b = p.row(j + 1) + i;
    return (a[0] * (1 - s) + a[1] * s) * (1 - t) + (b[0] * (1 - s) + b[1] * s) * t;
}

/// What is seen in a direction: the backdrop before the viewer; behind the viewer a like place is assumed, half of it
/// plain sky and ground.
Rgb seenAlong(const StageFrame& f, const Surroundings& around, Vec3f d)
{
    const float z = std::max(std::abs(d.z), 0.08f), k = float(f.eye.focalCm) / z;
    const float sx = float(around.clear.width()) / float(f.width), sy = float(around.clear.height()) / float(f.height);
    const Rgb there = readAt(around.clear, (float(f.eye.x0) + k * d.x) * sx, (float(f.eye.horizon) - k * d.y) * sy);
    const float high = std::max(d.y, 0.f);
    const Rgb plain = d.y < 0 ? f.sky.ground : f.sky.horizon * (1 - high) + f.sky.zenith * high;
    const float here = d.z > 0 ? std::min(1.f, 0.3f + 4 * d.z) : 0.5f;
    return there * here + plain * (1 - here);
}
} // namespace

namespace {
/// \param around one row of the small backdrop, read at from + x · step
RL_HOT void spillRow(Rgb* out, int count, const Vec3f* n, const Rgb* around, int width, float from, float step,
    float spill, float open, stage::SkyLight light)
{
    const float last = float(width - 2);
    for (int x = 0; x < count; ++x) {
        const float u = std::min(std::max(from + float(x) * step, 0.f), last + 1);
        const int i = int(std::min(u, last));
        const float s = u - float(i), ny = n[x].y, high = std::max(ny, 0.f), rise = 0.5f * (ny + 1);
        const float side = std::min(1.f, spill * 0.5f * (1 - std::abs(n[x].z)));
        const float share = open * (1 - side), ground = share * (1 - rise), horizon = share * rise * (1 - high),
                    zenith = share * rise * high, edge = open * side, edge0 = edge * (1 - s), edge1 = edge * s;
        out[x].r = light.ground.r * ground + light.horizon.r * horizon + light.zenith.r * zenith + around[i].r * edge0
            + around[i + 1].r * edge1;
        out[x].g = light.ground.g * ground + light.horizon.g * horizon + light.zenith.g * zenith + around[i].g * edge0
            + around[i + 1].g * edge1;
        out[x].b = light.ground.b * ground + light.horizon.b * horizon + light.zenith.b * zenith + around[i].b * edge0
            + around[i + 1].b * edge1;
    }
}
} // namespace

void ambientRow(const StageFrame& f, const Layer& l, const Surroundings& around, float spill, int y, Rgb* out)
{
    const LinearPicture& soft = around.soft;
    const float sx = float(soft.width()) / float(f.width), sy = float(soft.height()) / float(f.height);
    const float reach = float(std::max(1.0, 0.12 * (l.footRow - l.headRow)));
    const bool stands = l.footRow >= l.groundRow - 1.5;
    const float up = float(l.footRow) - float(l.top + y) - 0.5f;
    const float open = stands ? 1 - 0.45f * std::exp(-std::max(up, 0.f) / reach) : 1;
    // One row of the small picture, between two of its rows.
    const float v = std::clamp((float(l.top + y) + 0.5f) * sy - 0.5f, 0.f, float(soft.height() - 1));
    const int j = std::min(int(v), soft.height() - 2);
    const float t = v - float(j);
    const Rgb *upper = soft.row(j), *lower = soft.row(j + 1);
    static thread_local std::vector<Rgb> between;
    between.resize(std::size_t(soft.width()));
    for (int i = 0; i < soft.width(); ++i)
        between[std::size_t(i)] = upper[i] * (1 - t) + lower[i] * t;
    spillRow(out, l.width(), l.normal.row(y), between.data(), soft.width(), (float(l.left) + 0.5f) * sx - 0.5f, sx,
        spill, open, f.sky);
}

void mirroredRow(const StageFrame& f, const Layer& l, const Surroundings& around, int y, Mirrored* out)
{
    const float k = 1 / float(f.eye.focalCm), vy = -(float(l.top + y) + 0.5f - float(f.eye.horizon)) * k;
    const bool glass = l.material == Material::Glass;
    const float polish = l.material == Material::Satin ? 0.35f : l.material == Material::Wet ? 0.7f : 1.f;
    for (int x = 0; x < l.width(); ++x) {
        const Vec3f n = l.normal.at(x, y);
        const float vx = (float(l.left + x) + 0.5f - float(f.eye.x0)) * k,
                    length = 1 / std::sqrt(vx * vx + vy * vy + 1);
        const Vec3f d{vx * length, vy * length, length}; // away from the viewer
        const float facing = std::clamp(-(d.x * n.x + d.y * n.y + d.z * n.z), 0.f, 1.f);
        const float away = 1 - facing, away2 = away * away, fresnel = polish * (0.04f + 0.96f * away2 * away2 * away);
        const Vec3f r{d.x + 2 * facing * n.x, d.y + 2 * facing * n.y, d.z + 2 * facing * n.z};
        out[x].light = seenAlong(f, around, r) * fresnel;
        out[x].left = 1 - fresnel;
        if (glass) { // through two walls and what is between them: a lens that turns its surroundings round
            const float bend = 1.1f * (0.25f + 0.75f * away);
            const Vec3f through{d.x - bend * n.x, d.y - bend * n.y, d.z};
            out[x].light = out[x].light + l.albedo.at(x, y) * seenAlong(f, around, through) * (0.8f * away);
        }
    }
}

namespace {
/// Adds what one body takes of the sky over a row of ground.
RL_HOT void addContact(
    float* sum, int from, int to, const float* upper, const float* lower, float t, float u0, float du, int last)
{
    for (int x = from; x < to; ++x) {
        const float u = std::min(std::max(u0 + float(x) * du, 0.f), float(last));
        const int i = int(u);
        const float s = u - float(i), a = upper[i] + s * (upper[i + 1] - upper[i]),
                    b = lower[i] + s * (lower[i + 1] - lower[i]);
        sum[x] += a + t * (b - a);
    }
}

/// The columns of a row at that distance which one contact touches.
std::array<int, 2> columnsOf(const StageFrame& f, double z, const stage::Contact& c)
{
    const double v = (z - c.near) * c.perM - 0.5;
    if (c.share.empty() || v < 0 || v >= c.share.height() - 1)
        return {0, 0};
    const double m = z / f.eye.focalCm;
    const auto column = [&](double u) { return (c.left + u / c.perM) / m + f.eye.x0 - 0.5; };
    return {int(std::clamp(std::ceil(column(0.5)), 0.0, double(f.width))),
        int(std::clamp(std::floor(column(c.share.width() - 0.5)), 0.0, double(f.width)))};
}

/// Adds one contact to the columns [first, last) of a row. \param sum of the whole row
void closeRow(float* sum, const StageFrame& f, double z, const stage::Contact& c, int first, int last)
{
    const auto [begin, end] = columnsOf(f, z, c);
    const int from = std::max(begin, first), to = std::min(end, last);
    if (from >= to)
        return;
    const double v = (z - c.near) * c.perM - 0.5, m = z / f.eye.focalCm;
    const int row = int(v);
    const double u0 = ((begin + 0.5 - f.eye.x0) * m - c.left) * c.perM - 0.5;
    addContact(sum + begin, from - begin, to - begin, c.share.row(row), c.share.row(row + 1), float(v - row), float(u0),
        float(m * c.perM), c.share.width() - 2);
}

double distanceOf(const StageFrame& f, int row)
{
    return f.eye.focalCm * f.eye.heightM / std::max(f.groundTop + row + 0.5 - f.eye.horizon, 0.25);
}

/// How open each row is, anew in those of its columns which any of `changed` touches.
void openAnew(std::vector<float>& open, const StageFrame& f, const std::vector<const stage::Caster*>& changed)
{
    const auto closing = [](const stage::Caster& c) { return !c.contact().share.empty(); };
    std::vector<const stage::Caster*> all;
    for (const Layer& l : f.layers)
        all.push_back(l.caster.get());
    parallelItems(int(all.size()), [&](int i) { all[std::size_t(i)]->contact(); });
    std::erase_if(all, [&](const stage::Caster* c) { return !closing(*c); });
    parallelRows(std::max(f.height - f.groundTop, 0), [&](int begin, int end) {
        std::vector<float> sum(std::size_t(f.width));
        for (int y = begin; y < end; ++y) {
            const double z = distanceOf(f, y);
            int first = f.width, last = 0;
            for (const stage::Caster* c : changed)
                if (const auto [from, to] = columnsOf(f, z, c->contact()); from < to)
                    first = std::min(first, from), last = std::max(last, to);
            if (first >= last)
                continue;
            std::fill(sum.begin() + first, sum.begin() + last, 0.f);
            for (const stage::Caster* c : all)
                closeRow(sum.data(), f, z, c->contact(), first, last);
            float* row = open.data() + std::size_t(y) * std::size_t(f.width);
            for (int x = first; x < last; ++x)
                row[x] = sum[std::size_t(x)] > 0.002f ? std::exp(-sum[std::size_t(x)]) : 1.f;
        }
    });
}
} // namespace

std::vector<float> groundOpenness(const StageFrame& f)
{
    std::vector<float> open(std::size_t(std::max(f.height - f.groundTop, 0)) * std::size_t(f.width), 1.f);
    std::vector<const stage::Caster*> all;
    for (const Layer& l : f.layers)
        all.push_back(l.caster.get());
    openAnew(open, f, all);
    return open;
}

void followOpenness(std::vector<float>& open, const FrameStep& step)
{
    std::vector<const stage::Caster*> changed;
    for (const auto* casters : {&step.gone, &step.come})
        for (const auto& c : *casters)
            changed.push_back(c.get());
    openAnew(open, *step.after, changed);
}

void groundMirrorRow(const StageFrame& f, int y, float* out)
{
    const double h2 = f.eye.heightM * f.eye.heightM;
    const double z = f.eye.focalCm * f.eye.heightM / std::max(f.groundTop + y + 0.5 - f.eye.horizon, 0.25),
                 m = z / f.eye.focalCm;
    for (int x = 0; x < f.width; ++x) {
        const double X = (x + 0.5 - f.eye.x0) * m;
        out[x] = float(waterMirror(f.eye.heightM / std::sqrt(X * X + h2 + z * z)));
    }
}

std::vector<float> waterOf(const StageFrame& f)
{
    std::vector<float> water;
    for (const Layer& l : f.layers) {
        if (l.water.empty())
            continue;
        water.resize(std::size_t(std::max(0, f.height - f.groundTop)) * std::size_t(f.width));
        for (int y = std::max(0, f.groundTop - l.top); y < l.height(); ++y)
            for (int x = 0; x < l.width(); ++x) {
                float& w = water[std::size_t(l.top + y - f.groundTop) * std::size_t(f.width) + std::size_t(l.left + x)];
                w = std::max(w, l.water.at(x, y));
            }
    }
    return water;
}

} // namespace rl::light
