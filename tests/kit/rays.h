#pragma once
#include "core/stage/compose.h"
#include "core/stage/mesh.h"

namespace rl::kit {

/// A plain ray tracer, made apart from the program's own way of working out light, to hold that against: triangles,
/// one hard light, a flat ground, a mirror.

/// Light as rays see it: towards a far sun, or from a place.
struct RayLight {
    bool sun = true;
    Vec3 at; ///< unit direction towards the sun, or the lamp's place, m
};

/// Is the way from a point to the light blocked by any triangle?
bool blocked(const stage::Mesh& mesh, Vec3 from, const RayLight& light);

/// Shadow on the ground of a frame: 255 where the middle of the pixel is in shadow. As large as the ground.
Mask shadowOnGround(const stage::StageFrame& frame, const stage::Mesh& mesh, const RayLight& light);

/// Mirror image on flat water: 255 where the reflected sight line meets the mesh. As large as the ground.
Mask mirrorOnGround(const stage::StageFrame& frame, const stage::Mesh& mesh);

/// How far apart the borders of two masks lie, px: for every pixel told differently, its distance to the border of the
/// first; over such pixels the largest, once the furthest `spared` share of the first's border pixels is left out.
double apart(const Mask& truth, const Mask& told, double spared = 0);

} // namespace rl::kit
