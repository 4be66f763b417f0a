#pragma once
#include "core/base/finding.h"
#include "core/project/brief.h"
#include "core/project/lazy_photo.h"
#include "core/project/paint_box.h"
#include "core/project/painting.h"
#include "core/project/scene.h"
#include <cstdint>
#include <map>
#include <memory>
#include <string>
#include <vector>

/// The work as a plain value. Pixels inside are shared and immutable, so a copy is cheap, an undo step is a copy,
/// and a worker may hold one without a lock. Nothing that can be worked out again is kept, but for the mattes of
/// cut-outs (the painter's own labour, kept as PNG). Lengths on the canvas are cm from its top left corner, y down.
namespace rl {

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

/// Whether a picture may be used.
enum class Permission { ToAsk, Own, ByPermission, FreeLicence, StudyOnly };
inline constexpr int kPermissionCount = 5;

struct Reference {
    int id = 0;
    std::string name;
    LazyPhoto pixels; ///< upright, sRGB; its file travels with it
    std::string credit;
    Permission permission = Permission::ToAsk;
    std::string permissionNote; ///< who gave it, or which licence
    std::string source, notes; ///< where it was found; anything worth remembering
    std::uint32_t roles = 0; ///< bit 1 << Role for each
    std::string heap; ///< name of the heap it lies in on the wall; empty = none
    bool hung = false; ///< the painter has given it a place
    Vec2 wallAt; ///< that place, wall units (1 = a hand's breadth)
    Overrule overrule;

    bool is(Role r) const { return roles >> int(r) & 1U; }
    std::string sha256() const { return pixels.sha256(); } ///< of the file, lower-case hex
    bool operator==(const Reference&) const = default;
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
    bool operator==(const Cutout&) const = default;
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

/// What to do where the real canvas has another shape than the plan: cut the plan, leave some of the canvas over for
/// more of the scene, or neither (the plan in its middle, ground about it).
enum class CanvasFit { Crop, Extend, Inset };
inline constexpr int kCanvasFitCount = 3;

/// How the plan is carried onto the canvas.
struct Sheets {
    std::string paper = "A4"; ///< a name of papers()
    double overlapCm = 1; ///< shared by neighbouring sheets
    double gridCm = 0; ///< side of a square, 0 = chosen by the program
    int quarters = 0; ///< 1: cross and quarter lines instead of squares
    double canvasWidthCm = 0, canvasHeightCm = 0; ///< the real one's face; 0 = as planned
    CanvasFit fit = CanvasFit::Crop;
    double bleedCm = 0; ///< painted beyond the edge and trimmed
    double wrapCm = 0; ///< painted round the edge of the stretcher
    double bevelCm = 0; ///< of the face, lost to a bevel or a frame's rebate
    int boardsAcross = 1, boardsDown = 1; ///< a panel of several boards
    double scaleCorrection = 1; ///< × every length, for a printer that does not print true
    double lines = 70; ///< inner lines, % of their length, the most telling first; 0 = outlines only
    double lineMm = 0.4; ///< weight
    double grey = 100; ///< % black of the lines; less for faint tracing
    int mirrored = 0; ///< 1: for rubbing down from the back
    int darkGround = 0; ///< 1: white lines
    int shadows = 0; ///< 1: borders of form shadow and cast shadow too
    int valueSteps = 0; ///< contours between so many values; 0 = none
    double bridgeMm = 4; ///< least width of what holds a stencil's islands
    std::vector<std::string> traced; ///< squares ("B3") and elements ("#12") that are on the canvas already
    bool operator==(const Sheets&) const = default;
};

/// The arrangement being worked on is the project's own scene.
struct Project : Scene {
    Brief brief;
    std::vector<Reference> references;
    std::vector<Cutout> cutouts;
    Sheets sheets;
    std::vector<Take> takes; ///< empty: only this one
    int take = 0; ///< the one being worked on; 0 = there is only one
    std::vector<Vote> votes;
    Guides guides;
    std::vector<UsualHeight> heights; ///< added or changed by the painter; see usual_heights.h for the others
    int lead = 0; ///< reference the others are held against; 0 = the backdrop
    std::vector<PaintBox> boxes;
    MixPlan mix;
    std::vector<KnownPuddle> puddles; ///< of the palettes, with their numbers
    Painting painting;
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
    const PaintBox* paintBox() const; ///< the one this work is mixed from; null when there is none
    const Tube* tube(int id) const;
    int freshId() { return ++lastId; }
    Scene& scene() { return *this; }
    const Scene& scene() const { return *this; }
    /// All of it, its scene too: equal works are written the same and undone to the same.
    bool operator==(const Project&) const = default;
};

/// Everything a file or a person could get wrong, put right: finite numbers in their ranges, no dangling ids.
/// \return false when something had to be changed
bool repair(Project& project);

} // namespace rl
