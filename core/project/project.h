#pragma once
#include "core/base/finding.h"
#include "core/project/lazy_photo.h"
#include <cstdint>
#include <map>
#include <memory>
#include <string>
#include <vector>

/// The work as a plain value. Pixels inside are shared and immutable, so a copy is cheap, an undo step is a copy,
/// and a worker may hold one without a lock. Nothing that can be worked out again is kept, but for the mattes of
/// cut-outs (the painter's own labour, kept as PNG). Lengths on the canvas are cm from its top left corner, y down.
namespace rl {

struct CastMember {
    int id = 0;
    std::string name;
    bool operator==(const CastMember&) const = default;
};

enum class LengthUnit { Centimetre, Inch };

struct Brief {
    std::string title;
    double widthCm = 60, heightCm = 40; ///< 1…2000
    LengthUnit unit = LengthUnit::Centimetre; ///< how lengths are shown
    std::string medium = "acrylic";
    double viewingDistanceCm = 200; ///< 10…5000
    std::vector<CastMember> cast; ///< in the order in which it should be read
    bool operator==(const Brief&) const = default;
};

/// Light of a photograph: azimuth in the picture plane, counter-clockwise from right; elevation towards the viewer.
struct PictureLight {
    double azimuth = 0, elevation = 0; ///< degrees
    double confidence = 0; ///< 0…1; under 0.25: lit flat, cannot tell
    bool operator==(const PictureLight&) const = default;
};

/// What a reference is for; any number of them.
enum class Role { Whole, Face, Pose, Light, Texture, Pattern, Palette, Place };
inline constexpr int kRoleCount = 8;

/// The painter's word against what the program measured; what is not set stays as measured.
struct Overrule {
    bool lightSet = false, softnessSet = false, kelvinSet = false, eyeLevelSet = false;
    PictureLight light;
    double softness = 0.5; ///< 0 = one hard light, 1 = light from everywhere
    double kelvin = 5500; ///< of the light
    double eyeLevel = 0.5; ///< 0 top of the picture … 1 bottom; may lie outside
    bool operator==(const Overrule&) const = default;
};

struct Reference {
    int id = 0;
    std::string name;
    std::string sha256; ///< of the file, lower-case hex
    LazyPhoto pixels; ///< upright, sRGB; its file travels with it
    std::string credit;
    std::string permission; ///< "own", "by permission of …", "free licence", "study only"; empty = to be asked
    std::string source, notes; ///< where it was found; anything worth remembering
    std::uint32_t roles = 0; ///< bit 1 << Role for each
    std::string heap; ///< name of the heap it lies in on the wall; empty = none
    bool hung = false; ///< the painter has given it a place
    Vec2 wallAt; ///< that place, wall units (1 = a hand's breadth)
    Overrule overrule;

    bool is(Role r) const { return roles >> int(r) & 1U; }
};

struct OutlinePoint {
    Vec2 at; ///< px in the picture
    bool curved = false; ///< the outline bends smoothly through it
    bool operator==(const OutlinePoint&) const = default;
};

struct Outline {
    std::vector<OutlinePoint> points; ///< closed
    bool hole = false;
    bool operator==(const Outline&) const = default;
};

/// A pin of a bend, px in the picture.
struct Pin {
    Vec2 from, to;
    bool operator==(const Pin&) const = default;
};

/// A plain ground behind a thing, told from it by colour: a place on it, px, and how far (ΔE00) it reaches.
struct PlainGround {
    Vec2 at;
    double tolerance = 8;
    bool operator==(const PlainGround&) const = default;
};

/// How a thing is cut out: threads, strokes and plain grounds, freely mixed. All of it can be taken up again.
struct Cutout {
    int id = 0;
    int reference = 0;
    std::vector<Outline> pieces;
    double bandPx = 6; ///< width of the band in which the edge is looked for and softened, px in the picture
    Mask alpha; ///< what came of it, as large as the picture
    Mask strokes; ///< 255 surely in, 0 surely out, 128 unknown; empty = none drawn
    std::vector<PlainGround> grounds;
    std::vector<Pin> pins; ///< bend it: each pin moves what lies under it; under two, nothing moves
};

enum class Form { Puffed, Ball, Column, Slab, Card };
/// Black point, white point and cast brought to those of the surroundings, in CIELAB: L* is mapped from [darkFrom,
/// lightFrom] to [darkTo, lightTo], a* and b* are shifted; all of it by `amount`.
struct Tone {
    double darkFrom = 0, darkTo = 0, lightFrom = 100, lightTo = 100; ///< L*
    double a = 0, b = 0;
    double amount = 0; ///< 0…1
    bool operator==(const Tone&) const = default;
};

enum class Material { Matt, Satin, Wet, Glowing };

/// A cut-out standing in the scene as a card facing the viewer.
struct Element {
    int id = 0;
    std::string name;
    int cast = 0; ///< member of the cast it shows, 0 = none
    int cutout = 0;
    Vec2 baseCm; ///< where its foot (or the point under it, when aloft) meets the ground, on the canvas
    double heightM = 1; ///< real height of the cut-out, m
    double altitudeM = 0; ///< how far above the ground its lowest point is, m
    bool mirrored = false;
    Form form = Form::Puffed;
    Material material = Material::Matt;
    double delight = 0.7; ///< 0…1, how much of the photograph's own light is taken off
    bool ownLightSet = false; ///< the painter has said where the photograph's light is
    PictureLight ownLight; ///< used when set
    Tone tone; ///< matched to its surroundings
    bool operator==(const Element&) const = default;
};

struct Camera {
    double horizonCm = 16; ///< may lie off the canvas
    double eyeHeightM = 1.7; ///< > 0
    double fovDegrees = 50; ///< horizontal, 5…120
    bool operator==(const Camera&) const = default;
};

struct Backdrop {
    int reference = 0; ///< 0 = a plain sky over a plain ground
    double horizon = 0.5; ///< where the horizon lies in the picture, 0 top … 1 bottom
    double dimL = 0; ///< L* taken off the backdrop, 0…60
    bool operator==(const Backdrop&) const = default;
};

/// Of the scene: azimuth 0 = straight ahead behind the scene, 90 = from the right, 180 = from behind the viewer.
struct Sun {
    bool on = true;
    double azimuth = 320, elevation = 12; ///< degrees
    double diameter = 0.53; ///< degrees, larger = softer shadows
    double kelvin = 5200;
    double strength = 0.6; ///< 1 = full key light
    bool operator==(const Sun&) const = default;
};

struct Lantern {
    int id = 0;
    std::string name;
    bool on = true;
    Vec3 position{0, 2, 8}; ///< m
    double radius = 0.12; ///< m, > 0
    double kelvin = 2100;
    double reference = 2; ///< m at which it gives `strength`
    double strength = 1;
    bool operator==(const Lantern&) const = default;
};

struct Air {
    double halfContrastM = 150; ///< distance at which contrast is halved; 0 = clear
    double skyStrength = 1; ///< share of the backdrop's own sky light that fills the shade
    double wetness = 0.6; ///< 0…1 how much the ground mirrors
    double exposureStops = 0;
    bool operator==(const Air&) const = default;
};

struct Lights {
    Sun sun;
    std::vector<Lantern> lanterns;
    Air air;
    bool operator==(const Lights&) const = default;
};

struct Sheets {
    std::string paper = "A4"; ///< or "Letter"
    double overlapCm = 1;
    double gridCm = 0; ///< side of a square, 0 = chosen by the program
    bool operator==(const Sheets&) const = default;
};

struct Project {
    Brief brief;
    std::vector<Reference> references;
    std::vector<Cutout> cutouts;
    std::vector<Element> elements;
    Camera camera;
    Backdrop backdrop;
    Lights lights;
    Sheets sheets;
    int lead = 0; ///< reference the others are held against; 0 = the backdrop
    std::map<std::string, std::string> setAside; ///< finding key → the painter's reason
    int lastId = 0;

    const Reference* reference(int id) const;
    const Cutout* cutout(int id) const;
    const Element* element(int id) const;
    const Lantern* lantern(int id) const;
    const CastMember* castMember(int id) const;
    Element* element(int id);
    Lantern* lantern(int id);
    Cutout* cutout(int id);
    int freshId() { return ++lastId; }
};

/// Everything a file or a person could get wrong, put right: finite numbers in their ranges, no dangling ids.
/// \return false when something had to be changed
bool repair(Project& project);

} // namespace rl
