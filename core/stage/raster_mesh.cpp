#include "core/stage/raster_mesh.h"
#include "core/base/parallel.h"

namespace rl::stage {

namespace {
constexpr double kNear = 0.1;
constexpr int kBand = 32;

/// A corner on its way to the picture: x, y in px and everything that is linear there, over z.
struct Corner {
    double x = 0, y = 0, w = 0; ///< w = 1/z
    Vec3 normal; ///< times w
};

struct Triangle {
    Corner a, b, c;
    bool wet = false;
};

/// The part of a triangle beyond the near plane, as up to two triangles.
void clipped(
    const std::array<Vec3, 3>& p, const std::array<Vec3, 3>& n, bool wet, const Eye& eye, std::vector<Triangle>& out)
{
    const auto corner = [&](const std::pair<Vec3, Vec3>& v) {
        const Vec2 at = projected(eye, v.first);
        const double w = 1 / v.first.z;
        return Corner{at.x, at.y, w, v.second * w};
    };
    if (p[0].z >= kNear && p[1].z >= kNear && p[2].z >= kNear) {
        out.push_back({corner({p[0], n[0]}), corner({p[1], n[1]}), corner({p[2], n[2]}), wet});
        return;
    }
    std::vector<std::pair<Vec3, Vec3>> kept;
    for (std::size_t i = 0; i < 3; ++i) {
        const std::size_t j = (i + 1) % 3;
        if (p[i].z >= kNear)
            kept.push_back({p[i], n[i]});
        if ((p[i].z >= kNear) != (p[j].z >= kNear)) {
            const double t = (kNear - p[i].z) / (p[j].z - p[i].z);
            kept.push_back({p[i] + (p[j] - p[i]) * t, n[i] + (n[j] - n[i]) * t});
        }
    }
    for (std::size_t i = 2; i < kept.size(); ++i)
        out.push_back({corner(kept[0]), corner(kept[i - 1]), corner(kept[i]), wet});
}

std::vector<Triangle> trianglesOf(const Mesh& mesh, const Eye& eye)
{
    std::vector<Triangle> out;
    out.reserve(mesh.faces.size());
    for (std::size_t i = 0; i < mesh.faces.size(); ++i) {
        const auto& f = mesh.faces[i];
        const std::array p{
            mesh.points[std::size_t(f[0])], mesh.points[std::size_t(f[1])], mesh.points[std::size_t(f[2])]};
        if (p[0].z < kNear && p[1].z < kNear && p[2].z < kNear)
            continue;
        clipped(p, {mesh.normals[std::size_t(f[0])], mesh.normals[std::size_t(f[1])], mesh.normals[std::size_t(f[2])]},
            i < mesh.wet.size() && mesh.wet[i], eye, out);
    }
    return out;
}

struct Sample {
    float w = 0; ///< 1/z; 0 = nothing
    Vec3f normal; ///< times w
    bool wet = false;
};

/// One band of rows, sub × sub samples a pixel.
class Band {
public:
    Band(int left, int top, int width, int rows, int sub)
        : m_sub(sub)
        , m_left(left * sub)
        , m_top(top * sub)
        , m_width(width * sub)
        , m_rows(rows * sub)
        , m_samples(std::size_t(m_width) * std::size_t(m_rows))
    {
    }
    void draw(const Triangle& t)
    {
        const double ax = t.a.x * m_sub, ay = t.a.y * m_sub, bx = t.b.x * m_sub, by = t.b.y * m_sub, cx = t.c.x * m_sub,
                     cy = t.c.y * m_sub;
        const double area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
        if (std::abs(area) < 1e-12)
            return;
        // 1/z and the normals over z are linear in the picture: value at a, and steps in x and y.
        const double vx = (cy - ay) / area, vy = -(cx - ax) / area, sx = -(by - ay) / area, sy = (bx - ax) / area;
        const auto linear = [&](double a, double b, double c) {
            return Linear{float(a), float((b - a) * vx + (c - a) * sx), float((b - a) * vy + (c - a) * sy)};
        };
        const Linear w = linear(t.a.w, t.b.w, t.c.w), nx = linear(t.a.normal.x, t.b.normal.x, t.c.normal.x),
                     ny = linear(t.a.normal.y, t.b.normal.y, t.c.normal.y),
                     nz = linear(t.a.normal.z, t.b.normal.z, t.c.normal.z);
        const int y0 = int(std::clamp(std::floor(std::min({ay, by, cy}) - 0.5), double(m_top), double(m_top + m_rows))),
                  y1
            = int(std::clamp(std::ceil(std::max({ay, by, cy})), double(m_top) - 1, double(m_top + m_rows - 1)));
        for (int y = y0; y <= y1; ++y) {
            const double py = y + 0.5;
            // Where the row enters and leaves the triangle.
            double low = 1e300, high = -1e300;
            const auto edge = [&](double x1, double ya, double x2, double yb) {
                if ((ya <= py) == (yb <= py))
                    return;
                const double x = x1 + (py - ya) / (yb - ya) * (x2 - x1);
                low = std::min(low, x), high = std::max(high, x);
            };
            edge(ax, ay, bx, by), edge(bx, by, cx, cy), edge(cx, cy, ax, ay);
            if (low >= high)
                continue;
            const double last = m_left + m_width - 1;
            const int x0 = int(std::clamp(std::ceil(low - 0.5), double(m_left), last + 1)),
                      x1 = int(std::clamp(std::ceil(high - 0.5) - 1, double(m_left) - 1, last));
            const float dy = float(py - ay), dx0 = float(x0 + 0.5 - ax);
            Sample* out = m_samples.data() + std::size_t(y - m_top) * std::size_t(m_width) + std::size_t(x0 - m_left);
            for (int i = 0; i <= x1 - x0; ++i) {
                const float dx = dx0 + float(i), here = w.at(dx, dy);
                if (here > out[i].w)
                    out[i] = {here, {nx.at(dx, dy), ny.at(dx, dy), nz.at(dx, dy)}, t.wet};
            }
        }
    }
    const Sample& at(int x, int y) const { return m_samples[std::size_t(y) * std::size_t(m_width) + std::size_t(x)]; }

private:
    struct Linear {
        float value, dx, dy;
        float at(float x, float y) const { return value + dx * x + dy * y; }
    };
    int m_sub, m_left, m_top, m_width, m_rows;
    std::vector<Sample> m_samples;
};

/// A normal that looks away is the inside of something thin or hollow: its other face is seen.
Vec3f towardsViewer(const Sample& s, float fx, float fy)
{
    const Vec3f n = s.normal;
    return n.x * fx + n.y * fy + n.z > 0.08f * s.w ? Vec3f{-n.x, -n.y, -n.z} : n;
}
} // namespace

Rect boundsOf(const Mesh& mesh, const Eye& eye)
{
    double l = 1e300, t = 1e300, r = -1e300, b = -1e300;
    const auto take = [&](const Vec3& p) {
        const Vec2 q = projected(eye, p);
        l = std::min(l, q.x), r = std::max(r, q.x), t = std::min(t, q.y), b = std::max(b, q.y);
    };
    bool cut = false;
    for (const Vec3& p : mesh.points)
        p.z >= kNear ? take(p) : void(cut = true);
    if (cut) // where edges meet the near plane
        for (const auto& f : mesh.faces)
            for (std::size_t i = 0; i < 3; ++i) {
                const Vec3 p = mesh.points[std::size_t(f[i])], q = mesh.points[std::size_t(f[(i + 1) % 3])];
                if ((p.z >= kNear) != (q.z >= kNear)) {
                    Vec3 m = p + (q - p) * ((kNear - p.z) / (q.z - p.z));
                    m.z = kNear;
                    take(m);
                }
            }
    return l <= r ? Rect{l, t, r - l, b - t} : Rect{};
}

SeenMesh seen(const Mesh& mesh, const Eye& eye, int frameWidth, int frameHeight, int sub)
{
    SeenMesh out;
    const Rect r = boundsOf(mesh, eye);
    const auto within = [](double v, int most) { return int(std::clamp(v, 0.0, double(most))); };
    out.left = within(std::floor(r.x), frameWidth), out.top = within(std::floor(r.y), frameHeight);
    const int w = within(std::ceil(r.right()), frameWidth) - out.left,
              h = within(std::ceil(r.bottom()), frameHeight) - out.top;
    if (w <= 0 || h <= 0 || mesh.faces.empty())
        return out;
    const std::vector<Triangle> all = trianglesOf(mesh, eye);
    std::vector<float> cover(std::size_t(w) * std::size_t(h)), depth(cover.size(), 0.f), wet(cover.size(), 0.f);
    std::vector<Vec3f> normal(cover.size(), Vec3f{0, 0, -1});
    const int bands = (h + kBand - 1) / kBand;
    parallelItems(bands, [&](int k) {
        {
            const int y0 = k * kBand, rows = std::min(kBand, h - y0);
            Band band(out.left, out.top + y0, w, rows, sub);
            for (const Triangle& t : all)
                if (std::max({t.a.y, t.b.y, t.c.y}) >= out.top + y0
                    && std::min({t.a.y, t.b.y, t.c.y}) <= out.top + y0 + rows)
                    band.draw(t);
            for (int y = 0; y < rows; ++y)
                for (int x = 0; x < w; ++x) {
                    int hits = 0, water = 0;
                    float sum = 0;
                    Vec3f n;
                    const float fx = float((out.left + x + 0.5 - eye.x0) / eye.focalCm),
                                fy = float(-(out.top + y0 + y + 0.5 - eye.horizon) / eye.focalCm);
                    for (int s = 0; s < sub * sub; ++s) {
                        const Sample& q = band.at(x * sub + s % sub, y * sub + s / sub);
                        if (q.w <= 0)
                            continue;
                        ++hits, water += q.wet;
                        sum += q.w;
                        const Vec3f v = towardsViewer(q, fx, fy);
                        n = {n.x + v.x, n.y + v.y, n.z + v.z};
                    }
                    if (!hits)
                        continue;
                    const std::size_t i = std::size_t(y0 + y) * std::size_t(w) + std::size_t(x);
                    const float length = std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z), k = 1 / std::max(length, 1e-20f);
                    cover[i] = float(hits) / float(sub * sub);
                    wet[i] = float(water) / float(hits);
                    depth[i] = float(hits) / sum;
                    normal[i] = {n.x * k, n.y * k, n.z * k};
                }
        }
    });
    out.cover = {w, h, std::move(cover)};
    out.depth = {w, h, std::move(depth)};
    out.normal = {w, h, std::move(normal)};
    if (!mesh.wet.empty())
        out.wet = {w, h, std::move(wet)};
    return out;
}

} // namespace rl::stage
