#pragma once
#include "core/project/project.h"

/// Edits of the painting: its plan of work, its log.
namespace rl::edits {

Project withPainting(Project project, Painting painting);
/// What the painter made of a task; replaces what was said of it before.
Project withTaskWord(Project project, TaskOverride word);
Project withoutTaskWord(Project project, const std::string& task);
Project withTaskDone(Project project, const std::string& task, bool done);
/// A task of the painter's own. \return its key is "own:" + a fresh id
Project withOwnTask(Project project, TaskOverride word);
Project withSitting(Project project, Sitting sitting); ///< replaces the one of equal id, or adds with a fresh one
Project withoutSitting(Project project, int id);
/// Brings a photograph of the canvas among the references, in the heap "canvas".
Project withCanvasPhoto(Project project, Reference picture, CanvasPhoto photo);
Project withCanvasCorners(Project project, int photo, std::vector<Vec2> corners);
/// Where a grey card lies in it, px; no width: nowhere.
Project withCanvasGrey(Project project, int photo, const Rect& card);
Project withoutCanvasPhoto(Project project, int photo);
Project withDecision(Project project, Decision decision);
Project withoutDecision(Project project, int id);
Project withAccepted(Project project, Accepted accepted);
Project withoutAccepted(Project project, int id);
Project withTolerance(Project project, int element, double times);
Project withSignature(Project project, Vec2 atCm);

} // namespace rl::edits
