#pragma once
#include "core/paint/recipes.h"

namespace rl::paint {

/// One choice of up to four paints in parts of the ladder.
struct PartsFit {
    std::array<const Packed*, 4> paints{};
    int count = 0;
    std::array<float, 4> parts{};
    double de = 1e9; ///< in single precision: to be told again from the recipe
};

/// What mixes are held against, with a quick bound for most of them.
class Aim {
public:
    Aim(const colour::ExactLab& wanted, bool keepHue);
    /// CIEDE2000 (and more where the hue is lost) of X, Y, Z over the white's, or 1e9 where it is surely above `limit`.
    double of(const float* xyz, double limit) const;
    /// Relative luminances outside these are surely above `limit`.
    std::pair<float, float> luminances(double limit) const;

private:
    colour::ExactLab m_wanted;
    bool m_keepHue;
    double m_sl;
};

/// Every combination of the ladder. \param limit what is not below it is not wanted
void enumerate(PartsFit& fit, const Aim& aim, double limit);
/// The ladder's steps below and above the wanted shares, over totals in steps of 6 %.
void roundAbout(PartsFit& fit, const std::array<double, 4>& shares, const Aim& aim);

} // namespace rl::paint
