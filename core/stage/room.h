#pragma once
#include "core/stage/surface.h"

namespace rl::stage {

/// The room about what matters most: the first of the cast, with its group.
struct Room {
    bool known = false;
    int lead = 0; ///< element
    Rect group; ///< cm, around the lead and its group
    double left = 0, right = 0, top = 0, bottom = 0; ///< cm from it to the canvas' edges; negative = cut
    double headRoomCm = 0; ///< over the lead's top
    Facing facing = Facing::Unknown;
    double aheadCm = 0, behindCm = 0; ///< from the lead's middle to the edge it faces, and to the other
};
Room roomOf(const Project& project, SurfaceCache& cache);

/// Where a place of a posed figure, in its mesh's own units, is seen on the canvas, cm.
Vec2 seenOnFigure(const Eye& eye, const Element& figure, Vec3 place);

/// A person cut by the canvas' edge at, or within 3 % of their height of, a joint.
struct JointCut {
    int element = 0;
    std::string joint; ///< "knee"
    std::string side; ///< of the canvas: left, right, top, bottom
    Vec2 at; ///< cm
    double offCm = 0; ///< from the joint to the edge
    double betterBaseCm = 0; ///< a base that moves the cut to the middle of a limb; 0 = none found
};
/// Of posed figures by their own joints; of photographs of people standing upright by the usual shares of stature
/// (Drillis & Contini 1966), for the lower and upper edge.
std::vector<JointCut> jointCuts(const Project& project, SurfaceCache& cache);

/// Margins, head room and gaze room out of proportion, and cuts at joints.
Findings roomFindings(const Project& project, SurfaceCache& cache);

} // namespace rl::stage
