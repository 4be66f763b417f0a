#pragma once
#include "core/stage/compose.h"
#include <optional>

namespace rl::light {

/// Colour of a light, linear, luminance 1: by its hue where one is given, else by its temperature.
Rgb colourOf(const Sun& sun);
Rgb colourOf(const Lantern& lantern);

/// The small lights by which a lantern is worked out: itself; a panel in up to six fields, each shining to the panel's
/// side by the cosine; a swarm in up to three clusters as large as their lights lie apart. Strengths add up to its own.
std::vector<Lantern> pointsOf(const Lantern& lantern);

/// Where the lights of a swarm are, m: the same each time for one lantern. Empty for others.
std::vector<Vec3> sparksOf(const Lantern& lantern);

/// The four corners of a panel, m: upper left, upper right, lower right, lower left as seen from its bright side.
std::array<Vec3, 4> cornersOf(const Lantern& panel);
/// The way a panel shines, unit.
Vec3 facingOf(const Lantern& panel);

/// What a glowing layer gives off, as a lantern of id -element that hangs within it. A surface that shows C over A m²
/// lights a facing patch d m away by C A / (π d²) (Lambert's law; 1 = a white card in full key light).
std::optional<Lantern> glowOf(const stage::StageFrame& frame, const stage::Layer& layer);

/// Every small light that burns, groups and glowing elements included, as lanterns with their final strength. One
/// lantern's lights follow each other. \param frame null: without glowing elements
std::vector<Lantern> burningOf(const Lights& lights, const stage::StageFrame* frame);

/// 0…1, the same for the same numbers.
double chanceOf(std::uint64_t a, std::uint64_t b);

/// Noise between 0 and 1 without steps. \param x, y in cells
float softNoise(float x, float y, std::uint64_t seed);
/// The same, place after place near each other: the corners between which it lies are kept.
class SoftNoise {
public:
    explicit SoftNoise(std::uint64_t seed)
        : m_seed(seed)
    {
    }
    float at(float x, float y);

private:
    std::uint64_t m_seed;
    float m_x = std::numeric_limits<float>::quiet_NaN(), m_y = 0; ///< whose corners are kept
    std::array<float, 4> m_corners{};
};

/// What a glowing thing shows over its own colour, at glow 1.
inline constexpr float kGlowing = 1.6f;

} // namespace rl::light
