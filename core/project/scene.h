#pragma once
#include "core/project/lamps.h"
#include "core/project/standin.h"
#include <string>
#include <vector>

/// One arrangement: what stands where, from which eye, before what, in which light. Lengths on the canvas are cm from
/// its top left corner, y down; in the scene m.
namespace rl {

/// Light of a photograph: azimuth in the picture plane, counter-clockwise from right; elevation towards the viewer.
struct PictureLight {
    double azimuth = 0, elevation = 0; ///< degrees
    double confidence = 0; ///< 0…1; under 0.25: lit flat, cannot tell
    bool operator==(const PictureLight&) const = default;
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
    double saturation = 1; ///< factor of its chroma, 0…3; whatever the amount
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

/// What the painter says of one foot of a cut-out.
struct FootWord {
    double at = 0.5; ///< middle of that foot across the box, 0 left … 1 right as photographed
    double backM = 0; ///< how far behind the lowest foot it stands, m; less than nothing: before it
    bool aloft = false; ///< does not touch the ground
    bool operator==(const FootWord&) const = default;
};

/// How a contour is meant to be painted.
enum class EdgeWish { Lost, Soft, Firm, Hard, DarkLine, LightLine };
inline constexpr int kEdgeWishCount = 6;
/// A wish for a stretch of an element's contour.
struct PlannedEdge {
    Vec2 at; ///< middle of the stretch, shares of the element's box as shown, 0…1
    double reach = 0.15; ///< how far it goes to either side, share of the box's larger side; 2 and more = all of it
    EdgeWish wish = EdgeWish::Soft;
    bool operator==(const PlannedEdge&) const = default;
};

/// Something standing in the scene: a cut-out as a card, or a stand-in until there is a photograph.
struct Element {
    int id = 0;
    std::string name;
    int cast = 0; ///< member of the cast it shows, 0 = none
    int cutout = 0; ///< 0 = its stand-in is shown
    Vec2 baseCm; ///< where its foot (or the point under it, when aloft) meets the ground, on the canvas
    double footShare = -1; ///< of a card: where across its box it stands, 0 left … 1 right as photographed; < 0 = found
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
    double fuzzCm = 1; ///< how far the fuzz stands off, cm of the thing itself
    std::vector<ReliefPart> parts{}; ///< in order, later ones over earlier ones
    std::vector<Ridge> ridges{};
    std::vector<EyeBall> eyes{};
    std::vector<FootWord> feet{}; ///< those the painter speaks of; the others stand where they are seen
    std::vector<PlannedEdge> edges{}; ///< later ones over earlier ones
    double meaning
        = 1; ///< by how much more it is looked at for what it is (a face, a word), by the painter's word, ×; 1…4
    bool quiet = false; ///< must draw less than any of the cast, by the painter's word
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
    double ownSun
        = 0; ///< what a sun had laid on level ground when it was photographed, 0…4; the ground is lit anew of it
    double ownKelvin = 5500; ///< of that sun
    Tone tone{}; ///< after that
    bool operator==(const Backdrop&) const = default;
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

} // namespace rl
