#pragma once
#include "core/reading/balance.h"
#include "core/review/review.h"
#include "core/stage/room.h"

namespace rl::review {

/// One take, looked at: its small picture and what measures differently from take to take.
struct TakeFigures {
    int take = 0; ///< 0 = the work has only one arrangement
    light::Picture picture;
    int elements = 0;
    double horizonShare = 0; ///< of the canvas' height, from the top
    double fovDegrees = 0;
    double leadPull = 0; ///< share of the measured pull that the first of the cast has, 0…1
    int leadRank = 0; ///< its place in the measured order, 1 = first; 0 = not in the picture
    double leadHeightShare = 0; ///< of the canvas' height
    double leftWeight = 0.5; ///< share of visual weight in the left half
    double range = 0; ///< L*, from the 1 % to the 99 % point
    int broken = 0, watch = 0; ///< findings
};
/// \param widthPx of the picture that is kept; the figures are those of the whole review of the judged one
/// \return an empty picture when cancelled
TakeFigures figuresOf(
    const Project& project, int take, stage::SurfaceCache& cache, Progress& progress, int widthPx = 360);
/// Of a take that has been reviewed already. \param project the take's own
TakeFigures figuresOf(
    const Project& project, int take, const Review& review, stage::SurfaceCache& cache, int widthPx = 360);

/// What two takes differ in, each as a short line: "horizon 38 % → 52 % of the height". Empty: nothing measurable.
std::vector<std::string> differences(const Project& project, const TakeFigures& from, const TakeFigures& to);

} // namespace rl::review
