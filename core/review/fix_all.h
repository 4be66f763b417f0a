#pragma once
#include "core/review/review.h"

namespace rl::review {

/// What a fix came to.
struct FixTold {
    std::string key, label; ///< of the finding; what was done
    bool kept = false; ///< false: it made the work no better, and was taken back
    std::vector<std::string> gone, came; ///< keys of findings
};
struct FixedAll {
    Project project;
    std::vector<FixTold> told; ///< in the order they were tried
    Findings before, left;
};

/// Every fix that makes a work better, one after the other, the worst finding first. Each is judged by a whole review:
/// it stays where its finding has gone and less is left: less broken that can be mended, else less broken, else less to
/// watch. A fix of what is broken that brings other broken things is tried with their fixes, four at most: all stay or
/// none. Else it is taken back. It ends because what is left becomes less with every fix that stays. \return what was
/// done so far when cancelled
FixedAll fixAll(Project project, stage::SurfaceCache& cache, Progress& progress);

/// Did a fix help? \param key of its finding
bool better(const std::string& key, const Findings& before, const Findings& after);

} // namespace rl::review
