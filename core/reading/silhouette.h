#pragma once
#include "core/light/relight.h"

namespace rl::reading {

enum class EdgeKind { Lost, Soft, Firm };

/// One place on an element's contour, px in the picture.
struct EdgePoint {
    Vec2 at;
    EdgeKind kind = EdgeKind::Firm;
    float difference = 0; ///< ΔE00 between inside and outside
};

/// How far an element stands out from what is behind and beside it.
struct Silhouette {
    int element = 0;
    std::vector<EdgePoint> contour;
    double lost = 0, soft = 0, firm = 0; ///< shares of the contour, 0…1
    double medianDifference = 0; ///< ΔE00
    double medianLightness = 0; ///< |ΔL*|
    Rect lostPlace; ///< px, around the lost part
};

/// Inside and outside colours at each contour pixel are one-sided Gaussian means in a band of 0.8 % of the long side,
/// in linear light. Lost: ΔE00 under 4. Soft: under 12. Contour cut by the canvas does not count.
std::vector<Silhouette> silhouettes(const light::Picture& picture);

/// Every element filled with one value on a light ground.
LinearPicture silhouettePicture(const light::Picture& picture);

/// Two outlines that come close without crossing or parting clearly: a kiss.
struct Tangent {
    int first = 0, second = 0; ///< element ids, second 0 = the canvas edge
    double gapPx = 0;
    Vec2 at;
};
/// Minimum gap ≤ 1 % of the long side with under 35 % of the smaller outline that near, and not behind each other
/// along more than 9 % of it.
std::vector<Tangent> tangents(const light::Picture& picture);

} // namespace rl::reading
