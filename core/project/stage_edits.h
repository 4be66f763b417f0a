#pragma once
#include "core/project/edits.h"

/// Pure edits of what stands on the stage: groups, locks, kept proportions, stand-ins.
namespace rl::edits {

/// Moves an element's foot; the others of its group keep their distances from it in metres. What is locked stays.
/// \param alone leave the group behind
Project withFoot(Project project, int element, Vec2 baseCm, bool alone = false);
/// The same by so much across and down the canvas, cm.
Project withFootMoved(Project project, int element, Vec2 byCm);
/// Lifts or lowers it, m over the ground; what is locked stays.
Project withAltitude(Project project, int element, double altitudeM);
/// Says where one foot stands, in place of what was said of a foot within a twentieth of the box from it.
Project withFootWord(Project project, int element, const FootWord& word);
/// Lets that foot stand where it is seen again.
Project withoutFootWord(Project project, int element, double at);
/// What is said of the foot at that place of the box; nothing: it stands where it is seen.
std::optional<FootWord> footWordAt(const Element& element, double at);
/// Gives an element its true height; what keeps step with it grows or shrinks by the same factor.
Project withTrueHeight(Project project, int element, double heightM);
/// Gives it so many cm on the canvas where it stands; the true height follows.
Project withCanvasHeight(Project project, int element, double heightCm);
/// Says what it usually is as tall as, and gives it that height; an unknown name says nothing and changes no height.
Project withUsual(Project project, int element, const std::string& name);
/// Keeps its height as the usual one of a name (0.8 to 1.25 of it), or changes the one of that name.
Project withUsualKept(Project project, int element, const std::string& name);
/// The field of view by which the canvas is true from a distance, cm.
Project withPerspectiveFrom(Project project, double cm);
/// Two elements change their distances; each stays where it is across the picture and keeps its true height.
Project withDepthsSwapped(Project project, int a, int b);
/// Sets an element at the distance of another.
Project withBaseAt(Project project, int element, int other);
/// Brings the top to eye level: what is aloft is lifted or lowered, what stands is given that height.
Project withTopAtHorizon(Project project, int element);
/// Sets the foot a hundredth of the canvas under the horizon: the far ground.
Project withBaseAtHorizon(Project project, int element);

/// Puts elements into one group, taking them out of others. Fewer than two: nothing happens.
Project withGroup(Project project, const std::vector<int>& elements, const std::string& name);
Project withoutGroup(Project project, int group);
/// Keeps the proportion of two elements' heights from now on; `inStep` false lets `a` go its own way.
Project withInStep(Project project, int a, int b, bool inStep);
/// Shows an element only inside the outline of another; 0 = everywhere.
Project withInside(Project project, int element, int other);

/// A stand-in as it is first stood up, at a usual height.
Element standinOf(Solid solid);
/// A copy of an element with a fresh id, `byCm` beside it.
Project withDuplicate(Project project, int element, Vec2 byCm);
/// A cut-out takes the place of a stand-in (or of another cut-out): same foot, same true height. The stand-in is kept.
Project withCutoutFor(Project project, int element, int cutout);
/// Shows the stand-in again. Nothing happens where there is none.
Project withStandinShown(Project project, int element);

} // namespace rl::edits
