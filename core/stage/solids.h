#pragma once
#include "core/project/standin.h"
#include "core/stage/mesh.h"
#include <functional>

namespace rl::stage {

/// The solid of a stand-in, one unit tall, its base at the origin, facing the viewer; of a path: in metres. Empty for
/// a flat shape, which stands as a card.
/// \param heightM used by a path only: how high it lies above the ground (a canal's kerb, a rail, all its stairs)
Mesh meshOf(const Standin& standin, double heightM = 1);

/// Places on a figure that the hand can take, in the mesh's own units.
enum class Joint { Head, Chest, LeftElbow, LeftHand, RightElbow, RightHand, LeftKnee, LeftFoot, RightKnee, RightFoot };
inline constexpr int kJointCount = 10;
struct Skeleton {
    Vec3 hips, chest, neck, head; ///< head: its middle
    std::array<Vec3, 2> shoulder, elbow, wrist, hand, hip, knee, ankle, toe; ///< 0 = the figure's left
    Vec3 at(Joint j) const;
};
/// Proportions of an adult: joints as shares of stature.
/// Source: Drillis & Contini, Body Segment Parameters (1966).
Skeleton skeletonOf(const Pose& pose);
enum class Stance { Standing, Sitting, Walking };
Pose poseOf(Stance stance);
/// The pose whose joint comes nearest to a wanted point as `projected` shows it; the limb's angles stay in their
/// ranges. Damped least squares over the two or three angles that carry the joint.
Pose posed(const Pose& pose, Joint joint, Vec2 wanted, const std::function<Vec2(Vec3)>& projected);

/// Half profile of a turned object, flattened: radius and height as shares of the height, from the base up.
std::vector<Vec2> flatProfile(const Standin& standin);
/// Profiles to begin with.
enum class Turning { Vase, Bell, Goblet, Baluster, Dome, Jar };
inline constexpr int kTurningCount = 6;
std::vector<OutlinePoint> profileOf(Turning turning);

/// The middle line of a path, m from its base, at most `step` m apart, smooth through its points.
std::vector<Vec2> pathLine(const Standin& standin, double step = 0.5);

} // namespace rl::stage
