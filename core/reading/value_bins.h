#pragma once
#include "core/reading/values.h"

namespace rl::reading {

/// A picture's values sorted into bins of half an L*, once for all that is told of them.
class ValueBins {
public:
    /// \param picture linear light; must outlive this
    explicit ValueBins(const LinearPicture& picture);
    std::vector<ValueStep> steps(int steps) const; ///< as valueSteps
    std::vector<ValueStep> steps(const std::vector<double>& bounds) const;
    ValuePlan plan(const IdMap& ids, const std::map<int, int>& planeOf) const; ///< as valuePlan
    double lightnessUnder(double share) const; ///< L* under which that share of the picture lies, 0…1

private:
    const LinearPicture& m_picture;
    std::vector<std::uint8_t> m_bins; ///< one a pixel
    std::vector<double> m_counts; ///< one a bin
};

} // namespace rl::reading
