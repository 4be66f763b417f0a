#pragma once
#include "core/light/relight.h"
#include <map>
#include <opencv2/core/types.hpp>
#include <set>

namespace rl::reading {

/// Elements that show, ascending.
std::vector<int> elementsIn(const IdMap& ids);
/// The box round each of them, px.
std::map<int, cv::Rect> boxesIn(const IdMap& ids);

enum class EdgeKind { Lost, Soft, Firm, Hard };

/// One place on an element's contour, px in the picture.
struct EdgePoint {
    Vec2 at;
    EdgeKind kind = EdgeKind::Firm;
    float difference = 0; ///< ΔE00 between inside and outside
    float lightness = 0; ///< L* inside less outside
    float grain = 0; ///< how differently both sides are strewn, L*
    float separation = 0; ///< ΔE00 with grain accounted for; see grain.h
    float width = 0; ///< px over which it goes from 10 to 90 %
    float line = 0; ///< L* by which a line along it is lighter (+) or darker (−) than both sides
    int beside = 0; ///< what lies outside there, 0 = the backdrop
};

/// How far an element stands out from what is behind and beside it.
struct Silhouette {
    int element = 0;
    std::vector<EdgePoint> contour;
    double lost = 0, soft = 0, firm = 0; ///< shares of the contour, 0…1
    double hard = 0; ///< of it; counted in `firm` too
    double medianDifference = 0; ///< ΔE00
    double medianLightness = 0; ///< |ΔL*|
    double medianGrain = 0; ///< L*
    double medianSeparation = 0; ///< ΔE00 with grain accounted for
    double medianWidth = 0; ///< px
    double longestLost = 0; ///< share of the contour in one run
    Rect lostPlace; ///< px, around the lost part
};

/// Inside and outside colours at each contour pixel are one-sided Gaussian means in a band of 0.8 % of the long side,
/// in linear light; grain is measured in a band of 2 %. Lost: separation under 4. Soft: under 12, or wider than 1.2 %
/// of the long side. Hard: 25 and more over at most 0.4 %. Contour cut by the canvas does not count.
/// \param only those elements; empty: all
std::vector<Silhouette> silhouettes(const light::Picture& picture, const std::set<int>& only = {});

/// Every element filled with one value on a light ground.
LinearPicture silhouettePicture(const light::Picture& picture);

} // namespace rl::reading
