#pragma once
#include "core/light/light_rules.h"
#include "core/paint/mixing.h"
#include "core/reading/read_rules.h"

namespace rl::review {

/// One look at a whole work: the frame, the lit picture, what is read off it, and every finding.
struct Review {
    light::Picture picture;
    reading::Reading reading;
    std::shared_ptr<const paint::Mixing> mixing; ///< of a smaller copy; without recipes where there is no paint box
    Findings findings; ///< worst first within each station; those set aside are left out
};

/// \param widthPx of the picture that is judged (800 is enough for every rule)
/// \return empty when cancelled
Review review(const Project& project, stage::SurfaceCache& cache, Progress& progress, int widthPx = 800);

/// The same findings on a picture already lit and mixed.
Findings findingsOf(const Project& project, const light::Picture& picture, const reading::Reading& reading,
    const paint::Mixing& mixing, stage::SurfaceCache& cache);

/// The recipe map of a lit picture, thinned to what recipes need, and its recipes.
std::shared_ptr<const paint::Mixing> mixingOf(
    const Project& project, const light::Picture& picture, Progress& progress);

/// What a fix makes of a work; nothing where it changes nothing of it, for what it would change is locked or tied.
std::optional<Project> fixedBy(const Project& project, const Fix& fix);

/// Adds more findings, keeping the order: by station, worst first.
void merge(Findings& all, Findings more);

} // namespace rl::review
