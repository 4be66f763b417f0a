#pragma once
#include "core/base/geometry.h"
#include <string>
#include <vector>

/// What stands in for a photograph that is not there yet, and what is laid on a surface. Values; lengths as shares of
/// the element's true height unless a unit is given, so that a new height keeps the proportions.
namespace rl {

struct OutlinePoint {
    Vec2 at; ///< px in the picture; of a stand-in: shares of its height
    bool curved = false; ///< the outline bends smoothly through it
    bool operator==(const OutlinePoint&) const = default;
};

struct Outline {
    std::vector<OutlinePoint> points; ///< closed
    bool hole = false;
    bool operator==(const Outline&) const = default;
};

enum class Solid { None, Shape, Box, Stair, Arch, Column, Cone, Tent, Wheel, Tree, Figure, Turned, Path };
inline constexpr int kSolidCount = 13;

/// A limb's joints, degrees.
struct Limb {
    double swing = 0; ///< at shoulder or hip: forwards
    double spread = 0; ///< at shoulder or hip: away from the body
    double bend = 0; ///< at elbow (forwards) or knee (backwards)
    bool operator==(const Limb&) const = default;
};
/// A figure's pose. All zero: upright, arms hanging, looking ahead (towards the viewer when its yaw is 0).
struct Pose {
    Limb leftArm, rightArm, leftLeg, rightLeg; ///< the figure's own left and right
    double stoop = 0, sway = 0; ///< spine: forwards, and to its left, degrees
    double nod = 0, turn = 0; ///< head: down, and to its left, degrees
    bool operator==(const Pose&) const = default;
};

enum class Track { Causeway, Canal, Rail, Stairs };

/// An element without a photograph.
struct Standin {
    Solid solid = Solid::None;
    double wide = 0.5, deep = 0.5; ///< shares of the height, 0.001…1000
    int count = 8; ///< steps, spokes, boughs; 1…64
    double wall = 0; ///< Turned: thickness of the wall as a share of the height; 0 = solid inside
    double lightness = 60; ///< L* of its surface, 2…98
    double hue = 60, chroma = 6; ///< CIELCh of its surface, degrees and 0…80
    std::vector<Outline> outlines; ///< Shape: x to the right from its middle, y up from its base
    std::vector<OutlinePoint> profile; ///< Turned: x the radius, y the height, from the base up
    Pose pose; ///< Figure
    Track track = Track::Causeway; ///< Path
    std::vector<Vec2> path; ///< Path: m from the element's base, x to the right and y away from the viewer
    double pathWidthM = 2; ///< Path
    bool operator==(const Standin&) const = default;
};

enum class PatternKind { None, Tiles, Scales, Weave, Stripes };

/// A regular pattern that follows the relief of what it lies on.
struct Pattern {
    PatternKind kind = PatternKind::None;
    double sizeM = 0.2; ///< of one repeat, 0.001…100
    double strength = 0.5; ///< 0…1 of the difference between its light and dark parts
    double fromL = 0, toL = 100; ///< laid only where the surface, as photographed, lies between these L*
    double turn = 0; ///< degrees
    bool operator==(const Pattern&) const = default;
};

/// How tall things usually are.
struct UsualHeight {
    std::string name; ///< "adult"
    double metres = 1, least = 0.5, most = 2; ///< m
    bool person = false; ///< has joints where a frame should not cut
    bool operator==(const UsualHeight&) const = default;
};

} // namespace rl
