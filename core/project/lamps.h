#pragma once
#include "core/base/geometry.h"
#include <string>
#include <vector>

/// Lights and air of one arrangement, as values. Scene lengths in m, angles in degrees.
namespace rl {

/// Of the scene: azimuth 0 = straight ahead behind the scene, 90 = from the right, 180 = from behind the viewer.
struct Sun {
    bool on = true;
    double azimuth = 320, elevation = 12; ///< degrees
    double diameter = 0.53; ///< degrees, larger = softer shadows
    double kelvin = 5200;
    double strength = 0.6; ///< 1 = full key light
    double hue = -1; ///< degrees of CIELCh; negative = colour by temperature
    double chroma = 60; ///< CIELCh at L* 75, 0…120, used with a hue
    bool operator==(const Sun&) const = default;
};

/// What a lantern is made as.
enum class LampKind {
    Flame, ///< a small round light
    Panel, ///< a rectangle that shines to one side: a window, a sign
    Swarm ///< many small lights in a box: sparks, far windows
};

struct Lantern {
    int id = 0;
    std::string name;
    bool on = true;
    Vec3 position{0, 2, 8}; ///< m; of a panel or swarm its middle
    double radius = 0.12; ///< m, > 0; larger = softer shadows
    double kelvin = 2100;
    double reference = 2; ///< m at which it gives `strength`
    double strength = 1;
    LampKind kind = LampKind::Flame;
    double hue = -1, chroma = 60; ///< as of the sun
    bool hidden = false; ///< gives its light but is not seen itself
    double wide = 0.9, high = 1.4, deep = 0.9; ///< m: a panel is wide and high, a swarm fills all three
    double facing = 180; ///< of a panel: azimuth of the side it shines to; 180 = the viewer
    int count = 24; ///< lights of a swarm, 2…200
    int within = 0; ///< element it hangs inside, which lets its light out; 0 = free
    int carriedBy = 0; ///< element it moves, turns and grows with; 0 = hangs by itself
    int group = 0; ///< light group, 0 = none
    bool operator==(const Lantern&) const = default;
};

/// Lanterns switched and dimmed together.
struct LightGroup {
    int id = 0;
    std::string name;
    bool on = true;
    double stops = 0; ///< −10…10, on top of each one's own strength
    bool operator==(const LightGroup&) const = default;
};

/// A sheet of mist between depths, thinning upwards.
struct Mist {
    std::string name;
    bool on = true;
    double z = 20; ///< m from the viewer
    double density = 0.5; ///< 0…1: what it hides where it lies thickest
    double topM = 1.5; ///< height at which it has thinned to 1/e
    bool operator==(const Mist&) const = default;
};

enum class DriftKind { None, Dust, Sparks, Rain };
/// Small things in the air that take the light.
struct Drift {
    DriftKind kind = DriftKind::None;
    double amount = 0.4; ///< 0…1
    bool operator==(const Drift&) const = default;
};

struct Air {
    double halfContrastM = 150; ///< distance at which contrast is halved; 0 = clear
    double skyStrength = 1; ///< share of the backdrop's own sky light that fills the shade
    double wetness = 0.6; ///< 0…1 how much the ground mirrors
    double exposureStops = 0;
    double hazeTopM = 0; ///< height at which haze has thinned to 1/e; 0 = alike at every height
    double spill = 1; ///< 0…2: backdrop light falling into edges
    double bounce = 1; ///< 0…2: light thrown back by the ground and large neighbours
    double glow = 1; ///< 0…3: veil round lights
    double shafts = 0; ///< 0…3: beams seen in the haze, 1 as it scatters
    double vignette = 0; ///< 0…1: how far the sky's light falls off away from the focal place
    Vec2 vignetteAt{-1, -1}; ///< cm on the canvas; negative x = its middle
    double vignetteReach = 0.6; ///< of the half diagonal, 0.1…2: full light up to there
    std::vector<Mist> mists{};
    Drift drift{};
    double rainbow = 0, halo = 0; ///< 0…1: painted into the air where the sun can draw them
    double darks = 0; ///< 0…0.3: how far the darks are deepened again that the air has made pale
    bool operator==(const Air&) const = default;
};

struct Lights {
    Sun sun;
    std::vector<Lantern> lanterns;
    Air air;
    std::vector<LightGroup> groups{};
    const LightGroup* group(int id) const;
    /// Is it lit, its group's switch included?
    bool burns(const Lantern& lantern) const;
    /// Its strength with its group's stops.
    double strengthOf(const Lantern& lantern) const;
    bool operator==(const Lights&) const = default;
};

} // namespace rl
