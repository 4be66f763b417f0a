#include "core/transfer/line_tracer.h"
#include "core/transfer/curves.h"
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace rl::transfer {

namespace {
constexpr float kBegin = 1.7f, kGoOn = 0.7f; // L* of a step that begins a line, and that one goes on with
constexpr double kBeside = 2.0; // sigmas within which two lines are one
constexpr double kSharpest = 0.62; // cosine of the sharpest turn in a pixel
} // namespace

LineTracer::LineTracer(const EdgeField& field, double sigma)
    : m_field(field)
    , m_sigma(sigma)
    , m_width(field.strength.width())
    , m_height(field.strength.height())
    , m_taken(field.strength.size(), 0)
    , m_track(field.strength.size(), {0, 0})
    , m_cells((m_width + kCell - 1) / kCell)
{
    m_near.resize(std::size_t(m_cells) * std::size_t((m_height + kCell - 1) / kCell));
}

void LineTracer::occupy(const std::vector<Vec2>& px, bool closed)
{
    cv::Mat map(m_height, m_width, CV_8U, m_taken.data());
    const int wide = std::max(1, int(std::lround(2 * kBeside * m_sigma)) - 1);
    const auto pixel = [](Vec2 p) { return cv::Point(int(p.x), int(p.y)); };
    for (std::size_t i = closed ? 0 : 1; i < px.size(); ++i)
        cv::line(map, pixel(px[(i + px.size() - 1) % px.size()]), pixel(px[i]), 1, wide);
    const int line = int(m_lines.size());
    m_lines.push_back(px);
    for (std::size_t i = 0; i < px.size(); ++i) {
        const int cx = int(px[i].x) / kCell, cy = int(px[i].y) / kCell;
        if (px[i].x >= 0 && px[i].y >= 0 && px[i].x < m_width && px[i].y < m_height)
            m_near[std::size_t(cy * m_cells + cx)].emplace_back(line, int(i));
    }
}

bool LineTracer::taken(Vec2 p) const
{
    return m_taken[std::size_t(int(p.y)) * std::size_t(m_width) + std::size_t(int(p.x))] != 0;
}

float LineTracer::strengthAt(Vec2 p) const
{
    const double x = p.x - 0.5, y = p.y - 0.5;
    const int u = std::clamp(int(std::floor(x)), 0, m_width - 2), v = std::clamp(int(std::floor(y)), 0, m_height - 2);
    const float fx = float(std::clamp(x - u, 0.0, 1.0)), fy = float(std::clamp(y - v, 0.0, 1.0));
    const Plane& s = m_field.strength;
    return (1 - fy) * ((1 - fx) * s.at(u, v) + fx * s.at(u + 1, v))
        + fy * ((1 - fx) * s.at(u, v + 1) + fx * s.at(u + 1, v + 1));
}

/// Onto the ridge, across the line. \return false where there is none within a pixel and a half
bool LineTracer::centred(Vec2& p) const
{
    const int u = int(p.x), v = int(p.y);
    if (!m_field.tx.contains(u, v))
        return false;
    const Vec2 across{-double(m_field.ty.at(u, v)), double(m_field.tx.at(u, v))};
    std::array<float, 7> s{};
    std::size_t best = 3;
    for (std::size_t i = 0; i < 7; ++i) {
        s[i] = strengthAt(p + across * (0.5 * (double(i) - 3)));
        best = s[i] > s[best] ? i : best;
    }
    if (best == 0 || best == 6)
        return false;
    const float bend = s[best - 1] - 2 * s[best] + s[best + 1];
    const double off = bend < 0 ? std::clamp(0.5 * double((s[best - 1] - s[best + 1]) / bend), -0.5, 0.5) : 0;
    p = p + across * (0.5 * (double(best) - 3 + off));
    return true;
}

/// Where a line that ends here meets another close by: straight on from where it came, not where the two blur together.
std::optional<Vec2> LineTracer::joins(Vec2 p, const std::vector<Vec2>& way) const
{
    const std::size_t n = way.size(), k = blurredEnd();
    const Vec2 from = n > k + 8 ? way[n - 1 - k] : p;
    Vec2 u{0, 0};
    if (n > k + 8) {
        const Vec2 d = from - way[n - 1 - std::min(n - 1, k + 10)];
        u = d.length() > 0 ? d * (1 / d.length()) : u;
    }
    const double reach = 2.2 * kBeside * m_sigma;
    double best = reach;
    std::optional<Vec2> out;
    const int r = 1 + int(reach) / kCell, cx = int(p.x) / kCell, cy = int(p.y) / kCell,
              rows = int(m_near.size()) / std::max(1, m_cells);
    for (int y = std::max(0, cy - r); y <= std::min(rows - 1, cy + r); ++y)
        for (int x = std::max(0, cx - r); x <= std::min(m_cells - 1, cx + r); ++x)
            for (const auto& [line, point] : m_near[std::size_t(y * m_cells + x)]) {
                const Vec2 q = m_lines[std::size_t(line)][std::size_t(point)];
                const Vec2 v = q - p;
                const Vec2 w = q - from;
                const double d = v.length(), aside = std::abs(w.x * u.y - w.y * u.x);
                if (const double cost = u == Vec2{} ? d : 0.7 * aside + 0.3 * d; d < reach && cost < best)
                    best = cost, out = q;
            }
    return out;
}

/// Whether the line being followed comes back on itself; leaves its track.
bool LineTracer::ownTrack(Vec2 p, int step)
{
    const int away = int(6 * m_sigma);
    bool back = false;
    for (int v = -1; v <= 1; ++v)
        for (int u = -1; u <= 1; ++u) {
            const int x = int(p.x) + u, y = int(p.y) + v; // a place drawn onto its ridge may lie at the very edge
            if (x < 0 || y < 0 || x >= m_width || y >= m_height)
                continue;
            const auto& [line, at] = m_track[std::size_t(y) * std::size_t(m_width) + std::size_t(x)];
            back = back || (line == m_line && std::abs(at - step) > away);
        }
    if (p.x >= 0 && p.y >= 0 && p.x < m_width && p.y < m_height)
        m_track[std::size_t(int(p.y)) * std::size_t(m_width) + std::size_t(int(p.x))] = {m_line, step};
    return back;
}

/// The end set straight onto another line: what lay in the blur of both is left out.
void LineTracer::endOn(const std::optional<Vec2>& meets, std::vector<Vec2>& way) const
{
    if (!meets)
        return;
    if (const std::size_t k = blurredEnd(); way.size() > k + 8)
        way.resize(way.size() - k);
    const Vec2 from = way.empty() ? *meets : way.back(), d = *meets - from;
    const int n = int(d.length());
    for (int i = 1; i < n; ++i)
        way.push_back(from + d * (double(i) / n));
    way.push_back(*meets);
}

/// From a place one way, a pixel a step, until the ridge is lost for longer than the gap or another line is met.
std::vector<Vec2> LineTracer::follow(Vec2 at, double hx, double hy, double gap)
{
    const Vec2 start = at;
    std::vector<Vec2> out;
    std::size_t good = 0;
    const std::size_t most = std::size_t(4 * (m_width + m_height));
    while (out.size() < most) {
        Vec2 next = at + Vec2{hx, hy};
        if (next.x < 1 || next.y < 1 || next.x >= m_width - 1 || next.y >= m_height - 1)
            break;
        if (taken(next)) {
            endOn(joins(next, out), out);
            return out;
        }
        Vec2 ridge = next;
        const bool on = centred(ridge) && strengthAt(ridge) > kGoOn && (ridge - next).length() < 1;
        if (on)
            next = ridge;
        double tx = double(m_field.tx.at(int(next.x), int(next.y))),
               ty = double(m_field.ty.at(int(next.x), int(next.y)));
        if (tx * hx + ty * hy < 0)
            tx = -tx, ty = -ty;
        const double agrees = tx * hx + ty * hy;
        if (on && agrees < kSharpest)
            break;
        if (on) { // the heading turns with the line, not with a pixel
            const double k = 0.45;
            hx += k * (tx - hx), hy += k * (ty - hy);
            const double l = std::hypot(hx, hy);
            hx /= l, hy /= l;
        }
        at = next;
        if (ownTrack(at, m_way * int(out.size() + 1)))
            break;
        out.push_back(at);
        if (on && agrees > 0.8)
            good = out.size();
        else if (double(out.size() - good) > gap)
            break;
    }
    out.resize(good);
    // A line that fades just before another one ends on it.
    const Vec2 last = out.empty() ? start : out.back();
    for (double ahead = 1; good > 2 && ahead < std::min(gap, 5 * m_sigma); ++ahead) {
        const Vec2 next = last + Vec2{hx, hy} * ahead;
        if (next.x < 1 || next.y < 1 || next.x >= m_width - 1 || next.y >= m_height - 1)
            break;
        if (!taken(next))
            continue;
        endOn(joins(next, out), out);
        break;
    }
    return out;
}

std::vector<TracedLine> LineTracer::all(double least, double gap)
{
    std::vector<std::pair<float, int>> seeds;
    for (int y = 1; y + 1 < m_height; ++y)
        for (int x = 1; x + 1 < m_width; ++x) {
            const float s = m_field.strength.at(x, y);
            if (s < kBegin)
                continue;
            const Vec2 c{x + 0.5, y + 0.5}, across{-double(m_field.ty.at(x, y)), double(m_field.tx.at(x, y))};
            if (s >= strengthAt(c + across) && s >= strengthAt(c - across))
                seeds.emplace_back(s, y * m_width + x);
        }
    std::sort(seeds.begin(), seeds.end(),
        [](const auto& a, const auto& b) { return a.first != b.first ? a.first > b.first : a.second < b.second; });
    std::vector<TracedLine> lines;
    for (const auto& [s, i] : seeds) {
        const int x = i % m_width, y = i / m_width;
        Vec2 seed{x + 0.5, y + 0.5};
        if (m_taken[std::size_t(i)] || !centred(seed) || taken(seed))
            continue;
        const double tx = double(m_field.tx.at(x, y)), ty = double(m_field.ty.at(x, y));
        ++m_line;
        m_way = -1;
        std::vector<Vec2> back = follow(seed, -tx, -ty, gap);
        m_way = 1;
        std::vector<Vec2> ahead = follow(seed, tx, ty, gap);
        TracedLine line;
        line.points.assign(back.rbegin(), back.rend());
        line.points.push_back(seed);
        line.points.insert(line.points.end(), ahead.begin(), ahead.end());
        if (lengthOf(line.points) < least)
            continue;
        double sum = 0;
        for (const Vec2 p : line.points)
            sum += double(strengthAt(p));
        line.strength = sum / double(line.points.size());
        line.tells = line.strength * std::sqrt(std::min(lengthOf(line.points) / least, 20.0));
        occupy(line.points, false);
        lines.push_back(std::move(line));
    }
    return lines;
}

} // namespace rl::transfer
