#pragma once
#include "core/project/project.h"

/// Lanterns that are tied to a thing: this hand, this mast, this window.
namespace rl::stage {

/// A project after an edit, with each carried lantern where its thing has taken it: moved, turned, grown, mirrored,
/// stretched, leaned and bent along. A lantern that was itself moved in this edit stays where it was put, and is let go
/// of when that is off its thing by more than half the thing's height. What went from the scene lets go of its
/// lanterns.
Project withLanternsCarried(const Project& before, Project after);
/// Where a lantern lies with its thing: across, upwards and towards the back, each in heights of the thing from its
/// foot, as photographed. \pre the element stands on the ground
Vec3 carriedAt(const Project& project, const Element& element, Vec3 scene);
/// The way back, m.
Vec3 sceneAt(const Project& project, const Element& element, Vec3 carried);

} // namespace rl::stage
