#pragma once
#include "core/reading/attention.h"
#include "core/schedule/work_plan.h"
#include "core/survey/expected.h"
#include "core/survey/survey.h"
#include "core/transfer/landmarks.h"

/// A photograph of the canvas held against the stage the work has come to.
namespace rl::survey {

/// What stages and comparisons need of a work, made once from its lit picture.
struct PaintedWork {
    Project project;
    light::Picture picture; ///< of the plan
    schedule::PlanFacts facts;
    std::shared_ptr<const paint::Mixing> mixing; ///< null: not mixed
    colour::Lab tone; ///< of the ground
    std::shared_ptr<const StageLooks> looks;
    std::vector<schedule::WorkTask> tasks;
};
/// \param picture the judged one
PaintedWork paintedWork(const Project& project, const light::Picture& picture, const std::vector<int>& farToNear,
    std::shared_ptr<const paint::Mixing> mixing);
/// Line art and from it the landmarks of a work. \return nothing when given up
std::optional<transfer::Landmarks> landmarksOf(const Project& project, stage::SurfaceCache& cache, Progress& progress);

/// One thing of the picture, on the canvas.
struct PartCheck {
    int element = 0;
    std::string name;
    double painted = 0; ///< share
    double lightness = 50; ///< L* that it should have
    double dL = 0, dC = 0, dHue = 0; ///< painted minus what this stage should show
    double contrast = 0, planned = 0; ///< L* between it and what lies about it: on the canvas, in the stage's look
    double lost = 0, plannedLost = 0; ///< share of its contour whose edge is lost; likewise
    Rect lostPlace; ///< cm of the plan: where most of it is lost on the canvas
    bool judged = false;
};
struct WorkSurvey {
    Surveyed compared;
    std::vector<std::string> names; ///< of the landmarks
    std::vector<int> elements; ///< of the landmarks
    std::vector<PartCheck> parts;
    Photo small; ///< the photograph as it is, at most 1600 px on its long side
    Photo squared; ///< the photograph squared up, light as it is
    Photo even; ///< the same in even light, as large as the stage's picture
    Photo stage; ///< what it was held against
    std::vector<int> order, plannedOrder; ///< element ids, what draws most first; on the canvas, in the stage's look
    /// How much the eye is drawn out over the left, right, top, bottom side, 1 = as on an even canvas; likewise.
    std::array<double, 4> leaks{}, plannedLeaks{};
    std::string task; ///< the last one done
    double changed = -1; ///< share of the canvas that is another than on the photograph before; −1: there is none
    Mask changedWhere; ///< as large as `squared`
    Findings findings;
};
/// What is said of a photograph besides what is seen in it.
struct PhotoSaid {
    std::optional<Corners> corners{}; ///< by hand, px
    std::optional<Rect> grey{}; ///< a grey card, px
    double greyLightness = 50; ///< L* of that card
    static PhotoSaid of(const CanvasPhoto& photo);
};
using Landmarks = std::function<std::vector<transfer::Landmark>()>;
/// \param landmarks worked out once the corners are found; may be empty
/// \param first told the photograph squared up roughly, long before all else; may be empty
/// \return Invalid or Cancelled; a canvas that is not found is told in `compared`
Result<WorkSurvey> surveyOf(const PaintedWork& work, const Landmarks& landmarks, const Photo& photo,
    const PhotoSaid& said, Progress& progress, const std::function<void(const Photo&)>& first = {});

/// What has changed since an earlier photograph, squared up by itself or by its corners. Nothing where it is not found.
void holdAgainstEarlier(WorkSurvey& now, const PaintedWork& work, const Photo& before,
    const std::optional<Corners>& corners, Progress& progress);

/// The plan's picture as it lies on the real canvas. \param longPx of the canvas
light::Picture onCanvasFace(const Project& project, const light::Picture& plan, colour::Lab ground, int longPx);

/// What has changed between two squared-up photographs: share of the canvas that differs by more than ΔE 8, and where.
struct Changed {
    double share = 0;
    Mask where; ///< 255 where it differs
};
Changed changedBetween(const Photo& before, const Photo& after);

} // namespace rl::survey
