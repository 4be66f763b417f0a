#pragma once
#include "core/light/relight.h"
#include "core/stage/compose.h"

namespace rl::review {

/// What everything is judged on: a take composed and lit at one fixed size, whatever a board happens to show.
struct Judged {
    std::shared_ptr<const stage::StageFrame> frame; ///< null: given up
    light::Picture picture;
};

/// One megapixel of canvas in its own proportions. \return px across, 64…8000
int judgedWidthPx(const Brief& brief);

/// Judged pictures of one work after the other, keeping what has not changed: the same bytes as from nothing. Not
/// thread-safe; one worker owns one.
class Judging {
public:
    explicit Judging(stage::SurfaceCache& cache)
        : m_cache(cache)
    {
    }
    Judged look(const Project& project, Progress& progress);
    /// Composed, not lit. \return null when cancelled
    std::shared_ptr<const stage::StageFrame> frameOf(const Project& project, Progress& progress);

private:
    stage::SurfaceCache& m_cache;
    stage::Composer m_composer;
    light::Relighter m_relighter;
};

/// One on its own.
Judged judged(const Project& project, stage::SurfaceCache& cache, Progress& progress);

} // namespace rl::review
