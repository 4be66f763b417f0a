#pragma once
#include "core/base/finding.h"
#include "core/project/lamps.h"
#include "core/project/lazy_photo.h"
#include "core/project/standin.h"
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

enum class Form { Puffed, Ball, Column, Slab, Card, Corner, Ground };
inline constexpr int kFormCount = 7;

/// A part of a relief shaped by itself. Places are shares of the cut-out's box, 0…1, x to the right, y down.
struct ReliefPart {
    std::vector<Vec2> outline; ///< closed; empty = the whole
    Form form = Form::Puffed;
    bool own = true; ///< takes a form of its own; false = keeps what is there, tilted and puffed
    double tiltX = 0; ///< degrees its face turns to the right, ±80
    double tiltY = 0; ///< degrees its face turns upwards, ±80
    double puff = 1; ///< 0 flat … 3
    bool operator==(const ReliefPart&) const = default;
};
/// A line along which the surface stands up (or sinks in).
struct Ridge {
    std::vector<Vec2> line; ///< open, places as of a part
    double height = 1; ///< −3…3: slope of its flanks at the line
    double width = 0.08; ///< share of the larger side of the box over which it falls off, 0.005…0.5
    bool operator==(const Ridge&) const = default;
};
/// An eye, in which a light shows as a catch-light.
struct EyeBall {
    Vec2 at; ///< as of a part
    double radius = 0.02; ///< of the ball of the eye, share of the height of the box
    bool operator==(const EyeBall&) const = default;
};

/// Black point, white point and cast brought to those of the surroundings, in CIELAB: L* is mapped from [darkFrom,
/// lightFrom] to [darkTo, lightTo], a* and b* are shifted; all of it by `amount`.
struct Tone {
    double darkFrom = 0, darkTo = 0, lightFrom = 100, lightTo = 100; ///< L*
    double a = 0, b = 0;
    double amount = 0; ///< 0…1
    bool operator==(const Tone&) const = default;
};

enum class Material {
    Matt,
    Satin,
    Wet,
    Glowing, ///< a light itself
    Glass,
    Gloss, ///< lacquer, polish: mirrors its surroundings
    Thin ///< sail, paper, leaf: light comes through
};
inline constexpr int kMaterialCount = 7;

/// Where the frame's person looks or goes, for the room before them.
enum class Facing { Unknown, Left, Right, Viewer, Away };

/// Something standing in the scene: a cut-out as a card, or a stand-in until there is a photograph.
struct Element {
    int id = 0;
    std::string name;
    int cast = 0; ///< member of the cast it shows, 0 = none
    int cutout = 0; ///< 0 = its stand-in is shown
    Vec2 baseCm; ///< where its foot (or the point under it, when aloft) meets the ground, on the canvas
    double heightM = 1; ///< real height of the cut-out or stand-in, m
    double altitudeM = 0; ///< how far above the ground its lowest point is, m; negative = sunk into it
    bool mirrored = false;
    Form form = Form::Puffed;
    Material material = Material::Matt;
    double delight = 0.7; ///< 0…1, how much of the photograph's own light is taken off
    bool ownLightSet = false; ///< the painter has said where the photograph's light is
    PictureLight ownLight; ///< used when set
    Tone tone; ///< matched to its surroundings
    Standin standin; ///< kept when a cut-out takes its place
    double yaw = 0; ///< degrees about its upright axis, seen from above counter-clockwise; of a card: ±80
    double stretch = 1; ///< of its width, 0.2…5
    double shear = 0; ///< degrees its top leans to the right in its own plane, ±45
    Pattern pattern;
    int group = 0; ///< 0 = none
    bool locked = false; ///< stays where it is
    int inside = 0; ///< shown only inside the outline of this element; 0 = everywhere
    int step = 0; ///< elements of one number keep their proportion when one is resized; 0 = none
    int kinOf = 0; ///< scattered from this element
    std::string usual; ///< what it usually is as tall as: a name in the list of usual heights
    std::string notes;
    Facing facing = Facing::Unknown;
    double glow = 1; ///< of a glowing one: how strongly it shines, ×; 0…20
    double through = 0.5; ///< of a thin one: share of the light that comes through, 0…1
    double rim = 0; ///< 0…1: fuzz at its edge that catches light from behind
    std::vector<ReliefPart> parts{}; ///< in order, later ones over earlier ones
    std::vector<Ridge> ridges{};
    std::vector<EyeBall> eyes{};
    bool operator==(const Element&) const = default;
};

struct Group {
    int id = 0;
    std::string name;
    bool operator==(const Group&) const = default;
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

/// Lines to compose by. Off until asked for.
enum class Guide { Thirds, Golden, Spiral, Quarters, Diagonals, Pyramid, Converging, Rings };
inline constexpr int kGuideCount = 8;
struct Guides {
    std::uint32_t shown = 0; ///< bit 1 << Guide for each
    int spiralTurn = 0; ///< 0…3
    std::vector<Vec2> corners; ///< cm: of the pyramid; fewer than three = a regular one
    Vec2 meet{-1, -1}; ///< cm: where converging lines meet; negative x = on the horizon in the middle
    int rings = 4; ///< 1…12
    bool on(Guide g) const { return shown >> int(g) & 1U; }
    bool operator==(const Guides&) const = default;
};

/// All that makes one arrangement.
struct Scene {
    std::vector<Element> elements;
    std::vector<Group> groups;
    Camera camera;
    Backdrop backdrop;
    Lights lights;
    bool operator==(const Scene&) const = default;
};

/// One arrangement among several. The one being worked on lives in the project itself; its own scene here is then
/// the one it was left with last.
struct Take {
    int id = 0;
    std::string name;
    std::string letter; ///< by which others vote for it: A, B, … Z, AA
    Scene scene;
    bool aside = false;
    std::string reason; ///< why it was set aside
    bool operator==(const Take&) const = default;
};
struct Vote {
    std::string who;
    int take = 0;
    std::string words;
    bool operator==(const Vote&) const = default;
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
    std::vector<Group> groups;
    std::vector<Take> takes; ///< empty: only this one
    int take = 0; ///< the one being worked on; 0 = there is only one
    std::vector<Vote> votes;
    Guides guides;
    std::vector<UsualHeight> heights; ///< added or changed by the painter; see usual_heights.h for the others
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
    const Group* group(int id) const;
    const Take* takeOf(int id) const;
    int freshId() { return ++lastId; }
};

/// Everything a file or a person could get wrong, put right: finite numbers in their ranges, no dangling ids.
/// \return false when something had to be changed
bool repair(Project& project);

} // namespace rl
