#pragma once
#include "core/colour/lab.h"
#include "core/light/relight.h"
#include "core/project/project.h"

/// What a plan of work has to know of the picture.
namespace rl::schedule {

/// One thing, or the backdrop: what there is to paint of it.
struct PartFacts {
    int element = 0; ///< 0 = the backdrop
    std::string name;
    double areaCm2 = 0; ///< as seen
    double darkCm2 = 0, middleCm2 = 0, lightCm2 = 0; ///< thirds of the picture's own range of L*
    double detail = 0; ///< 0 plain … 1: share of it that lies on or beside a clear edge inside it
    Rect box; ///< cm
    int rank = 0; ///< in the order in which it should be read, 1 first; 0 = none
    std::vector<int> behind; ///< places in the list of what it lies over, or touches
};
struct PlanFacts {
    std::vector<PartFacts> parts; ///< far to near; the first is the backdrop
    double areaCm2 = 0;
    double darkest = 0, middle = 50, lightest = 100; ///< L*: 1 %, 50 % and 99 % points
    colour::Lab mean;
    double darkTo = 33, lightFrom = 66; ///< L*: where darks end and lights begin
    double pixelsPerCm = 1;
    IdMap outlines; ///< which thing lies where, on few pixels
    double outlinesPerCm = 1;
};
/// \param farToNear element ids as they are painted over each other
PlanFacts factsOf(const Project& project, const light::Picture& picture, const std::vector<int>& farToNear);
std::vector<int> farToNear(const stage::StageFrame& frame);

} // namespace rl::schedule
