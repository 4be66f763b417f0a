#pragma once
#include "core/paint/mixing.h"
#include "core/reading/read_rules.h"
#include "core/review/judged.h"
#include "core/review/light_audit.h"

namespace rl::review {

/// One look at a whole work: the judged picture, what is read off it, its palette, its light, and every finding.
struct Review {
    std::shared_ptr<const stage::StageFrame> frame;
    light::Picture picture; ///< the judged one
    reading::Reading reading;
    std::shared_ptr<const paint::Mixing> mixing; ///< without recipes where there is no paint box
    std::vector<AuditRow> light; ///< of every element that is seen
    Findings findings; ///< of all stations, worst first within each; those set aside are left out
    bool whole = false; ///< false: light and findings are still being worked out
    const AuditRow* lightOf(int element) const;
};
using Reviewed = std::shared_ptr<const Review>;

/// Judges one work after the other and keeps what has not changed: the same review as from nothing. Not thread-safe;
/// one worker owns one.
class Reviewer {
public:
    explicit Reviewer(stage::SurfaceCache& cache);
    /// \param first told of the review as soon as picture, reading and palette are there; may be empty
    /// \return null when cancelled
    Reviewed look(const Project& project, Progress& progress, const std::function<void(Reviewed)>& first = {});

private:
    std::shared_ptr<const paint::Mixing> mixed(const Project&, const light::Picture&, Progress&);
    stage::SurfaceCache& m_cache;
    Judging m_judging;
    reading::Reader m_reader;
    /// What the palette was made of.
    struct Mixed {
        Brief brief;
        MixPlan mix;
        std::vector<PaintBox> boxes;
        LinearPicture colour;
        IdMap ids;
        std::shared_ptr<const paint::Mixing> mixing;
    };
    Mixed m_mixed;
};

/// One on its own. \return nothing in it when cancelled
Review review(const Project& project, stage::SurfaceCache& cache, Progress& progress);

/// The palette of a work: its judged picture in puddles, thinned to what recipes need, and their recipes.
std::shared_ptr<const paint::Mixing> paletteOf(
    const Project& project, const light::Picture& judged, Progress& progress);

/// What a fix makes of a work; nothing where it changes nothing of it, for what it would change is locked or tied.
std::optional<Project> fixedBy(const Project& project, const Fix& fix);

/// Adds more findings, keeping the order: by station, worst first.
void merge(Findings& all, Findings more);

} // namespace rl::review
