#pragma once
#include "core/reading/attention.h"
#include "core/reading/balance.h"
#include "core/reading/clues.h"
#include "core/reading/colours.h"
#include "core/reading/faces.h"
#include "core/reading/shapes.h"
#include "core/reading/silhouette.h"
#include "core/reading/tangents.h"
#include "core/reading/values.h"

namespace rl::reading {

/// How a stretch of contour is meant and what it is.
struct EdgeHeld {
    int element = 0;
    PlannedEdge wish;
    double kept = 0; ///< share of the stretch that is as meant, 0…1
    EdgeKind mostly = EdgeKind::Firm;
    double widthPx = 0, line = 0; ///< medians over it: px, L* of a line
    Vec2 at; ///< px, its middle
};
std::vector<EdgeHeld> plannedEdges(const Project& project, const std::vector<Silhouette>& shapes);

/// Everything read off one lit picture.
struct Reading {
    Attention attention;
    std::map<int, double> meant; ///< shares with meaning and faces taken in
    std::vector<Rect> faces; ///< px
    std::vector<Silhouette> silhouettes;
    std::vector<Tangent> tangents;
    std::vector<ThumbShape> thumbs;
    std::vector<Repeat> repeats;
    std::vector<Merged> merged;
    Skyline skyline;
    std::vector<EdgeHeld> edges;
    std::vector<ClueSeen> clues;
    std::vector<ValueStep> steps;
    ValuePlan values;
    ColourPlan colours;
    Balance balance;
    double darkest = 0, lightest = 100; ///< L* of the 1 % and 99 % points
};
/// \param frame what the picture was lit from: tells what is hidden and how far things stand; null: neither is told
/// \param progress when it is given up, what is not begun is left out; null: never
Reading read(const Project& project, const light::Picture& picture, int steps = 3,
    const stage::StageFrame* frame = nullptr, const Progress* progress = nullptr);

/// Reads one picture after another and keeps what a change leaves as it was: while the outlines stand, all that is told
/// of outlines alone, and the contours that nothing has changed near to. What it says is what read() says.
class Reader {
public:
    Reading read(const Project& project, const light::Picture& picture, int steps = 3,
        const stage::StageFrame* frame = nullptr, const Progress* progress = nullptr);

private:
    struct Kept;
    std::shared_ptr<const Kept> m_kept;
};

/// L* that a dry film holds, darkest to lightest; usual figures, the painter's own paints are measured at Mix.
struct MediumRange {
    double darkest = 14, lightest = 96;
};
MediumRange rangeOf(const std::string& medium);

/// Measured order against the intended one, melting contours, tangents, pull at the edge, range of values.
Findings readFindings(const Project& project, const light::Picture& picture, const Reading& reading);
/// Share of a contour that is lost without being meant to: stretches planned as lost are left out.
double lostUnmeant(const Element& element, const Silhouette& silhouette);
/// A picture with fewer pixels: means over areas; ids of the middles. \param k ≤ 1, of its width
light::Picture smaller(const light::Picture& picture, double k);
/// As outlines and attention are read from it.
light::Picture smallerForReading(const light::Picture& picture);
/// Ids alone, as small as outlines are told from.
light::Picture smallerIds(const light::Picture& picture);
/// Of those only the patches of the backdrop that draw as an element would, in a fraction of the time.
Findings strongPlaces(const Project& project, const light::Picture& picture);

/// Share of attention of each cast member (several elements, and a place of the backdrop, may show one), and the rest
/// under 0.
std::map<int, double> castShares(const Project& project, const Attention& attention, double pixelsPerCm);
/// The cast member that a place of the backdrop shows by the painter's word; null: none.
const CastMember* shownBy(const Project& project, Vec2 cm);

} // namespace rl::reading
