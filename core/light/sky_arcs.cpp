// Rainbow and halo painted into the air.
#include "core/light/air.h"
#include <array>

namespace rl::light {

using stage::StageFrame;

namespace {
constexpr double kRainAt = 60, kIceAt = 1e6; // m: what stands nearer hides bow and halo

/// A soft ring of one colour. \param outwards degrees over which it fades; inwards likewise
struct Ring {
    float radius, inwards, outwards, strength;
    float at(float angle) const
    {
        const float d = angle - radius, wide = d < 0 ? inwards : outwards, t = d / wide;
        return strength * std::exp(-t * t);
    }
};
using Rings = std::array<std::vector<Ring>, 3>; ///< for red, green, blue

/// Radii by colour: R. L. Lee & A. B. Fraser, The Rainbow Bridge (2001); the sun blurs each by half a degree. Inside
/// the first bow the sky is lighter than outside (Alexander's dark band lies between both).
Rings bows()
{
    return {{{{42.3f, 0.5f, 0.35f, 1}, {38, 5, 4, 0.12f}, {50.5f, 0.5f, 0.7f, 0.35f}},
        {{41.6f, 0.5f, 0.35f, 1}, {38, 5, 3.5f, 0.12f}, {51.4f, 0.6f, 0.8f, 0.35f}},
        {{40.9f, 0.5f, 0.4f, 1}, {37.5f, 5, 3, 0.12f}, {52.5f, 0.7f, 0.9f, 0.35f}}}};
}
/// Ice prisms of 60°: red and sharp inside, pale outwards (R. Greenler, Rainbows, Halos and Glories, 1980).
Rings halo()
{
    return {{{{21.7f, 0.3f, 2.2f, 0.6f}}, {{22.0f, 0.35f, 2.6f, 0.6f}}, {{22.4f, 0.45f, 3.0f, 0.6f}}}};
}

class Arcs final : public Between {
public:
    Arcs(const StageFrame& f, Vec3 axis, Rings rings, Rgb light, double z)
        : m_f(f)
        , m_axis(axis)
        , m_rings(std::move(rings))
        , m_light(light)
        , m_z(z)
    {
        for (const auto& colour : m_rings)
            for (const Ring& r : colour) {
                m_least = std::min(m_least, r.radius - 2.5f * r.inwards);
                m_most = std::max(m_most, r.radius + 2.5f * r.outwards);
            }
    }
    double z() const override { return m_z; }
    void addRow(Rgb* row, int y) const override
    {
        const double down = y + 0.5 - m_f.eye.horizon;
        // Before the ground there is rain only from where it falls to where the sight line ends.
        const float part = down > 0 ? float(1 - m_z * down / (m_f.eye.focalCm * m_f.eye.heightM)) : 1.f;
        if (part <= 0)
            return;
        const Rgb light = m_light * part;
        const float high = float(std::cos(radians(double(m_least)))), low = float(std::cos(radians(double(m_most))));
        for (int x = 0; x < m_f.width; ++x) {
            const Vec3 d = stage::unit({(x + 0.5 - m_f.eye.x0) / m_f.eye.focalCm, -down / m_f.eye.focalCm, 1});
            const float cosine = float(stage::dot(d, m_axis));
            if (cosine > high || cosine < low)
                continue;
            const float angle = float(degrees(std::acos(double(cosine))));
            const auto sum = [&](std::size_t k) {
                float s = 0;
                for (const Ring& r : m_rings[k])
                    s += r.at(angle);
                return s;
            };
            row[x] = {row[x].r + light.r * sum(0), row[x].g + light.g * sum(1), row[x].b + light.b * sum(2)};
        }
    }

private:
    const StageFrame& m_f;
    Vec3 m_axis;
    Rings m_rings;
    Rgb m_light;
    double m_z;
    float m_least = 180, m_most = 0;
};
} // namespace

void addSkyArcs(const StageFrame& f, const Air& air, const Sun& sun, Betweens& out)
{
    if (!sun.on || sun.strength <= 0 || sun.elevation <= 0)
        return;
    const Vec3 towards = stage::sceneDirection(sun.azimuth, sun.elevation);
    const Rgb light = colourOf(sun) * float(0.3 * sun.strength);
    if (air.rainbow > 0 && sun.elevation < 42)
        out.push_back(std::make_unique<Arcs>(f, towards * -1, bows(), light * float(air.rainbow), kRainAt));
    if (air.halo > 0)
        out.push_back(std::make_unique<Arcs>(f, towards, halo(), light * float(air.halo), kIceAt));
}

} // namespace rl::light
