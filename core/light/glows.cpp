// What lights show of themselves.
#include "core/base/hot.h"
#include "core/light/air.h"

namespace rl::light {

using stage::StageFrame;

namespace {
struct GlowShape {
    float core, veil, perCore, perHalo, perReach;
};
RL_HOT void glowRow(Rgb* row, int count, float dx0, float dy, Rgb colour, GlowShape s)
{
    for (int x = 0; x < count; ++x) {
        const float dx = dx0 + float(x), d2 = dx * dx + dy * dy;
        const float a = 1 + d2 * s.perCore, b = 1 + d2 * s.perHalo, edge = std::max(0.f, 1 - d2 * s.perReach);
        const float g = edge * edge * (s.core / (a * a) + s.veil / (b * std::sqrt(b)));
        row[x].r += colour.r * g;
        row[x].g += colour.g * g;
        row[x].b += colour.b * g;
    }
}

/// Light scattered around a small light: (1 + (d/r)²)^-1.5, and its bright core.
class Glow final : public Between {
public:
    /// \param core, veil how bright both are against the colour
    Glow(const StageFrame& f, Vec3 at, double radius, Rgb colour, float core, float veil)
        : m_colour(colour)
        , m_core(core)
        , m_veil(veil)
        , m_z(at.z)
    {
        const double k = f.eye.focalCm / at.z;
        m_x0 = f.eye.x0 + k * at.x, m_y0 = f.eye.horizon + k * (f.eye.heightM - at.y);
        const double wide = std::max(1.2, k * radius * 1.1), halo = wide * 5;
        const int reach = int(std::min(veil > 0 ? halo * 5 : wide * 7, 40000.0));
        m_left = int(std::clamp(m_x0 - reach, 0.0, double(f.width)));
        m_right = int(std::clamp(m_x0 + reach, 0.0, double(f.width)));
        m_top = int(std::clamp(m_y0 - reach, 0.0, double(f.height)));
        m_bottom = int(std::clamp(m_y0 + reach, 0.0, double(f.height)));
        m_perCore = float(1 / (wide * wide)), m_perHalo = float(1 / (halo * halo));
        m_perReach = float(1 / (double(reach) * reach));
    }
    double z() const override { return m_z; }
    void addRow(Rgb* row, int y) const override
    {
        if (y < m_top || y >= m_bottom)
            return;
        glowRow(row + m_left, m_right - m_left, float(m_left + 0.5 - m_x0), float(y + 0.5 - m_y0), m_colour,
            {m_core, m_veil, m_perCore, m_perHalo, m_perReach});
    }

private:
    Rgb m_colour;
    float m_core, m_veil, m_perCore = 1, m_perHalo = 1, m_perReach = 1;
    double m_z, m_x0 = 0, m_y0 = 0;
    int m_left = 0, m_right = 0, m_top = 0, m_bottom = 0;
};

/// A bright rectangle, seen from its bright side.
class Pane final : public Between {
public:
    Pane(const StageFrame& f, const Lantern& l, Rgb colour)
        : m_colour(colour)
        , m_z(l.position.z)
        , m_width(f.width)
    {
        const auto corners = cornersOf(l);
        for (std::size_t i = 0; i < 4; ++i) {
            Vec3 c = corners[i];
            c.z = std::max(c.z, 0.1);
            m_at[i] = stage::projected(f.eye, c);
        }
    }
    double z() const override { return m_z; }
    void addRow(Rgb* row, int y) const override
    {
        constexpr int lines = 4;
        for (int s = 0; s < lines; ++s) {
            double left = 1e9, right = -1e9;
            const double at = y + (s + 0.5) / lines;
            for (std::size_t i = 0; i < 4; ++i) {
                const Vec2 a = m_at[i], b = m_at[(i + 1) % 4];
                if ((a.y <= at) == (b.y <= at))
                    continue;
                const double x = a.x + (b.x - a.x) * (at - a.y) / (b.y - a.y);
                left = std::min(left, x), right = std::max(right, x);
            }
            const int begin = int(std::clamp(std::floor(left), 0.0, double(m_width))),
                      end = int(std::clamp(std::ceil(right), 0.0, double(m_width)));
            for (int x = begin; x < end; ++x) {
                const float share = float(std::min(right, x + 1.0) - std::max(left, double(x))) / lines;
                row[x] = row[x] * (1 - share) + m_colour * share;
            }
        }
    }

private:
    Rgb m_colour;
    double m_z;
    int m_width;
    std::array<Vec2, 4> m_at{};
};
} // namespace

void addGlows(const StageFrame& f, const Air& air, const std::vector<Lantern>& lanterns, Betweens& out)
{
    for (const Lantern& own : lanterns) {
        if (own.hidden)
            continue;
        Lantern l = own;
        for (const stage::Layer& host : f.layers) // what hangs inside is seen through its front, if at all
            if (l.within && host.element == l.within)
                l.position.z = std::max(l.position.z, host.order * (1 + 1e-6));
        const double clear = throughAir(l.position.z, air.halfContrastM);
        const Rgb colour = colourOf(l) * float(l.strength * clear);
        const float veil = float(air.glow) * (0.10f + 0.5f * float(1 - clear));
        if (l.kind == LampKind::Flame) {
            out.push_back(std::make_unique<Glow>(f, l.position, l.radius, colour, 1.3f, veil));
        } else if (l.kind == LampKind::Swarm) {
            const Rgb each = colourOf(l) * float(clear * std::clamp(l.strength, 0.2, 3.0));
            for (const Vec3& at : sparksOf(l))
                out.push_back(std::make_unique<Glow>(f, at, l.radius, each, 1.1f, 0.25f * veil));
        } else if (const Vec3 facing = facingOf(l), to = Vec3{0, f.eye.heightM, 0} - l.position;
                   facing.x * to.x + facing.z * to.z > 0) {
            // A pane that lights a card E at d shows π E d² / its area.
            const double shows = std::min(4.0, kPi * l.strength * l.reference * l.reference / (l.wide * l.high));
            out.push_back(std::make_unique<Pane>(f, l, colourOf(l) * float(shows * clear)));
            out.push_back(
                std::make_unique<Glow>(f, l.position, 0.4 * std::sqrt(l.wide * l.high), colour, 0.f, 0.6f * veil));
        }
    }
}

} // namespace rl::light
