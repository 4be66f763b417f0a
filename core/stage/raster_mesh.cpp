#include "core/stage/raster_mesh.h"
#include "core/base/hot.h"
#include "core/base/parallel.h"

namespace rl::stage {

namespace {
constexpr double kNear = 0.1;
constexpr int kBand = 16; // rows

/// A corner on its way to the picture: x, y in samples and everything that is linear there, over z.
struct Corner {
    double x = 0, y = 0, w = 0; ///< w = 1/z; 0 = before the near plane
    Vec3 normal; ///< times w
};

/// A quantity that is linear over the picture, about a triangle's first corner.
struct Linear {
    float value = 0, dx = 0, dy = 0;
    float at(float x, float y) const { return value + dx * x + dy * y; }
};

/// A triangle ready to be drawn; places in samples.
struct Drawn {
    std::array<Vec2, 3> corners;
    Linear w, nx, ny, nz; ///< 1/z, and the normal over z where there are normals
    double top = 0, bottom = 0;
    bool wet = false;
};

/// A mesh on its way to the picture, each point once.
class Tracing {
public:
    Tracing(const Mesh& mesh, const Eye& eye, int sub)
        : m_mesh(mesh)
        , m_eye(eye)
        , m_sub(sub)
        , m_normals(!mesh.normals.empty())
    {
        m_corners.reserve(mesh.points.size());
        for (std::size_t i = 0; i < mesh.points.size(); ++i)
            m_corners.push_back(mesh.points[i].z >= kNear ? cornerOf(mesh.points[i], normalAt(i)) : Corner());
    }
    std::vector<Drawn> triangles()
    {
        m_drawn.reserve(m_mesh.faces.size());
        for (std::size_t i = 0; i < m_mesh.faces.size(); ++i) {
            const auto& f = m_mesh.faces[i];
            const bool wet = i < m_mesh.wet.size() && m_mesh.wet[i];
            const Corner &a = m_corners[std::size_t(f[0])], &b = m_corners[std::size_t(f[1])],
                         &c = m_corners[std::size_t(f[2])];
            if (a.w > 0 && b.w > 0 && c.w > 0)
                add(a, b, c, wet);
            else if (a.w > 0 || b.w > 0 || c.w > 0)
                addClipped(f, wet);
        }
        return std::move(m_drawn);
    }

private:
    Vec3 normalAt(std::size_t i) const { return m_normals ? m_mesh.normals[i] : Vec3(); }
    Corner cornerOf(const Vec3& p, const Vec3& n) const
    {
        const Vec2 at = projected(m_eye, p);
        const double w = 1 / p.z;
        return {at.x * m_sub, at.y * m_sub, w, n * w};
    }
    void add(const Corner& a, const Corner& b, const Corner& c, bool wet)
    {
        const double area = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
        if (std::abs(area) < 1e-12)
            return;
        const double k = 1 / area, vx = (c.y - a.y) * k, vy = -(c.x - a.x) * k, sx = -(b.y - a.y) * k,
                     sy = (b.x - a.x) * k;
        const auto linear = [&](double p, double q, double r) {
            return Linear{float(p), float((q - p) * vx + (r - p) * sx), float((q - p) * vy + (r - p) * sy)};
        };
        Drawn d{{Vec2{a.x, a.y}, {b.x, b.y}, {c.x, c.y}}, linear(a.w, b.w, c.w), {}, {}, {}, std::min({a.y, b.y, c.y}),
            std::max({a.y, b.y, c.y}), wet};
        if (m_normals) {
            d.nx = linear(a.normal.x, b.normal.x, c.normal.x), d.ny = linear(a.normal.y, b.normal.y, c.normal.y);
            d.nz = linear(a.normal.z, b.normal.z, c.normal.z);
        }
        m_drawn.push_back(d);
    }
    /// The part beyond the near plane, as up to two triangles.
    void addClipped(const std::array<int, 3>& face, bool wet)
    {
        std::vector<Corner> kept;
        for (std::size_t i = 0; i < 3; ++i) {
            const auto a = std::size_t(face[i]), b = std::size_t(face[(i + 1) % 3]);
            const Vec3 &p = m_mesh.points[a], &q = m_mesh.points[b];
            if (p.z >= kNear)
                kept.push_back(m_corners[a]);
            if ((p.z >= kNear) != (q.z >= kNear)) {
                const double t = (kNear - p.z) / (q.z - p.z);
                kept.push_back(cornerOf(p + (q - p) * t, normalAt(a) + (normalAt(b) - normalAt(a)) * t));
            }
        }
        for (std::size_t i = 2; i < kept.size(); ++i)
            add(kept[0], kept[i - 1], kept[i], wet);
    }

    const Mesh& m_mesh;
    const Eye& m_eye;
    int m_sub;
    bool m_normals;
    std::vector<Corner> m_corners;
    std::vector<Drawn> m_drawn;
};

/// Nearer than what is known wins.
RL_HOT void fillSpan(float* w, std::int32_t* which, int count, Linear here, float dx0, float dy, std::int32_t triangle)
{
    const float start = here.value + here.dy * dy;
    for (int i = 0; i < count; ++i) {
        const float at = start + here.dx * (dx0 + float(i));
        const bool nearer = at > w[i];
        w[i] = nearer ? at : w[i];
        which[i] = nearer ? triangle : which[i];
    }
}

/// One band of rows, sub × sub samples a pixel: how near, and which triangle.
class Band {
public:
    Band(int left, int top, int width, int rows, int sub)
        : m_left(left * sub)
        , m_top(top * sub)
        , m_width(width * sub)
        , m_rows(rows * sub)
        , m_near(std::size_t(m_width) * std::size_t(m_rows), 0.f)
        , m_which(m_near.size(), 0)
    {
    }
    void draw(const Drawn& t, std::int32_t index)
    {
        const auto& [a, b, c] = t.corners;
        const auto row = [&](double y, double most) { return int(std::clamp(y, double(m_top), most)); };
        const int y0 = row(std::floor(t.top - 0.5), m_top + m_rows),
                  y1 = int(std::clamp(std::ceil(t.bottom), double(m_top) - 1, double(m_top + m_rows - 1)));
        const std::array<Edge, 3> edges{Edge(a, b), Edge(b, c), Edge(c, a)};
        for (int y = y0; y <= y1; ++y) {
            const double py = y + 0.5;
            double low = 1e300, high = -1e300; // where the row enters and leaves the triangle
            for (const Edge& e : edges)
                if (e.crosses(py)) {
                    const double x = e.at(py);
                    low = std::min(low, x), high = std::max(high, x);
                }
            if (low >= high)
                continue;
            const double last = m_left + m_width - 1;
            const int x0 = int(std::clamp(std::ceil(low - 0.5), double(m_left), last + 1)),
                      x1 = int(std::clamp(std::ceil(high - 0.5) - 1, double(m_left) - 1, last));
            const std::size_t i = at(x0 - m_left, y - m_top);
            if (x1 >= x0)
                fillSpan(m_near.data() + i, m_which.data() + i, x1 - x0 + 1, t.w, float(x0 + 0.5 - a.x),
                    float(py - a.y), index);
        }
    }
    std::size_t at(int x, int y) const { return std::size_t(y) * std::size_t(m_width) + std::size_t(x); }
    float near(std::size_t i) const { return m_near[i]; } ///< 1/z; 0 = nothing
    std::int32_t which(std::size_t i) const { return m_which[i]; }

private:
    struct Edge {
        Edge(const Vec2& a, const Vec2& b)
            : from(a)
            , low(std::min(a.y, b.y))
            , high(std::max(a.y, b.y))
            , slope(high > low ? (b.x - a.x) / (b.y - a.y) : 0)
        {
        }
        bool crosses(double y) const { return low <= y && high > y; }
        double at(double y) const { return from.x + (y - from.y) * slope; }
        Vec2 from;
        double low, high, slope;
    };
    int m_left, m_top, m_width, m_rows;
    std::vector<float> m_near;
    std::vector<std::int32_t> m_which;
};

/// What a pixel shows: means over its samples.
struct PixelSums {
    int hits = 0, water = 0;
    float near = 0; ///< summed
    Vec3f normal; ///< summed, each over its distance
};

/// A normal that looks away is the inside of something thin or hollow: its other face is seen.
Vec3f towardsViewer(const Vec3f& n, float w, const Vec3f& ray)
{
    return n.x * ray.x + n.y * ray.y + n.z > 0.08f * w ? Vec3f{-n.x, -n.y, -n.z} : n;
}

/// \param x,y of its first sample \param rayOf the pixel's middle
template <class Ray>
PixelSums pixelOf(
    const Band& band, const std::vector<Drawn>& all, int x, int y, int left, int top, int sub, const Ray& rayOf)
{
    PixelSums shown;
    const std::int32_t first = band.which(band.at(x, y));
    bool one = true; // all samples of one triangle: what is linear has its mean in the middle
    float sum = 0;
    for (int j = 0; j < sub; ++j)
        for (int i = 0; i < sub; ++i) {
            const std::size_t s = band.at(x + i, y + j);
            one = one && band.near(s) > 0 && band.which(s) == first;
            sum += band.near(s);
        }
    if (sum <= 0)
        return shown;
    const Vec3f ray = rayOf();
    const auto add = [&](std::int32_t index, double px, double py, float w, int count) {
        const Drawn& t = all[std::size_t(index)];
        const float dx = float(left + px - t.corners[0].x), dy = float(top + py - t.corners[0].y), k = float(count);
        const Vec3f v = towardsViewer({t.nx.at(dx, dy), t.ny.at(dx, dy), t.nz.at(dx, dy)}, w, ray);
        shown.normal = {shown.normal.x + k * v.x, shown.normal.y + k * v.y, shown.normal.z + k * v.z};
        shown.hits += count, shown.water += t.wet ? count : 0;
        shown.near += k * w;
    };
    if (one) {
        const int count = sub * sub;
        add(first, x + 0.5 * sub, y + 0.5 * sub, sum / float(count), count);
    } else
        for (int j = 0; j < sub; ++j)
            for (int i = 0; i < sub; ++i)
                if (const std::size_t s = band.at(x + i, y + j); band.near(s) > 0)
                    add(band.which(s), x + i + 0.5, y + j + 0.5, band.near(s), 1);
    return shown;
}

/// Which triangles reach into each band.
std::vector<std::vector<std::int32_t>> byBand(const std::vector<Drawn>& all, int top, int bands, int sub)
{
    std::vector<std::vector<std::int32_t>> out(static_cast<std::size_t>(bands));
    const auto bandOf
        = [&](double y, double most) { return int(std::clamp(std::floor((y / sub - top) / kBand), 0.0, most)); };
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (all[i].bottom < double(top) * sub || all[i].top > double(top + bands * kBand) * sub)
            continue;
        const int last = bandOf(all[i].bottom, bands - 1);
        for (int k = bandOf(all[i].top, bands - 1); k <= last; ++k)
            out[std::size_t(k)].push_back(std::int32_t(i));
    }
    return out;
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
    const std::vector<Drawn> all = Tracing(mesh, eye, sub).triangles();
    std::vector<float> cover(std::size_t(w) * std::size_t(h), 0.f), depth(cover.size(), 0.f), wet(cover.size(), 0.f);
    std::vector<Vec3f> normal(mesh.normals.empty() ? 0 : cover.size(), Vec3f{0, 0, -1});
    const int bands = (h + kBand - 1) / kBand;
    const auto reaching = byBand(all, out.top, bands, sub);
    parallelItems(bands, [&](int k) {
        const int y0 = k * kBand, rows = std::min(kBand, h - y0);
        Band band(out.left, out.top + y0, w, rows, sub);
        for (const std::int32_t i : reaching[std::size_t(k)])
            band.draw(all[std::size_t(i)], i);
        for (int y = 0; y < rows; ++y)
            for (int x = 0; x < w; ++x) {
                const auto ray = [&] {
                    return Vec3f{float((out.left + x + 0.5 - eye.x0) / eye.focalCm),
                        float(-(out.top + y0 + y + 0.5 - eye.horizon) / eye.focalCm), 1};
                };
                const PixelSums shown
                    = pixelOf(band, all, x * sub, y * sub, out.left * sub, (out.top + y0) * sub, sub, ray);
                if (!shown.hits)
                    continue;
                const std::size_t i = std::size_t(y0 + y) * std::size_t(w) + std::size_t(x);
                cover[i] = float(shown.hits) / float(sub * sub);
                wet[i] = float(shown.water) / float(shown.hits);
                depth[i] = float(shown.hits) / shown.near;
                if (normal.empty())
                    continue;
                const Vec3f& n = shown.normal;
                const float unit = 1 / std::max(std::sqrt(n.x * n.x + n.y * n.y + n.z * n.z), 1e-20f);
                normal[i] = {n.x * unit, n.y * unit, n.z * unit};
            }
    });
    out.cover = {w, h, std::move(cover)};
    out.depth = {w, h, std::move(depth)};
    if (!normal.empty())
        out.normal = {w, h, std::move(normal)};
    if (!mesh.wet.empty())
        out.wet = {w, h, std::move(wet)};
    return out;
}

} // namespace rl::stage
