#pragma once
#include "core/base/finding.h"
#include "core/gather/measure.h"
#include "core/light/light_rules.h"
#include "core/light/relight.h"
#include "core/stage/compose.h"

namespace rl::review {

/// Light on one element, told the same way three times.
struct LightTold {
    PictureLight direction; ///< confidence under 0.25: cannot tell
    double softness = -1; ///< share that comes from everywhere, 0…1; negative = unknown
    double kelvin = 0; ///< of the light; 0 = unknown
    double level = -1; ///< L* of the light side; negative = unknown
};

/// What may make an element look pasted in.
enum class CauseKind { Direction, Warmth, Darks, Contact, Halo };

/// Where a cause begins to count, where it counts in full, and how much of the whole it then is. The only place.
inline constexpr double kDirectionFrom = 20, kDirectionFull = 90, kWeightDirection = 0.7; ///< degrees
inline constexpr double kWarmthFrom = 60, kWarmthFull = 200, kWeightWarmth = 0.4; ///< mired
inline constexpr double kDarksUnderFrom = 10, kDarksOverFrom = 16, kDarksFull = 34, kWeightDarks = 0.5; ///< L*
inline constexpr double kContactFrom = 0.88, kWeightContact = 0.4; ///< ground under the foot to ground beside it
inline constexpr double kHaloFrom = 10, kHaloFull = 30, kWeightHalo = 0.4; ///< ΔE00
inline constexpr double kSticker = 0.45; ///< from here on it is spoken of

/// What makes an element look pasted in, each 0…1 with its figure in words.
struct Cause {
    CauseKind kind = CauseKind::Direction;
    std::string what; ///< "light comes 74° from where it should"
    double weight = 0; ///< 0…1
};

/// A family of colours on the form, for mixing: sRGB of the median in CIELAB, and its share.
struct Family {
    Rgb8 colour;
    double L = 0, a = 0, b = 0;
    double share = 0; ///< of the element, 0…1
};

struct AuditRow {
    int element = 0;
    LightTold photographed, planned, now;
    double sticker = 0; ///< 0…1: how much it looks pasted in
    std::vector<Cause> causes; ///< worst first
    std::vector<Family> light, shade; ///< up to four each, lightest first
    double warmerBy = 0; ///< b* by which its lights are warmer than its shades; negative = cooler
    double reached = 1; ///< share of the lamps' light that no shadow keeps from it, 0…1; 1 without lamps
    double lightest = -1; ///< L* over which 2 % of it lie; negative = unknown
    double cardL = -1; ///< L* of a white card (0.9) in the strongest light that falls on it; negative = unknown
    bool sideTold = false; ///< where its own light came from could be told, and is held against the plan
    double overStops
        = 0; ///< by which a white card is brighter than paper can show, where a fifth of it is lit so; 0 = it is not
    double overShare = 0; ///< of it that is lit brighter than that, 0…1
    int overBy = -1; ///< the lamp that gives most of it: a lantern's id, 0 = the sun, -1 = none
};

/// Every element that is seen, in the order of the project. Measures photographs and the lit picture: seconds, not for
/// the interface thread. \param only this element, 0 = all \param frame, picture of the same project \return what was
/// done when cancelled. Sticker: 1 - Π (1 - weight) over the
/// causes, weighed by the constants above.
std::vector<AuditRow> lightAudit(const Project& project, std::shared_ptr<const stage::StageFrame> frame,
    const light::Picture& picture, stage::SurfaceCache& cache, Progress& progress, int only = 0);

/// Warms or cools a thing towards its lamps. \param more × of what is reckoned to do
Fix warmthFix(const AuditRow& row, double more);

/// What of it is worth saying: stickers; warmth, level and softness that disagree with the plan; warm light in full
/// shade; lit brighter than any lamp can give; edges without spill; distant things darker than near ones. One fact is
/// said once: a sticker speaks only of causes that no other finding has named.
Findings auditFindings(const Project& project, const std::vector<AuditRow>& rows, stage::SurfaceCache& cache);

} // namespace rl::review
