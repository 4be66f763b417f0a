#pragma once
#include "core/reading/touch.h"
#include <memory>

namespace rl::reading {

/// A picture to be touched again and again: where its things lie and what they are like is worked out once.
class Touchable {
public:
    /// \param ids same size \param softest thousandths of the long side, the most that any touch asks for
    Touchable(const LinearPicture& picture, const IdMap& ids, double softest);
    /// As `touched` has it, but that each is told from the untouched picture: where a soft contour reaches into another
    /// thing that is touched as well, that differs.
    /// Safe from several threads.
    LinearPicture with(const std::vector<Touch>& touches) const;

private:
    struct Kept;
    std::shared_ptr<const Kept> m_kept;
};

} // namespace rl::reading
