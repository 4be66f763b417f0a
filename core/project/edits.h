#pragma once
#include "core/project/project.h"

/// Pure edits: each takes a project and gives the one after. A drag, a fix and a command share them.
namespace rl::edits {

Project withBrief(Project project, Brief brief);
/// Moves the cast member at `from` so that it stands at `to` in reading order; out of range is ignored.
Project withCastMoved(Project project, int from, int to);
Project withReference(Project project, Reference reference); ///< gives it a fresh id when it has none
/// Takes the picture away, and with it its cut-outs and the elements made of them.
Project withoutReference(Project project, int id);
/// A work for taking one picture apart: canvas of its shape, 60 cm on the long side, nothing lit anew.
/// \param eyeLevel where its eye level lies, 0 top … 1 bottom
Project studyOf(Reference reference, double eyeLevel);
Project withCredit(Project project, int reference, std::string credit, Permission permission, std::string note = {});
Project withoutCastMember(Project project, int member);
Project withCutout(Project project, Cutout cutout); ///< replaces the one of equal id, or adds with a fresh id
Project withElement(Project project, Element element); ///< the same
Project withoutElement(Project project, int id);
Project withBase(Project project, int element, Vec2 baseCm); ///< as given, whatever holds it; a hand uses withFoot
Project withMirrored(Project project, int element); ///< turns it about; its own light turns with it
/// How much of its photograph's own light is taken off, 0…1.
Project withDelight(Project project, int element, double delight);
Project withTone(Project project, int element, Tone tone);
Project withCamera(Project project, Camera camera); ///< elements keep their places in the scene
Project withBackdrop(Project project, Backdrop backdrop);
Project withSun(Project project, Sun sun);
Project withLantern(Project project, Lantern lantern); ///< replaces the one of equal id, or adds
Project withoutLantern(Project project, int id);
Project withAir(Project project, Air air);
Project withLightGroup(Project project, LightGroup group); ///< replaces the one of equal id, or adds
Project withGuides(Project project, Guides guides);
Project withSheets(Project project, Sheets sheets);
Project withMix(Project project, MixPlan mix);
/// The box of that id replaced; added when there is none (its id is given here, and its tubes').
Project withPaintBox(Project project, PaintBox box);
Project withoutPaintBox(Project project, int box);
/// A tube put into the box in use (made when there is none), or replaced.
Project withTube(Project project, Tube tube);
Project withoutTube(Project project, int tube);
/// The place of the backdrop that shows a member of the cast, cm; whoever was shown there before is not any more.
Project withPlaceShowing(Project project, const Rect& place, int cast);
Project withSetAside(Project project, const std::string& key, const std::string& reason);

} // namespace rl::edits
