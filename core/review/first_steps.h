#pragma once
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/gather/fit.h"
#include <set>

/// From a heap of photographs to a first lit scene: sensible places to begin with. The painter changes any of it later.
namespace rl::review {

/// A work to begin with: dry ground, clear air, the eye level a little above the middle.
Project freshWork(const std::string& title);

/// The photograph that looks most like a backdrop: told by its shape, by an eye level that can be told, by its size,
/// by what it is said to be for, and by nothing being cut from it. 0 = there is none.
int likeliestBackdrop(const Project& project, const gather::Measures& measures);

/// Makes a photograph the backdrop so that all of it that the canvas' shape allows is seen, and brings the stage's eye
/// level to the picture's (measured at half certainty and above, or by the painter's word); the lens with it where two
/// families of level lines tell it. What stands keeps its place in the scene and its true size.
/// \param focalShare focal length over the picture's width; 0 = not known
Project withBackdropChosen(
    Project project, int reference, const gather::PictureMeasure* measure, double focalShare = 0);
/// Focal length over the picture's width, by two vanishing points of level lines at right angles to each other, seen by
/// a level camera: f² = −x₁ x₂ (Caprile & Torre 1990). 0 = cannot be told.
double focalShareOf(const Photo& picture);
/// The eye level of a picture is known: measured, or said by the painter.
bool eyeLevelTold(const Project& project, int reference, const gather::PictureMeasure* measure);
/// The backdrop was photographed in the sun of these lights: its open ground then comes as photographed, what casts a
/// shadow on it takes that sun away, and what a stronger one adds is added.
Backdrop ownSunOf(Backdrop backdrop, const Lights& lights);
/// The painter's word: the backdrop's eye level is seen at that height of the canvas. The picture stays where it is.
Project withEyeLevelSaid(Project project, double canvasCm);

/// Eye height by something that stands on the level ground before a level eye and whose height is known:
/// h (foot - horizon) / (foot - top), as crossings of parallels show it (Criminisi, Reid & Zisserman 2000).
/// \param foot, top where it is seen, cm on the canvas; the higher of both is its top
/// \param heightM how high it is, m
/// \return Invalid where its foot does not lie below the horizon, or where it is too small to be measured by
Result<Project> withEyeHeightBy(Project project, Vec2 foot, Vec2 top, double heightM);

/// Light to begin with, from what the backdrop shows: a bright place in its sky, else the light of what stands in it,
/// else light from everywhere; by night no sun. Haze by how much darks pale towards the horizon.
struct FirstLight {
    Lights lights;
    Backdrop backdrop; ///< with that sun counted as its own, so that its ground is not lit twice
    std::string words; ///< what was told from what
};
Result<FirstLight> lightOfBackdrop(const Project& project, const gather::PictureMeasure* measure, const Photo& picture);

/// A new cut-out where it can be seen: as tall as its usual height says (1.7 m without one), as far off as shows it at
/// two fifths of the canvas' height, beside what stands already; small things are held up to the eye.
Element firstPlace(const Project& project, Element element);

/// Something upright in the backdrop (a wall, a cliff, a machine) outlined on the canvas, cm: it stands at its foot's
/// distance, takes shadows and light, hides what is behind it, and looks as it did.
/// \return Invalid for fewer than three points, beside the picture, or with its foot above the horizon
Result<Project> withUprightStood(Project project, const std::vector<Vec2>& outline, const std::string& name);

/// What is sensibly done next, in one line.
struct NextStep {
    std::string key; ///< "bring", "backdrop", "eye", "cut", "stand", "size", "light", "lantern"; empty = nothing
    std::string sentence;
    std::string label; ///< of the link: a verb
    Station station = Station::Gather;
    int id = 0; ///< of the picture, cut-out or element it is about
};
/// \param dismissed keys that are not wanted any more
NextStep nextStep(const Project& project, const gather::Measures& measures, const std::set<std::string>& dismissed);

} // namespace rl::review
