#pragma once
#include "core/base/progress.h"
#include "core/base/words.h"
#include "core/light/relight.h"
#include <array>
#include <map>
#include <memory>

namespace rl::reading {

/// How the canvas is looked at.
struct Viewing {
    double canvasWidthCm = 60, canvasHeightCm = 40, distanceCm = 200;
};

/// What pull is made of: the five contrasts, then what lifts or damps them.
inline constexpr int kPullParts = 9;
inline constexpr const char* kPullNames[kPullParts] = {translatable("value"), translatable("colour"),
    translatable("orientation"), translatable("detail"), translatable("sharpness"), translatable("size"),
    translatable("isolation"), translatable("position"), translatable("convergence")};
using PullParts = std::array<double, kPullParts>;

/// A place of the backdrop that draws as an element would.
struct StrongPlace {
    Rect at; ///< px in the id map
    double share = 0; ///< of the pull of all elements and this place; without elements, of all places; 0…1
    double dL = 0; ///< L* over (or under) what lies around it
    double dC = 0; ///< C* over what lies around it
    Mask inside; ///< over its box, coarser: 255 where it lies
};

enum Edge { LeftEdge, RightEdge, TopEdge, BottomEdge };

struct Attention {
    std::vector<int> order; ///< element ids, strongest first
    std::map<int, double> share; ///< of the measured pull, sums to 1
    std::string driver; ///< why the strongest is strongest: value, colour, orientation, detail, sharpness, size,
                        ///< isolation, position or convergence
    std::map<int, std::string> drivers; ///< the same for each
    std::map<int, PullParts> parts; ///< ln of its pull over the median other's, split exactly; their sum is the whole
    std::map<int, Vec2> centre; ///< px in the id map, inside the element
    std::vector<int> glances; ///< where the gaze would go first, up to five
    double edgeLeak = 0; ///< pull in the outer band over what an even canvas would have there
    int edgeElement = 0; ///< the element that leaks most, 0 = none does
    double edgeShare = 0; ///< its pull within the band
    std::array<double, 4> leaks{}; ///< the same over each Edge alone, 1 = as an even canvas
    std::array<int, 4> leakCause{}; ///< the element with most of it, 0 = the backdrop
    std::array<Vec2, 5> peaks{}; ///< px: where each of the five contrasts is strongest, over half a degree
    std::array<int, 5> peakIn{}; ///< the element there, 0 = the backdrop
    std::vector<StrongPlace> places; ///< of the backdrop, strongest first, five at most
};

/// Contrast in value, colour, direction, detail and sharpness, normalised divisively over the canvas; rarity against
/// the other elements; size, isolation and place. Gauges contrast only: it knows neither faces nor meaning.
/// \param picture linear light \param ids same size, 0 = ground and sky
/// Centre-surround contrast with divisive normalisation after Itti & Koch (2000) and Carandini & Heeger (2012), weights
/// from this project's own made examples, not from gaze recordings.
/// \param places whether strong places of the backdrop are looked for as well
/// \param longSide px at which it is measured; 384 is exact, fewer are quicker and lose fine patterns
Attention attention(
    const LinearPicture& picture, const IdMap& ids, const Viewing& viewing, int longSide = 384, bool places = false);

/// Outlines of which pictures are read again and again, only their colours changing: what depends on the outlines alone
/// is worked out once. Cheap to copy; may be read from several threads.
class Layout {
public:
    Layout(const IdMap& ids, const Viewing& viewing, int longSide = 384);
    /// As attention(); empty when the picture has not the size of the ids.
    Attention read(const LinearPicture& picture, bool places = false) const;
    /// Order and shares alone, in a fraction of the time.
    Attention order(const LinearPicture& picture) const;

private:
    struct Shapes;
    std::shared_ptr<const Shapes> m_shapes;
};

/// Ids by majority of area; every element keeps at least one pixel.
IdMap smallIds(const IdMap& ids, int width, int height);

} // namespace rl::reading
