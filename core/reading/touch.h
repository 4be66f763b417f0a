#pragma once
#include "core/base/raster.h"
#include <vector>

namespace rl::reading {

/// What a painter changes of one thing in a picture, or of all of it.
struct Touch {
    int element = 0; ///< 0 = the whole picture
    double dL = 0; ///< L* lighter, -30…30
    double contrast = 0; ///< ln of the factor about its own mean L*, -1…0.6
    double saturation = 0; ///< ln of the factor of its chroma, -2…0.8
    double soft = 0; ///< its contour blurred, thousandths of the long side, 0…8
    double lights = 0, darks = 0; ///< L* added to what is lighter, darker than its mean; nothing at the mean, -40…40
    double warm = 0; ///< b* added, -30…30
    bool any() const
    {
        return dL != 0 || contrast != 0 || saturation != 0 || soft != 0 || lights != 0 || darks != 0 || warm != 0;
    }
    bool operator==(const Touch&) const = default;
};

/// What a painter would accept of one thing for the sake of the order of reading: more bleaches it, or makes it
/// another. The same wherever an order is looked for.
inline constexpr double kMostDL = 12; ///< L*, lighter or darker
inline constexpr double kLeastFactor = 0.6, kMostFactor = 1.6; ///< of contrast, of saturation
inline constexpr double kMostSoft = 4; ///< thousandths of the long side

/// The picture with its things touched, in CIELAB inside their masks, which are softened by 0.6 px:
///
///     L' = m + dL + e^contrast (L - m) + lights t⁺ + darks t⁻      a', b' = e^saturation (a, b) + (0, warm)
///
/// m: mean L* of the thing; t: how far L lies from there to the thing's lightest (t⁺) or darkest (t⁻) twentieth, 0…1.
/// Values stay within what a screen shows. \param ids same size
LinearPicture touched(const LinearPicture& picture, const IdMap& ids, const std::vector<Touch>& touches);

} // namespace rl::reading
