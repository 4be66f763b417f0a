#pragma once
#include "core/gather/vanishing.h"
#include "core/project/project.h"
#include "core/stage/surface.h"
#include <map>
#include <mutex>

namespace rl::gather {

/// Eye levels of references, each worked out once; safe from several threads.
class EyeLevels {
public:
    /// Where the eye level lies, 0 top … 1 bottom; the painter's word where given. Nothing where it cannot be told.
    std::optional<double> of(const Reference& reference);

private:
    std::mutex m_mutex;
    std::map<std::string, std::optional<double>> m_known; ///< by the file's SHA-256
};

inline constexpr double kCheatDegrees = 6; ///< up to here a different eye level can be hidden
inline constexpr double kAgreeDegrees = 2; ///< up to here nobody sees it

/// Elements whose photograph was taken from another eye level than the stage's, in degrees of the picture and cm on the
/// canvas.
Findings eyeLevelFindings(const Project& project, stage::SurfaceCache& cache, EyeLevels& levels);

} // namespace rl::gather
