#pragma once
#include "core/project/project.h"
#include <array>

/// The level camera with lens shift: verticals stay vertical. Canvas in cm (y down, origin top left), scene in m
/// (X right, Y up, Z away), station point at (0, eye height, 0).
namespace rl::stage {

struct Eye {
    double focalCm = 0; ///< f = W / (2 tan(φ/2))
    double x0 = 0, horizon = 0; ///< cm, principal point
    double heightM = 0;
};
Eye eyeOf(const Project& project);

/// x = x0 + f X/Z, y = y_h + f (h - Y)/Z. \pre at.z > 0
Vec2 projected(const Eye& eye, Vec3 at);
/// The scene point seen at a canvas point, at a known distance. \param z m, > 0
Vec3 atDistance(const Eye& eye, Vec2 canvas, double z);
/// Distance of the ground seen at height y on the canvas, m; infinite at and above the horizon.
double groundDistance(const Eye& eye, double y);
/// Canvas height of something T m tall standing with its foot at y: T (y - y_h)/h, cm; 0 above the horizon.
double standingHeightCm(const Eye& eye, double footY, double heightM);

/// An element where it stands.
struct Placement {
    bool visible = false; ///< its base lies below the horizon and it has a shape
    double distance = 0; ///< m
    Rect canvas; ///< cm, the cut-out's bounding box on the canvas
    double widthM = 0, heightM = 0, altitudeM = 0;
    double heightCm = 0; ///< of its true height at that distance: T f / Z
    double cmPerPixel = 0; ///< of its picture; 0 for a stand-in
};
/// A card: a cut-out or a flat shape, turned about its upright axis, stretched and sheared as the element says.
/// \param shape the cut-out's bounding box in its picture, px
/// \param foot where across that box it stands, 0 left … 1 right as photographed
Placement placementOf(const Project& project, const Element& element, const Rect& shape, double foot = 0.5);

/// Where an element's foot is in the scene, m; Z infinite above the horizon.
Vec3 footOf(const Eye& eye, const Element& element);
/// The four corners of a card in the scene, m: upper left, upper right, lower right, lower left as the viewer faces it.
/// It turns, stretches and leans about its foot. \param foot as above
std::array<Vec3, 4> cardCorners(const Eye& eye, const Element& element, double widthOverHeight, double foot = 0.5);

/// A part of a lower outline that ends by itself, as the feet of an animal do; shares of the box.
struct Foot {
    double from = 0, to = 1; ///< across
    double up = 0; ///< how far above the lowest point it ends
    double at() const { return (from + to) / 2; }
};
/// Where something touches the ground it stands on: the columns of its box that reach into the lowest thirtieth.
struct Footing {
    double foot = 0.5; ///< middle of what touches, as a share of the box from its left
    std::vector<std::array<double, 2>> touching; ///< from … to, shares of the box; one for each foot
    /// Low points of its lower outline, up to a fifth of the height, that stick out by a twenty-fifth of it; from the
    /// left.
    std::vector<Foot> feet;
};
/// \param alpha of the cut-out, px \param box its bounding box in there
Footing footingOf(const Mask& alpha, const Rect& box);

/// How far behind its lowest foot a foot stands that ends so high in the picture, m; 0 above the horizon.
double seenBackM(const Project& project, const Element& element, const Foot& foot);

/// Bounding box of a matte (alpha > 127), px; empty when there is none.
Rect shapeOf(const Mask& alpha);

/// Where the whole backdrop lies, cm: scaled evenly so that its horizon lies on the stage's and it covers the canvas.
/// Empty without a backdrop.
Rect backdropPlace(const Project& project);

/// Light of the scene to light of a picture and back, for an element seen from the viewer: scene azimuth 0 = straight
/// ahead behind it. Picture: direction (cos el cos az, cos el sin az, sin el), z towards the viewer.
PictureLight pictureLight(double sceneAzimuth, double sceneElevation);
/// The scene direction towards the light, unit length, X right, Y up, Z away.
Vec3 sceneDirection(double sceneAzimuth, double sceneElevation);
Vec3 sceneDirection(const PictureLight& light);
PictureLight pictureLight(Vec3 towardsLight);

} // namespace rl::stage
