#pragma once
#include "core/review/review.h"

namespace rl::review {

/// Whole reviews of works as they were a moment ago: taken back, done again or opened anew, a work is known at once.
/// Held as kept.h holds. From any thread.
class KnownReviews {
public:
    static KnownReviews& ofAll(); ///< of this process
    void keep(const Project& project, const Reviewed& review); ///< one that is not whole is not kept
    Reviewed of(const Project& project); ///< null: it is to be worked out
    void forget(); ///< a picture that was missing has come back, or the other way round

private:
    KnownReviews();
    struct Shelf;
    std::shared_ptr<Shelf> m_shelf;
};

} // namespace rl::review
