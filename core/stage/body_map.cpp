// Reading a body's map along rows of points.
#include "core/stage/body_map.h"
#include "core/stage/body_reading.h"

namespace rl::stage {

namespace {
using Face = BodyMap::Face;

/// Points of a row from one that is looked at in any case to the next.
constexpr int kStep = 8;
constexpr int kRoom = 4096; // points that are told together

/// Parts of rows: every eighth point first. Between two that tell nearly the same, over a penumbra wider than they
/// lie apart, what lies between follows from them; else their middle is looked at, and so on.
class PartsOfRows {
public:
    PartsOfRows(const Face& f, bool sun, double size)
        : m_reading(f, sun, size)
    {
        m_parts.clear();
    }
    /// \param out gets what is stopped, where any is \param runs gets where that is
    void add(const FaceLine& line, const RayRow& row, int from, int to, float* out, BodyMap::Runs& runs)
    {
        constexpr int most = kRoom - kStep;
        for (; to - from > most; from += most)
            add(line, row, from, from + most, out, runs);
        const int room = ((to - from + kStep - 1) / kStep + 1) * kStep;
        if (m_used + room > kRoom)
            finish();
        // The row goes on evenly behind its end, but nothing is known of depths there.
        const int last = from + (to - 1 - from + (row.depth ? 0 : kStep - 1)) / kStep * kStep;
        m_parts.push_back({line, row.depth, float(3 * row.step.length()), from, to, last, m_used - from, out, &runs});
        m_used += room;
    }
    void finish()
    {
        m_open.clear();
        m_shaded.assign(std::size_t(m_used / kStep + 1), false);
        for (int k = 0; k < int(m_parts.size()); ++k) {
            const Part& p = m_parts[std::size_t(k)];
            look(p, p.from, p.last + 1, kStep, wideFor(kStep));
            for (int i = p.from; i < p.last; i += kStep)
                m_open.push_back({k, i});
        }
        tell(wideFor(kStep));
        for (int size = kStep; size > 1; size /= 2)
            halve(size);
        for (const Part& p : m_parts)
            look(p, p.last + 1, p.to, 1, 1);
        tell(1);
        for (const Part& p : m_parts)
            handOver(p);
        m_parts.clear();
        m_used = 0;
    }

private:
    struct Part {
        FaceLine line;
        const float* depth;
        float bend; ///< how far it may bend between points that are looked at, of its depth
        int from, to, last; ///< `last`: of the points that are looked at in any case
        int place; ///< where column 0 would be told
        float* out;
        BodyMap::Runs* runs;
    };
    struct Stretch {
        int part, from;
    };
    static float wideFor(int apart) { return apart > 2 ? 1.5f * float(apart) : 1.f; }
    void look(const Part& p, int from, int to, int step, float around)
    {
        while (from < to) {
            from = stage::add(m_batch, p.line, p.depth, p.place, from, to, step);
            if (m_batch.full())
                tell(around);
        }
    }
    void tell(float around)
    {
        if (m_batch.count == 0)
            return;
        stage::tell(m_batch, m_reading, around);
        for (int j = 0; j < m_batch.count; ++j)
            m_told[m_batch.id[j]] = m_batch.stopped[j], m_points[m_batch.id[j]] = m_batch.points[j];
        m_batch.count = 0;
    }
    /// Stretches of `size` that are open are filled in, or their halves are open.
    void halve(int size)
    {
        m_halves.clear();
        for (const Stretch& s : m_open) {
            const Part& p = m_parts[std::size_t(s.part)];
            float* told = m_told + p.place + s.from;
            const float *points = m_points + p.place + s.from, a = told[0], b = told[size];
            const bool wide = size <= 2 || std::min(points[0], points[size]) >= wideFor(size),
                       follows = std::abs(a - b) < 0.06f && wide && even(p, s.from, size);
            if (follows && a <= 0 && b <= 0 && size == kStep)
                continue;
            m_shaded[std::size_t((p.place + s.from) / kStep)] = true;
            if (follows) {
                const float step = (b - a) / float(size);
                for (int n = 1; n < size; ++n)
                    told[n] = a + float(n) * step;
                continue;
            }
            const int middle = s.from + size / 2;
            m_batch.add(p.place + middle, p.line, middle, p.depth ? p.depth[middle] : 1);
            if (m_batch.full())
                tell(wideFor(size / 2));
            m_halves.push_back(s), m_halves.push_back({s.part, s.from + size / 2});
        }
        tell(wideFor(size / 2));
        std::swap(m_open, m_halves);
    }
    /// No fold in what lies between.
    bool even(const Part& p, int i, int size) const
    {
        if (!p.depth || size <= 4)
            return true;
        const auto at = [&](int k) { return std::clamp(p.depth[k], p.line.least, p.line.most); };
        const float a = at(i), b = at(i + size), step = (b - a) / float(size), most = p.bend * std::min(a, b);
        bool all = true;
        for (int n = 2; n < size; n += 2)
            all = all && std::abs(at(i + n) - a - float(n) * step) < most;
        return all;
    }
    void handOver(const Part& p) const
    {
        for (int i = p.from; i < p.to; i += kStep) {
            if (i < p.last && !m_shaded[std::size_t((p.place + i) / kStep)])
                continue;
            const int end = std::min(i + kStep, p.to);
            std::copy(m_told + p.place + i, m_told + p.place + end, p.out + i);
            if (!p.runs->empty() && p.runs->back()[1] == i)
                p.runs->back()[1] = end;
            else
                p.runs->push_back({i, end});
        }
    }

    FaceReading m_reading;
    int m_used = 0;
    // Kept from one to the next; each thread reads one at a time.
    inline static thread_local std::vector<Part> m_parts;
    inline static thread_local std::vector<Stretch> m_open, m_halves;
    inline static thread_local std::vector<char> m_shaded; ///< every kStep points
    inline static thread_local PointBatch m_batch;
    inline static thread_local float m_told[kRoom], m_points[kRoom];
};

/// Another face of the same lamp.
void layOver(float* out, BodyMap::Runs& runs, const float* other, const BodyMap::Runs& there)
{
    for (const auto& [from, to] : there) {
        if (runs.empty())
            runs.push_back({from, from});
        auto& [first, last] = runs.front(); // what lies between is told, too
        if (from < first)
            std::fill(out + from, out + first, 0.f), first = from;
        if (to > last)
            std::fill(out + last, out + to, 0.f), last = to;
        for (int i = from; i < to; ++i)
            out[i] = std::max(out[i], other[i]);
    }
}

/// Narrows [from, to) to where a + i b >= 0.
void keep(double a, double b, double& from, double& to)
{
    if (std::abs(b) < 1e-12) {
        if (a < 0)
            to = from;
        return;
    }
    const double at = -a / b;
    if (b > 0)
        from = std::max(from, at);
    else
        to = std::min(to, at);
}

/// Narrows [from, to) to where a + i b >= 0 for one of two pairs.
void keepEither(const std::array<double, 2>& a, const std::array<double, 2>& b, double& from, double& to)
{
    double from0 = from, to0 = to, from1 = from, to1 = to;
    keep(a[0], b[0], from0, to0);
    keep(a[1], b[1], from1, to1);
    if (from0 >= to0)
        from = from1, to = to1;
    else if (from1 >= to1)
        from = from0, to = to0;
    else
        from = std::min(from0, from1), to = std::max(to0, to1);
}

/// Texels of blur beyond which nothing is stopped. \param far m from the light
double marginAt(const Face& f, bool sun, double size, double far)
{
    const double blur = sun ? size * (far - double(f.least)) : size * (1 / std::max(double(f.least), size) - 1 / far);
    return 2 + 1.7 * std::max(blur, 0.0) / f.texel; // no penumbra is wider than the light lets it be
}

/// The part of a row that the light may be kept from, blur included.
std::array<int, 2> reached(const Face& f, const FaceLine& l, const RayRow& row, bool sun, double size)
{
    const std::array<double, 2> depths{row.least, row.most};
    double far = 0; // the farthest of the row's points from the light
    for (const double d : depths)
        for (const int i : {0, row.count - 1})
            far = std::max(far, double(l.oz) + d * (double(l.az) + i * double(l.bz)));
    if (far <= double(f.front))
        return {0, 0};
    const double margin = marginAt(f, sun, size, far);
    const double right = f.levels[0].width - 2 + margin, bottom = f.levels[0].height - 2 + margin;
    double from = 0, to = row.count;
    // Bounds move with the distance from a lamp. A bound that holds at neither depth holds at none between.
    const auto side = [&](float o, float a, float b, double bound, double sign) {
        std::array<double, 2> at, by;
        for (std::size_t k = 0; k < 2; ++k) {
            const double z0 = sun ? 1 : double(l.oz) + depths[k] * double(l.az),
                         zb = sun ? 0 : depths[k] * double(l.bz);
            at[k] = sign * (double(o) + depths[k] * double(a) - bound * z0);
            by[k] = sign * (depths[k] * double(b) - bound * zb);
        }
        keepEither(at, by, from, to);
    };
    const auto nearer = [&](std::size_t k) { return double(l.oz) + depths[k] * double(l.az) - double(f.front); };
    keepEither({nearer(0), nearer(1)}, {depths[0] * double(l.bz), depths[1] * double(l.bz)}, from, to);
    if (from >= to)
        return {0, 0};
    side(l.ou, l.au, l.bu, -margin, 1), side(l.ou, l.au, l.bu, right, -1);
    side(l.ov, l.av, l.bv, -margin, 1), side(l.ov, l.av, l.bv, bottom, -1);
    if (from >= to)
        return {0, 0};
    return {int(std::clamp(std::floor(from) - 2, 0.0, double(row.count))),
        int(std::clamp(std::ceil(to) + 3, 0.0, double(row.count)))};
}
} // namespace

bool BodyMap::mayReach(const std::array<Vec3, 8>& corners, double size) const
{
    for (const Face& f : m_faces) {
        const double per = 1 / f.texel;
        double far = -1e300;
        for (const Vec3& c : corners)
            far = std::max(far, dot(c - f.centre, f.away));
        if (far <= double(f.front))
            continue;
        const double margin = 3 + marginAt(f, m_light.isSun, size, far);
        bool left = true, above = true, beyond = true, below = true;
        for (const Vec3& c : corners) {
            const Vec3 q = c - f.centre;
            const double k = m_light.isSun ? 1 : dot(q, f.away), u = per * (dot(q, f.u) - f.left * k),
                         v = per * (dot(q, f.v) - f.top * k);
            left = left && u < -margin * k, above = above && v < -margin * k;
            beyond = beyond && u > (f.levels[0].width - 2 + margin) * k;
            below = below && v > (f.levels[0].height - 2 + margin) * k;
        }
        if (!left && !above && !beyond && !below)
            return true;
    }
    return false;
}

void BodyMap::stopped(
    std::span<const RayRow> rows, std::span<float* const> out, double size, std::span<Runs> runs) const
{
    static thread_local std::vector<float> kept;
    static thread_local std::vector<Runs> here;
    std::size_t room = 0;
    for (std::size_t k = 0; k < rows.size(); ++k)
        runs[k].clear(), room += std::size_t(rows[k].count);
    const bool one = m_faces.size() == 1;
    if (!one)
        kept.resize(room), here.resize(rows.size());
    for (const Face& f : m_faces) {
        PartsOfRows parts(f, m_light.isSun, size);
        float* mine = kept.data();
        for (std::size_t k = 0; k < rows.size(); mine += rows[k].count, ++k) {
            const FaceLine line = lineOf(f, rows[k], m_light.isSun);
            if (!one)
                here[k].clear();
            if (const auto [from, to] = reached(f, line, rows[k], m_light.isSun, size); from < to)
                parts.add(line, rows[k], from, to, one ? out[k] : mine, one ? runs[k] : here[k]);
        }
        parts.finish();
        mine = kept.data();
        for (std::size_t k = 0; !one && k < rows.size(); mine += rows[k].count, ++k)
            layOver(out[k], runs[k], mine, here[k]);
    }
}

} // namespace rl::stage
