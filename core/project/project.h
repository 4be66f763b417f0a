#pragma once
#include "core/base/finding.h"
#include "core/base/raster.h"
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

struct Reference {
    int id = 0;
    std::string name;
    std::shared_ptr<const std::vector<unsigned char>> original; ///< the file, byte for byte
    std::string sha256; ///< of the original, lower-case hex
    Photo pixels; ///< upright, sRGB
    std::string credit;
    std::string permission; ///< "own", "by permission of …", "free licence", "study only"; empty = to be asked
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

struct Cutout {
    int id = 0;
    int reference = 0;
    std::vector<Outline> pieces;
    double bandPx = 6; ///< width of the band in which the edge is looked for and softened, px in the picture
    Mask alpha; ///< as large as the picture
};

enum class Form { Puffed, Ball, Column, Slab, Card };
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
