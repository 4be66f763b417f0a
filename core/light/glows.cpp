// What lights show of themselves.
#include "core/base/hot.h"
#include "core/light/air.h"

namespace rl::light {

using stage::StageFrame;

namespace {
struct GlowShape {
    float core, perCore; ///< the lamp itself, bright in its middle
    float air, inAir2; ///< air / b, b px from the lamp; softened within its radius
    float eye, inEye2; ///< eye / b², the same
    float perReach;
};
inline float glowAt(float d2, const GlowShape& s)
{
    const float a = 1 + d2 * s.perCore, edge = std::max(0.f, 1 - d2 * s.perReach), a2 = a * a, e = d2 + s.inEye2;
    // core / a² + air / b + eye / e, of which two are one division
    return edge * edge * ((s.core * e + s.eye * a2) / (a2 * e) + s.air / std::sqrt(d2 + s.inAir2));
}
RL_HOT void glowRow(Rgb* row, int count, float dx0, float dy, Rgb colour, GlowShape s)
{
    for (int x = 0; x < count; ++x) {
        const float dx = dx0 + float(x), g = glowAt(dx * dx + dy * dy, s);
        row[x].r += colour.r * g;
        row[x].g += colour.g * g;
        row[x].b += colour.b * g;
    }
}
/// The same far from the lamp, where it is straight over a few pixels.
RL_HOT void glowFar(Rgb* row, int count, float dx0, float dy, Rgb colour, GlowShape s)
{
    constexpr int apart = 8;
    float g[260];
    for (int from = 0; from < count; from += 256 * apart) {
        const int here = std::min(count - from, 256 * apart), whole = here / apart;
        for (int k = 0; k <= whole; ++k) {
            const float dx = dx0 + float(from + k * apart);
            g[k] = glowAt(dx * dx + dy * dy, s);
        }
        for (int k = 0; k < whole; ++k) {
            const float step = (g[k + 1] - g[k]) / apart;
            Rgb* to = row + from + k * apart;
            for (int x = 0; x < apart; ++x) {
                const float v = g[k] + float(x) * step;
                to[x].r += colour.r * v, to[x].g += colour.g * v, to[x].b += colour.b * v;
            }
        }
        glowRow(row + from + whole * apart, here - whole * apart, dx0 + float(from + whole * apart), dy, colour, s);
    }
}

/// How much a lamp's light is spread on its way, for what of it would show a white card at 1 m.
struct Veil {
    double air = 0; ///< scattered a metre
    double eye = 0; ///< share of what is scattered in the eye
};
/// Below this a veil ends, linear.
constexpr double kLeast = 0.004;
/// Of the glare in the eye painters show a small part: a picture is looked at with rested eyes.
constexpr double kSpread = 0.03;

/// A small light: its bright core, and a veil as wide as its strength and the air say. A sight line that passes it at b
/// metres gathers
///     L = (π/4) β I / b         β = ln 2 / the distance of half contrast, scattered the same to all sides
/// and at θ degrees from it the eye itself spreads
///     L = 10 π E / θ²           E = I / D² at the eye
/// of which `eye` is shown. I is what shows a white card as 1 at 1 m. Sources: single scattering of a point light (Sun
/// et al. 2005); Stiles & Holladay's law of disability glare (CIE 31, 1976).
class Glow final : public Between {
public:
    /// \param intensity I by the colour 1 \param core how bright its middle is against the colour
    Glow(const StageFrame& f, Vec3 at, double radius, Rgb colour, float core, double intensity, const Veil& veil)
        : m_colour(colour)
        , m_z(at.z)
    {
        const double k = f.eye.focalCm / at.z;
        m_x0 = f.eye.x0 + k * at.x, m_y0 = f.eye.horizon + k * (f.eye.heightM - at.y);
        const double wide = std::max(1.2, k * radius * 1.1), degree = f.eye.focalCm * std::tan(radians(1.0));
        const double air = kPi / 4 * veil.air * intensity * k,
                     eye = veil.eye * 10 * kPi * intensity / (at.z * at.z) * degree * degree;
        const double soft = 2 * wide, glare = std::max(2 * wide, degree);
        const double level = std::max({double(colour.r), double(colour.g), double(colour.b)});
        const double reach = std::max({wide * 7, air * level / kLeast, std::sqrt(eye * level / kLeast)});
        const int most = int(std::min(reach, 0.45 * std::hypot(f.width, f.height)));
        m_shape = {core, float(1 / (wide * wide)), float(air), float(soft * soft), float(eye), float(glare * glare),
            float(1 / (double(most) * most))};
        m_left = int(std::clamp(m_x0 - most, 0.0, double(f.width)));
        m_right = int(std::clamp(m_x0 + most, 0.0, double(f.width)));
        m_top = int(std::clamp(m_y0 - most, 0.0, double(f.height)));
        m_bottom = int(std::clamp(m_y0 + most, 0.0, double(f.height)));
    }
    double z() const override { return m_z; }
    void addRow(Rgb* row, int y) const override
    {
        if (y < m_top || y >= m_bottom)
            return;
        const double dy = y + 0.5 - m_y0, half = std::sqrt(std::max(0.0, 1 / double(m_shape.perReach) - dy * dy));
        const int from = std::max(m_left, int(m_x0 - half)), to = std::min(m_right, int(m_x0 + half) + 1);
        constexpr double far = 96; // px; from there on the middle of eight is told within 0.2 %
        if (from < to)
            (std::abs(dy) > far ? glowFar : glowRow)(
                row + from, to - from, float(from + 0.5 - m_x0), float(dy), m_colour, m_shape);
    }

private:
    Rgb m_colour;
    GlowShape m_shape{};
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
        const Rgb plain = colourOf(l) * float(clear), colour = plain * float(l.strength);
        const Veil veil{air.halfContrastM > 0 ? air.glow * std::log(2.0) / air.halfContrastM : 0, air.glow * kSpread};
        const double intensity = l.reference * l.reference;
        if (l.kind == LampKind::Flame) {
            out.push_back(std::make_unique<Glow>(f, l.position, l.radius, colour, 1.3f, intensity, veil));
        } else if (l.kind == LampKind::Swarm) {
            const std::vector<Vec3> sparks = sparksOf(l);
            const Rgb each = plain * float(std::clamp(l.strength, 0.2, 3.0));
            const double part = intensity * l.strength / std::clamp(l.strength, 0.2, 3.0)
                / double(std::max<std::size_t>(sparks.size(), 1));
            for (const Vec3& at : sparks)
                out.push_back(std::make_unique<Glow>(f, at, l.radius, each, 1.1f, part, veil));
        } else if (const Vec3 facing = facingOf(l), to = Vec3{0, f.eye.heightM, 0} - l.position;
                   facing.x * to.x + facing.z * to.z > 0) {
            // A pane that lights a card E at d shows π E d² / its area.
            const double shows = std::min(4.0, kPi * l.strength * intensity / (l.wide * l.high));
            out.push_back(std::make_unique<Pane>(f, l, colourOf(l) * float(shows * clear)));
            out.push_back(std::make_unique<Glow>(
                f, l.position, 0.4 * std::sqrt(l.wide * l.high), colour, 0.f, 0.6 * intensity, veil));
        }
    }
}

} // namespace rl::light
