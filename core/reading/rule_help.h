#pragma once
#include "core/reading/read_rules.h"

namespace rl::reading {

/// What the rules of reading look at.
struct RuleView {
    const Project& project;
    const light::Picture& picture;
    const Reading& reading;
    std::map<int, Rect> bounds; ///< cm, of every element seen
    RuleView(const Project& p, const light::Picture& pic, const Reading& r);
    Rect boundsOf(int element) const;
    std::string name(int element) const; ///< in quotes
    /// cm round a place in px. \param half cm to each side
    Rect around(Vec2 px, double half) const
    {
        const double k = picture.pixelsPerCm;
        return {px.x / k - half, px.y / k - half, 2 * half, 2 * half};
    }
    Rect whole() const { return {0, 0, project.brief.widthCm, project.brief.heightCm}; }
};

const char* wordOf(EdgeKind kind); ///< "lost", "soft", "firm", "hard"
const char* wordOf(EdgeWish wish);

void edgeFindings(const RuleView& view, Findings& out);
void meltFindings(const RuleView& view, Findings& out);
void tangentFindings(const RuleView& view, Findings& out);
/// The whole picture brighter or darker.
Fix keyFix(double stops);
Fix darksFix(double more); ///< near darks deeper by that much of Air::darks
/// A thing moved in from the edge it pulls the gaze off; nothing where it has room, or is locked. \param more × the
/// move
std::optional<Fix> edgeMove(const RuleView& view, int element, double more);
/// Moves that should part two outlines, the least first; what is locked is not moved.
std::vector<Fix> tangentMoves(const RuleView& view, const Tangent& tangent);
void silhouetteFindings(const RuleView& view, Findings& out);
void valueFindings(const RuleView& view, Findings& out);
void colourFindings(const RuleView& view, Findings& out);
void placeFindings(const RuleView& view, Findings& out);

} // namespace rl::reading
