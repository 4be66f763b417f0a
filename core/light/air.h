#pragma once
#include "core/light/lamps.h"

namespace rl::light {

/// Share of light that comes through air which halves contrast at `halfContrastM`: 2^(-distance/half). 1 in clear air.
double throughAir(double distanceM, double halfContrastM);

/// Haze between the viewer and things, thinning upwards where it has a height.
/// With density e^(-Y/H) along a straight sight line from eye height h to Y the path counts as
/// H (e^(-h/H) - e^(-Y/H)) / (Y - h) of its length; the limit is e^(-h/H).
class Haze {
public:
    Haze(const Air& air, double eyeHeightM)
        : m_half(float(air.halfContrastM))
        , m_top(float(air.hazeTopM))
        , m_eye(float(eyeHeightM))
    {
    }
    /// Share of the contrast left. \param z distance, m \param y height, m
    float clear(float z, float y) const
    {
        if (m_half <= 0)
            return 1;
        return std::exp2(-z / m_half * (m_top > 0 ? share(y) : 1.f));
    }
    bool levels() const { return m_top > 0; }
    /// Halvings of contrast a metre, where it does not go with height.
    float perMetre() const { return m_half > 0 ? 1 / m_half : 0; }

private:
    float share(float y) const
    {
        const float at = std::exp(-m_eye / m_top), rise = (y - m_eye) / m_top;
        return std::abs(rise) < 1e-3f ? at : at * (1 - std::exp(-std::max(rise, -60.f))) / rise;
    }
    float m_half, m_top, m_eye;
};

/// How the sky's light falls off away from the focal place: 1 within the reach, 1 - vignette far outside.
class Vignette {
public:
    Vignette(const Air& air, const stage::StageFrame& frame);
    bool any() const { return m_amount > 0; }
    float at(int x, int y) const
    {
        const float dx = float(x) + 0.5f - m_x, dy = float(y) + 0.5f - m_y;
        const float t = std::clamp((std::sqrt(dx * dx + dy * dy) * m_per - m_reach) / 0.9f, 0.f, 1.f);
        return 1 - m_amount * t * t * (3 - 2 * t);
    }

private:
    float m_amount, m_reach, m_x, m_y, m_per;
};

/// Something that lies in the air at one distance and is added between what is behind and what is before it.
struct Between {
    virtual ~Between() = default;
    virtual double z() const = 0; ///< m
    virtual void addRow(Rgb* row, int y) const = 0; ///< one row of the frame; safe from several threads
};
using Betweens = std::vector<std::unique_ptr<const Between>>;

/// A light as the air meets it.
struct AirLamp {
    Rgb colour; ///< with its strength
    const Lantern* lantern = nullptr; ///< null: the sun
    Vec3 sunward; ///< of the sun, unit
};
/// Lamps' light at a place in the air, per unit of density: inverse square, a quarter of it to all sides; of the sun
/// by how far its way is bent, 0.08 … 1.5 (Henyey & Greenstein 1941, g = 0.5).
Rgb airlightAt(const std::vector<AirLamp>& lamps, Vec3 at, Vec3 alongSight);

/// Sheets of mist.
void addMists(const stage::StageFrame& frame, const Air& air, const std::vector<AirLamp>& lamps, Betweens& out);
/// Beams of light: where the visibility of a light varies through the air, looked at in slices of depth.
void addShafts(
    const stage::StageFrame& frame, const Air& air, const Sun& sun, const std::vector<AirLamp>& lamps, Betweens& out);
/// Dust, sparks or rain, lit where they are.
void addDrift(const stage::StageFrame& frame, const Air& air, const std::vector<AirLamp>& lamps, Betweens& out);
/// Rainbows opposite the sun and a halo round it, as strong as the air says; only where they can stand (skyOptics()).
void addSkyArcs(const stage::StageFrame& frame, const Air& air, const Sun& sun, Betweens& out);
/// What lights show of themselves: a core and a veil round a flame, a bright rectangle, many small sparks.
/// \param lanterns as burningOf() gives them, whole ones for those that show themselves
void addGlows(const stage::StageFrame& frame, const Air& air, const std::vector<Lantern>& lanterns, Betweens& out);

} // namespace rl::light
