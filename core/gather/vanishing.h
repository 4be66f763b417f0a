#pragma once
#include "core/base/geometry.h"
#include "core/base/raster.h"
#include <optional>
#include <vector>

namespace rl::gather {

struct Segment {
    Vec2 a, b; ///< px
    double length() const { return (b - a).length(); }
};
/// Straight edges of a photograph, at least 1/40 of its diagonal long. Worked out at 1200 px on the long side.
/// Source: line segment detector, Grompone von Gioi et al. (2010), OpenCV's.
std::vector<Segment> segmentsOf(const Photo& picture);

/// A family of lines that meet in one point.
struct VanishingPoint {
    Vec2 at; ///< px; may lie far outside
    std::vector<int> lines; ///< indices of the segments
    double support = 0; ///< their summed length, px
};

struct EyeLevel {
    std::vector<VanishingPoint> points; ///< of level lines, strongest first
    double y = 0; ///< px from the top, at the middle of the picture; the eye level
    double tilt = 0; ///< degrees, positive = the horizon rises to the right
    double confidence = 0; ///< 0…1; under 0.25 there are not enough straight lines to tell
    double sigmaPx = 0; ///< how far the eye level may be off, one standard deviation
};

/// Vanishing points of level lines and the eye level through them. Uprights (within 12° of vertical and nearly
/// parallel) are left out. One family alone gives the eye level when the camera was held level (tilt 0).
/// Method: RANSAC over pairs of segments, each family refined by least squares on the angles of its segments.
EyeLevel eyeLevelOf(const std::vector<Segment>& segments, int width, int height);
inline EyeLevel eyeLevelOf(const Photo& picture)
{
    return eyeLevelOf(segmentsOf(picture), picture.width(), picture.height());
}

/// A visible horizon: the highest straight line, tilted by up to 4°, at which most columns step the same way, from
/// light to dark or back, and more than anywhere near. Rims, furrows and texture have no such line.
struct Horizon {
    double y = 0; ///< px from the top
    double confidence = 0; ///< share of the columns that agree; 0 or at least 0.6
};
Horizon horizonOf(const Photo& picture);

/// Both kinds of evidence weighed: straight lines where they are sure, else the horizon that is seen; where both are
/// sure and contradict each other by more than a tenth of the height, nothing is claimed.
struct ToldEyeLevel {
    double y = 0; ///< px from the top
    double confidence = 0; ///< under 0.25: cannot tell
};
ToldEyeLevel weighed(const EyeLevel& lines, const Horizon& seen, int height);

/// Two things of one true height standing on the same ground, each by its foot and head, px: the lines through heads
/// and feet meet at eye level. \return nothing when the lines are parallel
std::optional<double> eyeLevelOfEquals(Vec2 footA, Vec2 headA, Vec2 footB, Vec2 headB);

} // namespace rl::gather
